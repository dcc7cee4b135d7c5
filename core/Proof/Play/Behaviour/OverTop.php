<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play\Behaviour;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Proof\Play\Phase;
use Jacotaxis\Core\Proof\Play\SeenRoute;
use Jacotaxis\Core\Proof\Play\Sight;

/**
 * Man to man: from off he stays on top on his leverage, in press he mirrors and then runs in phase, in trail he plays
 * the inside hip. At the tell of a cut that slows his man down he sits; after it he drives on the man.
 */
final class OverTop extends Mover
{
    /** Least and most width in yards of the leverage he keeps: as much as he lined up with. */
    private const LEVERAGE_YD = [1.0, 2.5];

    /** Yards he stays over a vertical man of his own where his job says nothing else, and over one he pressed. */
    private const OVER_YD = 0.7;

    private const PHASE_YD = 0.3;

    /** Yards a trailing man plays under his man's hip, with help on top. */
    private const TRAIL_YD = 0.2;

    /** Share of his leverage that he keeps in phase and in trail, and on which he sits at a tell. */
    private const IN_PHASE = 0.6;

    private const IN_TRAIL = 0.9;

    private const SITS_ON = 1.6;

    /** He sits when his man slows down below this upfield, yards a second. */
    private const SITS_BELOW_YD_S = 5.5;

    /** How far ahead of a man who has cut he runs, seconds, and the share of his velocity he matches. */
    private const LEAD_S = 0.5;

    private const MATCHES = 0.7;

    /** With help on top he runs with the whole of it. */
    private const TRAIL_MATCHES = 1.0;

    /** Two bodies of half a yard each do not pass through each other, yards between their middles. */
    private const BODIES_YD = 1.0;

    /**
     * A receiver who has not come as far as this is still behind the line, and a man stays as deep as that until he
     * has, yards; how far ahead he mirrors, seconds.
     */
    private const CROSSED_YD = 0.5;

    private const STAYS_YD = 3.5;

    private const MIRROR_S = 0.4;

    /** A man up on his receiver steps sideways at most this far before he is passed, yards. */
    private const MIRROR_YD = 1.0;

    /**
     * A man up on his receiver slides back when the man is on him, turns and runs when he is level, and is passed from
     * this depth on, yards.
     */
    private const ON_HIM_YD = 1.0;

    private const PASSED_YD = 0.3;

    private const PRESSED_TO_YD = 4.0;

    /** Who has given so much ground plays him from off, yards. */
    private const BAILED_YD = 1.5;

    private readonly SeenRoute $seen;

    private readonly float $shade;

    /** Yards he stays over a man who runs up. */
    private readonly float $overYd;

    /** Whether he stands up on his man. */
    private readonly bool $presses;

    /** @var list<Path> the other receivers, who are in his way */
    private readonly array $bodies;

    /** @param  float  $knowsFrom  when he knows that the receiver is his, seconds */
    public function __construct(
        Defender $defender,
        SprintLaw $law,
        Sight $sight,
        int $receiver,
        private readonly float $knowsFrom = 0.0,
    ) {
        parent::__construct($defender, $law, $sight);
        $leverage = $defender->job->leverage;
        $this->overYd = $defender->job->overYd ?? self::OVER_YD;
        $this->seen = $sight->alone($receiver, $leverage);
        $out = $this->seen->x[0] < 0.0 ? -1.0 : 1.0;
        $lined = max(self::LEVERAGE_YD[0], min(self::LEVERAGE_YD[1], abs($defender->xYd - $this->seen->x[0])));
        $this->shade = $out * $lined * match ($leverage) {
            'inside' => -1.0, 'outside' => 1.0, default => 0.0
        };
        $press = (float) $sight->scene->setting->schools->value('press');
        $this->presses =
            $defender->yYd - max(0.0, $this->seen->y[0]) <= $press && abs($defender->xYd - $this->seen->x[0]) <= $press;
        $this->bodies = array_values(
            array_map(
                fn (string $l): Path => $sight->scene->routes[$l]->path,
                array_diff($sight->letters, [$sight->letters[$receiver]]),
            ),
        );
    }

    /** His rule, round the bodies in his way. */
    public function play(int $i): void
    {
        parent::play($i);
        $this->goRound($i);
    }

    /** A man who goes for the ball has the same bodies in his way. */
    public function commit(int $i, float $xYd, float $yYd, ?int $taken): void
    {
        parent::commit($i, $xYd, $yYd, $taken);
        $this->goRound($i);
    }

    private function goRound(int $i): void
    {
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
        if ($i * Path::STEP < $this->knowsFrom) {
            // He sees men who stand together come, and stays over them where he is until they part.
            $this->close($this->defender->xYd, $this->y, $this->pedal);
            $up = $this->seen->vy[$i] > 0.0;
            $this->wy = $up ? $this->onTop($this->seen->y[$i], $this->seen->vy[$i], $this->overYd) : 0.0;

            return;
        }
        match ($this->seen->phase[$i]) {
            Phase::Stem => $this->stem(
                $this->seen->x[$i],
                $this->seen->y[$i],
                $this->seen->vx[$i],
                $this->seen->vy[$i],
            ),
            Phase::Tell => $this->told($i),
            Phase::Broken => $this->drive($i),
        };
    }

