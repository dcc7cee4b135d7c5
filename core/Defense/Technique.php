<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

use Jacotaxis\Core\Field\Side;

/**
 * Where a down man of a technique stands (common practice, first school).
 *
 * An eye is the lineman's inside or outside shoulder, a third of a yard from his middle.
 */
final class Technique
{
    private const SHADE_YD = 0.4;

    /** @var array<int|string, array{int, int}> technique => lineman counted from the center outward, shade: -1 inside, 0 head-up, 1 outside */
    private const MAP = [
        '0' => [0, 0], '1' => [0, 1], '2i' => [1, -1], '2' => [1, 0], '3' => [1, 1],
        '4i' => [2, -1], '4' => [2, 0], '5' => [2, 1],
    ];

    /** @return list<string> */
    public static function known(): array
    {
        return array_map('strval', array_keys(self::MAP));
    }

    /** Width in yards of a technique on a side. */
    public static function x(string $technique, Side $side): float
    {
        [$lineman, $shade] = self::MAP[$technique];

        return $side->sign() * ($lineman * 3.5 / 3.0 + $shade * self::SHADE_YD);
    }

    /** The lineman a technique covers. */
    public static function covers(string $technique, Side $side): string
    {
        $lineman = self::lineman($technique);

        return $lineman === 0 ? 'C' : ($side === Side::Left ? 'L' : 'R').['', 'G', 'T'][$lineman];
    }

    /** 0 the center, 1 a guard, 2 a tackle. */
    private static function lineman(string $technique): int
    {
        return self::MAP[$technique][0];
    }
}
