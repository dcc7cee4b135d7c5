<?php

use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Grade\Numbers\Evidence;
use Jacotaxis\Core\Grade\Numbers\Pairs;
use Jacotaxis\Core\Grade\Numbers\SnapRow;
use Jacotaxis\Core\Proof\Run\Ball\Lanes;
use Jacotaxis\Core\Proof\Telling\Jobs\CalledJobs;
use Jacotaxis\Core\Words\CallParser;

function filmedSnap(string $id, array $more = []): SnapRow
{
    return new SnapRow(...$more + ['id' => $id, 'reel' => 'r1']);
}

/** @return array{snap: string, player: string, name: string, asked: string, mark: int, reel: string, day: int} */
function filmedGrade(string $snap, string $player, int $mark, int $day = 1, string $asked = 'Corner at 10 yd'): array
{
    return ['snap' => $snap, 'player' => $player, 'name' => ucfirst($player), 'asked' => $asked, 'mark' => $mark,
        'reel' => "Day $day", 'day' => $day];
}

it('FLM-12: finds what to put side by side',
    function (string $kind, array $snaps, array $grades, array $jobs, array $pairs): void {
        $found = array_filter(Pairs::of($snaps, $grades, $jobs), fn (array $p): bool => $p['kind'] === $kind);
        expect(array_values(array_map(fn (array $p): array => [$p['a'], $p['b'], $p['why']], $found)))->toBe($pairs);
    })->with([
        'his first and his last' => ['weeks', [], [filmedGrade('a', 'lund', -1, 1), filmedGrade('b', 'lund', 1, 8),
            filmedGrade('c', 'lund', 1, 15)], [], [['a', 'c', 'Day 1 and Day 15, better now.']]],
        'worse, and alike after it' => ['weeks', [],
            [filmedGrade('a', 'lund', 1, 1), filmedGrade('b', 'lund', 1, 9), filmedGrade('c', 'tash', 1, 1),
                filmedGrade('d', 'tash', -1, 2)], [], [['c', 'd', 'Day 1 and Day 2, worse now.'],
                    ['a', 'b', 'Day 1 and Day 9, marked alike.']]],
        'the same day is no then and now' => ['weeks', [], [filmedGrade('a', 'lund', -1), filmedGrade('b', 'lund', 1)],
            [],
            []],
        'another job is no then and now' => ['weeks', [],
            [filmedGrade('a', 'lund', -1, 1), filmedGrade('b', 'lund', 1, 9, 'Go at 14 yd')], [], []],
        'the one who did it first' => ['step', [], [filmedGrade('a', 'lund', -1), filmedGrade('b', 'whitlow', 1)], [],
            [['b', 'a', 'Whitlow and Lund: the first did it as asked.']]],
        'the same man is not two' => ['step', [], [filmedGrade('a', 'lund', -1), filmedGrade('b', 'lund', 1)], [], []],
        'run and pass of one picture' => ['sides', [filmedSnap('a',
            ['call' => 'zone', 'formation' => '2x2', 'run' => true]),
            filmedSnap('b', ['call' => 'smash', 'formation' => '2x2'])], [], [], [['a', 'b', 'Zone beside smash.']]],
        'the pass that fakes the run is chosen' => ['sides',
            [filmedSnap('a', ['call' => 'outside zone left', 'family' => 'outside zone', 'formation' => 'wing',
                'run' => true]), filmedSnap('b', ['call' => 'smash', 'formation' => 'wing']),
                filmedSnap('c', ['call' => 'outside zone left fake: flood', 'formation' => 'wing'])], [], [],
            [['a', 'c', 'Outside zone left beside outside zone left fake: flood, which fakes it.']]],
        'not on another day' => ['sides', [filmedSnap('a', ['call' => 'zone', 'formation' => '2x2', 'run' => true]),
            filmedSnap('b', ['call' => 'smash', 'formation' => '2x2', 'reel' => 'r2'])], [], [], []],
        'nor after another motion' => ['sides', [filmedSnap('a',
            ['call' => 'zone', 'formation' => '2x2', 'motion' => 'H jet left', 'run' => true]),
            filmedSnap('b', ['call' => 'smash', 'formation' => '2x2'])], [], [], []],
        'two gaps' => ['gaps', [filmedSnap('a', ['call' => 'zone', 'hole' => 'right A gap', 'front' => '3-4']),
            filmedSnap('b', ['call' => 'zone', 'hole' => 'right B gap', 'front' => 'bear'])], [], [],
            [['a', 'b', 'Right A gap against 3-4; right B gap against bear.']]],
        'one gap twice' => ['gaps', [filmedSnap('a', ['call' => 'zone', 'hole' => 'right A gap']),
            filmedSnap('b', ['call' => 'zone', 'hole' => 'right A gap'])], [], [], []],
        'two fronts, by the same call' => ['fronts',
            [filmedSnap('a', ['call' => 'x', 'formation' => '2x2', 'front' => '3-4']),
                filmedSnap('b', ['call' => 'y', 'formation' => '2x2', 'front' => 'bear']),
                filmedSnap('c', ['call' => 'x', 'formation' => '2x2', 'front' => 'bear'])], [], [],
            [['a', 'c', '3-4 and bear, x both times.']]],
        'a rare call has its twin by what is done, not by its name' => ['twins',
            [filmedSnap('a', ['call' => 'reverse']), filmedSnap('b', ['call' => 'counter']),
                filmedSnap('c', ['call' => 'counter']), filmedSnap('d', ['call' => 'counter'])], [],
            ['reverse' => ['LT' => 'kicks', 'LG' => 'wraps', 'C' => 'blocks back', 'R' => 'fakes'],
                'counter' => ['LT' => 'kicks', 'LG' => 'wraps', 'C' => 'blocks back', 'R' => 'carries']],
            [['a', 'd', '3 of 4 do the same in counter.']]],
        'mere protection makes no twins' => ['twins',
            [filmedSnap('a', ['call' => 'x']), filmedSnap('b', ['call' => 'y'])],
            [], ['x' => ['LT' => 'Protects', 'LG' => 'Protects', 'X' => 'Go', 'Z' => 'Post'],
                'y' => ['LT' => 'Protects', 'LG' => 'Protects', 'X' => 'Hitch', 'Z' => 'Dig']], []],
    ]);

