<?php

namespace App\Http\Controllers\Proving;

use App\Documents\ProofInput;
use App\Documents\Schemas;
use App\Http\Controllers\Controller;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Telling\AskedAct;
use Jacotaxis\Core\Proof\Telling\Told;
use Jacotaxis\Core\Route\Release;

/** Proves an unsaved call against one look: what the board draws. */
class ProofController extends Controller
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    public function store(Request $request): JsonResponse
    {
        $given = $request->validate(ProofInput::RULES + [
            'document' => 'required_without:words', 'look' => 'required',
            'frames' => 'boolean', 'act' => 'array', 'act.defender' => 'required_with:act|string|max:40',
            'act.name' => 'required_with:act|string|max:60', 'act.index' => 'integer',
            'act.and' => 'array', 'act.and.defender' => 'required_with:act.and|string|max:40',
            'act.and.name' => 'required_with:act.and|string|max:60',
            'press' => 'array|max:6', 'press.*' => Rule::in(array_keys(Release::REACTIONS)),
        ]);
        $input = ProofInput::from($request, $this->schemas);
        $call = $input->call();
        $proof = Proving::of(
            $call,
            $input->look($request->input('look')),
            $input->setting($call),
            $given['press'] ?? [],
        );

        $stage = Told::stage($proof);
        $stage['look'] = $input->lookWords($stage['look']);

        return new JsonResponse(['report' => Told::report($proof), 'stage' => $stage]
            + ($request->boolean('frames') ? ['frames' => Told::frames(
                $proof,
                isset($given['act']) ? AskedAct::read($given['act']) : null,
            )] : []));
    }
}
