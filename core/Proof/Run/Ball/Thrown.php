<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run\Ball;

use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Blocking\Run\Screen;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\CutKind;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\PathBuilder;
use Jacotaxis\Core\Proof\Scene\Scene;

/** The ways of a ball that is thrown in a run: at the line, and to the man of a screen. Yards and seconds. */
final readonly class Thrown
{
    /** Catch the snap and turn, seconds; speed along the ground as a share of the release. */
    private const CATCH_S = 0.35;

    private const ALONG = 0.88;

    private int $sign;

    public function __construct(private Scene $scene, private Resolved $resolved)
    {
        $this->sign = $resolved->run->side->sign();
    }

    /**
     * A throw at the line, out of the hand at a moment: from the catch he runs up the alley behind the men who block
     * for him (RPO-05).
     */
    public function quick(string $letter, float $leaves = Carriers::SNAP_S + self::CATCH_S): Carrier
    {
        $route = $this->scene->routes[$letter]->path;
        [$qx, $qy] = $this->scene->launch();
        [$x, $y] = $route->at($leaves);
        $at = $leaves;
        for ($n = 0; $n < 3; $n++) {
            [$x, $y] = $route->at($at);
            $at = $leaves + hypot($x - $qx, $y - $qy) / ($this->scene->setting->level->releaseSpeed() * self::ALONG);
        }
        $i = min(Path::STEPS - 1, (int) round($at / Path::STEP));
        $out = $x < 0.0 ? -1.0 : 1.0;
        $run = (new PathBuilder($this->scene->setting->law($letter), $x, $y, $route->vx[$i], $route->vy[$i]))
            ->inside(
                $this->scene->frame->sidelineX(Side::Left) + 0.7,
                $this->scene->frame->sidelineX(Side::Right) - 0.7,
            )
            ->to($x + 1.5 * $out, max($y + 1.0, 0.5))
            ->cut(CutKind::Speed)
            ->run(5.0 * $out);
        $late = $run->delayed($i * Path::STEP);

        return new Carrier(
            'throw',
            $letter,
            new Path(
                self::joined($route->x, $late->x, $i),
                self::joined($route->y, $late->y, $i),
                self::joined($route->vx, $late->vx, $i),
                self::joined($route->vy, $late->vy, $i),
            ),
            $at,
            "{$this->scene->routes[$letter]->spec->name}, ".($out < 0.0 ? 'left' : 'right').' alley',
        );
    }

    /** The man of a screen: what he sells, the catch behind the line when ball and man are there, then up the field. */
    public function screen(Screen $screen): ?Carrier
    {
        $letter = $this->resolved->who(Verb::Carry);
        if ($letter === null) {
            return null;
        }
        $man = $this->scene->men[$letter];
        $u = $screen->wideYd ?? $man->xYd * $this->sign + $screen->outYd;
        [$qx, $qy] = $this->scene->launch();
        $air = hypot($u * $this->sign - $qx, -$screen->behindYd - $qy)
            / ($this->scene->setting->level->releaseSpeed() * self::ALONG);
        $way = (new PathBuilder($this->scene->setting->law($letter), $man->xYd, $man->yYd, $man->vxYd, $man->vyYd))
            ->inside(
                $this->scene->frame->sidelineX(Side::Left) + 0.7,
                $this->scene->frame->sidelineX(Side::Right) - 0.7,
            )
            ->to($u * $this->sign, -$screen->behindYd)
            ->cut(CutKind::Speed)
            ->to(($u + $screen->turnYd) * $this->sign, 0.5)
            ->cut(CutKind::Bend)
            ->run(5.0 * $this->sign * ($screen->turnYd <=> 0.0));
        $takes = $way->cuts[0]->t ?? 0.8;
        $caught = max(
            Carriers::SNAP_S + $this->resolved->run->scheme()->meshS + $air,
            Carriers::SNAP_S + $screen->sellsS + $takes,
        );

        return new Carrier(
            'throw',
            $letter,
            $way->delayed($caught - $takes),
            $caught,
            "{$this->resolved->run->side->value} side, behind the line",
            $caught - $air,
        );
    }

    /**
     * One path up to a step, another from it on.
     *
     * @param  list<float>  $first
     * @param  list<float>  $then
     * @return list<float>
     */
    private static function joined(array $first, array $then, int $step): array
    {
        return [...array_slice($first, 0, $step), ...array_slice($then, $step)];
    }
}