it('shows no more than a handful of each kind', function (): void {
    $grades = [];
    for ($n = 0; $n < 20; $n++) {
        array_push($grades, filmedGrade("a$n", "p$n", -1, 1, "Job $n"), filmedGrade("b$n", "p$n", 1, 9, "Job $n"));
    }
    expect(Pairs::of([], $grades))->toHaveCount(Pairs::EACH);
});

it('names the gap a run hit', function (string $side, float $xYd, string $gap): void {
    $lineup = CallParser::parse("gun 2x2: zone $side")->lineup(Situation::of());
    expect((new Lanes($lineup, Side::from($side)))->at($xYd))->toBe($gap);
})->with([
    ['right', 0.6, 'right A gap'],
    ['right', 2.0, 'right B gap'],
    ['right', 3.4, 'right C gap'],
    ['right', -0.6, 'left A gap'],
    ['left', -2.0, 'left B gap'],
    ['left', 0.7, 'right A gap'],
    ['right', 12.0, 'outside the right edge'],
    ['left', -12.0, 'outside the left edge'],
    ['right', -12.0, 'outside the left edge'],
]);

it('measures the gap a filmed run hit', function (string $call, string $look, string $act, string $did,
    string $gap): void {
    expect(graded($call, $look, ['act' => $act, 'throw' => $did,
        'seen' => [new Jacotaxis\Core\Film\Seen('Q', 'action', $did)]])->measures->hole())->toBe($gap);
})->with([
    ['gun trey right: zone left', '4-2 nickel, cover 3', 'right end: take the quarterback', 'give', 'left B gap'],
    ['gun trey right: zone left', '4-2 nickel, cover 3', 'right end: take the back', 'pull', 'right C gap'],
]);

it('says what every man does in a call on paper', function (string $call, string $man, string $job): void {
    expect(CalledJobs::of(CallParser::parse($call))[$man])->toBe($job);
})->with([
    ['gun 2x2 right: smash right', 'Z', 'Hitch at 6 yd, read 2'],
    ['gun 2x2 right: smash right', 'LT', 'Protects'],
    ['gun 2x2 right: smash right', 'Q', 'Reads H, Z'],
    ['under center I right: power right', 'F', 'Kicks out the right end'],
    ['under center I right: power right', 'R', 'Carries the ball, right C gap'],
]);

