<?php

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Film\Chart\BadEntry;
use Jacotaxis\Core\Film\Chart\Chain;
use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Film\Chart\Columns;
use Jacotaxis\Core\Film\Chart\DefenderAct;
use Jacotaxis\Core\Film\Chart\DefenderSeen;
use Jacotaxis\Core\Film\Chart\DefenderStood;
use Jacotaxis\Core\Film\Chart\Leverage;
use Jacotaxis\Core\Film\Chart\Prediction;
use Jacotaxis\Core\Film\Chart\QuickEntry;
use Jacotaxis\Core\Film\Chart\Result;

/** A charted snap in short: down, to go, ball on, result, gain. */
function snapped(int $down, float $toGo, float $ballOn, ?Result $result = null, ?float $gain = null,
    array $more = []): Chart
{
    return (new Chart(number: 7, quarter: 2, score: ['us' => 7, 'them' => 3], series: 3, down: $down, toGoYd: $toGo,
        ballOnYd: $ballOn, hash: Hash::Left, result: $result, gainYd: $gain))->with($more);
}

const US_10 = ['penalty' => ['by' => 'us', 'yards' => 10.0, 'what' => 'holding', 'nullified' => true]];
const THEM_15 = [
    'penalty' => ['by' => 'them', 'yards' => 15.0, 'what' => 'roughing, first down', 'nullified' => false],
];

it('computes the next snap', function (Chart $snap, ?int $down, ?float $toGo, ?float $ballOn, int $series = 3): void {
    $next = Chain::after($snap);
    expect([$next->down, $next->toGoYd, $next->ballOnYd, $next->series, $next->number])->toBe([
        $down,
        $toGo,
        $ballOn,
        $series,
        8,
    ]);
})->with([
    'a run short of it' => [snapped(1, 10, 25, Result::Run, 4), 2, 6.0, 29.0],
    'a pass that makes it' => [snapped(2, 6, 29, Result::Complete, 8), 1, 10.0, 37.0],
    'exactly to it' => [snapped(3, 2, 40, Result::Run, 2), 1, 10.0, 42.0],
    'a loss' => [snapped(1, 10, 25, Result::Sack, -7), 2, 17.0, 18.0],
    'an incompletion' => [snapped(2, 6, 29, Result::Incomplete), 3, 6.0, 29.0],
    'a drop' => [snapped(1, 10, 50, Result::Dropped), 2, 10.0, 50.0],
    'goal to go' => [snapped(2, 8, 88, Result::Run, 9), 1, 3.0, 97.0],
    'a foul of ours wipes it out' => [snapped(1, 10, 48, Result::NoPlay, null, US_10), 1, 20.0, 38.0],
    'a foul of theirs after the gain' => [snapped(3, 9, 40, Result::Run, 3, THEM_15), 1, 10.0, 58.0],
    'stopped on fourth down' => [snapped(4, 1, 60, Result::Run, 0), 1, 10.0, null, 4],
    'made on fourth down' => [snapped(4, 1, 60, Result::Run, 1), 1, 10.0, 61.0],
    'intercepted' => [snapped(1, 10, 60, Result::Intercepted), 1, 10.0, null, 4],
    'a touchdown' => [snapped(1, 10, 76, Result::Complete, 24, ['touchdown' => true]), 1, 10.0, null, 4],
    'over the goal line without saying so' => [snapped(1, 10, 92, Result::Run, 8), 1, 10.0, null, 4],
    'not charted' => [snapped(2, 5, 30), null, null, null],
    'a gain nobody wrote' => [snapped(2, 5, 30, Result::Run), null, null, null],
]);

it('counts a touchdown', fn () => expect(Chain::after(snapped(1, 10, 76, Result::Complete, 24, ['touchdown' => true]))
    ->score)->toBe(['us' => 13, 'them' => 3]));

