<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Reps;

use DateInterval;
use DateTimeImmutable;

/**
 * When a question comes again: the spaced repetition SM-2 (P. A. Wozniak, 1990; from memory). An answer is rated 0 to
 * 5. After a good one the next comes in 1 day, then in 6, then after the last interval times the easiness; under 3 the
 * man starts again with one day. Several answers on one day are one repetition, and the first is what he knew.
 */
final readonly class Schedule
{
    private const EASINESS = 2.5;

    private const LEAST_EASINESS = 1.3;

    private const FIRST_DAYS = 1;

    private const SECOND_DAYS = 6;

    /** From this rating on the answer was known. */
    private const KNOWN = 3;

    /** @param  int  $days  until it comes again, from the day of the last answer */
    private function __construct(
        public int $repetitions,
        public int $days,
        public float $easiness,
        public ?DateTimeImmutable $last,
    ) {
    }

    /** @param  iterable<Answer>  $answers  to one question, the oldest first */
    public static function after(iterable $answers): self
    {
        $now = new self(0, 0, self::EASINESS, null);
        foreach ($answers as $answer) {
            $isSameDay = $now->last?->format('Y-m-d') === $answer->at->format('Y-m-d');
            $now = $isSameDay ? $now : $now->rated($answer->rating(), $answer->at);
        }

        return $now;
    }

    private function rated(int $rating, DateTimeImmutable $at): self
    {
        if ($rating < self::KNOWN) {
            return new self(0, self::FIRST_DAYS, $this->easiness, $at);
        }
        $days = match ($this->repetitions) {
            0 => self::FIRST_DAYS,
            1 => self::SECOND_DAYS,
            default => (int) ceil($this->days * $this->easiness),
        };
        $missed = 5 - $rating;
        $easiness = $this->easiness + 0.1 - $missed * (0.08 + $missed * 0.02);

        return new self($this->repetitions + 1, $days, max(self::LEAST_EASINESS, $easiness), $at);
    }

    /** The day on which it comes again; null where it was never asked. */
    public function dueOn(): ?DateTimeImmutable
    {
        return $this->last?->setTime(0, 0)->add(new DateInterval("P{$this->days}D"));
    }

    public function isDue(DateTimeImmutable $on): bool
    {
        $due = $this->dueOn();

        return $due !== null && $due <= $on;
    }
}
