<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense\Motion;

use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Offense\LineSplits;
use Jacotaxis\Core\Offense\Man;

/**
 * The way of a motion over the ground: from the stance to the needed spot at the snap and on. Yards in the play frame.
 */
final readonly class Course
{
    /** A man who crosses behind the line does so at this depth, yards. */
    private const BEHIND_YD = -2.2;

    /** How long the snap takes to the hands: the ball is there before the exchange (product defaults). */
    private const SNAP_S = ['near' => 0.15, 'far' => 0.3];

    /** How far a short push goes, and how far a return motion goes in, yards. */
    private const PUSH_YD = 6.0;

    private const RETURN_YD = 5.0;

    /** Room he leaves to the sideline, yards. */
    private const ROOM_YD = 3.0;

    /** A man who arrives stands at least this far from another, yards. */
    private const APART_YD = 1.4;

    /**
     * @param  list<array{float, float}>  $points  the start first, the needed spot last
     * @param  array{float, float}  $on  direction in which he runs on past it, a unit vector; zero when he sets
     */
    private function __construct(public array $points, public array $on)
    {
    }

    /** @param  array<string, Man>  $men before the motion */
    public static function of(Motion $motion, array $men, LineSplits $splits, PlayFrame $frame, SprintLaw $law): self
    {
        $man = $men[$motion->who];
        $side = self::side($motion, $man);
        $s = $side->sign();
        $need = $motion->to ?? self::usual($motion, $man, $s, $men, $splits, $frame, $law);
        $points = [[$man->xYd, $man->yYd]];
        if ($motion->kind === MotionKind::Return) {
            $points[] = [$man->xYd - $man->side()->sign() * self::RETURN_YD, min($man->yYd, Man::LINE_YD * -2.0)];
        } elseif (! $man->isBack() && $man->xYd * $need[0] < 0.0 && abs($man->xYd) > $splits->guardXYd()) {
            $deep = min(self::BEHIND_YD, $need[1]);
            $points[] = [$man->side()->sign() * max(0.5, abs($man->xYd) - 1.5), $deep];
            if ($motion->kind->sets()) {
                $points[] = [$need[0] - $s * 0.8, $deep];
            }
        }
        $points[] = $need;
        $from = $points[count($points) - 2];
        $way = hypot($need[0] - $from[0], $need[1] - $from[1]);
        // He runs on across the field, not at the line.
        $on =
            $motion->kind->sets() || $way < 1e-6
                ? [0.0, 0.0]
                : [($need[0] - $from[0]) / $way, min(0.0, ($need[1] - $from[1]) / $way)];

        return new self($points, $on);
    }

    /** Length of the way to the needed spot, yards. */
    public function lengthYd(): float
    {
        $sum = 0.0;
        foreach (array_slice($this->points, 1) as $n => [$x, $y]) {
            $sum += hypot($x - $this->points[$n][0], $y - $this->points[$n][1]);
        }

        return $sum;
    }

    /**
     * The place after $yd yards of it, and the direction there.
     *
     * @return array{float, float, float, float} x, y, unit x, unit y
     */
    public function at(float $yd): array
    {
        $left = $yd;
        foreach (array_slice($this->points, 1) as $n => [$x, $y]) {
            [$fx, $fy] = $this->points[$n];
            $way = hypot($x - $fx, $y - $fy);
            if ($way > 1e-9 && $left <= $way + 1e-9) {
                return [
                    $fx + ($left / $way) * ($x - $fx),
                    $fy + ($left / $way) * ($y - $fy),
                    ($x - $fx) / $way,
                    ($y - $fy) / $way,
                ];
            }
            $left -= $way;
        }
        [$x, $y] = $this->points[count($this->points) - 1];

        return [$x + $left * $this->on[0], $y + $left * $this->on[1], $this->on[0], $this->on[1]];
    }

    public static function side(Motion $motion, Man $man): Side
    {
        return $motion->side ?? ($motion->kind->stays() ? $man->side() : Side::ofX(-$man->xYd));
    }

    /**
     * The kind's own needed spot: inside the field, past whoever stands there, and behind the line for one who crosses
     * it.
     *
     * @param  array<string, Man>  $men
     * @return array{float, float}
     */
    private static function usual(
        Motion $motion,
        Man $man,
        int $s,
        array $men,
        LineSplits $splits,
        PlayFrame $frame,
        SprintLaw $law,
    ): array {
        $kind = $motion->kind;
        $need = self::need($kind, $man, $s, $men, $splits, $law->vmax);
        if ($kind === MotionKind::Jet) {
            // At the speed he has on the way there, not at the one he may reach.
            $need = self::need(
                $kind,
                $man,
                $s,
                $men,
                $splits,
                $law->speed($law->time(hypot($need[0] - $man->xYd, $need[1] - $man->yYd))),
            );
        }
        if (! in_array($kind, [MotionKind::Jet, MotionKind::Orbit, MotionKind::Pitch], true)) {
            $need = self::clear($need, $s, $motion->who, $men);
        }
        $room = abs($frame->sidelineX($s < 0 ? Side::Left : Side::Right)) - self::ROOM_YD;
        $need[0] = $s * min($s * $need[0], $room);
        $crosses = ! $man->isBack() && $man->xYd * $need[0] < 0.0;

        return [$need[0], $crosses && ! $kind->sets() ? min($need[1], self::BEHIND_YD) : $need[1]];
    }

    /**
     * @param  array<string, Man>  $men
     * @return array{float, float}
     */
    private static function need(
        MotionKind $kind,
        Man $man,
        int $s,
        array $men,
        LineSplits $splits,
        float $speedYd,
    ): array {
        $q = $men['Q'];
        $end = $s * max(array_map(fn (string $l): float => $s * $men[$l]->xYd, Man::LINEMEN));
        $backs = array_filter($men, fn (Man $m): bool => $m->isBack() && $m->letter !== $man->letter);
        $deepest = min([$q->yYd, ...array_map(fn (Man $m): float => $m->yYd, array_values($backs))]);
        $full = array_reduce($backs, fn (float $y, Man $m): float => max($y, $m->yYd), -99.0);

        return match ($kind) {
            // The exchange is at the playside guard's outside foot (MOT-05); the snap is on its way to the hands before
            // it.
            MotionKind::Jet => [
                $s * ($splits->guardXYd() + LineSplits::STANCE_FT / 6.0) -
                $s * $speedYd * self::SNAP_S[$q->yYd > -2.0 ? 'near' : 'far'],
                min($man->yYd, $q->yYd > -2.0 ? self::BEHIND_YD : $q->yYd + 1.2),
            ],
            MotionKind::Orbit => [-$s * 0.5, $deepest - 1.5],
            MotionKind::Return => [$man->xYd - $man->side()->sign() * 1.0, min($man->yYd, Man::LINE_YD * -2.0)],
            MotionKind::Short => [$man->xYd + $s * self::PUSH_YD, $man->isBack() ? $man->yYd : min($man->yYd, -1.5)],
            MotionKind::Trade, MotionKind::Shift => [$s * abs($man->xYd), $man->yYd],
            MotionKind::Fast => [$end + $s * 1.7, min(-2.0, $man->yYd)],
            // Behind the quarterback at the depth of the fullback's hands (MOT-03).
            MotionKind::Pitch => [$q->xYd, min($man->yYd, $q->yYd - 1.5, $full < -90.0 ? $deepest - 1.5 : $full + 0.5)],
            MotionKind::In => [$s * ($splits->guardXYd() + 0.5), min(-4.0, $q->yYd)],
        };
    }

    /**
     * A needed spot on top of another man moves past him.
     *
     * @param  array{float, float}  $need
     * @param  array<string, Man>  $men
     * @return array{float, float}
     */
    private static function clear(array $need, int $s, string $who, array $men): array
    {
        for ($n = 0; $n < 4; $n++) {
            foreach ($men as $man) {
                if (
                    $man->letter !== $who &&
                    hypot($man->xYd - $need[0], $man->yYd - $need[1]) < self::APART_YD - 0.01
                ) {
                    $need[0] = $man->xYd + $s * self::APART_YD;
                }
            }
        }

        return $need;
    }
}
