<?php

/* The fewest calls that are good against each of some looks, against a search through every choice of them. */

use Jacotaxis\Core\Plan\FewestCalls;
use Jacotaxis\Core\Plan\PlannedCall;

/** A call by the looks it is good against: "x.x" is good against the first and the third. */
function covering(string $id, string $looks): PlannedCall
{
    $good = array_map(fn (string $c): bool => $c === 'x', str_split($looks));
    $chance = array_fill(0, count($good), 0.5);

    return new PlannedCall($id, strtoupper($id), true, $chance, $chance, $good);
}

/** @param  array<string, string>  $book  looks by id, the better first */
function fewest(array $book, array $wanted): array
{
    $calls = array_map(covering(...), array_keys($book), array_values($book));

    return array_map(fn (PlannedCall $c): string => $c->id, FewestCalls::of($calls, $wanted));
}

it('takes as few as there are, the better first', function (array $book, array $wanted, array $taken): void {
    expect(fewest($book, $wanted))->toBe($taken);
})->with([
    'nothing is wanted' => [['a' => 'xx'], [], []],
    'one closes all' => [['a' => 'x..', 'b' => 'xxx', 'c' => '.xx'], [0, 1, 2], ['b']],
    'two where no one does' => [['a' => 'xx.', 'b' => '.xx', 'c' => '..x'], [0, 1, 2], ['a', 'b']],
    'the better of two that close as much' => [['a' => 'x', 'b' => 'x'], [0], ['a']],
    'what is not wanted is no reason' => [['a' => 'x.', 'b' => 'xx'], [0], ['a']],
    'two, where the one that closes most is not among them' => [
        ['most' => 'xxxx..', 'a' => 'xx..x.', 'b' => '..xx.x'],
        [0, 1, 2, 3, 4, 5],
        ['a', 'b'],
    ],
    'four, one after the other' => [['a' => 'x...', 'b' => '.x..', 'c' => '..x.', 'd' => '...x'], [0, 1, 2, 3],
        ['a', 'b', 'c', 'd']],
]);

it('is never longer than the shortest of all choices, up to three', function (int $seed): void {
    mt_srand($seed);
    $book = [];
    foreach (range(0, 6) as $n) {
        $book["c$n"] = implode('', array_map(fn (): string => mt_rand(0, 2) === 0 ? 'x' : '.', range(0, 5)));
    }
    $closed = fn (array $ids, int $l): bool => array_filter($ids, fn (string $c): bool => $book[$c][$l] === 'x') !== [];
    $wanted = array_values(array_filter(range(0, 5), fn (int $l): bool => $closed(array_keys($book), $l)));
    $shortest = INF;
    foreach (range(0, 2 ** count($book) - 1) as $mask) {
        $in = fn (string $id): bool => ($mask >> (int) $id[1] & 1) === 1;
        $ids = array_values(array_filter(array_keys($book), $in));
        if (array_filter($wanted, fn (int $l): bool => ! $closed($ids, $l)) === []) {
            $shortest = min($shortest, count($ids));
        }
    }
    $taken = fewest($book, $wanted);
    expect(array_filter($wanted, fn (int $l): bool => ! $closed($taken, $l)))->toBe([]);
    if ($shortest <= 3) {
        expect(count($taken))->toBe((int) $shortest);
    }
})->with(range(1, 20));
