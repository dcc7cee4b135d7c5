<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play\Behaviour;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Proof\Play\SeenRoute;
use Jacotaxis\Core\Proof\Play\Sight;
use Jacotaxis\Core\Proof\Play\Tracks;
use Jacotaxis\Core\Route\RunRoute;

/** A defender in motion. Subclasses say where he wants to go; he gets there with the sprint law's lag. */
abstract class Mover
{
    /** Nearer than this no two bodies come, yards between their middles. */
    private const APART_YD = 0.7;

    /** How hard a man closes on the spot he wants, 1/s. */
    protected const CLOSE = 3.5;

    /** Share of his brakes that a man plans to use. */
    private const EASY = 0.8;

    /** How near a place is reached, yards. */
    private const THERE_YD = 2.0;

    /**
     * How a man who believes a run steps, yards a second: sideways with the flow and toward the line (product
     * defaults).
     */
    private const BITES_YD_S = [2.5, 1.5];

    /** A man who comes to him is waited for until he is as near as this, yards. */
    protected const WAITS_YD = 3.0;

    protected float $x;

    protected float $y;

    protected float $vx = 0.0;

    protected float $vy = 0.0;

    /** The velocity he wants now. */
    protected float $wx = 0.0;

    protected float $wy = 0.0;

    protected readonly float $vmax;

    protected readonly float $tau;

    protected readonly float $pedal;

    protected readonly float $drop;

    protected readonly float $reaction;

    private bool $arrived = false;

    /** How hard he brakes, yd/s2. */
    protected readonly float $brakes;

    /** Seconds his hips cost him after a run action. */
    private readonly float $turns;

    /** Seconds the run action holds him. */
    private readonly float $hold;

    /** @var array{float, float} where he goes while the run action has him: with its flow and toward the line */
    private readonly array $bites;

    /**
     * @var array{float, float, float} what he does first against a man in front of him: until when, and the velocity
     */
    private readonly array $first;

    /** @var list<float> */
    private array $xs = [];

    /** @var list<float> */
    private array $ys = [];

    /** @var list<float> */
    private array $vxs = [];

    /** @var list<float> */
    private array $vys = [];

    /** @var list<Path> the receivers' ways */
    private readonly array $runners;

    public function __construct(
        protected readonly Defender $defender,
        private readonly SprintLaw $law,
        protected readonly Sight $sight,
    ) {
        $setting = $sight->scene->setting;
        $this->vmax = $law->vmax;
        $this->tau = $law->tau;
        $this->pedal = $setting->level->backpedal();
        $this->drop = $setting->level->zoneDrop();
        $this->reaction = $sight->reaction;
        $this->hold = $sight->scene->hold($defender);
        $flow = $sight->scene->flow();
        $this->bites =
            $this->hold <= 0.0
                ? [0.0, 0.0]
                : [self::BITES_YD_S[0] * ($flow?->sign() ?? 0), $flow === null ? 0.0 : -self::BITES_YD_S[1]];
        [$until, $sideways, $upfield] = $sight->scene->firstStep($defender);
        $this->first = [$until, $sideways * $law->vmax, $upfield * $law->vmax];
        $this->runners = array_values(array_map(fn (RunRoute $r): Path => $r->path, $sight->scene->routes));
        $this->brakes = $law->brakes;
        $this->turns = $setting->hips;
        $this->x = $defender->xYd;
        $this->y = $defender->yYd;
    }

    /** Sets wx and wy for step $i by the man's rule. */
    abstract public function steer(int $i): void;

    /**
     * His movement at the snap first, then what he does to a man in front of him, then the run action that holds him,
     * then his rule.
     */
    public function play(int $i): void
    {
        $movement = $this->defender->movement;
        if ($movement !== null && $i * Path::STEP < $movement->kind->lasts()) {
            $this->close(...[...$movement->to($this->defender->xYd, $this->defender->yYd), $this->vmax]);

            return;
        }
        if ($i * Path::STEP < $this->first[0]) {
            [, $this->wx, $this->wy] = $this->first;

            return;
        }
        if ($i * Path::STEP < $this->hold) {
            [$this->wx, $this->wy] = $this->bites;

            return;
        }
        if ($this->hold > 0.0 && $i * Path::STEP < $this->hold + $this->turns) {
            // He has seen that it is a pass and has to turn his hips before he can go back.
            $this->wx = $this->wy = 0.0;

            return;
        }
        $this->steer($i);
    }

    public function start(): void
    {
        $this->x = $this->defender->xYd;
        $this->y = $this->defender->yYd;
        $this->vx = $this->vy = 0.0;
        $this->xs = $this->ys = $this->vxs = $this->vys = [];
    }

    /** Takes up a recorded track at step $from. */
    public function resume(Tracks $rule, int $d, int $from): void
    {
        $this->xs = array_slice($rule->x[$d], 0, $from);
        $this->ys = array_slice($rule->y[$d], 0, $from);
        $this->vxs = array_slice($rule->vx[$d], 0, $from);
        $this->vys = array_slice($rule->vy[$d], 0, $from);
        $this->arrived = false;
        $this->x = $rule->x[$d][$from];
        $this->y = $rule->y[$d][$from];
        $this->vx = $rule->vx[$d][$from];
        $this->vy = $rule->vy[$d][$from];
    }

