<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Count;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Offense\Lineup;

/** The last man on the line, the overhang and the support man of each side. */
final class Edges
{
    /** A man this near the line is on it, yards. */
    private const LINE_YD = 1.8;

    /** A surface this much wider than the last man outflanks him, yards. */
    private const FLANK_YD = 0.6;

    /** An overhang stands this deep at most, yards. */
    private const OVERHANG_YD = 8.0;

    /** A receiver tighter than this makes the corner the support man, yards from the ball (FRM-04). */
    public const CONDENSED_YD = 8.5;

    /** @param  list<Defender>  $defenders */
    public static function last(array $defenders, Side $side): ?string
    {
        $line = array_filter(
            $defenders,
            fn (Defender $d): bool => $d->yYd <= self::LINE_YD &&
                $d->xYd * $side->sign() > 0.0 &&
                ! $d->group->isSecondary(),
        );
        usort($line, fn (Defender $a, Defender $b): int => abs($b->xYd) <=> abs($a->xYd));

        return ($line[0] ?? null)?->role;
    }

    /**
     * Sides where the blocking surface reaches past the last man on the line: the side to run (FRM-06).
     *
     * @param  list<Defender>  $defenders
     * @return list<string>
     */
    public static function outflanked(array $defenders, Lineup $lineup): array
    {
        $sides = [];
        foreach (Side::cases() as $side) {
            $line = array_map(
                fn (Defender $d): float => $d->yYd <= self::LINE_YD && ! $d->group->isSecondary()
                    ? $d->xYd * $side->sign()
                    : 0.0,
                $defenders,
            );
            if (max(0.0, ...$line) < $lineup->surfaceXYd($side) - self::FLANK_YD) {
                $sides[] = $side->value;
            }
        }

        return $sides;
    }

    /**
     * The second-level man outside the box of a side.
     *
     * @param  list<Defender>  $defenders
     * @param  list<string>  $box
     */
    public static function overhang(array $defenders, Side $side, array $box): ?string
    {
        $out = array_filter(
            $defenders,
            fn (Defender $d): bool => $d->yYd <= self::OVERHANG_YD &&
                $d->xYd * $side->sign() > 0.0 &&
                $d->group !== Group::Corner &&
                ! in_array($d->role, $box, true),
        );
        usort($out, fn (Defender $a, Defender $b): int => abs($a->xYd) <=> abs($b->xYd));

        return ($out[0] ?? null)?->role;
    }

    /**
     * Who turns the run in: the corner where the split is condensed, else the shell's first man of that side.
     *
     * @param  list<Defender>  $defenders
     */
    public static function support(array $defenders, Look $look, Lineup $lineup, Side $side): ?string
    {
        $here = array_values(
            array_filter(
                $defenders,
                fn (Defender $d): bool => $d->xYd * $side->sign() > 0.5 ||
                    ($d->job->wideYd * $side->sign() > 2.0 && ! $d->rushes()),
            ),
        );
        $first = $lineup->count->letter($side, 1);
        $tight = $first !== null && abs($lineup->men[$first]->xYd) <= self::CONDENSED_YD;
        foreach ($tight ? ['CS', 'CW', ...Shells::get($look->shell)->support]
            : Shells::get($look->shell)->support as $slot) {
            foreach ($here as $d) {
                if ($d->slot === $slot && ! $d->rushes() && ! ($d->isDeep() && $d->yYd < 1.0)) {
                    return $d->role;
                }
            }
        }
        usort($here, fn (Defender $a, Defender $b): int => abs($b->xYd) <=> abs($a->xYd));

        return ($here[0] ?? null)?->role;
    }
}
