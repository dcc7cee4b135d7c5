<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Keys;

use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Play\Act;
use Jacotaxis\Core\Proof\Play\PlayOut;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Throwing\ThrowLine;
use Jacotaxis\Core\Proof\Throwing\Windows;

/** Where a defender runs who takes a read away, from when on, and whether his rule and his legs let him. */
final readonly class Commitments
{
    /** A deep man does not leave his zone for a catch in front of this depth, yards. */
    private const DEEP_FROM_YD = 8.0;

    /**
     * How far from his landmark's width a zone man goes for a catch without leaving his zone, yards (settled by the
     * truths).
     */
    private const LEASH_YD = 4.0;

    private const DEEP_LEASH_YD = 8.0;

    /** What is caught in front of this depth an under man comes up to from farther away, yards. */
    private const SHORT_YD = 4.0;

    private const SHORT_LEASH_YD = 6.0;

    /** How far behind his depth, or behind where he lets a vertical go, an under man takes a catch, yards. */
    private const UNDER_BEYOND_YD = 6.0;

    /** A route runs straight up when it gains this many times as much upfield as sideways. */
    private const STRAIGHT = 3.0;

    /** Time beside the ball's that a man may need and still be worth a look, seconds. */
    private const LATE_S = 0.4;

    public function __construct(private Scene $scene, private PlayOut $playOut, private Windows $windows)
    {
    }

    /** When two threats part: the first break, and the reaction to it. Seconds. */
    public function partAt(string $a, string $b): float
    {
        return min($this->scene->routes[$a]->declaredAt(), $this->scene->routes[$b]->declaredAt()) +
            $this->scene->setting->reaction;
    }

    /** The run to where the ball to $letter would be caught, from when it parts from the other read. */
    public function to(string $letter, string $other): ?Act
    {
        $line = $this->windows->middle($letter);
        if ($line === null) {
            return null;
        }

        return new Act('take', $this->partAt($letter, $other), $line->xYd, $line->yYd, $letter);
    }

    /** Whether his rule lets him go for a read at all: a man has his own, a zone man what is caught in his zone. */
    public function mayTake(int $d, string $letter): bool
    {
        $defender = $this->scene->defenders[$d];
        if ($defender->job->kind === JobKind::Man) {
            return $this->playOut->covers($d) === $letter;
        }
        $matched = $this->matched($d);
        if ($matched !== null) {
            return $matched === $letter;
        }
        $line = $this->windows->middle($letter);
        if ($line === null) {
            return false;
        }
        $leash = match (true) {
            $defender->job->kind === JobKind::Deep => self::DEEP_LEASH_YD,
            $line->yYd < self::SHORT_YD => self::SHORT_LEASH_YD,
            default => self::LEASH_YD,
        };

        return abs($line->xYd - $defender->job->wideYd) <= $leash && ! $this->isHeld($d, $letter, $line);
    }

    /** Whether his reach disc touches the catch at all when he starts at a moment. */
    public function mayReach(int $d, string $letter, float $from): bool
    {
        $line = $this->windows->lines($letter)[0] ?? null;
        if ($line === null) {
            return false;
        }
        if ($line->yYd < self::DEEP_FROM_YD && $this->scene->defenders[$d]->job->kind === JobKind::Deep) {
            return false;
        }
        if ($this->letsGo($d, $letter, $line)) {
            return false;
        }
        $i = min(Path::STEPS - 1, (int) round($from / Path::STEP));
        $rule = $this->playOut->byRule();
        $time = $line->caughtAt() - $from + self::LATE_S;

        return hypot($line->xYd - $rule->x[$d][$i], $line->yYd - $rule->y[$d][$i])
            <= $this->scene->setting->reachYd + $this->windows->law($d)->vmax * max(0.0, $time);
    }

    /** Whether a vertical is caught so deep that an under man has let it go to the men behind him before. */
    private function letsGo(int $d, string $letter, ThrowLine $line): bool
    {
        $job = $this->scene->defenders[$d]->job;
        $to = max($job->deepYd, $job->carryYd) + self::UNDER_BEYOND_YD;
        if ($job->kind !== JobKind::Under || $job->sinks || $line->yYd <= $to) {
            return false;
        }
        $path = $this->scene->routes[$letter]->path;
        $i = min(Path::STEPS - 1, (int) round($line->outAt() / Path::STEP));

        return $path->vy[$i] > self::STRAIGHT * abs($path->vx[$i]);
    }

    /** The second receiver, once he has come deep to the safety who matches him: he is his then, and no other. */
    private function matched(int $d): ?string
    {
        $defender = $this->scene->defenders[$d];
        $second =
            $defender->job->kind === JobKind::Deep && $defender->job->match === '#2'
                ? $this->scene->count->letter($defender->side, 2)
                : null;
        $path = $second === null ? null : ($this->scene->routes[$second]->path ?? null);
        foreach ($path->y ?? [] as $i => $y) {
            if ($defender->job->takesOver($y, $path->vy[$i] ?? 0.0)) {
                return $second;
            }
        }

        return null;
    }

    /** Whether another man runs deep in a deep man's zone, nearer to him than the ball: he may not leave that one. */
    private function isHeld(int $d, string $letter, ThrowLine $line): bool
    {
        $job = $this->scene->defenders[$d]->job;
        if ($job->kind !== JobKind::Deep) {
            return false;
        }
        $i = min(Path::STEPS - 1, (int) round($line->outAt() / Path::STEP));
        foreach ($this->scene->routes as $other => $route) {
            $near = abs($route->path->x[$i] - $job->wideYd);
            if (
                $other !== $letter &&
                $route->path->y[$i] >= self::DEEP_FROM_YD &&
                $route->path->vy[$i] > 0.0 &&
                $near <= self::DEEP_LEASH_YD &&
                $near < abs($line->xYd - $job->wideYd)
            ) {
                return true;
            }
        }

        return false;
    }
}
