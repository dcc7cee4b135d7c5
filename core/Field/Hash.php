<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Field;

/** Where the ball lies across the field before the snap. */
enum Hash: string
{
    case Left = 'left';
    case Middle = 'middle';
    case Right = 'right';

    /** The wider side, or null when the ball is in the middle. */
    public function fieldSide(): ?Side
    {
        return match ($this) {
            self::Left => Side::Right,
            self::Right => Side::Left,
            self::Middle => null,
        };
    }

    public function mirrored(): self
    {
        return match ($this) {
            self::Left => self::Right,
            self::Right => self::Left,
            self::Middle => self::Middle,
        };
    }
}
