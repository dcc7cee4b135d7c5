<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

use Jacotaxis\Core\Field\Side;

/** A tag said with a run: it changes jobs or keys of a scheme, on a side where one is said. */
final readonly class Tag
{
    public function __construct(public string $name, public ?Side $side = null)
    {
    }

    public function words(): string
    {
        return $this->name.($this->side === null ? '' : " {$this->side->value}");
    }

    public function mirrored(): self
    {
        return new self($this->name, $this->side?->opposite());
    }
}
