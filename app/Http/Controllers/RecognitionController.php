<?php

namespace App\Http\Controllers;

use App\Documents\Schemas;
use App\Documents\SituationInput;
use App\Models\Look;
use App\Models\StaffWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Jacotaxis\Core\Concept\CallDocument;
use Jacotaxis\Core\Defense\Recognise\LookFinder;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\FormationFinder;

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
            return new JsonResponse(LookFinder::of($spots, PictureController::formation($given['formation'], $situation, $staff)[1], $staff->school));
        }
        $this->schemas->check('call', $request->input('document'));

        return new JsonResponse(LookFinder::of($spots, CallDocument::read($request->input('document'))->lineup($situation), $staff->school));
    }

    /** The three likeliest formations. */
    public function formation(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Look::class);
        $situation = SituationInput::from($request->input('situation')) ?? Situation::of();
        $found = FormationFinder::of($this->spots($request), $situation->frame(), $situation->hash);

        return new JsonResponse(['formations' => array_map(fn (array $f): array => ['words' => $f['formation']->words(), 'offYd' => round($f['offYd'], 2), 'differs' => $f['worst']], $found)]);
    }

    /** @return list<array{float, float}> */
    private function spots(Request $request): array
    {
        $given = $request->validate(['spots' => 'required|array|size:11', 'spots.*' => 'array:xYd,yYd', 'spots.*.xYd' => 'required|numeric|between:-54,54', 'spots.*.yYd' => 'required|numeric|between:-40,40']);

        return array_map(fn (array $s): array => [(float) $s['xYd'], (float) $s['yYd']], array_values($given['spots']));
    }
}
