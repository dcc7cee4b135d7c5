<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

use Jacotaxis\Core\Kinematics\Path;

/** Whether two routes run in one window after their breaks (CAL-09). Yards and seconds. */
final class SharedWindow
{
    /** Men nearer than this share a window. */
    public const NEAR_YD = 2.0;

    private const LASTS_S = 0.3;

    /** Men who pass each other faster than this cross, they do not share a window, yards a second (product default). */
    private const CROSSING = 3.0;

    /**
     * When two men come so near for so long, looked at from the later break on; null where they do not.
     *
     * @param  callable(float, float): bool|null  $matters  whether the time between two moments matters; all of it
     *     where nothing is given
     */
    public static function since(RunRoute $one, RunRoute $two, ?callable $matters = null): ?float
    {
        $steps = 0;
        for ($i = (int) ceil(max($one->break()->t, $two->break()->t) / Path::STEP); $i < Path::STEPS; $i++) {
            $apart = hypot($one->path->x[$i] - $two->path->x[$i], $one->path->y[$i] - $two->path->y[$i]);
            $speed = hypot($one->path->vx[$i] - $two->path->vx[$i], $one->path->vy[$i] - $two->path->vy[$i]);
            $steps = $apart < self::NEAR_YD && $speed < self::CROSSING ? $steps + 1 : 0;
            $since = ($i - $steps) * Path::STEP;
            $long = $steps * Path::STEP >= self::LASTS_S;
            if ($long && ($matters === null || $matters($since, $i * Path::STEP))) {
                return $since;
            }
        }

        return null;
    }
}
