<?php

namespace App\Http\Controllers\Film;

use App\Film\Filter;
use App\Film\Paired;
use App\Film\Season;
use App\Http\Controllers\Controller;
use App\Http\Problem;
use App\Models\Reel;
use App\Models\Snap;
use App\Models\StaffWords;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Jacotaxis\Core\Grade\Numbers\Evidence;
use Jacotaxis\Core\Grade\Numbers\Groups;
use Jacotaxis\Core\Grade\Numbers\Pairs;
use Jacotaxis\Core\Grade\Numbers\Report;
use Jacotaxis\Core\Grade\Numbers\SnapRow;
use Jacotaxis\Core\Plan\Predictability;

/** The numbers over any snaps; each carries the ids of its snaps, so that it opens its clips. */
class NumbersController extends Controller
{
    /** Snaps a list of clips shows at once. */
    private const CLIPS = 300;

    public function show(Request $request, string $what): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);
        $snaps = Filter::of((array) $request->query('filter', []));
        if ($what === 'pairs') {
            return new JsonResponse(['kinds' => Pairs::KINDS, 'rows' => Paired::of($snaps)]);
        }
        $rows = Season::rows($snaps);
        $report = new Report($rows);

        return new JsonResponse(match ($what) {
            'groups' => ['by' => Groups::BY, 'all' => $report->all(), 'rows' => $report->by($this->by($request))],
            'decisions' => ['box' => $report->decisions('box'), 'choice' => $report->decisions('choice')],
            'leanings' => ['rows' => $report->leanings()] + self::known($rows),
            'opponent' => ['topics' => Evidence::TOPICS, 'rows' => Evidence::of($rows)],
            default => ['rows' => $report->model()],
        });
    }

    /** The snaps behind a number, or of a cut-up, with their clips. */
    public function clips(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);
        $query = Filter::of((array) $request->input('filter', []))->with([
            'reel:id,title,week,opponent,kind',
            'clips:id,snap_id,angle,status,from_s,to_s',
        ]);
        $count = $query->count();
        /** @var Collection<int, Snap> $snaps */
        $snaps = $query->orderBy('reel_id')->orderBy('place')->limit(self::CLIPS)
            ->get(['id', 'reel_id', 'place', 'number', 'down', 'to_go_yd', 'ball_on_yd', 'call', 'front', 'shell',
                'choice', 'decision', 'result', 'gain_yd', 'touchdown', 'snap_s']);

        return new JsonResponse(['count' => $count, 'snaps' => $snaps->map(fn (Snap $s): array => $s->toArray())]);
    }

    /**
     * What a defense gains that knows our habits.
     *
     * @param  list<SnapRow>  $rows
     * @return array{known: array<string, mixed>}
     */
    private static function known(array $rows): array
    {
        $costs = (float) StaffWords::current()->book()->schools->value('known-call');
        $one = new Predictability($rows, $costs);

        return ['known' => $one->figure() + ['habits' => $one->habits(), 'halving' => $one->halving()]];
    }

    private function by(Request $request): string
    {
        $by = $request->query('by', 'call');
        $by = is_string($by) ? $by : '';

        return isset(Groups::BY[$by])
            ? $by
            : throw Problem::content(
                '/by',
                "Numbers cannot be put together by \"$by\": ".implode(', ', array_keys(Groups::BY)).'.',
            );
    }
}