it('questions what contradicts the snap before, with both ways to settle it',
    function (Chart $before, Chart $snap, ?string $says, array $ways = []): void {
        $asked = Chain::check($before, $snap);
        expect(array_column($asked, 'text')[0] ?? null)->{$says === null ? 'toBeNull' : 'toContain'}(
            ...$says === null ? [] : [$says],
        );
        expect(array_map(fn (array $w): array => [$w['snap'], $w['field'], $w['value']], $asked[0]['ways'] ?? []))
            ->toBe(
                $ways,
            );
    })->with([
        'agree' => [snapped(1, 10, 41, Result::Run, 6), snapped(2, 4, 47), null],
        'half a yard is none' => [snapped(1, 10, 41, Result::Run, 6), snapped(2, 4, 47.5), null],
        'the gain or the spot' => [snapped(1, 10, 41, Result::Run, 6), snapped(2, 6, 45),
            'written +6 from own 41, which puts the ball on own 47; this snap says own 45, which is +4',
            [['before', 'gainYd', 4.0], ['this', 'ballOnYd', 47.0]]],
        'the down' => [snapped(1, 10, 41, Result::Run, 6), snapped(3, 4, 47), 'it is 2nd and 4 on own 47',
            [['this', 'down', 2]]],
        'another series may begin anywhere' => [snapped(4, 1, 60, Result::Run, 0),
            snapped(1, 10, 22, null, null, ['series' => 4]), null],
    ]);

it('REC-04: tells what the snap before did to this one', function (Chart $before, Chart $snap, string $says): void {
    expect(Chain::did($before, $snap))->toBe($says);
})->with([
    'a foul that made it long' => [snapped(2, 4, 40, Result::NoPlay, null,
        ['penalty' => ['by' => 'us', 'yards' => 10.0, 'what' => 'shove', 'nullified' => true]]), snapped(3, 14, 30),
        'Our foul (shove), 10 yd on 2nd and 4 on own 40: it made this long down.'],
    'a first down' => [snapped(2, 6, 29, Result::Complete, 8), snapped(1, 10, 37),
        'Complete for +8 on 2nd and 6 on own 29: it made this first down.'],
    'a new series' => [snapped(4, 6, 29, Result::Incomplete), snapped(1, 10, 37, null, null, ['series' => 4]),
        'First snap of the series.'],
]);

it('predicts by the chain, by what was called alike, and by the opponent\'s shelf', function (): void {
    $first = Prediction::of([], ['power', 'smash'], ['cover 3' => 9, 'cover 2' => 14]);
    expect([$first->chart->down, $first->chart->number, $first->calls[0], $first->looks])
        ->toBe([1, 1, 'power', ['cover 2', 'cover 3']]);
    $before = [['chart' => snapped(1, 10, 25, Result::Run, 4), 'call' => 'zone', 'look' => 'cover 3'],
        ['chart' => snapped(2, 6, 29, Result::Run, 6), 'call' => 'smash', 'look' => 'cover 3'],
        ['chart' => snapped(1, 10, 35, Result::Run, 4), 'call' => 'zone', 'look' => 'cover 3']];
    $next = Prediction::of($before, ['power', 'smash', 'zone'], ['cover 2' => 14]);
    expect([$next->chart->down, $next->chart->toGoYd, $next->calls[0], $next->looks[0]])->toBe([
        2,
        6.0,
        'smash',
        'cover 3',
    ]);
});

function entry(string $line): array
{
    $before = [['chart' => snapped(1, 10, 35, Result::Run, 4), 'call' => 'zone', 'look' => 'cover 3']];

    return QuickEntry::read(
        $line,
        Prediction::of($before, ['zone', 'smash', 'power'], ['cover 3' => 9, 'cover 2' => 4]),
        fn (string $call, string $look): array => $call === 'smash' ? ['sit', 'sink'] : [],
        [1 => 'power', 2 => 'smash'],
    );
}

