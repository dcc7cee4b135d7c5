<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept\Families;

use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Route\RouteSpec;

/** A route that the roll gives a man, and why. */
final readonly class RollRoute
{
    private function __construct(public string $letter, public RouteSpec $route, public string $why)
    {
    }

    /** @param  string  $wish  in the words of Wish */
    public static function of(string $letter, string $wish, Side $home, string $why): self
    {
        return new self($letter, Wish::of($wish)->route($home), $why);
    }

    /** "Z post: H arrives in motion ..." */
    public function words(): string
    {
        return "$this->letter {$this->route->name}: $this->why";
    }
}
