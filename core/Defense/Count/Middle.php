<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Count;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Kinematics\Group;

/** Whether the middle of the field is open, by who stands deep. */
final class Middle
{
    /** A man this deep or deeper is a deep safety, yards. */
    public const DEEP_YD = 9.5;

    /**
     * Two deep men open the middle; one or three close it.
     *
     * @param  list<Defender>  $defenders
     */
    public static function of(array $defenders): string
    {
        $deep = array_filter(
            $defenders,
            fn (Defender $d): bool => $d->yYd >= self::DEEP_YD && $d->group !== Group::Corner,
        );

        return count($deep) === 2 || $deep === [] ? 'open' : 'closed';
    }
}
