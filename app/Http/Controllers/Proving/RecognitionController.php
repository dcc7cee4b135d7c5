<?php

namespace App\Http\Controllers\Proving;

use App\Documents\Schemas;
use App\Documents\SituationInput;
use App\Http\Controllers\Controller;
use App\Http\Problem;
use App\Models\Look;
use App\Models\StaffWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Defense\Recognise\LookFinder;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Offense\FormationFinder;
use Jacotaxis\Core\Route\RouteFinder;

/** Names what eleven spots are: from the board, or from plots on film. */
class RecognitionController extends Controller
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    /** Front, techniques and the two likeliest shells against a formation in words or a call's. */
    public function look(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Look::class);
        $spots = $this->spots($request);
        $given = $request->validate(['formation' => 'required_without:document|string|max:200']);
        $situation = SituationInput::from($request->input('situation')) ?? Situation::of();
        $staff = StaffWords::current();
        if (isset($given['formation'])) {
            return new JsonResponse(
                LookFinder::of(
                    $spots,
                    PictureController::formation($given['formation'], $situation, $staff)[1],
                    $staff->school,
                ),
            );
        }
        $this->schemas->check('call', $request->input('document'));

        return new JsonResponse(
            LookFinder::of($spots, CallDocument::read($request->input('document'))->lineup($situation), $staff->school),
        );
    }

    /** The three likeliest formations. */
    public function formation(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Look::class);
        $situation = SituationInput::from($request->input('situation')) ?? Situation::of();
        $found = FormationFinder::of($this->spots($request), $situation->frame(), $situation->hash);

        return new JsonResponse(['formations' => array_map(fn (array $f): array => ['words' => $f['formation']->words(),
            'offYd' => round($f['offYd'], 2), 'differs' => $f['worst']], $found)]);
    }

    /** The route of the catalogue nearest to a path drawn from a man's spot, as an assignment, and the next two. */
    public function route(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Look::class);
        $given = $request->validate(['document' => 'required|array', 'man' => 'required|string|max:2',
            'points' => 'required|array|min:2|max:400',
            'points.*' => 'array:xYd,yYd', 'points.*.xYd' => 'required|numeric|between:-54,54',
            'points.*.yYd' => 'required|numeric|between:-12,60']);
        $this->schemas->check('call', $request->input('document'));
        $call = CallDocument::read($request->input('document'));
        $situation = SituationInput::from($request->input('situation')) ?? Situation::of();
        $man = $call->men($situation->frame())[$given['man']] ?? null;
        if ($man === null || $man->isLineman() || $man->isQuarterback()) {
            throw Problem::content('/man', "\"{$given['man']}\" runs no route here.");
        }
        $points = array_map(
            fn (array $p): array => [(float) $p['xYd'], (float) $p['yYd']],
            array_values($given['points']),
        );
        $found = RouteFinder::of($man, $points, $situation->frame(), Level::HighSchool->receiver());

        return new JsonResponse(['routes' => array_map(fn (array $f): array => [
            'assignment' => CallDocument::route($f['route']),
            'offYd' => $f['offYd'],
        ], $found)]);
    }

    /** @return list<array{float, float}> */
    private function spots(Request $request): array
    {
        $given = $request->validate(['spots' => 'required|array|size:11', 'spots.*' => 'array:xYd,yYd',
            'spots.*.xYd' => 'required|numeric|between:-54,54', 'spots.*.yYd' => 'required|numeric|between:-40,40']);

        return array_map(fn (array $s): array => [(float) $s['xYd'], (float) $s['yYd']], array_values($given['spots']));
    }
}
