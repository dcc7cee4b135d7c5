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
}
