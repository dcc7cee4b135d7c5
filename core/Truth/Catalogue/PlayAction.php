<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Truth\Catalogue;

use Jacotaxis\Core\Truth\Truth;
use Jacotaxis\Core\Truth\Want;

/** What the trade says of play-action and of run-pass options, good and bad (common practice, no source). */
final class PlayAction
{
    /** The boot flood as it is drawn, the passer rolling to {side}. */
    private const FLOOD = 'Y slide, H over 12, X post, Z corner 10; read Y, H, X';

    /** @return list<Truth> */
    public static function all(): array
    {
        return [...self::deep(), ...self::boots(), ...self::married(), ...self::options()];
    }

    /** @return list<Truth> */
    private static function deep(): array
    {
        return [
            Truth::of(
                '10 yankee after a run fake',
                Want::bound()->key('free safety')->throws('post', 'over'),
                'under center {set}, zone {other} fake: yankee {side}',
                ['2x2', 'trey right', 'trey left'],
                ['cover 3'],
            )->middle(),
            Truth::of(
                '10 yankee without the fake: not bound',
                Want::notBound(),
                'under center {set}: yankee {side}',
                ['2x2', 'trey right', 'trey left'],
                ['cover 3'],
            )->andCalls('gun {set}: yankee {side}'),
            Truth::of(
                '10 a two-man route, seven in',
                Want::good()->key('free safety'),
                'under center wing right, zone left fake, seven-man: X over 12, Z post; read Z, X',
                ['wing'],
                ['cover 3'],
            )->middle(),
        ];
    }

    /** @return list<Truth> */
    private static function boots(): array
    {
        return [
            Truth::of(
                '11 boot flood after outside zone',
                Want::good()->throws('slide|flat', 'over'),
                'under center wing right, outside zone left fake, boot right: '.self::FLOOD,
                ['wing'],
                ['cover 3'],
            )
                ->middle()
                ->fronts('4-3 over', '4-2 nickel', '3-4', 'bear'),
            Truth::of(
                '11 without the run the hook man has the over',
                Want::anything()->shuts('over'),
                'under center wing right, half-boot right: Y flat, H over 12, X post clear, Z corner 10 clear; read H',
                ['wing'],
                ['cover 3'],
            )->middle(),
            Truth::of(
                '14 leak against man',
                Want::notCovered()->throws('leak'),
                'under center wing right, zone left fake, boot right: leak by Y',
                ['wing'],
                ['cover 1'],
            )->middle(),
            Truth::of(
                '14 leak without the boot: not good',
                Want::notGood(),
                'under center wing right: Y leak left; Z corner 10 clear, H flat clear, X go clear; read Y',
                ['wing'],
                ['cover 1'],
            )->middle(),
        ];
    }

    /** @return list<Truth> */
    private static function married(): array
    {
        return [
            Truth::of(
                '12 crack-seam-wheel with its run',
                Want::good()->key('safety', 'corner')->throws('seam')->brings('stay', 'give'),
                'pistol trips {side}, crack {side} fake: crack-seam-wheel {side}',
                ['trips'],
                ['cover 3', 'cover 4'],
            )->middle(),
            Truth::of(
                '12 crack-seam-wheel with a counter',
                Want::good()->key('safety', 'corner')->throws('seam')->brings('stay', 'give'),
                'pistol trips {side}, counter {side} fake: crack-seam-wheel {side}',
                ['trips'],
                ['cover 3'],
            )
                ->fronts('4-3 over', '4-2 nickel')
                ->middle(),
            Truth::of(
                '11 an option pass off the support safety',
                Want::notCovered()->key('safety', 'corner')->throws('seam|post'),
                'double-slot, H pitch right, triple right fake: R seam, Z post; read R, Z',
                ['double-slot'],
                ['cover 4'],
            )
                ->middle()
                ->fronts('5-2', '4-3 over', '3-4'),
        ];
    }

    /** @return list<Truth> */
    private static function options(): array
    {
        return [
            Truth::of(
                '20 a slant behind the unblocked backer',
                Want::good()->key('will')->brings('insert', 'throw')->brings('drop', 'give'),
                'gun 2x2 {side}: zone right, rpo: backside #2 slant; key will',
                ['2x2'],
                ['cover 3', 'cover 4'],
            )
                ->fronts('4-2 nickel')
                ->middle(),
            Truth::of(
                '20 the glance behind the unblocked backer',
                Want::notCovered()->throws('post'),
                'gun 2x2 {side}: zone right, rpo: backside #1 post {yd}; key will',
                ['2x2'],
                ['cover 3'],
            )
                ->depths('5', '6')
                ->fronts('4-2 nickel')
                ->middle(),
            Truth::of(
                '20 too many in the box: throw outside',
                Want::good()->throws('hitch'),
                'gun 2x2: zone right, rpo: #1 right now hitch',
                ['2x2'],
                ['cover 3'],
            )
                ->fronts('4-3 under', '5-2', 'bear', '6-1')
                ->middle(),
            Truth::of(
                '22 a stop route is no answer to press: not good',
                Want::notGood(),
                'gun 2x2: zone right, rpo: backside #1 hitch 6; key will',
                ['2x2'],
                ['cover 1, corners press'],
            )
                ->fronts('4-3 over', '4-2 nickel')
                ->middle(),
            Truth::of(
                '22 a run-pass option whose backer cannot be wrong: not good',
                Want::notGood(),
                'gun 2x2: zone right, rpo: backside #1 go; key will',
                ['2x2'],
                ['cover 4'],
            )
                ->fronts('4-2 nickel')
                ->middle(),
        ];
    }
}
