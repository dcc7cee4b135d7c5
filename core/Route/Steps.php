<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

use Jacotaxis\Core\School\Schools;

/**
 * Routes that are counted in steps: the contact of the inside foot, the one nearer the ball, on which a man drops
 * (RTE-01 to RTE-04). Two contacts make a stride cycle, the inside foot comes down at the end of each.
 */
final class Steps
{
    /**
     * A man's stride while he pushes, where his own is not known, yards (product default: the second inside step at
     * six, the third at nine).
     */
    public const STRIDE_YD = 1.5;

    /** What the inside drop and square shoulders each buy, yards. */
    public const GAIN_YD = 0.5;

    /** Yards past the line at which an inside contact comes down. */
    public static function depth(int $insideStep, float $strideYd = self::STRIDE_YD): float
    {
        return 2.0 * $insideStep * $strideYd;
    }

    /** The inside contact nearest to a depth. */
    public static function at(float $depthYd, float $strideYd = self::STRIDE_YD): int
    {
        return max(1, (int) round($depthYd / (2.0 * $strideYd)));
    }

    /** The counted route that breaks inward on this inside contact, or null. */
    public static function route(int $insideStep): ?string
    {
        foreach (Routes::all() as $name => $shape) {
            if ($shape->insideStep === $insideStep) {
                return $name;
            }
        }

        return null;
    }

    /**
     * What a break gained in depth; the two gains are added only when the staff says what they make together (RTE-04).
     *
     * @return array{each: float|null, sum: float|null, words: string}
     */
    public static function gained(bool $insideDrop, bool $square, Schools $schools): array
    {
        $both = $insideDrop && $square;
        $sum = match (true) {
            $both => $schools->value('half-yards-add'),
            $insideDrop || $square => self::GAIN_YD,
            default => 0.0,
        };

        return [
            'each' => $insideDrop || $square ? self::GAIN_YD : null,
            'sum' => $sum,
            'words' => match (true) {
                $both => sprintf(
                    '+%.1f yd each, sum %s',
                    self::GAIN_YD,
                    $sum === null ? 'unset: the staff book' : sprintf('+%.1f yd', $sum),
                ),
                $insideDrop || $square => sprintf('+%.1f yd', self::GAIN_YD),
                default => 'nothing',
            },
        ];
    }
}
