<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice;

/** A fault of a group on the latest film: how often. */
final readonly class FaultSeen
{
    public function __construct(public string $fault, public string $group, public int $times)
    {
    }
}
