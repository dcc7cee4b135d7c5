<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Front;

/** A man of a front behind the line, whose job the shell gives. */
final readonly class SecondMan
{
    /** Names of men who are defensive backs. */
    private const BACKS = ['nickel', 'dime', 'rover'];

    public function __construct(public string $letter, public string $name, public Place $place)
    {
    }

    /** The group the board counts him with: edge, backer or safety. */
    public function group(): string
    {
        if ($this->place->is(PlaceKind::Edge)) {
            return 'edge';
        }

        return in_array($this->name, self::BACKS, true) ? 'safety' : 'backer';
    }
}
