<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Front;

/** Where a man of a front stands who is not down on the line. */
enum PlaceKind
{
    /** In the box, so far from the middle. */
    case Box;
    /** On the line, on a technique or wider. */
    case Edge;
    /** Over the slot, as the shell says. */
    case Apex;
    /** Between the line and the slot. */
    case Between;
    /** Outside the surface. */
    case Overhang;
}
