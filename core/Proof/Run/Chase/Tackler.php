<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run\Chase;

use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Proof\Run\Ball\Carrier;

/** A free defender on his way to a carrier: from a spot, after a delay, by the sprint law. Yards and seconds. */
final readonly class Tackler
{
    public function __construct(
        public string $role,
        public float $xYd,
        public float $yYd,
        public float $delay,
        public SprintLaw $law,
        public float $reachYd,
        /** His velocity when he goes, yards a second. */
        public float $vx = 0.0,
        public float $vy = 0.0,
    ) {
    }

    /** When he can lay hands on a runner at a spot. */
    public function timeTo(float $xYd, float $yYd): float
    {
        $dx = $xYd - $this->xYd;
        $dy = $yYd - $this->yYd;
        $away = hypot($dx, $dy);
        $toward = $away < 1e-6 ? 0.0 : ($this->vx * $dx + $this->vy * $dy) / $away;

        return $this->delay + $this->law->time(max(0.0, $away - $this->reachYd), $toward);
    }

    /** Step of the carrier's way at which he meets him, or null within the time that is looked at. */
    public function meets(Carrier $carrier): ?int
    {
        $px = $carrier->path->x;
        $py = $carrier->path->y;
        for ($i = max($carrier->fromStep(), (int) ceil($this->delay / Path::STEP)); $i < Path::STEPS; $i++) {
            $dx = $px[$i] - $this->xYd;
            $dy = $py[$i] - $this->yYd;
            $away = sqrt($dx * $dx + $dy * $dy);
            $toward = $away < 1e-6 ? 0.0 : ($this->vx * $dx + $this->vy * $dy) / $away;
            // How far he has come is cheaper to know than when he is there, and tells the same.
            if ($this->law->distance($i * Path::STEP - $this->delay, $toward) >= $away - $this->reachYd) {
                return $i;
            }
        }

        return null;
    }

    /** Least lead in seconds the carrier keeps over him up to a step of his way; negative when he is caught before. */
    public function margin(Carrier $carrier, int $until): float
    {
        $least = 9.0;
        for ($i = $carrier->fromStep(); $i <= $until; $i++) {
            $least = min($least, $this->timeTo($carrier->path->x[$i], $carrier->path->y[$i]) - $i * Path::STEP);
        }

        return $least;
    }

    public function later(float $delay): self
    {
        return new self(
            $this->role,
            $this->xYd,
            $this->yYd,
            $this->delay + $delay,
            $this->law,
            $this->reachYd,
            $this->vx,
            $this->vy,
        );
    }

    /** The same man going from another spot, at a moment, with a velocity. */
    public function from(float $xYd, float $yYd, float $delay, float $vx = 0.0, float $vy = 0.0): self
    {
        return new self($this->role, $xYd, $yYd, $delay, $this->law, $this->reachYd, $vx, $vy);
    }
}
