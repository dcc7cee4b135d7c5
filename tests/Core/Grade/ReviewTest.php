<?php

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Film\Chart\Chain;
use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Film\Chart\Result;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Film\Seen;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Grade\Review;
use Jacotaxis\Core\Proof\Scene\Setting;

/** A game's smash into a sinking corner, charted. */
function reviewed(array $o = [], string $call = 'gun 2x2 right: smash right',
    string $look = '4-2 nickel, cover 2'): array
{
    $chart = new Chart(quarter: 2, clockS: 453, score: ['us' => 7, 'them' => 3], down: 2, toGoYd: 7.0, ballOnYd: 34.0,
        hash: Hash::Left, result: Result::Complete, gainYd: 3.0, kind: $o['kind'] ?? 'game', note: $o['note'] ?? null);

    return array_column((new Review(graded($call, $look, $o + ['chart' => $chart])))->steps(), null, 'id');
}

it('FLM-01, FLM-02: looks at a play of a game and of a practice in their orders', function (
    string $kind,
    array $order,
): void {
    expect(array_keys(reviewed(['kind' => $kind])))->toBe($order);
})->with([
    'game' => ['game', ['situation', 'jobs', 'why', 'reads', 'coverage', 'key', 'wide', 'tight', 'break', 'ball',
        'owner', 'next']],
    'scrimmage' => ['scrimmage', ['situation', 'jobs', 'why', 'reads', 'coverage', 'key', 'wide', 'tight', 'break',
        'ball', 'owner', 'next']],
    'practice' => ['practice', ['call', 'mover', 'front', 'line', 'backs', 'tight ends', 'quarterback', 'receivers',
        'after motion', 'verdict']],
]);

it('says what is known at each step of a pass', function (string $step, string $says): void {
    $all = reviewed(['act' => 'right corner: sink', 'throw' => 'H@2.8', 'note' => 'wind in our face']);
    expect(implode(' ', $all[$step]['says']))->toContain($says);
})->with([
    ['situation', '2nd and 7 on own 34, left hash. Quarter 2, 7:33, 7 to 3. wind in our face'],
    ['jobs', 'Z: Hitch at 6 yd.'],
    ['why', 'Smash: hitch by #1, corner by #2. Bound. The right corner is wrong both ways.'],
    ['reads', '1 H corner, live. 2 Z hitch, live.'],
    ['reads', 'Clear-out: X go.'],
    ['coverage', 'Charted cover 2; 2 deep at the snap.'],
    ['key', 'Does the right corner take the corner by H or the hitch by Z? Bound.'],
    ['wide', 'right corner chose to sink'],
    ['tight', 'Q: plant to ball out 1.30 s.'],
    ['break', 'Q: ball out 2.80 s'],
    ['ball', 'H: separation at the throw'],
    ['owner', 'Complete, +3 yd. Decision: forced. Whose: Q.'],
]);

it('leaves the line out of the jobs of a game and names linemen in a practice', function (): void {
    expect(implode(' ', reviewed()['jobs']['says']))->not->toContain('LT:');
    $practice = reviewed(['kind' => 'practice', 'seen' => [new Seen('LT', 'hands', 'minus'),
        new Seen('Q', 'action', 'give')]], 'under center wing right, H jet left: jet counter right',
        '4-2 nickel, cover 3');
    expect($practice['line']['says'])->toHaveCount(5)
        ->and(implode(' ', $practice['line']['says']))
        ->toContain('LT: Fills for the puller on the left end. Soft, high, passive.')
        ->and(implode(' ', $practice['mover']['says']))->toContain('H jet left.')->toContain('H: spot at the snap')
        ->and(implode(' ', $practice['front']['says']))->toContain('Combinations: RG with RT.')->toContain('Covered: ')
        ->and($practice['backs']['says'][0])->toStartWith('R: ')
        ->and(implode(' ', $practice['verdict']['says']))->toContain('Decision: right.');
});

it('tells man from zone by who goes with the mover, with its certainty', function (string $look, string $says): void {
    expect(
        implode(' ', reviewed([], 'gun 2x2 right, Y trade right: stick right', $look)['coverage']['says']),
    )->toContain($says);
})->with([
    ['4-2 nickel, cover 1, motion travel', 'man, sure'],
    ['4-2 nickel, cover 3, motion stay', 'zone, inferred. Nobody goes with Y.'],
]);

it('shows on the film what each step speaks of',
    function (string $step, ?string $angle, ?float $from, ?float $to, float $rate): void {
        $s = reviewed(['act' => 'right corner: sink', 'throw' => 'H@2.8'])[$step];
        expect([$s['angle'], $s['fromS'], $s['toS'], $s['rate']])->toEqual([$angle, $from, $to, $rate]);
    })->with([
        'frozen at the snap' => ['jobs', 'wide', 1.0, null, 1.0],
        'at speed to the decision' => ['wide', 'wide', 0.0, 4.2, 1.0],
        'slowly on the tight one' => ['tight', 'tight', 1.0, 4.2, 0.25],
        'nothing to show' => ['owner', null, null, null, 1.0],
        'nor here' => ['situation', null, null, null, 1.0],
    ]);

it('says nothing that is not known', function (): void {
    $film = new FilmDocument(null, null, new Setting(Jacotaxis\Core\Field\Situation::of()));
    $steps = array_column((new Review(new Grader(new Measures($film))))->steps(), null, 'id');
    expect($steps['jobs']['says'])->toBe(['The call or the look is unknown: settle it, then the jobs follow.'])
        ->and($steps['owner']['says'])->toBe(['The result is not charted.']);
    foreach (['situation', 'why', 'reads', 'coverage', 'key', 'wide', 'tight', 'break', 'ball', 'next'] as $id) {
        expect($steps[$id]['says'])->toBe([])->and($steps[$id]['fromS'])->toBeNull();
    }
});

it('REC-04: says what a snap made of the next one', function (array $this_, ?array $next, ?string $says): void {
    $base = ['series' => 1, 'down' => 1, 'toGoYd' => 10.0, 'ballOnYd' => 30.0, 'result' => Result::Run,
        'gainYd' => 4.0];
    expect(Chain::made(new Chart(...$this_ + $base), $next === null ? null : new Chart(...$next + ['series' => 1])))
        ->toBe($says);
})->with([
    'second down' => [[], ['down' => 2, 'toGoYd' => 6.0, 'ballOnYd' => 34.0], 'Then 2nd and 6 on own 34.'],
    'a first down' => [['gainYd' => 12.0], ['down' => 1, 'toGoYd' => 10.0, 'ballOnYd' => 42.0],
        'Then 1st and 10 on own 42, a new first down.'],
    'W-45: a long one after the foul' => [['down' => 2,
        'penalty' => ['by' => 'us', 'yards' => 10.0, 'what' => 'shove', 'nullified' => true]],
        ['down' => 3, 'toGoYd' => 16.0, 'ballOnYd' => 24.0], 'Then 3rd and 16 on own 24, a long down to make.'],
    'the score' => [['touchdown' => true], ['series' => 2, 'down' => 1], 'It scored.'],
    'lost' => [['result' => Result::Intercepted], ['series' => 2, 'down' => 1], 'It lost the ball.'],
    'punted after it' => [['down' => 3], ['series' => 2, 'down' => 1], 'It ended the series.'],
    'the last snap' => [[], null, null],
    'the next is not charted' => [[], ['down' => null], null],
]);
