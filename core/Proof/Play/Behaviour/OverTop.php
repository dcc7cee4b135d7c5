<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play\Behaviour;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Proof\Play\SeenRoute;
use Jacotaxis\Core\Proof\Play\Sight;

/** Man to man from off: keeps his leverage and stays on top while the man runs upfield, then runs with the break. */
final class OverTop extends Mover
{
    /** Least and most width in yards of the leverage he keeps: as much as he lined up with. */
    private const LEVERAGE_YD = [1.0, 2.5];

    /** Yards he stays over a vertical man of his own. */
    private const OVER_YD = 2.0;

    /** Yards a trailing man plays under his man's hip, with help on top. */
    private const TRAIL_YD = 1.0;

    /** Two bodies of half a yard each do not pass through each other, yards between their middles. */
    private const BODIES_YD = 1.0;

    /** A receiver who has not come as far as this is still behind the line, and a man stays as deep as that until he has, yards; how far ahead he mirrors, seconds. */
    private const CROSSED_YD = 0.5;

    private const STAYS_YD = 3.5;

    private const MIRROR_S = 0.4;

    /** A man up on his receiver steps sideways at most this far before he is passed, yards. */
    private const MIRROR_YD = 1.0;

    /** From this speed upfield on a man up on his receiver turns and runs, yards a second. */
    private const COMING_YD_S = 1.5;

    private readonly SeenRoute $seen;

    private readonly float $shade;

    /** Whether he stands up on his man. */
    private readonly bool $presses;

    /** @var list<Path> the other receivers, who are in his way */
    private readonly array $bodies;

    public function __construct(Defender $defender, SprintLaw $law, Sight $sight, int $receiver)
    {
        parent::__construct($defender, $law, $sight);
        $leverage = $defender->job->leverage;
        $this->seen = $sight->by($receiver, $leverage);
        $out = $this->seen->x[0] < 0.0 ? -1.0 : 1.0;
        $lined = max(self::LEVERAGE_YD[0], min(self::LEVERAGE_YD[1], abs($defender->xYd - $this->seen->x[0])));
        $this->shade = $out * $lined * match ($leverage) {
            'inside' => -1.0, 'outside' => 1.0, default => 0.0
        };
        $press = (float) $sight->scene->setting->schools->value('press');
        $this->presses = $defender->yYd - max(0.0, $this->seen->y[0]) <= $press && abs($defender->xYd - $this->seen->x[0]) <= $press;
        $this->bodies = array_values(array_map(fn (string $l): Path => $sight->scene->routes[$l]->path, array_diff($sight->letters, [$sight->letters[$receiver]])));
    }

    /** His rule, round the bodies in his way. */
    public function play(int $i): void
    {
        parent::play($i);
        foreach ($this->bodies as $body) {
            $dx = $this->x - $body->x[$i];
            $dy = $this->y - $body->y[$i];
            $apart = $dx * $dx + $dy * $dy;
            if ($apart < self::BODIES_YD * self::BODIES_YD && $apart > 1e-6) {
                $this->slide($dx / sqrt($apart), $dy / sqrt($apart), $body->vx[$i], $body->vy[$i]);
            }
        }
    }

    public function steer(int $i): void
    {
        $this->cover($this->seen->x[$i], $this->seen->y[$i], $this->seen->vx[$i], $this->seen->vy[$i]);
    }

    /** Whether his man still runs a vertical stem as far as he can tell. */
    public function unbroken(int $i): bool
    {
        return $i * Path::STEP < $this->seen->brokenAt;
    }

    /** Takes out what of his speed, and of what he wants, runs into a body on the side (-nx, -ny): he slides along it. */
    private function slide(float $nx, float $ny, float $bodyVx, float $bodyVy): void
    {
        $into = ($this->vx - $bodyVx) * $nx + ($this->vy - $bodyVy) * $ny;
        if ($into < 0.0) {
            $this->vx -= $into * $nx;
            $this->vy -= $into * $ny;
        }
        $wants = ($this->wx - $bodyVx) * $nx + ($this->wy - $bodyVy) * $ny;
        if ($wants < 0.0) {
            $this->wx -= $wants * $nx;
            $this->wy -= $wants * $ny;
        }
    }

    private function cover(float $rx, float $ry, float $rvx, float $rvy): void
    {
        $upfield = $rvy > 0.8 * abs($rvx) && $rvy > 2.0;
        if ($this->presses && $ry < $this->defender->yYd) {
            // He mirrors on his feet and does not come up; once the runner comes he turns and runs with him.
            $x = max($this->defender->xYd - self::MIRROR_YD, min($this->defender->xYd + self::MIRROR_YD, $rx + $this->shade));
            $this->close($x, $this->defender->yYd, $this->pedal);
            $this->wy = $rvy < self::COMING_YD_S ? $this->wy : $this->vmax;

            return;
        }
        if ($ry < -0.4 && ! $upfield && $this->y > 3.0 && abs($rvx) < 1.0) {
            $this->close($rx + $this->shade, $this->y, $this->pedal);

            return;
        }
        if ($ry < self::CROSSED_YD && ! $upfield && $this->y > self::STAYS_YD) {
            // A man behind the line is mirrored, not met there; one who comes this way is waited for.
            $comes = ($this->x - $rx) * $rvx > 0.0 && abs($this->x - $rx) > self::WAITS_YD;
            $this->close($comes ? $this->x : $rx + self::MIRROR_S * $rvx + 0.5 * $this->shade, max(self::STAYS_YD, min($this->y, $this->defender->yYd)), $this->vmax);

            return;
        }
        if ($this->defender->job->trails) {
            $under = $this->unbrokenUnder($ry, $upfield);
            $this->close($rx + 0.5 * $this->shade, $ry - $under, $this->vmax, self::CLOSE, $rvx, $rvy);

            return;
        }
        if ($upfield && $this->y > $ry) {
            $this->wy = $this->onTop($ry, $rvy, self::OVER_YD);
            $this->wx = $rvx + ($rx + $this->shade - $this->x) * self::CLOSE;
            $this->limit();

            return;
        }
        $this->close($rx, $ry, $this->vmax, self::CLOSE, $rvx, $rvy);
    }

    /** How far under his man a trailing defender plays: on the hip while he runs upfield, level once he breaks. */
    private function unbrokenUnder(float $ry, bool $upfield): float
    {
        return $upfield && $ry > 2.0 ? self::TRAIL_YD : 0.0;
    }
}
