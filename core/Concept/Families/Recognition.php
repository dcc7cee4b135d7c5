<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept\Families;

use Jacotaxis\Core\Concept\ReadOrder;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Route\RouteSpec;

/** Finds the family of drawn routes by receiver number, says why, and what the nearest families differ in. */
final class Recognition
{
    /**
     * The family run on a side with the form it has, or null.
     *
     * @return array{family: Family, form: Form}|null
     */
    public static function on(Side $side, Drawn $drawn): ?array
    {
        foreach ($drawn->families as $family) {
            $form = self::form($family, $side, $drawn);
            if ($form !== null) {
                return ['family' => $family, 'form' => $form];
            }
        }

        return null;
    }

    /** The form of a family that the routes of a side have, or null. */
    public static function form(Family $family, Side $side, Drawn $drawn): ?Form
    {
        foreach ($family->forms as $form) {
            if (self::differences($family, $form, $side, $drawn) === []) {
                return $form;
            }
        }

        return null;
    }

    /**
     * Every family in the call with its front side; one defined across the ball is found once.
     *
     * @return list<array{family: Family, form: Form, side: Side}> the strength first
     */
    public static function all(Drawn $drawn): array
    {
        $found = [];
        foreach ([$drawn->strong, $drawn->strong->opposite()] as $side) {
            $one = self::on($side, $drawn);
            $across = array_filter($found, fn (array $f): bool => $f['family']->across);
            if (
                $one !== null &&
                ! ($one['family']->across && in_array($one['family'], array_column($found, 'family'), true)) &&
                ! ($across !== [] && self::partOf($across[0], $side, $drawn))
            ) {
                $found[] = $one + ['side' => $side];
            }
        }

        return $found;
    }

    /** Why a side is this family: "post by #1, dig by #2". */
    public static function why(Family $family, Form $form, Side $side, Drawn $drawn): string
    {
        $run = fn (Side $at, int $number): string => $drawn->routes[(string) $drawn->count->letter($at, $number)]
            ->name ?? '';
        $parts = [];
        foreach ($form->any === [] ? $form->front : [] as $number => $route) {
            if (Wish::of($route)->fits($drawn->routes[(string) $drawn->count->letter($side, $number)] ?? null, $side)) {
                $parts[] = $run($side, $number)." by #$number";
            }
        }
        foreach ($form->any as $route) {
            $parts[] = implode(
                ' or ',
                array_unique(
                    array_map(
                        fn (string $l): string => "{$drawn->routes[$l]->name} by $l",
                        ReadOrder::running(Wish::of($route)->names, $side, $drawn),
                    ),
                ),
            );
        }
        $back = $form->back === null ? null : self::back($form, $side, $drawn);
        $parts = $back === null ? $parts : [...$parts, "{$drawn->routes[$back]->name} by the back"];
        foreach ($family->across ? array_keys($form->other) : [] as $number) {
            $name = $run($side->opposite(), $number);
            $parts = $name === '' ? $parts : [...$parts, "$name by #$number across the ball"];
        }

        return implode(', ', $parts).($family->rolls ? ", the passer rolls {$side->value}" : '');
    }

