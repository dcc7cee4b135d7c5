<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan;

/** The fewest calls that are good against each of some looks: a set cover, tried out while it is small. */
final class FewestCalls
{
    /** As many calls of the book as are tried together for the holes; beyond that the best one at a time. */
    private const TOGETHER = 3;

    /**
     * @param  list<PlannedCall>  $calls  the better first
     * @param  list<int>  $wanted  looks, each closed by some of the calls
     * @return list<PlannedCall>
     */
    public static function of(array $calls, array $wanted): array
    {
        if ($wanted === []) {
            return [];
        }
        $useful = array_values(array_filter(
            $calls,
            fn (PlannedCall $c): bool => array_filter($wanted, fn (int $l): bool => $c->good[$l]) !== [],
        ));
        for ($n = 1; $n <= self::TOGETHER; $n++) {
            $found = self::together($useful, $wanted, $n);
            if ($found !== null) {
                return $found;
            }
        }

        return self::oneByOne($useful, $wanted);
    }

    /**
     * @param  list<PlannedCall>  $calls
     * @param  list<int>  $wanted
     * @return list<PlannedCall>|null
     */
    private static function together(array $calls, array $wanted, int $n): ?array
    {
        if ($wanted === []) {
            return [];
        }
        if ($n === 0) {
            return null;
        }
        // Somebody has to close the first of them.
        foreach ($calls as $call) {
            if (! $call->good[$wanted[0]]) {
                continue;
            }
            $rest = self::together($calls, self::left($wanted, $call), $n - 1);
            if ($rest !== null) {
                return [$call, ...$rest];
            }
        }

        return null;
    }

    /**
     * @param  list<PlannedCall>  $calls
     * @param  list<int>  $wanted
     * @return list<PlannedCall>
     */
    private static function oneByOne(array $calls, array $wanted): array
    {
        $taken = [];
        while ($wanted !== []) {
            $best = $calls[0];
            foreach ($calls as $call) {
                if (count(self::left($wanted, $call)) < count(self::left($wanted, $best))) {
                    $best = $call;
                }
            }
            $taken[] = $best;
            $wanted = self::left($wanted, $best);
        }

        return $taken;
    }

    /**
     * @param  list<int>  $wanted
     * @return list<int>
     */
    private static function left(array $wanted, PlannedCall $call): array
    {
        return array_values(array_filter($wanted, fn (int $l): bool => ! $call->good[$l]));
    }
}
