<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Sheet;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Defense\Jobs\JobWords;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\UnknownLook;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Proof\Pass\Proof;

/**
 * The changes a coordinator of the defense can order for one man before the snap: come up on his receiver, take
 * another man, play another zone. Each is a look of its own, with what it costs him: yards from the place he had.
 * Cheapest first.
 */
final class LookChanges
{
    /** The cushion of a man who comes up, yards. */
    private const PRESS_YD = 1.5;

    /** How far a man can go for another receiver or another zone and still pass for the same look, yards. */
    private const REACH_YD = 9.0;

    /**
     * @return list<array{role: string, name: string, costYd: float, why: string, xYd: float, yYd: float, look: Look}>
     */
    public static function of(Proof $proof): array
    {
        $found = [];
        foreach ($proof->scene->defenders as $d) {
            if ($d->rushes() || ! in_array($d->group, [Group::Corner, Group::Safety, Group::Backer], true)) {
                continue;
            }
            array_push($found, ...self::press($proof, $d), ...self::men($proof, $d), ...self::zones($proof, $d));
        }
        usort(
            $found,
            fn (array $a, array $b): int => [$a['costYd'], $a['role'], $a['name']] <=> [
                $b['costYd'],
                $b['role'],
                $b['name'],
            ],
        );

        return $found;
    }

    /**
     * @return list<array{role: string, name: string, costYd: float, why: string, xYd: float, yYd: float, look: Look}>
     */
    private static function press(Proof $proof, Defender $d): array
    {
        if ($d->over === null || $d->group === Group::Backer || $d->yYd <= self::PRESS_YD + 1.0) {
            return [];
        }

        return self::change(
            $proof,
            $d,
            ['leverage' => ['press']],
            'press',
            "The {$d->role} can come up and press {$d->over}.",
            $d->xYd,
            self::PRESS_YD,
        );
    }

    /**
     * @return list<array{role: string, name: string, costYd: float, why: string, xYd: float, yYd: float, look: Look}>
     */
    private static function men(Proof $proof, Defender $d): array
    {
        $found = [];
        foreach (array_keys($proof->scene->routes) as $letter) {
            if ($letter === $d->takes) {
                continue;
            }
            $man = $proof->scene->men[$letter];
            array_push(
                $found,
                ...self::change(
                    $proof,
                    $d,
                    ['job' => 'man', 'on' => $letter],
                    "man on $letter",
                    "The {$d->role} can take $letter man to man.",
                    $man->xYd,
                    $man->yYd,
                ),
            );
        }

        return $found;
    }

    /**
     * @return list<array{role: string, name: string, costYd: float, why: string, xYd: float, yYd: float, look: Look}>
     */
    private static function zones(Proof $proof, Defender $d): array
    {
        $found = [];
        foreach (JobWords::all() as $name => $job) {
            if (
                ($job->kind !== JobKind::Under && $job->kind !== JobKind::Deep) ||
                ($d->job->kind !== JobKind::Under && $d->job->kind !== JobKind::Deep)
            ) {
                continue;
            }
            $wide = $job->wideYd * $d->side->sign();
            array_push(
                $found,
                ...self::change(
                    $proof,
                    $d,
                    ['job' => $name],
                    $name,
                    "The {$d->role} can play the $name instead.",
                    $wide,
                    $job->deepYd,
                    [$d->job->wideYd, $d->job->deepYd],
                ),
            );
        }

        return $found;
    }

    /**
     * @param  array<string, mixed>  $change
     * @param  array{float, float}|null  $from  where he would have been, or null: where he stands, yards
     * @return list<array{role: string, name: string, costYd: float, why: string, xYd: float, yYd: float, look: Look}>
     */
    private static function change(
        Proof $proof,
        Defender $d,
        array $change,
        string $name,
        string $why,
        float $xYd,
        float $yYd,
        ?array $from = null,
    ): array {
        [$fromX, $fromY] = $from ?? [$d->xYd, $d->yYd];
        $cost = round(hypot($xYd - $fromX, $yYd - $fromY), 1);
        if ($cost > self::REACH_YD || $cost < 0.1) {
            return [];
        }
        try {
            return [['role' => $d->role, 'name' => $name, 'costYd' => $cost, 'why' => $why, 'xYd' => $xYd,
                'yYd' => $yYd, 'look' => $proof->scene->look->changing($d->role, $change)]];
        } catch (UnknownLook) {
            return [];
        }
    }
}
