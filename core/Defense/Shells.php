<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

use Jacotaxis\Core\Defense\Shell\ManShells;
use Jacotaxis\Core\Defense\Shell\OneHigh;
use Jacotaxis\Core\Defense\Shell\Shell;
use Jacotaxis\Core\Defense\Shell\TwoHigh;

/** The catalogue of shells, by the number a coach calls them. */
final class Shells
{
    /** @var array<string, Shell>|null */
    private static ?array $rows = null;

    /** @return list<string> the usual ones first, each in the order of its number */
    public static function names(): array
    {
        return array_map(strval(...), array_keys(self::rows()));
    }

    /**
     * What a sheet is drawn over when nothing is said.
     *
     * @return list<string>
     */
    public static function usual(): array
    {
        return array_values(array_filter(self::names(), fn (string $name): bool => ! self::rows()[$name]->rare));
    }

    public static function has(string $name): bool
    {
        return isset(self::rows()[$name]);
    }

    /** @throws UnknownLook */
    public static function get(string $name): Shell
    {
        return self::rows()[$name] ?? throw UnknownLook::shell($name);
    }

    /** @return array<string, Shell> by name */
    private static function rows(): array
    {
        if (self::$rows === null) {
            $all = [...TwoHigh::all(), ...OneHigh::all(), ...ManShells::all()];
            usort($all, fn (Shell $a, Shell $b): int => [$a->rare, $a->number()] <=> [$b->rare, $b->number()]);
            self::$rows = array_column($all, null, 'name');
        }

        return self::$rows;
    }
}
