<?php

namespace App\Film;

use GdImage;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Film\Calibrate\FieldMarks;
use Jacotaxis\Core\Film\Simulated\Camera;
use Jacotaxis\Core\Film\Simulated\CameraMan;
use Jacotaxis\Core\Film\Simulated\FilmedRun;

/** Paints one frame of the simulated film: field paint in perspective, men as upright figures, the ball. */
class Painter
{
    private const GROUND = [74, 92, 72];

    private const PAINT = [214, 218, 206];

    private const OFFENSE = [236, 230, 214];

    private const DEFENSE = [52, 66, 120];

    /** The camera as it points in the frame that is painted. */
    private Camera $camera;

    /**
     * @param  array<string, int>  $numbers  jersey numbers by letter or role; the others go without saying in their
     *     order
     */
    /** Paint right under the lens is drawn no thicker than this, pixels. */
    private const THICKEST_PX = 5;

    /** Paint that would lie farther outside the picture is not drawn, pixels. */
    private const FAR_PX = 1600.0;

    /** @param  array<string, int|string>  $numbers  on the jerseys, by letter or role */
    public function __construct(
        private readonly CameraMan $cameraMan,
        private readonly FilmedRun $run,
        private readonly array $numbers = [],
    ) {
        $this->camera = $cameraMan->at(0.0);
    }

    public function frame(float $t): GdImage
    {
        $this->camera = $this->cameraMan->at($t);
        $image = imagecreatetruecolor(max(1, $this->camera->widthPx), max(1, $this->camera->heightPx));
        imageantialias($image, true);
        imagefill($image, 0, 0, $this->colour($image, self::GROUND));
        $shake = Camera::shake($t);
        $this->paint($image, $shake);
        $this->men($image, $t, $shake);

        return $image;
    }

    /** @param  array{float, float}  $shake */
    private function paint(GdImage $image, array $shake): void
    {
        $situation = $this->run->proof->scene()->setting->situation;
        $rules = $situation->rules;
        $from = max(0.0, $situation->ballOnYd - 30.0);
        $to = min(100.0, $situation->ballOnYd + 45.0);
        $white = $this->colour($image, self::PAINT);
        $lines = array_filter(
            FieldMarks::lines($rules, $from, $to),
            fn (array $l): bool => $l[0] !== $l[2] || $l[0] === 0.0 || $l[0] === RuleSet::WIDTH_YD,
        );
        foreach ($lines as $line) {
            $this->stripe($image, $line, 0.12, $white, $shake);
        }
        foreach ([$rules->hashFromSidelineYd(), RuleSet::WIDTH_YD - $rules->hashFromSidelineYd()] as $x) {
            for ($y = ceil($from); $y <= $to; $y++) {
                $this->stripe($image, [$x - 0.33, $y, $x + 0.33, $y], 0.1, $white, $shake);
            }
        }
        for ($y = ceil($from / 10.0) * 10.0; $y <= $to; $y += 10.0) {
            $label = (string) (int) min($y, 100.0 - $y);
            if ($label !== '0') {
                $this->numbers($image, $label, $y, $shake);
            }
        }
    }

    /**
     * @param  array{float, float, float, float}  $line
     * @param  array{float, float}  $shake
     */
    private function stripe(GdImage $image, array $line, float $widthYd, int $colour, array $shake): void
    {
        [$x1, $y1, $x2, $y2] = $line;
        $n = max(1, (int) ceil(hypot($x2 - $x1, $y2 - $y1) / 2.0));
        $before = null;
        for ($k = 0; $k <= $n; $k++) {
            $p = $this->camera->project($x1 + (($x2 - $x1) * $k) / $n, $y1 + (($y2 - $y1) * $k) / $n, 0.0, $shake);
            if (
                $p !== null &&
                $before !== null &&
                max(abs($p[0]), abs($p[1]), abs($before[0]), abs($before[1])) < self::FAR_PX
            ) {
                imagesetthickness($image, max(1, min(self::THICKEST_PX, (int) round($widthYd * $p[2]))));
                imageline(
                    $image,
                    (int) round($before[0]),
                    (int) round($before[1]),
                    (int) round($p[0]),
                    (int) round($p[1]),
                    $colour,
                );
            }
            $before = $p;
        }
    }

