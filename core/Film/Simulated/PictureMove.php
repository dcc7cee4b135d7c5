<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Simulated;

use Jacotaxis\Core\Film\Calibrate\Matrix;
use LogicException;

/**
 * How the simulated picture moved between two pointings of the camera: the homography a tracker of field paint should
 * find.
 */
final class PictureMove
{
    /** Places followed, as shares of the picture. */
    private const AT = [[0.1, 0.35], [0.9, 0.35], [0.1, 0.95], [0.9, 0.95], [0.5, 0.6]];

    /**
     * @return list<float> nine numbers, row by row, the last one 1
     */
    public static function between(Camera $from, Camera $to): array
    {
        $a = $b = [];
        foreach (self::AT as [$u, $v]) {
            $place = self::ground($from, $u * $from->widthPx, $v * $from->heightPx);
            [$x, $y] =
                $from->project(...$place) ?? throw new LogicException('A place in the picture is behind the lens.');
            [$p, $q] =
                $to->project(...$place) ?? throw new LogicException('A place in the picture is behind the lens.');
            $a[] = [$x, $y, 1.0, 0.0, 0.0, 0.0, -$p * $x, -$p * $y];
            $b[] = $p;
            $a[] = [0.0, 0.0, 0.0, $x, $y, 1.0, -$q * $x, -$q * $y];
            $b[] = $q;
        }
        // Pixels to order one, so that the normal equations keep their digits.
        $s = (float) $from->widthPx;
        foreach ($a as $n => $row) {
            $a[$n] = [
                $row[0] / $s,
                $row[1] / $s,
                $row[2],
                $row[3] / $s,
                $row[4] / $s,
                $row[5],
                $row[6] / $s / $s,
                $row[7] / $s / $s,
            ];
            $b[$n] /= $s;
        }
        $normal = Matrix::normal($a, array_values($b));
        $h = Matrix::solve(...$normal) ?? throw new LogicException('The picture has no area.');

        return [$h[0], $h[1], $h[2] * $s, $h[3], $h[4], $h[5] * $s, $h[6] / $s, $h[7] / $s, 1.0];
    }

    /**
     * Field yards of a pixel, by Newton's way on the projection.
     *
     * @return array{float, float}
     */
    private static function ground(Camera $camera, float $xPx, float $yPx): array
    {
        [$x, $y] = $camera->middle();
        for ($n = 0; $n < 30; $n++) {
            $at = $camera->project($x, $y);
            $dx = $camera->project($x + 0.01, $y);
            $dy = $camera->project($x, $y + 0.01);
            if ($at === null || $dx === null || $dy === null) {
                break;
            }
            $step = Matrix::solve(
                [
                    [($dx[0] - $at[0]) / 0.01, ($dy[0] - $at[0]) / 0.01],
                    [($dx[1] - $at[1]) / 0.01, ($dy[1] - $at[1]) / 0.01],
                ],
                [$xPx - $at[0], $yPx - $at[1]],
            );
            if ($step === null) {
                break;
            }
            $long = max(1.0, hypot(...$step) / 10.0);
            [$x, $y] = [$x + $step[0] / $long, $y + $step[1] / $long];
        }

        return [$x, $y];
    }
}