it('reads a quick entry', function (string $line, array $expected): void {
    $read = entry($line);
    $c = $read['chart'];
    $got = ['call' => $read['call'], 'look' => $read['look'], 'choice' => $read['choice'],
        'result' => $c->result?->value, 'gain' => $c->gainYd, 'down' => $c->down, 'toGo' => $c->toGoYd,
        'ballOn' => $c->ballOnYd, 'hash' => $c->hash?->value, 'quarter' => $c->quarter,
        'clock' => $c->clockS, 'score' => $c->score === null ? null : "{$c->score['us']}-{$c->score['them']}",
        'series' => $c->series, 'personnel' => $c->personnel, 'carrier' => $c->carrier,
        'touchdown' => $c->touchdown, 'penalty' => $c->penalty, 'note' => $c->note, 'box' => $c->box,
        'acts' => array_map(fn (DefenderSeen $a): string => "{$a->defender} {$a->act->value}", $c->acts),
        'stood' => array_map(fn (DefenderStood $d): string => $d->words(), $c->stood),
        'formation' => $c->formation, 'motion' => $c->motion];
    expect(array_intersect_key($got, $expected))->toEqual($expected);
})->with([
    'all predicted' => ['r4', ['call' => 'zone', 'look' => 'cover 3', 'result' => 'run', 'gain' => 4, 'down' => 2,
        'toGo' => 6.0, 'ballOn' => 39.0, 'hash' => 'left']],
    'call, look, choice by figure, result' => ['2 2 k2 c8',
        ['call' => 'smash', 'look' => 'cover 2', 'choice' => 'sink', 'result' => 'complete', 'gain' => 8]],
    'figures together' => ['22 k1 c8', ['call' => 'smash', 'look' => 'cover 2', 'choice' => 'sit']],
    'choice by letters' => [
        '2 . ksit i',
        ['call' => 'smash', 'look' => 'cover 3', 'choice' => 'sit', 'result' => 'incomplete', 'gain' => null],
    ],
    'the choice may be said before the call' => ['k1 2 2 d', ['choice' => 'sit', 'result' => 'dropped']],
    'a sack loses' => ['s-7', ['result' => 'sack', 'gain' => -7]],
    'a touchdown' => ['c12t', ['touchdown' => true, 'gain' => 12]],
    'a touchdown gains what is left' => ['rt', ['touchdown' => true, 'gain' => 61.0]],
    'another situation' => ['1&10 @-25 hm r3', ['down' => 1, 'toGo' => 10.0, 'ballOn' => 25.0, 'hash' => 'middle']],
    'their half' => ['@35 r3', ['ballOn' => 65.0]],
    'clock, quarter, score, series, personnel' => [
        'q3 5:31 =14-7 v4 p12 r1',
        ['quarter' => 3, 'clock' => 331, 'score' => '14-7', 'series' => 4, 'personnel' => '12'],
    ],
    'who had it' => ['>q r9', ['carrier' => 'Q']],
    'a penalty that wipes it out' => ['/us10 n',
        ['result' => 'no play', 'penalty' => ['by' => 'us', 'yards' => 10.0, 'what' => '', 'nullified' => true]]],
    'the same the other way round' => ['n /us10',
        ['penalty' => ['by' => 'us', 'yards' => 10.0, 'what' => '', 'nullified' => true]]],
    'an unknown look' => ['2 ? c5', ['call' => 'smash', 'look' => null]],
    'call and look unknown' => ['? ? r2', ['call' => null, 'look' => null]],
    'a note' => ['r2 "tight end limped"', ['note' => 'tight end limped']],
    'the call of the sheet by its number' => ['#1 r4', ['call' => 'power', 'look' => 'cover 3']],
    'its number, then the look and the choice' => ['#2 2 ksit c8',
        ['call' => 'smash', 'look' => 'cover 2', 'choice' => 'sit']],
    'men in the box' => ['r2 b8', ['box' => 8]],
    'what a defender did' => ['r4 ss-trigger', ['acts' => ['strong safety triggers']]],
    'two of them, by their first letters' => ['fs-tr rc-fal r4',
        ['acts' => ['free safety triggers', 'right corner falls off']]],
    'where a defender stood' => ['r4 fs@12', ['stood' => ['free safety 12']]],
    'who moved before the snap, and on which side another stood' => ['fs@8>12.5 r4 lc@7i rc@6o n@5h',
        ['stood' => ['free safety 8 then 12.5', 'left corner 7 inside', 'right corner 6 outside',
            'nickel 5 head-up']]],
    'the formation of another offense' => ['(gun trips right) r4',
        ['formation' => 'gun trips right', 'motion' => null]],
    'its formation and motion' => ['r4 (gun 2x2, H jet left)',
        ['formation' => 'gun 2x2', 'motion' => 'H jet left']],
    'nobody stood anywhere' => ['r4', ['stood' => []]],
    'nobody is watched, and none is carried over' => ['r4', ['acts' => [], 'box' => null]],
    'nothing at all' => ['', ['call' => 'zone', 'result' => null]],
]);

