<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Shell;

/** What a man of a shell lines up on before the snap. */
enum Align
{
    case Receiver;
    /** The landmark of his own deep job. */
    case Deep;
    /** Where the front puts him. */
    case Box;
}
