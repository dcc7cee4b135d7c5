<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Truth\Catalogue;

use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Truth\LoneRoute;

/**
 * One read by the outside man, everybody else far away, against six ways to play him (common practice, no source): O
 * open, C within the threshold either way, X covered; two letters: either is right.
 */
final class LoneRoutes
{
    /** Columns of the table: the rest of the look after the front. */
    private const LOOKS = ['cover 1', 'cover 1, corners press', '2-man', 'cover 2', 'cover 3', 'cover 4'];

    private const TABLE = [
        'hitch 6' => ['O', 'X', 'X', 'X', 'O', 'O'],
        'slant' => ['OC', 'CX', 'X', 'CO', 'CO', 'CO'],
        'quick out 5' => ['O', 'OC', 'OC', 'X', 'O', 'O'],
        'out 10' => ['OC', 'CO', 'OC', 'XC', 'CO', 'OC'],
        'curl 12' => ['O', 'CX', 'XC', 'X', 'OC', 'OC'],
        'comeback 16' => ['O', 'CO', 'CO', 'XC', 'O', 'OC'],
        'dig 12' => ['CX', 'CX', 'X', 'CO', 'CX', 'CO'],
        'post 11' => ['XC', 'CX', 'X', 'XC', 'X', 'XC'],
        'go' => ['XC', 'C', 'X', 'CX', 'X', 'X'],
        'shallow 5' => ['O', 'OC', 'OC', 'CO', 'CO', 'O'],
    ];

    /** The read stands alone on one side of trips, or is the outside man of two or three. */
    private const CALLS = [
        'gun trips {other}: X {route}; Z go clear, H hitch 6 clear, Y hitch 6 clear; R flat {other} clear; read X',
        'gun trey {other}: X {route}; Z go clear, H hitch 6 clear, Y flat clear; R flat {other} clear; read X',
    ];

    /** @return list<LoneRoute> */
    public static function all(): array
    {
        $all = [];
        foreach (self::TABLE as $route => $letters) {
            foreach (self::LOOKS as $n => $shell) {
                foreach (self::CALLS as $call) {
                    foreach (Side::cases() as $side) {
                        foreach (['4-2 nickel', '4-3 over', '3-4'] as $front) {
                            $words = strtr($call, ['{other}' => $side->opposite()->value, '{route}' => $route]);
                            $all[] = new LoneRoute($route, $words, "$front, $shell", $letters[$n], Level::College);
                        }
                    }
                }
            }
        }

        return $all;
    }
}
