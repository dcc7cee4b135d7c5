<?php

use Jacotaxis\Core\Field\Matching;
use Symfony\Component\Process\Process;

// Reference: scipy.optimize.linear_sum_assignment on the same costs.
it('matches as cheaply as scipy on random costs', function (int $seed): void {
    mt_srand($seed);
    $cases = [];
    for ($n = 0; $n < 25; $n++) {
        $rows = mt_rand(1, 11);
        $columns = mt_rand($rows, 12);
        $cases[] = array_map(
            fn (): array => array_map(
                fn (): float => mt_rand(0, 10000) / 100.0 - ($n % 5 === 0 ? 50.0 : 0.0),
                range(1, $columns),
            ),
            range(1, $rows),
        );
    }
    $python = new Process(
        [
            '/usr/bin/python3',
            '-c',
            'import sys,json;import numpy as np;from scipy.optimize import linear_sum_assignment as f
print(json.dumps([float(np.array(c)[f(np.array(c))].sum()) for c in json.load(sys.stdin)]))',
        ],
        input: json_encode($cases),
    );
    $best = json_decode($python->mustRun()->getOutput(), true);
    foreach ($cases as $n => $cost) {
        $columns = Matching::best($cost);
        $sum = array_sum(
            array_map(fn (int $row, int $column): float => $cost[$row][$column], array_keys($columns), $columns),
        );
        expect($sum)->toEqualWithDelta($best[$n], 1e-6)->and(array_unique($columns))->toHaveCount(count($cost));
    }
})->with([1, 2, 3, 4]);

it('matches nothing to nothing', function (): void {
    expect(Matching::best([]))->toBe([])->and(Matching::best([[3.0]]))->toBe([0]);
});
