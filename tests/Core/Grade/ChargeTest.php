<?php

use Jacotaxis\Core\Grade\Owners\Charge;
use Jacotaxis\Core\Grade\Points;
use Jacotaxis\Core\Grade\Scale;
use Jacotaxis\Core\Grade\Trend;

/** @return array{mark: int, marks: array<string, int|null>, weight: float, hard: bool, week: int} */
function rep(int $mark, float $weight = 1.0, bool $hard = false, array $marks = [], int $week = 1): array
{
    return compact('mark', 'marks', 'weight', 'hard', 'week');
}

it('GRD-03, 06, 09, 10, REC-08: says why a grade is not counted',
    function (int $mark, ?string $owner, ?string $causedBy, bool $certain, ?string $why): void {
        expect(Charge::why('H', $mark, $owner, $causedBy, $certain))->toBe($why);
    })->with([
        'his own minus counts' => [-1, null, null, true, null],
        'his own plus counts' => [1, null, null, true, null],
        'a catch drill, thrown too hard' => [-1, 'thrower', null, true, 'too hard a throw for the drill'],
        'caught all the same: his plus' => [1, 'thrower', null, true, null],
        'held, and nobody called it' => [-1, 'opponent', null, true, 'a hold or foul of theirs that nobody called'],
        'won through the hold' => [1, 'opponent', null, true, null],
        'loafs on a bag' => [-1, 'context', null, true, 'effort of a bag drill or walk-through'],
        'flies around in a walk-through' => [1, 'context', null, true, 'effort of a bag drill or walk-through'],
        'hit as he throws' => [-1, 'protection', null, true, 'hit as he let the ball go'],
        'the staff\'s fault never lowers him' => [-1, 'staff', null, true, 'wrong call, formation or plan'],
        'an even play under the wrong call' => [0, 'staff', null, true, 'wrong call, formation or plan'],
        'undetermined counts for nobody' => [1, 'undetermined', null, true, 'nobody knows yet whose it was'],
        'W-34: the pitch behind a late back' => [-1, null, 'R', true, 'R caused it'],
        'a climb that opened his cut: he keeps his plus' => [1, null, 'C', true, null],
        'a guess' => [-1, null, null, false, 'a guess: settle it and it counts'],
        'a guess of a plus' => [1, 'staff', 'R', false, 'a guess: settle it and it counts'],
    ]);

it('refuses an owner there is not, and a man who is his own cause',
    function (?string $owner, ?string $causedBy, string $says): void {
        expect(fn () => Charge::why('H', -1, $owner, $causedBy))->toThrow(DomainException::class, $says);
    })->with([
        ['referee', null, 'thrower, opponent, protection, staff, context, undetermined'],
        [null, 'H', 'name another man'],
    ]);

it('GRD-01, 07, 12: adds up', function (array $reps, array $is): void {
    $points = new Points(Scale::PlusMinus);
    array_map($points->add(...), $reps);
    expect(array_intersect_key($points->toArray(0.85), $is))->toBe($is);
})->with([
    'nothing graded' => [[], ['snaps' => 0, 'percent' => null, 'weightedPercent' => null, 'won' => null]],
    'only even plays: nothing was possible' => [[rep(0), rep(0)],
        ['snaps' => 2, 'plus' => 0, 'possible' => 0.0, 'percent' => null, 'won' => null]],
    'three of four' => [[rep(1), rep(1), rep(1), rep(-1)],
        ['snaps' => 4, 'plus' => 3, 'minus' => 1, 'earned' => 3.0, 'possible' => 4.0, 'percent' => 75.0,
            'weightedPercent' => 75.0, 'won' => false]],
    'exactly the winning share wins' => [[...array_fill(0, 17, rep(1)), ...array_fill(0, 3, rep(-1))],
        ['percent' => 85.0, 'won' => true]],
    'an unforced opening counts half, by weight only' => [[rep(1, 0.5), rep(-1)],
        ['percent' => 50.0, 'weightedPercent' => 33.3]],
    'an exhibition weighs nothing' => [[rep(-1, 0.0), rep(1)], ['percent' => 50.0, 'weightedPercent' => 100.0]],
    'a hard job well done adds' => [
        [rep(1, 1.0, true), rep(-1)],
        ['earned' => 1.5, 'possible' => 2.0, 'percent' => 75.0],
    ],
    'a hard job badly done loses no more' => [[rep(1), rep(-1, 1.0, true)], ['earned' => 1.0, 'percent' => 50.0]],
    'never more than all there was' => [[rep(1, 1.0, true)], ['earned' => 1.5, 'possible' => 1.0, 'percent' => 100.0]],
]);

it('adds up by the school of the staff', function (Scale $scale, array $rep, float $earned, float $possible): void {
    $points = new Points($scale);
    $points->add($rep);
    expect([$points->toArray(0.85)['earned'], $points->toArray(0.85)['possible']])->toBe([$earned, $possible]);
})->with([
    [Scale::PlusMinus, rep(1, marks: ['technique' => -1]), 1.0, 1.0],
    [Scale::ThreePart, rep(1, marks: ['technique' => -1]), 2.0, 3.0],
    [Scale::ZeroToTwo, rep(1, marks: ['technique' => -1]), 1.0, 2.0],
    [Scale::ThreePart, rep(-1, marks: ['assignment' => 1, 'technique' => 1]), 2.0, 3.0],
    [Scale::ZeroToTwo, rep(-1, marks: ['assignment' => -1]), 0.0, 2.0],
    [Scale::ZeroToTwo, rep(1, hard: true), 2.5, 2.0],
]);

it('speaks of a change only when the weeks lie apart', function (array $weeks, string $says): void {
    $reps = [];
    foreach ($weeks as $week => [$plus, $minus]) {
        array_push($reps, ...array_fill(0, $plus, rep(1, week: $week)), ...array_fill(0, $minus, rep(-1, week: $week)));
    }
    expect(Trend::of($reps, Scale::PlusMinus)['says'])->toStartWith($says);
})->with([
    'one week' => [[1 => [9, 1]], 'One week'],
    'a little better' => [[1 => [6, 4], 2 => [8, 2]], 'Too few snaps'],
    'much better' => [[1 => [10, 30], 2 => [38, 2]], 'Better: 38 of 40 this week, 10 of 40 before'],
    'much worse' => [[1 => [38, 2], 2 => [10, 30]], 'Worse'],
    'against all weeks before' => [
        [1 => [20, 0], 2 => [19, 1], 3 => [4, 16]],
        'Worse: 4 of 20 this week, 39 of 40 before',
    ],
    'all even this week' => [[1 => [5, 5], 2 => [0, 0]], 'One week'],
]);
