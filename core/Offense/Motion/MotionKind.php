<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense\Motion;

/** The kinds of movement before the snap (common practice). Speeds are shares of a full sprint, product defaults. */
enum MotionKind: string
{
    /** Full speed across, mesh at the snap. */
    case Jet = 'jet';
    /** Behind the backfield and around. */
    case Orbit = 'orbit';
    /** Toward the ball and back again. */
    case Return = 'return';
    /** A short push. */
    case Short = 'short';
    /** A tight end changes sides and sets. */
    case Trade = 'trade';
    /** Full speed out to make one more on a side. */
    case Fast = 'fast';
    /** A man changes sides and sets. */
    case Shift = 'shift';
    /** A slot or wing comes behind the quarterback for the pitch. */
    case Pitch = 'pitch';
    /** From a split into the backfield, and sets. */
    case In = 'in';

    /** Share of a full sprint. */
    public function speed(): float
    {
        return match ($this) {
            self::Jet, self::Fast, self::Pitch => 1.0,
            self::Orbit => 0.85,
            self::Return, self::Short => 0.7,
            self::Trade, self::Shift, self::In => 0.6,
        };
    }

    /** Whether he sets before the snap instead of being in motion at it. */
    public function sets(): bool
    {
        return in_array($this, [self::Trade, self::Shift, self::In], true);
    }

    /** Whether he ends on the side he started from when no side is said; the others go across. */
    public function stays(): bool
    {
        return $this === self::Return;
    }

    public function words(): string
    {
        return match ($this) {
            self::Jet => 'full speed across, exchange at the snap',
            self::Orbit => 'around behind the backfield',
            self::Return => 'toward the ball and back out',
            self::Short => 'a short push',
            self::Trade => 'the tight end changes sides and sets',
            self::Fast => 'full speed out, one more on that side',
            self::Shift => 'changes sides and sets',
            self::Pitch => 'behind the quarterback at a sprint, for the pitch',
            self::In => 'into the backfield, and sets',
        };
    }
}
