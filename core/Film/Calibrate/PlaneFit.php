<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Calibrate;

/**
 * The arithmetic of a plane projective map fitted to pairs of points: coordinates shifted and scaled to order one, the
 * direct linear transform, Gauss-Newton on the pixel errors, derivatives and what is left over (published picture
 * geometry, from memory).
 */
final class PlaneFit
{
    /**
     * What brings points to order one: their middle, and their mean distance from it by the root of two.
     *
     * @param  list<float>  $x
     * @param  list<float>  $y
     * @return array{float, float, float} shift x, shift y and scale
     */
    public static function frame(array $x, array $y): array
    {
        $n = count($x);
        $mx = array_sum($x) / $n;
        $my = array_sum($y) / $n;
        $sum = 0.0;
        foreach ($x as $i => $v) {
            $sum += hypot($v - $mx, $y[$i] - $my);
        }

        return [$mx, $my, $sum / $n / M_SQRT2];
    }

    /**
     * The direct linear transform.
     *
     * @param  list<array{float, float, float, float, float}>  $pairs  field and picture, and the weight of the click
     * @return list<float>
     */
    public static function direct(array $pairs): array
    {
        $a = $b = [];
        foreach ($pairs as [$x, $y, $u, $v]) {
            $a[] = [$x, $y, 1.0, 0.0, 0.0, 0.0, -$u * $x, -$u * $y];
            $b[] = $u;
            $a[] = [0.0, 0.0, 0.0, $x, $y, 1.0, -$v * $x, -$v * $y];
            $b[] = $v;
        }

        return Matrix::solve(...Matrix::normal($a, $b)) ?? throw BadCalibration::collinear();
    }

    /**
     * Gauss-Newton on the pixel errors; also the covariance of the parameters by the stated errors of
     * the clicks.
     *
     * @param  list<float>  $h
     * @param  list<array{float, float, float, float, float}>  $pairs  field and picture, and the weight of the click
     * @return array{list<float>, list<list<float>>}
     */
    public static function refined(array $h, array $pairs): array
    {
        $spread = [];
        for ($n = 0; $n < 12; $n++) {
            $a = $b = [];
            foreach ($pairs as [$x, $y, $u, $v, $weight]) {
                [$pu, $pv] = self::apply($h, $x, $y);
                [$rowU, $rowV] = self::rows($h, $x, $y, $pu, $pv);
                $weighed = fn (float $d): float => $weight * $d;
                array_push($a, array_map($weighed, $rowU), array_map($weighed, $rowV));
                array_push($b, $weight * ($u - $pu), $weight * ($v - $pv));
            }
            [$ata, $atb] = Matrix::normal($a, $b);
            $spread = Matrix::inverse($ata) ?? throw BadCalibration::collinear();
            $step = Matrix::times($spread, $atb);
            $h = array_map(fn (float $p, float $d): float => $p + $d, $h, $step);
            if (Matrix::most($step) < 1e-12) {
                break;
            }
        }

        return [$h, $spread];
    }

    /**
     * Derivatives of the two picture coordinates by the eight parameters, and the depth.
     *
     * @param  list<float>  $h
     * @return array{list<float>, list<float>, float}
     */
    public static function rows(array $h, float $x, float $y, float $u, float $v): array
    {
        $w = $h[6] * $x + $h[7] * $y + 1.0;

        return [
            [$x / $w, $y / $w, 1.0 / $w, 0.0, 0.0, 0.0, -$u * $x / $w, -$u * $y / $w],
            [0.0, 0.0, 0.0, $x / $w, $y / $w, 1.0 / $w, -$v * $x / $w, -$v * $y / $w],
            $w,
        ];
    }

    /**
     * @param  list<float>  $h
     * @return array{float, float}
     */
    public static function apply(array $h, float $x, float $y): array
    {
        $w = $h[6] * $x + $h[7] * $y + 1.0;

        return [($h[0] * $x + $h[1] * $y + $h[2]) / $w, ($h[3] * $x + $h[4] * $y + $h[5]) / $w];
    }

    /**
     * @param  list<float>  $a
     * @param  list<list<float>>  $m
     * @param  list<float>  $b
     */
    public static function form(array $a, array $m, array $b): float
    {
        $sum = 0.0;
        foreach (Matrix::times($m, $b) as $k => $v) {
            $sum += $a[$k] * $v;
        }

        return $sum;
    }

    /**
     * Pixels by which each point misses its fit.
     *
     * @param  list<float>  $h
     * @param  list<array{float, float, float, float, float}>  $pairs  field and picture, and the weight of the click
     * @return list<float>
     */
    public static function misses(array $h, array $pairs, float $scale): array
    {
        return array_map(function (array $p) use ($h, $scale): float {
            [$u, $v] = self::apply($h, $p[0], $p[1]);

            return hypot($u - $p[2], $v - $p[3]) * $scale;
        }, $pairs);
    }
}
