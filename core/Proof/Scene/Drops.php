<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Scene;

use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Route\Conversions;
use Jacotaxis\Core\Route\RouteRunner;
use Jacotaxis\Core\Route\RunRoute;

/** How deep the passer drops when the call does not say. */
final class Drops
{
    /**
     * The drop that fits the first two reads, also when they become what the coverage makes of them; nobody drops
     * deeper than five steps for them unless the call says so.
     *
     * @param  list<string>  $reads
     * @param  array<string, RunRoute>  $routes  as called
     * @param  array<string, Man>  $men
     */
    public static function fitting(array $reads, array $routes, array $men, Setting $setting): Footwork
    {
        $breaks = [];
        foreach (array_slice($reads, 0, 2) as $letter) {
            $breaks[] = $routes[$letter]->thrownFrom();
            foreach (Conversions::possible($routes[$letter]->called, $setting->schools) as $conversion) {
                if ($conversion->byCoverage()) {
                    $breaks[] = RouteRunner::path(
                        $men[$letter],
                        $conversion->made($routes[$letter]->called),
                        $setting->situation->frame(),
                        $setting->law($letter),
                    )->break()->t;
                }
            }
        }
        $fitting = $breaks === [] ? Footwork::Three : Footwork::fitting(max($breaks));

        return $fitting === Footwork::Seven ? Footwork::Five : $fitting;
    }
}
