<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Scout;

use Jacotaxis\Core\Grade\Interval;
use Jacotaxis\Core\Grade\Numbers\Groups;
use Jacotaxis\Core\Grade\Numbers\SnapRow;

/**
 * What a defense does in one case and not in others, found by asking every part of the situation for everything that is
 * shown. Many questions are asked at once, so each answer must be as much surer: else chance alone would name some.
 *
 * @phpstan-type Asked array{by: string, name: string, showing: Showing, what: string, hits: list<string>, of: int,
 *     elseHits: int, elseOf: int}
 */
final class Habits
{
    /** Habits that are told. */
    private const TOLD = 10;

    /**
     * @param  list<SnapRow>  $snaps  of one opponent
     * @return list<Habit> the greatest difference first
     */
    public static function of(array $snaps): array
    {
        $asked = [];
        foreach (Showing::cases() as $showing) {
            $charted = array_values(array_filter($snaps, fn (SnapRow $s): bool => $showing->of($s) !== null));
            $shown = self::shown($charted, $showing);
            foreach (Shares::BY as $by) {
                array_push($asked, ...self::asked($charted, $by, $showing, $shown));
            }
        }
        $habits = [];
        foreach ($asked as $one) {
            $share = Interval::asked(count($one['hits']), $one['of'], count($asked));
            $else = Interval::asked($one['elseHits'], $one['elseOf'], count($asked));
            if ($share->leads($else) > 0.0) {
                $habits[] = self::habit($one);
            }
        }
        usort($habits, fn (Habit $a, Habit $b): int => $b->difference() <=> $a->difference());

        return array_slice($habits, 0, self::TOLD);
    }

    /**
     * Every case of one part of the situation with everything that was shown in it.
     *
     * @param  list<SnapRow>  $charted
     * @param  array<string, list<string>>  $shown  ids by what was shown, over all cases
     * @return list<Asked>
     */
    private static function asked(array $charted, string $by, Showing $showing, array $shown): array
    {
        $groups = [];
        foreach ($charted as $snap) {
            $groups[Groups::of($snap, $by)][] = $snap;
        }
        $asked = [];
        foreach ($groups as $name => $inside) {
            $of = count($inside);
            $elseOf = count($charted) - $of;
            if (strval($name) === Groups::UNKNOWN || min($of, $elseOf) < Shares::FEW) {
                continue;
            }
            foreach (self::shown($inside, $showing) as $what => $hits) {
                $asked[] = ['by' => $by, 'name' => strval($name), 'showing' => $showing, 'what' => (string) $what,
                    'hits' => $hits, 'of' => $of, 'elseHits' => count($shown[$what]) - count($hits),
                    'elseOf' => $elseOf];
            }
        }

        return $asked;
    }

    /**
     * @param  list<SnapRow>  $snaps
     * @return array<string, list<string>> ids by what was shown
     */
    private static function shown(array $snaps, Showing $showing): array
    {
        $shown = [];
        foreach ($snaps as $snap) {
            foreach ($showing->of($snap) ?? [] as $what) {
                $shown[$what][] = $snap->id;
            }
        }

        return $shown;
    }

    /** @param  Asked  $one */
    private static function habit(array $one): Habit
    {
        return new Habit(
            $one['by'],
            $one['name'],
            $one['showing'],
            $one['what'],
            Interval::of(count($one['hits']), $one['of']),
            Interval::of($one['elseHits'], $one['elseOf']),
            $one['hits'],
        );
    }
}
