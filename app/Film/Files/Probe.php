<?php

namespace App\Film\Files;

use Closure;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

/** Asks ffprobe what a file is, and makes of it what a browser can play. */
class Probe
{
    private const SHOWS = 'stream=codec_name,width,height,avg_frame_rate,sample_aspect_ratio'
        .':stream_side_data=rotation:format=format_name,duration';

    /** @throws NotAFilm with the reason */
    public function film(string $path): Footage
    {
        $found = json_decode($this->asked($path, ['-show_entries', self::SHOWS, '-of', 'json']), true) ?? [];
        $stream = $found['streams'][0] ?? null;
        $duration = (float) ($found['format']['duration'] ?? 0);
        if ($stream === null || $duration <= 0.0 || (int) ($stream['width'] ?? 0) < 16) {
            throw new NotAFilm('It holds no moving picture, or it is cut off.');
        }
        $turns = array_column($stream['side_data_list'] ?? [], 'rotation');

        return new Footage(
            $found['format']['format_name'],
            $stream['codec_name'],
            (int) $stream['width'],
            (int) $stream['height'],
            (float) ($turns[0] ?? 0.0),
            self::ratio($stream['sample_aspect_ratio'] ?? '1:1') ?? 1.0,
            self::ratio($stream['avg_frame_rate'] ?? '') ?? 0.0,
            $duration,
            $this->times($path),
        );
    }

    /** @throws NotAFilm */
    private function times(string $path): FrameTimes
    {
        $lines = explode("\n", $this->asked($path, ['-show_entries', 'packet=pts_time', '-of', 'csv=p=0']));
        $shown = array_filter(array_map(fn (string $l): string => trim($l, ", \r"), $lines), is_numeric(...));

        return FrameTimes::of(array_map(floatval(...), array_values($shown)));
    }

    /**
     * @param  list<string>  $what
     *
     * @throws NotAFilm
     */
    private function asked(string $path, array $what): string
    {
        $process = new Process(
            ['ffprobe', '-v', 'error', '-select_streams', 'v:0', ...$what, ...Container::of($path)->only(), $path],
            timeout: 120,
        );
        try {
            $process->run();
        } catch (ExceptionInterface) {
            throw new NotAFilm('The file could not be read in time.');
        }
        if (! $process->isSuccessful()) {
            throw new NotAFilm('It holds no moving picture, or it is cut off.');
        }

        return $process->getOutput();
    }

    /** "30000/1001" or "4:3" as a number, or null where it says nothing. */
    private static function ratio(string $words): ?float
    {
        $parts = array_map(floatval(...), preg_split('#[/:]#', $words) ?: []);

        return count($parts) === 2 && $parts[0] > 0.0 && $parts[1] > 0.0 ? $parts[0] / $parts[1] : null;
    }

    /**
     * Makes an MP4 a browser can play beside the file and gives its path: upright, with square pixels, at one rate, and
     * no larger than a browser plays.
     *
     * @param  (Closure(): mixed)|null  $alive  called now and then while it goes on
     *
     * @throws NotAFilm when that fails
     */
    public function converted(string $path, Footage $from, ?Closure $alive = null): string
    {
        $to = "$path.mp4";
        $rate = $from->isUneven() ? ['-fps_mode', 'cfr', '-r', (string) $from->fps()] : [];
        $most = Footage::MOST_PX;
        $square = "scale='trunc(iw*sar/2)*2':'trunc(ih/2)*2',setsar=1";
        $fits = "scale=w='if(gt(iw,ih),min(iw,$most),-2)':h='if(gt(iw,ih),-2,min(ih,$most))'";
        $process = new Process(['ffmpeg', '-v', 'error', '-y', ...Container::of($path)->only(), '-i', $path,
            '-map', '0:v:0', '-an', '-c:v', 'libx264', '-preset', 'veryfast', '-crf', '23', '-pix_fmt', 'yuv420p',
            '-vf', "$square,$fits", ...$rate, '-g', '15', '-movflags', '+faststart',
            '-progress', 'pipe:1', '-stats_period', '10', $to], timeout: 3600);
        $tell = fn (string $pipe): mixed => $pipe === Process::OUT && $alive !== null ? $alive() : null;
        try {
            $process->run($tell);
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
