<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Measure;

use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Route\RouteFinder;
use Jacotaxis\Core\Route\RunRoute;

/** Which route a man ran, by the way he was plotted on: the one called where he kept to it, else the nearest other. */
final readonly class NamedRoute
{
    /** A route is named from at least this many plots over at least this long, seconds. */
    public const NAMED_PLOTS = 4;

    private const NAMED_S = 1.2;

    /** A way this near to the called route is it, mean yards (product default). */
    private const CALLED_YD = 0.6;

    /** He may be this much early or late on the way and still run the route, seconds (product default). */
    private const LATE_S = 0.7;

    /** Another route must lie nearer to his way than the called one by this, yards (product default). */
    private const BETTER_YD = 0.5;

    public function __construct(private Measures $m)
    {
    }

    /**
     * The route his way comes nearest to, with the depth; null until enough of it is plotted.
     *
     * @return array{route: string, depthYd: float, offYd: float}|null
     */
    public function of(string $letter): ?array
    {
        $track = $this->m->track($letter);
        $man = $this->m->proof?->scene()->men[$letter] ?? null;
        if (
            $track === null ||
            $man === null ||
            $track->count() < self::NAMED_PLOTS ||
            $track->to() - max(0.0, $track->from()) < self::NAMED_S
        ) {
            return null;
        }
        $start = $track->at(max(0.0, $track->from()));
        $stands = $start === null ? $man : $man->at($start->xYd, $start->yYd);
        $setting = $this->m->film->setting;
        // The route that was called is looked at first: it is what most men run.
        $called = $this->m->proof->scene()->routes[$letter] ?? null;
        $against =
            $called === null ? ['apartYd' => INF, 'unseenYd' => 0.0] : RouteFinder::against($track->way(), $called);
        if ($called !== null && $this->follows($track, $called)) {
            return $against['unseenYd'] > self::CALLED_YD ? null
                : ['route' => $called->spec->name, 'depthYd' => $called->spec->depth(),
                    'offYd' => round($against['apartYd'], 2)];
        }
        $found = RouteFinder::of($stands, $track->way(), $this->m->frame, $setting->law($letter))[0] ?? null;

        // Another route is named only where it fits clearly better than the one called.
        return $found === null || $against['apartYd'] - $found['offYd'] < self::BETTER_YD
            ? null
            : ['route' => $found['route']->name, 'depthYd' => $found['route']->depth(), 'offYd' => $found['offYd']];
    }

    /**
     * Whether he keeps to the line of a route and comes as far on it as the time asks for, within the doubt of the
     * plots.
     */
    private function follows(Track $track, RunRoute $run): bool
    {
        $allowed = self::CALLED_YD + $track->doubt();
        $step = fn (float $t): int => (int) max(0.0, min(Path::STEPS - 1, $t / Path::STEP));
        $asked = fn (float $from, float $until): array => array_map(
            fn (int $i): array => [$run->path->x[$i], $run->path->y[$i]],
            range($step($from), max($step($from), $step($until))),
        );
        $way = $track->line(max(0.0, $track->from()));
        $off = array_map(fn (array $p): float => self::fromLine($p, $asked(0.0, $track->to() + self::LATE_S)), $way);
        // Where he ends must be where the route has him about then.
        $end = $asked($track->to() - self::LATE_S, $track->to() + self::LATE_S);

        return array_sum($off) / count($off) <= $allowed &&
            self::fromLine($way[count($way) - 1], $end) <= self::CALLED_YD + 2.0 * $track->doubt();
    }

    /**
     * Yards from a place to the nearest of a line of places.
     *
     * @param  array{float, float}  $p
     * @param  non-empty-list<array{float, float}>  $line
     */
    private static function fromLine(array $p, array $line): float
    {
        return min(array_map(fn (array $q): float => hypot($p[0] - $q[0], $p[1] - $q[1]), $line));
    }
}