    /** Runs to a place and stands there; when the man he took has shown his break or comes past, he goes with him. */
    public function commit(int $i, float $xYd, float $yYd, ?int $taken): void
    {
        $this->arrived = $this->arrived || abs($xYd - $this->x) + abs($yYd - $this->y) < self::THERE_YD;
        $seen = $taken === null ? null : $this->sight->quick[$taken];
        if (
            $this->arrived &&
            $seen !== null &&
            ! $this->stillComing($seen, $i) &&
            ($i * Path::STEP >= $seen->brokenAt || ($seen->brokenAt === INF && $seen->y[$i] > $yYd - 1.0))
        ) {
            $this->close($seen->x[$i], $seen->y[$i], $this->vmax, self::CLOSE, $seen->vx[$i], $seen->vy[$i]);

            return;
        }
        $this->close($xYd, $yYd, $this->vmax, 4.0);
    }

    /** Whether the man he took runs toward him and is not there yet: he waits rather than run past him. */
    private function stillComing(SeenRoute $seen, int $i): bool
    {
        $dx = $this->x - $seen->x[$i];
        $dy = $this->y - $seen->y[$i];

        return $dx * $dx + $dy * $dy > self::WAITS_YD * self::WAITS_YD &&
            $dx * $seen->vx[$i] + $dy * $seen->vy[$i] > 0.0;
    }

    public function record(): void
    {
        $this->xs[] = $this->x;
        $this->ys[] = $this->y;
        $this->vxs[] = $this->vx;
        $this->vys[] = $this->vy;
    }

    /** One step toward the velocity he wants, by the law of his legs. */
    public function move(): void
    {
        [$this->vx, $this->vy] = $this->law->step($this->vx, $this->vy, $this->wx, $this->wy);
        $this->x += $this->vx * Path::STEP;
        $this->y += $this->vy * Path::STEP;
        $this->pushOff();
    }

    /** Where he would stand on a receiver he is pushed off him. */
    private function pushOff(): void
    {
        $next = min(Path::STEPS - 1, count($this->xs));
        foreach ($this->runners as $runner) {
            $dx = $this->x - $runner->x[$next];
            if ($dx > self::APART_YD || $dx < -self::APART_YD) {
                continue;
            }
            $dy = $this->y - $runner->y[$next];
            $apart = $dx * $dx + $dy * $dy;
            if ($apart < self::APART_YD * self::APART_YD && $apart > 1e-6) {
                $share = self::APART_YD / sqrt($apart);
                $this->x = $runner->x[$next] + $share * $dx;
                $this->y = $runner->y[$next] + $share * $dy;
            }
        }
    }

    /** @return array{list<float>, list<float>, list<float>, list<float>} x, y, vx, vy by step */
    public function taken(): array
    {
        return [$this->xs, $this->ys, $this->vxs, $this->vys];
    }

    /**
     * Wants the spot, at most at $limit yards a second, on top of a velocity to match; slows down in time to stop
     * there.
     */
    protected function close(
        float $xYd,
        float $yYd,
        float $limit,
        float $gain = self::CLOSE,
        float $withVx = 0.0,
        float $withVy = 0.0,
    ): void {
        $dx = $xYd - $this->x;
        $dy = $yYd - $this->y;
        $away = sqrt($dx * $dx + $dy * $dy);
        $pace = $away < 1e-6 ? 0.0 : min($gain, sqrt(2.0 * self::EASY * $this->brakes / $away));
        $this->wx = $withVx + $pace * $dx;
        $this->wy = $withVy + $pace * $dy;
        $this->limit($limit);
    }

    /** Cuts what he wants to what he can run, or to a limit in yards a second. */
    protected function limit(?float $limit = null): void
    {
        $limit ??= $this->vmax;
        $w = sqrt($this->wx * $this->wx + $this->wy * $this->wy);
        if ($w > $limit) {
            $this->wx *= $limit / $w;
            $this->wy *= $limit / $w;
        }
    }

    /**
     * Speed upfield that keeps a man on top of a runner: he pedals while the cushion lasts and runs in time.
     *
     * He turns at the cushion over + (v_runner - v_own) tau, so that he ends on top, not when it is already eaten.
     */
    protected function onTop(float $runnerY, float $runnerVy, float $over): float
    {
        $cushion = $this->y - $runnerY;
        $need = $over + max(0.0, $runnerVy - $this->vy) * $this->tau;
        if ($cushion <= $need) {
            return $runnerVy > 1.0 ? min($this->vmax, $runnerVy + ($need - $cushion) * 2.0) : 0.0;
        }

        return $this->pedal * max(0.0, min(1.0, ($need + 4.0 - $cushion) / 4.0)) * min(1.0, max(0.0, $runnerVy) / 3.0);
    }
}
