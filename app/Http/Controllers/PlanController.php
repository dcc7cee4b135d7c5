<?php

namespace App\Http\Controllers;

use App\Documents\PlanInput;
use App\Files\Csv;
use App\Film\ShownIn;
use App\Http\Problem;
use App\Models\Call;
use App\Models\Plan;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

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
        $given = $request->validate([
            'calls' => 'list|max:99',
            'calls.*' => 'string|max:26|distinct',
            'openers' => 'list|max:25',
            'openers.*' => 'string|max:26|distinct',
        ]);
        if ($given === []) {
            throw Problem::content('/calls', 'Say the calls of the sheet, or the openers.');
        }
        $plan = Plan::query()->firstOrCreate(['opponent' => self::named($opponent)]);

        return $this->answer($plan->saveOn($this->basedOn($request), $given));
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
        $plan = PlanInput::from($request)->plan();

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
            ['opponent' => $plan->opponent, 'calls' => $plan->calls, 'openers' => $plan->begins(),
                'version' => $plan->version],
            headers: ['ETag' => "\"{$plan->version}\""],
        );
    }
}
