<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Kinematics;

/**
 * A man's legs: how he gains speed, brakes, turns and cuts. Yards and seconds.
 *
 * From a standing start v(t) = vmax (1 - exp(-t/tau)) (Furusawa, Hill and Parkinson 1927; Keller 1973). Braking,
 * turning and the speed through a cut are start values from memory, settled by what the trade says comes out.
 */
final readonly class SprintLaw
{
    /** Slower than this a man starts in any direction, yards a second. */
    public const STANDS_YD_S = 1.0;

    /**
     * @param  float  $vmax  top speed, yd/s
     * @param  float  $tau  time constant of gaining speed, s
     * @param  float  $brakes  how hard he slows down, yd/s2
     * @param  float  $turns  how hard he may push sideways while he runs, yd/s2
     * @param  float  $cuts  change of velocity one planted step can give, yd/s
     */
    public function __construct(
        public float $vmax,
        public float $tau = 0.8,
        public float $brakes = 8.0,
        public float $turns = 7.0,
        public float $cuts = 4.3,
    ) {
    }

    /** The runner of this tau whose timed run over $distanceYd takes $seconds. */
    public static function tunedTo(float $distanceYd, float $seconds, float $tau = 0.8): self
    {
        return new self($distanceYd / ($seconds + $tau * (exp(-$seconds / $tau) - 1.0)), $tau);
    }

    /** Distance in yards after $t seconds, when starting at $v0 yards a second. */
    public function distance(float $t, float $v0 = 0.0): float
    {
        return $this->vmax * $t - ($this->vmax - $v0) * $this->tau * (1.0 - exp(-$t / $this->tau));
    }

    /** Speed in yards a second after $t seconds, when starting at $v0. */
    public function speed(float $t, float $v0 = 0.0): float
    {
        return $this->vmax - ($this->vmax - $v0) * exp(-$t / $this->tau);
    }

    /**
     * His velocity a step later who wants another: faster by the sprint law, slower by his brakes, sideways by what he
     * can push.
     *
     * @return array{float, float} yards a second
     */
    public function step(float $vx, float $vy, float $wantedVx, float $wantedVy): array
    {
        $dvx = $wantedVx - $vx;
        $dvy = $wantedVy - $vy;
        $speed = sqrt($vx * $vx + $vy * $vy);
        $gains = max(0.0, $this->vmax - $speed) / $this->tau * Path::STEP;
        if ($speed < self::STANDS_YD_S) {
            $change = sqrt($dvx * $dvx + $dvy * $dvy);
            $share = $change > $gains ? $gains / $change : 1.0;

            return [$vx + $share * $dvx, $vy + $share * $dvy];
        }
        $ux = $vx / $speed;
        $uy = $vy / $speed;
        $along = max(-$this->brakes * Path::STEP, min($gains, $dvx * $ux + $dvy * $uy));
        $push = $this->turns * Path::STEP;
        $across = max(-$push, min($push, $dvy * $ux - $dvx * $uy));

        return [$vx + $along * $ux - $across * $uy, $vy + $along * $uy + $across * $ux];
    }

    /** Fastest a man gets through a cut of an angle, yards a second: one step changes his velocity by $cuts at most. */
    public function throughCut(float $degrees): float
    {
        $half = sin(deg2rad(min(180.0, abs($degrees)) / 2.0));

        return $half < 1e-6 ? INF : $this->cuts / (2.0 * $half);
    }

    /** Yards it takes to brake from one speed to another. */
    public function braking(float $from, float $to = 0.0): float
    {
        return max(0.0, $from * $from - $to * $to) / (2.0 * $this->brakes);
    }

    /**
     * Seconds to cover $distanceYd from a start at $v0 toward the target (negative: running away from it).
     *
     * Newton's method on the closed form; the distance grows without bound, so a root always exists.
     */
    public function time(float $distanceYd, float $v0 = 0.0): float
    {
        if ($distanceYd <= 0.0) {
            return 0.0;
        }
        $t = $distanceYd / $this->vmax + $this->tau * max(0.0, 1.0 - $v0 / $this->vmax);
        for ($i = 0; $i < 8; $i++) {
            $slope = $this->speed($t, $v0);
            $error = $this->distance($t, $v0) - $distanceYd;
            if ($slope < 0.5) {
                $t += $this->tau;

                continue;
            }
            $t -= $error / $slope;
            if (abs($error) < 1e-6) {
                break;
            }
        }

        return max(0.0, $t);
    }
}
