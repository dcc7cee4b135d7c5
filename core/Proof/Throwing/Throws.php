<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Throwing;

use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Arm;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Proof\Play\Tracks;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Route\Finish;

/**
 * The throws a quarterback may make to each read inside its slot, and how long each defender is too late for each.
 *
 * A throw is laid out once; the margin of one defender on it depends on his own track alone, so an act is weighed by
 * looking again at that man only.
 */
final class Throws
{
    /** Yards from the sideline in which a catch does not count. */
    private const EDGE_YD = 0.7;

    /** Steps between the moments inside a slot that are tried. */
    private const EVERY = 2;

    /** What stands for a man who is nowhere near, seconds. */
    public const NOBODY_S = 9.0;

    /** Parts of the ball's way that are looked at, from the hand to the catch. */
    private const POINTS = 10;

    /** How long the speed lasts that a man does not need for where he goes now, seconds (settled by the truths). */
    private const SHEDS_S = 0.5;

    /**
     * What a ball behind him costs a man who stands facing the passer, seconds; in full from this far behind him,
     * yards; a man this fast faces it no more.
     */
    private const TURNS_S = 0.2;

    private const BEHIND_YD = 3.0;

    private const STANDS_YD_S = 4.0;

    /**
     * How much later a man sees a throw to another than the receiver he runs with, seconds (settled by the truths); he
     * runs at this speed, upfield at this, yards a second, and is as near to his man as this, yards.
     */
    private const BLIND_S = 0.15;

    private const RUNS_YD_S = 4.0;

    private const UPFIELD_YD_S = 1.0;

    private const WITH_YD = 5.0;

    /** Whether the last margin() was least before the catch: a higher ball would clear that man. */
    public bool $undercut = false;

    /** How hard a man throws who is no quarterback, share of a quarterback's ball (from memory). */
    private const NO_PASSER = 0.9;

    private readonly Arm $arm;

    public function __construct(private readonly Scene $scene)
    {
        $share = $scene->passer() === 'Q' ? 1.0 : self::NO_PASSER;
        $this->arm = new Arm($share * $scene->setting->level->releaseSpeed());
    }

    /**
     * Every throw to a route between two moments.
     *
     * @return list<ThrowLine>
     */
    public function lines(string $letter, float $from, float $to): array
    {
        $lines = [];
        $first = (int) ceil($from / Path::STEP - 1e-9);
        $last = min(Path::STEPS - 1, (int) floor($to / Path::STEP + 1e-9));
        $shape = $this->scene->routes[$letter]->spec->shape();
        // One who runs on across the field is half a yard away a step later: every step counts.
        $every = $shape->deep || $shape->finish !== Finish::Run ? self::EVERY : 1;
        for ($i = $first; $i <= $last; $i += $every) {
            for ($touch = 0; $touch < count(Arm::TOUCHES); $touch++) {
                $line = $this->line($letter, $i, $touch);
                if ($line !== null) {
                    $lines[] = $line;
                }
            }
        }

        return $lines;
    }

    /** A throw at step $i with a touch, or null when the arm does not reach or the catch would not count. */
    public function line(string $letter, int $i, int $touch): ?ThrowLine
    {
        $path = $this->scene->routes[$letter]->path;
        [$qx, $qy] = $this->scene->launch();
        $x = $path->x[$i];
        $y = $path->y[$i];
        $flight = 0.0;
        $throw = [0.0, 0.0, 0.0];
        for ($k = 0; $k < 4; $k++) {
            $distance = sqrt(($x - $qx) ** 2 + ($y - $qy) ** 2);
            $throw = $this->arm->throws($distance)[$touch] ?? null;
            if ($throw === null) {
                return null;
            }
            $flight = Arm::flight($distance, $throw[1]);
            [$x, $y] = $path->at($i * Path::STEP + $flight);
        }
        $frame = $this->scene->frame;
        if (
            $i * Path::STEP + $flight > (Path::STEPS - 1) * Path::STEP ||
            $y > $frame->endLineY() - self::EDGE_YD ||
            $x < $frame->sidelineX(Side::Left) + self::EDGE_YD ||
            $x > $frame->sidelineX(Side::Right) - self::EDGE_YD
        ) {
            return null;
        }

        return $this->lay($letter, $i, $touch, $x, $y, $flight, $throw);
    }

    /** @param  array{float, float, float}  $throw */
    private function lay(string $letter, int $i, int $touch, float $x, float $y, float $flight, array $throw): ThrowLine
    {
        [$qx, $qy] = $this->scene->launch();
        $distance = sqrt(($x - $qx) ** 2 + ($y - $qy) ** 2);
        $px = $py = $pt = [];
        for ($k = 4; $k <= self::POINTS; $k++) {
            $t = $flight * $k / self::POINTS;
            if ($k < self::POINTS && Arm::heightAt($t, $throw[1], $throw[2]) > $this->scene->setting->reachHeightYd) {
                continue;
            }
            $share = $k === self::POINTS ? 1.0 : Arm::distanceAt($t, $throw[1]) / $distance;
            $yy = $qy + $share * ($y - $qy);
            if ($yy > 1.0) {
                $px[] = $qx + $share * ($x - $qx);
                $py[] = $yy;
                $pt[] = $t;
            }
        }
        if ($px === []) {
            [$px, $py, $pt] = [[$x], [$y], [$flight]];
        }

        return new ThrowLine(
            letter: $letter,
            step: $i,
            touch: $touch,
            xYd: $x,
            yYd: $y,
            flight: $flight,
            distanceYd: $distance,
            px: $px,
            py: $py,
            pt: $pt,
            groundSpeed: $throw[1],
            upSpeed: $throw[2],
        );
    }

