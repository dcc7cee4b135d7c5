<?php

use Jacotaxis\Core\Grade\Numbers\SnapRow;
use Jacotaxis\Core\Plan\Predictability;

/**
 * So many runs and passes of one situation, formation and motion.
 *
 * @return list<SnapRow>
 */
function playsOf(
    int $runs,
    int $passes,
    int $down,
    float $toGo,
    string $formation = 'gun 2x2',
    ?string $motion = null,
): array {
    $one = fn (bool $run, int $n): SnapRow => new SnapRow(
        "$down-$formation-".($run ? 'r' : 'p').$n,
        call: $run ? 'zone' : 'smash',
        formation: $formation,
        motion: $motion,
        down: $down,
        toGoYd: $toGo,
        run: $run,
    );

    return [
        ...array_map(fn (int $n): SnapRow => $one(true, $n), $runs === 0 ? [] : range(1, $runs)),
        ...array_map(fn (int $n): SnapRow => $one(false, $n), $passes === 0 ? [] : range(1, $passes)),
    ];
}

it('is what the arithmetic says', function (array $plays, float $points): void {
    $figure = (new Predictability(array_merge(...$plays)))->figure();
    expect($figure['points'])->toEqualWithDelta($points, 1e-9)
        ->and($figure['low'])->toBeLessThanOrEqual($figure['points'])
        ->and($figure['high'])->toBeGreaterThanOrEqual($figure['points']);
})->with([
    'always a run on first, never else: all there is' => [[playsOf(100, 0, 1, 10), playsOf(0, 100, 2, 8)], 10.0],
    // Shares 1 and 1/2 of 3/4: a quarter each way, less what chance adds to the second, 1/4 / 99.
    'always a run on first, else as it comes' => [
        [playsOf(100, 0, 1, 10), playsOf(50, 50, 2, 8)], 20.0 * sqrt(0.0625 - 0.5 * 0.25 / 99),
    ],
    'only runs: nobody needs to know where' => [[playsOf(40, 0, 1, 10), playsOf(30, 0, 2, 8)], 0.0],
    'the same share everywhere' => [[playsOf(50, 50, 1, 10), playsOf(20, 20, 2, 8)], 0.0],
    'two formations that tell it' => [
        [playsOf(50, 0, 1, 10, 'I'), playsOf(0, 50, 1, 10, 'trips')], 10.0,
    ],
    'nothing' => [[[]], 0.0],
    'single snaps tell nothing' => [[playsOf(1, 0, 1, 10), playsOf(0, 1, 2, 8), playsOf(1, 0, 3, 2)], 0.0],
]);

it('finds nothing in a coin that is thrown', function (int $seed): void {
    mt_srand($seed);
    $plays = [];
    foreach ([[1, 10.0], [2, 8.0], [2, 2.0], [3, 5.0]] as [$down, $toGo]) {
        foreach (['gun 2x2', 'gun trips', 'I'] as $formation) {
            $runs = array_sum(array_map(fn (): int => mt_rand(0, 1), range(1, 50)));
            $plays[] = playsOf($runs, 50 - $runs, $down, $toGo, $formation);
        }
    }
    $one = new Predictability(array_merge(...$plays));
    expect($one->figure()['low'])->toBe(0.0)->and($one->figure()['points'])->toBeLessThan(2.0);
})->with([1, 2, 3, 4, 5, 6]);

it('names the habit that costs most, with its snaps, and no habit that is chance', function (): void {
    $plays = [
        ...playsOf(28, 2, 1, 10, 'I'), ...playsOf(25, 25, 1, 10, 'gun 2x2'), ...playsOf(10, 30, 3, 8, 'gun 2x2'),
        ...playsOf(2, 1, 4, 1, 'goal line'),
    ];
    $habits = (new Predictability($plays))->habits();
    $found = array_map(fn (array $h): string => "{$h['by']} {$h['name']} {$h['runs']}/{$h['of']}", $habits);
    expect($found[0])->toBe('formation I 28/30')
        ->and($found)->toContain('situation 3rd and long 10/40')
        ->and(implode(' ', $found))->not->toContain('goal line')
        ->and($habits[0]['ids'])->toHaveCount(30)
        ->and($habits[0]['points'])->toEqualWithDelta(20.0 * (28 / 30 - 65 / 123), 1e-9);
});

it('says the fewest calls that halve it', function (): void {
    $plays = [...playsOf(40, 0, 1, 10, 'I'), ...playsOf(30, 30, 1, 10, 'gun 2x2'), ...playsOf(0, 40, 3, 8, 'trips')];
    $one = new Predictability($plays);
    $changes = $one->halving();
    // Formation and situation tell the same here but for the gun: the formation gives all of it.
    expect($one->figure()['by'])->toBe('formation')
        ->and(array_column($changes, 'to', 'name'))->toBe(['I' => 'pass', 'trips' => 'run']);
    // Made so, the figure is half.
    $after = [
        ...playsOf(40 - $changes[0]['calls'], $changes[0]['calls'], 1, 10, 'I'), ...playsOf(30, 30, 1, 10, 'gun 2x2'),
        ...playsOf($changes[1]['calls'], 40 - $changes[1]['calls'], 3, 8, 'trips'),
    ];
    $half = (new Predictability($after))->figure()['points'];
    expect($half)->toBeLessThanOrEqual($one->figure()['points'] / 2.0 + 1e-9)
        ->and($half)->toBeGreaterThan($one->figure()['points'] / 2.0 - 0.3);
});

it('has nothing to halve where nothing is known', function (): void {
    expect((new Predictability([...playsOf(20, 20, 1, 10), ...playsOf(10, 10, 2, 8)]))->halving())->toBe([])
        ->and((new Predictability([]))->halving())->toBe([])
        ->and((new Predictability([]))->habits())->toBe([]);
});

it('leaves out what is no call of ours that counts', function (): void {
    $plays = [
        new SnapRow('a', call: null, down: 1, run: true),
        new SnapRow('b', call: 'zone', down: 1, run: true, nullified: true),
        new SnapRow('c', call: 'zone', run: true), ...playsOf(3, 3, 1, 10),
    ];
    expect((new Predictability($plays))->figure()['snaps'])->toBe(6);
});
