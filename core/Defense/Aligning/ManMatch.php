<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Aligning;

use Jacotaxis\Core\Field\Matching;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Offense\Lineup;

/** Who takes whom man to man: the matching with the least way to go, corners on the widest, backers on the backs. */
final class ManMatch
{
    /** Yards of way that a mismatch of group and receiver is worth (product defaults). */
    private const CORNER_INSIDE = 8.0;

    private const CORNER_ON_BACK = 20.0;

    private const BACKER_WIDE = 6.0;

    private const SAFETY_ON_BACK = 5.0;

    private const BACKER_ON_BACK = -4.0;

    private const INSIDE_ON_FIRST = 4.0;

    /** An end of the front is better off rushing. */
    private const DOWN = 2.5;

    /** The spare man is the one named last where it costs no more than this. */
    private const SPARE = 1.5;

    /**
     * @param  array<string, array{x: float, group: Group, spare: bool, down: bool}>  $men  natural width and group by
     *     slot
     * @return array<string, string> letter of the receiver by slot; men left over are not in it
     */
    public static function of(array $men, Lineup $lineup): array
    {
        $letters = $lineup->eligible();
        $slots = array_keys($men);
        if ($letters === [] || $slots === []) {
            return [];
        }
        $cost = array_map(
            fn (string $letter): array => array_map(
                fn (string $slot): float => self::cost($men[$slot], $letter, $lineup),
                $slots,
            ),
            $letters,
        );
        $turned = count($letters) > count($slots);
        $found = Matching::best($turned ? array_map(null, ...$cost) : $cost);
        $takes = [];
        foreach ($found as $row => $column) {
            $takes[$slots[$turned ? $row : $column]] = $letters[$turned ? $column : $row];
        }

        return $takes;
    }

    /** @param  array{x: float, group: Group, spare: bool, down: bool}  $man */
    private static function cost(array $man, string $letter, Lineup $lineup): float
    {
        $receiver = $lineup->men[$letter];
        $number = $lineup->count->number($letter);
        $wide = abs($receiver->xYd) > $lineup->surfaceXYd($receiver->side()) + 2.0;
        $cost =
            abs($receiver->xYd - $man['x']) + ($man['spare'] ? self::SPARE : 0.0) + ($man['down'] ? self::DOWN : 0.0);

        return $cost +
            match (true) {
                $man['group'] === Group::Corner => match (true) {
                    $number === null => self::CORNER_ON_BACK,
                    $number === 1 => 0.0,
                    default => self::CORNER_INSIDE,
                },
                $number === null => $man['group'] === Group::Backer || $man['group'] === Group::Edge
                    ? self::BACKER_ON_BACK
                    : self::SAFETY_ON_BACK,
                $man['group'] === Group::Backer || $man['group'] === Group::Edge => $wide ? self::BACKER_WIDE : 0.0,
                default => $number === 1 && $wide ? self::INSIDE_ON_FIRST : 0.0,
            };
    }
}