    /** Whether his man still runs a vertical stem as far as he can tell. */
    public function unbroken(int $i): bool
    {
        return $this->seen->phase[$i] === Phase::Stem;
    }

    /**
     * Takes out what of his speed, and of what he wants, runs into a body on the side (-nx, -ny): he slides along it.
     */
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

    /** His man slows down: he sits on his leverage and lets him come. A man who keeps his speed is run with. */
    private function told(int $i): void
    {
        $seen = $this->seen;
        if ($seen->vy[$i] >= self::SITS_BELOW_YD_S) {
            $this->stem($seen->x[$i], $seen->y[$i], $seen->vx[$i], $seen->vy[$i]);

            return;
        }
        $this->close(
            $seen->x[$i] + self::SITS_ON * $this->shade,
            max($this->y, $seen->y[$i]),
            $this->vmax,
            self::CLOSE,
            $seen->vx[$i],
            0.0,
        );
        $this->wy = max(0.0, min($this->wy, $seen->vy[$i]));
    }

    /** His man has cut: he runs to where he will be. */
    private function drive(int $i): void
    {
        $seen = $this->seen;
        $away = hypot($seen->x[$i] - $this->x, $seen->y[$i] - $this->y);
        $lead = min(self::LEAD_S, $away / $this->vmax);
        $matches = $this->defender->job->trails ? self::TRAIL_MATCHES : self::MATCHES;
        if ($seen->vy[$i] > 2.0 && $seen->vy[$i] > abs($seen->vx[$i]) && $this->y > $seen->y[$i]) {
            // A break that goes on upfield is stayed on top of.
            $this->wy = $this->onTop($seen->y[$i], $seen->vy[$i], $this->overYd);
            $this->wx = $seen->vx[$i] + ($seen->x[$i] - $this->x) * self::CLOSE;
            $this->limit();

            return;
        }
        $this->close(
            $seen->x[$i] + $lead * $seen->vx[$i],
            $seen->y[$i] + $lead * $seen->vy[$i],
            $this->vmax,
            self::CLOSE,
            $matches * $seen->vx[$i],
            $matches * $seen->vy[$i],
        );
    }

    private function stem(float $rx, float $ry, float $rvx, float $rvy): void
    {
        $upfield = $rvy > 0.8 * abs($rvx) && $rvy > 2.0;
        $bailed = $this->y > $this->defender->yYd + self::BAILED_YD && $this->y - $ry > self::BAILED_YD;
        if ($this->presses && ! $bailed && $ry < $this->y - self::PASSED_YD && $ry < self::PRESSED_TO_YD) {
            // He mirrors on his feet and gives no ground; once the runner is on him he turns and runs with him.
            $x = max(
                $this->defender->xYd - self::MIRROR_YD,
                min($this->defender->xYd + self::MIRROR_YD, $rx + $this->shade),
            );
            $this->close($x, $this->defender->yYd, $this->pedal);
            $this->wy = $ry < $this->y - self::ON_HIM_YD ? $this->wy : max(0.0, min($rvy, $this->pedal));

            return;
        }
        if ($ry < -0.4 && ! $upfield && $this->y > 3.0 && abs($rvx) < 1.0) {
            $this->close($rx + $this->shade, $this->y, $this->pedal);

            return;
        }
        if ($ry < self::CROSSED_YD && ! $upfield && $this->y > self::STAYS_YD) {
            // A man behind the line is mirrored, not met there; one who comes this way is waited for.
            $comes = ($this->x - $rx) * $rvx > 0.0 && abs($this->x - $rx) > self::WAITS_YD;
            $this->close(
                $comes ? $this->x : $rx + self::MIRROR_S * $rvx + 0.5 * $this->shade,
                max(self::STAYS_YD, min($this->y, $this->defender->yYd)),
                $this->vmax,
            );

            return;
        }
        if ($this->defender->job->trails) {
            $this->close(
                $rx + self::IN_TRAIL * $this->shade,
                $ry - ($upfield && $ry > 2.0 ? self::TRAIL_YD : 0.0),
                $this->vmax,
                self::CLOSE,
                $rvx,
                $rvy,
            );

            return;
        }
        if ($this->presses && ! $bailed) {
            $this->close(
                $rx + self::IN_PHASE * $this->shade,
                $ry + self::PHASE_YD,
                $this->vmax,
                self::CLOSE,
                $rvx,
                $rvy,
            );

            return;
        }
        if ($upfield && $this->y > $ry) {
            $this->wy = $this->onTop($ry, $rvy, $this->overYd);
            $this->wx = $rvx + ($rx + $this->shade - $this->x) * self::CLOSE;
            $this->limit();

            return;
        }
        $this->close($rx, $ry, $this->vmax, self::CLOSE, $rvx, $rvy);
    }
}
