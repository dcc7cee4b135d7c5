<?php

namespace App\Film\Files;

use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

/** Asks ffprobe what a file is, and makes of it what a browser can play. */
class Probe
{
    private const PLAYABLE = ['webm' => 'video/webm', 'mp4' => 'video/mp4'];

    private const CODECS = ['vp8', 'vp9', 'av1', 'h264'];

    /**
     * @return array{mime: string|null, extension: string, codec: string, video: array{fps: float, widthPx: int,
     *     heightPx: int, durationS: float}} mime is null when a browser cannot play it
     *
     * @throws NotAFilm with the reason
     */
    public function film(string $path): array
    {
        $process = new Process(['ffprobe', '-v', 'error', '-select_streams', 'v:0', '-show_entries',
            'stream=codec_name,width,height,avg_frame_rate:format=format_name,duration', '-of', 'json',
            ...Container::of($path)->only(), $path],
            timeout: 30);
        try {
            $process->run();
        } catch (ExceptionInterface) {
            throw new NotAFilm('The file could not be read in time.');
        }
        $found = json_decode($process->getOutput(), true) ?? [];
        $stream = $found['streams'][0] ?? null;
        $duration = (float) ($found['format']['duration'] ?? 0);
        if (! $process->isSuccessful() || $stream === null || $duration <= 0.0 || (int) ($stream['width'] ?? 0) < 16) {
            throw new NotAFilm('It holds no moving picture, or it is cut off.');
        }
        $format = $found['format']['format_name'];
        $kind = match (true) {
            str_contains($format, 'webm') => 'webm',
            str_contains($format, 'mp4') => 'mp4',
            default => null,
        };
        [$n, $d] = array_map(floatval(...), explode('/', $stream['avg_frame_rate'])) + [1 => 1.0];

        return ['mime' => $kind !== null && in_array($stream['codec_name'], self::CODECS, true) ? self::PLAYABLE[$kind]
            : null, 'extension' => $kind ?? 'bin', 'codec' => "{$stream['codec_name']} in $format",
            'video' => ['fps' => $d > 0.0 && $n > 0.0 ? min(240.0, round($n / $d, 3)) : 30.0,
                'widthPx' => (int) $stream['width'], 'heightPx' => (int) $stream['height'],
                'durationS' => round($duration, 3)]];
    }

    /**
     * Makes an MP4 a browser can play beside the file and gives its path.
     *
     * @throws NotAFilm when that fails
     */
    public function converted(string $path): string
    {
        $to = "$path.mp4";
        $process = new Process(['ffmpeg', '-v', 'error', '-y', ...Container::of($path)->only(), '-i', $path,
            '-map', '0:v:0', '-an', '-c:v', 'libx264',
            '-preset', 'veryfast', '-crf', '23', '-pix_fmt', 'yuv420p', '-vf', 'scale=trunc(iw/2)*2:trunc(ih/2)*2',
            '-g', '15', '-movflags', '+faststart', $to], timeout: 3600);
        try {
            $process->run();
        } catch (ExceptionInterface) {
            @unlink($to);
            throw new NotAFilm('Converting it took too long.');
        }
        if (! $process->isSuccessful()) {
            @unlink($to);
            throw new NotAFilm(
                'A browser cannot play it and it could not be converted: '.
                    mb_substr(trim(strtok($process->getErrorOutput(), "\n") ?: ''), 0, 160),
            );
        }

        return $to;
    }

    /** Writes a picture of a moment, JPEG. */
    public function thumbnail(string $path, float $atS, string $to, int $widthPx = 192): bool
    {
        try {
            $only = Container::of($path)->only();
        } catch (NotAFilm) {
            return false;
        }
        $process = new Process(['ffmpeg', '-v', 'error', '-y', '-ss', sprintf('%.3f', $atS), ...$only, '-i', $path,
            '-frames:v', '1', '-vf', "scale=$widthPx:-2", '-q:v', '5', $to], timeout: 30);
        try {
            return $process->run() === 0 && is_file($to);
        } catch (ExceptionInterface) {
            return false;
        }
    }
}
