<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

/**
 * Adds grades up: plus and minus, points earned over points possible, with and without the weight of the day (GRD-01,
 * GRD-07).
 */
final class Points
{
    private int $snaps = 0;

    private int $plus = 0;

    private int $minus = 0;

    private float $earned = 0.0;

    private float $possible = 0.0;

    private float $weighted = 0.0;

    private float $weight = 0.0;

    public function __construct(private readonly Scale $scale)
    {
    }

    /** @param  array{mark: int, marks: array<string, int|null>, weight: float, hard?: bool}  $grade */
    public function add(array $grade): void
    {
        [$earned, $possible] = $this->scale->points($grade['marks'], $grade['mark'], $grade['hard'] ?? false);
        $this->snaps++;
        $this->plus += (int) ($grade['mark'] > 0);
        $this->minus += (int) ($grade['mark'] < 0);
        $this->earned += $earned;
        $this->possible += $possible;
        $this->weighted += $grade['weight'] * $earned;
        $this->weight += $grade['weight'] * $possible;
    }

    public function interval(): Interval
    {
        return Interval::of($this->plus, $this->plus + $this->minus);
    }

    /**
     * @param  float  $winning  share of the points from which he won
     * @return array{snaps: int, plus: int, minus: int, earned: float, possible: float, percent: float|null,
     *     weightedPercent: float|null, won: bool|null, interval: array<string, mixed>} null where no point was possible
     */
    public function toArray(float $winning): array
    {
        return [
            'snaps' => $this->snaps,
            'plus' => $this->plus,
            'minus' => $this->minus,
            'earned' => round($this->earned, 1),
            'possible' => round($this->possible, 1),
            'percent' => self::percent($this->earned, $this->possible),
            'weightedPercent' => self::percent($this->weighted, $this->weight),
            'won' => $this->possible > 0.0 ? $this->earned / $this->possible >= $winning : null,
            'interval' => $this->interval()->toArray(),
        ];
    }

    /** Points for a hard job can make up for others, never more than all there were. */
    private static function percent(float $earned, float $possible): ?float
    {
        return $possible > 0.0 ? round(min(100.0, 100.0 * $earned / $possible), 1) : null;
    }
}
