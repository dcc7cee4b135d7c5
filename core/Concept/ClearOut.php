<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Route\RouteRunner;
use Jacotaxis\Core\Route\RouteSpec;
use Jacotaxis\Core\Route\RunRoute;
use Jacotaxis\Core\Route\SharedWindow;

/** The route of a receiver whom the call gives none: out of the way, and in nobody's window. */
final class ClearOut
{
    /** By his place from outside, the usual one first. */
    private const USUAL = [
        ['go', 'corner', 'flat'],
        ['seam', 'bender', 'flat', 'shallow'],
        ['bender', 'seam', 'flat', 'shallow'],
    ];

    /**
     * @param  int  $place  from outside, 0 the first
     * @param  array<string, RouteSpec>  $routes  those the others have, by letter
     */
    public static function route(string $letter, int $place, array $routes, Lineup $lineup): string
    {
        $others = [];
        foreach ($routes as $other => $spec) {
            $others[] = self::run((string) $other, $spec, $lineup);
        }
        $usual = self::USUAL[min($place, count(self::USUAL) - 1)];
        foreach ($usual as $name) {
            $his = self::run($letter, RouteSpec::of($name), $lineup);
            if (array_filter($others, fn (RunRoute $r): bool => SharedWindow::since($his, $r) !== null) === []) {
                return $name;
            }
        }

        return $usual[0];
    }

    private static function run(string $letter, RouteSpec $spec, Lineup $lineup): RunRoute
    {
        return RouteRunner::path($lineup->men[$letter], $spec, $lineup->frame, Level::HighSchool->receiver());
    }
}
