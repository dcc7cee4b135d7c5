<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Kinematics;

/** What kind of man a defender is: whose legs he has, and how the board counts him. */
enum Group: string
{
    case Line = 'line';
    case Edge = 'edge';
    case Backer = 'backer';
    case Safety = 'safety';
    case Corner = 'corner';

    /** A down man, or one who stands on the edge of the line. */
    public function isFront(): bool
    {
        return $this === self::Line || $this === self::Edge;
    }

    /** A linebacker, or a man on the edge. */
    public function isBacker(): bool
    {
        return $this === self::Backer || $this === self::Edge;
    }

    public function isSecondary(): bool
    {
        return $this === self::Safety || $this === self::Corner;
    }
}
