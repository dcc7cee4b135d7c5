<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Run;

use Jacotaxis\Core\Defense\UnknownLook;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Run\RunProver;

/** What beats a run: the act of a key that is right, else the cheapest change of place by one man behind the line. Yards and seconds. */
final class RunBeats
{
    /** How near the line a man may come down and still pass for the same look, yards, and how wide from the ball. */
    private const DOWN_YD = [4.5, 6.0];

    /** A change of place farther than this is another look, yards. */
    private const REACH_YD = 9.0;

    /** @return array{defender: string, name: string, costYd: float, leftS: float|null, why: string, xYd: float, yYd: float}|null */
    public static function of(RunProof $proof): ?array
    {
        if (! $proof->ruleTrue->free()) {
            return null;
        }
        foreach ($proof->keys as $key) {
            foreach ($key->acts as ['act' => $act, 'outcome' => $outcome]) {
                if (! $outcome->free()) {
                    $on = $proof->decider->moves->onCarrier($key->role, $outcome->action, $act);

                    return ['defender' => $key->role, 'name' => $act->name, 'costYd' => 0.0, 'leftS' => null, 'why' => ucfirst($outcome->why).'.', 'xYd' => round($on->xYd, 2), 'yYd' => round($on->yYd, 2)];
                }
            }
        }

        return self::place($proof);
    }

    /** @return array{defender: string, name: string, costYd: float, leftS: float|null, why: string, xYd: float, yYd: float}|null */
    private static function place(RunProof $proof): ?array
    {
        $carrier = $proof->carriers[$proof->ruleTrue->action] ?? array_values($proof->carriers)[0];
        $x = $carrier->path->x[$carrier->stepPast(1.0)];
        $found = [];
        foreach ($proof->decider->free() as $role => $tackler) {
            foreach (self::DOWN_YD as $deep) {
                $to = [round($tackler->xYd + max(-3.0, min(3.0, $x - $tackler->xYd)), 1), min($deep, $tackler->yYd)];
                $cost = hypot($to[0] - $tackler->xYd, $to[1] - $tackler->yYd);
                if ($cost > 0.5 && $cost <= self::REACH_YD) {
                    $found[] = ['role' => $role, 'to' => $to, 'cost' => $cost];
                }
            }
        }
        usort($found, fn (array $a, array $b): int => $a['cost'] <=> $b['cost']);
        $closest = null;
        foreach ($found as ['role' => $role, 'to' => $to, 'cost' => $cost]) {
            try {
                $moved = RunProver::prove($proof->scene->call, $proof->scene->look->changing($role, ['spot' => $to]), $proof->scene->setting);
            } catch (UnknownLook) {
                continue;
            }
            $one = ['defender' => $role, 'name' => 'comes down', 'costYd' => round($cost, 1), 'leftS' => $moved->strength() >= 0.0 ? round($moved->strength(), 2) : null, 'why' => sprintf('The %s can stand %.0f yd deep: %s.', $role, $to[1], $moved->ruleTrue->why), 'xYd' => $to[0], 'yYd' => $to[1]];
            if (! $moved->verdict()->isGood()) {
                return $one;
            }
            $closest = $closest === null || $moved->strength() < ($closest['leftS'] ?? 9.0) ? $one : $closest;
        }

        return $closest !== null && ($closest['leftS'] ?? 9.0) < $proof->strength() ? $closest : null;
    }
}
