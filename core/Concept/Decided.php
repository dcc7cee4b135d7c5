<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

/** Which of two calls is played, and what the quarterback saw. */
final readonly class Decided
{
    public function __construct(public bool $killed, public string $seen)
    {
    }

    /** @return array{killed: bool, seen: string} */
    public function toArray(): array
    {
        return ['killed' => $this->killed, 'seen' => $this->seen];
    }
}
