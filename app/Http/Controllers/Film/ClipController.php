<?php

namespace App\Http\Controllers\Film;

use App\Aside\Aside;
use App\Film\Files\Probe;
use App\Film\SnapIndex;
use App\Http\Controllers\Controller;
use App\Http\Problem;
use App\Jobs\ReadyClip;
use App\Models\Clip;
use App\Models\Snap;
use App\Models\StaffWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Jacotaxis\Core\Film\Drawing\Followed;
use Jacotaxis\Core\Film\Drawing\Shown;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\FilmReader;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

class ClipController extends Controller
{
    public function show(Clip $clip): JsonResponse
    {
        $this->authorize('view', $clip);

        return $this->answer($clip);
    }

    /** Puts a clip to a snap and an angle, or synchronises it by a common mark. */
    public function update(Request $request, Clip $clip): JsonResponse
    {
        $this->authorize('update', $clip);
        $given = $request->validate(['snap_id' => 'nullable|string|exists:snaps,id', 'angle' => 'in:wide,tight',
            'sync_s' => 'nullable|numeric|between:-20000,20000', 'from_s' => 'numeric|min:0|max:20000',
            'to_s' => 'nullable|numeric|max:20000']);
        $at = ['snap_id' => $given['snap_id'] ?? $clip->snap_id, 'angle' => $given['angle'] ?? $clip->angle];
        if ($at['snap_id'] !== null && Clip::query()->where($at)->whereKeyNot($clip->id)->exists()) {
            throw new Problem(
                409,
                'That angle is taken',
                "The snap has a {$at['angle']} angle already: take it off first, or give this one the other angle.",
            );
        }

        return $this->answer($clip->saveOn($this->basedOn($request), $given));
    }

    /**
     * Cuts one long film by marks into snaps: a clip for each pair of seconds, on a snap that is charted already where
     * one is said, else on a new one.
     */
    public function cut(Request $request, Clip $clip, Probe $probe): JsonResponse
    {
        $this->authorize('update', $clip);
        $given = $request->validate(['cuts' => 'required|array|min:1|max:400',
            'cuts.*.fromS' => 'required|numeric|min:0', 'cuts.*.toS' => 'required|numeric',
            'cuts.*.snapId' => 'nullable|string|distinct']);
        $long = $clip->video['durationS'] ?? throw new Problem(409, 'The film is not ready yet',
            'Wait until it is ready, then cut it.');
        /** @var list<array{fromS: float, toS: float, snapId?: string|null}> $cuts */
        $cuts = array_values($given['cuts']);
        usort($cuts, fn (array $a, array $b): int => $a['fromS'] <=> $b['fromS']);
        foreach ($cuts as $n => $cut) {
            if ($cut['toS'] - $cut['fromS'] < 0.5 || $cut['toS'] > $long + 0.05 || $n > 0
                && $cut['fromS'] < $cuts[$n - 1]['toS'] - 1e-6) {
                throw Problem::content("/cuts/$n",
                    sprintf('The cut from %.2f to %.2f s is shorter than half a second, past the end of the film '
                        .'(%.2f s), or into the one before it.', $cut['fromS'], $cut['toS'], $long));
            }
        }
        $filmed = Clip::query()->where('angle', $clip->angle)->whereNotNull('snap_id')->select('snap_id');
        $free = $clip->reel->snaps()->whereNotIn('id', $filmed)->pluck('id')->all();
        foreach ($cuts as $n => $cut) {
            $onto = $cut['snapId'] ?? null;
            if ($onto !== null && ! in_array($onto, $free, true)) {
                throw Problem::content("/cuts/$n/snapId", 'The snap is none of this reel, or has film of the '
                    ."{$clip->angle} angle already: choose another one, or let the cut make a new snap.");
            }
        }
        $made = DB::transaction(fn (): array => array_map(fn (array $cut): Clip => $this->piece($clip, $cut), $cuts));
        foreach ($made as $one) {
            $probe->thumbnail($one->path(), $one->from_s + 0.5, $one->thumbnail());
        }

        return new JsonResponse(['clips' => $made], 201);
    }

