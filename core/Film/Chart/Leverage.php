<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Chart;

/** On which side of the man before him a defender was seen to stand. */
enum Leverage: string
{
    case Inside = 'inside';
    case HeadUp = 'head-up';
    case Outside = 'outside';

    /** Its letter in the quick entry. */
    public static function byLetter(string $letter): ?self
    {
        return ['i' => self::Inside, 'h' => self::HeadUp, 'o' => self::Outside][$letter] ?? null;
    }

    /** In order from the ball outward: -1, 0, 1. */
    public function outward(): float
    {
        return match ($this) {
            self::Inside => -1.0,
            self::HeadUp => 0.0,
            self::Outside => 1.0,
        };
    }
}
