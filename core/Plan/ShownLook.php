<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan;

/** A look of the opponent and how often he has shown it. */
final readonly class ShownLook
{
    public function __construct(public string $words, public int $shown)
    {
    }
}
