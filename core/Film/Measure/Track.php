<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Measure;

/**
 * A man's way through the places he was plotted at, filled in between by cubics that keep his speed (Catmull and Rom
 * 1974). Play yards, seconds from the snap. The doubt grows between plots with what a runner can do in the time.
 */
final readonly class Track
{
    /** How far a man may leave the filled way: an acceleration nobody saw, yards a second squared (product default). */
    private const UNSEEN = 3.0;

    /** Outside its plots a way is not known beyond this, seconds. */
    private const BEYOND_S = 0.15;

    /** Seconds looked before and after a moment for a turn, and the step of the look. */
    private const LOOK_S = 0.35;

    private const STEP_S = 0.05;

    /** A turn of less than this is none, degrees (product default). */
    private const TURN_DEG = 22.0;

    /** Places nearer to each other than this, or than so many of their doubts, are one (product defaults). */
    private const SHAKE_YD = 0.3;

    private const SHAKE_SD = 2.5;

    /** A man stands who goes less than this in LOOK_S, yards. */
    private const STANDS_YD = 0.5;

    /**
     * @param  non-empty-list<Moment>  $plots  in time order
     */
    private function __construct(private array $plots)
    {
    }

    /** @param  list<Moment>  $plots */
    public static function of(array $plots): ?self
    {
        usort($plots, fn (Moment $a, Moment $b): int => $a->t <=> $b->t);

        return $plots === [] ? null : new self($plots);
    }

    public function from(): float
    {
        return $this->plots[0]->t;
    }

    public function to(): float
    {
        return $this->plots[array_key_last($this->plots)]->t;
    }

    /** How many plots it goes through. */
    public function count(): int
    {
        return count($this->plots);
    }

    /** Mean doubt of its places in the worse direction, one sigma, yards. */
    public function doubt(): float
    {
        return array_sum(array_map(fn (Moment $p): float => $p->spot->sdYd(), $this->plots)) /
            count($this->plots);
    }

    /** Where he is, or null where that is not known. */
    public function at(float $t): ?Spot
    {
        return $t < $this->from() - self::BEYOND_S || $t > $this->to() + self::BEYOND_S ? null : $this->nearest($t);
    }

    /** Where he is; before his first plot and after his last where that was. */
    public function nearest(float $t): Spot
    {
        $t = max($this->from(), min($this->to(), $t));
        $i = 0;
        while ($i < count($this->plots) - 2 && $this->plots[$i + 1]->t < $t) {
            $i++;
        }
        $a = $this->plots[$i];
        $b = $this->plots[$i + 1] ?? $a;
        $long = $b->t - $a->t;
        if ($long < 1e-6) {
            return $a->spot;
        }
        $u = ($t - $a->t) / $long;
        $bend = self::UNSEEN * ($t - $a->t) * ($b->t - $t) / 2.0;
        $sd = fn (float $before, float $after): float => sqrt(
            (1.0 - $u) * $before ** 2 + $u * $after ** 2 + $bend ** 2,
        );

        return new Spot(
            $this->cubic($i, $u, fn (Spot $s): float => $s->xYd),
            $this->cubic($i, $u, fn (Spot $s): float => $s->yYd),
            $sd($a->spot->sdXYd, $b->spot->sdXYd),
            $sd($a->spot->sdYYd, $b->spot->sdYYd),
        );
    }

    /** His speed at a moment, yards a second, over a tenth of a second each way. */
    public function speed(float $t): ?float
    {
        $a = $this->at(max($this->from(), $t - 0.1));
        $b = $this->at(min($this->to(), $t + 0.1));
        $long = min($this->to(), $t + 0.1) - max($this->from(), $t - 0.1);

        return $a === null || $b === null || $long < 0.05
            ? null
            : $a->apart($b)->yd / $long;
    }

    public function topSpeed(): float
    {
        $top = 0.0;
        for ($t = $this->from() + 0.1; $t <= $this->to() - 0.1; $t += 0.1) {
            $top = max($top, $this->speed($t) ?? 0.0);
        }

        return $top;
    }

    /** When he has left the place he was at, or null: his first step, seconds. */
    public function leaves(float $from, float $byYd = 0.5): ?float
    {
        $start = $this->at($from);
        for ($t = $from; $start !== null && $t <= $this->to(); $t += self::STEP_S) {
            $now = $this->at($t);
            if ($now !== null && $start->apart($now)->yd >= $byYd) {
                return $t;
            }
        }

        return null;
    }

    /** When he is first past a depth, seconds, or null. */
    public function past(float $yYd): ?float
    {
        for ($t = $this->from(); $t <= $this->to() + 1e-9; $t += self::STEP_S) {
            if ($this->nearest($t)->yYd >= $yYd) {
                return $t;
            }
        }

        return null;
    }

    /**
     * When he turns the most, by how much, or null when he never does.
     *
     * @return array{t: float, deg: float}|null
     */
    public function break(float $from = 0.4): ?array
    {
        $best = null;
        for ($t = max($this->from() + self::LOOK_S, $from); $t <= $this->to() - 0.15; $t += self::STEP_S) {
            $deg = $this->turn($t);
            if ($deg > self::TURN_DEG && ($best === null || $deg > $best['deg'] + 1.0)) {
                $best = ['t' => $t, 'deg' => $deg];
            }
        }

        return $best;
    }

    /** @return list<array{float, float}> his places from a moment on, yards, for naming the route */
    public function line(float $from = 0.0, float $stepS = 0.1): array
    {
        $line = [];
        for ($t = max($from, $this->from()); $t <= $this->to() + 1e-9; $t += $stepS) {
            $now = $this->nearest($t);
            $line[] = [$now->xYd, $now->yYd];
        }

        return $line;
    }

    /**
     * His places for naming the route: while he stands, the shake of the clicks is no way.
     *
     * @return list<array{float, float}> yards
     */
    public function way(float $from = 0.0): array
    {
        $least = max(self::SHAKE_YD, self::SHAKE_SD * $this->doubt());
        $way = [];
        foreach ($this->line($from) as [$x, $y]) {
            $last = $way[count($way) - 1] ?? null;
            if ($last === null || hypot($x - $last[0], $y - $last[1]) >= $least) {
                $way[] = [$x, $y];
            }
        }

        return $way;
    }

    /**
     * Degrees by which his way after a moment differs from the way before it; a man who stops has turned right round.
     */
    private function turn(float $t): float
    {
        $before = $this->at($t - self::LOOK_S);
        $now = $this->at($t);
        $after = $this->at(min($this->to(), $t + self::LOOK_S));
        if ($before === null || $now === null || $after === null) {
            return 0.0;
        }
        [$ax, $ay] = [$now->xYd - $before->xYd, $now->yYd - $before->yYd];
        [$bx, $by] = [$after->xYd - $now->xYd, $after->yYd - $now->yYd];
        $long = hypot($ax, $ay);
        if ($long < 2.0 * self::STANDS_YD) {
            return 0.0;
        }

        return hypot($bx, $by) < self::STANDS_YD
            ? 90.0
            : rad2deg(acos(max(-1.0, min(1.0, ($ax * $bx + $ay * $by) / $long / hypot($bx, $by)))));
    }

    /** @param  callable(Spot): float  $of  one of its coordinates */
    private function cubic(int $i, float $u, callable $of): float
    {
        $a = $this->plots[$i];
        $b = $this->plots[$i + 1];
        $long = $b->t - $a->t;
        [$da, $db] = [$this->slope($i, $of) * $long, $this->slope($i + 1, $of) * $long];
        $u2 = $u * $u;
        $u3 = $u2 * $u;

        return (2 * $u3 - 3 * $u2 + 1) * $of($a->spot) +
            ($u3 - 2 * $u2 + $u) * $da +
            (3 * $u2 - 2 * $u3) * $of($b->spot) +
            ($u3 - $u2) * $db;
    }

    /**
     * Yards a second at a plot, from its neighbors.
     *
     * @param  callable(Spot): float  $of
     */
    private function slope(int $i, callable $of): float
    {
        $a = $this->plots[max(0, $i - 1)];
        $b = $this->plots[min(count($this->plots) - 1, $i + 1)];

        return $b->t - $a->t < 1e-6 ? 0.0 : ($of($b->spot) - $of($a->spot)) / ($b->t - $a->t);
    }
}
