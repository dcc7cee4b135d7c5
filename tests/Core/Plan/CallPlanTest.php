<?php

use Jacotaxis\Core\Plan\CallPlan;
use Jacotaxis\Core\Plan\PlannedCall;
use Jacotaxis\Core\Plan\ShownLook;

/**
 * A call by its chances in per cent, and behind a stroke against what hurts it most; a look it is good against is
 * marked by a plus. What begins with "pass" is a pass.
 */
function planned(string $name, string $cells): PlannedCall
{
    $cells = explode(' ', $cells);

    return new PlannedCall(
        $name,
        $name,
        str_starts_with($name, 'pass'),
        array_map(fn (string $c): float => (float) $c / 100.0, $cells),
        array_map(fn (string $c): float => (float) (explode('/', $c)[1] ?? $c) / 100.0, $cells),
        array_map(fn (string $c): bool => str_ends_with($c, '+'), $cells),
    );
}

/**
 * @param  array<string, string>  $calls
 * @param  array<string, string>  $book
 * @param  list<int>  $shown
 */
function planOf(array $calls, array $shown, array $book = []): CallPlan
{
    return new CallPlan(
        array_map(planned(...), array_keys($calls), array_values($calls)),
        array_map(planned(...), array_keys($book), array_values($book)),
        array_map(fn (int $n, int $l): ShownLook => new ShownLook("look $l", $n), $shown, array_keys($shown)),
    );
}

it('weighs a call by what the opponent shows, with the doubt of the counts', function (): void {
    $menu = planOf(['smash' => '60+ 20', 'zone' => '40 50+'], [29, 9])->menu();
    // 29.5 and 9.5 of 39: 0.7564 and 0.2436.
    expect(array_column($menu, 'name'))->toBe(['smash', 'zone'])
        ->and($menu[0]['worth'])->toEqualWithDelta(0.7564 * 0.6 + 0.2436 * 0.2, 1e-4)
        ->and($menu[1]['worth'])->toEqualWithDelta(0.7564 * 0.4 + 0.2436 * 0.5, 1e-4)
        ->and($menu[0]['good'])->toEqualWithDelta(0.7564, 1e-4)
        ->and($menu[1]['good'])->toEqualWithDelta(0.2436, 1e-4)
        ->and($menu[0]['best'])->toBe([0])
        ->and($menu[1]['best'])->toBe([1])
        ->and($menu[0]['hurtBy'])->toBe(1)
        ->and($menu[1]['hurtBy'])->toBe(0);
    // 1.96 sqrt(0.7564 * 0.2436 * 0.4^2 / 40)
    expect($menu[0]['high'] - $menu[0]['worth'])->toEqualWithDelta(0.0532, 1e-3);
});

it('orders by his looks, not by the mean of them', function (): void {
    $calls = ['smash' => '60+ 20', 'zone' => '40 50+'];
    expect(planOf($calls, [1, 30])->menu()[0]['name'])->toBe('zone')
        ->and(planOf($calls, [30, 1])->menu()[0]['name'])->toBe('smash');
});

it('gives the mix no look can hurt and what calling by their shares gains', function (): void {
    $mix = planOf(['run' => '60+ 30', 'pass' => '20 50+', 'third' => '19 29'], [30, 0])->mix();
    expect(array_column($mix['calls'], 'share', 'name'))->toHaveKeys(['run', 'pass'])
        ->and(count($mix['calls']))->toBe(2)
        ->and($mix['guarantees'])->toEqualWithDelta(0.4, 1e-9)
        ->and($mix['byShares']['name'])->toBe('run')
        ->and($mix['byShares']['worth'])->toEqualWithDelta((30.5 * 0.6 + 0.5 * 0.3) / 31.0, 1e-9)
        ->and($mix['gain'])->toEqualWithDelta($mix['byShares']['worth'] - 0.4, 1e-9)
        ->and(array_sum(array_column($mix['looks'], 'share')))->toEqualWithDelta(1.0, 1e-9);
});

