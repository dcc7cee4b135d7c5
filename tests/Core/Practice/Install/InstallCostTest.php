<?php

/*
 * PRA-06, worked by hand: what a new call asks of each man that nothing he has done asks of him, and which fronts need
 * a talk.
 */

use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Practice\Install\InstallCost;
use Jacotaxis\Core\Practice\Install\Tasks;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

/**
 * @param  list<string>  $known
 * @param  list<string>  $looks
 */
function installed(string $call, array $known, array $looks = ['4-2 nickel, cover 3']): InstallCost
{
    return InstallCost::of(
        CallParser::parse($call),
        array_map(CallParser::parse(...), $known),
        array_map(fn (string $look): Look => LookParser::parse($look), $looks),
        Situation::of(),
    );
}

it('asks each man what he has to learn', function (string $call, array $tasks): void {
    $all = Tasks::of(CallParser::parse($call), LookParser::parse('4-2 nickel, cover 3'), Situation::of())->by;
    ksort($all);
    ksort($tasks);
    expect($all)->toBe($tasks);
})->with([
    'counter: two pull, the rest block as in gap runs' => ['gun 2x2: counter right', [
        'LT' => 'pulls and leads through', 'LG' => 'pulls and kicks out', 'C' => 'blocks as in gap runs',
        'RG' => 'blocks as in gap runs', 'RT' => 'blocks as in gap runs', 'Q' => 'the counter',
        'R' => 'carries the counter', 'X' => 'blocks in space', 'Y' => 'blocks in space', 'H' => 'blocks in space',
        'Z' => 'blocks in space',
    ]],
    'zone with a bubble: who has a route runs it' => ['gun 2x2: zone left, rpo: H bubble', [
        'LT' => 'blocks as in zone runs', 'LG' => 'blocks as in zone runs', 'C' => 'blocks as in zone runs',
        'RG' => 'blocks as in zone runs', 'RT' => 'blocks as in zone runs', 'Q' => 'the zone',
        'R' => 'carries the zone',
        'X' => 'blocks in space', 'Y' => 'blocks in space', 'H' => 'bubble', 'Z' => 'blocks in space',
    ]],
    'a pass: routes, a protection, the order of the reads' => ['gun 2x2, half-slide right: smash right; read H, Z', [
        'LT' => 'protects, half-slide', 'LG' => 'protects, half-slide', 'C' => 'protects, half-slide',
        'RG' => 'protects, half-slide', 'RT' => 'protects, half-slide', 'Q' => 'reads corner, hitch',
        'R' => 'flat', 'X' => 'go', 'Y' => 'seam', 'H' => 'corner', 'Z' => 'hitch',
    ]],
    'play-action: who shows the run and who goes out' => [
        'gun 2x2, five, power right fake: X post; Z dig; H stays; Y stays; R stays; read X, Z', [
            'LT' => 'shows power, protects', 'LG' => 'shows power, protects', 'C' => 'shows power, protects',
            'RG' => 'shows power, protects', 'RT' => 'shows power, protects', 'Q' => 'five drop, reads post, dig',
            'R' => 'shows power, protects', 'Y' => 'shows power, protects', 'H' => 'shows power, protects',
            'X' => 'post', 'Z' => 'dig',
        ],
    ],
]);

it('finds what is new to whom', function (string $call, array $known, array $new): void {
    $cost = installed($call, $known);
    $found = $cost->new;
    ksort($found);
    ksort($new);
    expect($found)->toBe($new)
        ->and([...array_keys($cost->new), ...$cost->same])->toHaveCount(11);
})->with([
    'all of it, at the first practice' => ['gun 2x2: zone right', [], [
        'LT' => 'blocks as in zone runs', 'LG' => 'blocks as in zone runs', 'C' => 'blocks as in zone runs',
        'RG' => 'blocks as in zone runs', 'RT' => 'blocks as in zone runs', 'Q' => 'the zone',
        'R' => 'carries the zone',
        'X' => 'blocks in space', 'Y' => 'blocks in space', 'H' => 'blocks in space', 'Z' => 'blocks in space',
    ]],
    'nothing of what they ran, to the other side' => ['gun 2x2: zone left', ['gun 2x2: zone right'], []],
    'the two who pull, and who has the ball, of a counter beside power' => [
        'gun 2x2: counter right', ['gun 2x2: power right', 'gun 2x2: smash right'], [
            'LT' => 'pulls and leads through', 'LG' => 'pulls and kicks out', 'Q' => 'the counter',
            'R' => 'carries the counter', 'H' => 'blocks in space',
        ],
    ],
    'power to the other side is new to the guards and to who kicks' => [
        'gun 2x2: power left', ['gun 2x2: power right'], [
            'LG' => 'blocks as in gap runs', 'RG' => 'pulls and leads through', 'Y' => 'kicks out',
            'H' => 'blocks in space',
        ],
    ],
    'a route run before is nothing new to him, but to the passer its read is' => [
        'gun 2x2: smash right', ['gun 2x2: Z hitch; H corner; read Z, H; R flat; X go; Y seam'], [
            'Q' => 'reads corner, hitch',
        ],
    ],
    'a bubble with the zone they have is new to one man' => [
        'gun 2x2: zone left, rpo: H bubble', ['gun 2x2: zone left'], ['H' => 'bubble'],
    ],
]);

it('says which fronts need a talk', function (string $call, array $looks, array $talks): void {
    expect(installed($call, [], $looks)->talks)->toBe($talks);
})->with([
    'none where all jobs are as against the first' => [
        'gun 2x2: zone right', ['4-2 nickel, cover 3', '4-3 over, cover 3'], [],
    ],
    'none of a pass: its routes and its protection stay' => [
        'gun 2x2: smash right', ['4-2 nickel, cover 3', 'bear, cover 1', '3-4, cover 2'], [],
    ],
    'one where somebody is left over who was not' => [
        'gun 2x2: counter right', ['4-2 nickel, cover 3', '3-4, cover 3'], [
            '3-4' => ['men' => [], 'left' => ['left end']],
        ],
    ],
    'none for the end a trap leaves everywhere' => [
        'gun 2x2: trap right', ['4-2 nickel, cover 3', '4-3 over, cover 3'], [],
    ],
    'those where a covered man pulls or pins in turn' => [
        'gun trey right: pin and pull right', ['4-2 nickel, cover 3', '4-3 over, cover 3', '3-4, cover 3'], [
            '4-3 over' => ['men' => ['Y'], 'left' => []],
            '3-4' => ['men' => ['C', 'Y'], 'left' => []],
        ],
    ],
]);
