<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

/** The way from the stance to the break. */
enum Stem
{
    /** Straight upfield on the release line. */
    case Vertical;
    /** Upfield to a landmark inside, then straight. */
    case Landmark;
    /** Out to the flat at once. */
    case ToFlat;
    /** Across the formation under the linebackers. */
    case Across;
    /** Slanting inside to a spot, at most over the ball. */
    case Inside;
    /** Out to the flat, then up. */
    case Wheel;
    /** Upfield, a first break that is a lie, then the true one. */
    case Double;
    /** Behind the line to the other side, then out to the flat. */
    case Behind;
    /** In front of the line, past the rush, to the other flat. */
    case Through;
    /** At a man inside as if to block him, then up. */
    case Crack;
    /** Blocks down first and climbs late up the other side. */
    case Late;

    /** Whether he blocks, or goes behind the line, before he runs a route: a man in his face is no press to beat. */
    public function blocksFirst(): bool
    {
        return $this === self::Behind || $this === self::Late;
    }
}
