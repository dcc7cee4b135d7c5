<?php

namespace App\Http\Controllers\Film;

use App\Aside\Aside;
use App\Film\Breakdown;
use App\Http\Controllers\Controller;
use App\Models\Reel;
use App\Models\Snap;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Jacotaxis\Core\Film\Chart\Chart;

class ReelController extends Controller
{
    /** What the strip of snaps shows of each; the document comes with the snap. */
    private const STRIP = ['id', 'reel_id', 'place', 'number', 'down', 'to_go_yd', 'ball_on_yd', 'call', 'family',
        'front', 'shell', 'choice', 'decision', 'result', 'gain_yd', 'touchdown', 'nullified', 'open_questions',
        'version'];

    public function index(): JsonResponse
    {
        $this->authorize('viewAny', Reel::class);

        return new JsonResponse(['reels' => Reel::query()->withCount(['snaps', 'clips'])
            ->withSum('snaps as open_questions', 'open_questions')->orderByDesc('played_on')->orderByDesc('id')->get(),
            'kinds' => Chart::KINDS]);
    }

    /** A reel with its strip: every snap in one line, and the film that belongs to none yet. */
    public function show(Reel $reel): JsonResponse
    {
        $this->authorize('view', $reel);
        $angles = DB::table('clips')->where(['reel_id' => $reel->id, 'status' => 'ready'])->whereNotNull('snap_id')
            ->orderByRaw("angle = 'wide' desc")->get(['id', 'snap_id', 'angle'])->groupBy('snap_id');
        $strip = Snap::query();
        $strip->select(self::STRIP)->where('reel_id', $reel->id)->orderBy('place');
        $snaps = $strip->withCount('grades')->get()->map(fn (Snap $s): array => [
            ...$s->toArray(),
            'clips' => $angles
                ->get($s->id, collect())
                ->map(fn (object $c): array => ['id' => $c->id, 'angle' => $c->angle])
                ->values(),
        ]);

        return new JsonResponse($reel->toArray() + ['snaps' => $snaps,
            'loose' => $reel->clips()->where(fn ($q) => $q->whereNull('snap_id')->orWhere('status', '!=', 'ready'))
                ->get()], headers: ['ETag' => "\"{$reel->version}\""]);
    }

    public function store(Request $request): JsonResponse
    {
        $this->authorize('create', Reel::class);

        return new JsonResponse(Reel::query()->create($this->given($request)), 201, ['ETag' => '"1"']);
    }

    public function update(Request $request, Reel $reel): JsonResponse
    {
        $this->authorize('update', $reel);
        $saved = $reel->saveOn($this->basedOn($request), $this->given($request));

        return new JsonResponse($saved, headers: ['ETag' => "\"{$saved->version}\""]);
    }

    public function destroy(Request $request, Reel $reel): Response
    {
        $this->authorize('delete', $reel);
        Aside::film($reel, $request->user());

        return response()->noContent();
    }

    /** The charting as a table (RFC 4180), as JSON, or as cues on one film (WebVTT). */
    public function export(Reel $reel, string $format): Response|JsonResponse
    {
        $this->authorize('view', $reel);
        $file = preg_replace('/[^\w-]+/', '-', $reel->title) ?: 'reel';

        return match ($format) {
            'csv' => response(Breakdown::csv($reel), 200, [
                'Content-Type' => 'text/csv; charset=utf-8',
                'Content-Disposition' => "attachment; filename=\"$file.csv\"",
            ]),
            'vtt' => response(Breakdown::cues($reel), 200, [
                'Content-Type' => 'text/vtt; charset=utf-8',
                'Content-Disposition' => "attachment; filename=\"$file.vtt\"",
            ]),
            default => new JsonResponse(
                Breakdown::json($reel),
                headers: ['Content-Disposition' => "attachment; filename=\"$file.json\""],
            ),
        };
    }

    /** @return array<string, mixed> */
    private function given(Request $request): array
    {
        $fields = $request->validate([
            'title' => 'required|string|max:160', 'kind' => ['required', Rule::in(Chart::KINDS)],
            'opponent' => 'present|nullable|string|max:120', 'ours' => 'required|boolean',
            'week' => 'required|integer|min:0|max:60', 'played_on' => 'nullable|date_format:Y-m-d']);

        return ['opponent' => $fields['opponent'] ?? ''] + $fields;
    }
}
