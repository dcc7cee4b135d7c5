<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Drill;

/** A point of a man's path, yards across (positive to the right) and downfield; the foot and the count where told. */
final readonly class Step
{
    public function __construct(
        public float $xYd,
        public float $yYd,
        public ?Foot $foot = null,
        public ?int $count = null,
    ) {
    }

    public function mirrored(): self
    {
        return new self(0.0 - $this->xYd, $this->yYd, $this->foot?->other(), $this->count);
    }
}
