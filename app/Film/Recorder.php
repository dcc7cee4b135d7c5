<?php

namespace App\Film;

use Jacotaxis\Core\Film\Simulated\CameraMan;
use Jacotaxis\Core\Film\Simulated\FilmedRun;
use RuntimeException;
use Symfony\Component\Process\InputStream;
use Symfony\Component\Process\Process;

/** Films a run: paints every frame, encodes WebM with ffmpeg, and writes the ground truth beside it. */
class Recorder
{
    public const FPS = 30;

    /**
     * @param  array<string, int>  $numbers  jersey numbers by letter or role
     * @return array{frames: int, bytes: int}
     */
    public function record(FilmedRun $run, CameraMan $camera, string $path, array $numbers = []): array
    {
        $input = new InputStream;
        $ffmpeg = new Process(['ffmpeg', '-v', 'error', '-y', '-f', 'image2pipe', '-vcodec', 'bmp', '-r',
            (string) self::FPS, '-i', '-',
            '-c:v', 'libvpx-vp9', '-b:v', '0', '-crf', '40', '-g', '30', '-deadline', 'good', '-cpu-used', '4',
            '-row-mt', '1', '-pix_fmt', 'yuv420p', $path], timeout: 300, input: $input);
        $ffmpeg->start();
        $painter = new Painter($camera, $run, $numbers);
        $frames = (int) floor($run->duration() * self::FPS);
        for ($n = 0; $n < $frames; $n++) {
            $input->write($this->bitmap($painter->frame($n / self::FPS)));
        }
        $input->close();
        $ffmpeg->wait();
        if (! $ffmpeg->isSuccessful()) {
            throw new RuntimeException('ffmpeg could not write the clip: '.trim($ffmpeg->getErrorOutput()));
        }
        file_put_contents(
            (string) preg_replace('/\.webm$/', '.truth.json', $path),
            json_encode($this->truth($run, $camera, $frames), JSON_THROW_ON_ERROR),
        );

        return ['frames' => $frames, 'bytes' => (int) filesize($path)];
    }

    private function bitmap(\GdImage $image): string
    {
        ob_start();
        imagebmp($image, null, false);

        return (string) ob_get_clean();
    }

    /**
     * @return array<string, mixed> what is true about the clip: field yards, seconds of the clip, and how the camera
     *     pointed
     */
    private function truth(FilmedRun $run, CameraMan $camera, int $frames): array
    {
        $frame = $run->proof->scene()->frame;
        $round = fn (array $p): array => array_map(fn (float $v): float => round($v, 2), $p);
        $spots = $views = [];
        for ($n = 0; $n < $frames; $n += 3) {
            $spots[] = array_map(fn (array $p): array => $round($frame->toField(...$p)), $run->at($n / self::FPS));
            $at = $camera->at($n / self::FPS);
            $views[] = [...$round($camera->toward($n / self::FPS)), round($at->focalPx, 2)];
        }

        return [
            'fps' => self::FPS, 'widthPx' => $camera->widthPx, 'heightPx' => $camera->heightPx,
            'durationS' => round($frames / self::FPS, 3), 'stepS' => 3 / self::FPS, 'angle' => $camera->angle,
            'camera' => ['from' => $camera->at(0.0)->from, 'distortion' => $camera->at(0.0)->distortion],
            'views' => $views,
            'marks' => array_map(fn (float $t): float => round(FilmedRun::BEFORE + $t, 3), $run->marks),
            'thrownTo' => $run->thrownTo, 'action' => $run->action, 'spots' => $spots,
        ];
    }
}
