<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Kinematics;

/**
 * A straight piece of a way: he gains speed, then brakes so that he leaves it no faster than its end allows. Yards and
 * seconds.
 */
final readonly class Leg
{
    private function __construct(
        private SprintLaw $law,
        public float $lengthYd,
        public float $entersYdS,
        /** When he begins to brake; the duration when he never does. */
        public float $brakesAt,
        public float $duration,
        public float $leavesYdS,
    ) {
    }

    /** @param  float  $allowedYdS  speed that the end of the leg allows, INF for any */
    public static function of(SprintLaw $law, float $lengthYd, float $entersYdS, float $allowedYdS): self
    {
        $free = $law->time($lengthYd, $entersYdS);
        $fastest = $law->speed($free, $entersYdS);
        if ($fastest <= $allowedYdS || $lengthYd <= 0.0) {
            return new self($law, $lengthYd, $entersYdS, $free, $free, $fastest);
        }
        if ($entersYdS > $allowedYdS && $law->braking($entersYdS, $allowedYdS) >= $lengthYd) {
            $leaves = sqrt(max(0.0, $entersYdS ** 2 - 2.0 * $law->brakes * $lengthYd));

            return new self($law, $lengthYd, $entersYdS, 0.0, ($entersYdS - $leaves) / $law->brakes, $leaves);
        }
        $from = self::brakingFrom($law, $lengthYd, $entersYdS, $allowedYdS, $free);
        $peak = $law->speed($from, $entersYdS);

        return new self($law, $lengthYd, $entersYdS, $from, $from + ($peak - $allowedYdS) / $law->brakes, $allowedYdS);
    }

    /** The moment from which the way that is left is just enough to brake: Newton's method on the closed form. */
    private static function brakingFrom(
        SprintLaw $law,
        float $lengthYd,
        float $entersYdS,
        float $allowedYdS,
        float $free,
    ): float {
        $t = 0.6 * $free;
        for ($i = 0; $i < 20; $i++) {
            $v = $law->speed($t, $entersYdS);
            $error =
                $law->distance($t, $entersYdS) +
                ($v * $v - $allowedYdS * $allowedYdS) / (2.0 * $law->brakes) -
                $lengthYd;
            if (abs($error) < 1e-7) {
                break;
            }
            $slope = $v * (1.0 + ($law->vmax - $v) / ($law->tau * $law->brakes));
            $t = max(0.0, min($free, $t - $error / max(0.3, $slope)));
        }

        return $t;
    }

    /** Yards he has come after $t seconds on the leg. */
    public function distance(float $t): float
    {
        if ($t <= $this->brakesAt) {
            return $this->law->distance($t, $this->entersYdS);
        }
        $braked = min($t, $this->duration) - $this->brakesAt;
        $peak = $this->law->speed($this->brakesAt, $this->entersYdS);

        return $this->law->distance($this->brakesAt, $this->entersYdS) +
            $peak * $braked -
            0.5 * $this->law->brakes * $braked * $braked;
    }

    public function speed(float $t): float
    {
        $sprint = $this->law->speed(min($t, $this->brakesAt), $this->entersYdS);

        return $t <= $this->brakesAt
            ? $sprint
            : max(0.0, $sprint - $this->law->brakes * (min($t, $this->duration) - $this->brakesAt));
    }

    /** Whether he slows down enough before its end for somebody to see it. */
    public function brakes(): bool
    {
        return $this->law->speed($this->brakesAt, $this->entersYdS) - $this->leavesYdS >= Cut::SEEN_YD_S;
    }
}
