<?php

namespace App\Http\Controllers\Film;

use App\Film\Graded;
use App\Http\Controllers\Controller;
use App\Models\Player;
use App\Models\Reel;
use App\Models\Snap;
use App\Models\StaffWords;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Jacotaxis\Core\Grade\Interval;
use Jacotaxis\Core\Grade\Library\FaultKeys;
use Jacotaxis\Core\Grade\Library\Library;
use Jacotaxis\Core\Grade\Repeats;
use Jacotaxis\Core\Grade\Scale;
use Jacotaxis\Core\Grade\TeachingReel;

/** The staff's pages of grades: a week man by man, faults by group, what repeats, the reel that teaches a rule. */
class GradesController extends Controller
{
    /** Days looked back for what came again; the window itself is Repeats::DAYS. */
    private const LOOKED_DAYS = 35;

    /** A week: every man's points, his flags and what to rep; the groups' faults; what came again. */
    public function week(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);
        $weeks = Reel::query()->whereHas('snaps.grades')->distinct()->orderBy('week')->pluck('week')->all();
        $week = $request->integer('week', (int) (end($weeks) ?: 0));
        $staff = StaffWords::current();
        $rows = Graded::rows(week: $week);

        return new JsonResponse(['week' => $week, 'weeks' => $weeks, 'scale' => $staff->scale, 'scales' => array_combine(array_column(Scale::cases(), 'value'), array_map(fn (Scale $s): string => $s->words(), Scale::cases())), 'winning' => $staff->winning,
            'men' => $this->men($rows, $staff), 'groups' => $this->groups($rows, $staff->faultKeys()), 'repeats' => $this->repeats($staff->faultKeys())]);
    }

    /** What came again, for whoever is graded just now. */
    public function again(): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);

        return new JsonResponse(['repeats' => $this->repeats(StaffWords::current()->faultKeys())]);
    }

    /** The week as a table (RFC 4180). */
    public function csv(Request $request): Response
    {
        $this->authorize('viewAny', Reel::class);
        $staff = StaffWords::current();
        $out = fopen('php://temp', 'w+b');
        fputcsv($out, ['Player', 'Letter', 'Snaps', 'Plus', 'Minus', 'Points', 'Possible', 'Percent', 'Weighted percent', 'Mental errors', 'Plus plays', 'Faults'], escape: '', eol: "\r\n");
        foreach ($this->men(Graded::rows(week: $request->integer('week')), $staff) as $m) {
            fputcsv($out, [$m['name'], $m['letter'], $m['snaps'], $m['plus'], $m['minus'], $m['earned'], $m['possible'], $m['percent'], $m['weightedPercent'], $m['busts'], $m['impacts'], implode('; ', array_map(fn (array $f): string => "{$f['label']} {$f['times']}", $m['faults']))], escape: '', eol: "\r\n");
        }
        rewind($out);

        return response((string) stream_get_contents($out), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="week-'.$request->integer('week').'.csv"']);
    }

    /** The reel that teaches one rule: how it is done, how it went wrong, how it went in a game. */
    public function teach(string $fault): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);
        abort_unless(Library::has($fault), 404);
        $rows = Graded::filmed($fault);
        $names = Player::query()->pluck('name', 'id')->all();
        /** @var Collection<string, Snap> $snaps */
        $snaps = Snap::query()->with(['reel:id,title,week,kind', 'clips:id,snap_id,angle,from_s,to_s'])->findMany(array_column($rows, 'snap'), ['id', 'reel_id', 'number', 'place', 'call', 'down', 'to_go_yd', 'snap_s'])->keyBy('id');
        $bySnap = [];
        foreach ($rows as $row) {
            $bySnap[$row['id']] = $row;
        }
        $reel = array_map(function (array $part) use ($bySnap, $snaps, $names): array {
            $snap = $snaps[$bySnap[$part['id']]['snap']];

            return $part + ['asked' => $bySnap[$part['id']]['asked'], 'done' => $bySnap[$part['id']]['done'], 'player' => $names[$bySnap[$part['id']]['player']] ?? null, 'snap' => ['snapAt' => $snap->snap_s ?? 0.0] + $snap->toArray()];
        }, TeachingReel::of($fault, $rows));
        $keys = StaffWords::current()->faultKeys();

        return new JsonResponse(['rule' => ['label' => $keys->label($fault)] + Library::entry($fault), 'parts' => $reel]);
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @return list<array<string, mixed>>
     */
    private function men(array $rows, StaffWords $staff): array
    {
        $keys = $staff->faultKeys();
        $players = Player::query()->get(['id', 'name', 'letter', 'number'])->keyBy('id');
        $men = [];
        foreach ($rows as $g) {
            [$earned, $possible] = $staff->theScale()->points($g['marks'], $g['mark']);
            $m = $men[$g['player']] ??= ['snaps' => 0, 'plus' => 0, 'minus' => 0, 'earned' => 0.0, 'possible' => 0.0, 'weighted' => 0.0, 'weight' => 0.0, 'busts' => 0, 'impacts' => 0, 'faults' => [], 'ids' => []];
            foreach ($g['faults'] as $f) {
                $m['faults'][$f] = ($m['faults'][$f] ?? 0) + 1;
            }
            $men[$g['player']] = ['snaps' => $m['snaps'] + 1, 'plus' => $m['plus'] + (int) ($g['mark'] > 0), 'minus' => $m['minus'] + (int) ($g['mark'] < 0), 'earned' => $m['earned'] + $earned, 'possible' => $m['possible'] + $possible,
                'weighted' => $m['weighted'] + $g['weight'] * $earned, 'weight' => $m['weight'] + $g['weight'] * $possible, 'busts' => $m['busts'] + (int) $g['bust'], 'impacts' => $m['impacts'] + (int) $g['impact'], 'ids' => [...$m['ids'], $g['snap']]] + $m;
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
    private function groups(array $rows, FaultKeys $keys): array
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
    private function repeats(FaultKeys $keys): array
    {
        $rows = DB::table('grades')->join('snaps', 'snaps.id', '=', 'grades.snap_id')->join('reels', 'reels.id', '=', 'snaps.reel_id')->join('players', 'players.id', '=', 'grades.player_id')->orderBy('reels.played_on')->orderBy('snaps.place')
            ->whereIn('grades.player_id', DB::table('grades')->where('faults', '!=', '[]')->select('player_id'))->where('reels.played_on', '>', now()->createFromTimestamp((Graded::today() - self::LOOKED_DAYS) * 86400)->toDateString())
            ->get(['grades.snap_id', 'grades.faults', 'players.name', 'reels.played_on']);
        $letters = Player::query()->pluck('letter', 'name')->all();
        $days = [];
        $grades = $rows->map(function (object $g) use (&$days): array {
            return ['man' => $g->name, 'day' => $days[$g->played_on ?? ''] ??= Graded::day($g->played_on), 'faults' => $g->faults === '[]' ? [] : json_decode($g->faults, true), 'id' => $g->snap_id];
        })->all();

        return array_map(fn (array $r): array => $r + ['label' => $keys->label($r['fault']), 'drill' => Library::entry($r['fault'])['drill'], 'letter' => $letters[$r['man']] ?? null], Repeats::of($grades, Graded::today()));
    }
}
