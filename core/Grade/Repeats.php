<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

/** Notices what comes again: the same fault of the same man inside a window, and a fault that had gone and came back (GRD-08, PRS-07). */
final class Repeats
{
    /** Third time in so many days prompts (product defaults). */
    public const TIMES = 3;

    public const DAYS = 14;

    /** So many graded snaps without a fault call it fixed (product default). */
    public const FIXED = 8;

    /**
     * @param  list<array{man: string, day: int, faults: list<string>, id: string}>  $grades  oldest first; day is a running number of days
     * @param  int  $today  the day the window ends on
     * @return list<array{man: string, fault: string, times: int, state: string, text: string, ids: list<string>}> state: repeated, returned or fixed
     */
    public static function of(array $grades, int $today, int $times = self::TIMES, int $days = self::DAYS): array
    {
        $men = [];
        foreach ($grades as $g) {
            $men[$g['man']][] = $g;
        }
        $found = [];
        foreach ($men as $man => $his) {
            foreach (array_unique(array_merge(...array_column($his, 'faults'))) as $fault) {
                $row = str_starts_with($fault, 'PRS') ? null : self::ofOne((string) $man, $fault, $his, $today, $times, $days);
                if ($row !== null) {
                    $found[] = $row;
                }
            }
        }
        usort($found, fn (array $a, array $b): int => $b['times'] <=> $a['times'] ?: $a['man'] <=> $b['man']);

        return $found;
    }

    /**
     * @param  list<array{man: string, day: int, faults: list<string>, id: string}>  $his
     * @return array{man: string, fault: string, times: int, state: string, text: string, ids: list<string>}|null
     */
    private static function ofOne(string $man, string $fault, array $his, int $today, int $times, int $days): ?array
    {
        $at = array_keys(array_filter($his, fn (array $g): bool => in_array($fault, $g['faults'], true)));
        $last = $at[count($at) - 1];
        $recent = array_values(array_filter($at, fn (int $n): bool => $his[$n]['day'] > $today - $days));
        $ids = array_map(fn (int $n): string => $his[$n]['id'], $recent);
        $clean = count($his) - 1 - $last;
        $gap = count($at) > 1 ? $last - $at[count($at) - 2] - 1 : 0;

        return match (true) {
            count($recent) >= $times => ['man' => $man, 'fault' => $fault, 'times' => count($recent), 'state' => 'repeated', 'text' => self::nth(count($recent))." time in $days days", 'ids' => $ids],
            $recent !== [] && $gap >= self::FIXED => ['man' => $man, 'fault' => $fault, 'times' => count($recent), 'state' => 'returned', 'text' => "returned after $gap snaps without it", 'ids' => $ids],
            $clean >= self::FIXED && count($at) >= 2 => ['man' => $man, 'fault' => $fault, 'times' => count($at), 'state' => 'fixed', 'text' => "gone for $clean snaps", 'ids' => array_map(fn (int $n): string => $his[$n]['id'], $at)],
            default => null,
        };
    }

    private static function nth(int $n): string
    {
        return [3 => 'third', 4 => 'fourth', 5 => 'fifth', 6 => 'sixth'][$n] ?? "{$n}th";
    }
}
