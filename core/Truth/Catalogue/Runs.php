<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Truth\Catalogue;

use Jacotaxis\Core\Truth\Truth;
use Jacotaxis\Core\Truth\Want;

/** What the trade says of runs and options, good and bad (common practice, no source). */
final class Runs
{
    /** @return list<Truth> */
    public static function all(): array
    {
        return [...self::good(), ...self::options(), ...self::bad()];
    }

    /** @return list<Truth> */
    private static function good(): array
    {
        return [
            Truth::of(
                '15 zone read into six',
                Want::good()->key('end'),
                'gun {set} {side}: zone {side}',
                ['2x2', 'trips'],
                ['cover 4', 'cover 2'],
            )
                ->fronts('4-2 nickel')
                ->middle(),
            Truth::of(
                '23 power, a hat for a hat',
                Want::good(),
                'under center I {side}: power {side}',
                ['I'],
                ['cover 4', 'cover 2'],
            )
                ->fronts('4-2 nickel')
                ->middle(),
            Truth::of(
                '23 duo, a hat for a hat',
                Want::good(),
                'under center wing {side}: duo {side}',
                ['wing'],
                ['cover 4', 'cover 2'],
            )
                ->fronts('4-2 nickel')
                ->middle(),
            Truth::of(
                '23 trap against an upfield three',
                Want::good(),
                'under center I {side}: trap {side}',
                ['I'],
                ['cover 2, {side} tackle upfield', 'cover 4, {side} tackle upfield'],
            )
                ->fronts('4-3 over')
                ->middle(),
            Truth::of(
                '23 jet counter against an end who flies out',
                Want::good(),
                'under center wing right, H jet right: jet counter left',
                ['wing'],
                ['cover 2, left end upfield', 'cover 4, left end upfield'],
            )
                ->fronts('4-3 over')
                ->middle(),
            Truth::of(
                '23 jet where the edge is outflanked',
                Want::notCovered(),
                'under center wing right, H jet right: jet right',
                ['wing'],
                ['cover 4, front to left'],
            )
                ->fronts('4-2 nickel')
                ->middle(),
        ];
    }

    /** @return list<Truth> */
    private static function options(): array
    {
        return [
            Truth::of(
                '16 triple against a 4i',
                Want::good()->key('end'),
                'double-slot {side}, H pitch right: triple right',
                ['double-slot'],
                ['cover 4', 'cover 2'],
            )
                ->fronts('tite')
                ->middle(),
            Truth::of(
                '16 triple against 5-2',
                Want::good()->key('tackle'),
                'double-slot, H pitch right: triple right',
                ['double-slot'],
                ['cover 4', 'cover 2', 'cover 3'],
            )
                ->fronts('5-2')
                ->middle(),
            Truth::of(
                '16 triple against 5-2, to the left',
                Want::good()->key('tackle'),
                'double-slot, R pitch left: triple left',
                ['double-slot'],
                ['cover 4', 'cover 2', 'cover 3'],
            )
                ->fronts('5-2')
                ->middle(),
            Truth::of(
                '18 lead option: the split sets the key',
                Want::anything()->key('safety'),
                'double-slot: lead option {side}',
                ['double-slot'],
                ['cover 4'],
            )
                ->fronts('4-3 over', '3-4')
                ->middle(),
            Truth::of(
                '18 lead option condensed: the corner',
                Want::anything()->key('{side} corner'),
                'double-slot condensed: lead option {side}',
                ['double-slot'],
                ['cover 4'],
            )
                ->fronts('4-3 over', '3-4')
                ->middle(),
        ];
    }

    /** @return list<Truth> */
    private static function bad(): array
    {
        return [
            Truth::of(
                '22 zone without a read into seven and eight: not good',
                Want::notGood(),
                'gun {set} {side}: zone {side} give',
                ['2x2', 'trips'],
                ['cover 1', 'cover 0'],
            )
                ->fronts('bear', '6-2')
                ->middle(),
            Truth::of(
                '22 five blockers, six in the box, nobody read: not good',
                Want::notGood(),
                'gun {set} {side}: zone {side} give',
                ['2x2'],
                ['cover 3'],
            )
                ->fronts('4-4', '4-3 over', '3-4', '5-2')
                ->middle(),
            Truth::of(
                '22 runs into nine: not good',
                Want::notGood(),
                'under center I {side}: power {side}',
                ['I'],
                ['cover 0'],
            )
                ->fronts('6-2')
                ->middle()
                ->andCalls(
                    'under center wing {side}: duo {side}',
                    'under center I {side}: dive {side}',
                    'under center I {side}: counter {side}',
                ),
            Truth::of(
                '22 an option that reads nobody: not good',
                Want::notGood(),
                'double-slot, H return right: triple right give',
                ['double-slot'],
                ['cover 3', 'cover 4'],
            )
                ->fronts('5-2', '4-3 over', '4-4')
                ->middle()
                ->andCalls('double-slot: midline right give', 'double-slot: midline left give'),
            Truth::of(
                '22 trap with the three squeezing: not good',
                Want::notGood(),
                'under center I {side}: trap {side}',
                ['I'],
                ['cover 2, {side} tackle squeezes', 'cover 4, {side} tackle squeezes'],
            )
                ->fronts('4-3 over')
                ->middle(),
            Truth::of(
                '22 the box beats the blockers with the read: not good',
                Want::notGood(),
                'gun {set} {side}: zone {side}',
                ['2x2', 'trips'],
                ['cover 3'],
            )
                ->fronts('4-3 under')
                ->middle(),
        ];
    }
}
