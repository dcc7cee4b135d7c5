<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan;

/** A call as the plan weighs it: what it is worth against each look of the opponent, in the order of the looks. */
final readonly class PlannedCall
{
    /**
     * @param  list<float>  $chance  of success by rule, 0 to 1
     * @param  list<bool>  $good  bound or open
     */
    public function __construct(public string $id, public string $name, public array $chance, public array $good)
    {
    }
}
