<?php

declare(strict_types=1);

namespace Jacotaxis\Core\School;

use DomainException;

/**
 * Values for which no common practice exists (UNS-01): the staff fills them in, until then a finding that needs one
 * says so. The proof uses a product default where it needs a number.
 */
final class OpenValues
{
    /**
     * @var array<string, array{string, string, string, float|null, float, float}> what, findings held back, what would
     *     decide, product default in the unit, least, most
     */
    private const ALL = [
        'wheel-depth' => ['Depth of a wheel at its turn, yards', 'a wheel turned up too soon or too late',
            'three wheels of your own on film', 2.0, 0.0, 8.0],
        'crack-seam-depth' => ['Depth of a seam off the crack, yards', 'the seam behind the crack too flat',
            'your crack runs on film', 4.0, 2.0, 9.0],
        'roll-depth' => ['Depth of a roll-out, yards', 'a roll-out too shallow or too deep',
            'where your passer throws best on the run', 6.0, 3.0, 10.0],
        'roll-width' => ['Width of a roll-out, yards', 'a roll-out too narrow',
            'where your passer throws best on the run', 7.0, 2.0, 14.0],
        'mover-width' => ['Width a man in motion wants at the snap, yards', 'motion short of its spot (MOT-03)',
            'the call he runs it for', null, 0.0, 26.0],
        'off-place' => ['How far off his place a man may line up, yards', 'a man out of his place (FRM-03)',
            'what your splits are taught to', null, 0.0, 3.0],
        'press' => ['Cushion that is press, yards', 'press called off or off called press on film',
            'your corners in practice', 2.5, 0.5, 4.0],
        'off' => ['Cushion that is off, yards', 'the same', 'your corners in practice', 5.0, 3.0, 10.0],
        'box-width' => ['Width of the box outside the surface, yards', 'none: the counts use the product default',
            'how your staff counts', 1.3, 0.0, 8.0],
        'half-yards-add' => ['Yards that the inside drop and square shoulders gain together',
            'the sum of two half yards on a hitch (RTE-04)', 'ten hitches of one man on film', null, 0.0, 1.0],
        'film-depth' => ['Error of a break depth that is a fault, yards',
            'route depth faults near the doubt of the picture', 'what you coach as the same depth', 1.0, 0.3, 3.0],
        'film-trigger' => ['Error of a trigger that is a fault, seconds', 'early and late throws (PRG-16)',
            'what you call on time', 0.2, 0.05, 0.6],
        'jet-start' => ['Sound a jet starts on, counted from the first of the cadence',
            'a jet early or late at the mesh', 'your cadence', null, 1.0, 8.0],
        'jet-exchange' => ['Depth of a jet exchange, yards', 'a mesh too deep', 'your jets on film', null, 0.5, 6.0],
        'puller-distance' => ['Depth of a puller, yards', 'a puller too deep', 'your pulls on film', null, 0.3, 4.0],
        'run-share' => ['How often the faked run is called, per cent of the snaps that look like it',
            'none: the hold of a run fake uses the product default', 'your own calls, counted on film', 50.0, 0.0,
            100.0],
        'repeat-times' => ['How often a fault comes before it prompts', 'none: the third time prompts',
            'how long you let a man work at it', 3.0, 2.0, 10.0],
        'repeat-days' => ['Days in which it has to come that often', 'none: fourteen days', 'your week', 14.0, 1.0,
            120.0],
        'run-floor' => ['Average under which a run is not called again in a game, yards', 'none: 3.34', 'your average',
            3.34, 1.0, 8.0],
        'known-call' => ['Points of success a call loses that is known against one that is as likely as not, for all '
            .'the difference', 'none: twenty', 'your staff', 20.0, 5.0, 60.0],
        'contact-minutes' => ['Full contact your state association allows a week, minutes',
            'more contact in a week of practice than is allowed', 'your state association', null, 0.0, 600.0],
        'ready-reps' => ['Reps in a week that make a call ready', 'none: five', 'your staff', 5.0, 1.0, 60.0],
        'split-block' => ['End of the split block, yards past the line', 'the split block on zone (INZ-15)',
            'your staff', null, 0.0, 4.0],
    ];

    /**
     * @return array<string, array{what: string, holds: string, decides: string, default: float|null, least: float,
     *     most: float}> by id
     */
    public static function all(): array
    {
        return array_map(fn (array $u): array => ['what' => $u[0], 'holds' => $u[1], 'decides' => $u[2],
            'default' => $u[3], 'least' => $u[4], 'most' => $u[5]], self::ALL);
    }

    public static function default(string $id): ?float
    {
        return self::ALL[$id][3] ?? null;
    }

    /** @throws DomainException when there is no such value or the number cannot be */
    public static function check(string $id, float $value): void
    {
        [$what, , , , $least, $most] =
            self::ALL[$id] ?? throw new DomainException("The staff book has no value \"$id\".");
        if (! ($value >= $least && $value <= $most)) {
            throw new DomainException("$what: $value cannot be. Give $least to $most.");
        }
    }
}
