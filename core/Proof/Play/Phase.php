<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play;

/** What a defender knows of a route at a moment. */
enum Phase: int
{
    /** He runs his stem. */
    case Stem = 0;
    /** He slows down for a cut. */
    case Tell = 1;
    /** He has cut. */
    case Broken = 2;
}
