<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film;

/** An event on the clock of a clip, seconds from its start; a break and a ball out name the man. */
final readonly class Mark
{
    public const KINDS = ['snap', 'break', 'ball out', 'catch'];

    public function __construct(public string $kind, public float $atS, public ?string $man = null)
    {
    }
}
