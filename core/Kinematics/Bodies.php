<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Kinematics;

/**
 * Men who go where they are wanted by one law and never share a spot. Yards and seconds, in steps of Path::STEP.
 *
 * Each wants a place at every step. He gains speed by the sprint law, brakes and turns by what his legs allow, slows
 * down in time to stop where he is wanted to stand, and is stopped by a body in his way: what he has of speed toward
 * it is lost at the touch, and the heavier or surer man gives way less. A man held to his way is where he is wanted.
 */
final class Bodies
{
    /** Middles of two bodies come no nearer, yards: shoulder to shoulder. */
    public const APART_YD = 0.42;

    /** Share of the speed lost at a touch that a man keeps by slipping past. */
    private const SLIPS = 0.7;

    /** Share of his brakes that a man plans to use. */
    private const EASY = 0.8;

    /** How quickly bodies that are too near slide off one another, yards a second at most. */
    private const SLIDES_YD_S = 4.0;

    /** Share of a body's width that is left when men are pressed together. */
    private const PRESSED = 0.8;

    /** Touches are settled this often in a step, so that three men in a row are. */
    private const ROUNDS = 4;

    /** @var array<int, float> by man */
    private array $x;

    /** @var array<int, float> */
    private array $y;

    /** @var array<int, float> */
    private array $vx;

    /** @var array<int, float> */
    private array $vy;

    /** @var list<float> how readily he is moved; 0 not at all */
    private array $yields;

    /** @var array<int, array<int, float>> by two men, how near they come: what they begin with, where that is nearer */
    private array $apart = [];

    /**
     * @param  list<SprintLaw>  $laws
     * @param  list<array{float, float}>  $starts
     * @param  list<array{float, float}>  $speeds  at the snap, yards a second
     * @param  list<float>  $yields  how readily each gives way at a touch: 0 is held to his way, 1 is the usual
     */
    public function __construct(private readonly array $laws, array $starts, array $speeds, array $yields)
    {
        $this->x = array_column($starts, 0);
        $this->y = array_column($starts, 1);
        $this->vx = array_column($speeds, 0);
        $this->vy = array_column($speeds, 1);
        $this->yields = $yields;
        foreach ($starts as $a => [$ax, $ay]) {
            foreach (array_slice($starts, $a + 1, null, true) as $b => [$bx, $by]) {
                $this->apart[$a][$b] = min(self::APART_YD, hypot($bx - $ax, $by - $ay));
            }
        }
    }

    /** @return list<array{float, float}> where each is now */
    public function places(): array
    {
        return array_map(fn (float $x, float $y): array => [$x, $y], array_values($this->x), array_values($this->y));
    }

    /**
     * One step on.
     *
     * @param  list<array{float, float}>  $wanted  where each is wanted at the end of the step
     * @param  list<array{float, float}>  $then  where each is wanted a step later: how fast he is to be
     * @return list<array{float, float}> where each is
     */
    public function step(array $wanted, array $then): array
    {
        foreach ($wanted as $n => [$x, $y]) {
            if ($this->yields[$n] <= 0.0) {
                $this->vx[$n] = ($x - $this->x[$n]) / Path::STEP;
                $this->vy[$n] = ($y - $this->y[$n]) / Path::STEP;
            } else {
                $this->legs($n, $x, $y, ($then[$n][0] - $x) / Path::STEP, ($then[$n][1] - $y) / Path::STEP);
            }
        }
        $near = $this->near();
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $this->touch($near);
        }
        foreach ($wanted as $n => [$x, $y]) {
            $held = $this->yields[$n] <= 0.0;
            $this->x[$n] = $held ? $x : $this->x[$n] + $this->vx[$n] * Path::STEP;
            $this->y[$n] = $held ? $y : $this->y[$n] + $this->vy[$n] * Path::STEP;
        }

        $this->part($near);

