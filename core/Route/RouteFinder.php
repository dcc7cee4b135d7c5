<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Offense\Man;

/** Names a path that was drawn: the route of the catalogue and the depth that come nearest to it. Yards. */
final class RouteFinder
{
    /** Points a path is compared at. */
    private const POINTS = 16;

    /** Depths tried around the catalogue's own, and the finer step at the end. */
    private const COARSE_YD = 2.0;

    private const FINE_YD = 0.5;

    /** How far a hand shakes, yards. */
    private const SHAKE_YD = 0.7;

    /**
     * A break shows when the line goes on after it for this long; a line with none is a deep route from this length on,
     * yards.
     */
    private const SHOWN_YD = 1.0;

    private const STRAIGHT_YD = 12.0;

    /** Cost of a yard of depth that is not the catalogue's. */
    private const UNUSUAL = 0.02;

    /**
     * A longer way round costs this much for a yard, so that the plain route wins over a double move that looks alike.
     */
    private const PLAIN = 0.15;

    /**
     * @param  list<array{float, float}>  $points  from the man's spot on, in the order drawn
     * @return list<array{route: RouteSpec, offYd: float}> the nearest three, one a name
     */
    public static function of(Man $man, array $points, PlayFrame $frame, SprintLaw $law): array
    {
        $line = self::straightened([[$man->xYd, $man->yYd], ...$points]);
        $drawn = self::sampled($line);
        $length = self::length($line);
        $home = $man->side();
        $end = $points[count($points) - 1];
        $found = [];
        foreach (array_keys(Routes::all()) as $name) {
            $shape = Routes::get($name);
            $usual = $shape->inward ? $home->opposite() : $home;
            $ends = Side::ofX($end[0] - $man->xYd === 0.0 ? $usual->sign() : $end[0] - $man->xYd);
            foreach (
                array_unique([null, $ends === $usual || $shape->angleDeg < 10.0 ? null : $ends], SORT_REGULAR) as $side
            ) {
                $best = self::fit($man, new RouteSpec($name, side: $side), $drawn, $length, $frame, $law);
                $cost =
                    $best['offYd'] +
                    ($shape->fakeDeg === null && $shape->sellS === 0.0 && $side === null ? 0.0 : self::PLAIN);
                if (! isset($found[$name]) || $cost < $found[$name]['cost']) {
                    $found[$name] = $best + ['cost' => $cost];
                }
            }
        }
        usort($found, fn (array $a, array $b): int => $a['cost'] <=> $b['cost']);

        return array_map(
            fn (array $f): array => ['route' => $f['route'], 'offYd' => round($f['offYd'], 2)],
            array_slice($found, 0, 3),
        );
    }

    /**
     * How far a way is off a route as it is run, as far as it goes, and what it does not show of that route; yards.
     *
     * @param  list<array{float, float}>  $points  from the man's spot on
     * @return array{apartYd: float, unseenYd: float}
     */
    public static function against(array $points, RunRoute $run): array
    {
        $line = self::straightened([[$run->path->x[0], $run->path->y[0]], ...$points]);
        $unseen =
            self::unseen($run, self::length($line)) +
            self::UNUSUAL * abs($run->spec->depth() - $run->spec->shape()->depthYd);

        return [
            'apartYd' => self::off(self::sampled($line), $run, self::length($line)) - $unseen,
            'unseenYd' => $unseen,
        ];
    }

    /**
     * @param  list<array{float, float}>  $drawn
     * @return array{route: RouteSpec, offYd: float}
     */
    private static function fit(
        Man $man,
        RouteSpec $spec,
        array $drawn,
        float $length,
        PlayFrame $frame,
        SprintLaw $law,
    ): array {
        $shape = $spec->shape();
        $best = ['route' => $spec, 'offYd' => INF];
        $try = function (float $depth) use (&$best, $man, $spec, $drawn, $length, $frame, $law, $shape): void {
            $depth = max($shape->minDepthYd, min($shape->maxDepthYd, $depth));
            $route = $spec->with(['depthYd' => $depth === $shape->depthYd ? null : $depth]);
            $off = self::off($drawn, RouteRunner::path($man, $route, $frame, $law), $length);
            if ($off < $best['offYd']) {
                $best = ['route' => $route, 'offYd' => $off];
            }
        };
        for ($depth = $shape->minDepthYd; $depth <= min($shape->maxDepthYd, 20.0); $depth += self::COARSE_YD) {
            $try($depth);
        }
        $around = $best['route']->depth();
        for ($by = -self::COARSE_YD; $by <= self::COARSE_YD; $by += self::FINE_YD) {
            $try($around + $by);
        }

        return $best;
    }