    /**
     * The nearest other families on a side with what differs, nearest first.
     *
     * @return list<array{family: string, differs: string}>
     */
    public static function nearest(Side $side, Drawn $drawn, ?Family $not = null): array
    {
        $near = [];
        foreach ($drawn->families as $family) {
            // A family that fits as well but is tested later is no neighbor: nothing differs.
            if (
                $family === $not ||
                $drawn->count->letter($side, 2) === null ||
                self::form($family, $side, $drawn) !== null
            ) {
                continue;
            }
            $best = null;
            foreach ($family->forms as $form) {
                $distance = self::distance($family, $form, $side, $drawn);
                $best = $best === null || $distance < $best[0] ? [$distance, $family, $form] : $best;
            }
            if ($best !== null) {
                $near[] = $best;
            }
        }
        usort($near, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(
            fn (array $n): array => ['family' => $n[1]->name, 'differs' => self::words($n[1], $n[2], $side, $drawn)],
            array_slice($near, 0, 2),
        );
    }

    /**
     * What a form misses: side (null: the back), receiver number (0: the back or anybody) and the route wanted there.
     *
     * @return list<array{Side|null, int, Wish}>
     */
    private static function differences(Family $family, Form $form, Side $side, Drawn $drawn): array
    {
        $wrong = [];
        if ($family->rolls && $drawn->rolls !== $side) {
            $wrong[] = [null, -1, Wish::of('roll')];
        }
        if ($form->any !== []) {
            return [...$wrong, ...self::anybody($form, $side, $drawn)];
        }
        $wrong = [...$wrong, ...self::side($form->front, $form->optional, $side, $drawn)];
        if ($family->across) {
            $wrong = [...$wrong, ...self::side($form->other, $form->otherOptional, $side->opposite(), $drawn)];
        }
        if ($form->back !== null && self::back($form, $side, $drawn) === null) {
            $wrong[] = [null, 0, Wish::of($form->back)];
        }

        return $wrong;
    }

    /**
     * @param  array<int, string>  $wanted
     * @param  list<int>  $optional
     * @return list<array{Side, int, Wish}>
     */
    private static function side(array $wanted, array $optional, Side $side, Drawn $drawn): array
    {
        $wrong = [];
        foreach ($wanted as $number => $route) {
            $letter = $drawn->count->letter($side, $number);
            $wish = Wish::of($route);
            if (
                ($letter !== null || ! in_array($number, $optional, true)) &&
                ! $wish->fits($letter === null ? null : $drawn->routes[$letter] ?? null, $side)
            ) {
                $wrong[] = [$side, $number, $wish];
            }
        }

        return $wrong;
    }

    /** Letter of the back who runs the back's part of a form, or null. */
    public static function back(Form $form, Side $side, Drawn $drawn): ?string
    {
        $wish = Wish::of((string) $form->back);
        foreach ($drawn->count->backs as $letter) {
            $spec = $drawn->routes[$letter] ?? null;
            if ($spec !== null && ! $spec->checks && ($spec->side ?? $side) === $side && $wish->fits($spec, $side)) {
                return $letter;
            }
        }

        return null;
    }

    /**
     * Routes that must arrive on the side and do not.
     *
     * @return list<array{Side, int, Wish}>
     */
    private static function anybody(Form $form, Side $side, Drawn $drawn): array
    {
        $wrong = [];
        $left = $drawn->routes;
        foreach ($form->any as $route) {
            $wish = Wish::of($route);
            $to = $wish->across ? $side->opposite() : $side;
            $who = array_filter(
                array_keys($left),
                fn (string $l): bool => in_array($left[$l]->name, $wish->names, true) &&
                    self::arrives($l, $left[$l], $drawn) === $to,
            );
            if ($who === []) {
                $wrong[] = [$side, 0, $wish];
            } else {
                unset($left[array_values($who)[0]]);
            }
        }

        return $wrong;
    }

    /** The side a route ends on; a back's without a word is the side he is sent to by the call. */
    private static function arrives(string $letter, RouteSpec $spec, Drawn $drawn): Side
    {
        $home = $drawn->count->sideOf($letter) ?? $drawn->rolls ?? $drawn->strong;

        return $spec->side ?? ($spec->shape()->inward ? $home->opposite() : $home);
    }

    /**
     * Whether everything a family across the ball asks of the other side is all that side runs of a family.
     *
     * @param  array{family: Family, form: Form, side: Side}  $found
     */
    private static function partOf(array $found, Side $side, Drawn $drawn): bool
    {
        $letters = array_filter($drawn->count->on($side), fn (string $l): bool => isset($drawn->routes[$l]));

        return $side === $found['side']->opposite() && count($letters) <= count($found['form']->other);
    }

    private static function distance(Family $family, Form $form, Side $side, Drawn $drawn): float
    {
        $wrong = self::differences($family, $form, $side, $drawn);
        $run = array_map(fn (string $l): ?string => ($drawn->routes[$l] ?? null)?->name, $drawn->count->on($side));
        $misplaced = array_filter($wrong, fn (array $w): bool => array_intersect($w[2]->names, $run) !== []);
        $wanted = array_map(fn (string $words): string => Wish::of($words)->name(), array_values($form->front));
        if (
            $form->any === [] &&
            $form->back === null &&
            count($wanted) > 1 &&
            array_diff($wanted, $run) === [] &&
            ! $family->across
        ) {
            // The same routes by other men is as near as it gets.
            return 0.1;
        }

        return count($wrong) - 0.5 * count($misplaced) + ($form->any === [] ? 0.0 : 1.5);
    }

    private static function words(Family $family, Form $form, Side $side, Drawn $drawn): string
    {
        $parts = [];
        foreach (self::differences($family, $form, $side, $drawn) as [$at, $number, $wish]) {
            $parts[] = match (true) {
                $number === -1 => "the passer does not roll {$side->value}",
                $at === null => "no back runs the {$wish->words()} {$side->value}",
                $number === 0 => "nobody brings the {$wish->words()} there",
                default => self::misses($at, $number, $wish, $drawn),
            };
        }

        return implode('; ', $parts);
    }

    private static function misses(Side $at, int $number, Wish $wish, Drawn $drawn): string
    {
        foreach ($drawn->count->on($at) as $n => $letter) {
            if ($n + 1 !== $number && $wish->fits($drawn->routes[$letter] ?? null, $at)) {
                return "who runs the {$wish->words()}: #".($n + 1).", not #$number";
            }
        }
        $letter = $drawn->count->letter($at, $number);
        $has = $letter === null ? 'nobody' : ($drawn->routes[$letter]->name ?? 'no route');

        return $letter === null
            ? "there is no #$number on the {$at->value} for the {$wish->words()}"
            : "#$number has $has, not {$wish->words()}";
    }
}
