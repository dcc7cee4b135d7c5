<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Measure;

use Jacotaxis\Core\Kinematics\CutKind;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Route\RunRoute;

/**
 * What a receiver does after his break until the ball comes: depth he gains or gives, whether he settles or runs on,
 * who cuts in under him.
 */
final readonly class AfterBreakRows
{
    /** A way after the break is looked at for at most so long, and at least so long, seconds (product defaults). */
    private const LONG_S = 1.0;

    private const SHORT_S = 0.4;

    /** His speed at the end is taken over so long, seconds (product default). */
    private const FINISH_S = 0.5;

    /** A defender this near and at least this much shallower cuts in under him, yards (product defaults). */
    private const NEAR_YD = 3.0;

    private const UNDER_YD = 0.5;

    /** A man who stops in front of this depth runs a hitch, yards (product default). */
    private const QUICK_YD = 7.0;

    /** How far he comes back to the ball where that is taught, yards (product default). */
    private const BACK_YD = 1.0;

    /** Doubt of a speed from plots, one sigma, yards a second. */
    private const SPEED_SD = 0.8;

    /** Crossers whose plan parts them by less than this are not told apart, yards. */
    private const APART_YD = 0.5;

    public function __construct(private Measures $m)
    {
    }

    /** @return list<Row> */
    public function of(string $letter, RunRoute $run): array
    {
        $when = $this->when($letter);
        $track = $this->m->track($letter);
        if ($when === null || $track === null) {
            return [];
        }
        [$from, $to, $marked] = $when;
        [$a, $b] = [$track->nearest($from), $track->nearest($to)];
        $broke = $run->break()->t;
        $planned = fn (float $after): array => $run->path->at($broke + $after);
        $sd = max(0.1, hypot(hypot($a->sdYYd, $b->sdYYd), $marked ? 0.0 : 0.5));
        // A short stop that is taught back to the ball gives ground toward it (SET-08).
        $stops = $run->break()->kind === CutKind::Settle && $run->spec->depth() <= self::QUICK_YD;
        $back = $stops && $this->m->film->setting->schools->is('SET-08', 'B') ? self::BACK_YD : 0.0;
        $rows = [
            Row::of(
                $letter,
                'depth after the break',
                'yd',
                $planned($to - $from)[1] - $planned(0.0)[1] - $back,
                $b->yYd - $a->yYd,
                $sd,
            ),
        ];
        // Whether he settles shows late: at the catch, or as long as he is followed.
        $last = min($this->caught($letter) ?? INF, $track->to());
        $then = $last - self::FINISH_S > $from ? $track->nearest($last - self::FINISH_S) : null;
        if ($then !== null && $run->spec->shape()->crosses()) {
            $now = $track->nearest($last);
            [[$ax, $ay], [$bx, $by]] = [$planned($last - self::FINISH_S - $from), $planned($last - $from)];
            $rows[] = Row::of(
                $letter,
                'speed after the break',
                'yd/s',
                hypot($bx - $ax, $by - $ay) / self::FINISH_S,
                hypot($now->xYd - $then->xYd, $now->yYd - $then->yYd) / self::FINISH_S,
                self::SPEED_SD,
            );
        }

        return $rows;
    }

    /** Whether a defender cuts in under him while the ball is coming; null where that is not plotted. */
    public function undercut(string $letter): ?bool
    {
        $when = $this->when($letter);
        $at = $when === null ? null : $this->m->track($letter)?->at($when[1]);
        if ($when === null || $at === null) {
            return null;
        }
        $known = false;
        foreach ($this->m->defenders() as $role) {
            $him = $this->m->track($role)?->at($when[1]);
            $known = $known || $him !== null;
            if (
                $him !== null &&
                $at->yYd - $him->yYd > self::UNDER_YD &&
                $at->apart($him)->yd < self::NEAR_YD
            ) {
                return true;
            }
        }

        return $known ? false : null;
    }

    /**
     * Two crossers: how far the under man is below the other where their ways cross (MSH-07).
     *
     * @return list<Row>
     */
    public function crossers(): array
    {
        $routes = array_filter(
            $this->m->proof?->scene()->routes ?? [],
            fn (RunRoute $r): bool => $r->spec->shape()->crosses(),
        );
        $rows = [];
        foreach (array_keys($routes) as $n => $a) {
            foreach (array_slice(array_keys($routes), $n + 1) as $b) {
                $row =
                    $routes[$a]->to === $routes[$b]->to
                        ? null
                        : $this->crossing((string) $a, (string) $b, $routes[$a]->path, $routes[$b]->path);
                $row === null ?: ($rows[] = $row);
            }
        }

        return $rows;
    }

    private function crossing(string $a, string $b, Path $pathA, Path $pathB): ?Row
    {
        $planned = self::meet(fn (float $t): array => [$pathA->at($t), $pathB->at($t)]);
        $place = fn (string $man, float $t): ?array => ($at = $this->m->track($man)?->at($t)) === null
            ? null
            : [$at->xYd, $at->yYd];
        $done = self::meet(fn (float $t): array => [$place($a, $t), $place($b, $t)]);
        if ($planned === null || $done === null || abs($planned['apartYd']) < self::APART_YD) {
            return null;
        }
        // The sign is turned so that the man the plan has under is under by a positive number.
        $sign = $planned['apartYd'] > 0.0 ? 1.0 : -1.0;
        $sdOf = fn (string $man): float => $this->m->track($man)?->at($done['t'])->sdYYd ?? 0.0;
        $sd = hypot($sdOf($a), $sdOf($b));

        return Row::of(
            $sign > 0.0 ? $a : $b,
            'under the other crosser by',
            'yd',
            abs($planned['apartYd']),
            $sign * $done['apartYd'],
            max(0.1, $sd),
        );
    }

    /**
     * Where two ways cross from side to side, and how much deeper the second man is then.
     *
     * @param  callable(float): array{array{float, float}|null, array{float, float}|null}  $places
     * @return array{t: float, apartYd: float}|null
     */
    private static function meet(callable $places): ?array
    {
        $before = null;
        for ($n = 0; $n < Path::STEPS; $n++) {
            $t = $n * Path::STEP;
            [$a, $b] = $places($t);
            $gap = $a === null || $b === null ? null : $b[0] - $a[0];
            if ($gap !== null && $before !== null && ($gap > 0.0) !== ($before > 0.0)) {
                return ['t' => $t, 'apartYd' => $b[1] - $a[1]];
            }
            $before = $gap ?? $before;
        }

        return null;
    }

    private function caught(string $letter): ?float
    {
        return $this->m->film->thrownTo() === $letter ? $this->m->after('catch') : null;
    }

    /**
     * From his break until the ball comes to him, or as long as is looked.
     *
     * @return array{float, float, bool}|null from, to, and whether the break was marked
     */
    private function when(string $letter): ?array
    {
        $broke = (new RouteRows($this->m))->broke($letter);
        $track = $this->m->track($letter);
        if ($broke === null || $track === null || $track->at($broke['t']) === null) {
            return null;
        }
        $to = min($broke['t'] + self::LONG_S, $this->caught($letter) ?? INF, $track->to());

        return $to - $broke['t'] < self::SHORT_S ? null : [$broke['t'], $to, $broke['marked']];
    }
}
