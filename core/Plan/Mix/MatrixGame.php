<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan\Mix;

use InvalidArgumentException;

/**
 * A game of two sides who choose at once: what one gains the other loses. Both have a mix that no choice of the other
 * can hurt (von Neumann 1928); it is the solution of a linear program (Dantzig's simplex method, Bland's rule against
 * cycling).
 */
final class MatrixGame
{
    /** What is less than this is zero. */
    private const ZERO = 1e-12;

    /** @var list<list<float>> the constraints with their slacks and, last, the right side */
    private array $rows = [];

    /** @var list<float> what a unit of each variable would still gain, and, last, what has been gained */
    private array $gains = [];

    /** @var array<int, int> which variable each constraint holds */
    private array $basis = [];

    /** @param  non-empty-list<non-empty-list<float>>  $payoff  what the row side gains, by row and column */
    private function __construct(private readonly array $payoff)
    {
    }

    /**
     * @param  list<list<float>>  $payoff  what the row side gains, by row and column
     *
     * @throws InvalidArgumentException when there is no row, no column, or rows differ in length
     */
    public static function solve(array $payoff): GameMix
    {
        $wide = count($payoff[0] ?? []);
        if ($payoff === [] || $wide === 0) {
            throw new InvalidArgumentException('A game needs a choice of each side.');
        }
        foreach ($payoff as $row) {
            if ($row === [] || count($row) !== $wide) {
                throw new InvalidArgumentException('Every row of a game has as many columns.');
            }
        }
        /** @var non-empty-list<non-empty-list<float>> $payoff */

        return (new self($payoff))->solved();
    }

    private function solved(): GameMix
    {
        $least = min(array_map(fn (array $row): float => min($row), $this->payoff));
        // Gains above zero change nothing of who should choose what, and make the value positive.
        $this->lay(array_map(
            fn (array $row): array => array_map(fn (float $v): float => $v - $least + 1.0, $row),
            $this->payoff,
        ));
        while (($column = $this->entering()) !== null) {
            $this->pivot($this->leaving($column), $column);
        }

        return $this->read($least);
    }

    /**
     * Maximise the sum of the columns' weights so that no row gains more than one.
     *
     * @param  list<list<float>>  $positive
     */
    private function lay(array $positive): void
    {
        $tall = count($positive);
        $wide = count($positive[0]);
        foreach ($positive as $i => $row) {
            $slacks = array_fill(0, $tall, 0.0);
            $slacks[$i] = 1.0;
            $this->rows[] = [...$row, ...array_values($slacks), 1.0];
            $this->basis[] = $wide + $i;
        }
        $this->gains = [...array_fill(0, $wide, 1.0), ...array_fill(0, $tall + 1, 0.0)];
    }

    /** The first variable that would still gain (Bland's rule), or null: it is solved. */
    private function entering(): ?int
    {
        foreach (array_slice($this->gains, 0, -1) as $j => $gain) {
            if ($gain > self::ZERO) {
                return $j;
            }
        }

        return null;
    }

    /** The constraint that binds first; of several the one that holds the earliest variable. */
    private function leaving(int $column): int
    {
        $best = -1;
        $least = INF;
        foreach ($this->rows as $i => $row) {
            if ($row[$column] <= self::ZERO) {
                continue;
            }
            $ratio = $row[count($row) - 1] / $row[$column];
            if ($ratio < $least - self::ZERO || $ratio <= $least && $this->basis[$i] < $this->basis[$best]) {
                [$least, $best] = [$ratio, $i];
            }
        }

        return $best;
    }

    private function pivot(int $at, int $column): void
    {
        $by = $this->rows[$at][$column];
        $pivot = array_map(fn (float $v): float => $v / $by, $this->rows[$at]);
        foreach ($this->rows as $i => $row) {
            $this->rows[$i] = $i === $at ? $pivot : self::without($row, $pivot, $row[$column]);
        }
        $this->gains = self::without($this->gains, $pivot, $this->gains[$column]);
        $this->basis[$at] = $column;
    }

    /**
     * @param  list<float>  $row
     * @param  list<float>  $pivot
     * @return list<float>
     */
    private static function without(array $row, array $pivot, float $times): array
    {
        return array_map(fn (float $v, float $p): float => $v - $times * $p, $row, $pivot);
    }

    private function read(float $least): GameMix
    {
        $tall = count($this->payoff);
        $wide = count($this->payoff[0]);
        $value = -1.0 / $this->gains[count($this->gains) - 1];
        $columns = array_fill(0, $wide, 0.0);
        foreach ($this->basis as $i => $variable) {
            if ($variable < $wide) {
                $columns[$variable] = $this->rows[$i][$wide + $tall] * $value;
            }
        }
        $slacks = array_slice($this->gains, $wide, $tall);
        $rows = array_map(fn (float $gain): float => max(0.0, -$gain * $value), $slacks);

        return new GameMix($rows, array_values($columns), $value + $least - 1.0);
    }
}
