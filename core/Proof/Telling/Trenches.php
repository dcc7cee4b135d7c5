<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Proof\Scene\Protection;
use Jacotaxis\Core\Proof\Scene\Scene;

/**
 * Where the quarterback, his blockers and the rushers are in a drop-back pass: enough to show it. Yards and seconds.
 */
final class Trenches
{
    /** How deep a blocker gives ground over the pocket's life, yards. */
    private const GIVES_YD = 4.0;

    /** @return array{float, float} */
    public static function passer(Scene $scene, float $t): array
    {
        $q = $scene->men[$scene->passer()];
        if ($scene->rolls() !== null || $scene->call->fake !== null) {
            // Through the fake, then to where he throws from.
            [$lx, $ly] = $scene->launch();
            $share = min(1.0, max(0.0, ($t - 0.3) / max(0.4, $scene->drop->setAt() - 0.3)));

            return [$q->xYd + $share * $share * ($lx - $q->xYd), $q->yYd + $share * ($ly - $q->yYd)];
        }
        $share = min(1.0, max(0.0, ($t - 0.3) / max(0.1, $scene->drop->setAt() - 0.3)));
        $up = min(0.8, max(0.0, $t - $scene->drop->setAt()) * 0.8);

        return [
            $q->xYd,
            $q->yYd -
            $scene->drop->depthYd() * sin(($share * M_PI) / 2.0) +
            ($scene->drop->depthYd() > 1.0 ? $up : 0.0),
        ];
    }

    /** @return array{float, float} a man who stays in to block */
    public static function blocker(Scene $scene, string $letter, float $t): array
    {
        $man = $scene->men[$letter];
        $spread = $man->xYd === 0.0 ? 0.0 : ($man->xYd <=> 0.0) * min(0.7, 0.25 * $t);

        return [
            $man->xYd + $spread,
            $man->yYd - ($man->isBack() ? 0.3 : self::GIVES_YD * self::ease($t / $scene->setting->pocket)),
        ];
    }

    /** @return array{float, float} a rusher, kept in front of the blocker he is met by or free to the quarterback */
    public static function rusher(Scene $scene, Defender $d, float $t, Protection $protection): array
    {
        if ($protection->free === $d->role) {
            [$qx, $qy] = $scene->launch();
            $share = min(1.0, $t / $protection->arrivalAt);

            return [$d->xYd + $share * ($qx - $d->xYd), $d->yYd + $share * ($qy - $d->yYd)];
        }
        if ($d->movement !== null && $t < $d->movement->kind->lasts()) {
            [$mx, $my] = $d->movement->to($d->xYd, $d->yYd);
            $share = $t / $d->movement->kind->lasts();

            return [$d->xYd + $share * ($mx - $d->xYd), $d->yYd + $share * ($my - $d->yYd)];
        }
        $d = $d->movement === null ? $d : $d->at(...$d->movement->to($d->xYd, $d->yYd));
        $letter = self::met($scene, $d);
        [$x, $y] = self::blocker($scene, $letter, $t);
        $meet = min(1.0, $t / 0.5);

        return [$d->xYd + $meet * 0.5 * ($x - $d->xYd), $d->yYd + $meet * ($y + 0.9 - $d->yYd)];
    }

    /** Who meets a rusher: the man who has him, else the lineman nearest to him. */
    private static function met(Scene $scene, Defender $d): string
    {
        $has = array_search($d->role, $scene->pickup->takes, true);
        if ($has !== false) {
            return $has;
        }
        $line = $scene->lineup->line();
        usort($line, fn (Man $a, Man $b): int => abs($a->xYd - $d->xYd) <=> abs($b->xYd - $d->xYd));

        return $line[0]->letter;
    }

    private static function ease(float $share): float
    {
        return min(1.0, max(0.0, $share)) ** 0.8;
    }
}
