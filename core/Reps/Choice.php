<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Reps;

/** One of the answers that are offered. */
final readonly class Choice
{
    public function __construct(public string $value, public string $label)
    {
    }
}
