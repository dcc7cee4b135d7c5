<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense;

use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Side;

/**
 * The catalogue of sets, drawn for strength to the right: letter => [width, depth], yards.
 *
 * Common practice: foot-to-foot line splits of 2 ft with a stance 1.5 ft wide, gun at 5 yd.
 */
final class Formations
{
    /** Men on the line stand half a yard behind the ball, men off it a yard and a half. */
    private const ON = -0.5;

    private const OFF = -1.5;

    private const LINE_SPLIT = 3.5 / 3.0;

    /** @var array<string, array<string, array{float, float}>> */
    private const SETS = [
        '2x2' => ['X' => [-18.0, self::ON], 'Y' => [-9.0, self::OFF], 'H' => [9.0, self::OFF], 'Z' => [18.0, self::ON]],
        'trips' => ['X' => [-18.0, self::ON], 'Y' => [7.0, self::OFF], 'H' => [12.0, self::OFF], 'Z' => [18.0, self::ON]],
    ];

    /** Quarterback's depth and the back's width (away from the strength) and depth. */
    private const BACKFIELDS = [
        'gun' => ['Q' => [0.0, -5.0], 'R' => [-2.0, -5.0]],
    ];

    /** Splits to the wide side of the field open by this factor. */
    private const WIDEN = 1.2;

    /** Room in yards that the widest man leaves to the sideline. */
    private const ROOM_YD = 5.0;

    /** @return list<string> */
    public static function sets(): array
    {
        return array_keys(self::SETS);
    }

    /** @return list<string> */
    public static function quarterbacks(): array
    {
        return array_keys(self::BACKFIELDS);
    }

    /** A balanced set has as many receivers on each side and its side only says where the strength is called. */
    public static function isBalanced(string $set): bool
    {
        return array_sum(array_map(fn (array $spot): int => $spot[0] <=> 0.0, self::SETS[$set])) === 0;
    }

    /**
     * The eleven men of a set at a ball spot; a split that would come too near the sideline closes down,
     * and the men inside it close in proportion.
     *
     * @param  array<string, array{float, float}>  $spots  men moved by hand, width and depth in yards
     * @return array<string, Man> by letter
     */
    public static function men(string $quarterback, string $set, Side $side, PlayFrame $frame, array $spots = []): array
    {
        $sign = $side->sign();
        $men = [];
        foreach (Man::LINEMEN as $i => $letter) {
            $men[$letter] = new Man($letter, ($i - 2) * self::LINE_SPLIT, self::ON);
        }
        foreach (self::BACKFIELDS[$quarterback] + self::SETS[$set] as $letter => [$x, $y]) {
            $x *= $sign;
            $men[$letter] = new Man($letter, $x * self::closing($set, $x, $frame), $y);
        }
        foreach ($spots as $letter => [$x, $y]) {
            $men[$letter] = new Man($letter, $x, $y);
        }

        return $men;
    }

    private static function closing(string $set, float $x, PlayFrame $frame): float
    {
        if (abs($x) < 3.0) {
            return 1.0;
        }
        $widest = max(array_map(fn (array $spot): float => abs($spot[0]), self::SETS[$set]));
        $room = abs($frame->sidelineX(Side::ofX($x)));

        return min(self::WIDEN, $room / (RuleSet::WIDTH_YD / 2.0), ($room - self::ROOM_YD) / $widest);
    }
}
