<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Kinematics;

/** A timed path: positions and velocities every STEP seconds from the snap, yards, and the cuts in it. */
final readonly class Path
{
    public const STEP = 0.05;

    /** Steps a path holds: 5 s and the start. */
    public const STEPS = 101;

    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     * @param  list<float>  $vx
     * @param  list<float>  $vy
     * @param  list<Cut>  $cuts
     */
    public function __construct(
        public array $x,
        public array $y,
        public array $vx,
        public array $vy,
        public array $cuts = [],
    ) {
    }

    public static function standing(float $xYd, float $yYd): self
    {
        $zero = array_fill(0, self::STEPS, 0.0);

        return new self(array_fill(0, self::STEPS, $xYd), array_fill(0, self::STEPS, $yYd), $zero, $zero);
    }

    /** @return array{float, float} position at $t seconds, held at both ends */
    public function at(float $t): array
    {
        $f = max(0.0, min(self::STEPS - 1.001, $t / self::STEP));
        $i = (int) $f;
        $f -= $i;

        return [
            $this->x[$i] + $f * ($this->x[$i + 1] - $this->x[$i]),
            $this->y[$i] + $f * ($this->y[$i + 1] - $this->y[$i]),
        ];
    }

    /** The same path run with $delay seconds of standing first. */
    public function delayed(float $delay): self
    {
        $n = (int) round($delay / self::STEP);
        if ($n <= 0) {
            return $this;
        }
        $cuts = array_map(fn (Cut $c): Cut => $c->delayed($delay), $this->cuts);

        return new self(
            self::later($this->x, $n, $this->x[0]),
            self::later($this->y, $n, $this->y[0]),
            self::later($this->vx, $n, 0.0),
            self::later($this->vy, $n, 0.0),
            $cuts,
        );
    }

    /**
     * @param  list<float>  $values
     * @return list<float> so many steps later, with what was before
     */
    private static function later(array $values, int $steps, float $before): array
    {
        return array_slice([...array_fill(0, $steps, $before), ...$values], 0, self::STEPS);
    }

    /**
     * The same way run slower or faster between two moments: who was at a place $was seconds from the snap is there at
     * $at. Before $from nothing changes, after $at all comes as much later or sooner. Needs $from < $was, $from < $at.
     */
    public function paced(float $from, float $was, float $at): self
    {
        $share = ($was - $from) / ($at - $from);
        $x = $y = $vx = $vy = [];
        for ($i = 0; $i < self::STEPS; $i++) {
            $t = $i * self::STEP;
            $then = match (true) {
                $t < $from => $t,
                $t < $at => $from + ($t - $from) * $share,
                default => $was + $t - $at,
            };
            $pace = $t >= $from && $t < $at ? $share : 1.0;
            $n = (int) max(0, min(self::STEPS - 1, round($then / self::STEP)));
            [$x[], $y[]] = $this->at($then);
            $vx[] = $pace * $this->vx[$n];
            $vy[] = $pace * $this->vy[$n];
        }
        $later = fn (float $t): float => match (true) {
            $t < $from => 0.0,
            $t < $was => ($t - $from) * (1.0 / $share - 1.0),
            default => $at - $was,
        };

        return new self(
            $x,
            $y,
            $vx,
            $vy,
            array_map(fn (Cut $c): Cut => $c->delayed($later($c->t)), $this->cuts),
        );
    }

    /** When he is first so far to a side, seconds; past the end of the path when he never is. */
    public function acrossAt(float $uYd, int $sign): float
    {
        for ($i = 0; $i < self::STEPS; $i++) {
            if ($uYd <= $this->x[$i] * $sign) {
                return $i * self::STEP;
            }
        }

        return self::STEPS * self::STEP;
    }
}
