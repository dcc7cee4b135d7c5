<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play;

use Jacotaxis\Core\Defense\Defender;

/** A man defender who passes men off: as he plays once they have sorted, and when they have. */
final readonly class Sorted
{
    /** @param  float  $at  seconds after the snap; before it he knows only that one of them will be his */
    public function __construct(public Defender $defender, public float $at)
    {
    }
}
