<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Drill;

/** A cone, a bag or the coach on the field: yards across and downfield, and what is written at it. */
final readonly class Mark
{
    public function __construct(public float $xYd, public float $yYd, public string $label = '')
    {
    }

    public function mirrored(): self
    {
        return new self(0.0 - $this->xYd, $this->yYd, $this->label);
    }
}
