<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Measure;

/** How far two places are from each other, with the doubt of that in the direction between them. Yards, one sigma. */
final class Apart
{
    /**
     * @param  array{xYd: float, yYd: float, sdXYd: float, sdYYd: float}  $a
     * @param  array{xYd: float, yYd: float, sdXYd: float, sdYYd: float}  $b
     * @return array{apartYd: float, sdYd: float}
     */
    public static function of(array $a, array $b): array
    {
        [$dx, $dy] = [$b['xYd'] - $a['xYd'], $b['yYd'] - $a['yYd']];
        $apart = hypot($dx, $dy);
        [$sx, $sy] = [hypot($a['sdXYd'], $b['sdXYd']), hypot($a['sdYYd'], $b['sdYYd'])];

        return [
            'apartYd' => $apart,
            'sdYd' => $apart < 1e-6 ? max($sx, $sy) : hypot(($sx * $dx) / $apart, ($sy * $dy) / $apart),
        ];
    }
}
