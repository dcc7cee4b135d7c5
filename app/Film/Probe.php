<?php

namespace App\Film;

use App\Http\Problem;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

/** Asks ffprobe what a file is; anything that is not a film a browser can play is refused with the reason. */
class Probe
{
    private const PLAYABLE = ['webm' => 'video/webm', 'mp4' => 'video/mp4'];

    /**
     * @return array{mime: string, extension: string, video: array{fps: float, widthPx: int, heightPx: int, durationS: float}}
     *
     * @throws Problem
     */
    public function film(string $path): array
    {
        $process = new Process(['ffprobe', '-v', 'error', '-select_streams', 'v:0', '-show_entries',
            'stream=codec_name,width,height,avg_frame_rate:format=format_name,duration', '-of', 'json', $path], timeout: 30);
        try {
            $process->run();
        } catch (ExceptionInterface) {
            throw $this->refused('The file could not be read in time.');
        }
        $found = json_decode($process->getOutput(), true) ?? [];
        $stream = $found['streams'][0] ?? null;
        $duration = (float) ($found['format']['duration'] ?? 0);
        if (! $process->isSuccessful() || $stream === null || $duration <= 0.0) {
            throw $this->refused('It holds no moving picture, or it is cut off.');
        }
        $format = $found['format']['format_name'];
        $kind = str_contains($format, 'webm') ? 'webm' : (str_contains($format, 'mp4') ? 'mp4' : null);
        if ($kind === null || ! in_array($stream['codec_name'], ['vp8', 'vp9', 'av1', 'h264'], true)) {
            throw $this->refused("A browser cannot play {$stream['codec_name']} in $format.");
        }
        [$n, $d] = array_map(floatval(...), explode('/', $stream['avg_frame_rate'])) + [1 => 1.0];

        return ['mime' => self::PLAYABLE[$kind], 'extension' => $kind, 'video' => [
            'fps' => $d > 0.0 && $n > 0.0 ? round($n / $d, 3) : 30.0, 'widthPx' => (int) $stream['width'], 'heightPx' => (int) $stream['height'], 'durationS' => round($duration, 3),
        ]];
    }

    private function refused(string $why): Problem
    {
        return new Problem(422, 'This is not a film that can be used', "$why Upload an MP4 (H.264) or WebM file.");
    }
}