        return $this->places();
    }

    /**
     * Men who are pressed onto one another all the same, three or more in a pile, come apart where they stand.
     *
     * @param  list<array{int, int, float, float, float, float}>  $near
     */
    private function part(array $near): void
    {
        foreach ($near as [$a, $b, , , , $apart]) {
            $dx = $this->x[$b] - $this->x[$a];
            $dy = $this->y[$b] - $this->y[$a];
            $away = sqrt($dx * $dx + $dy * $dy);
            $least = self::PRESSED * $apart;
            if ($away >= $least || $away < 1e-6) {
                continue;
            }
            $push = ($least - $away) / ($away * ($this->yields[$a] + $this->yields[$b]));
            $this->x[$a] -= $push * $this->yields[$a] * $dx;
            $this->y[$a] -= $push * $this->yields[$a] * $dy;
            $this->x[$b] += $push * $this->yields[$b] * $dx;
            $this->y[$b] += $push * $this->yields[$b] * $dy;
        }
    }

    /** His speed a step later: toward the place and the speed wanted there, as far as his legs allow. */
    private function legs(int $n, float $x, float $y, float $wantedVx, float $wantedVy): void
    {
        $law = $this->laws[$n];
        $dx = $x - $this->x[$n];
        $dy = $y - $this->y[$n];
        $away = sqrt($dx * $dx + $dy * $dy);
        // On his way he is there at the end of the step; behind it he makes up for it and can still stop.
        $still = $wantedVx * $wantedVx + $wantedVy * $wantedVy < SprintLaw::STANDS_YD_S * SprintLaw::STANDS_YD_S;
        $most = $still ? sqrt(2.0 * self::EASY * $law->brakes * $away) : $law->vmax;
        $pace = $away < 1e-6 ? 0.0 : min($away / Path::STEP, $most, $law->vmax) / $away;
        [$this->vx[$n], $this->vy[$n]] = $law->step($this->vx[$n], $this->vy[$n], $pace * $dx, $pace * $dy);
    }

    /**
     * Pairs who may touch in this step: nobody closes farther.
     *
     * @return list<array{int, int, float, float, float, float}> the two, yards and direction from one to the other,
     *     and how near they come
     */
    private function near(): array
    {
        $near = [];
        foreach ($this->apart as $a => $others) {
            [$x, $y, $yields] = [$this->x[$a], $this->y[$a], $this->yields[$a]];
            foreach ($others as $b => $apart) {
                $dx = $this->x[$b] - $x;
                $dy = $this->y[$b] - $y;
                if ($dx > 1.5 || $dx < -1.5 || $dy > 1.5 || $dy < -1.5 || $yields + $this->yields[$b] <= 0.0) {
                    continue;
                }
                $away = sqrt($dx * $dx + $dy * $dy);
                $near[] = $away < 1e-6
                    ? [$a, $b, 0.0, 0.0, 1.0, $apart]
                    : [$a, $b, $away, $dx / $away, $dy / $away, $apart];
            }
        }

        return $near;
    }

    /**
     * Who would run into a man in this step loses what brings him nearer than a body.
     *
     * @param  list<array{int, int, float, float, float, float}>  $near
     */
    private function touch(array $near): void
    {
        foreach ($near as [$a, $b, $away, $ux, $uy, $apart]) {
            $closing = ($this->vx[$a] - $this->vx[$b]) * $ux + ($this->vy[$a] - $this->vy[$b]) * $uy;
            $allowed = max(-self::SLIDES_YD_S, ($away - $apart) / Path::STEP);
            if ($closing > $allowed) {
                $lost = ($closing - $allowed) / ($this->yields[$a] + $this->yields[$b]);
                $this->turned($a, $ux, $uy, $lost * $this->yields[$a]);
                $this->turned($b, -$ux, -$uy, $lost * $this->yields[$b]);
            }
        }
    }

    /** What a man loses toward the body in front of him, and what of it he keeps by slipping past on his side. */
    private function turned(int $n, float $ux, float $uy, float $lost): void
    {
        $past = $this->vy[$n] * $ux - $this->vx[$n] * $uy;
        $slips = min($lost, max(0.0, $this->vx[$n] * $ux + $this->vy[$n] * $uy)) * self::SLIPS * ($past <=> 0.0);
        $this->vx[$n] -= $lost * $ux + $slips * $uy;
        $this->vy[$n] -= $lost * $uy - $slips * $ux;
    }
}
