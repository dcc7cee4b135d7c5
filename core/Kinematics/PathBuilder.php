<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Kinematics;

/**
 * Builds a timed path from straight legs under the sprint law, with a loss of speed at each cut.
 *
 * Headings are degrees from downfield, positive toward +x.
 */
final class PathBuilder
{
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

    public function __construct(private readonly SprintLaw $law, float $xYd, float $yYd, private readonly float $vxYd = 0.0, private readonly float $vyYd = 0.0)
    {
        $this->x = $xYd;
        $this->y = $yYd;
    }

    /** The path may not leave the strip between two widths; a runner stops at its edge. */
    public function inside(float $minXYd, float $maxXYd): self
    {
        $this->minX = $minXYd;
        $this->maxX = $maxXYd;

        return $this;
    }

    public function to(float $xYd, float $yYd): self
    {
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

    /** Runs on along the last leg until the horizon. */
    public function runOn(): Path
    {
        $last = count($this->legs) - 1;
        $this->legs[$last][2] = 200.0;

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
        $x = $y = $vx = $vy = $cuts = [];
        // Of a speed at the snap only what points along the first leg is kept.
        $v0 = $this->legs === [] ? 0.0 : max(0.0, $this->vxYd * sin($this->legs[0][3]) + $this->vyYd * cos($this->legs[0][3]));
        $start = 0.0;
        $i = 0;
        foreach ($this->legs as $n => [$lx, $ly, $length, $heading]) {
            if ($n > 0) {
                $kind = $this->entries[$n];
                $v0 *= $kind->keeps();
                $cuts[] = new Cut($start, $lx, $ly, $kind, rad2deg($this->legs[$n - 1][3]), rad2deg($heading));
            }
            $duration = $this->law->time($length, $v0);
            $sin = sin($heading);
            $cos = cos($heading);
            for (; $i < Path::STEPS && $i * Path::STEP < $start + $duration; $i++) {
                $t = $i * Path::STEP - $start;
                $s = $this->law->distance($t, $v0);
                $v = $this->law->speed($t, $v0);
                $x[] = $lx + $s * $sin;
                $y[] = $ly + $s * $cos;
                $vx[] = $v * $sin;
                $vy[] = $v * $cos;
            }
            $v0 = $this->law->speed($duration, $v0);
            $start += $duration;
        }
        if ($this->settles) {
            $last = $this->legs[count($this->legs) - 1];
            $cuts[] = new Cut($start, $this->x, $this->y, CutKind::Settle, rad2deg($last[3]), rad2deg($last[3]));
        }
        for (; $i < Path::STEPS; $i++) {
            $x[] = $this->x;
            $y[] = $this->y;
            $vx[] = 0.0;
            $vy[] = 0.0;
        }

        return $this->clipped(new Path($x, $y, $vx, $vy, $cuts));
    }

    private function clipped(Path $path): Path
    {
        if ($this->minX === null || (min($path->x) >= $this->minX && max($path->x) <= $this->maxX)) {
            return $path;
        }
        $x = $path->x;
        $y = $path->y;
        $vx = $path->vx;
        $vy = $path->vy;
        for ($i = 1; $i < Path::STEPS; $i++) {
            if ($x[$i] < $this->minX || $x[$i] > $this->maxX) {
                $x[$i] = max($this->minX, min($this->maxX, $x[$i]));
                $y[$i] = $y[$i - 1];
                $vx[$i] = $vy[$i] = 0.0;
            }
        }

        return new Path($x, $y, $vx, $vy, $path->cuts);
    }
}
