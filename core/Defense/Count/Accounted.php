<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Count;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Offense\Lineup;

/** Who has every eligible receiver: his man, or the zones he stands in. */
final class Accounted
{
    /** A zone has a receiver who lines up this near its landmark, yards. */
    private const ZONE_YD = 12.0;

    /**
     * @param  list<Defender>  $defenders
     * @return array<string, list<string>> roles by letter: the man who has him, or the under zone and the deep zone he
     *     lines up in; empty when nobody has
     */
    public static function of(array $defenders, Lineup $lineup): array
    {
        $has = [];
        foreach ($lineup->eligible() as $letter) {
            $man = array_values(
                array_filter(
                    $defenders,
                    fn (Defender $d): bool => $d->takes === $letter && $d->job->kind === JobKind::Man,
                ),
            );
            $has[$letter] =
                $man !== []
                    ? [$man[0]->role]
                    : array_values(
                        array_filter([
                            self::zone($defenders, $lineup->men[$letter]->xYd, JobKind::Under),
                            self::zone($defenders, $lineup->men[$letter]->xYd, JobKind::Deep),
                        ], fn (?string $role): bool => $role !== null),
                    );
        }

        return $has;
    }

    /**
     * Backers who have a receiver split out, man to man.
     *
     * @param  list<Defender>  $defenders
     * @return list<array{man: string, defender: string, why: string}>
     */
    public static function mismatches(array $defenders, Lineup $lineup): array
    {
        $found = [];
        foreach ($defenders as $d) {
            $man = $d->takes === null ? null : $lineup->men[$d->takes];
            if (
                $man === null ||
                $d->job->kind !== JobKind::Man ||
                $man->isBack() ||
                ! in_array($d->group, [Group::Backer, Group::Edge, Group::Line], true)
            ) {
                continue;
            }
            $wide = abs($man->xYd) - $lineup->surfaceXYd($man->side());
            if ($wide > 1.0) {
                $found[] = ['man' => $d->takes, 'defender' => $d->role,
                    'why' => sprintf('%s, a %s, has %s alone %.0f yd outside the line.',
                        ucfirst($d->role), $d->group === Group::Line ? 'lineman' : 'backer', $d->takes, $wide)];
            }
        }

        return $found;
    }

    /** @param  list<Defender>  $defenders */
    private static function zone(array $defenders, float $x, JobKind $kind): ?string
    {
        $zones = array_values(array_filter($defenders, fn (Defender $d): bool => $d->job->kind === $kind));
        usort($zones, fn (Defender $a, Defender $b): int => abs($a->job->wideYd - $x) <=> abs($b->job->wideYd - $x));
        $reach = $kind === JobKind::Deep ? 2.0 * self::ZONE_YD : self::ZONE_YD;

        return $zones !== [] && abs($zones[0]->job->wideYd - $x) <= $reach ? $zones[0]->role : null;
    }
}
