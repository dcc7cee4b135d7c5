<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Scout;

use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Grade\Interval;
use Jacotaxis\Core\Grade\Numbers\SnapRow;

/**
 * Coverages that start from one picture, told apart by where a defender stands. Each game is left out in turn: the cut
 * that parts the others best is tried on it, so that a cut that fits one game's chance is found out. A cut is a tell
 * only where it tells more than a coin in each game that was left out, and over all of them surely more than naming
 * the more frequent coverage every time: a tell that is none costs more than one that is not told.
 *
 * A game left out is judged by how many of either coverage were told right, of how many, and on which snaps.
 *
 * @phpstan-type Judged array{right: array<string, int>, of: array<string, int>, ids: list<string>}
 */
final class Tells
{
    /** Snaps of either coverage with places charted, under which nothing is said (product default). */
    public const LEAST = 8;

    /** How much surer than 95 % a tell must be: as if so many times as many pairs were asked (staff's caution). */
    private const STRICT = 5;

    private const COIN = 0.5;

    /** Games each pair is judged over, at least: one is left out. */
    private const GAMES = 2;

    /**
     * @param  list<SnapRow>  $snaps  of one opponent
     * @return list<Tell> those that tell first, the surest of them first; then those that do not; then those with too
     *     little film
     */
    public static function of(array $snaps): array
    {
        $pairs = self::pairs($snaps);
        $asked = count(array_filter($pairs, fn (array $p): bool => self::enough($p['snaps'])));
        $tells = array_map(
            fn (array $p): Tell => self::enough($p['snaps'])
                ? self::judged($p['from'], $p['snaps'], $asked)
                : new Tell($p['from'], self::charted($p['snaps']), false),
            $pairs,
        );
        $rank = fn (Tell $t): array => [$t->cut === null, ! $t->enough, -($t->right->low ?? 0.0)];
        usort($tells, fn (Tell $a, Tell $b): int => $rank($a) <=> $rank($b));

        return $tells;
    }

    /**
     * Every two coverages that were shown from one picture, with their snaps.
     *
     * @param  list<SnapRow>  $snaps
     * @return list<array{from: string, snaps: list<SnapRow>}>
     */
    private static function pairs(array $snaps): array
    {
        $by = [];
        foreach ($snaps as $snap) {
            if ($snap->shell !== null && $snap->stood !== []) {
                $by[self::picture($snap)][$snap->shell][] = $snap;
            }
        }
        $pairs = [];
        foreach ($by as $from => $shells) {
            ksort($shells);
            $names = array_keys($shells);
            foreach ($names as $i => $a) {
                foreach (array_slice($names, $i + 1) as $b) {
                    $pairs[] = ['from' => $from, 'snaps' => [...$shells[$a], ...$shells[$b]]];
                }
            }
        }

        return $pairs;
    }

    /** How many high they show: the coverage, or the one it was charted as showing. */
    private static function picture(SnapRow $snap): string
    {
        $shown = (string) $snap->shell;
        foreach (explode(', ', (string) $snap->wrinkle) as $part) {
            $shown = str_starts_with($part, 'shows ') ? substr($part, 6) : $shown;
        }
        if (! Shells::has($shown)) {
            return 'not known';
        }

        return ['nobody high', 'one high', 'two high', 'three high'][Shells::get($shown)->high()];
    }

    /** @param  list<SnapRow>  $snaps */
    private static function enough(array $snaps): bool
    {
        return min(self::charted($snaps)) >= self::LEAST && count(self::games($snaps)) >= self::GAMES;
    }

    /**
     * @param  list<SnapRow>  $snaps
     * @return non-empty-array<string, int>
     */
    private static function charted(array $snaps): array
    {
        return array_count_values(array_map(fn (SnapRow $s): string => (string) $s->shell, $snaps)) ?: ['' => 0];
    }

    /**
     * @param  list<SnapRow>  $snaps
     * @return list<string>
     */
    private static function games(array $snaps): array
    {
        return array_values(array_unique(array_map(fn (SnapRow $s): string => (string) $s->reel, $snaps)));
    }

    /** @param  list<SnapRow>  $snaps */
    private static function judged(string $from, array $snaps, int $asked): Tell
    {
        $charted = self::charted($snaps);
        $last = null;
        foreach (PreSnap::cases() as $moment) {
            $signs = Sign::charted($snaps, $moment);
            $games = self::leftOut($snaps, $signs);
            $right = array_sum(array_map(fn (array $g): int => array_sum($g['right']), $games));
            $ids = array_merge(...array_map(fn (array $g): array => $g['ids'], $games));
            $of = count($ids);
            $byFrequency = self::byFrequency($games);
            $sure = Interval::asked($right, $of, self::STRICT * $asked * count(PreSnap::cases()))->low > $byFrequency;
            $cut = $sure && self::inEach($games) ? Cut::best($snaps, $signs, ...self::two($charted)) : null;
            $last = new Tell($from, $charted, true, $cut, Interval::of($right, $of), $byFrequency, $ids);
            if ($cut !== null) {
                return $last;
            }
        }

        return $last;
    }

    /**
     * Each game judged by the cut of the others.
     *
     * @param  list<SnapRow>  $snaps
     * @param  list<Sign>  $signs
     * @return list<Judged>
     */
    private static function leftOut(array $snaps, array $signs): array
    {
        [$a, $b] = self::two(self::charted($snaps));
        $games = [];
        foreach (self::games($snaps) as $game) {
            $others = array_values(array_filter($snaps, fn (SnapRow $s): bool => $s->reel !== $game));
            $cut = Cut::best($others, $signs, $a, $b);
            $judged = ['right' => [], 'of' => [], 'ids' => []];
            foreach ($snaps as $snap) {
                $said = $snap->reel === $game ? $cut?->says($snap) : null;
                if ($said !== null) {
                    $shell = (string) $snap->shell;
                    $judged['ids'][] = $snap->id;
                    $judged['of'][$shell] = ($judged['of'][$shell] ?? 0) + 1;
                    $judged['right'][$shell] = ($judged['right'][$shell] ?? 0) + (int) ($said === $shell);
                }
            }
            $games[] = $judged;
        }

        return $games;
    }

    /**
     * What always naming the more frequent of the two would get right; 1 where nothing could be judged.
     *
     * @param  list<Judged>  $games
     */
    private static function byFrequency(array $games): float
    {
        $of = [];
        foreach ($games as $game) {
            foreach ($game['of'] as $shell => $n) {
                $of[$shell] = ($of[$shell] ?? 0) + $n;
            }
        }

        return $of === [] ? 1.0 : max($of) / array_sum($of);
    }

    /**
     * Whether it tells more than a coin in every game it was tried on: by the mean of what it gets right of either
     * coverage, since one game may have little of one.
     *
     * @param  list<Judged>  $games
     */
    private static function inEach(array $games): bool
    {
        foreach ($games as $game) {
            $shares = [];
            foreach ($game['of'] as $shell => $of) {
                $shares[] = $game['right'][$shell] / $of;
            }
            if ($shares !== [] && array_sum($shares) <= self::COIN * count($shares)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<string, int>  $charted
     * @return array{string, string}
     */
    private static function two(array $charted): array
    {
        $names = array_map(strval(...), array_keys($charted));

        return [$names[0], $names[1]];
    }
}
