<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

use Jacotaxis\Core\School\Schools;

/**
 * Notices what comes again: the same fault of the same man inside a window, and a fault that had gone and came back
 * (GRD-08, PRS-07).
 */
final class Repeats
{
    /** So many graded snaps without a fault call it fixed (product default). */
    public const FIXED = 8;

    /**
     * @param  list<array{man: string, day: int, faults: list<string>, id: string, n: int, of: int}>  $grades  oldest
     *     first; day is a running number of days, n the place among the graded snaps of the man, of how many he has.
     *     Snaps without a fault may be left out.
     * @param  int  $today  the day the window ends on
     * @return list<array{man: string, fault: string, times: int, state: string, text: string, ids: list<string>}>
     *     state: repeated, returned or fixed
     */
    public static function of(array $grades, int $today, Schools $schools): array
    {
        $times = (int) $schools->value('repeat-times');
        $days = (int) $schools->value('repeat-days');
        $seen = [];
        foreach ($grades as $g) {
            foreach ($g['faults'] as $fault) {
                if (! str_starts_with($fault, 'PRS')) {
                    $seen[$g['man']][$fault][] = $g;
                }
            }
        }
        $found = [];
        foreach ($seen as $man => $faults) {
            foreach ($faults as $fault => $his) {
                $row = self::ofOne((string) $man, (string) $fault, $his, $today, $times, $days);
                if ($row !== null) {
                    $found[] = $row;
                }
            }
        }
        usort($found, fn (array $a, array $b): int => $b['times'] <=> $a['times'] ?: $a['man'] <=> $b['man']);

        return $found;
    }

    /**
     * The grades of men with their places counted.
     *
     * @param  list<array{man: string, day: int, faults: list<string>, id: string}>  $grades  all of them, oldest first
     * @return list<array{man: string, day: int, faults: list<string>, id: string, n: int, of: int}>
     */
    public static function placed(array $grades): array
    {
        $of = array_count_values(array_column($grades, 'man'));
        $n = [];

        return array_map(function (array $g) use (&$n, $of): array {
            $n[$g['man']] = ($n[$g['man']] ?? -1) + 1;

            return $g + ['n' => $n[$g['man']], 'of' => $of[$g['man']]];
        }, $grades);
    }

    /**
     * @param  non-empty-list<array{day: int, id: string, n: int, of: int}>  $his  his snaps with this fault
     * @return array{man: string, fault: string, times: int, state: string, text: string, ids: list<string>}|null
     */
    private static function ofOne(string $man, string $fault, array $his, int $today, int $times, int $days): ?array
    {
        $last = $his[count($his) - 1];
        // Inclusive: today and the same day so many days ago both count.
        $recent = array_values(array_filter($his, fn (array $g): bool => $g['day'] >= $today - $days));
        $clean = $last['of'] - 1 - $last['n'];
        $gap = self::without($his);
        $again = count($recent) >= $times ? self::nth(count($recent))." time in $days days" : '';

        return match (true) {
            $recent !== [] && $gap >= self::FIXED && $clean < self::FIXED => ['man' => $man, 'fault' => $fault,
                'times' => count($recent), 'state' => 'returned',
                'text' => "returned after $gap snaps without it".($again === '' ? '' : ", $again"),
                'ids' => array_column($recent, 'id')],
            $again !== '' => ['man' => $man, 'fault' => $fault, 'times' => count($recent), 'state' => 'repeated',
                'text' => $again, 'ids' => array_column($recent, 'id')],
            $clean >= self::FIXED && count($his) >= 2 => ['man' => $man, 'fault' => $fault, 'times' => count($his),
                'state' => 'fixed', 'text' => "gone for $clean snaps", 'ids' => array_column($his, 'id')],
            default => null,
        };
    }

    /**
     * The longest he was without it before it came back: it stays returned until it is gone again.
     *
     * @param  non-empty-list<array{n: int}>  $his
     */
    private static function without(array $his): int
    {
        $longest = 0;
        for ($i = 1; $i < count($his); $i++) {
            $longest = max($longest, $his[$i]['n'] - $his[$i - 1]['n'] - 1);
        }

        return $longest;
    }

    private static function nth(int $n): string
    {
        return [3 => 'third', 4 => 'fourth', 5 => 'fifth', 6 => 'sixth'][$n] ?? "{$n}th";
    }
}
