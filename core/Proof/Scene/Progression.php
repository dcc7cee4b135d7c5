<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Scene;

use Jacotaxis\Core\Blocking\Fake;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Route\Flag;
use Jacotaxis\Core\Route\RunRoute;

/**
 * Gives every route its slot: from its break, when the feet are set and the eyes are there.
 *
 * Reads the eyes take in at once share a moment; turning to the next picture costs a hitch.
 */
final class Progression
{
    /** @return array<string, Reading> by letter, reads in order first */
    public static function of(Scene $scene, Protection $protection): array
    {
        $readings = [];
        $eyes = self::firstPlant($scene);
        $looking = null;
        foreach ($scene->reads as $n => $letter) {
            $run = $scene->routes[$letter] ?? null;
            if ($run === null) {
                continue;
            }
            $bearing = self::bearing($scene, $run);
            if ($looking !== null && abs($bearing - $looking) > $scene->setting->visionDeg) {
                $eyes += Footwork::HITCH;
                $looking = $bearing;
            }
            $looking ??= $bearing;
            $readings[$letter] = self::reading($scene, $protection, $run, $n + 1, $eyes);
        }
        foreach ($scene->routes as $letter => $run) {
            $readings[$letter] ??= self::unnumbered($scene, $protection, $run);
        }
        if ($protection->hot !== null && isset($readings[$protection->hot])) {
            $readings[$protection->hot] = self::hot(
                $readings[$protection->hot],
                $protection,
                $scene->routes[$protection->hot],
            );
        }

        return $readings;
    }

    /** The hot man may have the ball as soon as one step is taken, until the free man is there. */
    private static function hot(Reading $reading, Protection $protection, RunRoute $run): Reading
    {
        $from = Protection::hotFrom($run->break()->t);

        return $from >= $protection->arrivalAt
            ? $reading
            : Reading::of(
                $run,
                $reading->number,
                $from,
                min($protection->arrivalAt, max($from + $run->slotLength(), $reading->to ?? 0.0)),
                null,
                true,
            );
    }

    /** A check-down comes after the last hitch, while the pocket holds; clear-outs, alerts and decoys have no slot. */
    private static function unnumbered(Scene $scene, Protection $protection, RunRoute $run): Reading
    {
        if ($run->spec->flag !== Flag::CheckDown) {
            return Reading::of($run, null, null, null, ($run->spec->flag->value ?? 'decoy').', never a read');
        }
        $from = max($run->break()->t, $scene->drop->lastAt());
        $killed = $from >= $protection->arrivalAt ? $protection->kills() : null;

        return Reading::of($run, null, $from, max($from, $protection->arrivalAt), $killed);
    }

    private static function reading(
        Scene $scene,
        Protection $protection,
        RunRoute $run,
        int $number,
        float $eyes,
    ): Reading {
        $drop = $scene->drop;
        $from = max($run->thrownFrom(), self::firstPlant($scene), $eyes);
        $to = max($run->threatensAt(), self::firstPlant($scene)) + $run->slotLength();
        // On the run no hitch is his last: he has as long as the roll buys.
        $late =
            $run->thrownFrom() - ($scene->rolls() === null ? $drop->lastAt() : max($drop->lastAt(), $scene->pocket()));
        $killed = match (true) {
            $late > Footwork::STRETCH => sprintf('breaks %.1f s after the last hitch', $late),
            $from > $to + 1e-9 => sprintf('the eyes arrive %.1f s after his slot', $from - $to),
            $from >= $protection->arrivalAt,
            $protection->free !== null && $to > $protection->arrivalAt => $protection->kills(),
            default => null,
        };

        return Reading::of($run, $number, $from, min($to, $protection->arrivalAt), $killed);
    }

    /** When the ball may leave first: a fake takes its time before his feet are his own. */
    private static function firstPlant(Scene $scene): float
    {
        $fake = $scene->call->fake;
        // Off an option staffs count the fake out, throw earlier or do not throw on a count at all (SET-27).
        $share =
            $fake?->run($scene->strong)?->scheme()->isOption() === true
                ? match ($scene->setting->schools->choice('SET-27')) {
                    'B' => 0.5,
                    'C' => 0.0,
                    default => 1.0,
                }
                : 1.0;

        return $scene->drop->firstPlant() + ($fake === null ? 0.0 : $share * $fake->takesS());
    }

    /** Angle in degrees under which the quarterback sees the break. */
    private static function bearing(Scene $scene, RunRoute $run): float
    {
        [$qx, $qy] = $scene->launch();
        $cut = $run->break();

        return rad2deg(atan2($cut->xYd - $qx, $cut->yYd - $qy));
    }
}
