<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice;

/** What a drill has done to the fault it is for. */
enum Effect: string
{
    case TooEarly = 'too early to say';
    case Unseen = 'not seen before it: nothing to compare';
    case Gone = 'not seen since';
    case Less = 'less since';
    case Fewer = 'fewer since, on too little film to be sure';
    case None = 'no effect seen: another drill, or another cue';
    case More = 'more since: another drill, or another cue';
}
