<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Measure;

/** Where a man was, in play yards, with one sigma of doubt across and along the field. */
final readonly class Spot
{
    public function __construct(
        public float $xYd,
        public float $yYd,
        public float $sdXYd = 0.0,
        public float $sdYYd = 0.0,
    ) {
    }

    /** The doubt in the worse direction, yards. */
    public function sdYd(): float
    {
        return max($this->sdXYd, $this->sdYYd);
    }

    public function apart(self $other): Apart
    {
        return Apart::of($this, $other);
    }
}
