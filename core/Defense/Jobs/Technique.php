<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Jobs;

use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Man;

/**
 * Where a man on the line stands on an offensive lineman (common practice), in two schools of names.
 *
 * A technique is a lineman counted from the middle outward and a shade; an eye is a third of a yard from his middle.
 * Beyond the last lineman a technique stands on the tight end, or on the spot where one would be (the ghost).
 */
final class Technique
{
    public const SCHOOLS = ['inside eye', 'count out'];

    /** Split to the ghost of a tight end, yards. */
    private const GHOST_YD = 1.17;

    /**
     * @var array<int|string, array{int, float, string}> first school's name => lineman from the middle, shade in yards,
     *     gap (two letters: either)
     */
    private const MAP = [
        '0' => [0, 0.0, 'AA'], '1' => [0, 0.4, 'A'], '2i' => [1, -0.4, 'A'], '2' => [1, 0.0, 'AB'],
        '3' => [1, 0.4, 'B'],
        '4i' => [2, -0.4, 'B'], '4' => [2, 0.0, 'BC'], '5' => [2, 0.4, 'C'], '7' => [3, -0.75, 'C'],
        '6i' => [3, -0.4, 'C'], '6' => [3, 0.0, 'CD'], '9' => [3, 0.4, 'D'],
    ];

    /** The second school counts odd numbers on the shoulders from the guard out and calls the center's man a shade. */
    private const COUNT_OUT = ['1' => 'shade', '2i' => '1', '6i' => '7', '7' => '7i'];

    /** @return list<string> names in a school */
    public static function known(string $school = self::SCHOOLS[0]): array
    {
        return array_map(fn (int|string $t): string => self::named((string) $t, $school), array_keys(self::MAP));
    }

    /** The name of a technique in a school. */
    public static function named(string $technique, string $school): string
    {
        return $school === self::SCHOOLS[1] ? (self::COUNT_OUT[$technique] ?? $technique) : $technique;
    }

    /** The technique a school's word means, or null. */
    public static function meant(string $word, string $school): ?string
    {
        foreach (array_keys(self::MAP) as $technique) {
            if (self::named((string) $technique, $school) === $word) {
                return (string) $technique;
            }
        }

        return null;
    }

    /** Width in yards of a technique on a side of a line. */
    public static function x(string $technique, Side $side, Lineup $lineup, bool $slides = true): float
    {
        [$index, $shade] = self::MAP[$technique];

        return self::place($index, $side, $lineup, $slides)[0] + $side->sign() * $shade;
    }

    /** The lineman or tight end a technique covers, or null on air. */
    public static function covers(string $technique, Side $side, Lineup $lineup, bool $slides = true): ?string
    {
        return self::place(self::MAP[$technique][0], $side, $lineup, $slides)[1]?->letter;
    }

    /**
     * The gaps a technique may take, from the inside out: one letter, or two for a head-up man.
     *
     * @return list<string>
     */
    public static function gaps(string $technique): array
    {
        return array_values(array_unique(str_split(self::MAP[$technique][2])));
    }

    /**
     * The technique of a given shade (-1 inside, 0 head-up, 1 outside) on a lineman, by his letter; null when the line
     * has none there.
     */
    public static function on(string $letter, float $shade, Side $side, Lineup $lineup, bool $slides = true): ?string
    {
        foreach (self::MAP as $technique => [, $at]) {
            if (
                self::covers((string) $technique, $side, $lineup, $slides) === $letter &&
                abs($at - $shade * 0.4) < 0.01
            ) {
                return (string) $technique;
            }
        }

        return null;
    }

    /**
     * The technique nearest to a width, and its distance in yards.
     *
     * @return array{string, Side, float}
     */
    public static function nearest(float $xYd, Lineup $lineup, bool $slides = true): array
    {
        $best = ['0', Side::Right, INF];
        foreach (Side::cases() as $side) {
            foreach (array_keys(self::MAP) as $technique) {
                $off = abs(self::x((string) $technique, $side, $lineup, $slides) - $xYd);
                if ($off < $best[2] - 1e-9) {
                    $best = [(string) $technique, $side, $off];
                }
            }
        }

        return $best;
    }

    /**
     * Width and man of a place counted from the middle of the line; a front that slides takes the middle of an
     * unbalanced line.
     *
     * @return array{float, Man|null}
     */
    private static function place(int $index, Side $side, Lineup $lineup, bool $slides): array
    {
        $line = $lineup->line();
        $middle = 2;
        foreach ($slides ? [] : $line as $n => $man) {
            $middle = $man->letter === 'C' ? $n : $middle;
        }
        $men = $side === Side::Right ? array_slice($line, $middle) : array_reverse(array_slice($line, 0, $middle + 1));
        $end = $lineup->tightEnd($side);
        if ($end !== null) {
            $men[] = $end;
        }
        if (isset($men[$index])) {
            return [$men[$index]->xYd, $men[$index]];
        }
        $last = $men[count($men) - 1];

        return [$last->xYd + $side->sign() * self::GHOST_YD * ($index - count($men) + 1), null];
    }
}
