<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Scout;

/** A moment before the snap at which it is seen where a defender stands, the earliest first. */
enum PreSnap: string
{
    case LinedUp = 'as soon as they have lined up';
    case AtSnap = 'at the snap';
}
