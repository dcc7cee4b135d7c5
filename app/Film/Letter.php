<?php

namespace App\Film;

use App\Models\Player;
use App\Models\StaffWords;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Jacotaxis\Core\Grade\Interval;
use Jacotaxis\Core\Grade\Library\Library;
use Jacotaxis\Core\Grade\Repeats;
use Jacotaxis\Core\Grade\Trend;
use stdClass;

/** What a man's page says about him over the season: his weeks, his faults, what repeats, the three snaps to watch. */
final class Letter
{
    /** Clips a letter names. */
    private const WATCH = 3;

    /** Plays of others a letter names. */
    private const LED = 12;

    /** @return array<string, mixed> */
    public static function of(Player $player, StaffWords $staff): array
    {
        $rows = Graded::rows($player->id);
        $keys = $staff->faultKeys();
        $faults = $asked = [];
        foreach ($rows as $g) {
            foreach ($g['faults'] as $f) {
                $faults[$f][] = $g['snap'];
            }
            $a = $asked[$g['asked']] ?? ['plus' => 0, 'judged' => 0, 'ids' => []];
            $asked[$g['asked']] = ['plus' => $a['plus'] + (int) ($g['mark'] > 0),
                'judged' => $a['judged'] + (int) ($g['mark'] !== 0), 'ids' => [...$a['ids'], $g['snap']]];
        }
        uasort($faults, fn (array $a, array $b): int => count($b) <=> count($a));
        uasort($asked, fn (array $a, array $b): int => $b['judged'] <=> $a['judged']);
        $repeats = Repeats::of(Repeats::placed(array_map(fn (array $g): array => ['man' => $g['man'],
            'day' => $g['day'], 'faults' => $g['faults'], 'id' => $g['snap']], $rows)), Graded::today(),
            StaffWords::current()->book()->schools);

        return [
            'trend' => Trend::of($rows, $staff->theScale(), $staff->winning), 'scale' => $staff->theScale()->words(),
            'winning' => $staff->winning,
            'faults' => array_map(fn (string $f, array $ids): array => ['id' => $f, 'label' => $keys->label($f),
                'times' => count($ids), 'praise' => Library::entry($f)['praise'],
                'wanted' => Library::entry($f)['wanted'], 'drill' => Library::entry($f)['drill'], 'ids' => $ids],
                array_keys($faults), $faults),
            'byAssignment' => array_slice(array_map(fn (string $a, array $n): array => ['asked' => $a,
                'interval' => Interval::of($n['plus'], $n['judged'])->toArray(), 'ids' => $n['ids']],
                array_keys($asked), $asked), 0, 12),
            'repeats' => array_map(fn (array $r): array => $r + ['label' => $keys->label($r['fault'])], $repeats),
            'labels' => (object) array_combine($ids = Library::ids(), array_map($keys->label(...), $ids)),
            'watch' => self::watch(self::filmed($rows), $repeats), 'led' => self::led($player),
        ];
    }

    /**
     * What he did that made or cost another man the play, newest first (GRD-09). What the other was graded stays with
     * him.
     *
     * @return list<array{snap: string, number: int, reel: string, title: string, for: string, helped: bool,
     *     does: string}>
     */
    private static function led(Player $player): array
    {
        $own = fn (Builder $q) => $q
            ->from('grades as own')
            ->whereColumn('own.snap_id', 'grades.snap_id')
            ->whereColumn('own.man', 'grades.caused_by');
        $led = DB::table('grades')
            ->join('snaps', 'snaps.id', '=', 'grades.snap_id')
            ->join('reels', 'reels.id', '=', 'snaps.reel_id')
            ->where('grades.caused_by', $player->letter)
            ->where('grades.mark', '<>', 0)
            ->where(
                fn (Builder $q) => $player->depth === 1
                    ? $q
                        ->whereExists(fn (Builder $e) => $own($e)->where('own.player_id', $player->id))
                        ->orWhereNotExists($own)
                    : $q->whereExists(fn (Builder $e) => $own($e)->where('own.player_id', $player->id)),
            )
            ->orderByDesc('reels.played_on')
            ->orderByDesc('snaps.place')
            ->limit(self::LED)
            ->get([
                'snaps.id',
                'snaps.number',
                'snaps.place',
                'reels.id as reel',
                'reels.title',
                'grades.man',
                'grades.mark',
            ]);

        return array_values($led->map(fn (stdClass $g): array => [
            'snap' => $g->id, 'number' => (int) ($g->number ?? $g->place),
            'reel' => $g->reel, 'title' => $g->title, 'for' => $g->man, 'helped' => $g->mark > 0, 'does' => $g->mark > 0
            ? "what you did made it for {$g->man}" : "what you did cost {$g->man} the play"])->all());
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @return list<array<string, mixed>>
     */
    private static function filmed(array $rows): array
    {
        $filmed = DB::table('clips')->where('status', 'ready')->whereNotNull('snap_id')->pluck('snap_id')->flip();

        return array_values(array_filter($rows, fn (array $g): bool => $filmed->has($g['snap'])));
    }

    /**
     * The filmed snaps to watch: the newest of what repeats, the newest other minus, then the newest he may be proud
     * of.
     *
     * @param  list<array<string, mixed>>  $rows
     * @param  list<array{ids: list<string>, state: string, text: string}>  $repeats
     * @return list<array{snap: string, why: string}>
     */
    private static function watch(array $rows, array $repeats): array
    {
        $watch = [];
        $add = function (?string $snap, string $why) use (&$watch): void {
            if ($snap !== null && ! in_array($snap, array_column($watch, 'snap'), true)
                && count($watch) < self::WATCH) {
                $watch[] = ['snap' => $snap, 'why' => $why];
            }
        };
        $newest = fn (callable $is): ?string => (array_values(array_filter(array_reverse($rows), $is))[0] ?? null)[
            'snap'
        ] ?? null;
        $filmed = array_column($rows, 'snap');
        foreach (array_filter($repeats, fn (array $r): bool => $r['state'] !== 'fixed') as $r) {
            $ids = array_values(array_intersect($r['ids'], $filmed));
            $add(end($ids) ?: null, $r['text']);
        }
        $add($newest(fn (array $g): bool => $g['mark'] < 0), 'to do better');
        $add(
            $newest(
                fn (array $g): bool => $g['impact'] ||
                    array_filter($g['faults'], fn (string $f): bool => str_starts_with($f, 'PRS')) !== [],
            ),
            'to be proud of',
        );
        $add($newest(fn (array $g): bool => $g['mark'] > 0), 'done right');

        return $watch;
    }
}
