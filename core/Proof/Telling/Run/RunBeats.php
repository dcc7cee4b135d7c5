<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Run;

use Jacotaxis\Core\Defense\Jobs\Movement;
use Jacotaxis\Core\Defense\Jobs\MovementKind;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\UnknownLook;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Run\RunProver;
use Jacotaxis\Core\Proof\Scene\Verdict;

/**
 * What beats a run: the act of a key that is right, else the cheapest change of place by one man behind the line, else
 * a movement of one man of the box, else two who trade jobs. Yards and seconds.
 */
final class RunBeats
{
    /** Movements that are tried of men on the line, and of backers. */
    private const LINE_MOVES = [MovementKind::Squeeze, MovementKind::Spike, MovementKind::Slant, MovementKind::Upfield];

    private const BACKER_MOVES = [MovementKind::Scrape, MovementKind::Blitz];

    /** How near the line a man may come down and still pass for the same look, yards, and how wide from the ball. */
    private const DOWN_YD = [4.5, 6.0];

    /** A change of place farther than this is another look, yards. */
    private const REACH_YD = 9.0;

    /**
     * @return array{defender: string, with: string|null, name: string, costYd: float, leftS: float|null, why: string,
     *     xYd: float, yYd: float}|null
     */
    public static function of(RunProof $proof): ?array
    {
        if (! $proof->ruleTrue->free()) {
            return null;
        }
        foreach ($proof->keys as $key) {
            foreach ($key->acts as ['act' => $act, 'outcome' => $outcome]) {
                if (! $outcome->free()) {
                    $on = $proof->decider->moves->onCarrier($key->role, $outcome->action, $act);

                    return ['defender' => $key->role, 'with' => null, 'name' => $act->name, 'costYd' => 0.0,
                        'leftS' => null, 'why' => ucfirst($outcome->why).'.', 'xYd' => round($on->xYd, 2),
                        'yYd' => round($on->yYd, 2)];
                }
            }
        }

        $place = self::place($proof);
        if ($place !== null && $place['leftS'] === null) {
            return $place;
        }

        return self::movement($proof) ?? self::exchange($proof) ?? $place;
    }

    /**
     * @return array{defender: string, with: string|null, name: string, costYd: float, leftS: float|null, why: string,
     *     xYd: float, yYd: float}|null
     */
    private static function place(RunProof $proof): ?array
    {
        $carrier = $proof->carriers[$proof->ruleTrue->action] ?? array_values($proof->carriers)[0];
        $x = $carrier->path->x[$carrier->stepPast(1.0)];
        $found = [];
        foreach ($proof->decider->free() as $role => $tackler) {
            if ($proof->resolved->front->isOnLine($role)) {
                continue;
            }
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
                $moved = RunProver::prove(
                    $proof->scene->call,
                    $proof->scene->look->changing($role, ['spot' => $to]),
                    $proof->scene->setting,
                );
            } catch (UnknownLook) {
                continue;
            }
            $one = ['defender' => $role, 'with' => null, 'name' => 'comes down', 'costYd' => round($cost, 1),
                'leftS' => $moved->strength() >= 0.0 ? round($moved->strength(), 2) : null,
                'why' => sprintf('The %s can stand %.0f yd deep: %s.', $role, $to[1], $moved->ruleTrue->why),
                'xYd' => $to[0], 'yYd' => $to[1]];
            if (! $moved->verdict()->isGood()) {
                return $one;
            }
            $closest = $closest === null || $moved->strength() < ($closest['leftS'] ?? 9.0) ? $one : $closest;
        }

        return $closest !== null && ($closest['leftS'] ?? 9.0) < $proof->strength() ? $closest : null;
    }

    /**
     * A man of the box who moves at the snap so that the run is no longer good: the nearest to the lane first.
     *
     * @return array{defender: string, with: string|null, name: string, costYd: float, leftS: float|null, why: string,
     *     xYd: float, yYd: float}|null
     */
    private static function movement(RunProof $proof): ?array
    {
        $front = $proof->resolved->front;
        $carrier = $proof->carriers[$proof->ruleTrue->action] ?? array_values($proof->carriers)[0];
        $x = $carrier->path->x[$carrier->stepPast(0.0)];
        $box = $front->box();
        usort(
            $box,
            fn (string $a, string $b): int => round(abs($front->men[$a]->xYd - $x), 1) <=>
                round(abs($front->men[$b]->xYd - $x), 1),
        );
        foreach ($box as $role) {
            foreach ($front->isOnLine($role) ? self::LINE_MOVES : self::BACKER_MOVES as $kind) {
                $moves = new Movement($kind);
                $moved = self::moved($proof, $proof->scene->look->changing($role, ['movement' => $moves]));
                if (! $moved->verdict()->isGood()) {
                    return self::row($proof, $role, null, $kind->words(), $moved, $moves);
                }
            }
        }

        return null;
    }

    /**
     * Two who trade jobs: the man who is read squeezes for the back, the nearest backer scrapes over him for the
     * quarterback.
     *
     * @return array{defender: string, with: string|null, name: string, costYd: float, leftS: float|null, why: string,
     *     xYd: float, yYd: float}|null
     */
    private static function exchange(RunProof $proof): ?array
    {
        $front = $proof->resolved->front;
        $read = $proof->resolved->key('give');
        $backers = $front->backers;
        if ($read === null || $backers === []) {
            return null;
        }
        usort(
            $backers,
            fn (string $a, string $b): int => round(abs($front->u($a) - $front->u($read)), 1) <=>
                round(abs($front->u($b) - $front->u($read)), 1),
        );
        $squeeze = new Movement(MovementKind::Squeeze);
        $look = $proof->scene->look
            ->changing($read, ['movement' => $squeeze])
            ->changing(
                $backers[0],
                ['movement' => new Movement(MovementKind::Scrape, Side::ofX($front->men[$read]->xYd))],
            );
        $moved = self::moved($proof, $look);

        return $moved->verdict()->isGood() ? null : self::row(
            $proof,
            $read,
            $backers[0],
            'trade the back and the quarterback',
            $moved,
            $squeeze,
        );
    }

    private static function moved(RunProof $proof, Look $look): RunProof
    {
        return RunProver::prove($proof->scene->call, $look, $proof->scene->setting);
    }

    /**
     * @return array{defender: string, with: string|null, name: string, costYd: float, leftS: float|null, why: string,
     *     xYd: float, yYd: float}
     */
    private static function row(
        RunProof $proof,
        string $role,
        ?string $with,
        string $name,
        RunProof $moved,
        Movement $moves,
    ): array {
        $d = $proof->resolved->front->men[$role];
        [$x, $y] = $moves->to($d->xYd, $d->yYd);
        $what = $with === null ? "The $role $name" : "The $role and the $with $name";

        return [
            'defender' => $role,
            'with' => $with,
            'name' => $name,
            'costYd' => round(hypot($x - $d->xYd, $y - $d->yYd), 1),
            'leftS' => null,
            'why' => "$what: ".lcfirst($moved->verdict() === Verdict::Covered || $moved->keys === []
                ? $moved->ruleTrue->why : self::lost($moved)).'.',
            'xYd' => round($x, 2),
            'yYd' => round($y, 2),
        ];
    }

    /** Why one of the choices is lost. */
    private static function lost(RunProof $proof): string
    {
        foreach ($proof->pairs as ['outcome' => $outcome]) {
            if (! $outcome->free()) {
                return $outcome->why;
            }
        }

        return $proof->ruleTrue->why;
    }
}
