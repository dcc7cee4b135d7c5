<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Measure;

/** How far two places are from each other, with the doubt of that in the direction between them. */
final readonly class Apart
{
    /**
     * @param  float  $yd  yards
     * @param  float  $sdYd  one sigma, yards
     */
    private function __construct(public float $yd, public float $sdYd)
    {
    }

    public static function of(Spot $a, Spot $b): self
    {
        [$dx, $dy] = [$b->xYd - $a->xYd, $b->yYd - $a->yYd];
        $apart = hypot($dx, $dy);
        [$sx, $sy] = [hypot($a->sdXYd, $b->sdXYd), hypot($a->sdYYd, $b->sdYYd)];

        return new self(
            $apart,
            $apart < 1e-6 ? max($sx, $sy) : hypot(($sx * $dx) / $apart, ($sy * $dy) / $apart),
        );
    }
}
