<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

/** Families of runs by what the line does. */
enum RunKind: string
{
    case Zone = 'zone';
    case Gap = 'gap';
    case Jet = 'jet';
    case Option = 'option';
    case Screen = 'screen';

    /** What it costs to leave a man of the line who has to be blocked, in the units of the matching. */
    public const BLOCKED = 40.0;

    /** The line steps together: a neighbor may be overtaken and takes the next man out. */
    public function slides(): bool
    {
        return $this === self::Zone || $this === self::Jet;
    }

    /** The ball goes around the end: men outside the box are at the point too. */
    public function goesWide(): bool
    {
        return $this === self::Jet || $this === self::Option || $this === self::Screen;
    }

    /**
     * What it costs to leave the last man away from the play, in the units of the matching: he is far from a wide run.
     */
    public function onAir(): float
    {
        return match ($this) {
            self::Jet => 5.0,
            self::Option => 8.0,
            self::Zone, self::Gap, self::Screen => self::BLOCKED,
        };
    }
}