it('charts a whole snap in ten keys where it could be predicted', function (string $line): void {
    expect(strlen($line) + 1)->toBeLessThanOrEqual(10)
        ->and(entry($line)['chart']->result)->not->toBeNull()
        ->and(entry($line)['look'])->not->toBeNull();
})->with(['2 2 k1 c8', '2 2 k2 i', '1 1 r-2', 'r4', '32 x']);

it('lists what it assumed', fn () => expect(entry('r4')['assumed'])
    ->toBe(['call: zone', 'look: cover 3', '2 & 6', 'ball on own 39', 'hash left']));

it('names the token it cannot read, and the cure', function (string $line, string $says): void {
    expect(fn () => entry($line))->toThrow(BadEntry::class, $says);
})->with([
    'no such token' => ['2 2 zz c8', '"zz" is no part of a quick entry'],
    'three figures' => ['2 2 3 c8', 'a third figure'],
    'beyond the list' => ['9 r3', 'no call under 9: the list has 3'],
    'a run without its gain' => ['2 2 r', 'r4, r0 or r-2'],
    'an incompletion that gains' => ['i7', 'gains nothing'],
    'a number the sheet has not' => ['#9 r2', 'no call #9 on the sheet against this opponent: it has 1 to 2'],
    'a box of nobody' => ['r2 b0', 'no count of a box'],
    'a box of twelve' => ['r2 b12', 'no count of a box'],
    'no such defender' => ['r2 zz-trigger', 'Known: ss, fs'],
    'no such act' => ['r2 ss-dances', 'trigger (triggers)'],
    'either of two acts' => ['r2 ss-s', 'scrape (scrapes at the jet), sink (sinks), squeeze (squeezes)'],
    'a place of nobody' => ['r2 zz@12', 'Known: ss, fs'],
    'a place beyond the field' => ['r2 fs@41', '40 at most'],
    'a side there is not' => ['r2 lc@7x', '"lc@7x" is no part'],
    'no such yard line' => ['@-77 r1', 'no yard line'],
    'a choice the key has not' => ['2 2 kj c8', 'sit, sink'],
    'either of two' => ['2 2 ks c8', 'k1 sit or k2 sink'],
    'a choice where nobody chooses' => ['1 1 k1 r3', 'no key against this look'],
    'a choice against an unknown look' => ['2 ? k1 c3', 'no key yet'],
]);

it('knows the columns of other breakdowns by their headings', function (string $heading, ?string $field): void {
    expect(Columns::guess($heading))->toBe($field);
})->with([
    ['Snap', 'number'],
    ['PLAY #', null],
    ['Dn', 'down'],
    ['DIST', 'toGo'],
    ['Yard Line', 'ballOn'],
    ['Yards  Gained', 'gain'],
    ['Off Form', 'formation'],
    ['QTR', 'quarter'],
    ['Box count', 'box'],
    ['Seen', 'acts'],
    ['Depths', 'stood'],
    ['weather', null],
]);

