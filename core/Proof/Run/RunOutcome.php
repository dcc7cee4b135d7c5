<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run;

use Jacotaxis\Core\Proof\Throwing\Outcome;

/** Who has the ball, where, and who meets him first. Yards and seconds. */
final readonly class RunOutcome
{
    public function __construct(
        public string $action,
        public ?string $letter,
        public string $where,
        public float $margin,
        public float $gainYd,
        /** Role of the first free man, or null when nobody gets there. */
        public ?string $firstFree,
        public ?float $metYYd,
        public ?float $metXYd,
        public float $outAt,
        public string $why,
        /** The pass of a run-pass option when the action is throw; its margin counts from where a man is open. */
        public ?Outcome $pass = null,
        public ?string $route = null,
    ) {
    }

    public function free(): bool
    {
        return $this->pass === null ? $this->margin >= 0.0 : $this->pass->open();
    }
}