    /**
     * Seconds by which a defender on his track is too late for a throw: the least over the ball's way below his reach;
     * NOBODY_S when it is not below $below, which saves looking at men who are far away.
     */
    public function margin(
        ThrowLine $line,
        Tracks $tracks,
        int $d,
        SprintLaw $law,
        float $below = self::NOBODY_S,
    ): float {
        $setting = $this->scene->setting;
        $react = $setting->reaction;
        $j = min(Path::STEPS - 1, $line->step + (int) round($react / Path::STEP));
        $x = $tracks->x[$d][$j];
        $y = $tracks->y[$d][$j];
        $vx = $tracks->vx[$d][$j];
        $vy = $tracks->vy[$d][$j];
        // A man who stands facing the passer has to turn for a ball behind him.
        $turns = self::TURNS_S * max(0.0, 1.0 - hypot($vx, $vy) / self::STANDS_YD_S);
        $least = $below;
        $reach = $setting->reachYd;
        $this->undercut = false;
        $last = count($line->pt) - 1;
        // The catch first: it is the usual place, and what is later anywhere else need not be worked out.
        for ($k = $last; $k >= 0; $k--) {
            $dx = $line->px[$k] - $x;
            $dy = $line->py[$k] - $y;
            $behind = $turns > 0.0 && $dy > 0.0 ? $turns * min(1.0, $dy / self::BEHIND_YD) : 0.0;
            $has = $least + $line->pt[$k] - $react - $behind;
            $room = $reach + $law->vmax * $has;
            // Not even at full speed from the start.
            if ($room < 0.0 || $dx * $dx + $dy * $dy > $room * $room) {
                continue;
            }
            if (self::short($has, $dx, $dy, $vx, $vy, $law, $reach) < 0.0) {
                $least = $react + $behind + self::timeTo($dx, $dy, $vx, $vy, $law, $reach) - $line->pt[$k];
                $this->undercut = $k < $last;
            }
        }

        if ($least < $below) {
            $least += $this->blind($d, $line->letter, $j, $x, $y, $vx, $vy);
        }

        return $least < $below ? $least : self::NOBODY_S;
    }

    /**
     * How much later he learns of a throw who runs upfield after another receiver and watches that one, seconds.
     *
     * Only a man who has a receiver does: a zone man sees the passer.
     */
    private function blind(int $d, string $letter, int $j, float $x, float $y, float $vx, float $vy): float
    {
        $job = $this->scene->defenders[$d]->job;
        $watches = $job->kind === JobKind::Man || ($job->kind === JobKind::Deep && $job->match !== null);
        if (! $watches || $vy < self::UPFIELD_YD_S || $vx * $vx + $vy * $vy < self::RUNS_YD_S * self::RUNS_YD_S) {
            return 0.0;
        }
        $nearest = null;
        $least = self::WITH_YD;
        foreach ($this->scene->routes as $other => $route) {
            $away = hypot($route->path->x[$j] - $x, $route->path->y[$j] - $y);
            if ($away < $least && $route->path->vx[$j] * $vx + $route->path->vy[$j] * $vy > 0.0) {
                $least = $away;
                $nearest = $other;
            }
        }

        return $nearest === null || $nearest === $letter ? 0.0 : self::BLIND_S;
    }

    /**
     * Seconds to bring a hand to a point (dx, dy) yards away, at full effort from the velocity he has.
     *
     * His speed toward the point counts by the sprint law; what of it runs sideways or away is shed and carries him on
     * meanwhile.
     */
    public static function timeTo(float $dx, float $dy, float $vx, float $vy, SprintLaw $law, float $reach): float
    {
        $atLow = self::short(0.0, $dx, $dy, $vx, $vy, $law, $reach);
        if ($atLow <= 0.0) {
            return 0.0;
        }
        $low = 0.0;
        $high = 0.8;
        $atHigh = self::short($high, $dx, $dy, $vx, $vy, $law, $reach);
        while ($atHigh > 0.0 && $high < 12.0) {
            $low = $high;
            $atLow = $atHigh;
            $high *= 2.0;
            $atHigh = self::short($high, $dx, $dy, $vx, $vy, $law, $reach);
        }
        // False position with a halved weight for the end that stays (Illinois), to a thousandth of a second.
        for ($i = 0; $i < 12 && $high - $low > 1e-3; $i++) {
            $t = ($low * $atHigh - $high * $atLow) / ($atHigh - $atLow);
            $at = self::short($t, $dx, $dy, $vx, $vy, $law, $reach);
            if (abs($at) < 2e-3) {
                return $t;
            }
            if ($at > 0.0) {
                $low = $t;
                $atLow = $at;
                $atHigh *= 0.5;
            } else {
                $high = $t;
                $atHigh = $at;
                $atLow *= 0.5;
            }
        }

        return 0.5 * ($low + $high);
    }

    /** Yards he is still short of the point after $t seconds; negative when he has been there. */
    private static function short(
        float $t,
        float $dx,
        float $dy,
        float $vx,
        float $vy,
        SprintLaw $law,
        float $reach,
    ): float {
        if ($t < 0.0) {
            $t = 0.0;
        }
        $away = sqrt($dx * $dx + $dy * $dy);
        $toward = $away < 1e-6 ? 0.0 : max(0.0, min($law->vmax, ($vx * $dx + $vy * $dy) / $away));
        $share = $away < 1e-6 ? 0.0 : $toward / $away;
        $drift = self::SHEDS_S * (1.0 - exp(-$t / self::SHEDS_S));
        $rx = $dx - ($vx - $share * $dx) * $drift;
        $ry = $dy - ($vy - $share * $dy) * $drift;

        return sqrt($rx * $rx + $ry * $ry) - $reach - $law->distance($t, $toward);
    }
}
