<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense;

use DomainException;
use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\Matching;
use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\Side;

/** Names the formation eleven spots stand in: the called set whose own spots lie nearest. Yards. */
final class FormationFinder
{
    /** A quarterback's depth this near a place counts as that place, yards. */
    private const DEPTH_YD = 1.6;

    /**
     * The likeliest formations, nearest first.
     *
     * @param  list<array{float, float}>  $spots  eleven, in the play frame
     * @return list<array{formation: Formation, offYd: float, worst: array{man: string, yd: float}}> offYd is the root
     *     mean square distance of the men
     *
     * @throws DomainException when there are not eleven
     */
    public static function of(array $spots, PlayFrame $frame, Hash $hash = Hash::Middle): array
    {
        if (count($spots) !== 11) {
            throw new DomainException(count($spots).' spots were given; a formation has eleven men.');
        }
        $found = [];
        foreach (Sets::quarterbacks() as $quarterback) {
            if (! self::hasQuarterback($spots, $quarterback)) {
                continue;
            }
            foreach (Sets::names() as $set) {
                foreach ([null, ...Formation::MODIFIERS] as $modifier) {
                    foreach (Side::cases() as $side) {
                        $found[] = self::measure(new Formation($quarterback, $set, $side, $modifier), $spots, $frame);
                    }
                }
            }
        }
        // Of two that draw the same, the plainer words: no modifier before one, and strength to the right.
        usort(
            $found,
            fn (array $a, array $b): int => [
                round($a['offYd'], 2),
                $a['formation']->modifier !== null,
                $a['formation']->side === Side::Left,
            ] <=> [round($b['offYd'], 2), $b['formation']->modifier !== null, $b['formation']->side === Side::Left],
        );

        return array_slice($found, 0, 3);
    }

    /**
     * How far a formation lies from eleven spots, root mean square of the men, yards.
     *
     * @param  list<array{float, float}>  $spots
     */
    public static function off(Formation $formation, array $spots, PlayFrame $frame): float
    {
        return self::measure($formation, $spots, $frame)['offYd'];
    }

    /** @param  list<array{float, float}>  $spots */
    private static function hasQuarterback(array $spots, string $quarterback): bool
    {
        $depth = Sets::quarterbackDepth($quarterback);
        foreach ($spots as [$x, $y]) {
            if (abs($x) < 1.2 && abs($y - $depth) < self::DEPTH_YD) {
                return true;
            }
        }

        return false;
    }

    /**
     * How near a formation's own spots are, and the man who is farthest from his.
     *
     * @param  list<array{float, float}>  $spots
     * @return array{formation: Formation, offYd: float, worst: array{man: string, yd: float}}
     */
    public static function measure(Formation $formation, array $spots, PlayFrame $frame): array
    {
        $men = array_values($formation->men($frame));
        $cost = array_map(
            fn (Man $m): array => array_map(
                fn (array $s): float => ($m->xYd - $s[0]) ** 2 + ($m->yYd - $s[1]) ** 2,
                $spots,
            ),
            $men,
        );
        $sum = 0.0;
        $worst = ['man' => '', 'yd' => -1.0];
        foreach (Matching::best($cost) as $row => $column) {
            $sum += $cost[$row][$column];
            $yd = sqrt($cost[$row][$column]);
            $worst = $yd > $worst['yd'] ? ['man' => $men[$row]->letter, 'yd' => round($yd, 2)] : $worst;
        }

        return ['formation' => $formation, 'offYd' => sqrt($sum / 11.0), 'worst' => $worst];
    }
}