    /** @param  array{float, float}  $shake */
    private function numbers(GdImage $image, string $label, float $y, array $shake): void
    {
        [$bottom, $top] = $this->run->proof->scene()->setting->situation->rules->numbersFromSidelineYd();
        $white = $this->colour($image, self::PAINT);
        foreach ([($bottom + $top) / 2.0, RuleSet::WIDTH_YD - ($bottom + $top) / 2.0] as $x) {
            $p = $this->camera->project($x, $y, 0.0, $shake);
            if ($p !== null) {
                $size = max(6.0, $p[2] * 1.1);
                $box = imagettfbbox($size, 0, $this->font(), $label) ?: [0, 0, 0, 0, 0, 0, 0, 0];
                imagettftext(
                    $image,
                    $size,
                    0,
                    (int) ($p[0] - ($box[2] - $box[0]) / 2),
                    (int) ($p[1] + $size / 2),
                    $white,
                    $this->font(),
                    $label,
                );
            }
        }
    }

    /** @param  array{float, float}  $shake */
    private function men(GdImage $image, float $t, array $shake): void
    {
        $frame = $this->run->proof->scene()->frame;
        $figures = [];
        $offense = $this->run->frames['men'];
        $names = array_keys($this->run->at($t));
        foreach (array_values($this->run->at($t)) as $n => [$x, $y]) {
            [$fx, $fy] = $frame->toField($x, $y);
            $feet = $this->camera->project($fx, $fy, 0.0, $shake);
            $head = $this->camera->project($fx, $fy, 1.9, $shake);
            if ($feet !== null && $head !== null) {
                $figures[] = [$feet, $head, $n < count($offense), $n];
            }
        }
        usort($figures, fn (array $a, array $b): int => $a[0][1] <=> $b[0][1]);
        foreach ($figures as [$feet, $head, $ours, $n]) {
            $this->figure(
                $image,
                $feet,
                $head,
                $ours ? self::OFFENSE : self::DEFENSE,
                (string) ($this->numbers[$names[$n]] ?? $n + 1),
            );
        }
        [$bx, $by, $bz] = $this->run->ball($t);
        $ball = $this->camera->project(...[...$frame->toField($bx, $by), $bz, $shake]);
        if ($ball !== null) {
            imagefilledellipse(
                $image,
                (int) $ball[0],
                (int) $ball[1],
                max(4, (int) ($ball[2] * 0.4)),
                max(3, (int) ($ball[2] * 0.28)),
                $this->colour($image, [124, 62, 30]),
            );
        }
    }

    /**
     * @param  array{float, float, float}  $feet
     * @param  array{float, float, float}  $head
     * @param  array{int<0, 255>, int<0, 255>, int<0, 255>}  $colour
     */
    private function figure(GdImage $image, array $feet, array $head, array $colour, string $number): void
    {
        $wide = max(4, (int) round($feet[2] * 0.62));
        $shadow = (int) imagecolorallocatealpha($image, 20, 26, 20, 70);
        imagefilledellipse(
            $image,
            (int) $feet[0],
            (int) $feet[1],
            (int) ($wide * 1.7),
            max(2, (int) ($wide * 0.5)),
            $shadow,
        );
        $c = $this->colour($image, $colour);
        $top = (int) round($head[1] + $feet[2] * 0.3);
        $shoulder = $top + intdiv($wide, 2);
        imagefilledrectangle(
            $image,
            (int) $feet[0] - intdiv($wide, 2),
            $shoulder,
            (int) $feet[0] + intdiv($wide, 2),
            (int) $feet[1] - 1,
            $c,
        );
        imagefilledellipse($image, (int) $feet[0], $shoulder, $wide + 1, $wide, $c);
        imagefilledellipse(
            $image,
            (int) $feet[0],
            (int) round($head[1] + $feet[2] * 0.15),
            max(3, (int) ($feet[2] * 0.34)),
            max(3, (int) ($feet[2] * 0.36)),
            $c,
        );
        if ($wide >= 7) {
            $ink = $this->colour($image, $colour === self::OFFENSE ? [30, 40, 42] : [236, 236, 240]);
            imagestring($image, 1, (int) $feet[0] - (strlen($number) * 5 >> 1) + 1, $shoulder, $number, $ink);
        }
    }

    /** @param  array{int<0, 255>, int<0, 255>, int<0, 255>}  $rgb */
    private function colour(GdImage $image, array $rgb): int
    {
        return (int) imagecolorallocate($image, ...$rgb);
    }

    private function font(): string
    {
        return resource_path('fonts/numbers.ttf');
    }
}
