<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense;

/**
 * The catalogue of sets, drawn for strength to the right (common practice).
 *
 * A receiver's spot is [anchor, yards from it, depth, sideways from there]: `ball` splits are yards from the ball and
 * close down with the room to the sideline; `end` is the outermost lineman of that side. Negative yards are to the
 * left.
 */
final class Sets
{
    public const ON = -0.5;

    public const OFF = -1.5;

    /**
     * From the tackle's middle to a tight end's is one more split; the wing stands a yard and a quarter outside him.
     */
    private const TE = 1.17;

    private const WING = 2.4;

    /** The slot of a double-slot stands a yard outside the tackle. */
    private const SLOT = 1.0;

    /**
     * One yard behind the tackle with the inside foot behind the tackle's outside foot (FRM-03): half a stance and half
     * a stance.
     */
    private const HBACK = 0.5;

    /**
     * @var array<string, array{receivers: array<string, array{0: string, 1: float, 2: float, 3?: float}>,
     *     backs: array<string, string>, quarterback: string, splits?: array{float, float}, over?: bool, words: string}>
     */
    private const ALL = [
        '2x2' => ['receivers' => ['X' => ['ball', -18.0, self::ON], 'Y' => ['ball', -9.0, self::OFF],
            'H' => ['ball', 9.0, self::OFF], 'Z' => ['ball', 18.0, self::ON]],
            'backs' => ['R' => 'single'], 'quarterback' => 'gun', 'words' => 'two receivers on each side'],
        'trips' => ['receivers' => ['X' => ['ball', -18.0, self::ON], 'Y' => ['ball', 7.0, self::OFF],
            'H' => ['ball', 12.0, self::OFF], 'Z' => ['ball', 18.0, self::ON]],
            'backs' => ['R' => 'single'], 'quarterback' => 'gun', 'words' => 'three open receivers on one side'],
        'trey' => ['receivers' => ['X' => ['ball', -18.0, self::ON], 'Y' => ['end', self::TE, self::ON],
            'H' => ['ball', 9.0, self::OFF], 'Z' => ['ball', 18.0, self::OFF]],
            'backs' => ['R' => 'single'], 'quarterback' => 'gun', 'words' => 'three on one side with a tight end'],
        'bunch' => ['receivers' => ['X' => ['ball', -18.0, self::ON], 'H' => ['ball', 7.5, self::OFF, -1.5],
            'Y' => ['ball', 7.5, self::ON], 'Z' => ['ball', 7.5, self::OFF, 1.5]],
            'backs' => ['R' => 'single'], 'quarterback' => 'gun',
            'words' => 'three in a cluster, the point on the line'],
        'stack' => ['receivers' => ['X' => ['ball', -13.0, self::ON], 'Y' => ['ball', -13.0, -2.5],
            'Z' => ['ball', 13.0, self::ON], 'H' => ['ball', 13.0, -2.5]],
            'backs' => ['R' => 'single'], 'quarterback' => 'gun',
            'words' => 'a receiver behind a receiver on each side'],
        'empty' => ['receivers' => ['X' => ['ball', -18.0, self::ON], 'Y' => ['ball', -9.0, self::OFF],
            'R' => ['ball', 6.5, self::OFF], 'H' => ['ball', 12.0, self::OFF], 'Z' => ['ball', 18.0, self::ON]],
            'backs' => [], 'quarterback' => 'gun', 'words' => 'three and two, nobody in the backfield'],
        'wing' => ['receivers' => ['X' => ['ball', -18.0, self::ON], 'H' => ['ball', -9.0, self::OFF],
            'Y' => ['end', self::TE, self::ON], 'Z' => ['end', self::WING, self::OFF]],
            'backs' => ['R' => 'single'], 'quarterback' => 'under center', 'words' => 'one back, tight end and wing'],
        '2x2 closed' => ['receivers' => ['X' => ['ball', -18.0, self::ON], 'H' => ['ball', -9.0, self::OFF],
            'Y' => ['end', self::TE, self::ON], 'Z' => ['ball', 18.0, self::OFF]],
            'backs' => ['R' => 'single'], 'quarterback' => 'gun',
            'words' => 'tight end and flanker, two receivers away from them'],
        'nub' => ['receivers' => ['Y' => ['end', -self::TE, self::ON], 'H' => ['ball', 7.0, self::OFF],
            'Z' => ['ball', 12.0, self::OFF], 'X' => ['ball', 18.0, self::ON]],
            'backs' => ['R' => 'single'], 'quarterback' => 'gun',
            'words' => 'three open receivers on one side, a tight end alone on the other'],
        'twins wing' => ['receivers' => ['Y' => ['end', -self::TE, self::ON], 'H' => ['end', -self::WING, self::OFF],
            'Z' => ['ball', 10.0, self::OFF], 'X' => ['ball', 18.0, self::ON]],
            'backs' => ['R' => 'single'], 'quarterback' => 'under center',
            'words' => 'two open receivers on one side, tight end and wing on the other'],
        'twins I' => ['receivers' => ['Y' => ['end', -self::TE, self::ON], 'Z' => ['ball', 10.0, self::OFF],
            'X' => ['ball', 18.0, self::ON]],
            'backs' => ['F' => 'full', 'R' => 'tail'], 'quarterback' => 'under center',
            'words' => 'two backs in a line, both open receivers on one side, the tight end on the other'],
        'I' => ['receivers' => ['X' => ['ball', -18.0, self::ON], 'Y' => ['end', self::TE, self::ON],
            'Z' => ['ball', 18.0, self::OFF]],
            'backs' => ['F' => 'full', 'R' => 'tail'], 'quarterback' => 'under center',
            'words' => 'two backs in a line'],
        'two-back' => ['receivers' => ['X' => ['ball', -18.0, self::ON], 'Y' => ['end', self::TE, self::ON],
            'Z' => ['ball', 16.0, self::OFF]],
            'backs' => ['F' => 'right', 'R' => 'left'], 'quarterback' => 'gun',
            'words' => 'a back on each side of the quarterback'],
        'split-back' => ['receivers' => ['X' => ['ball', -16.0, self::ON], 'Y' => ['end', self::TE, self::ON],
            'Z' => ['ball', 14.0, self::OFF]],
            'backs' => ['F' => 'halfleft', 'R' => 'halfright'], 'quarterback' => 'under center',
            'words' => 'two backs side by side behind the guards'],
        'wing-slot' => ['receivers' => ['X' => ['ball', -18.0, self::ON], 'H' => ['end', -self::SLOT, self::OFF],
            'Y' => ['end', self::TE, self::ON], 'R' => ['end', self::WING, self::OFF]],
            'backs' => ['F' => 'dive'], 'quarterback' => 'under center', 'words' => 'wing, slot and fullback'],
        'double-slot' => ['receivers' => ['X' => ['ball', -18.0, self::ON], 'H' => ['end', -self::SLOT, self::OFF],
            'R' => ['end', self::SLOT, self::OFF], 'Z' => ['ball', 18.0, self::ON]],
            'backs' => ['F' => 'dive'], 'quarterback' => 'under center', 'splits' => [3.5, 3.5],
            'words' => 'two slots and a fullback'],
        'double-wing' => ['receivers' => ['X' => ['end', -self::TE, self::ON], 'H' => ['end', -self::WING, self::OFF],
            'Y' => ['end', self::TE, self::ON], 'Z' => ['end', self::WING, self::OFF]],
            'backs' => ['F' => 'dive'], 'quarterback' => 'under center', 'splits' => [0.5, 0.5],
            'words' => 'tight ends and wings on both sides'],
        'unbalanced' => ['receivers' => ['X' => ['ball', -18.0, self::ON], 'H' => ['ball', -9.0, self::OFF],
            'Y' => ['end', self::TE, self::ON], 'Z' => ['ball', 16.0, self::OFF]],
            'backs' => ['R' => 'single'], 'quarterback' => 'gun', 'over' => true,
            'words' => 'a tackle over to the strong side'],
        'quads' => ['receivers' => ['X' => ['ball', -18.0, self::ON], 'R' => ['ball', 4.5, self::OFF],
            'Y' => ['ball', 9.0, self::OFF], 'H' => ['ball', 13.5, self::OFF], 'Z' => ['ball', 18.0, self::ON]],
            'backs' => [], 'quarterback' => 'gun',
            'words' => 'four open receivers on one side, nobody in the backfield'],
        'ace' => ['receivers' => ['X' => ['ball', -18.0, self::OFF], 'H' => ['end', -self::TE, self::ON],
            'Y' => ['end', self::TE, self::ON], 'Z' => ['ball', 18.0, self::OFF]],
            'backs' => ['R' => 'single'], 'quarterback' => 'under center',
            'words' => 'one back, a tight end on each side'],
        'wing-T' => ['receivers' => ['X' => ['ball', -16.0, self::ON], 'Y' => ['end', self::TE, self::ON],
            'R' => ['end', self::WING, self::OFF]],
            'backs' => ['F' => 'dive', 'H' => 'boneleft'], 'quarterback' => 'under center',
            'words' => 'tight end and wing, fullback and a halfback behind the far guard'],
        'wishbone' => ['receivers' => ['X' => ['ball', -16.0, self::ON], 'Y' => ['end', self::TE, self::ON]],
            'backs' => ['F' => 'dive', 'H' => 'boneleft', 'R' => 'boneright'], 'quarterback' => 'under center',
            'words' => 'a fullback and two halfbacks behind him'],
        'full house' => ['receivers' => ['X' => ['end', -self::TE, self::ON], 'Y' => ['end', self::TE, self::ON]],
            'backs' => ['F' => 'dive', 'H' => 'rowleft', 'R' => 'rowright'], 'quarterback' => 'under center',
            'words' => 'three backs in a row, a tight end on each side'],
        'strong I' => ['receivers' => ['X' => ['ball', -18.0, self::ON], 'Y' => ['end', self::TE, self::ON],
            'Z' => ['ball', 18.0, self::OFF]],
            'backs' => ['F' => 'right', 'R' => 'deep'], 'quarterback' => 'under center',
            'words' => 'two backs, the fullback offset to the tight end'],
        'weak I' => ['receivers' => ['X' => ['ball', -18.0, self::ON], 'Y' => ['end', self::TE, self::ON],
            'Z' => ['ball', 18.0, self::OFF]],
            'backs' => ['F' => 'left', 'R' => 'deep'], 'quarterback' => 'under center',
            'words' => 'two backs, the fullback offset away from the tight end'],
        'power I' => ['receivers' => ['X' => ['ball', -16.0, self::ON], 'Y' => ['end', self::TE, self::ON]],
            'backs' => ['F' => 'first', 'H' => 'right', 'R' => 'deep'], 'quarterback' => 'under center',
            'words' => 'three backs, a halfback beside the fullback on the tight end\'s side'],
        'diamond' => ['receivers' => ['X' => ['ball', -18.0, self::ON], 'Z' => ['ball', 18.0, self::ON]],
            'backs' => ['F' => 'left', 'H' => 'right', 'R' => 'deep'], 'quarterback' => 'pistol',
            'words' => 'a back on each side of the quarterback and one behind him'],
        'H-back' => ['receivers' => ['X' => ['ball', -18.0, self::ON], 'Y' => ['ball', -9.0, self::OFF],
            'H' => ['end', self::HBACK, self::OFF], 'Z' => ['ball', 18.0, self::ON]],
            'backs' => ['R' => 'single'], 'quarterback' => 'gun', 'words' => 'a back off the hip of the tackle'],
    ];

