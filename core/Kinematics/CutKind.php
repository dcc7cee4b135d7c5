<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Kinematics;

/**
 * How coaches name the way a runner changes direction. What it costs him follows from its angle ({@see
 * SprintLaw::throughCut}).
 */
enum CutKind: string
{
    case Speed = 'speed cut';
    case Drop = 'drop-break';
    case Plant = 'plant';
    case Settle = 'settle';
    case Bend = 'bend';
}
