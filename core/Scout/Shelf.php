<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Scout;

use Jacotaxis\Core\Grade\Interval;

/**
 * The shelf of an opponent's looks beside what his film shows: how often each was charted, and how often it is said to
 * have been shown.
 *
 * @phpstan-type ShelfRow array{words: string, charted: int, shown: int, share: array{hits: int, of: int,
 *     share: float|null, low: float, high: float}, said: float, differs: string|null}
 */
final class Shelf
{
    /**
     * @param  array<string, int>  $charted  on film, by words of the look
     * @param  array<string, int>  $shown  on the shelf, by words of the look
     * @return list<ShelfRow> the most charted first; differs says how, or is null
     */
    public static function beside(array $charted, array $shown): array
    {
        $words = array_map(strval(...), array_keys($charted + $shown));
        $all = array_sum($charted);
        $said = max(1, array_sum($shown));
        $rows = array_map(function (string $look) use ($charted, $shown, $all, $said): array {
            $share = Interval::of($charted[$look] ?? 0, $all);
            $of = ($shown[$look] ?? 0) / $said;

            return ['words' => $look, 'charted' => $charted[$look] ?? 0, 'shown' => $shown[$look] ?? 0,
                'share' => $share->toArray(), 'said' => round($of, 3),
                'differs' => self::differs($share, $of, isset($shown[$look]))];
        }, $words);
        usort($rows, fn (array $a, array $b): int => [$b['charted'], $b['shown'], $a['words']] <=>
            [$a['charted'], $a['shown'], $b['words']]);

        return $rows;
    }

    private static function differs(Interval $share, float $said, bool $onShelf): ?string
    {
        return match (true) {
            $share->of === 0 => null,
            ! $onShelf => 'on film, not on the shelf',
            $share->hits === 0 && $said > 0.0 => 'on the shelf, on no film',
            $said > $share->high => 'said more often than it is shown',
            $said < $share->low => 'shown more often than is said',
            default => null,
        };
    }
}
