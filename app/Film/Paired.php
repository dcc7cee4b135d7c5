<?php

namespace App\Film;

use App\Models\Snap;
use App\Models\StaffWords;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Jacotaxis\Core\Grade\Numbers\Pairs;
use Jacotaxis\Core\Grade\Numbers\SnapRow;
use Jacotaxis\Core\Proof\Telling\Jobs\CalledJobs;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\NotUnderstood;
use stdClass;

/** What stands side by side of any snaps with film (FLM-12). */
final class Paired
{
    /** Grades looked at, the newest. */
    private const GRADES = 3000;

    /**
     * @param  Builder<Snap>  $snaps
     * @return list<array{kind: string, what: string, a: string, b: string, why: string}>
     */
    public static function of(Builder $snaps): array
    {
        $rows = Season::rows($snaps->whereHas('clips', fn (Builder $q) => $q->where('status', 'ready')));

        return Pairs::of(
            $rows,
            self::grades(array_map(fn (SnapRow $s): string => $s->id, $rows)),
            self::jobs(array_unique(array_filter(
                array_map(fn (SnapRow $s): ?string => $s->call, $rows),
                fn (?string $call): bool => $call !== null,
            ))),
        );
    }

    /**
     * @param  list<string>  $snaps
     * @return list<array{snap: string, player: string, name: string, asked: string, mark: int, reel: string, day: int}>
     */
    private static function grades(array $snaps): array
    {
        $on = array_flip($snaps);
        $grades = DB::table('grades')
            ->join('snaps', 'snaps.id', '=', 'grades.snap_id')
            ->join('reels', 'reels.id', '=', 'snaps.reel_id')
            ->join('players', 'players.id', '=', 'grades.player_id')
            ->where('grades.counts', true)
            ->orderByDesc('reels.played_on')
            ->orderByDesc('snaps.place')
            ->limit(self::GRADES)
            ->get([
                'grades.snap_id',
                'grades.player_id',
                'players.name',
                'grades.asked',
                'grades.mark',
                'reels.title',
                'reels.played_on',
            ]);

        return array_values($grades->reverse()->filter(fn (stdClass $g): bool => isset($on[$g->snap_id]))
            ->map(fn (stdClass $g): array => ['snap' => $g->snap_id, 'player' => $g->player_id, 'name' => $g->name,
                'asked' => $g->asked, 'mark' => (int) $g->mark, 'reel' => $g->title,
                'day' => Graded::day($g->played_on)])->all());
    }

    /**
     * @param  array<string>  $calls
     * @return array<string, array<string, string>> by call; one that is not understood is left out
     */
    private static function jobs(array $calls): array
    {
        $staff = StaffWords::current();
        $jobs = [];
        foreach ($calls as $call) {
            $his = Cache::remember('jobs '.sha1("$call|{$staff->version}"), 3600, function () use (
                $call,
                $staff,
            ): array {
                try {
                    return CalledJobs::of(CallParser::parse($call, null, $staff->book()));
                } catch (NotUnderstood) {
                    return [];
                }
            });
            if ($his !== []) {
                $jobs[$call] = $his;
            }
        }

        return $jobs;
    }
}
