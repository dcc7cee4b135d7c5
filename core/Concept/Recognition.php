<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\ReceiverCount;
use Jacotaxis\Core\Route\RouteSpec;

/** Finds the family of drawn routes by receiver number, says why, and what the nearest families differ in. */
final class Recognition
{
    /**
     * The family run on a side, or null.
     *
     * @param  array<string, RouteSpec>  $routes  by letter
     */
    public static function on(Side $side, array $routes, ReceiverCount $count): ?Family
    {
        foreach (Families::all() as $family) {
            if (self::differences($family, $side, $routes, $count) === []) {
                return $family;
            }
        }

        return null;
    }

    /**
     * Every family in the call with its front side; one defined across the ball is found once.
     *
     * @param  array<string, RouteSpec>  $routes
     * @return list<array{family: Family, side: Side}> the strength first
     */
    public static function all(array $routes, ReceiverCount $count, Side $strong): array
    {
        $found = [];
        foreach ([$strong, $strong->opposite()] as $side) {
            $family = self::on($side, $routes, $count);
            if ($family !== null && ! ($family->across && in_array($family, array_column($found, 'family'), true))) {
                $found[] = ['family' => $family, 'side' => $side];
            }
        }

        return $found;
    }

    /** Why a side is this family: "post by #1, dig by #2". */
    public static function why(Family $family): string
    {
        $parts = [];
        foreach ($family->front as $number => $route) {
            if (! in_array($number, $family->optional, true)) {
                $parts[] = "$route by #$number";
            }
        }

        return implode(', ', $parts).($family->across ? ', and the same across the ball' : '');
    }

    /**
     * The nearest other families on a side with what differs, nearest first.
     *
     * @param  array<string, RouteSpec>  $routes
     * @return list<array{family: string, differs: string}>
     */
    public static function nearest(Side $side, array $routes, ReceiverCount $count, ?Family $not = null): array
    {
        $near = [];
        foreach (Families::all() as $family) {
            // A family that fits as well but is tested later is no neighbor: nothing differs.
            if ($family !== $not && $count->letter($side, 2) !== null && self::differences($family, $side, $routes, $count) !== []) {
                $near[] = [self::distance($family, $side, $routes, $count), $family];
            }
        }
        usort($near, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(fn (array $n): array => ['family' => $n[1]->name, 'differs' => self::words($n[1], $side, $routes, $count)], array_slice($near, 0, 2));
    }

    /**
     * @param  array<string, RouteSpec>  $routes
     * @return list<array{Side, int, string}> side, receiver number and the route the family wants there
     */
    private static function differences(Family $family, Side $side, array $routes, ReceiverCount $count): array
    {
        $wrong = self::side($family->front, $family->optional, $side, $side, $routes, $count);
        if ($family->across) {
            $wrong = [...$wrong, ...self::side($family->other, [2], $side->opposite(), $side->opposite(), $routes, $count)];
        }

        return $wrong;
    }

    /**
     * @param  array<int, string>  $wanted
     * @param  list<int>  $optional
     * @param  array<string, RouteSpec>  $routes
     * @return list<array{Side, int, string}>
     */
    private static function side(array $wanted, array $optional, Side $side, Side $home, array $routes, ReceiverCount $count): array
    {
        $wrong = [];
        foreach ($wanted as $number => $route) {
            $letter = $count->letter($side, $number);
            if ($letter === null && in_array($number, $optional, true)) {
                continue;
            }
            $spec = $letter === null ? null : ($routes[$letter] ?? null);
            ['name' => $name, 'across' => $across] = Family::wish($route);
            if ($spec === null || $spec->name !== $name || ($across && $spec->side !== $home->opposite())) {
                $wrong[] = [$side, $number, $name];
            }
        }

        return $wrong;
    }

    /** @param  array<string, RouteSpec>  $routes */
    private static function distance(Family $family, Side $side, array $routes, ReceiverCount $count): float
    {
        $wrong = self::differences($family, $side, $routes, $count);
        $run = array_map(fn (string $l): ?string => ($routes[$l] ?? null)?->name, $count->on($side));
        $misplaced = array_filter($wrong, fn (array $w): bool => in_array($w[2], $run, true));
        $wanted = array_map(fn (string $words): string => Family::wish($words)['name'], array_values($family->front));
        if (count($wanted) > 1 && array_diff($wanted, $run) === [] && ! $family->across) {
            // The same routes by other men is as near as it gets.
            return 0.1;
        }

        return count($wrong) - 0.5 * count($misplaced);
    }

    /** @param  array<string, RouteSpec>  $routes */
    private static function words(Family $family, Side $side, array $routes, ReceiverCount $count): string
    {
        $parts = [];
        foreach (self::differences($family, $side, $routes, $count) as [$at, $number, $route]) {
            $runner = null;
            foreach ($count->on($at) as $n => $letter) {
                $runner = ($routes[$letter] ?? null)?->name === $route ? $n + 1 : $runner;
            }
            $letter = $count->letter($at, $number);
            $has = $letter === null ? 'nobody' : ($routes[$letter]->name ?? 'no route');
            $parts[] = $runner !== null ? "who runs the $route: #$runner, not #$number" : "#$number has $has, not $route";
        }

        return implode('; ', $parts);
    }
}
