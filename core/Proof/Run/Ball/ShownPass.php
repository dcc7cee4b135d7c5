<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run\Ball;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Play\PlayOut;
use Jacotaxis\Core\Proof\Play\Tracks;
use Jacotaxis\Core\Proof\Run\Chase\Tackler;
use Jacotaxis\Core\Proof\Scene\Scene;

/**
 * A run or a screen that looks like a pass: until the ball is where it goes the front rushes the passer and the
 * coverage drops. Yards and seconds.
 */
final readonly class ShownPass
{
    /** A man of the front starts this long after the snap, seconds (as on any snap). */
    private const STARTS_S = 0.15;

    /** A man with a blocker on him comes this share as fast as in the open (product default). */
    private const BLOCKED = 0.6;

    /** He stops short of the passer and looks for the ball, yards. */
    private const SHORT_YD = 1.5;

    private Tracks $coverage;

    /** Who looks inside sees linemen leave their men: so long after they go out the screen is told, seconds. */
    private const TOLD_S = 0.5;

    /**
     * @param  float  $endsAt  when the ball is handed over or thrown
     * @param  bool  $handed  whether the ball is handed over, not thrown
     * @param  float|null  $goOutAt  when linemen go out in front of a screen; null where none do
     */
    public function __construct(
        private Scene $scene,
        private float $endsAt,
        private bool $handed,
        private ?float $goOutAt = null,
    ) {
        $this->coverage = (new PlayOut($scene))->byRule();
    }

    /**
     * The man where his pass play has taken him when he sees that it is none.
     *
     * @param  bool  $hasRunner  whether the man who gets the ball is his man to man
     */
    public function tackler(Defender $d, float $reachYd, bool $hasRunner): Tackler
    {
        $told = $this->goOutAt === null || $d->group === Group::Corner ? INF : $this->goOutAt + self::TOLD_S;
        // Who rushes, or looks at the runner, has the ball handed over before his eyes; for a throw he has to turn.
        $before = $this->handed && ($d->rushes() || $hasRunner);
        $knows = min($this->endsAt, $told) + ($before ? 0.0 : $d->reaction ?? $this->scene->setting->reaction);
        [$x, $y, $vx, $vy] = $this->at($d, $knows);

        return new Tackler($d->role, $x, $y, $knows, $this->scene->setting->level->of($d->group), $reachYd, $vx, $vy);
    }

    /** @return array{float, float, float, float} where he is as on a pass, and how fast, yards and yards a second */
    public function at(Defender $d, float $t): array
    {
        if ($d->job->kind === JobKind::Man && ! isset($this->scene->routes[(string) $d->takes])) {
            // His man runs no route: he stays on him and looks.
            return [$d->xYd, $d->yYd, 0.0, 0.0];
        }
        $roles = array_map(fn (Defender $o): string => $o->role, $this->scene->defenders);
        $place = array_search($d->role, $roles, true);
        if ($place === false || ! isset($this->coverage->x[$place])) {
            return $this->rushed($d, $t);
        }
        $i = min(Path::STEPS - 1, (int) round($t / Path::STEP));

        return [
            $this->coverage->x[$place][$i],
            $this->coverage->y[$place][$i],
            $this->coverage->vx[$place][$i],
            $this->coverage->vy[$place][$i],
        ];
    }

    /** When a rusher whom nobody blocks is at the passer, seconds from the snap. */
    public function hurriedAt(Defender $d): float
    {
        [$qx, $qy] = $this->scene->launch();
        $way = hypot($d->xYd - $qx, $d->yYd - $qy) - self::SHORT_YD;

        return self::STARTS_S + $this->scene->setting->level->of($d->group)->time(max(0.1, $way));
    }

    /** @return array{float, float, float, float} place and velocity of a rusher at a moment */
    private function rushed(Defender $d, float $at): array
    {
        [$x, $y] = $d->movement === null ? [$d->xYd, $d->yYd] : $d->movement->to($d->xYd, $d->yYd);
        [$qx, $qy] = $this->scene->launch();
        $away = max(0.1, hypot($qx - $x, $qy - $y));
        $pace = $d->group->isFront() ? self::BLOCKED : 1.0;
        $law = $this->scene->setting->level->of($d->group);
        $t = max(0.0, $at - self::STARTS_S);
        $came = min($pace * $law->distance($t), max(0.0, $away - self::SHORT_YD));
        $speed = $came < $away - self::SHORT_YD ? $pace * $law->speed($t) : 0.0;

        return [
            $x + ($came / $away) * ($qx - $x),
            $y + ($came / $away) * ($qy - $y),
            ($speed / $away) * ($qx - $x),
            ($speed / $away) * ($qy - $y),
        ];
    }
}
