<?php

/* The drill cards that ship, for tests. */

use Jacotaxis\Core\Drill\Drill;
use Jacotaxis\Core\Drill\DrillDocument;

/** @return array<string, Drill> by name, in the order of the cards */
function shippedDrills(): array
{
    static $drills = null;
    if ($drills === null) {
        $cards = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/resources/drills.json'), true);
        $read = array_map(DrillDocument::read(...), $cards);
        $drills = array_combine(array_map(fn (Drill $d): string => $d->name, $read), $read);
    }

    return $drills;
}
