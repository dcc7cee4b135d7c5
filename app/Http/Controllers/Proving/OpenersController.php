<?php

namespace App\Http\Controllers\Proving;

use App\Documents\PlanInput;
use App\Documents\ProofInput;
use App\Documents\Schemas;
use App\Http\Controllers\Controller;
use App\Models\Call;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Plan\Openers\Asking;
use Jacotaxis\Core\Plan\Openers\Openers;
use Jacotaxis\Core\Plan\PlannedCall;
use Jacotaxis\Core\Plan\ShownLook;

/** What the calls of a sheet ask of an opponent, and what to call next by what he answers. */
class OpenersController extends Controller
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    public function store(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Call::class);
        $request->validate(ProofInput::RULES);
        $proof = ProofInput::from($request, $this->schemas);
        $plan = PlanInput::from($request);
        $looks = array_map(fn (ShownLook $l): Look => $proof->look($l->words), $plan->looks);
        $saved = Call::query()
            ->whereKey(array_map(fn (PlannedCall $c): string => $c->id, $plan->sheet))
            ->get(['id', 'document']);
        $questions = [];
        foreach ($saved as $row) {
            $call = CallDocument::read($row->document);
            $questions[$row->id] = Asking::of($call, $looks, $plan->keys[$row->id], $proof->setting($call));
        }

        return new JsonResponse(
            ['calls' => (new Openers($plan->sheet, $plan->plan()->shares()))->asked($questions)],
        );
    }
}
