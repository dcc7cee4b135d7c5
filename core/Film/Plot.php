<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film;

/** A man's feet clicked on the picture: who (letter or role), when, where in pixels. */
final readonly class Plot
{
    public function __construct(public string $id, public string $man, public float $atS, public float $xPx, public float $yPx)
    {
    }
}
