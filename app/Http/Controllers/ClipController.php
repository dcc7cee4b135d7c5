<?php

namespace App\Http\Controllers;

use App\Documents\Schemas;
use App\Film\Probe;
use App\Http\Problem;
use App\Models\Clip;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Film\Calibration;
use Jacotaxis\Core\Film\FieldMarks;
use Jacotaxis\Core\Film\FilmReader;
use Jacotaxis\Core\Film\Measures;
use Jacotaxis\Core\Film\Overlay;
use Jacotaxis\Core\Grade\Faults;
use Jacotaxis\Core\Grade\Grader;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

class ClipController extends Controller
{
    public function __construct(private readonly Schemas $schemas)
    {
    }

    public function index(): JsonResponse
    {
        $this->authorize('viewAny', Clip::class);
        $page = Clip::query()->withCount('grades')->orderBy('id')->cursorPaginate(50);

        return new JsonResponse(['clips' => $page->items(), 'next' => $page->nextCursor()?->encode()]);
    }

    public function show(Clip $clip): JsonResponse
    {
        $this->authorize('view', $clip);

        return $this->answer($clip);
    }

    /** Takes a film file; it is kept only when it is one. */
    public function store(Request $request, Probe $probe): JsonResponse
    {
        $this->authorize('create', Clip::class);
        $file = $request->file('film');
        if ($file === null || ! $file->isValid()) {
            throw $file?->getError() === UPLOAD_ERR_INI_SIZE ? new Problem(413, 'The file is too large', 'A clip may have at most '.config('film.most_mb').' MB.')
                : new Problem(422, 'No film arrived', 'Choose an MP4 or WebM file and send it again.');
        }
        if ($file->getSize() > config('film.most_mb') * 1024 * 1024) {
            throw new Problem(413, 'The file is too large', 'A clip may have at most '.config('film.most_mb').' MB. Cut it to the snap or export it smaller.');
        }
        $given = $request->validate(['call' => 'required|string|max:500', 'look' => 'required|string|max:200', 'title' => 'nullable|string|max:160']);
        ['mime' => $mime, 'extension' => $extension, 'video' => $video] = $probe->film($file->getRealPath());
        $document = ['kind' => 'jacotaxis.film', 'version' => 1, 'call' => $given['call'], 'look' => $given['look'], 'video' => $video, 'marks' => [], 'calibrations' => [], 'plots' => []];
        FilmReader::read($document);
        $name = Str::ulid().'.'.$extension;
        $file->storeAs(config('film.folder'), $name, 'local');
        $title = $given['title'] ?? Str::limit(pathinfo($file->getClientOriginalName(), PATHINFO_FILENAME), 100, '');

        return $this->answer(Clip::query()->create(['title' => $title ?: 'Clip', 'reel' => 'Uploaded', 'week' => 0, 'file' => $name, 'mime' => $mime, 'document' => $document, 'version' => 1]), 201);
    }

    public function update(Request $request, Clip $clip): JsonResponse
    {
        $this->authorize('update', $clip);
        $given = $request->validate(['document' => 'required|array', 'title' => 'string|max:160']);
        $this->schemas->check('film', $request->input('document'));
        FilmReader::read($request->input('document'));

        return $this->answer($clip->saveOn($this->basedOn($request), ['document' => $request->input('document')] + array_diff_key($given, ['document' => 1])));
    }

    /** Plan against done for an unsaved document. */
    public function measure(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Clip::class);
        $this->schemas->check('film', $request->input('document'));
        $measures = new Measures(FilmReader::read($request->input('document')));
        $grader = new Grader($measures);

        return new JsonResponse([
            'plots' => $measures->plots(), 'assignments' => $measures->assignments(), 'faults' => $grader->faults(),
            'decision' => $grader->decision()->toArray(),
            'planned' => array_map(fn ($r): array => ['man' => $r->letter, 'number' => $r->number, 'breakAt' => round($r->breakAt, 2), 'depthYd' => $r->depthYd,
                'slot' => $r->from === null ? null : [round($r->from, 2), round($r->to, 2)], 'route' => $measures->proof->scene->routes[$r->letter]->spec->name], array_values($measures->proof->readings)),
            'proposed' => array_map($grader->proposed(...), array_combine($all = array_keys($measures->proof->scene->men), $all)),
            'labels' => array_map(Faults::for(...), array_combine($men = array_keys($measures->proof->scene->men), $men)),
            'keys' => array_map(fn ($k): string => $k->role, $measures->proof->keys),
            'defenders' => array_map(fn ($d): string => $d->role, $measures->proof->scene->defenders),
        ]);
    }

    /** Where the paint lies on the picture for clicked points, and the doubt at each place. */
    public function calibrate(Request $request): JsonResponse
    {
        $this->authorize('viewAny', Clip::class);
        $given = $request->validate([
            'points' => 'present|array|max:60', 'points.*.xPx' => 'required|numeric', 'points.*.yPx' => 'required|numeric',
            'points.*.fieldXYd' => 'required|numeric', 'points.*.fieldYYd' => 'required|numeric',
            'rules' => 'in:nfhs,ncaa,nfl', 'widthPx' => 'required|integer|min:16|max:8192', 'heightPx' => 'required|integer|min:16|max:8192',
        ]);
        $rules = RuleSet::from($given['rules'] ?? 'nfhs');
        $points = array_map(fn (array $p): array => array_map(floatval(...), $p), $given['points']);
        $marks = FieldMarks::across($rules);

        return new JsonResponse(['marks' => $marks] + ($points === [] ? [] : Overlay::of(Calibration::of($points), $rules, $given['widthPx'], $given['heightPx'])));
    }

    public function video(Clip $clip): BinaryFileResponse
    {
        $this->authorize('watch', $clip);
        $path = storage_path('app/private/'.config('film.folder')."/{$clip->file}");

        return new BinaryFileResponse(is_file($path) ? $path : throw new Problem(410, 'The film is gone', 'The file of this clip is missing on the server. Upload it again.'),
            headers: ['Content-Type' => $clip->mime, 'Cache-Control' => 'private, max-age=3600', 'X-Content-Type-Options' => 'nosniff']);
    }

    private function answer(Clip $clip, int $status = 200): JsonResponse
    {
        return new JsonResponse($clip->loadMissing('grades'), $status, ['ETag' => "\"{$clip->version}\""]);
    }
}
