<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Owners;

use Jacotaxis\Core\Field\Situation;

/** Who owns what went wrong with a throw, and whether a catch did what the down asked. */
final class Owner
{
    /** The order in which a throw that was hit or broken up is blamed on the passer (PRG-11). */
    private const PASSER = ['late' => 'time', 'soft' => 'speed', 'tooFar' => 'place'];

    /**
     * What the passer owns of a throw that was broken up, first cause first; where the throw was good it is the
     * receiver's or the design's, which stays undetermined until somebody settles it (GRD-03).
     *
     * @return array{causes: list<string>, owner: string}
     */
    public static function ofBreakUp(bool $late, bool $soft, bool $tooFar): array
    {
        $causes = array_values(array_filter(self::PASSER,
            fn (string $what): bool => ['time' => $late, 'speed' => $soft, 'place' => $tooFar][$what]));

        return ['causes' => $causes, 'owner' => $causes === [] ? 'undetermined' : 'passer'];
    }

    /**
     * A catch short of the line to gain that is run past it is a success; short of it says by how much (PRG-22).
     *
     * @return array{success: bool, shortYd: float}
     */
    public static function finish(Situation $situation, float $endYd): array
    {
        $need = $situation->successYd();

        return ['success' => $endYd >= $need, 'shortYd' => round(max(0.0, $need - $endYd), 2)];
    }
}
