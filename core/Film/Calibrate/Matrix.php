<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Calibrate;

/** Small dense linear algebra on lists of rows: what a calibration needs and no more. */
final class Matrix
{
    /**
     * Solves A x = b by Gaussian elimination with row pivoting; null when A is singular to working precision.
     *
     * @param  list<list<float>>  $a
     * @param  list<float>  $b
     * @return list<float>|null
     */
    public static function solve(array $a, array $b): ?array
    {
        $inverse = self::inverse($a);

        return $inverse === null ? null : self::times($inverse, $b);
    }

    /**
     * @param  list<list<float>>  $a
     * @return list<list<float>>|null
     */
    public static function inverse(array $a): ?array
    {
        $n = count($a);
        $scale = self::most(array_map(self::most(...), $a)) ?: 1.0;
        foreach ($a as $i => $row) {
            $a[$i] = [...$row, ...array_map(fn (int $j): float => $i === $j ? 1.0 : 0.0, range(0, $n - 1))];
        }
        for ($c = 0; $c < $n; $c++) {
            $p = $c;
            for ($r = $c + 1; $r < $n; $r++) {
                $p = abs($a[$r][$c]) > abs($a[$p][$c]) ? $r : $p;
            }
            if (abs($a[$p][$c]) < 1e-13 * $scale) {
                return null;
            }
            [$a[$c], $a[$p]] = [$a[$p], $a[$c]];
            $pivot = $a[$c][$c];
            $a[$c] = array_map(fn (float $v): float => $v / $pivot, $a[$c]);
            for ($r = 0; $r < $n; $r++) {
                $f = $a[$r][$c];
                if ($r !== $c && $f !== 0.0) {
                    foreach ($a[$c] as $k => $v) {
                        $a[$r][$k] -= $f * $v;
                    }
                }
            }
        }

        return array_map(fn (array $row): array => array_slice($row, $n), $a);
    }

    /**
     * @param  list<list<float>>  $a
     * @param  list<float>  $x
     * @return list<float>
     */
    public static function times(array $a, array $x): array
    {
        return array_map(function (array $row) use ($x): float {
            $sum = 0.0;
            foreach ($row as $k => $v) {
                $sum += $v * $x[$k];
            }

            return $sum;
        }, $a);
    }

    /**
     * The largest of some numbers by size, 0 of none.
     *
     * @param  list<float>  $a
     */
    public static function most(array $a): float
    {
        return max(0.0, ...array_map(abs(...), $a));
    }

    /**
     * A' A and A' b of an overdetermined system.
     *
     * @param  list<list<float>>  $a
     * @param  list<float>  $b
     * @return array{list<list<float>>, list<float>}
     */
    public static function normal(array $a, array $b): array
    {
        $n = count($a[0]);
        $ata = array_fill(0, $n, array_fill(0, $n, 0.0));
        $atb = array_fill(0, $n, 0.0);
        foreach ($a as $i => $row) {
            for ($j = 0; $j < $n; $j++) {
                $atb[$j] += $row[$j] * $b[$i];
                for ($k = 0; $k < $n; $k++) {
                    $ata[$j][$k] += $row[$j] * $row[$k];
                }
            }
        }

        return [array_map(array_values(...), array_values($ata)), array_values($atb)];
    }
}
