<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan;

/** A call as the plan weighs it: what it is worth against each look of the opponent, in the order of the looks. */
final readonly class PlannedCall
{
    /**
     * @param  bool  $pass  a pass or a screen, to a defense that guesses; else a run or an option
     * @param  list<float>  $chance  of success by rule, 0 to 1
     * @param  list<float>  $worst  of success against what hurts it most in the look
     * @param  list<bool>  $good  bound or open
     */
    public function __construct(
        public string $id,
        public string $name,
        public bool $pass,
        public array $chance,
        public array $worst,
        public array $good,
    ) {
    }

    /** The chance against a look whose men expect a pass or a run: who is expected meets what hurts him most. */
    public function against(int $look, bool $expectsPass): float
    {
        return $expectsPass === $this->pass ? min($this->chance[$look], $this->worst[$look]) : $this->chance[$look];
    }
}
