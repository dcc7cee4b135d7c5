<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Measure;

/** Where a man was at a moment, seconds from the snap. */
final readonly class Moment
{
    public function __construct(public float $t, public Spot $spot)
    {
    }
}
