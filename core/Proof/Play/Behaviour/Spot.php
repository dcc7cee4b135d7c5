<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play\Behaviour;

/** A place a defender wants to be at, whether he runs there at full speed, and what he runs with. */
final readonly class Spot
{
    /**
     * @param  float  $withVx  velocity he matches there, yards a second; 0 for a place to stand at
     * @param  float  $withVy  the same upfield
     */
    public function __construct(
        public float $xYd,
        public float $yYd,
        public bool $fast,
        public float $withVx = 0.0,
        public float $withVy = 0.0,
    ) {
    }

    public function with(float $vx, float $vy): self
    {
        return new self($this->xYd, $this->yYd, $this->fast, $vx, $vy);
    }
}