it('GRD-14, REC-06: tells what they did and what it was worth', function (string $topic, array $rows): void {
    $snaps = [
        new SnapRow('a', 'smash', 'smash', '2x2', null, '11', '3-4', 'cover 2', 'corner', 'sit', 1, 10.0,
            result: 'complete', gainYd: 12.0, box: 6, gave: true),
        new SnapRow('b', 'smash', 'smash', '2x2', null, '11', '3-4', 'cover 2', 'corner', 'sink', 3, 8.0,
            result: 'incomplete', box: 6, gave: true),
        new SnapRow('c', 'zone', 'zone', '2x2', 'H jet left', '11', 'bear', 'cover 1', 'end', 'crash', 1, 10.0,
            result: 'run', gainYd: 2.0, box: 8, gave: false),
        new SnapRow('d', 'smash', 'smash', '2x2', null, '11', '3-4', 'cover 2', 'corner', 'sit', 1, 10.0,
            result: 'complete', gainYd: 40.0, box: 6, gave: false, nullified: true),
        new SnapRow('e'),
    ];
    $of = array_values(array_filter(Evidence::of($snaps), fn (array $r): bool => $r['topic'] === $topic));
    expect(
        array_map(
            fn (array $r): array => [
                $r['of'],
                $r['name'],
                "{$r['share']['hits']}/{$r['share']['of']}",
                "{$r['success']['hits']}/{$r['success']['of']}",
                $r['average'],
                $r['ids'],
            ],
            $of,
        ),
    )->toBe($rows);
})->with([
    'keys; a snap wiped out is evidence and no statistic' => ['choice',
        [['corner', 'sit', '2/3', '1/1', 12.0, ['a', 'd']], ['corner', 'sink', '1/3', '0/1', 0.0, ['b']],
            ['end', 'crash', '1/1', '0/1', 2.0, ['c']]]],
    'what the call needs' => ['gave', [['smash', 'yes', '2/3', '1/2', 6.0, ['a', 'b']],
        ['zone', 'yes', '0/1', '0/0', null, []]]],
    'fronts' => ['front', [['', '3-4', '3/4', '1/2', 6.0, ['a', 'b', 'd']], ['', 'bear', '1/4', '0/1', 2.0, ['c']]]],
    'the box' => ['box', [['', '6 in the box', '3/4', '1/2', 6.0, ['a', 'b', 'd']],
        ['', '8 in the box', '1/4', '0/1', 2.0, ['c']]]],
    'by down' => ['situation', [['1st and 10', 'cover 2', '2/3', '1/1', 12.0, ['a', 'd']],
        ['1st and 10', 'cover 1', '1/3', '0/1', 2.0, ['c']], ['3rd and long', 'cover 2', '1/1', '0/1', 0.0, ['b']]]],
    'after our motion' => ['motion', [['H jet left', 'bear, cover 1', '1/1', '0/1', 2.0, ['c']]]],
]);

it('GRD-14: knows whether the key gave the call what it needs',
    function (string $call, string $look, array $o, ?bool $gave): void {
        expect(graded($call, $look, $o)->keyGave())->toBe($gave);
    })->with([
        'a bound smash answers both' => ['gun 2x2 right: smash right', '4-2 nickel, cover 2',
            ['act' => 'right corner: sink'], true],
        'and the other' => ['gun 2x2 right: smash right', '4-2 nickel, cover 2', ['act' => 'right corner: sit'], true],
        'a zone that is lost whatever he does' => ['gun trey right: zone left', '4-2 nickel, cover 3',
            ['act' => 'right end: take the quarterback',
                'seen' => [new Jacotaxis\Core\Film\Seen('Q', 'action', 'give')]],
            false],
        'nobody looked' => ['gun 2x2 right: smash right', '4-2 nickel, cover 2', ['men' => ['Q']], null],
    ]);

it('REC-06: tells what their looks show beyond front and coverage, as a share of all', function (
    array $wrinkles,
    array $rows,
): void {
    $snaps = array_map(
        fn (?string $w, int $n): SnapRow => new SnapRow(
            "s$n",
            front: $w === '?' ? null : '3-4',
            wrinkle: $w === '?' ? null : $w,
        ),
        $wrinkles,
        array_keys($wrinkles),
    );
    $of = array_values(array_filter(Evidence::of($snaps), fn (array $r): bool => $r['topic'] === 'wrinkle'));
    expect(
        array_map(fn (array $r): string => "{$r['of']} {$r['share']['hits']}/{$r['share']['of']}", $of),
    )->toEqualCanonicalizing($rows);
})->with([
    'nothing but front and coverage' => [[null, null], []],
    'the nose goes left twice in three' => [['nose slants left', 'nose slants left', null], ['nose slants left 2/3']],
    'two at once' => [['six rush, corners press', 'six rush', null, null], ['six rush 2/4', 'corners press 1/4']],
    'a look nobody charted does not count' => [['six rush', '?'], ['six rush 1/1']],
]);

it('takes the rest of a look as its wrinkle', function (string $look, ?string $wrinkle): void {
    expect(Evidence::wrinkle($look))->toBe($wrinkle);
})->with([
    ['4-2 nickel, cover 3', null],
    ['4-2 nickel, cover 3, shows cover 2', 'shows cover 2'],
    ['bear, cover 0, six rush, corners press', 'six rush, corners press'],
    ['3-4', null],
]);
