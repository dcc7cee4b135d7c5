<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Kinematics;

/**
 * A thrown ball as a point mass with quadratic drag, yards and seconds.
 *
 * Spiral drag coefficient 0.055 (Watts and Moore, American Journal of Physics 71, 2003: 0.05 to 0.06); mass 14.5 oz and
 * girth 21 in (rule books, Rule 1, from memory); air 1.225 kg/m3.
 */
final readonly class BallFlight
{
    /** Gravity, yards a second squared. */
    public const G = 9.80665 / 0.9144;

    /** Height at which the ball leaves the hand and at which it is caught, yards. */
    public const RELEASE_YD = 2.1;

    public const CATCH_YD = 1.5;

    /** Drag per mass, 1/yard: acceleration = DRAG * speed^2. */
    public const DRAG = 0.5 * 1.225 * 0.055 * (M_PI * 0.0849 * 0.0849) / 0.411 * 0.9144;

    /**
     * Height and distance after $t seconds, by the classical Runge-Kutta method.
     *
     * @return array{float, float, float, float} distance, height, speed along the ground, speed upward
     */
    public static function at(
        float $speed,
        float $angleRad,
        float $t,
        float $drag = self::DRAG,
        float $step = 0.01,
    ): array {
        $n = max(1, (int) ceil($t / $step));
        $h = $t / $n;
        $s = [0.0, self::RELEASE_YD, $speed * cos($angleRad), $speed * sin($angleRad)];
        for ($i = 0; $i < $n; $i++) {
            $k1 = self::slope($s, $drag);
            $k2 = self::slope(self::shifted($s, $k1, $h / 2.0), $drag);
            $k3 = self::slope(self::shifted($s, $k2, $h / 2.0), $drag);
            $k4 = self::slope(self::shifted($s, $k3, $h), $drag);
            foreach ([0, 1, 2, 3] as $j) {
                $s[$j] += $h / 6.0 * ($k1[$j] + 2.0 * $k2[$j] + 2.0 * $k3[$j] + $k4[$j]);
            }
        }

        return $s;
    }

    /**
     * @param  array{float, float, float, float}  $s
     * @return array{float, float, float, float}
     */
    private static function slope(array $s, float $drag): array
    {
        $v = sqrt($s[2] * $s[2] + $s[3] * $s[3]);

        return [$s[2], $s[3], -$drag * $v * $s[2], -self::G - $drag * $v * $s[3]];
    }

    /**
     * @param  array{float, float, float, float}  $s
     * @param  array{float, float, float, float}  $k
     * @return array{float, float, float, float}
     */
    private static function shifted(array $s, array $k, float $h): array
    {
        return [$s[0] + $h * $k[0], $s[1] + $h * $k[1], $s[2] + $h * $k[2], $s[3] + $h * $k[3]];
    }
}
