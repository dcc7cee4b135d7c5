<?php

/* What a decision says of another ball than the right one, when it was late, and what it counts. Common practice. */

use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Film\Chart\Result;
use Jacotaxis\Core\Grade\Deciding\Decision;

const DIG_READ = 'gun 2x2 right: go-dig right; R check flat';

function decided(?string $grade): Decision
{
    return new Decision('mike', 'take the dig', 'H', $grade, 'because');
}

it('is a plus only when it was right and on time', function (?string $grade, ?int $mark): void {
    expect(decided($grade)->mark())->toBe($mark);
})->with([['right', 1], ['right but late', -1], ['wrong', -1], ['forced', -1], [null, null]]);

it('is neither lucky nor by eye unless it is said', function (): void {
    $d = decided('wrong');
    expect([$d->lucky, $d->byEye, $d->labels])->toBe([false, false, []])
        ->and($d->with(['lucky' => true])->lucky)->toBeTrue();
});

it('says why another ball is held against him', function (
    string $call,
    string $shell,
    array $film,
    string $grade,
    array $labels,
    string $says,
    string $not,
): void {
    $d = judgedOn($call, $shell, $film, 3, 8.0);
    expect([$d->grade, $d->labels])->toBe([$grade, $labels], $d->why)
        ->and($d->why)->toContain($says)->not->toContain($not);
})->with([
    'the check-down with the dig live' => [DIG_READ, 'cover 3', ['throw' => 'R@2.4'], 'wrong', ['FLT-48a'],
        'left it too soon', 'no live read'],
    'the dig the hook man has taken' => [DIG_READ, 'cover 3', ['act' => 'mike: take the dig', 'throw' => 'H@2.2'],
        'forced', ['FLT-48d'], 'The dig by H was shut', 'was open too'],
    'another read that was open' => ['gun 2x2 right: smash right; read H, Z', 'cover 3', ['throw' => 'H@2.3'],
        'forced', ['FLT-48d'], 'corner by H', 'left it too soon'],
]);

it('says when the ball was late and whose the wait was', function (string $at, string $grade, string $says): void {
    $d = judgedOn('gun 2x2 right: smash right', 'cover 2', ['act' => 'right corner: sink', 'throw' => $at]);
    expect($d->grade)->toBe($grade, $d->why)->and($d->why)->toContain($says);
})->with([
    'on time' => ['Z@2.0', 'right', 'inside the slot from'],
    'held' => ['Z@2.9', 'right but late', 'the hold is the quarterback\'s'],
]);

it('says when the ball was out before the slot of the man who got it', function (): void {
    $d = judgedOn('gun 2x2 right: post-dig right', 'cover 3', ['throw' => 'H@2.3']);
    expect($d->grade)->toBe('right')
        ->and($d->why)->toMatch('/Ball out at 2\.30 s, 0\.\d\d s before the slot opens at 2\.\d\d s/')
        ->and($d->why)->not->toContain('inside the slot');
});

it('praises who is off a dead read at once, not who waits on it or throws the first (PRS-05)', function (
    string $act,
    string $at,
    array $labels,
): void {
    $film = ['act' => "right corner: $act", 'throw' => $at];
    expect(judgedOn('gun 2x2 right: smash right', 'cover 2', $film)->labels)->toBe($labels);
})->with([
    'the second at once' => ['sink', 'Z@2.0', ['PRS-05']],
    'the second after a wait' => ['sink', 'Z@2.9', ['FLT-47']],
    'the first' => ['sit', 'H@2.4', []],
]);

