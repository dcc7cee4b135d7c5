<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Count;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Offense\Lineup;

/**
 * The man the center points out, the mike of the play: the backer nearest the middle, of two the one to the strength.
 */
final class Point
{
    /** A backer nearer to the line than this has walked up, one deeper than this plays the pass, yards. */
    private const DEPTHS_YD = [1.5, 7.0];

    /** @param  list<Defender>  $defenders */
    public static function of(array $defenders, Lineup $lineup): ?string
    {
        $middle = $lineup->line()[2]->xYd;
        $backers = array_values(
            array_filter(
                $defenders,
                fn (Defender $d): bool => $d->group === Group::Backer &&
                    $d->yYd >= self::DEPTHS_YD[0] &&
                    $d->yYd <= self::DEPTHS_YD[1],
            ),
        );
        usort(
            $backers,
            fn (Defender $a, Defender $b): int => [
                round(abs($a->xYd - $middle), 1),
                -$a->xYd * $lineup->front->sign(),
            ] <=> [round(abs($b->xYd - $middle), 1), -$b->xYd * $lineup->front->sign()],
        );

        return ($backers[0] ?? null)?->role;
    }
}
