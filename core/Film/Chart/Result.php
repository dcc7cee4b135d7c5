<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Chart;

/** How a snap ended. The value is the word, letter() its key in the quick entry. */
enum Result: string
{
    case Complete = 'complete';
    case Incomplete = 'incomplete';
    case Dropped = 'dropped';
    case ThrownAway = 'thrown away';
    case Intercepted = 'intercepted';
    case Run = 'run';
    case Scramble = 'scramble';
    case Sack = 'sack';
    case Fumble = 'fumble lost';
    case Kneel = 'kneel';
    case Spike = 'spike';
    case NoPlay = 'no play';

    public function letter(): string
    {
        return match ($this) {
            self::Complete => 'c',
            self::Incomplete => 'i',
            self::Dropped => 'd',
            self::ThrownAway => 'w',
            self::Intercepted => 'x',
            self::Run => 'r',
            self::Scramble => 'm',
            self::Sack => 's',
            self::Fumble => 'f',
            self::Kneel => 'l',
            self::Spike => 'y',
            self::NoPlay => 'n',
        };
    }

    public static function byLetter(string $letter): ?self
    {
        foreach (self::cases() as $case) {
            if ($case->letter() === $letter) {
                return $case;
            }
        }

        return null;
    }

    /** Whether the ball was thrown. */
    public function isThrow(): bool
    {
        return in_array(
            $this,
            [self::Complete, self::Incomplete, self::Dropped, self::ThrownAway, self::Intercepted, self::Spike],
            true,
        );
    }

    /** Whether it was a snap to throw, thrown or not. */
    public function isDropback(): bool
    {
        return $this !== self::Spike && ($this->isThrow() || $this === self::Sack || $this === self::Scramble);
    }

    /** Whether the ball was moved, so that a gain belongs to it. */
    public function moves(): bool
    {
        return ! in_array(
            $this,
            [self::Incomplete, self::Dropped, self::ThrownAway, self::Intercepted, self::Spike, self::NoPlay],
            true,
        );
    }

    public function losesBall(): bool
    {
        return $this === self::Intercepted || $this === self::Fumble;
    }

    /** Whether it counts as a try of the call. */
    public function counts(): bool
    {
        return ! in_array($this, [self::Kneel, self::Spike, self::NoPlay], true);
    }
}
