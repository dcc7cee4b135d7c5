<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Field;

/** The cheapest matching of rows to columns (Kuhn 1955, in the form with potentials), each column used at most once. */
final class Matching
{
    /**
     * @param  list<list<float>>  $cost  cost[row][column]; as many columns as rows or more
     * @return list<int> the column of each row
     */
    public static function best(array $cost): array
    {
        $n = count($cost);
        $m = $n === 0 ? 0 : count($cost[0]);
        $u = array_fill(0, $n + 1, 0.0);
        $v = array_fill(0, $m + 1, 0.0);
        $row = array_fill(0, $m + 1, 0);
        $way = array_fill(0, $m + 1, 0);
        for ($i = 1; $i <= $n; $i++) {
            $row[0] = $i;
            $j0 = 0;
            $least = array_fill(0, $m + 1, INF);
            $used = array_fill(0, $m + 1, false);
            do {
                $used[$j0] = true;
                $i0 = $row[$j0];
                $delta = INF;
                $j1 = 0;
                for ($j = 1; $j <= $m; $j++) {
                    if (! $used[$j]) {
                        $now = $cost[$i0 - 1][$j - 1] - $u[$i0] - $v[$j];
                        if ($now < $least[$j]) {
                            $least[$j] = $now;
                            $way[$j] = $j0;
                        }
                        if ($least[$j] < $delta) {
                            $delta = $least[$j];
                            $j1 = $j;
                        }
                    }
                }
                for ($j = 0; $j <= $m; $j++) {
                    if ($used[$j]) {
                        $u[$row[$j]] += $delta;
                        $v[$j] -= $delta;
                    } else {
                        $least[$j] -= $delta;
                    }
                }
                $j0 = $j1;
            } while ($row[$j0] !== 0);
            do {
                $row[$j0] = $row[$way[$j0]];
                $j0 = $way[$j0];
            } while ($j0 !== 0);
        }
        $columns = [];
        for ($j = 1; $j <= $m; $j++) {
            if ($row[$j] > 0) {
                $columns[$row[$j] - 1] = $j - 1;
            }
        }
        ksort($columns);

        return array_values($columns);
    }
}
