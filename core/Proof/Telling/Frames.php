<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling;

use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Kinematics\Arm;
use Jacotaxis\Core\Kinematics\BallFlight;
use Jacotaxis\Core\Kinematics\Bodies;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Play\Tracks;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Telling\Run\RunWays;
use Jacotaxis\Core\Proof\Throwing\Outcome;
use Jacotaxis\Core\Proof\Throwing\ThrowLine;

/**
 * The play as pictures, twenty a second: the twenty-two men and the ball. Yards, seconds; the ball has a height.
 *
 * @phpstan-type FrameRows array{step: float, men: list<string>, defenders: list<string>, at: list<list<float>>,
 *     ball: list<array{float, float, float}>}
 */
final class Frames
{
    /** Seconds shown after the catch. */
    private const AFTER = 0.6;

    /** A fake shows the run this long, and this long it takes until everybody does what he has to, seconds. */
    private const SHOWS_S = 0.8;

    private const OVER_S = 1.6;

    /** How readily the passer gives way at a touch. */
    private const PASSER = 0.1;

    /** How readily a man gives way who covers: he is where the proof has him until somebody is in his way. */
    private const COVERS = 0.3;

    /** The snap takes this long to the gun. */
    private const SNAP = 0.3;

    /**
     * @param  Tracks|null  $act  the track of a defender who leaves his rule
     * @return FrameRows `at` holds x, y of the men then of the defenders in turn
     */
    public static function of(Proof $proof, ?int $d = null, ?Tracks $act = null, ?Outcome $outcome = null): array
    {
        $scene = $proof->scene;
        $rule = $proof->playOut->byRule();
        $tracks = $d === null || $act === null ? $rule : $rule->with($d, $act);
        $line = ($outcome ?? $proof->ruleTrue)->line;
        $until = min(
            Path::STEPS - 1,
            (int) ceil((($line?->caughtAt() ?? $scene->setting->pocket) + self::AFTER) / Path::STEP),
        );
        $fake = $proof->pair?->base === null ? null : RunWays::ruleTrue($proof->pair->base);
        $wanted = fn (int $i): array => [
            ...array_map(
                fn (string $letter): array => self::faking($proof, $fake, $letter, $i)
                    ?? self::man($scene, $letter, $i),
                array_keys($scene->men),
            ),
            ...array_map(
                fn (int $n): array => self::defender($proof, $tracks, $n, $i),
                array_keys($scene->defenders),
            ),
        ];
        $bodies = self::bodies($scene);
        $passer = (int) array_search($scene->passer(), array_keys($scene->men), true);
        $at = $ball = [];
        for ($i = 0; $i <= $until; $i++) {
            $row = $i === 0 ? $bodies->places() : $bodies->step($wanted($i), $wanted(min($until, $i + 1)));
            $at[] = array_merge(...array_map(fn (array $p): array => [round($p[0], 2), round($p[1], 2)], $row));
            $ball[] = self::ball($scene, $line, $i, $row[$passer]);
        }

        return ['step' => Path::STEP, 'men' => array_keys($scene->men),
            'defenders' => array_map(fn ($one): string => $one->role, $scene->defenders), 'at' => $at, 'ball' => $ball];
    }

    /**
     * The men of a pass as bodies: who runs a route is held to the way the proof timed; line, blockers, rushers and
     * who covers move by the law and give way.
     */
    private static function bodies(Scene $scene): Bodies
    {
        $level = $scene->setting->level;
        $laws = $starts = $speeds = $yields = [];
        foreach ($scene->men as $letter => $man) {
            $laws[] = $man->isLineman() ? $level->lineman() : $scene->setting->law($letter);
            $starts[] = [$man->xYd, $man->yYd];
            // Of his motion he keeps at the snap what his way keeps of it.
            [$x, $y] = self::man($scene, $letter, 1);
            $speeds[] = $man->inMotion()
                ? [($x - $man->xYd) / Path::STEP, ($y - $man->yYd) / Path::STEP]
                : [0.0, 0.0];
            $yields[] = match (true) {
                isset($scene->routes[$letter]) => 0.0,
                $letter === $scene->passer() => self::PASSER,
                default => 1.0,
            };
        }
        foreach ($scene->defenders as $d) {
            $laws[] = $level->of($d->group);
            $starts[] = [$d->xYd, $d->yYd];
            $speeds[] = [0.0, 0.0];
            $yields[] = $d->job->kind === JobKind::Rush ? 1.0 : self::COVERS;
        }

        return new Bodies($laws, $starts, $speeds, $yields);
    }

    /** @return array{float, float} where the defender $n is wanted at a step */
    private static function defender(Proof $proof, Tracks $tracks, int $n, int $i): array
    {
        $defender = $proof->scene->defenders[$n];

        return $defender->job->kind === JobKind::Rush
            ? Trenches::rusher($proof->scene, $defender, $i * Path::STEP, $proof->protection)
            : [$tracks->x[$n][$i], $tracks->y[$n][$i]];
    }

    /**
     * Line, backs and quarterback show the run first: until the mesh they are where the run has them, then they go
     * over to what they do. Null for a man who has left the run, or has a route from the snap.
     *
     * @return array{float, float}|null
     */
    private static function faking(Proof $proof, ?RunWays $fake, string $letter, int $i): ?array
    {
        $man = $proof->scene->men[$letter];
        $t = $i * Path::STEP;
        if ($fake === null || $t >= self::OVER_S || ! ($man->isLineman() || $man->isQuarterback() || $man->isBack())) {
            return null;
        }
        [$rx, $ry] = $fake->man($letter, min($i, (int) round(self::SHOWS_S / Path::STEP)));
        [$ox, $oy] = self::man($proof->scene, $letter, $i);
        $share = max(0.0, ($t - self::SHOWS_S) / (self::OVER_S - self::SHOWS_S));

        return [$rx + $share * ($ox - $rx), $ry + $share * ($oy - $ry)];
    }

    /** @return array{float, float} */
    public static function man(Scene $scene, string $letter, int $i): array
    {
        if (isset($scene->routes[$letter])) {
            return [$scene->routes[$letter]->path->x[$i], $scene->routes[$letter]->path->y[$i]];
        }

        return $letter === $scene->passer()
            ? Trenches::passer($scene, $i * Path::STEP)
            : Trenches::blocker($scene, $letter, $i * Path::STEP);
    }

    /**
     * @param  array{float, float}  $passer  where he is
     * @return array{float, float, float} width, depth and height of the ball
     */
    private static function ball(Scene $scene, ?ThrowLine $line, int $i, array $passer): array
    {
        $t = $i * Path::STEP;
        if ($t < self::SNAP) {
            $share = $t / self::SNAP;

            return [0.0, round($share * $scene->men['Q']->yYd, 2), 0.3 + 0.9 * $share];
        }
        if ($line === null || $t <= $line->outAt()) {
            return [round($passer[0], 2), round($passer[1], 2), 1.3];
        }
        if ($t >= $line->caughtAt()) {
            [$x, $y] = self::man($scene, $line->letter, $i);

            return [round($x, 2), round($y, 2), BallFlight::CATCH_YD];
        }
        [$qx, $qy] = $scene->launch();
        $share = min(1.0, Arm::distanceAt($t - $line->outAt(), $line->groundSpeed) / $line->distanceYd);

        return [round($qx + $share * ($line->xYd - $qx), 2), round($qy + $share * ($line->yYd - $qy), 2),
            round(Arm::heightAt($t - $line->outAt(), $line->groundSpeed, $line->upSpeed), 2)];
    }
}
