<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Drill;

/** The foot that is put down. */
enum Foot: string
{
    case Left = 'left';
    case Right = 'right';

    public function other(): self
    {
        return $this === self::Left ? self::Right : self::Left;
    }
}
