<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Field;

/** A side of the ball as the offense looks downfield. */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';

    /** -1 on the left, +1 on the right: the sign of x in the play frame. */
    public function sign(): int
    {
        return $this === self::Left ? -1 : 1;
    }

    public function opposite(): self
    {
        return $this === self::Left ? self::Right : self::Left;
    }

    /** The side a width in the play frame lies on; a man over the ball belongs to $middle. */
    public static function ofX(float $xYd, self $middle = self::Right): self
    {
        return match (true) {
            $xYd > 0.0 => self::Right,
            $xYd < 0.0 => self::Left,
            default => $middle,
        };
    }
}
