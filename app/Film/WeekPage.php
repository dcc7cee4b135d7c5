<?php

namespace App\Film;

use App\Models\Player;
use App\Models\StaffWords;
use Illuminate\Support\Facades\DB;
use Jacotaxis\Core\Grade\Cue;
use Jacotaxis\Core\Grade\Library\FaultKeys;
use Jacotaxis\Core\Grade\Library\Library;
use Jacotaxis\Core\Grade\Points;
use Jacotaxis\Core\Grade\Repeats;

/**
 * What the page of a week shows: the men's points, the groups' faults, and what came again.
 *
 * @phpstan-import-type GradedRow from Graded
 *
 * @phpstan-type RepeatRow array{man: string, fault: string, times: int, state: string, text: string,
 *     ids: list<string>, ...}
 */
final class WeekPage
{
    /** Looked back for what came again, in windows of the staff. */
    private const WINDOWS = 2;

    /**
     * @param  list<GradedRow>  $rows
     * @param  list<RepeatRow>  $repeats
     * @return list<array<string, mixed>>
     */
    public static function men(array $rows, StaffWords $staff, array $repeats = []): array
    {
        $keys = $staff->faultKeys();
        $players = Player::query()->get(['id', 'name', 'letter', 'number'])->keyBy('id');
        $byPlayer = [];
        foreach ($rows as $g) {
            $byPlayer[$g['player']][] = $g;
        }
        $out = [];
        foreach ($byPlayer as $id => $his) {
            $points = new Points($staff->theScale());
            foreach ($his as $grade) {
                $points->add($grade);
            }
            $faults = self::times($his);
            arsort($faults);
            $cue = Cue::of(array_map(fn (array $g): array => ['faults' => $g['faults'],
                'correction' => $g['correction']], $his), array_values(array_filter($repeats,
                    fn (array $r): bool => $r['man'] === $players[$id]->name)));
            $flagged = fn (string $flag): array => array_column(
                array_filter($his, fn (array $g): bool => (bool) $g[$flag]),
                'snap',
            );
            $out[] = ['id' => $id, 'name' => $players[$id]->name, 'letter' => $players[$id]->letter,
                'number' => $players[$id]->number, 'bustIds' => $flagged('bust'), 'impactIds' => $flagged('impact'),
                'ids' => array_column($his, 'snap'),
                'cue' => $cue === null ? null : ['label' => $keys->label($cue['fault']),
                    'praise' => Library::entry($cue['fault'])['praise']] + $cue,
                'faults' => self::counted($faults, $keys)] + $points->toArray($staff->winning);
        }
        usort($out, fn (array $a, array $b): int => $a['number'] <=> $b['number']);

        return $out;
    }

    /**
     * @param  list<GradedRow>  $grades
     * @return array<string, int> how often, by fault
     */
    private static function times(array $grades): array
    {
        $times = [];
        foreach ($grades as $grade) {
            foreach ($grade['faults'] as $fault) {
                $times[$fault] = ($times[$fault] ?? 0) + 1;
            }
        }

        return $times;
    }

    /**
     * @param  array<string, int>  $faults  how often, by fault
     * @return list<array{id: string, label: string, times: int, praise: bool}>
     */
    private static function counted(array $faults, FaultKeys $keys): array
    {
        $counted = [];
        foreach ($faults as $fault => $times) {
            $counted[] = ['id' => $fault, 'label' => $keys->label($fault), 'times' => $times,
                'praise' => Library::entry($fault)['praise']];
        }

        return $counted;
    }

    /**
     * @param  list<GradedRow>  $rows
     * @return list<array<string, mixed>>
     */
    public static function groups(array $rows, FaultKeys $keys): array
    {
        $groups = [];
        foreach ($rows as $g) {
            foreach ($g['faults'] as $f) {
                if (! str_starts_with($f, 'PRS')) {
                    $groups[$g['group']][$f][] = $g['snap'];
                }
            }
        }
        $out = [];
        foreach (FaultKeys::GROUPS as $group) {
            $faults = $groups[$group] ?? [];
            uasort($faults, fn (array $a, array $b): int => count($b) <=> count($a));
            $out[] = ['group' => $group, 'faults' => array_map(fn (string $f, array $ids): array => ['id' => $f,
                'label' => $keys->label($f), 'times' => count($ids), 'drill' => Library::entry($f)['drill'],
                'ids' => $ids], array_keys($faults), $faults)];
        }

        return $out;
    }

    /** @return list<RepeatRow> */
    public static function repeats(FaultKeys $keys): array
    {
        $schools = StaffWords::current()->book()->schools;
        $since = now()
            ->createFromTimestamp((Graded::today() - self::WINDOWS * (int) $schools->value('repeat-days')) * 86400)
            ->toDateString();
        $snaps = DB::table('snaps')
            ->join('reels', 'reels.id', '=', 'snaps.reel_id')
            ->where('reels.played_on', '>', $since)
            ->orderBy('reels.played_on')
            ->orderBy('snaps.place')
            ->pluck('reels.played_on', 'snaps.id')
            ->all();
        $bySnap = [];
        foreach (
            DB::table('grades')
                ->where('counts', true)
                ->whereIn(
                    'snap_id',
                    DB::table('snaps')
                        ->whereIn('reel_id', DB::table('reels')->where('played_on', '>', $since)->select('id'))
                        ->select('id'),
                )
                ->get(['player_id', 'snap_id', 'faults']) as $g
        ) {
            $bySnap[$g->snap_id][] = $g;
        }
        $players = Player::query()->get(['id', 'name', 'letter'])->keyBy('id');
        $letters = $players->pluck('letter', 'name')->all();
        $names = $players->pluck('name', 'id')->all();
        $n = [];
        $grades = [];
        foreach ($snaps as $id => $day) {
            foreach ($bySnap[$id] ?? [] as $g) {
                $n[$g->player_id] = ($n[$g->player_id] ?? -1) + 1;
                if ($g->faults !== '[]') {
                    $grades[] = ['man' => $names[$g->player_id], 'player' => $g->player_id, 'day' => Graded::day($day),
                        'faults' => json_decode($g->faults, true), 'id' => $id, 'n' => $n[$g->player_id], 'of' => 0];
                }
            }
        }
        $grades = array_map(fn (array $g): array => ['of' => $n[$g['player']] + 1] + $g, $grades);

        return array_map(fn (array $r): array => $r + ['label' => $keys->label($r['fault']),
            'drill' => Library::entry($r['fault'])['drill'], 'letter' => $letters[$r['man']] ?? null],
            Repeats::of($grades, Graded::today(), $schools));
    }
}
