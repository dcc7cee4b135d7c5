<?php

namespace App\Http\Controllers\Film;

use App\Files\Csv;
use App\Film\Graded;
use App\Film\WeekPage;
use App\Http\Controllers\Controller;
use App\Models\Player;
use App\Models\Reel;
use App\Models\Snap;
use App\Models\StaffWords;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Jacotaxis\Core\Grade\Library\Library;
use Jacotaxis\Core\Grade\Repeats;
use Jacotaxis\Core\Grade\Scale;
use Jacotaxis\Core\Grade\TeachingReel;

/** The staff's pages of grades: a week man by man, faults by group, what repeats, the reel that teaches a rule. */
class GradesController extends Controller
{
    /** A week: every man's points, his flags and what to rep; the groups' faults; what came again. */
    public function week(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);
        $weeks = Reel::query()->whereHas('snaps.grades')->distinct()->orderBy('week')->pluck('week')->all();
        $week = $request->integer('week', (int) (end($weeks) ?: 0));
        $staff = StaffWords::current();
        $rows = Graded::rows(week: $week);
        $repeats = WeekPage::repeats($staff->faultKeys());

        return new JsonResponse(['week' => $week, 'weeks' => $weeks, 'notCountedIds' => Graded::notCounted($week),
            'scale' => $staff->scale, 'scales' => array_combine(array_column(Scale::cases(), 'value'),
                array_map(fn (Scale $s): string => $s->words(), Scale::cases())), 'winning' => $staff->winning,
            'men' => WeekPage::men($rows, $staff, $repeats), 'groups' => WeekPage::groups($rows, $staff->faultKeys()),
            'repeats' => $repeats]);
    }

    /** What came again, for whoever is graded just now. */
    public function again(): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);

        return new JsonResponse(['repeats' => WeekPage::repeats(StaffWords::current()->faultKeys())]);
    }

    /** The week as a table (RFC 4180). */
    public function csv(Request $request): Response
    {
        $this->authorize('viewAny', Reel::class);
        $staff = StaffWords::current();
        $rows = array_map(
            fn (array $m): array => [
                $m['name'],
                $m['letter'],
                $m['snaps'],
                $m['plus'],
                $m['minus'],
                $m['earned'],
                $m['possible'],
                $m['percent'],
                $m['weightedPercent'],
                count($m['bustIds']),
                count($m['impactIds']),
                implode('; ', array_map(fn (array $f): string => "{$f['label']} {$f['times']}", $m['faults'])),
            ],
            array_values(WeekPage::men(Graded::rows(week: $request->integer('week')), $staff)),
        );
        $table = Csv::of(['Player', 'Letter', 'Snaps', 'Plus', 'Minus', 'Points', 'Possible', 'Percent',
            'Weighted percent', 'Mental errors', 'Plus plays', 'Faults'], $rows);

        return response($table, 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="week-'.$request->integer('week').'.csv"',
        ]);
    }

    /** The reel that teaches one rule: how it is done, how it went wrong, how it went in a game. */
    public function teach(string $fault): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);
        abort_unless(Library::has($fault), 404);
        $rows = Graded::filmed($fault);
        $names = Player::query()->pluck('name', 'id')->all();
        /** @var Collection<string, Snap> $snaps */
        $snaps = Snap::query()
            ->with(['reel:id,title,week,kind', 'clips:id,snap_id,angle,from_s,to_s'])
            ->findMany(array_column($rows, 'snap'), [
                'id',
                'reel_id',
                'number',
                'place',
                'call',
                'down',
                'to_go_yd',
                'snap_s',
            ])
            ->keyBy('id');
        $bySnap = [];
        foreach ($rows as $row) {
            $bySnap[$row['id']] = $row;
        }
        $reel = array_map(function (array $part) use ($bySnap, $snaps, $names): array {
            $snap = $snaps[$bySnap[$part['id']]['snap']];

            return $part + ['asked' => $bySnap[$part['id']]['asked'], 'done' => $bySnap[$part['id']]['done'],
                'player' => $names[$bySnap[$part['id']]['player']] ?? null,
                'snap' => ['snapAt' => $snap->snap_s ?? 0.0] + $snap->toArray()];
        }, TeachingReel::of($fault, $rows));
        $keys = StaffWords::current()->faultKeys();

        return new JsonResponse([
            'rule' => ['label' => $keys->label($fault)] + Library::entry($fault),
            'parts' => $reel,
        ]);
    }
}
