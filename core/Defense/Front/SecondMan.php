<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Front;

use Jacotaxis\Core\Kinematics\Group;

/** A man of a front behind the line, whose job the shell gives. */
final readonly class SecondMan
{
    /** Names of men who are defensive backs. */
    private const BACKS = ['nickel', 'dime', 'rover'];

    public function __construct(public string $letter, public string $name, public Place $place)
    {
    }

    public function group(): Group
    {
        if ($this->place->is(PlaceKind::Edge)) {
            return Group::Edge;
        }

        return in_array($this->name, self::BACKS, true) ? Group::Safety : Group::Backer;
    }
}
