<?php

use Jacotaxis\Core\Plan\Mix\GameMix;
use Jacotaxis\Core\Plan\Mix\MatrixGame;

/**
 * What proves a solution: no choice of the column side brings the row mix below the value, and none of the row side
 * gets more than it out of the column mix.
 *
 * @param  list<list<float>>  $payoff
 */
function provesGame(array $payoff, GameMix $mix): void
{
    expect(array_sum($mix->rows))->toEqualWithDelta(1.0, 1e-9)
        ->and(array_sum($mix->columns))->toEqualWithDelta(1.0, 1e-9)
        ->and(min($mix->rows))->toBeGreaterThanOrEqual(0.0)
        ->and(min($mix->columns))->toBeGreaterThanOrEqual(-1e-12);
    foreach (array_keys($payoff[0]) as $j) {
        $gain = array_sum(array_map(fn (float $x, array $row): float => $x * $row[$j], $mix->rows, $payoff));
        expect($gain)->toBeGreaterThan($mix->value - 1e-9);
    }
    foreach ($payoff as $row) {
        $gain = array_sum(array_map(fn (float $y, float $v): float => $y * $v, $mix->columns, $row));
        expect($gain)->toBeLessThan($mix->value + 1e-9);
    }
}

it('solves games worked by hand', function (array $payoff, float $value, ?array $rows): void {
    $mix = MatrixGame::solve($payoff);
    expect($mix->value)->toEqualWithDelta($value, 1e-9);
    foreach ($rows ?? [] as $i => $share) {
        expect($mix->rows[$i])->toEqualWithDelta($share, 1e-9);
    }
    provesGame($payoff, $mix);
})->with([
    'one call, one look' => [[[0.4]], 0.4, [1.0]],
    'one call, the worst look counts' => [[[0.4, 0.1, 0.6]], 0.1, [1.0]],
    'one look, the best call' => [[[0.4], [0.7], [0.2]], 0.7, [0.0, 1.0, 0.0]],
    'matching pennies' => [[[1.0, -1.0], [-1.0, 1.0]], 0.0, [0.5, 0.5]],
    'run and pass against two fronts: (ad - bc) / (a + d - b - c)' => [
        [[0.6, 0.3], [0.2, 0.5]], 0.4, [0.5, 0.5],
    ],
    'a call that is better against everything is called always' => [[[0.5, 0.6], [0.4, 0.5]], 0.5, [1.0, 0.0]],
    'a saddle' => [[[3.0, 1.0, 4.0], [2.0, 0.0, 5.0]], 1.0, [1.0, 0.0]],
    'stone, scissors, paper' => [[[0.0, 1.0, -1.0], [-1.0, 0.0, 1.0], [1.0, -1.0, 0.0]], 0.0, [1 / 3, 1 / 3, 1 / 3]],
    'all the same' => [[[0.3, 0.3], [0.3, 0.3]], 0.3, null],
    'losses only' => [[[-2.0, -5.0], [-4.0, -3.0]], -3.5, [0.25, 0.75]],
]);

/*
 * Thirty games drawn at random and solved by scipy.optimize.linprog 1.10.1 (method highs), to nine digits: the value v
 * is the greatest with x A >= v, sum x = 1, x >= 0. A third of them have many equal gains, where a simplex could cycle.
 */
it('agrees with a general solver of linear programs', function (): void {
    $games = json_decode((string) file_get_contents(__DIR__.'/games.json'), true);
    expect($games)->toHaveCount(30);
    foreach ($games as ['payoff' => $payoff, 'value' => $value]) {
        $payoff = array_map(fn (array $row): array => array_map(floatval(...), $row), $payoff);
        $mix = MatrixGame::solve($payoff);
        expect($mix->value)->toEqualWithDelta($value, 1e-7);
        provesGame($payoff, $mix);
    }
});

it('refuses what is no game', function (array $payoff): void {
    MatrixGame::solve($payoff);
})->with([
    'nothing' => [[]],
    'no look' => [[[], []]],
    'rows of two lengths' => [[[0.1, 0.2], [0.3]]],
])->throws(InvalidArgumentException::class);
