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
use Jacotaxis\Core\Route\Ways\ShortWays;

/** Turns a called route into a timed path from a man's spot. */
final class RouteRunner
{
    /** Seam landmark, yards from the middle of the field (tolerance 5 to 8). */
    private const SEAM_YD = 6.5;

    /** Share of the way from the ball to the middle of the field around which the two seams lie. */
    private const SEAM_MIDDLE = 0.8;

    /**
     * Share of his depth at which a man sent to the other seam passes the ball, and yards he climbs for a yard across
     * after it.
     */
    private const PASSES_BALL = 0.8;

    private const CLIMB = 0.6;

    /** Most a seam runner leaves his release line for the landmark, yards. */
    private const BEND_YD = 5.0;

    /**
     * How far out a wheel goes before it turns up, and the room it leaves, yards (product defaults: the depth is
     * unset).
     */
    private const WHEEL_OUT_YD = 8.0;

    private const WHEEL_ROOM_YD = 4.0;

    /** How wide a back turns it up, yards from the ball. */
    private const WHEEL_BACK_YD = 12.0;

    /**
     * How far out an outside man on a straight route fans from a tight split: so many yards, or this share of his way
     * to the numbers, whichever is more, and never past the numbers where they lie wider than so many yards (settled by
     * the truths).
     */
    private const FANS_YD = 4.0;

    private const FANS_SHARE = 0.6;

    private const FANS_TO_YD = 17.0;

    /** Nearest a runner comes to the sideline and the end line, yards. */
    private const EDGE_YD = 0.3;

    /**
     * A back who checks the rush first leaves this much later, and so does a man who chips, seconds (product defaults).
     */
    private const CHECK_S = 0.6;

    private const CHIP_S = 0.6;

    /** Length of the lie in a double move, yards. */
    private const FAKE_YD = 3.0;

    /** How far behind the line a slide goes, and where a sneak passes in front of it, yards. */
    private const BEHIND_YD = -2.2;

    private const THROUGH_YD = 1.0;

    /** The width a leak climbs on, yards. */
    private const LEAK_WIDE_YD = 11.0;

    /**
     * @param  bool  $outside  whether nobody stands outside of him on his side
     * @param  RouteSpec|null  $called  the route as called, when what he sees made another of it
     */
    public static function path(
        Man $man,
        RouteSpec $route,
        PlayFrame $frame,
        SprintLaw $law,
        ?Release $release = null,
        ?RouteSpec $called = null,
        bool $outside = false,
    ): RunRoute {
        $shape = $route->shape();
        $home = $man->isBack() ? ($route->side ?? $man->side()) : $man->side();
        $to = $route->side ?? ($shape->inward ? $home->opposite() : $home);
        if ($shape->stem === Stem::Landmark) {
            $to = $route->side ?? $home;
        }
        $build = (new PathBuilder($law, $man->xYd, $man->yYd, $man->vxYd, $man->vyYd))->inside(
            $frame->sidelineX(Side::Left) + self::EDGE_YD,
            $frame->sidelineX(Side::Right) - self::EDGE_YD,
            $frame->endLineY() - self::EDGE_YD,
        );
        $release?->start($build, $man, $route);
        $out = $to->sign();
        $depth = $route->depth();
        $fans = $outside ? self::fanned($man, $shape, abs($frame->numbersX($to))) : null;
        $width = self::width($route, $to, $frame) ?? $fans;
        $room = abs($frame->sidelineX($to));
        $path = match ($shape->stem) {
            Stem::Vertical => self::vertical(self::around($build, $man, $home), $man, $home, $route, $out, $width),
            Stem::Landmark => self::seam(
                $build,
                $man,
                $width ?? self::bent($man, self::landmark($frame, $out), $out),
                $depth,
                $shape,
                $out,
            ),
            Stem::Inside => ShortWays::inside($build, $man, $depth, $out, $width),
            Stem::Wheel => self::wheel(self::around($build, $man, $home), $man, $depth, $shape, $out, $room),
            Stem::ToFlat => ShortWays::flat(self::around($build, $man, $home), $man, $depth, $shape, $out, $room),
            Stem::Across => ShortWays::across($build, $man, $route, $out, $width, $release !== null),
            Stem::Double => self::double(self::around($build, $man, $home), $man, $depth, $shape, $out),
            Stem::Behind => ShortWays::past($build, $man, self::BEHIND_YD, $depth, $shape, $out, $room),
            Stem::Through => ShortWays::past($build, $man, self::THROUGH_YD, $depth, $shape, $out, $room),
            Stem::Crack => ShortWays::crack($build, $man, $depth, $shape),
            Stem::Late => $build
                ->to($out * self::LEAK_WIDE_YD, $depth)
                ->cut($shape->break ?? CutKind::Bend)
                ->run($out * $shape->angleDeg),
        };
        $path = $path->delayed(
            $shape->sellS +
                ($route->checks ? self::CHECK_S : 0.0) +
                ($route->chips ? self::CHIP_S : 0.0) +
                ($release->setUpS ?? 0.0),
        );

        $released = $release === null ? 0 : Release::cuts($route);

        return new RunRoute(
            $man->letter,
            $route,
            $path,
            self::breakCut($path, $shape, $released),
            $to,
            $called ?? $route,
            $released,
        );
    }

    /** A back clears the tackle's edge before he goes upfield. */
    private static function around(PathBuilder $build, Man $man, Side $side): PathBuilder
    {
        return $man->isBack() ? $build->to($side->sign() * 4.5, -2.0)->cut(CutKind::Bend) : $build;
    }

