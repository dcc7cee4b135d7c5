<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Kinematics;

/**
 * Builds a timed path from straight legs: a man sprints, brakes for what is ahead of him and keeps through a cut what
 * its angle allows.
 *
 * Headings are degrees from downfield, positive toward +x.
 */
final class PathBuilder
{
    /** Straight legs a curve is made of. */
    private const CURVE_LEGS = 6;

    /** @var list<array{float, float, float, float}> legs: start x, start y, length, heading in radians */
    private array $legs = [];

    /** @var list<CutKind> how each leg is entered; the first is not used */
    private array $entries = [];

    private bool $settles = false;

    private float $x;

    private float $y;

    private ?CutKind $next = null;

    private ?float $minX = null;

    private ?float $maxX = null;

    private ?float $maxY = null;

    /** Whether he stops at the edge of the strip. */
    private bool $stops = false;

    public function __construct(
        private readonly SprintLaw $law,
        float $xYd,
        float $yYd,
        private readonly float $vxYd = 0.0,
        private readonly float $vyYd = 0.0,
    ) {
        $this->x = $xYd;
        $this->y = $yYd;
    }

    /** The path may not leave the strip between two widths, nor pass a depth; a runner stops at its edge. */
    public function inside(float $minXYd, float $maxXYd, ?float $maxYYd = null): self
    {
        $this->minX = $minXYd;
        $this->maxX = $maxXYd;
        $this->maxY = $maxYYd;

        return $this;
    }

    public function to(float $xYd, float $yYd): self
    {
        $xYd = $this->minX === null ? $xYd : max($this->minX, min($this->maxX, $xYd));
        $yYd = $this->maxY === null ? $yYd : min($this->maxY, $yYd);
        $dx = $xYd - $this->x;
        $dy = $yYd - $this->y;
        $length = sqrt($dx * $dx + $dy * $dy);
        if ($length > 1e-6) {
            $this->push($length, atan2($dx, $dy));
            $this->x = $xYd;
            $this->y = $yYd;
        }

        return $this;
    }

    /**
     * On a curve to a place, bending toward a corner he does not reach: a runner rounds it where a cut would cost him
     * his speed.
     */
    public function round(float $cornerXYd, float $cornerYYd, float $xYd, float $yYd): self
    {
        [$fromX, $fromY] = [$this->x, $this->y];
        for ($n = 1; $n <= self::CURVE_LEGS; $n++) {
            $t = $n / self::CURVE_LEGS;
            $rest = 1.0 - $t;
            $this->to(
                $rest * $rest * $fromX + 2.0 * $rest * $t * $cornerXYd + $t * $t * $xYd,
                $rest * $rest * $fromY + 2.0 * $rest * $t * $cornerYYd + $t * $t * $yYd,
            );
        }

        return $this;
    }

    public function cut(CutKind $kind): self
    {
        $this->next = $kind;

        return $this;
    }

    /** Runs on along a heading until the horizon. */
    public function run(float $headingDeg): Path
    {
        $this->push(200.0, deg2rad($headingDeg));

        return $this->build();
    }

    /** Stops at the end of the last leg and faces the quarterback. */
    public function settle(): Path
    {
        $this->settles = true;

        return $this->build();
    }

    private function push(float $length, float $heading): void
    {
        $this->legs[] = [$this->x, $this->y, $length, $heading];
        $this->entries[] = $this->next ?? CutKind::Bend;
        $this->next = null;
    }

    private function build(): Path
    {
        $this->stayInside();
        $allowed = $this->allowed();
        $x = $y = $vx = $vy = $cuts = [];
        // Of a speed at the snap only what points along the first leg is kept.
        $speed =
            $this->legs === []
                ? 0.0
                : max(0.0, $this->vxYd * sin($this->legs[0][3]) + $this->vyYd * cos($this->legs[0][3]));
        $start = 0.0;
        $tell = 0.0;
        $i = 0;
        foreach ($this->legs as $n => [$lx, $ly, $length, $heading]) {
            if ($n > 0) {
                $cuts[] = new Cut(
                    $start,
                    $lx,
                    $ly,
                    $this->entries[$n],
                    rad2deg($this->legs[$n - 1][3]),
                    rad2deg($heading),
                    $tell,
                );
            }
            $leg = Leg::of($this->law, $length, $speed, $allowed[$n]);
            $sin = sin($heading);
            $cos = cos($heading);
            for (; $i < Path::STEPS && $i * Path::STEP < $start + $leg->duration; $i++) {
                $t = $i * Path::STEP - $start;
                $s = $leg->distance($t);
                $v = $leg->speed($t);
                $x[] = $lx + $s * $sin;
                $y[] = $ly + $s * $cos;
                $vx[] = $v * $sin;
                $vy[] = $v * $cos;
            }
            $tell = $start + ($leg->brakes() ? $leg->brakesAt : $leg->duration);
            $speed = $leg->leavesYdS;
            $start += $leg->duration;
        }
        [$endX, $endY] = $this->end();
        if ($this->settles) {
            $last = $this->legs[count($this->legs) - 1];
            $cuts[] = new Cut($start, $endX, $endY, CutKind::Settle, rad2deg($last[3]), rad2deg($last[3]), $tell);
        }
        for (; $i < Path::STEPS; $i++) {
            $x[] = $endX;
            $y[] = $endY;
            $vx[] = 0.0;
            $vy[] = 0.0;
        }

        return new Path($x, $y, $vx, $vy, $cuts);
    }

    /**
     * The end of the last leg.
     *
     * @return array{float, float}
     */
    private function end(): array
    {
        if ($this->legs === []) {
            return [$this->x, $this->y];
        }
        [$x, $y, $length, $heading] = $this->legs[count($this->legs) - 1];

        return [$x + $length * sin($heading), $y + $length * cos($heading)];
    }

    /**
     * Speed each leg may be left with: what its cut allows, and what the legs after it leave room to brake from.
     *
     * @return list<float> yards a second
     */
    private function allowed(): array
    {
        $last = count($this->legs) - 1;
        $allowed = [];
        for ($n = $last; $n >= 0; $n--) {
            if ($n === $last) {
                $allowed[$n] = $this->settles || $this->stops ? 0.0 : INF;

                continue;
            }
            $turn = rad2deg($this->legs[$n + 1][3] - $this->legs[$n][3]);
            $through = $this->law->throughCut(fmod($turn + 540.0, 360.0) - 180.0);
            $room =
                $allowed[$n + 1] === INF
                    ? INF
                    : sqrt($allowed[$n + 1] ** 2 + 2.0 * $this->law->brakes * $this->legs[$n + 1][2]);
            $allowed[$n] = min($through, $room);
        }
        ksort($allowed);

        return array_values($allowed);
    }

    /** A last leg that would leave the strip ends at its edge, and he brakes for it. */
    private function stayInside(): void
    {
        $last = count($this->legs) - 1;
        if ($last < 0 || $this->minX === null || $this->maxX === null) {
            return;
        }
        [$x, $y, $length, $heading] = $this->legs[$last];
        $sin = sin($heading);
        $cos = cos($heading);
        $room = match (true) {
            $sin > 1e-9 => ($this->maxX - $x) / $sin,
            $sin < -1e-9 => ($this->minX - $x) / $sin,
            default => INF,
        };
        if ($this->maxY !== null && $cos > 1e-9) {
            $room = min($room, ($this->maxY - $y) / $cos);
        }
        if ($room < $length) {
            $this->legs[$last][2] = max(0.0, $room);
            $this->stops = true;
        }
    }
}
