<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking;

use Jacotaxis\Core\Field\Side;

/** A protection as called: its scheme and the side of its slide or roll where said. */
final readonly class Protecting
{
    public function __construct(public Scheme $scheme, public ?Side $side = null)
    {
    }

    public function words(): string
    {
        return $this->scheme->value.($this->side === null ? '' : " {$this->side->value}");
    }

    public function mirrored(): self
    {
        return new self($this->scheme, $this->side?->opposite());
    }
}
