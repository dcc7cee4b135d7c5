<?php

namespace App\Http\Controllers\Film;

use App\Http\Controllers\Controller;
use App\Http\Problem;
use App\Jobs\ReadyClip;
use App\Models\Clip;
use App\Models\Reel;
use App\Models\Upload;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;

/**
 * Takes a film part by part and goes on after a break, by the open tus protocol 1.0.0 (core, creation, termination).
 */
class UploadController extends Controller
{
    private const VERSION = '1.0.0';

    public function options(): Response
    {
        return $this->answer(204, [
            'Tus-Version' => self::VERSION,
            'Tus-Extension' => 'creation,termination',
            'Tus-Max-Size' => (string) $this->most(),
        ]);
    }

    /** Announces a film: its size, and in the metadata its name, angle and snap. */
    public function store(Request $request, Reel $reel): Response
    {
        $this->authorize('update', $reel);
        $size = $request->header('Upload-Length');
        if (! is_string($size) || ! ctype_digit($size) || (int) $size === 0) {
            throw new Problem(
                400,
                'No film arrived',
                'Say in Upload-Length how many bytes the film has; an empty file is none.',
            );
        }
        if ((int) $size > $this->most()) {
            throw new Problem(
                413,
                'The file is too large',
                'A film may have at most '.config('film.most_mb').' MB. Cut it or export it smaller.',
            );
        }
        $meta = $this->metadata($request);
        $snap = $meta['snap'] ?? null;
        if ($snap !== null && ! $reel->snaps()->whereKey($snap)->exists()) {
            throw new Problem(422, 'No such snap', 'The snap this film should go to is not in this reel any more.');
        }
        $name = mb_substr(trim((string) preg_replace('/[[:cntrl:]]+/u', ' ',
            basename(str_replace('\\', '/', $meta['filename'] ?? 'film')))), 0, 200);
        $upload = Upload::query()->create(['reel_id' => $reel->id, 'user_id' => $request->user()->id,
            'name' => $name ?: 'film', 'size' => (int) $size, 'angle' => ($meta['angle'] ?? '') === 'tight' ? 'tight'
            : 'wide', 'snap_id' => $snap]);
        File::ensureDirectoryExists(dirname($upload->path()));
        File::put($upload->path(), '');

        return $this->answer(201, ['Location' => "/api/v1/uploads/{$upload->id}"]);
    }

    /** How far an upload has come. */
    public function show(Upload $upload): Response
    {
        $this->mine($upload);

        return $this->answer(
            200,
            [
                'Upload-Offset' => (string) $upload->received,
                'Upload-Length' => (string) $upload->size,
                'Cache-Control' => 'no-store',
            ] + ($upload->clip_id === null ? [] : ['X-Clip' => $upload->clip_id]),
        );
    }

    /** Takes the next part. It counts once it is on the disk. */
    public function update(Request $request, Upload $upload): Response
    {
        $this->mine($upload);
        if ($request->header('Content-Type') !== 'application/offset+octet-stream') {
            throw new Problem(415, 'Not a part of a film', 'Send parts as application/offset+octet-stream.');
        }
        if ($request->headers->get('Upload-Offset') !== (string) $upload->received) {
            throw new Problem(
                409,
                'This part does not follow',
                "The server has {$upload->received} bytes: go on from there.",
            );
        }
        $part = $request->getContent(true);
        $file = fopen($upload->path(), 'c+b');
        if ($file === false || fseek($file, $upload->received) !== 0) {
            throw new Problem(
                507,
                'The server cannot keep the film',
                'Its disk is full or not writable. Nothing that was saved is lost; make room and go on.',
            );
        }
        $written = stream_copy_to_stream($part, $file, $upload->size - $upload->received);
        $kept = fflush($file) && fclose($file) && $written !== false;
        if (! $kept) {
            throw new Problem(
                507,
                'The server cannot keep the film',
                'Its disk is full. Nothing that was saved is lost; make room and go on.',
            );
        }
        $upload->update(['received' => $upload->received + $written]);

        return $this->answer(
            204,
            ['Upload-Offset' => (string) $upload->received] +
                ($upload->received === $upload->size ? ['X-Clip' => $this->finished($upload)] : []),
        );
    }

    public function destroy(Upload $upload): Response
    {
        $this->mine($upload);
        File::delete($upload->path());
        $upload->delete();

        return $this->answer(204);
    }

    /** The whole film is here: it becomes a clip, and whatever it needs is done in the background. */
    private function finished(Upload $upload): string
    {
        $clip = DB::transaction(function () use ($upload): Clip {
            $extension = strtolower(pathinfo($upload->name, PATHINFO_EXTENSION));
            $file = Str::ulid().'.'.(preg_match('/^[a-z0-9]{2,4}$/', $extension) === 1 ? $extension : 'bin');
            $taken = $upload->snap_id !== null && Clip::query()
                ->where(['snap_id' => $upload->snap_id, 'angle' => $upload->angle])->exists();
            $clip = Clip::query()->create(['reel_id' => $upload->reel_id, 'snap_id' => $taken ? null : $upload->snap_id,
                'angle' => $upload->angle, 'name' => $upload->name, 'file' => $file,
                'sync_s' => $upload->angle === 'wide' ? 0.0 : null]);
            File::move($upload->path(), $clip->path());
            $upload->update(['clip_id' => $clip->id]);

            return $clip;
        });
        ReadyClip::dispatch($clip->id);

        return $clip->id;
    }

    private function mine(Upload $upload): void
    {
        $this->authorize('update', Reel::query()->findOrFail($upload->reel_id));
    }

    private function most(): int
    {
        return config('film.most_mb') * 1024 * 1024;
    }

    /** @return array<string, string> the pairs of Upload-Metadata */
    private function metadata(Request $request): array
    {
        $pairs = [];
        foreach (explode(',', $request->headers->get('Upload-Metadata') ?? '') as $pair) {
            [$key, $value] = explode(' ', trim($pair), 2) + [1 => ''];
            $pairs[$key] = (string) base64_decode($value, true);
        }

        return array_filter($pairs, fn (string $v): bool => $v !== '' && mb_check_encoding($v, 'UTF-8'));
    }

    /** @param  array<string, string>  $headers */
    private function answer(int $status, array $headers = []): Response
    {
        return response('', $status, ['Tus-Resumable' => self::VERSION] + $headers);
    }
}
