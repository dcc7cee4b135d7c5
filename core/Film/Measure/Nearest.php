<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Measure;

/** The defender nearest to a man at a moment: who he is, where he was and how far away. */
final readonly class Nearest
{
    public function __construct(public string $role, public Spot $spot, public Apart $apart)
    {
    }
}
