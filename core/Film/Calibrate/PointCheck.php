<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Calibrate;

/** Whether clicked points can place a picture on the field at all: enough of them, apart, and not on one line. */
final class PointCheck
{
    /**
     * @param  list<FieldClick>  $points
     *
     * @throws BadCalibration
     */
    public static function check(array $points): void
    {
        if (count($points) < 4) {
            throw BadCalibration::tooFew(count($points));
        }
        foreach ($points as $i => $p) {
            if (! $p->isFinite()) {
                throw BadCalibration::notFinite($i);
            }
            foreach (array_slice($points, 0, $i) as $k => $q) {
                if ($p->apartPx($q) < 2.0 || $p->apartYd($q) < 0.2) {
                    throw BadCalibration::repeated($k, $i);
                }
            }
        }
        if (
            self::thin(array_column($points, 'fieldXYd'), array_column($points, 'fieldYYd'), 1.0) ||
            self::thin(array_column($points, 'xPx'), array_column($points, 'yPx'), 6.0) ||
            self::allButOneInLine($points)
        ) {
            throw BadCalibration::collinear();
        }
    }

    /**
     * Whether all points lie within $width of one line.
     *
     * @param  list<float>  $x
     * @param  list<float>  $y
     */
    private static function thin(array $x, array $y, float $width): bool
    {
        $n = count($x);
        $mx = array_sum($x) / $n;
        $my = array_sum($y) / $n;
        $xx = $yy = $xy = 0.0;
        foreach ($x as $i => $v) {
            $xx += ($v - $mx) ** 2;
            $yy += ($y[$i] - $my) ** 2;
            $xy += ($v - $mx) * ($y[$i] - $my);
        }
        $least = ($xx + $yy) / 2 - sqrt((($xx - $yy) / 2) ** 2 + $xy ** 2);

        return sqrt(max(0.0, $least) / $n) < $width / 2.0;
    }

    /**
     * Four marks fix a picture only when no three of them are on a line; more marks need two off every line.
     *
     * @param  list<FieldClick>  $points
     */
    private static function allButOneInLine(array $points): bool
    {
        foreach (array_keys($points) as $left) {
            $rest = $points;
            unset($rest[$left]);
            if (self::thin(array_column($rest, 'fieldXYd'), array_column($rest, 'fieldYYd'), 0.8)) {
                return true;
            }
        }

        return false;
    }
}
