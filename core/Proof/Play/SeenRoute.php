<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play;

use Jacotaxis\Core\Kinematics\CutKind;
use Jacotaxis\Core\Kinematics\Path;

/** A route as a defender sees it who notices each change of direction late: until then the runner seems to go on as before. */
final readonly class SeenRoute
{
    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     * @param  list<float>  $vx
     * @param  list<float>  $vy
     * @param  float  $brokenAt  when the break is noticed, seconds
     */
    private function __construct(
        public array $x,
        public array $y,
        public array $vx,
        public array $vy,
        public float $brokenAt,
    ) {
    }

    /** @param  float  $breakDelay extra delay on sharp cuts, seconds */
    public static function of(Path $path, float $reaction, float $breakDelay): self
    {
        $x = $path->x;
        $y = $path->y;
        $vx = $path->vx;
        $vy = $path->vy;
        $brokenAt = INF;
        for ($i = 0; $i * Path::STEP < $reaction; $i++) {
            $x[$i] = $path->x[0];
            $y[$i] = $path->y[0];
            $vx[$i] = $vy[$i] = 0.0;
        }
        foreach ($path->cuts as $cut) {
            if ($cut->kind === CutKind::Bend) {
                continue;
            }
            $until = $cut->t + $reaction + $breakDelay;
            $brokenAt = min($brokenAt, $until);
            $before = max(0, (int) ceil($cut->t / Path::STEP) - 1);
            for ($i = $before + 1; $i < Path::STEPS && $i * Path::STEP < $until; $i++) {
                $ahead = ($i - $before) * Path::STEP;
                $x[$i] = $path->x[$before] + $path->vx[$before] * $ahead;
                $y[$i] = $path->y[$before] + $path->vy[$before] * $ahead;
                $vx[$i] = $path->vx[$before];
                $vy[$i] = $path->vy[$before];
            }
        }

        return new self($x, $y, $vx, $vy, $brokenAt);
    }
}