it('reads a cell or says what it wants', function (string $field, string $cell, ?string $property, mixed $value): void {
    $read = Columns::read([$field => $cell]);
    if ($property === null) {
        expect($read['errors'][0]['field'])->toBe($field)
            ->and($read['errors'][0]['why'])->not->toBe('')
            ->and($read['chart']->note)->toContain($cell);
    } else {
        expect($read['errors'])->toBe([])->and($read['chart']->{$property})->toEqual($value);
    }
})->with([
    ['down', '2nd', 'down', 2],
    ['down', '5', null, null],
    ['toGo', 'Goal', 'toGoYd', null],
    ['toGo', '0', null, null],
    ['ballOn', '-41', 'ballOnYd', 41.0],
    ['ballOn', 'their 35', 'ballOnYd', 65.0],
    ['ballOn', '50', 'ballOnYd', 50.0],
    ['ballOn', '77', null, null],
    ['clock', '5:31', 'clockS', 331],
    ['clock', '5.31', null, null],
    ['score', '14 - 7', 'score', ['us' => 14, 'them' => 7]],
    ['hash', 'L', 'hash', Hash::Left],
    ['hash', 'north', null, null],
    ['result', 'Rush', 'result', Result::Run],
    ['result', 'Complete, touchdown', 'touchdown', true],
    ['result', 'fair catch', null, null],
    ['box', '8', 'box', 8],
    ['box', '12', null, null],
    ['acts', 'Strong safety triggers; right end contains', 'acts', [
        new DefenderSeen('strong safety', DefenderAct::Triggers), new DefenderSeen('right end', DefenderAct::Contains),
    ]],
    ['acts', 'strong safety dances', null, null],
    ['acts', 'triggers', null, null],
    ['stood', 'Free safety 8 then 13.5; left corner 7 inside', 'stood', [
        new DefenderStood('free safety', 8.0, 13.5), new DefenderStood('left corner', 7.0, 7.0, Leverage::Inside),
    ]],
    ['stood', 'free safety', null, null],
    ['stood', 'free safety 12; left corner', null, null],
    ['stood', 'free safety 41', null, null],
    ['gain', '-2', 'gainYd', -2.0],
    ['gain', '=2+2', null, null],
    ['gain', '1e9', null, null],
    ['penalty', 'us 10 holding nullified', 'penalty',
        ['by' => 'us', 'yards' => 10.0, 'what' => 'holding', 'nullified' => true]],
]);

it('writes a snap as it was read', function (Chart $snap): void {
    $cells = Columns::write($snap, 'zone', 'cover 3', 'sit');
    $read = Columns::read($cells);
    expect($read['errors'])->toBe([])
        ->and($read['chart'])->toEqual($snap)
        ->and([$read['call'], $read['look'], $read['choice']])->toBe(['zone', 'cover 3', 'sit']);
})->with([
    'a run' => [snapped(2, 6.5, 29, Result::Run, -1.5)],
    'their half' => [snapped(1, 10, 72, Result::Complete, 9,
        ['carrier' => 'H', 'personnel' => '12', 'note' => 'late, hit', 'clockS' => 65])],
    'a touchdown with a foul' => [snapped(3, 2, 50, Result::Run, 50,
        ['touchdown' => true, 'penalty' => ['by' => 'them', 'yards' => 5.0, 'what' => 'offside',
            'nullified' => false]])],
    'what defenders did' => [snapped(1, 10, 40, Result::Run, 3, ['box' => 9, 'acts' => [
        new DefenderSeen('mike', DefenderAct::SinksUnderSticks), new DefenderSeen('left corner', DefenderAct::FliesUp),
    ]])],
    'where they stood' => [snapped(1, 10, 40, Result::Run, 3, ['stood' => [
        new DefenderStood('free safety', 8.0, 12.5), new DefenderStood('right corner', 6.0, 6.0, Leverage::HeadUp),
    ]])],
    'nothing known' => [new Chart],
]);

it('reads the first figure as the look where no calls are listed', function (): void {
    $prediction = Prediction::of([], [], ['cover 3' => 9, 'cover 2' => 4]);
    $read = QuickEntry::read('2 r4', $prediction, fn (): array => []);

    expect([$read['call'], $read['look']])->toBe([null, 'cover 2'])
        ->and(fn () => QuickEntry::read('2 1 r4', $prediction, fn (): array => []))->toThrow(BadEntry::class);
});

it('writes where they stood into the document and reads it back', function (): void {
    $chart = new Chart(stood: [new DefenderStood('free safety', 8.0, 12.0, Leverage::Outside)]);
    $written = $chart->write();

    expect($written['chart']['stood'])->toBe([['defender' => 'free safety', 'linedUpYd' => 8.0, 'atSnapYd' => 12.0,
        'leverage' => 'outside']])
        ->and(Chart::read($written['chart'])->stood)->toEqual($chart->stood);
    // Whoever did not move need not be said twice.
    expect(Chart::read(['stood' => [['defender' => 'free safety', 'linedUpYd' => 8]]])->stood[0]->atSnapYd)->toBe(8.0);
});
