<?php

namespace App\Jobs;

use App\Film\Files\Footage;
use App\Film\Files\NotAFilm;
use App\Film\Files\Probe;
use App\Models\Clip;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/**
 * Makes an uploaded film ready: looks what it is, converts it when a browser cannot play it, takes its small picture.
 */
class ReadyClip implements ShouldQueue
{
    use Queueable;

    public int $timeout = 3700;

    /** A worker that is stopped in the middle counts as a try; what the film itself breaks is tried twice. */
    public int $tries = 20;

    public int $maxExceptions = 2;

    public function __construct(private readonly string $clipId)
    {
    }

    /** Begins it anew: the film waits for a worker, or is told to be gone. */
    public static function begin(Clip $clip): void
    {
        if (is_file($clip->path())) {
            $clip->update(['status' => 'waiting', 'reason' => '']);
            self::dispatch($clip->id);
        } else {
            $clip->update(['status' => 'refused', 'reason' => 'Its file is gone on the server. Send the film again.']);
        }
    }

    public function handle(Probe $probe): void
    {
        $clip = Clip::query()->find($this->clipId);
        if ($clip === null || $clip->status === 'ready') {
            return;
        }
        $clip->update(['status' => 'working']);
        try {
            $sent = $found = $probe->film($clip->path());
            $was = $clip->path();
            if ($found->mime() === null) {
                $made = $probe->converted($was, $found, $clip->touch(...));
                $clip->file = basename($made);
                $found = $probe->film($made);
            }
            $video = $found->video();
            $clip->fill(['mime' => $found->mime() ?? 'video/mp4', 'video' => $video, 'status' => 'ready',
                'reason' => self::note($sent)]);
            if (! $this->kept($clip, $was)) {
                return;
            }
            $this->tell($clip);
            $probe->thumbnail(
                $clip->path(),
                $clip->from_s + min(1.0, $video['durationS'] / 2),
                $clip->thumbnail(),
            );
        } catch (NotAFilm $e) {
            @unlink($clip->path());
            $clip->update(['status' => 'refused', 'reason' => mb_substr($e->cure(), 0, 400)]);
        }
    }

    /**
     * Saves it, and only then lets the film go that was sent: killed in between, the next try finds one or the other.
     *
     * @return bool false where it was thrown away meanwhile: what was made of it goes, what was sent stays
     */
    private function kept(Clip $clip, string $was): bool
    {
        $isThere = Clip::query()->whereKey($clip->id)->exists();
        $made = $clip->path();
        if ($isThere) {
            $clip->save();
        }
        $goes = $isThere ? $was : $made;
        if ($made !== $was && is_file($goes)) {
            unlink($goes);
        }

        return $isThere;
    }

    /** What was changed in a film, and what is missing of it, in words for a coach. */
    private static function note(Footage $sent): string
    {
        $changes = $sent->changes();
        $made = $changes === [] ? '' : 'It was '.implode(', ', $changes).'.';

        return mb_substr(trim("$made {$sent->missing()}"), 0, 400);
    }

    /** The snap's document learns the size and the rate of its first angle. */
    private function tell(Clip $clip): void
    {
        $snap = $clip->snap_id === null ? null : $clip->snap;
        if ($snap !== null && $clip->angle === 'wide' && ! isset($snap->document['video'])) {
            $snap->update(['document' => ['video' => $clip->video] + $snap->document]);
        }
    }

    public function failed(): void
    {
        Clip::query()
            ->whereKey($this->clipId)
            ->update(['status' => 'broken', 'reason' => 'Making it ready broke off.']);
    }
}
