<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Kinematics;

/**
 * The throws a quarterback can make over a distance, from the flattest to the lob.
 *
 * The flight is solved in closed form for drag taken along the ground speed, which a flat throw hardly leaves: against
 * BallFlight the flight times agree within one hundredth over 10 to 50 yards (tested).
 */
final class Arm
{
    /** Release speeds as fractions of the arm's fastest; a lob goes down to 62 %. */
    public const TOUCHES = [1.0, 0.86, 0.74, 0.62];

    /** @var array<int, list<array{float, float, float}>> throws by whole yard */
    private array $known = [];

    public function __construct(public readonly float $releaseSpeed)
    {
    }

    /**
     * The throws that reach a man $distanceYd away, flattest first.
     *
     * @return list<array{float, float, float}> flight seconds, ground speed at release, upward speed at release
     */
    public function throws(float $distanceYd): array
    {
        $yd = max(1, (int) round($distanceYd));

        return $this->known[$yd] ??= $this->solve((float) $yd);
    }

    /** Seconds the ball flies over $distanceYd with a throw from throws(). */
    public static function flight(float $distanceYd, float $groundSpeed): float
    {
        return (exp(BallFlight::DRAG * $distanceYd) - 1.0) / (BallFlight::DRAG * $groundSpeed);
    }

    /** Yards along the ground after $t seconds. */
    public static function distanceAt(float $t, float $groundSpeed): float
    {
        return log(1.0 + BallFlight::DRAG * $groundSpeed * $t) / BallFlight::DRAG;
    }

    /** Height in yards after $t seconds. */
    public static function heightAt(float $t, float $groundSpeed, float $upSpeed): float
    {
        $k = BallFlight::DRAG * $groundSpeed;
        $u = 1.0 + $k * $t;
        $ln = log($u);

        return BallFlight::RELEASE_YD + $upSpeed * $ln / $k
            - BallFlight::G / (2.0 * $k * $k) * (($u * $u - 1.0) / 2.0 - $ln);
    }

    /** @return list<array{float, float, float}> */
    private function solve(float $distanceYd): array
    {
        $throws = [];
        foreach (self::TOUCHES as $touch) {
            $speed = $this->releaseSpeed * $touch;
            $angle = $this->angle($distanceYd, $speed);
            if ($angle !== null) {
                $ground = $speed * cos($angle);
                $throws[] = [self::flight($distanceYd, $ground), $ground, $speed * sin($angle)];
            }
        }

        return $throws;
    }

    /** The flat launch angle that arrives at catch height, or null beyond the arm. */
    private function angle(float $distanceYd, float $speed): ?float
    {
        $angle = 0.05;
        for ($i = 0; $i < 30; $i++) {
            $miss = $this->miss($distanceYd, $speed, $angle);
            $slope = ($this->miss($distanceYd, $speed, $angle + 1e-4) - $miss) / 1e-4;
            if ($slope <= 0.3) {
                return null;
            }
            $angle -= $miss / $slope;
            if ($angle > 0.9) {
                return null;
            }
            if (abs($miss) < 1e-4) {
                return $angle;
            }
        }

        return null;
    }

    private function miss(float $distanceYd, float $speed, float $angle): float
    {
        $ground = $speed * cos($angle);

        return self::heightAt(self::flight($distanceYd, $ground), $ground, $speed * sin($angle)) - BallFlight::CATCH_YD;
    }
}
