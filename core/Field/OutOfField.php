<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Field;

use DomainException;

/** A number that no field or down chain can show. */
final class OutOfField extends DomainException
{
    public static function down(int $down): self
    {
        return new self("Down $down does not exist: give 1 to 4.");
    }

    public static function ballOn(float $yd): self
    {
        return new self(
            "Ball on $yd is not on the field: give 1 to 99 yards from the own goal line (in words -35 is the own 35).",
        );
    }

    public static function toGo(float $yd, float $most): self
    {
        return new self("$yd to go does not fit: it must be above 0 and at most the $most yd left to the goal line.");
    }
}
