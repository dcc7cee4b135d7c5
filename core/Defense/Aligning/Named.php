<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Aligning;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Offense\Lineup;

/**
 * Which men of a defense a word means: a role, a letter, a group, or one of a kind by his side, "boundary corner",
 * "weak end". The sides are those of the formation.
 */
final class Named
{
    /** A side he may be called by, besides left and right, which are part of his role. */
    public const SIDES = ['strong', 'weak', 'field', 'boundary'];

    /** Kinds that may be called by a side. */
    public const KINDS = ['corner', 'end', 'tackle', 'safety', 'backer', 'overhang'];

    /** Men who are called together, by the word. */
    private const GROUPS = [
        'corners' => Group::Corner,
        'safeties' => Group::Safety,
        'backers' => Group::Backer,
    ];

    private const ON_THE_LINE = ['ends' => ' end', 'tackles' => ' tackle', 'line' => ''];

    /** Deeper than this nobody overhangs, yards. */
    private const OVERHANGS_YD = 8.5;

    /**
     * Every word for several men.
     *
     * @return list<string>
     */
    public static function together(): array
    {
        return [...array_keys(self::GROUPS), ...array_keys(self::ON_THE_LINE)];
    }

    /**
     * The words for several men of whom a front has some.
     *
     * @param  list<string>  $roles
     * @return list<string>
     */
    public static function among(array $roles): array
    {
        $has = fn (string $suffix): bool => array_filter(
            $roles,
            fn (string $r): bool => str_ends_with(" $r", $suffix),
        ) !== [];

        return [...array_keys(self::GROUPS), ...array_keys(array_filter(self::ON_THE_LINE, $has))];
    }

    /**
     * Every name by side; strong and weak safety are roles of their own.
     *
     * @return list<string>
     */
    public static function bySide(): array
    {
        $names = [];
        foreach (self::SIDES as $side) {
            foreach (self::KINDS as $kind) {
                $names[] = "$side $kind";
            }
        }

        return array_values(array_diff($names, ['strong safety', 'weak safety']));
    }

    /**
     * @param  list<Defender>  $men
     * @return list<int> their places in the list
     */
    public static function in(string $who, array $men, Lineup $lineup): array
    {
        if (in_array($who, self::bySide(), true)) {
            [$word, $kind] = explode(' ', $who, 2);

            return self::onSide($word, $kind, $men, $lineup);
        }

        $suffix = self::ON_THE_LINE[$who] ?? null;
        if ($suffix !== null) {
            return array_keys(array_filter(
                $men,
                fn (Defender $d): bool => $d->slot === 'L' && str_ends_with(" $d->role", $suffix),
            ));
        }

        return array_keys(array_filter(
            $men,
            fn (Defender $d): bool => $d->role === $who
                || strcasecmp($d->letter, $who) === 0
                || (self::GROUPS[$who] ?? null) === $d->group,
        ));
    }

    /**
     * The outermost of a kind on a side; where no end is called so, the last man on the line.
     *
     * @param  list<Defender>  $men
     * @return list<int>
     */
    private static function onSide(string $word, string $kind, array $men, Lineup $lineup): array
    {
        $side = Look::side($word, $lineup->strong, $lineup->hash->fieldSide());
        $there = fn (Defender $d): bool => $d->xYd * $side->sign() > 0.0;
        $found = array_filter($men, fn (Defender $d): bool => match ($kind) {
            'end', 'tackle' => str_ends_with($d->role, $kind) && $there($d),
            'safety' => in_array($d->slot, ['SS', 'FS'], true),
            'overhang' => $d->slot !== 'L' && $d->group !== Group::Corner && $d->yYd < self::OVERHANGS_YD && $there($d),
            default => $d->group->value === $kind && $there($d),
        });
        if ($found === [] && $kind === 'end') {
            $found = array_filter($men, fn (Defender $d): bool => $d->slot === 'L' && $there($d));
        }
        uasort($found, fn (Defender $a, Defender $b): int => $b->xYd * $side->sign() <=> $a->xYd * $side->sign());

        return array_slice(array_keys($found), 0, 1);
    }
}
