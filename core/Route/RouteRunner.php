<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\CutKind;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\PathBuilder;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Offense\Man;

/** Turns a called route into a timed path from a man's spot. */
final class RouteRunner
{
    /** Seam landmark, yards from the middle of the field (tolerance 5 to 8). */
    private const SEAM_YD = 6.5;

    /** Share of the way from the ball to the middle of the field around which the two seams lie. */
    private const SEAM_MIDDLE = 0.8;

    /** Room a flat runner leaves to the sideline, yards: he works to the top of the numbers. */
    private const FLAT_ROOM_YD = 9.0;

    /** On a short side he leaves this share of it. */
    private const FLAT_SHARE = 0.34;

    /** Most width he gains, yards. */
    private const FLAT_GAIN_YD = 9.0;

    /** Most a seam runner leaves his release line for the landmark, yards. */
    private const BEND_YD = 5.0;

    /** How far inside his release a spot lies: for a man this wide, and for one nearer to the ball, yards. */
    private const SIT_IN_YD = 6.0;

    private const SIT_WIDE_YD = 11.0;

    private const STICK_IN_YD = 1.0;

    /** How far out a wheel goes before it turns up, and the room it leaves, yards (product defaults: the depth is unset). */
    private const WHEEL_OUT_YD = 6.0;

    private const WHEEL_ROOM_YD = 4.0;

    /** Share of a shallow's way in after which he is past the hook man and may be thrown. */
    private const UNDER_HOOK = 0.6;

    /** Nearest a runner comes to the sideline, yards. */
    private const EDGE_YD = 0.3;

    /** A back who checks the rush first leaves this much later, seconds (product default). */
    private const CHECK_S = 0.6;

    /** @throws UnknownRoute when the stem leaves the field */
    public static function path(Man $man, RouteSpec $route, PlayFrame $frame, SprintLaw $law): RunRoute
    {
        $shape = $route->shape();
        $home = $man->isBack() ? ($route->side ?? $man->side()) : $man->side();
        $to = $route->side ?? ($shape->inward ? $home->opposite() : $home);
        if ($shape->stem === Stem::Landmark) {
            $to = $route->side ?? $home;
        }
        $build = (new PathBuilder($law, $man->xYd, $man->yYd, $man->vxYd, $man->vyYd))
            ->inside($frame->sidelineX(Side::Left) + self::EDGE_YD, $frame->sidelineX(Side::Right) - self::EDGE_YD);
        $out = $to->sign();
        $depth = $route->depth();
        $path = match ($shape->stem) {
            Stem::Vertical => self::vertical(self::around($build, $man, $home), $man, $home, $depth, $shape, $out),
            Stem::Landmark => self::seam($build, $man, $frame, $depth, $shape, $out),
            Stem::Inside => self::inside($build, $man, $depth, $out),
            Stem::Wheel => self::wheel(self::around($build, $man, $home), $man, $depth, $shape, $out, abs($frame->sidelineX($to))),
            Stem::ToFlat => self::flat(self::around($build, $man, $home), $man, $depth, $shape, $out, abs($frame->sidelineX($to))),
            Stem::Across => self::across($build, $man, $depth, $shape, $out),
        };
        $path = $route->checks ? $path->delayed(self::CHECK_S) : $path;

        return new RunRoute($man->letter, $route, $path, self::breakCut($path, $shape), $to);
    }

    /** A back clears the tackle's edge before he goes upfield. */
    private static function around(PathBuilder $build, Man $man, Side $side): PathBuilder
    {
        return $man->isBack() ? $build->to($side->sign() * 4.5, -2.0)->cut(CutKind::Bend) : $build;
    }

    private static function vertical(PathBuilder $build, Man $man, Side $home, float $depth, RouteShape $shape, int $out): Path
    {
        $x = $man->isBack() ? $home->sign() * 4.5 : $man->xYd;
        $build->to($x, $depth)->cut($shape->break);

        return match ($shape->finish) {
            Finish::Settle => $build->settle(),
            Finish::ComeBack => $build->to($x + $out * $shape->backYd * tan(deg2rad(180.0 - $shape->angleDeg)), $depth - $shape->backYd)->settle(),
            Finish::Run => $build->run($out * $shape->angleDeg),
        };
    }

    /** Up the seam landmark on his side; only a man sent to the other side's seam crosses the ball. */
    private static function seam(PathBuilder $build, Man $man, PlayFrame $frame, float $depth, RouteShape $shape, int $out): Path
    {
        $landmark = self::SEAM_MIDDLE * $frame->middleX() + $out * self::SEAM_YD;
        $home = $man->side()->sign();
        $x = $out === $home ? $home * max(0.5, abs($man->xYd) - self::BEND_YD, min($home * $landmark, abs($man->xYd) + self::BEND_YD)) : $landmark;

        // A bender leaves the landmark for the middle of the field.
        return $build->to($x, $depth)->cut($shape->break ?? CutKind::Bend)->run(-$out * $shape->angleDeg);
    }

    /** The flat runner gains width and throttles down before the sideline. */
    private static function flat(PathBuilder $build, Man $man, float $depth, RouteShape $shape, int $out, float $room): Path
    {
        $edge = min($room - min(self::FLAT_ROOM_YD, self::FLAT_SHARE * $room), abs($man->xYd) + self::FLAT_GAIN_YD);
        $width = max($edge, min($out * $man->xYd + 2.0, $room - 1.0));
        $x = $out * min($man->isBack() ? 8.0 : $out * $man->xYd + 4.0, $width - 1.0);

        return $build->to($x, $depth * 0.4)->cut($shape->break)->to($out * $width, $depth)->settle();
    }

    /** Inside to a spot and settles there: a wide man six yards from where he starts, an inside man where he is. */
    private static function inside(PathBuilder $build, Man $man, float $depth, int $out): Path
    {
        $in = abs($man->xYd) > self::SIT_WIDE_YD ? self::SIT_IN_YD : min(self::STICK_IN_YD, max(0.0, abs($man->xYd) - 0.5));

        return $build->to($man->xYd, min(2.0, $depth - 0.5))->cut(CutKind::Bend)->to($man->xYd + $out * $in, $depth)->settle();
    }

    /** To the flat first, then up the sideline. */
    private static function wheel(PathBuilder $build, Man $man, float $depth, RouteShape $shape, int $out, float $room): Path
    {
        $width = min($room - self::WHEEL_ROOM_YD, max($out * $man->xYd + self::WHEEL_OUT_YD, 9.0));

        return $build->to($out * $width, $depth)->cut($shape->break)->run(0.0);
    }

    private static function across(PathBuilder $build, Man $man, float $depth, RouteShape $shape, int $out): Path
    {
        $length = max(4.0, abs($man->xYd) - 3.0);

        $climb = $man->yYd + 1.5;

        return $build->to($man->xYd, $climb)->cut(CutKind::Plant)
            ->to($man->xYd + $out * $length * self::UNDER_HOOK, $climb + self::UNDER_HOOK * ($depth - $climb))->cut(CutKind::Bend)
            ->to($man->xYd + $out * $length, $depth)->cut($shape->break)->run($out * $shape->angleDeg);
    }

    /** The cut that opens the route: for a shallow the first one inside, else the last cut before the finish. */
    private static function breakCut(Path $path, RouteShape $shape): int
    {
        $last = count($path->cuts) - 1;
        if ($shape->stem === Stem::Across) {
            return min(1, $last);
        }

        return $last > 0 && $path->cuts[$last]->kind === CutKind::Settle && $shape->finish !== Finish::Settle ? $last - 1 : $last;
    }
}
