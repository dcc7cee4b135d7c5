<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

/**
 * The second of two calls the quarterback takes to the line, and the picture in which he goes to it. Both are made from
 * one formation and its motions. Common practice.
 */
final readonly class Kill
{
    /** @param  int|null  $box  with KillRule::BoxOf: as many or more in the box, men */
    public function __construct(public Call $to, public KillRule $when, public ?int $box = null)
    {
    }

    public function words(): string
    {
        return $this->when->words($this->box);
    }

    public function mirrored(): self
    {
        return new self($this->to->mirrored(), $this->when, $this->box);
    }
}
