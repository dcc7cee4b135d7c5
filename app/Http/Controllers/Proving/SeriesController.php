<?php

namespace App\Http\Controllers\Proving;

use App\Documents\ProofInput;
use App\Documents\Schemas;
use App\Http\Controllers\Controller;
use App\Models\Call;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Proof\Telling\Series;
use Jacotaxis\Core\Proof\Telling\Told;

/**
 * The series a call lives in: its members from the saved calls, how alike they look, and what they do together to one
 * man.
 */
class SeriesController extends Controller
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    public function store(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Call::class);
        $given = $request->validate(ProofInput::RULES + ['document' => 'required_without:words', 'look' => 'required',
            'id' => 'nullable|string|max:26']);
        $input = ProofInput::from($request, $this->schemas);
        $call = $input->call();
        $names = $book = [];
        foreach (Call::query()->orderBy('id')->limit(200)->get() as $saved) {
            $names[$saved->id] = $saved->name;
            $book[$saved->id] = CallDocument::read($saved->document);
        }
        $own = $given['id'] ?? 'drawn';
        $members = [...Series::around($call, $book), $own => $call];
        $series = Series::of($members, $input->look($request->input('look')), $input->setting($call));
        $rows = [];
        foreach ($series->members as $id => $member) {
            $proof = $series->proofs[$id];
            $report = Told::report($proof);
            $stage = Told::stage($proof);
            $rows[] = ['id' => (string) $id, 'name' => $names[$id] ?? 'On the board',
                'words' => $input->describe($member), 'kind' => $series->kinds[$id],
                'base' => $series->baseId === (string) $id, 'verdict' => $report['verdict'],
                'strength' => $report['strength'], 'why' => $report['why'],
                'same' => $series->sameness((string) $id), 'stage' => array_intersect_key($stage,
                    array_flip(['men', 'defenders', 'routes', 'blocks', 'tracks', 'field']))];
        }

        return new JsonResponse(['members' => $rows, 'missing' => $series->missing(), 'bind' => $series->bind(),
            'base' => $series->base?->words()]);
    }
}
