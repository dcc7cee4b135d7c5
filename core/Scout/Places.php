<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Scout;

use Jacotaxis\Core\Film\Chart\DefenderSeen;
use Jacotaxis\Core\Film\Chart\DefenderStood;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Film\Measure\Track;

/** Where defenders stood before the snap: as the coach charted it, and measured where he did not. */
final class Places
{
    /**
     * @param  list<DefenderStood>  $charted
     * @param  Measures|null  $film  null where no picture can be placed
     * @return list<DefenderStood> one a defender
     */
    public static function of(array $charted, ?Measures $film): array
    {
        $places = [];
        foreach ($charted as $one) {
            $places[$one->defender] = $one;
        }
        if ($film === null) {
            return array_values($places);
        }
        foreach (array_diff(DefenderSeen::ROLES, array_keys($places)) as $defender) {
            $measured = self::measured($defender, $film);
            if ($measured !== null) {
                $places[$defender] = $measured;
            }
        }

        return array_values($places);
    }

    /** When they were marked set, and at the snap; null where he is not known at the snap. */
    private static function measured(string $defender, Measures $film): ?DefenderStood
    {
        $track = $film->placed->track($defender);
        $atSnap = $track?->at(0.0)?->yYd;
        if ($track === null || $atSnap === null || $atSnap < 0.0 || $atSnap > DefenderStood::DEEPEST_YD) {
            return null;
        }

        return new DefenderStood(
            $defender,
            round(self::linedUp($track, $film) ?? $atSnap, 1),
            round($atSnap, 1),
        );
    }

    private static function linedUp(Track $track, Measures $film): ?float
    {
        $set = $film->after('set');
        $deep = $set === null || $set > 0.0 ? null : $track->at($set)?->yYd;

        return $deep === null || $deep < 0.0 || $deep > DefenderStood::DEEPEST_YD ? null : $deep;
    }
}