it('mixes run and pass where one look has both: what he expects meets what hurts it most', function (): void {
    // Expecting the run: 30 and 50; expecting the pass: 60 and 20. The value is (30*20 - 50*60) / (30+20-50-60).
    $mix = planOf(['run' => '60/30', 'pass' => '50/20'], [9])->mix();
    expect($mix['guarantees'])->toEqualWithDelta((0.30 * 0.20 - 0.50 * 0.60) / (0.30 + 0.20 - 0.50 - 0.60), 1e-9)
        ->and(array_column($mix['calls'], 'name'))->toEqualCanonicalizing(['run', 'pass'])
        ->and(array_column($mix['looks'], 'expects'))->toEqualCanonicalizing(['run', 'pass']);
});

it('calls nothing but the run where the run is better whatever he expects', function (): void {
    $mix = planOf(['run' => '60/55', 'pass' => '50/20'], [9])->mix();
    expect(array_column($mix['calls'], 'share', 'name'))->toBe(['run' => 1.0])
        ->and($mix['guarantees'])->toEqualWithDelta(0.55, 1e-9);
});

it('has no mix without a call', function (): void {
    expect(planOf([], [3])->mix())->toBe(['calls' => [], 'looks' => [], 'guarantees' => 0.0, 'byShares' => null,
        'gain' => 0.0]);
});

it('finds the holes and the fewest calls that close them', function (
    array $calls,
    array $book,
    array $shown,
    array $holes,
    array $closers,
    array $open,
): void {
    $plan = planOf($calls, $shown, $book);
    $found = $plan->closers();
    expect($plan->holes())->toBe($holes)
        ->and(array_column($found['calls'], 'name'))->toBe($closers)
        ->and($found['open'])->toBe($open);
})->with([
    'none' => [['a' => '50+ 50+'], ['b' => '60+ 60+'], [1, 1], [], [], []],
    'the most shown first' => [['a' => '50 50 50+'], ['b' => '10+ 10+ 10'], [2, 9, 4], [1, 0], ['b'], []],
    'one call closes what two would' => [
        ['a' => '50 50 50'], ['b' => '90+ 10 10', 'c' => '10 90+ 90+', 'd' => '20+ 20+ 20+'], [1, 1, 1],
        [0, 1, 2], ['d'], [],
    ],
    'of two that close as much the better one' => [
        ['a' => '50 50'], ['b' => '40+ 40+', 'c' => '45+ 45+'], [1, 1], [0, 1], ['c'], [],
    ],
    'two where one is not enough' => [
        ['a' => '50 50 50'], ['b' => '40+ 40+ 40', 'c' => '45 45+ 45+', 'd' => '45 60+ 45'], [3, 2, 1],
        [0, 1, 2], ['b', 'c'], [],
    ],
    'what nothing closes stays open' => [['a' => '50 50'], ['b' => '40+ 40'], [1, 1], [0, 1], ['b'], [1]],
    'four, one at a time' => [
        ['a' => '1 1 1 1'],
        ['b' => '9+ 1 1 1', 'c' => '1 9+ 1 1', 'd' => '1 1 9+ 1', 'e' => '1 1 1 9+'],
        [4, 3, 2, 1], [0, 1, 2, 3], ['b', 'c', 'd', 'e'], [],
    ],
]);

it('names the calls that earn no place', function (array $calls, array $idle): void {
    expect(array_column(planOf($calls, array_fill(0, count(explode(' ', (string) reset($calls))), 5))->idle(),
        'instead', 'name'))->toBe($idle);
})->with([
    'one call is never idle' => [['a' => '10 10'], []],
    'worse against everything than another' => [['a' => '50+ 50+', 'b' => '40+ 45+'], ['b' => 'a']],
    'always one is better, never the same' => [['a' => '60+ 10', 'b' => '10 60+', 'c' => '30+ 30+'], []],
    'worse than a call of the other kind' => [['a' => '50+ 50+', 'pass b' => '40+ 45+'], []],
    'better at its worst' => [['a' => '50/10+ 50/10+', 'b' => '40/40+ 45/45+'], []],
    'the very same' => [['a' => '50+ 50+', 'b' => '50+ 50+'], []],
    'best against one look' => [['a' => '60+ 10', 'b' => '50 20'], []],
    'good where nothing else is, though it is worth less' => [['a' => '60+ 30', 'b' => '10 29+'], []],
    'in the mix, though best against nothing' => [['a' => '90+ 0', 'b' => '0 90+', 'c' => '50+ 50+'], []],
]);

it('needs a look', fn () => planOf(['a' => '1'], []))->throws(InvalidArgumentException::class, 'look');