it('names the clock of a late pitch and of a late throw behind the backer', function (
    string $call,
    array $film,
    float $later,
    string $grade,
    array $labels,
): void {
    $d = graded($call, '4-2 nickel, cover 3', $film + ['later' => ['ball out' => $later]])->decision();
    expect([$d->grade, $d->labels])->toBe([$grade, $labels], $d->why);
    $grade === 'right'
        ? expect($d->why)->not->toContain('after it was due')
        : expect($d->why)->toContain('s after it was due');
})->with(function (): Generator {
    $triple = 'under center double-slot right, H return right: triple right';
    $pitch = ['act' => 'right end: take the back; nickel: take the quarterback',
        'seen' => [new Jacotaxis\Core\Film\Seen('Q', 'action', 'pitch')]];
    $insert = 'gun 2x2 right: zone right, rpo: Y slant; key will';
    yield 'a pitch in time' => [$triple, $pitch, 0.0, 'right', []];
    yield 'a late pitch' => [$triple, $pitch, 0.6, 'right but late', ['FLT-51']];
    yield 'a throw in time' => [$insert, ['act' => 'will: insert'], 0.0, 'right', []];
    yield 'a late throw' => [$insert, ['act' => 'will: insert'], 0.6, 'right but late', ['FLT-47']];
});

it('answers for every key that was asked, or for the one that was named', function (
    array $choices,
    ?string $defender,
    array $rows,
): void {
    $d = new Decision($defender, 'take the dig', 'H', 'right', 'because', choices: $choices);
    expect(array_map(fn (array $r): array => [$r['defender'], $r['choice']], $d->keys()))->toBe($rows);
})->with([
    'two keys' => [
        ['right end' => 'take the back', 'sam' => null],
        'right end',
        [['right end', 'take the back'], ['sam', null]],
    ],
    'one that was named' => [[], 'mike', [['mike', 'take the dig']]],
    'nobody' => [[], null, []],
]);

it('judges nothing while snap, ball or receiver is unknown', function (array $leaveOut): void {
    $d = judgedOn(DIG_READ, 'cover 3', ['throw' => 'H@2.2', 'leaveOut' => $leaveOut], 3, 8.0);
    expect($d->grade)->toBeNull();
})->with([[['snap']], [['ball out']]]);

it('says what was done with the ball', function (array $film, string $done): void {
    expect(judgedOn(DIG_READ, 'cover 4', $film)->done)->toBe($done);
})->with([
    'thrown' => [['throw' => 'H@2.2'], 'throw'],
    'thrown away' => [
        ['throw' => 'H@2.2', 'leaveOut' => ['catch'], 'men' => ['Q'], 'chart' => new Chart(result: Result::ThrownAway)],
        'throwaway',
    ],
]);

it('puts a wait for a late break on the man who broke late', function (float $later, string $says): void {
    $film = ['act' => 'right corner: sink', 'throw' => 'Z@2.9', 'later' => ['break' => $later]];
    expect(judgedOn('gun 2x2 right: smash right', 'cover 2', $film)->why)->toContain($says);
})->with([
    'on time' => [0.0, 'The break was on time'],
    'late' => [0.7, 'Z broke 0.7 s late, so the wait is his'],
]);

it('says who decided, or why nobody had', function (
    string $shell,
    array $film,
    ?string $grade,
    ?string $defender,
    string $says,
): void {
    $d = judgedOn('gun 2x2 right: smash right', $shell, $film);
    expect([$d->grade, $d->defender, $d->byEye])->toBe([$grade, $defender, false], $d->why)
        ->and($d->why)->toContain($says);
})->with([
    'no key' => ['cover 3', ['throw' => 'Z@2.0'], 'right', null, 'No key in this look, so the hitch by Z was right'],
    'a key nobody plotted' => ['cover 2', ['throw' => 'H@2.4', 'men' => ['Q']], null, 'right corner',
        'Plot the right corner between the break and the ball out'],
    'a key who had not chosen yet' => ['cover 2', ['throw' => 'Z@1.5'], 'forced', 'right corner',
        'The right corner had not chosen when the ball left'],
    'a key who had' => ['cover 2', ['act' => 'right corner: sink', 'throw' => 'Z@2.0'], 'right', 'right corner',
        'The right corner chose to sink'],
]);
