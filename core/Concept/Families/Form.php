<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept\Families;

/** One way a family is lined up: routes by receiver number, what a back does, and the order of the reads. */
final readonly class Form
{
    /**
     * @param  array<int, string>  $front  receiver number => route in the words of Wish
     * @param  array<int, string>  $other  usual other side; part of the definition of a family across the ball
     * @param  list<string>  $reads  "front 2", "other 1", "back", or "route flat" for whoever runs it, in order
     * @param  list<int>  $optional  numbers on the front side that the definition does not need
     * @param  string|null  $back  what the back runs to the front side, where it belongs to the definition
     * @param  list<string>  $any  routes that must arrive on the front side, by whomever: they are the definition then
     * @param  list<int>  $otherOptional  numbers on the other side that a family across the ball does not need
     * @param  RollRoles|null  $roll  who runs what by his role where the passer rolls, before the numbers say it
     */
    public function __construct(
        public array $front,
        public array $other = [],
        public array $reads = [],
        public array $optional = [],
        public ?string $back = null,
        public array $any = [],
        public array $otherOptional = [2],
        public ?RollRoles $roll = null,
    ) {
    }
}
