<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Sheet;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\Job;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Defense\Jobs\JobWords;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\UnknownLook;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Proof\Pass\Proof;

/**
 * Pairs of men who trade jobs before the snap: two zones of one side, or the receivers of two men in man coverage.
 * Each is a look of its own with what it costs the two together, yards. Cheapest first.
 */
final class PairChanges
{
    /** How far the two may go together and still pass for the same look, yards. */
    private const REACH_YD = 26.0;

    /**
     * @return list<array{role: string, with: string, name: string, costYd: float, why: string, xYd: float, yYd: float,
     *     look: Look}>
     */
    public static function of(Proof $proof): array
    {
        $found = [];
        $cover = array_values(
            array_filter(
                $proof->scene->defenders,
                fn (Defender $d): bool => ! $d->rushes() && $d->group !== Group::Line,
            ),
        );
        foreach ($cover as $n => $one) {
            foreach (array_slice($cover, $n + 1) as $other) {
                $row = self::inMan($one, $other) ? self::receivers($proof, $one, $other) : self::zones(
                    $proof,
                    $one,
                    $other,
                );
                if ($row !== null && $row['costYd'] <= self::REACH_YD) {
                    $found[] = $row;
                }
            }
        }
        usort(
            $found,
            fn (array $a, array $b): int => [$a['costYd'], $a['role'], $a['with']] <=> [
                $b['costYd'],
                $b['role'],
                $b['with'],
            ],
        );

        return $found;
    }

    private static function inMan(Defender $one, Defender $other): bool
    {
        return $one->job->kind === JobKind::Man &&
            $other->job->kind === JobKind::Man &&
            $one->takes !== null &&
            $other->takes !== null;
    }

    /**
     * @return array{role: string, with: string, name: string, costYd: float, why: string, xYd: float, yYd: float,
     *     look: Look}|null
     */
    private static function receivers(Proof $proof, Defender $one, Defender $other): ?array
    {
        $his = $proof->scene->men[(string) $other->takes];
        $theirs = $proof->scene->men[(string) $one->takes];
        $cost = hypot($his->xYd - $one->xYd, $his->yYd - $one->yYd) + hypot(
            $theirs->xYd - $other->xYd,
            $theirs->yYd - $other->yYd,
        );

        return self::row(
            $proof,
            $one,
            $other,
            ['on' => $other->takes, 'job' => 'man'],
            ['on' => $one->takes, 'job' => 'man'],
            "trade {$one->takes} and {$other->takes}",
            $cost,
            $his->xYd,
            5.0,
        );
    }

    /**
     * @return array{role: string, with: string, name: string, costYd: float, why: string, xYd: float, yYd: float,
     *     look: Look}|null
     */
    private static function zones(Proof $proof, Defender $one, Defender $other): ?array
    {
        $first = self::name($one->job);
        $second = self::name($other->job);
        if ($first === null || $second === null || $first === $second || $one->side !== $other->side) {
            return null;
        }
        $cost = 2.0 * hypot($one->job->wideYd - $other->job->wideYd, $one->job->deepYd - $other->job->deepYd);

        return self::row(
            $proof,
            $one,
            $other,
            ['job' => $second],
            ['job' => $first],
            "trade the $first and the $second",
            $cost,
            $other->job->wideYd * $one->side->sign(),
            $other->job->deepYd,
        );
    }

    /** The spoken job nearest to a zone, or null when it is none. */
    private static function name(Job $job): ?string
    {
        $best = null;
        $least = INF;
        foreach (JobWords::all() as $name => $spoken) {
            if ($spoken->kind !== $job->kind || $job->kind !== JobKind::Under && $job->kind !== JobKind::Deep) {
                continue;
            }
            $away = hypot($spoken->wideYd - $job->wideYd, $spoken->deepYd - $job->deepYd);
            if ($away < $least) {
                [$best, $least] = [$name, $away];
            }
        }

        return $best;
    }

    /**
     * @param  array<string, mixed>  $change  of the first man
     * @param  array<string, mixed>  $back  of the second
     * @return array{role: string, with: string, name: string, costYd: float, why: string, xYd: float, yYd: float,
     *     look: Look}|null
     */
    private static function row(
        Proof $proof,
        Defender $one,
        Defender $other,
        array $change,
        array $back,
        string $name,
        float $cost,
        float $xYd,
        float $yYd,
    ): ?array {
        try {
            $look = $proof->scene->look->changing($one->role, $change)->changing($other->role, $back);
        } catch (UnknownLook) {
            return null;
        }

        return [
            'role' => $one->role,
            'with' => $other->role,
            'name' => $name,
            'costYd' => round($cost, 1),
            'why' => "The {$one->role} and the {$other->role} can $name.",
            'xYd' => $xYd,
            'yYd' => $yYd,
            'look' => $look,
        ];
    }
}
