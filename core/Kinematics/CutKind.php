<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Kinematics;

/** How a runner changes direction, and the share of his speed he keeps (common practice). */
enum CutKind: string
{
    case Speed = 'speed cut';
    case Drop = 'drop-break';
    case Plant = 'plant';
    case Settle = 'settle';
    case Bend = 'bend';

    public function keeps(): float
    {
        return match ($this) {
            self::Bend => 0.97,
            self::Speed => 0.87,
            self::Plant => 0.75,
            self::Drop => 0.62,
            self::Settle => 0.0,
        };
    }
}
