<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Truth\Catalogue;

use Jacotaxis\Core\Truth\Truth;
use Jacotaxis\Core\Truth\Want;

/** What the trade says of screens, draws and runs that come back, good and bad (common practice, no source). */
final class Screens
{
    /** @return list<Truth> */
    public static function all(): array
    {
        return [...self::screens(), ...self::draws(), ...self::others()];
    }

    /** @return list<Truth> */
    private static function screens(): array
    {
        return [
            Truth::of(
                '24 slip screen into pressure',
                Want::good(),
                'gun {set} {side}: slip screen {side}',
                ['2x2', 'trips'],
                ['cover 1, will blitz', 'cover 3, five rush', 'cover 0, six rush'],
            )
                ->fronts('4-2 nickel')
                ->middle(),
            Truth::of(
                '24 slip screen into an end who peels with the back',
                Want::notGood(),
                'gun {set} {side}: slip screen {side}',
                ['2x2', 'trips', 'trey'],
                ['cover 3, {side} end plays man on R', 'cover 2, {side} end plays man on R'],
            )
                ->fronts('4-2 nickel', '4-3 over')
                ->middle(),
            Truth::of(
                '24 bubble screen, nobody walked out on it',
                Want::good(),
                'gun 2x2 {side}: bubble screen {side}',
                ['2x2'],
                ['cover 3', 'cover 1'],
            )
                ->fronts('bear', '5-2')
                ->middle(),
            Truth::of(
                '24 bubble screen into equal numbers',
                Want::notGood(),
                'gun {set} {side}: bubble screen {side}',
                ['2x2'],
                ['cover 3', 'cover 1', 'cover 2'],
            )
                ->fronts('4-2 nickel')
                ->middle(),
            Truth::of(
                '24 now screen into a pressed corner',
                Want::notGood(),
                'gun {set} {side}: now screen {side}',
                ['2x2', 'trips'],
                ['cover 1, corners press', '2-man'],
            )
                ->middle(),
        ];
    }

    /** @return list<Truth> */
    private static function draws(): array
    {
        return [
            Truth::of(
                '25 draw with a lead into men who drop',
                Want::good(),
                'under center I {side}: draw {side}',
                ['I'],
                ['cover 2', 'cover 4', 'tampa 2'],
            )
                ->fronts('4-2 nickel', '4-3 over')
                ->middle(),
            Truth::of(
                '25 draw into backers who come',
                Want::notGood(),
                'gun {set} {side}: draw {side}',
                ['2x2'],
                ['cover 0, six rush', 'cover 1, mike blitz'],
            )
                ->fronts('4-2 nickel')
                ->middle(),
            Truth::of(
                '25 quarterback draw with the back in front, two backers dropping',
                Want::good(),
                'gun {set} {side}: quarterback draw {side}',
                ['2x2', 'trips'],
                ['cover 2', 'cover 3'],
            )
                ->fronts('4-2 nickel')
                ->middle(),
        ];
    }

    /** @return list<Truth> */
    private static function others(): array
    {
        return [
            Truth::of(
                '26 end around where the edge is blocked and the flow goes away',
                Want::good(),
                'gun 2x2 {side}: end around {side}',
                ['2x2'],
                ['cover 3', 'cover 1'],
            )
                ->fronts('4-2 nickel', '4-3 over')
                ->middle(),
            Truth::of(
                '26 reverse into a man on the edge nobody blocks',
                Want::notGood(),
                'gun 2x2 {side}, H jet {other}: reverse {side}',
                ['2x2'],
                ['cover 3'],
            )
                ->fronts('5-2', 'bear')
                ->middle(),
            Truth::of(
                '26 power read, the end wrong both ways',
                Want::good()->key('end'),
                'gun 2x2 {side}: power read {side}',
                ['2x2'],
                ['cover 3', 'cover 2'],
            )
                ->fronts('4-2 nickel', '4-3 over')
                ->middle(),
            Truth::of(
                '28 shovel off an end who is upfield',
                Want::good()->key('end'),
                'gun H-back {other}: shovel {side}',
                ['H-back'],
                ['cover 3, {side} end upfield', 'cover 2, {side} end upfield', 'cover 4, {side} end upfield'],
            )
                ->fronts('4-2 nickel', '4-3 over')
                ->middle(),
            Truth::of(
                '28 shovel off an end who waits',
                Want::notGood(),
                'gun H-back {other}: shovel {side}',
                ['H-back'],
                ['cover 3', 'cover 2', 'cover 4'],
            )
                ->fronts('4-2 nickel', '4-3 over')
                ->middle(),
            Truth::of(
                '28 quarterback counter with a hat for every man of the front',
                Want::good(),
                'gun {set} {side}: quarterback counter {side}',
                ['2x2'],
                ['cover 2', 'cover 3', 'cover 4'],
            )
                ->fronts('4-2 nickel')
                ->middle(),
            Truth::of(
                '28 quarterback counter with the edge man left alone',
                Want::notGood(),
                'gun {set} {side}: quarterback counter {side}',
                ['2x2'],
                ['cover 3', 'cover 2'],
            )
                ->fronts('3-4')
                ->middle(),
        ];
    }
}
