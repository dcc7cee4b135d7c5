<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice;

/** What a drill has done to the fault it is for. */
enum Effect: string
{
    case TooEarly = 'too early to say';
    case Gone = 'not seen since';
    case Less = 'less since';
    case None = 'no effect seen: another drill, or another cue';
    case More = 'more since: another drill, or another cue';
}
