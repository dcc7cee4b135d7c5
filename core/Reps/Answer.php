<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Reps;

use DateTimeImmutable;

/** An answer that was given: right or not, and how fast. */
final readonly class Answer
{
    /** @param  float  $tookS  from the moment the question stood still, seconds */
    public function __construct(
        public Kind $kind,
        public bool $right,
        public float $tookS,
        public DateTimeImmutable $at,
    ) {
    }

    /** 5 at once (half the time there is), 4 in time, 3 right but too late for the play, 1 wrong. */
    public function rating(): int
    {
        return match (true) {
            ! $this->right => 1,
            $this->tookS <= $this->kind->allowedS() / 2 => 5,
            $this->tookS <= $this->kind->allowedS() => 4,
            default => 3,
        };
    }
}
