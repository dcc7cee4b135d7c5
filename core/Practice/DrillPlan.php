<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice;

use Jacotaxis\Core\Drill\Drill;

/**
 * From fault to minutes (PRA-05): the drills for what came again on film, most seen first, and those that fit the
 * minutes of a period. The groups work beside one another, each with its own coach: each has all the minutes.
 */
final class DrillPlan
{
    /** Seen once, it is a slip and no habit. */
    private const AGAIN = 2;

    /**
     * What was seen in the window of days that ends with the latest film before a day.
     *
     * @param  list<GradedSnap>  $snaps
     * @return list<FaultSeen>
     */
    public static function seen(array $snaps, int $before, int $window): array
    {
        $earlier = array_filter($snaps, fn (GradedSnap $s): bool => $s->day < $before);
        $last = max([0, ...array_map(fn (GradedSnap $s): int => $s->day, array_values($earlier))]);
        $times = [];
        foreach ($earlier as $snap) {
            foreach ($snap->day > $last - $window ? $snap->faults : [] as $fault) {
                $times[$snap->group][$fault] = ($times[$snap->group][$fault] ?? 0) + 1;
            }
        }
        $seen = [];
        foreach ($times as $group => $faults) {
            foreach ($faults as $fault => $n) {
                $seen[] = new FaultSeen($fault, $group, $n);
            }
        }

        return $seen;
    }

    /**
     * @param  list<FaultSeen>  $seen
     * @param  array<string, Drill>  $drills  in the order of the cards
     * @return list<ProposedDrill> what was seen most first; where as often, in the order of the cards
     */
    public static function proposed(array $seen, array $drills): array
    {
        $proposed = [];
        foreach ($drills as $drill) {
            $faults = [];
            foreach ($seen as $fault) {
                if ($fault->group === $drill->group && in_array($fault->fault, $drill->faults, true)) {
                    $faults[$fault->fault] = ($faults[$fault->fault] ?? 0) + $fault->times;
                }
            }
            if (array_sum($faults) >= self::AGAIN) {
                $proposed[] = new ProposedDrill($drill, $faults);
            }
        }
        usort($proposed, fn (ProposedDrill $a, ProposedDrill $b): int => $b->times() <=> $a->times());

        return $proposed;
    }

    /**
     * @param  list<ProposedDrill>  $proposed
     * @return list<string> names of the drills that fit, group after group
     */
    public static function fitting(array $proposed, int $minutes): array
    {
        $left = [];
        $names = [];
        $cured = [];
        foreach ($proposed as $one) {
            $group = $one->drill->group;
            $left[$group] ??= $minutes;
            // A second card for the same fault waits until there is another week.
            $fresh = array_diff_key($one->faults, $cured[$group] ?? []) !== [];
            if ($fresh && $one->drill->minutes <= $left[$group]) {
                $left[$group] -= $one->drill->minutes;
                $cured[$group] = ($cured[$group] ?? []) + $one->faults;
                $names[$group][] = $one->drill->name;
            }
        }

        return array_merge(...array_values($names));
    }
}
