<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Drawing;

/** What a coach draws on the picture. */
enum DrawingKind: string
{
    /** From where to where a man should have gone. */
    case Arrow = 'arrow';

    case Line = 'line';

    /** A circle on the grass: its middle and a place on it. */
    case Ring = 'ring';

    /** Round a man as he stands: two corners. */
    case Frame = 'frame';

    /** A part of the field with sides along its lines: two corners. */
    case Zone = 'zone';

    case Word = 'word';

    /** Clicks it takes. */
    public function clicks(): int
    {
        return $this === self::Word ? 1 : 2;
    }

    /** Whether its line ends where it begins. */
    public function isClosed(): bool
    {
        return in_array($this, [self::Ring, self::Frame, self::Zone], true);
    }
}
