<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice;

/** What a practice asks of the men: minutes, and minutes of full contact, with those of its week. */
final readonly class Load
{
    public function __construct(public int $minutes, public int $contactMinutes)
    {
    }

    /** @param  list<Period>  $periods */
    public static function of(array $periods): self
    {
        $contact = array_filter($periods, fn (Period $p): bool => $p->contact);

        return new self(
            array_sum(array_column($periods, 'minutes')),
            array_sum(array_column($contact, 'minutes')),
        );
    }

    public function and(self $other): self
    {
        return new self($this->minutes + $other->minutes, $this->contactMinutes + $other->contactMinutes);
    }

    /**
     * What to say of the contact of a week.
     *
     * @param  float|null  $limitMin  what the state association allows a week, minutes; null: the staff has not said
     */
    public function caution(?float $limitMin): string
    {
        $over = $limitMin === null ? 0.0 : $this->contactMinutes - $limitMin;

        return match (true) {
            $limitMin === null => "$this->contactMinutes min of full contact this week. No limit is set: write your "
                .'state association\'s into the staff book.',
            $over > 0.0 => sprintf(
                '%d min of full contact this week, %.0f over the %.0f your staff book has of the state association: '
                    .'take contact out of a period, or ask the association.',
                $this->contactMinutes,
                $over,
                $limitMin,
            ),
            default => sprintf(
                '%d of %.0f min of full contact this week.',
                $this->contactMinutes,
                $limitMin,
            ),
        };
    }

    /** @param  float|null  $limitMin  minutes a week */
    public function isOver(?float $limitMin): bool
    {
        return $limitMin !== null && $this->contactMinutes > $limitMin;
    }
}
