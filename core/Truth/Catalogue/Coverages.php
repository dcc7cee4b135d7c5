<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Truth\Catalogue;

use Jacotaxis\Core\Truth\Truth;
use Jacotaxis\Core\Truth\Want;

/** What the trade says of the rarer shells and of a sixth back, good and bad (common practice, no source). */
final class Coverages
{
    /** @return list<Truth> */
    public static function all(): array
    {
        return [
            Truth::of(
                '27 four verticals against three high',
                Want::notGood(),
                'gun {set} {side}: four verticals {side}',
                ['2x2', 'trips'],
                ['three high'],
            )
                ->fronts('4-2 nickel', '3-3 stack'),
            Truth::of(
                '27 four verticals against seams that are carried',
                Want::notGood(),
                'gun 2x2 {side}: four verticals {side}',
                ['2x2'],
                ['cover 3 match'],
            )
                ->fronts('4-2 nickel', '4-1 dime')
                ->middle(),
            Truth::of(
                '27 hitches under seams that are carried',
                Want::good(),
                'gun 2x2 {side}: hitch-seam {side}',
                ['2x2'],
                ['cover 3 match'],
            )
                ->middle(),
            Truth::of(
                '27 power against three high',
                Want::good(),
                'under center I {side}: power {side}',
                ['I'],
                ['three high'],
            )
                ->fronts('4-2 nickel')
                ->middle(),
            Truth::of(
                '27 four verticals against cover 3 with a sixth back',
                Want::good()->key('free safety'),
                'gun {set} {side}: four verticals {side}',
                ['2x2', 'trips'],
                ['cover 3'],
            )
                ->fronts('4-1 dime'),
        ];
    }
}
