<?php

namespace Database\Seeders;

use App\Models\Practice;
use App\Practice\DrillWork;
use App\Practice\FilledScript;
use Carbon\CarbonImmutable;
use Jacotaxis\Core\Practice\RunDay;

/**
 * Two practices of this week against the demo's opponent, their scripts and drills filled by the product; and the one
 * that is on the demo's film, with the drills that were given in it.
 */
class DemoPractice
{
    private const OPPONENT = 'Granite Pass';

    /** Kind, minutes, contact, emphasis, plays. */
    private const PERIODS = [
        ['individual', 12, false, 'first step of the week\'s runs', 0],
        ['group', 12, false, 'combinations and the climb', 0],
        ['inside run', 12, true, 'hats on their backers', 8],
        ['seven on seven', 16, false, 'the read on the corner', 10],
        ['team', 20, true, 'tempo, the ball on the hash', 12],
        ['walk-through', 8, false, 'their pressures', 6],
    ];

    /** The day of the practice on film, and its drills. */
    private const FILMED = ['2026-09-15', ['combination', 'zone steps', 'triangle', 'read reps']];

    public function run(): void
    {
        [$day, $drills] = self::FILMED;
        Practice::query()->create(['held_on' => $day, 'title' => 'First steps', 'opponent' => self::OPPONENT,
            'periods' => [['kind' => 'individual', 'minutes' => 20, 'contact' => false, 'where' => '',
                'emphasis' => 'hip, then climb', 'script' => [], 'drills' => $drills]]]);
        $tuesday = CarbonImmutable::now()->startOfWeek()->addDay();
        foreach ([$tuesday, $tuesday->addDay()] as $day) {
            $practice = Practice::query()->create([
                'held_on' => $day->format('Y-m-d'),
                'title' => $day->equalTo($tuesday) ? 'First scripts' : 'Their pressures',
                'opponent' => self::OPPONENT,
                'runs' => RunDay::usual($day),
                'periods' => array_map(fn (array $p): array => ['kind' => $p[0], 'minutes' => $p[1],
                    'contact' => $p[2], 'where' => '', 'emphasis' => $p[3], 'script' => [], 'drills' => []],
                    self::PERIODS),
            ]);
            foreach (self::PERIODS as $n => [, , , , $plays]) {
                $periods = $practice->periods;
                $periods[$n]['script'] = $plays === 0 ? [] : FilledScript::rows($practice, $n, $plays);
                $practice->update(['periods' => array_values($periods)]);
            }
            $periods = $practice->periods;
            $periods[0]['drills'] = (new DrillWork($practice))->fitting()[0];
            $practice->update(['periods' => $periods]);
        }
    }
}
