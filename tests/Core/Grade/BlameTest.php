<?php

use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Film\Chart\Result;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Film\Seen;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Grade\Marks;
use Jacotaxis\Core\Grade\Owners\Blame;
use Jacotaxis\Core\Grade\Proposal;
use Jacotaxis\Core\Grade\Scale;

const SMASH = 'gun 2x2 right: smash right';
const COVER_2 = '4-2 nickel, cover 2';

function ended(Result $result, ?float $gain = null, array $more = []): Chart
{
    return (new Chart(result: $result, gainYd: $gain))->with($more);
}

it('says whose it was', function (array $film, ?string $owner, ?string $man, string $says = ''): void {
    $blame = (new Blame(graded(SMASH, COVER_2, $film)))->of();
    expect([$blame['owner'] ?? null, $blame['man'] ?? null])
        ->toBe([$owner, $man])
        ->and($blame['why'] ?? '')
        ->toContain($says);
})->with([
    'worth the down: nobody\'s' => [['act' => 'right corner: sit', 'chart' => ended(Result::Complete, 14.0)], null,
        null],
    'not charted yet' => [['act' => 'right corner: sit'], null, null],
    'a right throw dropped' => [['act' => 'right corner: sit', 'chart' => ended(Result::Dropped)], 'player', 'H',
        'dropped'],
    'forced into a sinking corner' => [['act' => 'right corner: sink', 'throw' => 'H@2.8',
        'chart' => ended(Result::Incomplete)], 'player', 'Q', 'decision was forced'],
    'held' => [['act' => 'right corner: sink', 'throw' => 'Z@2.9', 'chart' => ended(Result::Incomplete)], 'player', 'Q',
        'late'],
    'their foul' => [['act' => 'right corner: sit',
        'chart' => ended(Result::NoPlay, null, ['penalty' => ['by' => 'them', 'yards' => 5.0,
            'what' => 'held the receiver', 'nullified' => true]])], 'opponent', null, 'held the receiver'],
    'right in everything and still nothing' => [['act' => 'right corner: sit', 'chart' => ended(Result::Incomplete)],
        'undetermined', null],
    'the staff settled it' => [['act' => 'right corner: sit', 'chart' => ended(Result::Incomplete),
        'seen' => [new Seen('Z', 'owner', 'partner')]], 'partner', 'Z', 'settled'],
]);

it('GRD-03: undetermined, call and opponent count for nobody', function (array $film, bool $counts): void {
    expect((new Blame(graded(SMASH, COVER_2, $film)))->of()['counts'])->toBe($counts);
})->with([
    [['act' => 'right corner: sit', 'chart' => ended(Result::Incomplete)], false],
    [['act' => 'right corner: sink', 'throw' => 'H@2.8', 'chart' => ended(Result::Incomplete)], true],
]);

it('W-46, GRD-01: the read and the result are marked apart',
    function (array $film, ?int $decision, ?int $result): void {
        $q = array_column((new Proposal(graded(SMASH, COVER_2, $film)))->all(), null, 'man')['Q'];
        expect([$q['marks']['decision'], $q['marks']['result'], $q['mark']])->toBe([$decision, $result, $decision]);
    })->with([
        'wrong read, complete for a first down' => [['act' => 'right corner: sink', 'throw' => 'H@2.8',
            'chart' => ended(Result::Complete, 15.0)], -1, 1],
        'right read, dropped' => [['act' => 'right corner: sit', 'chart' => ended(Result::Dropped)], 1, -1],
        'right and worth it' => [['act' => 'right corner: sit', 'chart' => ended(Result::Complete, 9.0)], 1, 1],
        'right, too little' => [['act' => 'right corner: sit', 'chart' => ended(Result::Complete, 2.0)], 1, -1],
    ]);

it('proposes a grade for whoever was measured and none for the others', function (): void {
    $rows = array_column((new Proposal(graded(SMASH, COVER_2,
        ['run' => SMASH.'; H corner 15', 'throw' => 'H@3.1', 'men' => ['H', 'Z', 'right corner']])))->all(), null,
        'man');
    expect($rows)->toHaveCount(11)
        ->and($rows['H']['mark'])->toBe(-1)
        ->and($rows['H']['faults'])->toContain('FLT-13')
        ->and($rows['H']['reason'])->toContain('Break depth: planned 10.0, done 15.0')
        ->and($rows['Z']['mark'])->toBe(1)
        ->and($rows['X']['mark'])->toBeNull()
        ->and($rows['LT']['mark'])->toBeNull()
        ->and($rows['Q']['faults'])->toBe([])
        ->and($rows['H']['asked'])->toBe('Corner at 10 yd');
});

it('proposes minus for another route than was asked', function (): void {
    $rows = array_column((new Proposal(graded(SMASH, COVER_2,
        ['run' => SMASH.'; Z go', 'men' => ['Z', 'right corner']])))->all(), null, 'man');
    expect($rows['Z']['marks']['assignment'])->toBe(-1);
});

it(
    'sums process up without the result',
    fn (array $marks, ?int $overall) => expect(Marks::overall($marks))->toBe($overall),
)->with([
    [['assignment' => 1, 'technique' => null], 1],
    [['assignment' => 1, 'technique' => -1], -1],
    [['result' => -1, 'decision' => 1], 1],
    [['result' => 1], null],
    [[], null],
]);

