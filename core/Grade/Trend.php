<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

/** A man's weeks: the share of points he earned, with its interval, and whether one may speak of a change. */
final class Trend
{
    /**
     * @param  list<array{week: int, mark: int, marks: array<string, int|null>, weight: float, hard?: bool}>  $grades
     * @return array{weeks: list<array<string, mixed>>, says: string}
     */
    public static function of(array $grades, Scale $scale, float $winning = Scale::WINNING): array
    {
        /** @var array<int, Points> $weeks */
        $weeks = [];
        foreach ($grades as $g) {
            ($weeks[$g['week']] ??= new Points($scale))->add($g);
        }
        ksort($weeks);

        return ['weeks' => array_map(fn (int $week, Points $p): array => ['week' => $week] + $p->toArray($winning),
            array_keys($weeks), $weeks), 'says' => self::says(array_map(fn (Points $p): Interval => $p->interval(),
                array_values($weeks)))];
    }

    /** @param  list<Interval>  $weeks  oldest first */
    private static function says(array $weeks): string
    {
        if (count($weeks) < 2) {
            return 'One week is no trend yet.';
        }
        $now = array_pop($weeks);
        $then = Interval::of(
            array_sum(array_map(fn (Interval $w): int => $w->hits, $weeks)),
            array_sum(array_map(fn (Interval $w): int => $w->of, $weeks)),
        );
        if ($now->of === 0 || $then->of === 0 || ! $now->apartFrom($then)) {
            return sprintf(
                'Too few snaps to call it a change: %d of %d this week, %d of %d before.',
                $now->hits,
                $now->of,
                $then->hits,
                $then->of,
            );
        }

        return sprintf(
            '%s: %d of %d this week, %d of %d before.',
            $now->low > $then->high ? 'Better' : 'Worse',
            $now->hits,
            $now->of,
            $then->hits,
            $then->of,
        );
    }
}
