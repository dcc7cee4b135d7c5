<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan;

use Jacotaxis\Core\Grade\Numbers\Groups;
use Jacotaxis\Core\Grade\Numbers\SnapRow;

/**
 * What a defense gains that knows how often we run and pass in each situation, formation and motion, against one that
 * knows only how often we do altogether: one figure, the habits that give most of it, and the smallest change that
 * halves it.
 *
 * It is told by what gives it most surely: the situation, the formation, the motion or all of them. The figure is the
 * root of the mean squared distance of those shares from our own share of runs, without what chance
 * alone does to small counts (the unbiased estimate of a squared difference of shares), times what a known call costs.
 * A coin that is thrown has none within its interval; who always runs on first down and never else has all there is.
 */
final class Predictability
{
    /** Standard deviations of 95 % for four questions asked at once (Bonferroni). */
    private const Z = 2.5;

    /** What a snap is put under, and all of it together. */
    public const BY = ['situation', 'formation', 'motion'];

    public const ALL = 'situation, formation and motion';

    /** A habit is told from as many snaps on (product default). */
    private const LEAST = 4;

    /** Habits that are told. */
    private const TOLD = 6;

    /** @var list<SnapRow> runs and passes of ours that count */
    private readonly array $snaps;

    private readonly int $runs;

    /**
     * @param  list<SnapRow>  $snaps  our offense's
     * @param  float  $pointsPerShare  points of success a call loses that is known against one that is as likely as
     *     not, for a distance of one in the share (the staff's)
     */
    public function __construct(array $snaps, private readonly float $pointsPerShare = 20.0)
    {
        $this->snaps = array_values(array_filter(
            $snaps,
            fn (SnapRow $s): bool => $s->call !== null && ! $s->nullified && $s->down !== null,
        ));
        $this->runs = count(array_filter($this->snaps, fn (SnapRow $s): bool => $s->run));
    }

    /**
     * @return array{snaps: int, runs: int, by: string, points: float, low: float, high: float} points of success, with
     *     the interval of 95 %, and by what it is told
     */
    public function figure(): array
    {
        $by = $this->surest();
        [$square, $sd] = $this->square($this->by($by));
        $points = fn (float $of): float => $this->pointsPerShare * sqrt(max(0.0, $of));

        return ['snaps' => count($this->snaps), 'runs' => $this->runs, 'by' => $by, 'points' => $points($square),
            'low' => $points($square - self::Z * $sd), 'high' => $points($square + self::Z * $sd)];
    }

    /**
     * What we give away most, beyond what chance does: the most points first.
     *
     * @return list<array{by: string, name: string, runs: int, of: int, points: float, ids: list<string>}> points of
     *     success the defense gains on these snaps
     */
    public function habits(): array
    {
        $habits = [];
        $share = $this->share();
        foreach (self::BY as $by) {
            foreach ($this->by($by) as $name => $cell) {
                $n = count($cell);
                $runs = self::runsIn($cell);
                $noise = $n < self::LEAST ? INF : $share * (1.0 - $share) / $n;
                $away = $runs / $n - $share;
                if ($name === Groups::UNKNOWN || abs($away) < self::Z * sqrt($noise)) {
                    continue;
                }
                $habits[] = ['by' => $by, 'name' => (string) $name, 'runs' => $runs, 'of' => $n,
                    'points' => $this->pointsPerShare * abs($away),
                    'ids' => array_map(fn (SnapRow $s): string => $s->id, $cell)];
            }
        }
        // What gives most of the figure is far off and often called.
        $gives = fn (array $h): float => $h['of'] * self::part($h['runs'], $h['of'], $share);
        usort($habits, fn (array $a, array $b): int => $gives($b) <=> $gives($a) ?: $a['name'] <=> $b['name']);

        return array_slice($habits, 0, self::TOLD);
    }

    /**
     * The fewest calls to be made the other way, one after the other where each helps most, until the figure is half.
     *
     * @return list<array{name: string, calls: int, of: int, to: string}> run or pass, the most calls first; empty where
     *     there is nothing to halve
     */
    public function halving(): array
    {
        $cells = $this->by($this->surest());
        $runs = array_map(self::runsIn(...), $cells);
        $sizes = array_map(count(...), $cells);
        $share = $this->share();
        [$square] = $this->square($cells);
        $wanted = $square / 4.0;
        $changed = [];
        while ($square > 0.0 && $square > $wanted && count($this->snaps) > 0) {
            $best = null;
            $most = 0.0;
            foreach ($sizes as $name => $n) {
                $to = $share < $runs[$name] / $n ? -1 : 1;
                $gain = self::part($runs[$name], $n, $share) - self::part($runs[$name] + $to, $n, $share);
                if ($runs[$name] + $to >= 0 && $n >= $runs[$name] + $to && $n * $gain > $most) {
                    [$best, $most] = [$name, $n * $gain];
                }
            }
            if ($best === null) {
                break;
            }
            $to = $share < $runs[$best] / $sizes[$best] ? -1 : 1;
            $runs[$best] += $to;
            $changed[$best] = ['name' => (string) $best, 'calls' => ($changed[$best]['calls'] ?? 0) + 1,
                'of' => $sizes[$best], 'to' => $to < 0 ? 'pass' : 'run'];
            $square -= $most / count($this->snaps);
        }
        usort($changed, fn (array $a, array $b): int => $b['calls'] <=> $a['calls'] ?: $a['name'] <=> $b['name']);

        return $changed;
    }

    private function share(): float
    {
        return $this->snaps === [] ? 0.0 : $this->runs / count($this->snaps);
    }

    /** What gives the most for sure: the greatest lower end, else all together. */
    private function surest(): string
    {
        $best = self::ALL;
        $most = -INF;
        foreach ([...self::BY, self::ALL] as $by) {
            [$square, $sd] = $this->square($this->by($by));
            $low = $square - self::Z * $sd;
            if ($low > max(0.0, $most)) {
                [$best, $most] = [$by, $low];
            }
        }

        return $best;
    }

    /** @return array<array-key, non-empty-list<SnapRow>> */
    private function by(string $by): array
    {
        $cells = [];
        foreach ($this->snaps as $s) {
            $parts = array_map(fn (string $one): string => Groups::of($s, $one), $by === self::ALL ? self::BY : [$by]);
            $cells[implode(' | ', $parts)][] = $s;
        }

        return $cells;
    }

    /** @param  list<SnapRow>  $cell */
    private static function runsIn(array $cell): int
    {
        return count(array_filter($cell, fn (SnapRow $s): bool => $s->run));
    }

    /**
     * The mean squared distance of the cells from the whole, and its standard deviation.
     *
     * @param  array<array-key, non-empty-list<SnapRow>>  $cells
     * @return array{float, float}
     */
    private function square(array $cells): array
    {
        $all = count($this->snaps);
        $share = $this->share();
        $square = $variance = 0.0;
        foreach ($cells as $cell) {
            $n = count($cell);
            $runs = self::runsIn($cell);
            $square += $n / $all * self::part($runs, $n, $share);
            $noise = $share * (1.0 - $share) / $n;
            $away = ($runs / $n - $share) ** 2;
            $variance += ($n / $all) ** 2 * (2.0 * $noise ** 2 + 4.0 * $away * $noise);
        }

        return [$square, sqrt($variance)];
    }

    /** The squared distance of one cell without what chance adds to it; of a single snap nothing is known. */
    private static function part(int $runs, int $n, float $share): float
    {
        if ($n < 2) {
            return 0.0;
        }
        $p = $runs / $n;

        return ($p - $share) ** 2 - $p * (1.0 - $p) / ($n - 1);
    }
}
