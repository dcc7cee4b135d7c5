<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

/** A job one man is given by hand instead of his scheme's rule: what he does and, where said, to whom. */
final readonly class Order
{
    public function __construct(public Verb $verb, public ?string $target = null)
    {
    }

    public function words(): string
    {
        return $this->verb->value.($this->target === null ? '' : " {$this->target}");
    }

    public function mirrored(): self
    {
        return new self(
            $this->verb,
            $this->target === null ? null : strtr($this->target, ['left' => 'right', 'right' => 'left']),
        );
    }
}
