<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking;

/**
 * What comes back out of a run that was really handed or tossed: the ball, pitched back to the quarterback, or a throw
 * by the man who has it. Seconds and yards are start values from memory.
 */
enum Trick: string
{
    case Flicker = 'flicker';
    case BackPass = 'back pass';

    /** How much later than after a plain fake the passer's feet are his own, seconds. */
    public function takesS(): float
    {
        return match ($this) {
            self::Flicker => 0.9,
            self::BackPass => 0.8,
        };
    }

    /** How much longer a man who reads the run believes it, and the rush is busy with it, seconds. */
    public function holdsS(): float
    {
        return match ($this) {
            self::Flicker => 0.6,
            self::BackPass => 0.7,
        };
    }

    /**
     * How wide and how deep he throws from, yards to the side of the run; null from the quarterback's place.
     *
     * @return array{float, float}|null
     */
    public function throwsFrom(): ?array
    {
        return $this === self::BackPass ? [6.0, 5.0] : null;
    }
}
