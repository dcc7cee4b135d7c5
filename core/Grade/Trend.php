<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

/** A man's weeks: the share of points he earned, with its interval, and whether one may speak of a change. */
final class Trend
{
    /**
     * @param  list<array{week: int, mark: int, marks: array<string, int|null>, weight: float}>  $grades
     * @return array{weeks: list<array<string, mixed>>, says: string}
     */
    public static function of(array $grades, Scale $scale, float $winning = Scale::WINNING): array
    {
        $weeks = [];
        foreach ($grades as $g) {
            [$earned, $possible] = $scale->points($g['marks'], $g['mark']);
            $w = $weeks[$g['week']] ??= ['n' => 0, 'plus' => 0, 'judged' => 0, 'earned' => 0.0, 'possible' => 0.0, 'weighted' => 0.0, 'weight' => 0.0];
            $weeks[$g['week']] = ['n' => $w['n'] + 1, 'plus' => $w['plus'] + (int) ($g['mark'] > 0), 'judged' => $w['judged'] + (int) ($g['mark'] !== 0), 'earned' => $w['earned'] + $earned, 'possible' => $w['possible'] + $possible,
                'weighted' => $w['weighted'] + $g['weight'] * $earned, 'weight' => $w['weight'] + $g['weight'] * $possible];
        }
        ksort($weeks);
        $rows = [];
        foreach ($weeks as $week => $w) {
            $share = $w['possible'] > 0.0 ? $w['earned'] / $w['possible'] : null;
            $rows[] = ['week' => $week, 'snaps' => $w['n'], 'interval' => Interval::of($w['plus'], $w['judged'])->toArray(), 'earned' => round($w['earned'], 1), 'possible' => round($w['possible'], 1),
                'percent' => $share === null ? null : round(100.0 * $share, 1), 'weightedPercent' => $w['weight'] > 0.0 ? round(100.0 * $w['weighted'] / $w['weight'], 1) : null, 'won' => $share === null ? null : $share >= $winning];
        }

        return ['weeks' => $rows, 'says' => self::says($weeks)];
    }

    /** @param  array<int, array{n: int, plus: int, judged: int}>  $weeks */
    private static function says(array $weeks): string
    {
        if (count($weeks) < 2) {
            return 'One week is no trend yet.';
        }
        $last = array_key_last($weeks);
        $before = ['plus' => 0, 'judged' => 0];
        foreach ($weeks as $week => $w) {
            $before = $week === $last ? $before : ['plus' => $before['plus'] + $w['plus'], 'judged' => $before['judged'] + $w['judged']];
        }
        $now = Interval::of($weeks[$last]['plus'], $weeks[$last]['judged']);
        $then = Interval::of($before['plus'], $before['judged']);
        if ($now->of === 0 || $then->of === 0 || ! $now->apartFrom($then)) {
            return sprintf('Too few snaps to call it a change: %d of %d this week, %d of %d before.', $now->hits, $now->of, $then->hits, $then->of);
        }

        return sprintf('%s: %d of %d this week, %d of %d before.', $now->low > $then->high ? 'Better' : 'Worse', $now->hits, $now->of, $then->hits, $then->of);
    }
}