    /**
     * Where a back stands by his part in the set and the quarterback's place: [anchor, yards, depth].
     * `guard` is half a stance outside the guard's outside foot.
     */
    private const BACKFIELDS = [
        'gun' => ['Q' => -5.0, 'deep' => ['ball', 0.0, -6.0],
            'single' => ['guard', -0.5, -5.0], 'full' => ['guard', 0.5, -5.0],
            'tail' => ['guard', -0.5, -5.0],
            'left' => ['guard', -0.5, -5.0], 'right' => ['guard', 0.5, -5.0], 'halfleft' => ['guard', -0.5, -5.0],
            'halfright' => ['guard', 0.5, -5.0], 'dive' => ['guard', -0.5, -5.0],
            'first' => ['guard', -0.5, -5.0],
            'boneleft' => ['ball', -4.0, -6.0], 'boneright' => ['ball', 4.0, -6.0],
            'rowleft' => ['ball', -4.0, -5.0], 'rowright' => ['ball', 4.0, -5.0]],
        'pistol' => ['Q' => -4.0, 'deep' => ['ball', 0.0, -7.0],
            'single' => ['ball', 0.0, -7.0], 'full' => ['guard', 0.5, -4.0],
            'tail' => ['ball', 0.0, -7.0],
            'left' => ['guard', -0.5, -4.0], 'right' => ['guard', 0.5, -4.0], 'halfleft' => ['guard', -0.5, -4.0],
            'halfright' => ['guard', 0.5, -4.0], 'dive' => ['ball', 0.0, -7.0],
            'first' => ['guard', -0.5, -4.0],
            'boneleft' => ['guard', -0.5, -5.0], 'boneright' => ['guard', 0.5, -5.0],
            'rowleft' => ['ball', -3.2, -4.0], 'rowright' => ['ball', 3.2, -4.0]],
        'under center' => ['Q' => -1.2, 'deep' => ['ball', 0.0, -7.0],
            'single' => ['ball', 0.0, -7.0], 'full' => ['ball', 0.0, -4.5],
            'tail' => ['ball', 0.0, -7.0],
            'left' => ['guard', -0.5, -4.5], 'right' => ['guard', 0.5, -4.5], 'halfleft' => ['guard', -0.5, -4.5],
            'halfright' => ['guard', 0.5, -4.5], 'dive' => ['ball', 0.0, -4.0],
            'first' => ['ball', 0.0, -4.0],
            'boneleft' => ['guard', -0.5, -5.5], 'boneright' => ['guard', 0.5, -5.5],
            'rowleft' => ['ball', -3.2, -4.2], 'rowright' => ['ball', 3.2, -4.2]],
    ];

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::ALL);
    }

    /** @return list<string> */
    public static function quarterbacks(): array
    {
        return array_keys(self::BACKFIELDS);
    }

    public static function quarterbackDepth(string $quarterback): float
    {
        return self::BACKFIELDS[$quarterback]['Q'];
    }

    /**
     * @return array{words: string, quarterback: string, receivers: array<string, array{0: string, 1: float, 2: float,
     *     3?: float}>, backs: array<string, string>, splits?: array{float, float}, over?: bool}
     */
    private static function row(string $set): array
    {
        return self::ALL[$set];
    }

    /** Where the quarterback stands when nothing is said. */
    public static function usualQuarterback(string $set): string
    {
        return self::row($set)['quarterback'];
    }

    public static function usualSplits(string $set): LineSplits
    {
        return LineSplits::of(...(self::row($set)['splits'] ?? [2.0, 2.0]));
    }

    public static function isOver(string $set): bool
    {
        return self::row($set)['over'] ?? false;
    }

    public static function words(string $set): string
    {
        return self::row($set)['words'];
    }

    /** @return array<string, array{0: string, 1: float, 2: float, 3?: float}> by letter */
    public static function receivers(string $set): array
    {
        return self::row($set)['receivers'];
    }

    /** @return array<string, array{string, float, float}> by letter: anchor, yards, depth */
    public static function backs(string $set, string $quarterback): array
    {
        return array_map(fn (string $part): array => self::place($quarterback, $part), self::row($set)['backs']);
    }

    /** @return array{string, float, float} anchor, yards, depth */
    private static function place(string $quarterback, string $part): array
    {
        /** @var array{string, float, float} */
        return self::BACKFIELDS[$quarterback][$part];
    }

    /** @return list<string> who stands in the backfield */
    public static function backLetters(string $set): array
    {
        return array_keys(self::row($set)['backs']);
    }

    /** @return list<string> who stands attached on the line: tight ends, whatever their letters */
    public static function ends(string $set): array
    {
        return array_keys(array_filter(
            self::row($set)['receivers'],
            fn (array $spot): bool => $spot[0] === 'end' && $spot[2] === self::ON,
        ));
    }

    /** @return list<string> the five letters of a set */
    public static function letters(string $set): array
    {
        return [...array_keys(self::row($set)['receivers']), ...array_keys(self::row($set)['backs'])];
    }

    /**
     * Where a back stands beside the quarterback, on his right.
     *
     * @return array{string, float, float} anchor, yards, depth
     */
    public static function beside(string $quarterback): array
    {
        return self::place($quarterback, 'halfright');
    }

    /** A balanced set has as many receivers on each side and its side only says where the strength is called. */
    public static function isBalanced(string $set): bool
    {
        return array_sum(array_map(fn (array $spot): int => $spot[1] <=> 0.0, self::row($set)['receivers'])) === 0;
    }
}
