<?php

namespace App\Film;

use Jacotaxis\Core\Film\Camera;
use Jacotaxis\Core\Film\FilmedRun;
use RuntimeException;
use Symfony\Component\Process\InputStream;
use Symfony\Component\Process\Process;

/** Films a run: paints every frame, encodes WebM with ffmpeg, and writes the ground truth beside it. */
class Recorder
{
    public const FPS = 30;

    /** @return array{frames: int, bytes: int} */
    public function record(FilmedRun $run, Camera $camera, string $path): array
    {
        $input = new InputStream;
        $ffmpeg = new Process(['ffmpeg', '-v', 'error', '-y', '-f', 'image2pipe', '-vcodec', 'bmp', '-r', (string) self::FPS, '-i', '-',
            '-c:v', 'libvpx', '-b:v', '420k', '-crf', '14', '-g', '15', '-deadline', 'good', '-cpu-used', '4', '-pix_fmt', 'yuv420p', $path], timeout: 300, input: $input);
        $ffmpeg->start();
        $painter = new Painter($camera, $run);
        $frames = (int) floor($run->duration() * self::FPS);
        for ($n = 0; $n < $frames; $n++) {
            $input->write($this->bitmap($painter->frame($n / self::FPS)));
        }
        $input->close();
        $ffmpeg->wait();
        if (! $ffmpeg->isSuccessful()) {
            throw new RuntimeException('ffmpeg could not write the clip: '.trim($ffmpeg->getErrorOutput()));
        }
        file_put_contents(preg_replace('/\.webm$/', '.truth.json', $path), json_encode($this->truth($run, $camera, $frames), JSON_THROW_ON_ERROR));

        return ['frames' => $frames, 'bytes' => filesize($path)];
    }

    private function bitmap(\GdImage $image): string
    {
        ob_start();
        imagebmp($image, null, false);

        return (string) ob_get_clean();
    }

    /** @return array<string, mixed> what is true about the clip: field yards, seconds of the clip */
    private function truth(FilmedRun $run, Camera $camera, int $frames): array
    {
        $frame = $run->proof->scene->frame;
        $spots = [];
        for ($n = 0; $n < $frames; $n += 3) {
            $spots[] = ['atS' => round($n / self::FPS, 3), 'men' => array_map(fn (array $p): array => array_map(fn (float $v): float => round($v, 3), $frame->toField(...$p)), $run->at($n / self::FPS))];
        }

        return [
            'fps' => self::FPS, 'widthPx' => $camera->widthPx, 'heightPx' => $camera->heightPx, 'durationS' => round($frames / self::FPS, 3),
            'camera' => ['from' => $camera->from, 'focalPx' => $camera->focalPx, 'distortion' => $camera->distortion],
            'marks' => array_map(fn (float $t): float => round(FilmedRun::BEFORE + $t, 3), $run->marks), 'thrownTo' => $run->thrownTo, 'spots' => $spots,
        ];
    }
}
