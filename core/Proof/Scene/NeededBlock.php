<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Scene;

/** A block a run needs: how surely it holds, and how far the run comes when its man gets off it. */
final readonly class NeededBlock
{
    /**
     * @param  float  $holds  chance, 0 to 1
     * @param  float  $metYd  depth at which the man meets the carrier then, yards past the line
     */
    public function __construct(public float $holds, public float $metYd)
    {
    }
}
