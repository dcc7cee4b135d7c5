<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route\Ways;

use Jacotaxis\Core\Kinematics\CutKind;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\PathBuilder;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Route\Finish;
use Jacotaxis\Core\Route\RouteShape;
use Jacotaxis\Core\Route\RouteSpec;

/** The ways of routes that stay short or run across: flat, sit, crosser, past the line, crack. Yards. */
final class ShortWays
{
    /** How far inside a crack aims, yards. */
    private const CRACK_IN_YD = 6.0;

    /** Most width he gains, and a back, yards. */
    private const FLAT_GAIN_YD = 12.0;

    private const BACK_GAIN_YD = 13.0;

    /** Room a flat runner leaves to the sideline, yards: he works to the top of the numbers. */
    private const FLAT_ROOM_YD = 6.0;

    /** On a short side he leaves this share of it. */
    private const FLAT_SHARE = 0.34;

    /** Past the hook on the other side: where a crosser settles who stops in the next window, yards from the ball. */
    private const NEXT_WINDOW_YD = 4.0;

    /** How far inside his release a spot lies: for a man this wide, and for one nearer to the ball, yards. */
    private const SIT_IN_YD = 6.0;

    private const SIT_WIDE_YD = 11.0;

    private const STICK_IN_YD = 1.0;

    /** A man as tight as this sits outside of where he stood, by as much, yards. */
    private const TIGHT_YD = 5.0;

    private const STICK_OUT_YD = 1.5;

    /** Share of a shallow's way in after which he is past the hook man and may be thrown. */
    private const UNDER_HOOK = 0.6;

    /** Where a crosser stops who settles: past the ball, in the window beyond the next hook (RTE-17). */
    public static function nextWindow(float $x, int $out): float
    {
        return $out * max(self::NEXT_WINDOW_YD, $out * $x + self::NEXT_WINDOW_YD);
    }

    /** The flat runner gains width and throttles down before the sideline. */
    public static function flat(
        PathBuilder $build,
        Man $man,
        float $depth,
        RouteShape $shape,
        int $out,
        float $room,
    ): Path {
        $edge = min(
            $room - min(self::FLAT_ROOM_YD, self::FLAT_SHARE * $room),
            abs($man->xYd) + ($man->isBack() ? self::BACK_GAIN_YD : self::FLAT_GAIN_YD),
        );
        $width = max($edge, min($out * $man->xYd + 2.0, $room - 1.0));
        $x = $out * min($man->isBack() ? 8.0 : $out * $man->xYd + 4.0, $width - 1.0);

        return $build->to($x, $depth * 0.4)->cut($shape->break ?? CutKind::Bend)->to($out * $width, $depth)->settle();
    }

    /** To a spot and settles there: a wide man six yards inside, a slot man where he is, a tight man just outside. */
    public static function inside(PathBuilder $build, Man $man, float $depth, int $out, ?float $width): Path
    {
        if ($width !== null) {
            return $build->to($man->xYd, min(1.0, $depth - 0.5))->cut(CutKind::Bend)->to($width, $depth)->settle();
        }

        $in = match (true) {
            abs($man->xYd) > self::SIT_WIDE_YD => self::SIT_IN_YD,
            abs($man->xYd) < self::TIGHT_YD => -self::STICK_OUT_YD,
            default => self::STICK_IN_YD,
        };

        return $build
            ->to($man->xYd, min(2.0, $depth - 0.5))
            ->cut(CutKind::Bend)
            ->to($man->xYd + $out * $in, $depth)
            ->settle();
    }

    public static function across(
        PathBuilder $build,
        Man $man,
        RouteSpec $route,
        int $out,
        ?float $width,
        bool $released,
    ): Path {
        $shape = $route->shape();
        $depth = $route->depth();
        $length = max(4.0, abs($man->xYd) - 3.0);
        $climb = $man->yYd + 1.5;
        // Past a man in his face the fake was his step upfield.
        ($released ? $build : $build->to($man->xYd, $climb)->cut(CutKind::Plant))
            ->to($man->xYd + $out * $length * self::UNDER_HOOK, $climb + self::UNDER_HOOK * ($depth - $climb))
            ->cut(CutKind::Bend)
            ->to($man->xYd + $out * $length, $depth)
            ->cut($shape->break ?? CutKind::Bend);
        if ($width === null && $route->finish() === Finish::Run) {
            return $build->run($out * $shape->angleDeg);
        }

        // Never before he has passed the ball.
        return $build->to($width ?? self::nextWindow($man->xYd + $out * $length, $out), $depth)->settle();
    }

    /** Past the line to the other side, behind it or in front of it, then out to the flat. */
    public static function past(
        PathBuilder $build,
        Man $man,
        float $lineYd,
        float $depth,
        RouteShape $shape,
        int $out,
        float $room,
    ): Path {
        $from = max(4.5, $out * $man->xYd + 1.0);
        $width = max($from + 2.0, min($from + self::FLAT_GAIN_YD, $room - self::FLAT_SHARE * $room));

        return $build
            ->to($man->xYd + $out * 0.5, $lineYd)
            ->cut(CutKind::Bend)
            ->to($out * $from, $lineYd)
            ->cut($shape->break ?? CutKind::Speed)
            ->to($out * $width, $depth)
            ->settle();
    }

    /** Flat inside at the man he seems to block, then up past him. */
    public static function crack(PathBuilder $build, Man $man, float $depth, RouteShape $shape): Path
    {
        $in = min(self::CRACK_IN_YD, max(0.0, abs($man->xYd) - 4.0));

        return $build
            ->to($man->xYd - $man->side()->sign() * $in, $depth)
            ->cut($shape->break ?? CutKind::Plant)
            ->run(0.0);
    }
}
