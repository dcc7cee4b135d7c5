<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play;

/** A choice a defender makes: from a moment on he runs to a place and stays there. A null place is his rule. */
final readonly class Act
{
    public function __construct(
        public string $name,
        public ?float $fromT = null,
        public float $xYd = 0.0,
        public float $yYd = 0.0,
        /** Letter of the receiver he goes to, or null for his rule and for standing between. */
        public ?string $toward = null,
        /** Whether he goes into the run: he runs to a place and takes no receiver there. */
        public bool $fits = false,
    ) {
    }

    /** The same, begun at another moment, seconds. */
    public function from(float $fromT): self
    {
        return new self($this->name, $fromT, $this->xYd, $this->yYd, $this->toward, $this->fits);
    }

    public function isChoice(): bool
    {
        return $this->toward !== null;
    }
}
