<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

use DomainException;

/** A route the catalogue does not hold, or one drawn where it cannot be run. */
final class UnknownRoute extends DomainException
{
    /** @param  list<string>  $known */
    public static function named(string $name, array $known): self
    {
        return new self("No route is called \"$name\". Known routes: ".implode(', ', $known).'.');
    }

    public static function depth(string $name, float $depth, float $min, float $max): self
    {
        return new self("A $name cannot break at $depth yd: give $min to $max yards.");
    }

    public static function width(string $name, string $at): self
    {
        return new self(
            "A $name has no width to be run at the $at: say it of a crosser, a seam or a go, or give yards.",
        );
    }
}
