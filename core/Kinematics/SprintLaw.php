<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Kinematics;

/**
 * A runner's speed from a standing start: v(t) = vmax (1 - exp(-t/tau)), yards and seconds.
 *
 * Source: Furusawa, Hill and Parkinson 1927; Keller 1973. A cut that keeps the fraction k of the speed
 * costs (1 - k) tau seconds against running on.
 */
final readonly class SprintLaw
{
    public function __construct(public float $vmax, public float $tau = 0.8)
    {
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
