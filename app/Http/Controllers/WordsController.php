<?php

namespace App\Http\Controllers;

use App\Documents\Schemas;
use App\Documents\SituationInput;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Jacotaxis\Core\Concept\CallDocument;
use Jacotaxis\Core\Concept\Families;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\Description;

class WordsController extends Controller
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    public function vocabulary(): JsonResponse
    {
        return new JsonResponse([
            'quarterbacks' => Sets::quarterbacks(), 'sets' => Sets::names(),
            'families' => array_keys(Families::all()),
            'routes' => array_map(fn ($r): array => ['name' => $r->name, 'depthYd' => $r->depthYd, 'minYd' => $r->minDepthYd, 'maxYd' => $r->maxDepthYd], array_values(Routes::all())),
            'fronts' => Fronts::names(), 'shells' => Shells::names(),
        ]);
    }

    /** Words -> call document. */
    public function read(Request $request): JsonResponse
    {
        $given = $request->validate(['words' => 'required|string|max:500']);
        $situation = SituationInput::from($request->input('situation'));
        $call = CallParser::parse($given['words'], $situation);

        return new JsonResponse(['document' => CallDocument::write($call), 'words' => Describer::words($call, $situation), 'assumed' => $call->assumed]);
    }

    /** Call document -> words, family and why. */
    public function describe(Request $request): JsonResponse
    {
        $this->schemas->check('call', $request->input('document'));

        return new JsonResponse(Description::of(CallDocument::read($request->input('document')), SituationInput::from($request->input('situation'))));
    }
}
