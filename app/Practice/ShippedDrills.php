<?php

namespace App\Practice;

use Jacotaxis\Core\Drill\Drill;
use Jacotaxis\Core\Drill\DrillDocument;
use RuntimeException;

/** The drill cards that ship, resources/drills.json: at least one for each drill of the fault library. */
final class ShippedDrills
{
    /** @var array<string, Drill>|null by name */
    private static ?array $all = null;

    /** @return array<string, Drill> by name, in the order of the groups */
    public static function all(): array
    {
        if (self::$all === null) {
            $json = file_get_contents(dirname(__DIR__, 2).'/resources/drills.json');
            if ($json === false) {
                throw new RuntimeException('resources/drills.json is missing: restore it from the release.');
            }
            /** @var list<array<string, mixed>> $cards */
            $cards = json_decode($json, true, 16, JSON_THROW_ON_ERROR);
            $drills = array_map(DrillDocument::read(...), $cards);
            self::$all = array_combine(array_map(fn (Drill $d): string => $d->name, $drills), $drills);
        }

        return self::$all;
    }

    public static function has(string $name): bool
    {
        return isset(self::all()[$name]);
    }
}
