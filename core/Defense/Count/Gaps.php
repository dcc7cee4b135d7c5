<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Count;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\Movement;
use Jacotaxis\Core\Defense\Jobs\Technique;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Offense\Lineup;

/**
 * Who has each gap: down men by technique, head-up men where they are needed, then the nearest men of the second level,
 * then the support. A gap nobody has is named open.
 */
final class Gaps
{
    /** Deeper than this nobody fits a gap, yards. */
    private const FIT_YD = 8.0;

    /** A man farther than this from a gap does not fit it, yards. */
    private const REACH_YD = 5.0;

    /**
     * @param  list<Defender>  $defenders
     * @return array<string, string|null> role or null for open, by gap from the left end to the right: "left D" ...
     *     "right D"
     */
    public static function of(array $defenders, Lineup $lineup, Look $look): array
    {
        $gaps = self::places($lineup, $look->slides);
        $taken = array_fill_keys(array_keys($gaps), null);
        $free = [];
        foreach ($defenders as $d) {
            $none = $d->technique === null || $d->group === Group::Edge && $d->technique === '5';
            $own = $none ? [] : self::own($d, $gaps);
            if (count($own) === 1 && $taken[$own[0]] === null) {
                $taken[$own[0]] = $d->role;
            } else {
                $free[] = $d;
            }
        }
        foreach ([true, false] as $down) {
            foreach ($free as $n => $d) {
                if (($d->group === Group::Line) !== $down || $d->yYd > self::FIT_YD) {
                    continue;
                }
                $gap = self::nearest($d, $gaps, $taken);
                if ($gap !== null) {
                    $taken[$gap] = $d->role;
                    unset($free[$n]);
                }
            }
        }

        return self::doubled($taken, $defenders, $look, $lineup);
    }

    /**
     * What is left: the support man of a side fits its last gap from depth, and a nose on the center plays both of his.
     *
     * @param  array<string, string|null>  $taken
     * @param  list<Defender>  $defenders
     * @return array<string, string|null>
     */
    private static function doubled(array $taken, array $defenders, Look $look, Lineup $lineup): array
    {
        $nose = array_values(array_filter($defenders, fn (Defender $d): bool => $d->technique === '0'))[0] ?? null;
        foreach (Side::cases() as $side) {
            $support = Edges::support($defenders, $look, $lineup, $side);
            if ($taken["{$side->value} D"] === null && ! in_array($support, $taken, true)) {
                $taken["{$side->value} D"] = $support;
            }
            $taken["{$side->value} A"] ??= $nose?->role;
        }

        return $taken;
    }

    /**
     * @param  array<string, float>  $gaps
     * @return list<string>
     */
    private static function own(Defender $d, array $gaps): array
    {
        $names = array_map(fn (string $g): string => "{$d->side->value} $g", Technique::gaps((string) $d->technique));
        if ($d->technique === '0') {
            $names = [];
        }
        $moved = self::moves($d->movement);
        if ($moved !== 0.0 && $names !== []) {
            $to = ($gaps[$names[0]] ?? $d->xYd) + $moved * ($d->movement->side?->sign() ?? $d->side->sign());
            $names = [array_keys($gaps, self::closest($gaps, $to), true)[0]];
        }

        return array_values(array_filter($names, fn (string $n): bool => array_key_exists($n, $gaps)));
    }

    /** Yards a movement takes a down man sideways. */
    private static function moves(?Movement $movement): float
    {
        return $movement === null ? 0.0 : $movement->kind->step()[0];
    }

    /** @param  array<string, float>  $gaps */
    private static function closest(array $gaps, float $x): float
    {
        usort($gaps, fn (float $a, float $b): int => abs($a - $x) <=> abs($b - $x));

        return $gaps[0];
    }

    /**
     * @param  array<string, float>  $gaps
     * @param  array<string, string|null>  $taken
     */
    private static function nearest(Defender $d, array $gaps, array $taken): ?string
    {
        $best = null;
        foreach ($gaps as $gap => $x) {
            // The last gap has no far wall: whoever stands outside it fits it.
            $outside = str_ends_with($gap, 'D') && $d->xYd * ($x <=> 0.0) > abs($x);
            $off = $outside ? max(0.0, abs($d->xYd - $x) - 6.0) : abs($d->xYd - $x);
            if ($taken[$gap] === null && $off <= self::REACH_YD && ($best === null || $off < $best[1])) {
                $best = [$gap, $off];
            }
        }

        return $best[0] ?? null;
    }

    /**
     * @return array<string, float> the middle of every gap, yards: A to C on a side, and D outside a tight end or as
     *     the edge
     */
    private static function places(Lineup $lineup, bool $slides): array
    {
        $gaps = [];
        foreach (Side::cases() as $side) {
            foreach (['A' => ['0', '2'], 'B' => ['2', '4'], 'C' => ['4', '6']] as $gap => [$inside, $out]) {
                $gaps["{$side->value} $gap"] =
                    (Technique::x($inside, $side, $lineup, $slides) + Technique::x($out, $side, $lineup, $slides)) /
                    2.0;
            }
            $gaps["{$side->value} D"] = Technique::x('6', $side, $lineup, $slides) + $side->sign() * 0.6;
        }
        asort($gaps);

        return $gaps;
    }
}
