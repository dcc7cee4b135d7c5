<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

use Jacotaxis\Core\Film\Measure\Row;
use Jacotaxis\Core\School\Schools;

/**
 * How far a measure may be off before it is a fault: by its unit, by what the staff coaches, nothing past a limit of
 * the rule book.
 */
final class Tolerance
{
    /** Product defaults. */
    private const BY_UNIT = ['yd' => 1.0, 's' => 0.25, 'steps' => 0.5, 'yd/s' => 3.0];

    /** Depths of a break and of what comes after it. */
    private const DEPTHS = ['break depth', 'depth after the break'];

    /** Moments at which a man is triggered: the ball out, a break, a foot that is down. */
    private const TRIGGERS = ['ball out', 'back foot down', 'break time', 'mesh'];

    /** Limits of a rule book. */
    private const LIMITS = ['downfield at ball out'];

    /** In the unit of the measure. */
    public static function of(Schools $schools, string $measure, string $unit): float
    {
        return match (true) {
            in_array($measure, self::LIMITS, true) => 0.0,
            in_array($measure, self::DEPTHS, true) => (float) $schools->value('film-depth'),
            in_array($measure, self::TRIGGERS, true) => (float) $schools->value('film-trigger'),
            default => self::BY_UNIT[$unit],
        };
    }

    /** Whether an error is beyond both twice its doubt and the tolerance. */
    public static function exceeded(float $error, float $sd, float $tolerance): bool
    {
        return abs($error) > max(2.0 * $sd, $tolerance);
    }

    /** Whether the error of a row is a fault; false where nothing was planned. */
    public static function isFault(Row $row, Schools $schools): bool
    {
        $error = $row->error();

        return $error !== null && self::exceeded($error, $row->sd, self::of($schools, $row->measure, $row->unit));
    }
}
