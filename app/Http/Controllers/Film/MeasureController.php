<?php

namespace App\Http\Controllers\Film;

use App\Documents\Schemas;
use App\Film\Measured;
use App\Http\Controllers\Controller;
use App\Models\Reel;
use App\Models\StaffWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Film\Calibrate\BadCalibration;
use Jacotaxis\Core\Film\Calibrate\Calibration;
use Jacotaxis\Core\Film\Calibrate\FieldClick;
use Jacotaxis\Core\Film\Calibrate\FieldMarks;
use Jacotaxis\Core\Film\Calibrate\Overlay;
use Jacotaxis\Core\Film\Drawing\PlanDrawn;
use Jacotaxis\Core\Film\Drawing\Shown;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\FilmReader;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Grade\Grader;

class MeasureController extends Controller
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    /** Plan against done for an unsaved document. */
    public function measure(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);

        return new JsonResponse(
            Measured::of(new Grader(new Measures($this->film($request))), StaffWords::current()->faultKeys()),
        );
    }

    /**
     * Where the paint lies on the picture of an angle at a moment, with the doubt at each place, and the plan drawn
     * over it.
     */
    public function view(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);
        $given = $request->validate(['document' => 'required|array', 'atS' => 'required|array|max:60',
            'atS.*' => 'numeric', 'angle' => 'in:wide,tight', 'widthPx' => 'required|integer|min:16|max:8192',
            'heightPx' => 'required|integer|min:16|max:8192', 'act' => 'nullable|array']);
        $film = $this->film($request);
        $angle = $given['angle'] ?? FilmDocument::WIDE;
        $drawn = new PlanDrawn($film);
        $views = [];
        foreach ($given['atS'] as $atS) {
            try {
                $view = $film->view((float) $atS, $angle);
                $views[] = $view === null ? ['atS' => $atS, 'why' => 'This angle is not calibrated yet.']
                    : ['atS' => $atS, 'followed' => $view->followed, 'driftPx' => round($view->driftPx, 2)]
                    + Overlay::of($view, $film->setting->situation->rules, $given['widthPx'],
                        $given['heightPx']) + $drawn->on($view, (float) $atS);
            } catch (BadCalibration $e) {
                $views[] = ['atS' => $atS, 'why' => $e->getMessage()];
            }
        }

        return new JsonResponse(['views' => $views]);
    }

    /** Where the drawings of an unsaved document lie on the picture of an angle from their moments on. */
    public function drawings(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);
        $given = $request->validate(['document' => 'required|array', 'angle' => 'in:wide,tight']);
        $shown = new Shown($this->film($request), $given['angle'] ?? FilmDocument::WIDE);

        return new JsonResponse(['drawings' => $shown->all()]);
    }

    /** Where the paint lies for clicked points, before they are kept, and the marks there are to click. */
    public function calibrate(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);
        $given = $request->validate([
            'points' => 'present|array|max:60',
            'points.*.xPx' => 'required|numeric',
            'points.*.yPx' => 'required|numeric',
            'points.*.fieldXYd' => 'required|numeric',
            'points.*.fieldYYd' => 'required|numeric',
            'points.*.clickPx' => 'numeric|between:0.1,200',
            'rules' => 'in:nfhs,ncaa,nfl',
            'widthPx' => 'required|integer|min:16|max:8192',
            'heightPx' => 'required|integer|min:16|max:8192',
        ]);
        $rules = RuleSet::from($given['rules'] ?? 'nfhs');
        $points = array_values(array_map(FieldClick::read(...), $given['points']));

        return new JsonResponse(['marks' => FieldMarks::across($rules)] + ($points === [] ? []
            : Overlay::of(Calibration::of($points), $rules, $given['widthPx'], $given['heightPx'])));
    }

    private function film(Request $request): FilmDocument
    {
        $this->schemas->check('film', $request->input('document'));
        $book = StaffWords::current()->book();

        return FilmReader::read($request->input('document'), $book->schools, $book);
    }
}
