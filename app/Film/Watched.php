<?php

namespace App\Film;

use App\Models\Call;
use App\Models\Reel;
use App\Models\Snap;
use App\Models\StaffTrigger;
use App\Models\StaffWords;
use App\Models\TriggerAnswer;
use Illuminate\Database\Eloquent\Collection;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Plan\Trigger\Watch;
use Jacotaxis\Core\Plan\Trigger\WatchedSnap;
use Jacotaxis\Core\Words\Description;

/** The triggers of one game, with what the staff answered and the saved calls they lead to. */
final class Watched
{
    /**
     * @return array{prompts: list<array<string, mixed>>, runs: list<array<string, mixed>>, floor: float}
     */
    public static function of(Reel $reel): array
    {
        $snaps = self::snaps($reel);
        $floor = (float) StaffWords::current()->book()->schools->value('run-floor');
        $answers = [];
        foreach (TriggerAnswer::query()->where('reel_id', $reel->id)->get() as $answer) {
            $answers[$answer->trigger.'|'.$answer->picture] = $answer->answer;
        }
        $wrong = array_count_values(
            TriggerAnswer::query()->where('answer', 'wrong')->pluck('trigger')->map(strval(...))->all(),
        );
        $seen = Watch::of($snaps, StaffTrigger::triggers());
        // Describing a whole book is slow: nobody asks for it where nothing was seen.
        $calls = $seen === [] ? [] : self::calls();
        $prompts = array_map(fn (array $p): array => [
            ...$p,
            'answer' => $answers[$p['trigger'].'|'.$p['picture']] ?? null,
            'wrong' => $wrong[$p['trigger']] ?? 0,
            'calls' => self::leadingTo($p['then'], $calls),
        ], $seen);

        return ['prompts' => $prompts, 'runs' => Watch::runs($snaps, $floor), 'floor' => $floor];
    }

    /** @return list<WatchedSnap> */
    private static function snaps(Reel $reel): array
    {
        /** @var Collection<int, Snap> $snaps */
        $snaps = $reel->snaps()->where('nullified', false)->orderBy('place')->get(
            ['id', 'document', 'family', 'formation', 'motion', 'run', 'gain_yd', 'box', 'defender', 'choice'],
        );

        return array_values($snaps->map(function (Snap $s): WatchedSnap {
            $chart = Chart::read($s->document['chart'] ?? [], $s->document['situation'] ?? []);

            return (new WatchedSnap(
                $s->id,
                $s->family,
                $s->formation,
                $s->motion,
                (bool) $s->run,
                $s->gain_yd === null ? null : (float) $s->gain_yd,
                $chart->box ?? $s->box,
                $chart->acts,
            ))->choosing($s->defender, $s->choice);
        })->all());
    }

    /** @return list<array{id: string, name: string, family: string|null}> saved calls by what family they are */
    private static function calls(): array
    {
        $calls = [];
        foreach (Call::query()->orderBy('name')->get(['id', 'name', 'document']) as $call) {
            $calls[] = ['id' => (string) $call->id, 'name' => (string) $call->name,
                'family' => Description::of(CallDocument::read($call->document))['family']];
        }

        return $calls;
    }

    /**
     * @param  list<string>  $families
     * @param  list<array{id: string, name: string, family: string|null}>  $calls
     * @return list<array{id: string, name: string}>
     */
    private static function leadingTo(array $families, array $calls): array
    {
        $found = [];
        foreach ($families as $family) {
            foreach ($calls as $call) {
                if ($call['family'] === $family || str_contains(mb_strtolower($call['name']), $family)) {
                    $found[$call['id']] = ['id' => $call['id'], 'name' => $call['name']];
                }
            }
        }

        return array_values($found);
    }
}
