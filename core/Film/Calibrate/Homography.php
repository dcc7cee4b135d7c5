<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Calibrate;

/** Arithmetic of plane projective maps as nine numbers, row by row, up to scale. */
final class Homography
{
    public const IDENTITY = [1.0, 0.0, 0.0, 0.0, 1.0, 0.0, 0.0, 0.0, 1.0];

    /**
     * Whether nine numbers move a picture at all.
     *
     * @param  list<float>  $h
     */
    public static function invertible(array $h): bool
    {
        $det =
            $h[0] * ($h[4] * $h[8] - $h[5] * $h[7]) -
            $h[1] * ($h[3] * $h[8] - $h[5] * $h[6]) +
            $h[2] * ($h[3] * $h[7] - $h[4] * $h[6]);

        return abs($h[8]) > 1e-9 && abs($det / $h[8] ** 3) > 1e-6;
    }

    /**
     * @param  list<float>  $h
     * @return array{float, float}
     */
    public static function apply(array $h, float $x, float $y): array
    {
        $w = $h[6] * $x + $h[7] * $y + $h[8];

        return [($h[0] * $x + $h[1] * $y + $h[2]) / $w, ($h[3] * $x + $h[4] * $y + $h[5]) / $w];
    }

    /**
     * First $b, then $a.
     *
     * @param  list<float>  $a
     * @param  list<float>  $b
     * @return list<float>
     */
    public static function times(array $a, array $b): array
    {
        $c = [];
        for ($i = 0; $i < 9; $i++) {
            [$r, $k] = [intdiv($i, 3) * 3, $i % 3];
            $c[] = $a[$r] * $b[$k] + $a[$r + 1] * $b[$k + 3] + $a[$r + 2] * $b[$k + 6];
        }

        return $c;
    }

    /**
     * @param  list<float>  $h
     * @return list<float> up to scale
     */
    public static function inverse(array $h): array
    {
        return [
            $h[4] * $h[8] - $h[5] * $h[7], $h[2] * $h[7] - $h[1] * $h[8], $h[1] * $h[5] - $h[2] * $h[4],
            $h[5] * $h[6] - $h[3] * $h[8], $h[0] * $h[8] - $h[2] * $h[6], $h[2] * $h[3] - $h[0] * $h[5],
            $h[3] * $h[7] - $h[4] * $h[6], $h[1] * $h[6] - $h[0] * $h[7], $h[0] * $h[4] - $h[1] * $h[3],
        ];
    }

    /**
     * A share of a small movement.
     *
     * @param  list<float>  $h
     * @return list<float>
     */
    public static function part(array $h, float $share): array
    {
        return array_map(fn (float $v, float $one): float => $one + $share * ($v / $h[8] - $one), $h, self::IDENTITY);
    }
}