    /**
     * Mean distance of a run path, cut to the length drawn, from the drawing.
     *
     * @param  list<array{float, float}>  $drawn
     */
    private static function off(array $drawn, RunRoute $run, float $length): float
    {
        $way = [[$run->path->x[0], $run->path->y[0]]];
        $gone = 0.0;
        foreach ($run->path->x as $i => $x) {
            if ($i === 0) {
                continue;
            }
            $gone += hypot($x - $run->path->x[$i - 1], $run->path->y[$i] - $run->path->y[$i - 1]);
            $way[] = [$x, $run->path->y[$i]];
            if ($gone >= $length) {
                break;
            }
        }
        $sum = 0.0;
        foreach (self::sampled($way) as $n => [$x, $y]) {
            $sum += hypot($x - $drawn[$n][0], $y - $drawn[$n][1]);
        }

        // A path that ends before the drawing does misses its last part.
        return $sum / self::POINTS +
            0.5 * max(0.0, $length - $gone) +
            self::unseen($run, $length) +
            self::UNUSUAL * abs($run->spec->depth() - $run->spec->shape()->depthYd);
    }

    /** What the drawing does not show of a route: its break, or how far it goes straight, yards. */
    private static function unseen(RunRoute $run, float $length): float
    {
        $toBreak = 0.0;
        for ($i = 1; $i < count($run->path->x) && $i * Path::STEP <= $run->break()->t; $i++) {
            $toBreak += hypot($run->path->x[$i] - $run->path->x[$i - 1], $run->path->y[$i] - $run->path->y[$i - 1]);
        }

        return match (true) {
            $run->spec->shape()->straight() => max(0.0, self::STRAIGHT_YD - $length) * 0.2,
            $run->spec->finish() === Finish::Settle && $run->spec->shape()->angleDeg < 1.0 => 0.3 *
                abs($length - $toBreak),
            default => max(0.0, self::SHOWN_YD - ($length - $toBreak)),
        };
    }

    /**
     * Without the shaking of the hand: points that leave the line between their neighbors by less than SHAKE_YD go
     * (Ramer 1972; Douglas and Peucker 1973).
     *
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private static function straightened(array $points): array
    {
        $last = count($points) - 1;
        $farthest = 0.0;
        $at = 0;
        [$x0, $y0] = $points[0];
        [$dx, $dy] = [$points[$last][0] - $x0, $points[$last][1] - $y0];
        $long = hypot($dx, $dy);
        for ($i = 1; $i < $last; $i++) {
            $off =
                $long < 1e-6
                    ? hypot($points[$i][0] - $x0, $points[$i][1] - $y0)
                    : abs($dx * ($points[$i][1] - $y0) - $dy * ($points[$i][0] - $x0)) / $long;
            [$farthest, $at] = $off > $farthest ? [$off, $i] : [$farthest, $at];
        }

        return $farthest < self::SHAKE_YD
            ? [$points[0], $points[$last]]
            : [
                ...array_slice(self::straightened(array_slice($points, 0, $at + 1)), 0, -1),
                ...self::straightened(array_slice($points, $at)),
            ];
    }

    /** @param  list<array{float, float}>  $points */
    private static function length(array $points): float
    {
        $sum = 0.0;
        for ($i = 1; $i < count($points); $i++) {
            $sum += hypot($points[$i][0] - $points[$i - 1][0], $points[$i][1] - $points[$i - 1][1]);
        }

        return $sum;
    }

    /**
     * Points at equal ways along a line.
     *
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private static function sampled(array $points): array
    {
        $length = max(1e-6, self::length($points));
        $out = [$points[0]];
        $gone = 0.0;
        $next = 1;
        for ($i = 1; $i < count($points); $i++) {
            [$x0, $y0] = $points[$i - 1];
            $step = hypot($points[$i][0] - $x0, $points[$i][1] - $y0);
            while (
                $next < self::POINTS &&
                $step > 0.0 &&
                $gone + $step >= ($length * $next) / (self::POINTS - 1) - 1e-9
            ) {
                $share = (($length * $next) / (self::POINTS - 1) - $gone) / $step;
                $out[] = [$x0 + $share * ($points[$i][0] - $x0), $y0 + $share * ($points[$i][1] - $y0)];
                $next++;
            }
            $gone += $step;
        }
        while (count($out) < self::POINTS) {
            $out[] = $points[count($points) - 1];
        }

        return $out;
    }
}
