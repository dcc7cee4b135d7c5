<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Throwing;

use Jacotaxis\Core\Kinematics\Path;

/** One throw: to whom, when, where it is caught, and the points of its way that a defender can reach up to. */
final readonly class ThrowLine
{
    /**
     * @param  list<float>  $px
     * @param  list<float>  $py
     * @param  list<float>  $pt  seconds after the throw
     */
    public function __construct(
        public string $letter,
        public int $step,
        public int $touch,
        public float $xYd,
        public float $yYd,
        public float $flight,
        public float $distanceYd,
        public array $px,
        public array $py,
        public array $pt,
        public float $groundSpeed,
        public float $upSpeed,
    ) {
    }

    public function outAt(): float
    {
        return $this->step * Path::STEP;
    }

    public function caughtAt(): float
    {
        return $this->outAt() + $this->flight;
    }
}
