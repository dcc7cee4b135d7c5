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

    private readonly SeenRoute $seen;

    private readonly float $shade;

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

    private function cover(float $rx, float $ry, float $rvx, float $rvy): void
    {
        $upfield = $rvy > 0.8 * abs($rvx) && $rvy > 2.0;
        if ($ry < -0.4 && ! $upfield && $this->y > 3.0 && abs($rvx) < 1.0) {
            $this->close($rx + $this->shade, $this->y, $this->pedal);

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