    /** The width a landmark word means on the side he goes to, yards, or null. */
    private static function width(RouteSpec $route, Side $to, PlayFrame $frame): ?float
    {
        return match ($route->at) {
            'hash' => $frame->hashX($to),
            'numbers' => $frame->numbersX($to),
            'ball' => 0.0,
            default => null,
        };
    }

    /**
     * A straight route from a tight split fans out to get the corner away from what runs inside of him, yards; null
     * where it does not.
     */
    private static function fanned(Man $man, RouteShape $shape, float $numbers): ?float
    {
        $wide = abs($man->xYd);
        $widest = max(self::FANS_TO_YD, $numbers);
        $fans = max(self::FANS_YD, self::FANS_SHARE * ($widest - $wide));

        return $shape->straight() && ! $man->isBack() && $wide < self::FANS_TO_YD - 1.0
            ? $man->side()->sign() * min($widest, $wide + $fans)
            : null;
    }

    private static function vertical(
        PathBuilder $build,
        Man $man,
        Side $home,
        RouteSpec $route,
        int $out,
        ?float $width,
    ): Path {
        $shape = $route->shape();
        $depth = $route->depth();
        $x = $man->isBack() ? $home->sign() * 4.5 : $man->xYd;
        if ($width !== null && ! $shape->crosses()) {
            return $build->to($width, $depth)->cut(CutKind::Bend)->run(0.0);
        }
        $build->to($x, $depth)->cut($shape->break ?? CutKind::Bend);
        if ($shape->crosses() && ($width !== null || $route->finish() === Finish::Settle)) {
            $stop = $width ?? ShortWays::nextWindow($x, $out);

            return $build->to($stop, $depth + abs($stop - $x) / tan(deg2rad($shape->angleDeg)))->settle();
        }

        return match ($route->finish()) {
            Finish::Settle => $build->settle(),
            Finish::ComeBack => $build
                ->to($x + $out * $shape->backYd * tan(deg2rad(180.0 - $shape->angleDeg)), $depth - $shape->backYd)
                ->settle(),
            Finish::Run => $build->run($out * $shape->angleDeg),
        };
    }

    /** Up the seam landmark on his side; only a man sent to the other side's seam crosses the ball. */
    private static function seam(
        PathBuilder $build,
        Man $man,
        float $landmark,
        float $depth,
        RouteShape $shape,
        int $out,
    ): Path {
        $home = $man->side()->sign();
        if ($out !== $home) {
            // Sent to the other seam he is a threat as soon as he passes the ball.
            return $build
                ->to(0.0, self::PASSES_BALL * $depth)
                ->cut(CutKind::Bend)
                ->to($landmark, $depth + abs($landmark) * self::CLIMB)
                ->cut($shape->break ?? CutKind::Bend)
                ->run(-$out * $shape->angleDeg);
        }

        // A bender leaves the landmark for the middle of the field.
        return $build->to($landmark, $depth)->cut($shape->break ?? CutKind::Bend)->run(-$out * $shape->angleDeg);
    }

    /** The landmark as far as a man bends to it from his release line: all the way when he is sent across the ball. */
    private static function bent(Man $man, float $landmark, int $out): float
    {
        $home = $man->side()->sign();

        return $out !== $home
            ? $landmark
            : $home * max(0.5, abs($man->xYd) - self::BEND_YD, min($home * $landmark, abs($man->xYd) + self::BEND_YD));
    }

    private static function landmark(PlayFrame $frame, int $out): float
    {
        return self::SEAM_MIDDLE * $frame->middleX() + $out * self::SEAM_YD;
    }

    /** To the flat first, then up the sideline. */
    private static function wheel(
        PathBuilder $build,
        Man $man,
        float $depth,
        RouteShape $shape,
        int $out,
        float $room,
    ): Path {
        $width = min(
            $room - self::WHEEL_ROOM_YD,
            max($out * $man->xYd + self::WHEEL_OUT_YD, $man->isBack() ? self::WHEEL_BACK_YD : 9.0),
        );

        return $build->to($out * $width, $depth)->cut($shape->break ?? CutKind::Bend)->run(0.0);
    }

    /** A first break that is a lie, then the true one. */
    private static function double(PathBuilder $build, Man $man, float $depth, RouteShape $shape, int $out): Path
    {
        $x = $man->isBack() ? $man->side()->sign() * 4.5 : $man->xYd;
        $lie = deg2rad((float) $shape->fakeDeg);

        return $build
            ->to($x, $depth)
            ->cut(CutKind::Speed)
            ->to($x + $out * self::FAKE_YD * sin($lie), $depth + self::FAKE_YD * cos($lie))
            ->cut($shape->break ?? CutKind::Plant)
            ->run($out * $shape->angleDeg);
    }

    /** The cut that opens the route: for a shallow the first one inside, else the last cut before the finish. */
    private static function breakCut(Path $path, RouteShape $shape, int $skip): int
    {
        $last = count($path->cuts) - 1;
        if ($skip > 0 && $shape->straight()) {
            // Past a man in his face a straight route has its only win: there the ball may leave.
            return $skip - 1;
        }
        if ($shape->stem === Stem::Across) {
            return min(1, $last);
        }
        if ($shape->stem === Stem::Landmark) {
            return min($skip, $last);
        }
        $past = $shape->stem === Stem::Behind || $shape->stem === Stem::Through;

        return $last > 0 && $path->cuts[$last]->kind === CutKind::Settle && ($past || $shape->finish !== Finish::Settle)
            ? $last - 1
            : $last;
    }
}
