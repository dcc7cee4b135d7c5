<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice;

/** A play of a script: a call, and the look it is run against; null where the opponent has shown none. */
final readonly class ScriptRow
{
    public function __construct(public string $call, public ?string $look)
    {
    }
}
