<?php

namespace App\Http\Controllers\Film;

use App\Film\Charting;
use App\Http\Controllers\Controller;
use App\Models\Reel;
use App\Models\Snap;
use App\Models\StaffWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Jacotaxis\Core\Film\Chart\Chain;
use Jacotaxis\Core\Film\Chart\Prediction;
use Jacotaxis\Core\Film\Chart\QuickEntry;
use Jacotaxis\Core\Film\Chart\Result;
use Jacotaxis\Core\Film\Mark;
use Jacotaxis\Core\Grade\Library\ByEye;
use Jacotaxis\Core\Grade\Library\FaultKeys;
use Jacotaxis\Core\Grade\Library\Library;
use Jacotaxis\Core\Grade\Owners\Charge;

class ChartController extends Controller
{
    /**
     * What is fixed about charting: results, marks, the grammar, the fault library with the staff's keys, whose a grade
     * may be.
     */
    public function show(): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);
        $keys = StaffWords::current()->faultKeys();

        return new JsonResponse(['grammar' => QuickEntry::GRAMMAR,
            'results' => array_map(fn (Result $r): array => ['word' => $r->value, 'letter' => $r->letter(),
                'moves' => $r->moves()], Result::cases()),
            'marks' => Mark::catalogue(),
            'library' => array_map(fn (array $e): array => ['label' => $keys->label($e['id'])] + $e, Library::all()),
            'groups' => FaultKeys::GROUPS, 'owners' => Charge::others(),
            'byEye' => array_combine(FaultKeys::GROUPS, array_map(ByEye::of(...), FaultKeys::GROUPS))]);
    }

    /** The next snap as it most likely is, and what contradicts the snaps so far. */
    public function predict(Request $request, Reel $reel): JsonResponse
    {
        $this->authorize('view', $reel);
        $place = $request->integer('place') ?: null;

        return new JsonResponse(
            $this->told(Charting::prediction($reel, $place)) + ['asked' => $this->contradictions($reel)],
        );
    }

    /** Reads a quick entry without saving it: the snap as it would be, and what was assumed. */
    public function read(Request $request, Reel $reel): JsonResponse
    {
        $this->authorize('view', $reel);
        $given = $request->validate(['line' => 'present|nullable|string|max:200', 'place' => 'nullable|integer|min:1']);
        $prediction = Charting::prediction($reel, $given['place'] ?? null);
        $found = QuickEntry::read(
            (string) ($given['line'] ?? ''),
            $prediction,
            fn (string $call, string $look): array => array_values(
                array_unique(array_column(Charting::choices($call, $look), 'name')),
            ),
            Charting::numbers($reel),
        );
        $written = $found['chart']->write();
        $choices =
            $found['call'] === null || $found['look'] === null ? [] : Charting::choices($found['call'], $found['look']);
        $key = array_values(array_filter($choices, fn (array $c): bool => $c['name'] === $found['choice']))[0] ?? null;
        $document = ['kind' => 'jacotaxis.film', 'version' => 1, 'call' => $found['call'], 'look' => $found['look'],
            'situation' => $written['situation'] ?: null, 'chart' => ['kind' => $reel->kind] + $written['chart'],
            'seen' => $key === null ? [] : [['man' => $key['defender'], 'what' => 'choice', 'value' => $key['name']]],
            'marks' => [], 'calibrations' => [], 'plots' => []];

        return new JsonResponse(['document' => array_filter($document, fn (mixed $v): bool => $v !== null),
            'assumed' => $found['assumed'], 'choices' => $choices, 'place' => $found['chart']->place()]);
    }

    /** What a key can choose, for a call and a look in words. */
    public function choices(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);
        $given = $request->validate(['call' => 'required|string|max:500', 'look' => 'required|string|max:200']);

        return new JsonResponse(['choices' => Charting::choices($given['call'], $given['look'])]);
    }

    /** @return array<string, mixed> */
    private function told(Prediction $p): array
    {
        $written = $p->chart->write();

        return ['chart' => $written['chart'], 'situation' => (object) $written['situation'],
            'place' => $p->chart->place(), 'calls' => $p->calls, 'looks' => $p->looks];
    }

    /**
     * Snaps that contradict the one before, with the ways to settle it.
     *
     * @return list<array<string, mixed>>
     */
    private function contradictions(Reel $reel): array
    {
        $asked = [];
        $before = null;
        foreach ($reel->snaps()->get(['id', 'place', 'number', 'document', 'version']) as $snap) {
            if ($before instanceof Snap) {
                foreach (Chain::check(Charting::chart($before), Charting::chart($snap)) as $q) {
                    $asked[] =
                        ['before' => $before->id, 'this' => $snap->id, 'number' => $snap->number ?? $snap->place] + $q;
                }
            }
            $before = $snap;
        }

        return $asked;
    }
}
