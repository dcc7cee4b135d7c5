<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play;

use Jacotaxis\Core\Kinematics\CutKind;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Route\RunRoute;

/**
 * A route as a defender sees it who notices each tell a reaction late: until then the runner seems to go on as before,
 * after that he sees the truth.
 */
final readonly class SeenRoute
{
    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     * @param  list<float>  $vx
     * @param  list<float>  $vy
     * @param  list<Phase>  $phase  what he knows of the route at each step
     * @param  float  $toldAt  when the first tell is noticed, seconds; INF for a route without a cut
     * @param  float  $brokenAt  when the first cut is noticed, seconds; INF for a route without a cut
     */
    private function __construct(
        public array $x,
        public array $y,
        public array $vx,
        public array $vy,
        public array $phase,
        public float $toldAt,
        public float $brokenAt,
    ) {
    }

    /** @param  float  $breakDelay  extra delay on the cuts of the route, seconds */
    public static function of(RunRoute $run, float $reaction, float $breakDelay): self
    {
        $path = $run->path;
        $x = $path->x;
        $y = $path->y;
        $vx = $path->vx;
        $vy = $path->vy;
        $phase = array_fill(0, Path::STEPS, Phase::Stem);
        $toldAt = $brokenAt = INF;
        for ($i = 0; $i < self::step($reaction); $i++) {
            $x[$i] = $path->x[0];
            $y[$i] = $path->y[0];
            $vx[$i] = $vy[$i] = 0.0;
        }
        foreach ($path->cuts as $n => $cut) {
            if ($cut->kind === CutKind::Bend) {
                continue;
            }
            $release = $n < $run->releaseCuts;
            $tell = max($cut->tellAt, $cut->t - RunRoute::TELL_S);
            $until = $tell + $reaction + ($release ? 0.0 : $breakDelay);
            $before = max(0, self::step($tell) - 1);
            $seenAt = min(Path::STEPS, self::step($until));
            for ($i = $before + 1; $i < $seenAt; $i++) {
                $ahead = ($i - $before) * Path::STEP;
                $x[$i] = $path->x[$before] + $path->vx[$before] * $ahead;
                $y[$i] = $path->y[$before] + $path->vy[$before] * $ahead;
                $vx[$i] = $path->vx[$before];
                $vy[$i] = $path->vy[$before];
            }
            if ($release) {
                continue;
            }
            $broken = max($until, $cut->t);
            $toldAt = min($toldAt, $until);
            $brokenAt = min($brokenAt, $broken);
            for ($i = $seenAt; $i < Path::STEPS; $i++) {
                $phase[$i] = $i < self::step($broken) ? Phase::Tell : Phase::Broken;
            }
        }

        return new self(
            array_values($x),
            array_values($y),
            array_values($vx),
            array_values($vy),
            array_values($phase),
            $toldAt,
            $brokenAt,
        );
    }

    /** The first step at or after a time; what falls on a step falls on it from either side of the field. */
    private static function step(float $seconds): int
    {
        return max(0, (int) ceil(round($seconds / Path::STEP, 6)));
    }

    /** Whether he runs up the field as far as the defender can tell, faster than $over yards a second. */
    public function runsUp(int $i, float $over = 2.0): bool
    {
        return $this->vy[$i] > $over && $this->vy[$i] > 0.8 * abs($this->vx[$i]);
    }
}
