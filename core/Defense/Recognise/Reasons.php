<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Recognise;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Offense\Lineup;

/**
 * Why a picture looks like a shell, in the words a coach would give: deep men, corners, safety down, mugged backers.
 */
final class Reasons
{
    /** A man this deep is a deep safety, yards. */
    private const DEEP_YD = 9.5;

    /**
     * @param  list<Defender>  $men  of the look, on the spots seen
     * @return list<string>
     */
    public static function of(array $men, Lineup $lineup, Look $look): array
    {
        $deep = array_filter($men, fn (Defender $d): bool => $d->yYd >= self::DEEP_YD && $d->group !== Group::Corner);
        $why = [match (count($deep)) {
            0 => 'nobody deep',
            1 => 'one deep safety, middle closed',
            2 => 'two deep safeties, middle open',
            default => count($deep).' deep men: ambiguous',
        }];
        foreach ($men as $d) {
            if ($d->group !== Group::Corner) {
                continue;
            }
            $over = $d->over === null ? null : ($lineup->men[$d->over] ?? null);
            $lean = $over === null ? '' : match (true) {
                abs($over->xYd) - abs($d->xYd) >= 0.5 => ' inside',
                abs($over->xYd) - abs($d->xYd) <= -0.5 => ' outside',
                default => ' head-up',
            };
            $why[] = sprintf('%s %.0f yd off%s', $d->role, $d->yYd, $lean);
        }
        $down = Shells::get($look->shell)->down;
        foreach ($men as $d) {
            if ($d->slot === $down && $d->yYd < self::DEEP_YD) {
                $why[] = sprintf('%s down at %.0f yd on the %s', $d->role, $d->yYd, $d->xYd < 0.0 ? 'left' : 'right');
            }
        }

        return $why;
    }
}
