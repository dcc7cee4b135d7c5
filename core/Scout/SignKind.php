<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Scout;

/** What is seen of a defender before the snap. */
enum SignKind
{
    case Depth;
    case Side;
}
