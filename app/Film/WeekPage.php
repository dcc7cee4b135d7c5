<?php

namespace App\Film;

use App\Models\Player;
use App\Models\StaffWords;
use Illuminate\Support\Facades\DB;
use Jacotaxis\Core\Grade\Interval;
use Jacotaxis\Core\Grade\Library\FaultKeys;
use Jacotaxis\Core\Grade\Library\Library;
use Jacotaxis\Core\Grade\Repeats;

/** What the page of a week shows: the men's points, the groups' faults, and what came again. */
final class WeekPage
{
    /** Days looked back for what came again; the window itself is Repeats::DAYS. */
    private const LOOKED_DAYS = 28;

    /**
     * @param  list<array<string, mixed>>  $rows
     * @return list<array<string, mixed>>
     */
    public static function men(array $rows, StaffWords $staff): array
    {
        $keys = $staff->faultKeys();
        $players = Player::query()->get(['id', 'name', 'letter', 'number'])->keyBy('id');
        $men = [];
        foreach ($rows as $g) {
            [$earned, $possible] = $staff->theScale()->points($g['marks'], $g['mark']);
            $m = $men[$g['player']] ??= ['snaps' => 0, 'plus' => 0, 'minus' => 0, 'earned' => 0.0, 'possible' => 0.0, 'weighted' => 0.0, 'weight' => 0.0, 'bustIds' => [], 'impactIds' => [], 'faults' => [], 'ids' => []];
            foreach ($g['faults'] as $f) {
                $m['faults'][$f] = ($m['faults'][$f] ?? 0) + 1;
            }
            $men[$g['player']] = ['snaps' => $m['snaps'] + 1, 'plus' => $m['plus'] + (int) ($g['mark'] > 0), 'minus' => $m['minus'] + (int) ($g['mark'] < 0), 'earned' => $m['earned'] + $earned, 'possible' => $m['possible'] + $possible,
                'weighted' => $m['weighted'] + $g['weight'] * $earned, 'weight' => $m['weight'] + $g['weight'] * $possible, 'bustIds' => [...$m['bustIds'], ...($g['bust'] ? [$g['snap']] : [])], 'impactIds' => [...$m['impactIds'], ...($g['impact'] ? [$g['snap']] : [])], 'ids' => [...$m['ids'], $g['snap']]] + $m;
        }
        $out = [];
        foreach ($men as $id => $m) {
            arsort($m['faults']);
            $percent = fn (float $a, float $b): ?float => $b > 0.0 ? round(100.0 * $a / $b, 1) : null;
            $out[] = ['id' => $id, 'name' => $players[$id]->name, 'letter' => $players[$id]->letter, 'number' => $players[$id]->number, 'percent' => $percent($m['earned'], $m['possible']), 'weightedPercent' => $percent($m['weighted'], $m['weight']),
                'won' => $m['possible'] > 0.0 ? $staff->winning <= $m['earned'] / $m['possible'] : null, 'interval' => Interval::of($m['plus'], $m['plus'] + $m['minus'])->toArray(),
                'faults' => array_map(fn (string $f, int $n): array => ['id' => $f, 'label' => $keys->label($f), 'times' => $n, 'praise' => str_starts_with($f, 'PRS')], array_keys($m['faults']), $m['faults'])] + array_diff_key($m, ['faults' => 1]);
        }
        usort($out, fn (array $a, array $b): int => $a['number'] <=> $b['number']);

        return $out;
    }

    /** @param  list<array<string, mixed>>  $rows @return list<array<string, mixed>> */
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
            $out[] = ['group' => $group, 'faults' => array_map(fn (string $f, array $ids): array => ['id' => $f, 'label' => $keys->label($f), 'times' => count($ids), 'drill' => Library::entry($f)['drill'], 'ids' => $ids], array_keys($faults), $faults)];
        }

        return $out;
    }

    /** @return list<array<string, mixed>> */
    public static function repeats(FaultKeys $keys): array
    {
        $since = now()->createFromTimestamp((Graded::today() - self::LOOKED_DAYS) * 86400)->toDateString();
        $snaps = DB::table('snaps')->join('reels', 'reels.id', '=', 'snaps.reel_id')->where('reels.played_on', '>', $since)->orderBy('reels.played_on')->orderBy('snaps.place')->pluck('reels.played_on', 'snaps.id')->all();
        $bySnap = [];
        foreach (DB::table('grades')->whereIn('snap_id', DB::table('snaps')->whereIn('reel_id', DB::table('reels')->where('played_on', '>', $since)->select('id'))->select('id'))->get(['player_id', 'snap_id', 'faults']) as $g) {
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
                    $grades[] = ['man' => $names[$g->player_id], 'player' => $g->player_id, 'day' => Graded::day($day), 'faults' => json_decode($g->faults, true), 'id' => $id, 'n' => $n[$g->player_id], 'of' => 0];
                }
            }
        }
        $grades = array_map(fn (array $g): array => ['of' => $n[$g['player']] + 1] + $g, $grades);

        return array_map(fn (array $r): array => $r + ['label' => $keys->label($r['fault']), 'drill' => Library::entry($r['fault'])['drill'], 'letter' => $letters[$r['man']] ?? null], Repeats::of($grades, Graded::today()));
    }
}