    /** @param  array{fromS: float, toS: float, snapId?: string|null}  $cut */
    private function piece(Clip $clip, array $cut): Clip
    {
        $reel = $clip->reel;
        $snap = isset($cut['snapId']) ? $reel->snaps()->findOrFail($cut['snapId']) : null;
        if ($snap === null) {
            $place = (int) $reel->snaps()->max('place') + 1;
            $document = ['kind' => 'jacotaxis.film', 'version' => 1, 'call' => null, 'look' => null,
                'chart' => ['number' => $place, 'kind' => $reel->kind],
                'video' => ['durationS' => round($cut['toS'] - $cut['fromS'], 3)] + ($clip->video ?? [])];
            $snap = Snap::query()->create(['reel_id' => $reel->id, 'place' => $place] + SnapIndex::of($document));
        }

        return Clip::query()->create(['reel_id' => $reel->id, 'snap_id' => $snap->id, 'angle' => $clip->angle,
            'name' => "{$clip->name}, snap {$snap->place}", 'file' => $clip->file, 'mime' => $clip->mime,
            'status' => 'ready', 'video' => $clip->video,
            'from_s' => $cut['fromS'], 'to_s' => $cut['toS'], 'sync_s' => 0.0]);
    }

    public function destroy(Request $request, Clip $clip): Response
    {
        $this->authorize('update', $clip);
        Aside::clip($clip, $request->user());

        return response()->noContent();
    }

    /** Makes a film ready again whose work broke off. */
    public function again(Clip $clip): JsonResponse
    {
        $this->authorize('update', $clip);
        if ($clip->status !== 'broken') {
            throw new Problem(409, 'It did not break off', 'Only a film whose work broke off is made ready again.');
        }
        ReadyClip::begin($clip);

        return $this->answer($clip);
    }

    public function video(Clip $clip): BinaryFileResponse
    {
        $this->authorize('watch', $clip);

        return new BinaryFileResponse(
            is_file($clip->path())
                ? $clip->path()
                : throw new Problem(
                    410,
                    'The film is gone',
                    'The file of this clip is missing on the server. Upload it again.',
                ),
            headers: [
                'Content-Type' => $clip->mime,
                'Cache-Control' => 'private, max-age=3600',
                'X-Content-Type-Options' => 'nosniff',
            ],
        );
    }

    /**
     * What was drawn on a clip, for everybody who may watch it: where it lies on the picture, the size of that in
     * pixels, and the second of the file at which its clock is nought; of a man who is asked for, where he is.
     */
    public function drawings(Request $request, Clip $clip): JsonResponse
    {
        $this->authorize('watch', $clip);
        $man = $request->validate(['man' => 'nullable|string|max:40'])['man'] ?? null;
        $book = StaffWords::current()->book();
        $film = $clip->snap === null ? null : FilmReader::read($clip->snap->document, $book->schools, $book);

        return new JsonResponse([
            'widthPx' => $clip->video['widthPx'] ?? 0,
            'heightPx' => $clip->video['heightPx'] ?? 0,
            'shiftS' => $clip->from_s + ($clip->angle === FilmDocument::WIDE ? 0.0 : (float) $clip->sync_s),
            'drawings' => $film === null ? [] : (new Shown($film, $clip->angle))->all(),
            'places' => $film === null || $man === null ? [] : (new Followed($film, $clip->angle))->places($man),
        ]);
    }

    /** The small picture of a clip, or a still of a moment of it for paper. */
    public function thumbnail(Request $request, Clip $clip, Probe $probe): BinaryFileResponse
    {
        $this->authorize('watch', $clip);
        $given = $request->validate(['at' => 'nullable|numeric|between:0,20000']);
        $at = isset($given['at']) ? round((float) $given['at'], 1) : null;
        $path = $clip->thumbnail().($at === null ? '' : sprintf('.%04d.jpg', (int) round(10 * $at)));
        $long = (float) ($clip->video['durationS'] ?? 2.0);
        $moment = min($clip->from_s + ($at ?? 1.0), max(0.0, $long - 0.1));
        if (
            ! is_file($path) &&
            ! (is_file($clip->path()) && $probe->thumbnail($clip->path(), $moment, $path, $at === null ? 192 : 640))
        ) {
            throw new Problem(404, 'No picture', 'This clip has no picture of that moment.');
        }

        return new BinaryFileResponse(
            $path,
            headers: ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400'],
        );
    }

    private function answer(Clip $clip): JsonResponse
    {
        return new JsonResponse($clip, headers: ['ETag' => "\"{$clip->version}\""]);
    }
}
