<?php

use Jacotaxis\Core\Plan\Trigger\Trigger;
use Jacotaxis\Core\Plan\Trigger\Triggers;
use Jacotaxis\Core\Plan\Trigger\Watch;
use Jacotaxis\Core\Plan\Trigger\WatchedSnap;

/**
 * @param  list<WatchedSnap>  $snaps
 * @return array<string, string> state by trigger
 */
function promptsOf(array $snaps): array
{
    return array_column(Watch::of($snaps, Triggers::shipped()), 'state', 'trigger');
}

it('counts what it is made for, and not what is almost it', function (array $said, array $states): void {
    expect(promptsOf(array_map(fn (string $one): WatchedSnap => watched($one), $said)))->toBe($states);
})->with([
    'a safety tackles in the box once' => [['power: strong safety tackles in the box'], ['option-pass' => 'due']],
    'a corner flies up on the pitch once' => [['toss: left corner flies up on the pitch'], ['option-pass' => 'due']],
    'a backer who tackles in the box is at home there' => [['power: mike tackles in the box'], []],
    'a corner who tackles in the box' => [['power: left corner tackles in the box'], []],
    'W-43: safety and corner on two cracks' => [
        ['crack: free safety triggers, right corner falls off', 'crack: free safety triggers, right corner falls off'],
        ['crack-seam-wheel' => 'due'],
    ],
    'W-43: each on two of three' => [
        ['crack: free safety triggers', 'crack: free safety triggers, right corner falls off',
            'crack: right corner falls off'],
        ['crack-seam-wheel' => 'due'],
    ],
    'W-43: on one run, none is due' => [
        ['crack: free safety triggers, right corner falls off'], ['crack-seam-wheel' => 'begun'],
    ],
    'W-43: the corner once short' => [
        ['crack: free safety triggers, right corner falls off', 'crack: free safety triggers'],
        ['crack-seam-wheel' => 'one short'],
    ],
    'on zone they tell nothing of the crack' => [
        ['zone: free safety triggers, right corner falls off',
            'zone: free safety triggers, right corner falls off'],
        [],
    ],
    'the free safety fits the jet' => [['jet: free safety fits the jet'], ['jet-seam' => 'due']],
    'a corner who fits the jet' => [['jet: left corner fits the jet'], []],
    'the backside backer scrapes' => [['jet: will scrapes at the jet'], ['jet-counter' => 'due']],
    'a safety who scrapes' => [['jet: free safety scrapes at the jet'], []],
    'the end fires out, whatever is run' => [['zone: left end fires out at the motion'], ['end-at-motion' => 'due']],
    'the nickel who fires out' => [['zone: nickel fires out at the motion'], []],
    'sink and contain on boots' => [['boot flood: nickel sinks, right end contains'], ['leak' => 'due']],
    'who sinks alone is half of it' => [['boot flood: nickel sinks'], ['leak' => 'one short']],
    'a hook man under the sticks twice' => [
        ['curls: mike sinks under the sticks', 'drive: mike sinks under the sticks'], ['check-down' => 'due'],
    ],
    'once is one short' => [['curls: mike sinks under the sticks'], ['check-down' => 'one short']],
    'an end who peels twice' => [['slip screen: left end peels with the back', 'draw: right end peels with the back'],
        ['draw' => 'due']],
    'nothing was seen' => [['power', 'zone'], []],
]);

it('counts nine in the box and not eight', function (int $box, array $states): void {
    expect(promptsOf([watched('power', box: $box)]))->toBe($states);
})->with([[9, ['nine-in-the-box' => 'due']], [10, ['nine-in-the-box' => 'due']], [8, []]]);

it('counts picture by picture, with the snaps that prove it', function (): void {
    $one = watched('crack: free safety triggers, left corner falls off', 'I', 'Z jet left');
    $two = watched('crack: free safety triggers, left corner falls off', 'I');
    $apart = Watch::of([$one, $two], Triggers::shipped());
    expect(array_column($apart, 'state', 'picture'))->toBe(['I, Z jet left' => 'begun', 'I' => 'begun']);

    $three = watched('crack: free safety triggers, left corner falls off', 'I');
    $due = Watch::of([$one, $two, $three], Triggers::shipped())[0];
    expect($due['state'])->toBe('due')
        ->and($due['picture'])->toBe('I')
        ->and($due['then'])->toBe(['crack-seam-wheel'])
        ->and(array_column($due['needs'], 'seen'))->toBe([2, 2])
        ->and($due['needs'][0]['ids'])->toBe([$two->id, $three->id]);
});

it('takes what the read man chose for what he did', function (string $defender, string $choice, array $states): void {
    $snap = (new WatchedSnap('a', 'crack', 'I', acts: []))->choosing($defender, $choice);
    expect(promptsOf([$snap, new WatchedSnap('b', 'crack', 'I')]))->toBe($states)
        ->and($snap->choosing($defender, $choice)->acts)->toHaveCount(count($snap->acts));
})->with([
    ['free safety', 'trigger', ['crack-seam-wheel' => 'begun']],
    ['left corner', 'fall off', ['crack-seam-wheel' => 'begun']],
    ['free safety', 'stay home', []],
]);

it('tells which runs are under the floor', function (): void {
    $runs = Watch::runs([
        ...array_map(fn (float $yd): WatchedSnap => watched('crack', gain: $yd), [5.0, 3.0, 4.0]),
        ...array_map(fn (float $yd): WatchedSnap => watched('power', gain: $yd), [1.0, 2.0, 6.0, 3.0]),
        ...array_map(fn (float $yd): WatchedSnap => watched('zone', gain: $yd), [9.0, 9.0]),
        new WatchedSnap('p', 'smash', run: false, gainYd: 0.0),
    ], 3.34);
    expect(array_map(fn (array $r): array => [$r['family'], $r['tries'], $r['average'], $r['worth']], $runs))->toBe([
        ['power', 4, 3.0, false], ['crack', 3, 4.0, true],
    ]);
});

it('says of every shipped trigger what to call, why, and what it needs', function (Trigger $trigger): void {
    expect($trigger->then)->not->toBe([])
        ->and($trigger->why)->not->toBe('')
        ->and($trigger->needs)->not->toBe([]);
})->with(fn (): array => array_map(fn (Trigger $t): array => [$t], Triggers::shipped()));
