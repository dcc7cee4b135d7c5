<?php

namespace App\Http\Controllers;

use App\Files\Csv;
use App\Film\ShownIn;
use App\Http\Problem;
use App\Models\Call;
use App\Models\Plan;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Jacotaxis\Core\Plan\CallPlan;
use Jacotaxis\Core\Plan\PlannedCall;
use Jacotaxis\Core\Plan\ShownLook;
use Jacotaxis\Core\Proof\Scene\Verdict;

/** The calls of the sheet against an opponent, and what they add up to against what he shows. */
class PlanController extends Controller
{
    private const GONE = 'no longer in the book';

    public function show(string $opponent): JsonResponse
    {
        $this->authorize('viewAny', Call::class);

        return $this->answer(self::planned($opponent));
    }

    /** The calls of the sheet under their numbers, as a table (RFC 4180) or as JSON. */
    public function export(string $opponent, string $format): Response|JsonResponse
    {
        $this->authorize('viewAny', Call::class);
        $plan = self::planned($opponent);
        $book = Call::query()->whereKey($plan->calls)->get(['id', 'name', 'words'])->keyBy('id');
        $calls = [];
        foreach ($plan->calls as $n => $id) {
            $call = $book->get($id);
            $calls[] = ['number' => $n + 1, 'name' => $call->name ?? self::GONE, 'words' => $call->words ?? ''];
        }
        $file = 'call-sheet-'.(Str::slug($plan->opponent) ?: 'opponent').".$format";
        $headers = ['Content-Disposition' => "attachment; filename=\"$file\""];

        return $format === 'json'
            ? new JsonResponse(['opponent' => $plan->opponent, 'calls' => $calls], headers: $headers)
            : new Response(
                Csv::of(['Number', 'Call', 'Words'], array_map(array_values(...), $calls)),
                200,
                ['Content-Type' => 'text/csv; charset=utf-8'] + $headers,
            );
    }

    public function update(Request $request, string $opponent): JsonResponse
    {
        $this->authorize('create', Call::class);
        $given = $request->validate(['calls' => 'present|list|max:99', 'calls.*' => 'string|max:26|distinct']);
        $plan = Plan::query()->firstOrCreate(['opponent' => self::named($opponent)]);

        return $this->answer($plan->saveOn($this->basedOn($request), ['calls' => $given['calls']]));
    }

    /** What he showed in each row of the sheet. */
    public function situations(string $opponent): JsonResponse
    {
        $this->authorize('viewAny', Call::class);

        return new JsonResponse(['situations' => ShownIn::of($opponent)]);
    }

    /** What the sheet is worth: the proofs of its calls and of the book's others against his looks come with it. */
    public function weigh(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Call::class);
        $given = $request->validate([
            'looks' => 'required|list|max:40',
            'looks.*.words' => 'required|string|max:200',
            'looks.*.shown' => 'required|integer|min:0|max:100000',
            'calls' => 'present|list|max:200',
            'calls.*.id' => 'required|string|max:26',
            'calls.*.name' => 'required|string|max:120',
            'calls.*.on' => 'required|boolean',
            'calls.*.cells' => 'required|list',
            'calls.*.pass' => 'required|boolean',
            'calls.*.cells.*.chance' => 'required|numeric|min:0|max:1',
            'calls.*.cells.*.worst' => 'required|numeric|min:0|max:1',
            'calls.*.cells.*.verdict' => 'required|in:bound,open,guess,covered',
        ]);
        $sheet = $book = [];
        foreach ($given['calls'] as $n => $call) {
            if (count($call['cells']) !== count($given['looks'])) {
                throw Problem::content("/calls/$n/cells", 'A call needs a proof against every look.');
            }
            $planned = new PlannedCall(
                $call['id'],
                $call['name'],
                $call['pass'] === true,
                array_map(fn (array $c): float => (float) $c['chance'], array_values($call['cells'])),
                array_map(fn (array $c): float => (float) $c['worst'], array_values($call['cells'])),
                array_map(
                    fn (array $c): bool => Verdict::from($c['verdict'])->isGood(),
                    array_values($call['cells']),
                ),
            );
            $call['on'] === true ? $sheet[] = $planned : $book[] = $planned;
        }
        $looks = array_map(fn (array $l): ShownLook => new ShownLook($l['words'], (int) $l['shown']), $given['looks']);
        $plan = new CallPlan($sheet, $book, array_values($looks));

        return new JsonResponse(['shares' => $plan->shares(), 'menu' => $plan->menu(), 'mix' => $plan->mix(),
            'holes' => $plan->holes(), 'closers' => $plan->closers(), 'idle' => $plan->idle()]);
    }

    /** What is planned; an empty sheet, which is not kept, where nothing is yet. */
    private static function planned(string $opponent): Plan
    {
        return Plan::query()->firstOrNew(['opponent' => self::named($opponent)]);
    }

    private static function named(string $opponent): string
    {
        return mb_substr($opponent, 0, 80);
    }

    private function answer(Plan $plan): JsonResponse
    {
        return new JsonResponse(
            ['opponent' => $plan->opponent, 'calls' => $plan->calls, 'version' => $plan->version],
            headers: ['ETag' => "\"{$plan->version}\""],
        );
    }
}
