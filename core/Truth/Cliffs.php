<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Truth;

/**
 * Half-yard cliffs: calls whose verdict turns twice within a yard of depth. A route half a yard deeper is no other
 * play, so a verdict that turns and turns back stands on a threshold, not on the play.
 */
final class Cliffs
{
    private const STEP_YD = 0.5;

    /**
     * Call, depths of the route that is moved (yards), and the looks it is proved against; {yd} stands for the depth.
     */
    private const SWEEPS = [
        ['gun 2x2 right: smash right; H corner {yd}', 9.0, 16.0],
        ['gun 2x2 right: smash right; Z hitch {yd}', 4.0, 8.0],
        ['gun 2x2 right: curl-flat right; Z curl {yd}', 9.0, 15.0],
        ['gun 2x2 right: post-dig right; H dig {yd}', 9.0, 15.0],
        ['gun trips right: flood right; H out {yd}', 8.0, 15.0],
        ['gun 2x2 right: drive right; H dig {yd}', 9.0, 14.0],
    ];

    private const SHELLS = ['cover 0', 'cover 1', 'cover 2', 'cover 3', 'cover 4', '2-man'];

    /** @return list<list<TruthCase>> a call and a look over the depths, shallow first */
    public static function sweeps(): array
    {
        $sweeps = [];
        foreach (self::SWEEPS as [$call, $from, $to]) {
            foreach (self::SHELLS as $shell) {
                $sweeps[] = array_map(
                    fn (float $yd): TruthCase => new TruthCase(
                        "$call, $shell",
                        strtr($call, ['{yd}' => sprintf('%g', $yd)]),
                        "4-2 nickel, $shell",
                        Want::anything(),
                    ),
                    range($from, $to, self::STEP_YD),
                );
            }
        }

        return $sweeps;
    }

    /**
     * How often a row of verdicts turns twice within a yard.
     *
     * @param  list<string>  $verdicts  by depth, half a yard apart
     */
    public static function count(array $verdicts): int
    {
        $cliffs = 0;
        for ($i = 2; $i < count($verdicts); $i++) {
            $cliffs += $verdicts[$i] !== $verdicts[$i - 1] && $verdicts[$i - 1] !== $verdicts[$i - 2] ? 1 : 0;
        }

        return $cliffs;
    }
}