it('gives points by the school', function (Scale $scale, array $marks, int $overall, array $points): void {
    expect($scale->points($marks, $overall))->toBe($points);
})->with([
    'plus' => [Scale::PlusMinus, [], 1, [1.0, 1.0]],
    'minus' => [Scale::PlusMinus, [], -1, [0.0, 1.0]],
    'even is left out' => [Scale::PlusMinus, [], 0, [0.0, 0.0]],
    'three of three' => [Scale::ThreePart, [], 1, [3.0, 3.0]],
    'right but badly done' => [Scale::ThreePart, ['assignment' => 1, 'technique' => -1, 'effort' => 1], -1, [2.0, 3.0]],
    'loafed' => [Scale::ThreePart, ['assignment' => 1, 'technique' => 1, 'effort' => -1], -1, [2.0, 3.0]],
    'two' => [Scale::ZeroToTwo, ['assignment' => 1], 1, [2.0, 2.0]],
    'one' => [Scale::ZeroToTwo, ['assignment' => 1, 'technique' => -1], -1, [1.0, 2.0]],
    'none' => [Scale::ZeroToTwo, ['assignment' => -1, 'technique' => 1], -1, [0.0, 2.0]],
]);

it('W-34, GRD-09: a pitch behind a late back is the back\'s, not the quarterback\'s', function (
    float $behindYd,
    ?string $man,
): void {
    $triple = 'under center double-slot right, H return right: triple right';
    $film = filmed($triple, '4-2 nickel, cover 3',
        ['act' => 'right end: take the back; nickel: take the quarterback',
            'seen' => [new Seen('Q', 'action', 'pitch')], 'chart' => ended(Result::Run, -2.0)]);
    $grader = new Grader(new Measures(shifted($film, 'H', fn (): array => [-$behindYd, 0.0])));
    expect($grader->decision()->grade)->toBe('right')->and((new Blame($grader))->of()['man'])->toBe($man);
    expect(in_array('FLT-43', $grader->proposed('H'), true))->toBe($man === 'H');
})->with(['a step late, at the heel line' => [2.5, 'H'], 'where he belongs' => [0.0, null]]);

it('W-23: a blocker who was there but moving keeps his assignment and gets his technique', function (): void {
    $rows = array_column((new Proposal(graded(SMASH, COVER_2,
        ['men' => ['R'], 'seen' => [new Seen('R', 'moving at contact', 'yes')]])))->all(), null, 'man');
    expect($rows['R']['faults'])->toContain('FLT-44')->and($rows['R']['marks']['technique'])->toBe(-1);
});

it('W-19, PRG-11: a right throw that was not caught is the passer\'s by time, then speed, then place',
    function (array $film, string $owner, string $says): void {
        $blame = (new Blame(graded(SMASH, COVER_2, $film)))->of();
        expect($blame['owner'])->toBe($owner)->and($blame['why'])->toContain($says);
    })->with([
        'off in place' => [['act' => 'right corner: sit', 'chart' => ended(Result::Incomplete),
            'seen' => [new Seen('Q', 'placement', 'minus')]], 'player', 'off in place'],
        'soft, and off in place' => [['act' => 'right corner: sit', 'chart' => ended(Result::Intercepted),
            'seen' => [new Seen('Q', 'placement', 'minus'), new Seen('Q', 'speed', 'minus')]], 'player',
            'off in speed, then place'],
        'late first of all' => [['act' => 'right corner: sink', 'throw' => 'Z@2.9',
            'chart' => ended(Result::Incomplete),
            'seen' => [new Seen('Q', 'placement', 'minus')]], 'player', 'off in time, then place'],
        'where it was is said, and it does not belong there' => [['act' => 'right corner: sit',
            'chart' => ended(Result::Incomplete), 'seen' => [new Seen('Q', 'ball at', 'behind')]], 'player',
            'off in place'],
        'dropped because it hung and he was hit' => [['act' => 'right corner: sit',
            'chart' => ended(Result::Dropped), 'seen' => [new Seen('Q', 'ball hung', 'yes')]], 'player',
            'off in speed'],
        'dropped, and it did not hang' => [['act' => 'right corner: sit', 'chart' => ended(Result::Dropped),
            'seen' => [new Seen('Q', 'ball hung', 'no')]], 'player', 'dropped it'],
        'good in everything' => [['act' => 'right corner: sit', 'chart' => ended(Result::Incomplete),
            'seen' => [new Seen('Q', 'placement', 'plus')]], 'undetermined', 'Nothing measured'],
    ]);

it('W-17, PRG-22: says how much a catch lacked', function (float $gain, string $says): void {
    $rows = array_column((new Proposal(graded(SMASH, COVER_2,
        ['act' => 'right corner: sit', 'chart' => ended(Result::Complete, $gain)])))->all(), null, 'man');
    expect(str_contains($rows['H']['reason'], 'short of what the down asked for'))->toBe($says !== '')
        ->and($rows['H']['reason'])->toContain($says);
})->with([[2.0, '2 yd short'], [9.0, '']]);
