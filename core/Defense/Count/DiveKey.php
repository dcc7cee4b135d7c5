<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Count;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Offense\LineSplits;

/** The inside-eye man on a tackle as the dive key: how far he is from the two he must choose between (FRM-02). */
final class DiveKey
{
    /** Wanted distance from the center, so that taking the dive needs a visible move, yards (common practice). */
    public const WANTED_YD = 2.0;

    /**
     * @param  list<Defender>  $defenders
     * @return list<array{defender: string, fromCenterYd: float, toDiveYd: float, toQuarterbackYd: float,
     *     warning: string|null}>
     */
    public static function of(array $defenders, Formation $formation): array
    {
        $splits = $formation->splits();
        $usual = (new Formation($formation->quarterback, $formation->set))->splits();
        // In feet, each as its convention counts them: a scheme of 3.5 ft is cut by 3 ft whichever way they are
        // measured.
        $narrow = $splits->guardFt < $usual->guardFt || $splits->tackleFt < $usual->tackleFt;
        $rows = [];
        foreach ($defenders as $d) {
            if ($d->technique === '4i') {
                $x = abs($d->xYd);
                // The dive goes through the guard, the quarterback outside the tackle.
                $rows[] = [
                    'defender' => $d->role,
                    'fromCenterYd' => round($x, 2),
                    'toDiveYd' => round($x - $splits->guardXYd(), 2),
                    'toQuarterbackYd' => round($splits->tackleXYd() + $splits->nextYd() / 2.0 - $x, 2),
                    'warning' => $narrow ? self::narrow($d->role, $splits, $usual) : null];
            }
        }

        return $rows;
    }

    private static function narrow(string $role, LineSplits $splits, LineSplits $usual): string
    {
        return sprintf(
            'The %s may play dive and quarterback: the tackle stands %.2f yd from the ball, with %s where the set '
                .'has %s.',
            $role,
            $splits->tackleXYd(),
            $splits->words(),
            $usual->words(),
        );
    }
}
