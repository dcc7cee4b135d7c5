<?php

use Jacotaxis\Core\Grade\Interval;
use Jacotaxis\Core\Grade\Library\FaultKeys;
use Jacotaxis\Core\Grade\Library\Library;
use Jacotaxis\Core\Grade\Numbers\Groups;
use Jacotaxis\Core\Grade\Numbers\Report;
use Jacotaxis\Core\Grade\Numbers\Shown;
use Jacotaxis\Core\Grade\Numbers\SnapRow;
use Jacotaxis\Core\Grade\Repeats;
use Jacotaxis\Core\Grade\Scale;
use Jacotaxis\Core\Grade\TeachingReel;
use Jacotaxis\Core\Grade\Trend;
use Jacotaxis\Core\School\Schools;
use Jacotaxis\Core\Words\CallParser;

/** A snap of a report: id, call, down, to go, result, gain and more. */
function tallied(string $id, string $call, int $down, float $toGo, string $result, ?float $gain = null,
    array $more = []): SnapRow
{
    return new SnapRow(...['id' => $id, 'call' => $call, 'down' => $down, 'toGoYd' => $toGo, 'result' => $result,
        'gainYd' => $gain, ...$more]);
}

it('sums up as the down asks (Carroll, Palmer and Thorn 1988)', function (array $snaps, array $expected): void {
    $all = (new Report($snaps))->all();
    expect(
        array_intersect_key(['success' => [$all['success']['hits'], $all['success']['of']]] + $all, $expected),
    )->toEqual($expected);
})->with([
    '40 % of the distance on first down' => [
        [tallied('a', 'x', 1, 10, 'run', 4), tallied('b', 'x', 1, 10, 'run', 3.9)],
        ['tries' => 2, 'success' => [1, 2], 'average' => 3.95],
    ],
    '60 % on second' => [[tallied('a', 'x', 2, 5, 'run', 3), tallied('b', 'x', 2, 5, 'run', 2)], ['success' => [1, 2]]],
    'all of it on third and fourth' => [[tallied('a', 'x', 3, 4, 'complete', 4), tallied('b', 'x', 4, 1, 'run', 0)],
        ['success' => [1, 2]]],
    'a touchdown is one whatever the distance' => [[tallied('a', 'x', 3, 9, 'run', 5, ['touchdown' => true])],
        ['success' => [1, 1], 'touchdowns' => 1]],
    'explosive: a run of 12, a pass of 16' => [[tallied('a', 'x', 1, 10, 'run', 12),
        tallied('b', 'x', 1, 10, 'complete', 15), tallied('c', 'x', 1, 10, 'complete', 16)], ['explosive' => 2]],
    'negative: a loss, a ball lost' => [[tallied('a', 'x', 1, 10, 'sack', -7), tallied('b', 'x', 1, 10, 'intercepted'),
        tallied('c', 'x', 1, 10, 'fumble lost', 3)], ['negative' => 3, 'success' => [0, 3]]],
    'caught, dropped, thrown' => [[tallied('a', 'x', 1, 10, 'complete', 5), tallied('b', 'x', 1, 10, 'dropped'),
        tallied('c', 'x', 1, 10, 'thrown away'), tallied('d', 'x', 1, 10, 'sack', -3)],
        ['throws' => 3, 'complete' => 1, 'drops' => 1]],
    'GRD-05: a snap wiped out leaves the numbers' => [[
        tallied('a', 'x', 1, 10, 'complete', 40, ['nullified' => true, 'penaltyBy' => 'us']),
        tallied('b', 'x', 1, 10, 'kneel', -1), tallied('c', 'x', 1, 10, 'run', 5)],
        ['tries' => 1, 'fouls' => 1, 'average' => 5.0]],
    'ball-out time of those measured' => [[tallied('a', 'x', 1, 10, 'complete', 5, ['outS' => 2.0]),
        tallied('b', 'x', 1, 10, 'incomplete', null, ['outS' => 3.0]), tallied('c', 'x', 1, 10, 'incomplete')],
        ['outS' => 2.5, 'outOf' => 2]],
    'nothing' => [[], ['tries' => 0, 'average' => null, 'success' => [0, 0]]],
]);

it('puts snaps together and keeps their ids', function (): void {
    $rows = (new Report([
        tallied('a', 'smash', 1, 10, 'complete', 9),
        tallied('b', 'zone', 1, 10, 'run', 3),
        tallied('c', 'smash', 3, 8, 'incomplete'),
    ]))->by('call');
    expect(array_map(fn (array $r): array => [$r['name'], $r['ids']], $rows))->toBe([
        ['smash', ['a', 'c']],
        ['zone', ['b']],
    ]);
});

it('keeps the snaps behind every number', function (): void {
    $all = (new Report([tallied('a', 'x', 1, 10, 'complete', 20), tallied('b', 'x', 1, 10, 'run', -2),
        tallied('c', 'x', 1, 10, 'dropped', null, ['outS' => 2.0])]))->all();
    expect($all['of'])->toBe(['success' => ['a'], 'explosive' => ['a'], 'negative' => ['b'], 'throws' => ['a', 'c'],
        'complete' => ['a'], 'drops' => ['c'], 'out' => ['c']]);
});

it('names the group of a snap', function (array $snap, string $by, string $name): void {
    expect(Groups::of(new SnapRow('a', ...$snap), $by))->toBe($name);
})->with([
    [['down' => 1, 'toGoYd' => 10.0], 'situation', '1st and 10'],
    [['down' => 3, 'toGoYd' => 2.0], 'situation', '3rd and short'],
    [['down' => 2, 'toGoYd' => 7.0], 'situation', '2nd and long'],
    [[], 'situation', 'not charted'],
    [['ballOnYd' => 4.0], 'zone', 'backed up, own 1 to 10'],
    [['ballOnYd' => 50.0], 'zone', 'middle, between the 40s'],
    [['ballOnYd' => 84.0], 'zone', 'red area, their 20 to 6'],
    [['ballOnYd' => 96.0], 'zone', 'goal line, their 5 and in'],
    [['front' => '3-4', 'shell' => 'cover 2'], 'look', '3-4, cover 2'],
    [['defender' => 'right corner', 'choice' => 'sit'], 'choice', 'right corner: sit'],
    [[], 'motion', 'no motion'],
]);

it('REC-02: keeps the total of the reads and of the results apart', function (): void {
    $table = (new Report([
        tallied('a', 'x', 1, 10, 'complete', 12, ['defender' => 'c', 'choice' => 'sit', 'done' => 'throw',
            'decision' => 'wrong']),
        tallied('b', 'x', 1, 10, 'dropped', null, ['defender' => 'c', 'choice' => 'sit', 'done' => 'throw',
            'decision' => 'right']),
        tallied('c', 'x', 1, 10, 'complete', 6, ['defender' => 'c', 'choice' => 'sit', 'done' => 'throw',
            'decision' => 'right but late']),
        tallied('d', 'x', 1, 10, 'run', 6, ['box' => 7, 'done' => 'give']),
    ]))->decisions('choice');
    expect($table['rows'])
        ->toHaveCount(1)
        ->and([$table['read']['hits'], $table['read']['of'], $table['result']['hits'], $table['result']['of']])
        ->toBe([2, 3, 2, 3])
        ->and($table['rows'][0]['read']['ids'])
        ->toBe(['a', 'b', 'c']);
});

it('REC-07: says what our own calls give away', function (): void {
    $snaps = array_map(fn (int $n): SnapRow => tallied("i$n", 'power', 1, 10, 'run', 3,
        ['formation' => 'I right', 'run' => true]), range(1, 5));
    $snaps = [...$snaps, ...array_map(fn (int $n): SnapRow => tallied("g$n", $n % 2 === 0 ? 'smash' : 'zone', 1, 10,
        'run', 3, ['formation' => 'gun 2x2', 'run' => $n % 2 === 1]), range(1, 6)),
        tallied('one', 'x', 1, 10, 'run', 1, ['formation' => 'empty'])];
    $found = (new Report($snaps))->leanings();
    expect(
        array_map(
            fn (array $l): array => [$l['name'], $l['leans'], $l['of']],
            array_filter($found, fn (array $l): bool => $l['by'] === 'formation'),
        ),
    )->toBe([['I right', 'run', 5], ['I right', 'power', 5]]);
});

it('scores the model by opponent', function (): void {
    $rows = (new Report([tallied('a', 'x', 1, 10, 'complete', 5,
        ['predictedS' => 0.3, 'separationYd' => 3.5, 'opponent' => 'Granite Pass']),
        tallied('b', 'x', 1, 10, 'complete', 5, ['predictedS' => -0.2, 'separationYd' => 2.0,
            'opponent' => 'Granite Pass']), tallied('c', 'x', 1, 10, 'run', 5)]))->model();
    expect($rows)->toHaveCount(1)
        ->and([$rows[0]['opponent'], $rows[0]['n'], $rows[0]['agree'], $rows[0]['ids']])
        ->toBe(['Granite Pass', 2, 1, ['a', 'b']])
        ->and($rows[0]['predictedYd'])->toEqualWithDelta(1.35, 0.01);
});

it('tells two shares apart only when their intervals are', function (array $a, array $b, bool $apart): void {
    expect(Interval::of(...$a)->apartFrom(Interval::of(...$b)))->toBe($apart);
})->with([[[9, 10], [5, 10], false], [[38, 40], [20, 40], true], [[0, 0], [5, 5], false]]);

/** Grades of a man: day and faults, oldest first. */
function history(array $days): array
{
    return Repeats::placed(array_map(fn (array $d, int $n): array => ['man' => 'H', 'day' => $d[0], 'faults' => $d[1],
        'id' => "s$n"], $days, array_keys($days)));
}

it('GRD-08: notices what comes again', function (array $days, int $today, ?array $expected): void {
    $found = Repeats::of(history($days), $today, Schools::of())[0] ?? null;
    expect($found === null ? null : [$found['fault'], $found['times'], $found['state']])->toBe($expected);
})->with([
    'third time in two weeks' => [[[1, ['FLT-13']], [5, ['FLT-13']], [9, []], [12, ['FLT-13']]], 12,
        ['FLT-13', 3, 'repeated']],
    'twice is nothing yet' => [[[1, ['FLT-13']], [12, ['FLT-13']]], 12, null],
    'three in a season, one in the window' => [[[1, ['FLT-13']], [20, ['FLT-13']], [60, ['FLT-13']]], 60, null],
    'the window has an end' => [[[1, ['FLT-13']], [2, ['FLT-13']], [16, ['FLT-13']]], 16, null],
    'fixed and come back' => [[[1, ['FLT-13']], ...array_fill(0, 8, [20, []]), [40, ['FLT-13']]], 40,
        ['FLT-13', 1, 'returned']],
    'PRS-07: gone' => [[[1, ['FLT-13']], [1, ['FLT-13']], ...array_fill(0, 8, [5, []])], 12, ['FLT-13', 2, 'fixed']],
    'praise is no fault' => [[[1, ['PRS-02']], [2, ['PRS-02']], [3, ['PRS-02']]], 3, null],
]);

it('says "third time in 14 days"', fn () => expect(Repeats::of(history([[1, ['FLT-13']], [5, ['FLT-13']],
    [12, ['FLT-13']]]), 12, Schools::of())[0]['text'])->toBe('third time in 14 days'));

it('speaks of a change only when there is one', function (array $before, array $now, string $says): void {
    $week = fn (int $week, array $n): array => [
        ...array_fill(0, $n[0], ['week' => $week, 'mark' => 1, 'marks' => [], 'weight' => 1.0]),
        ...array_fill(0, $n[1], ['week' => $week, 'mark' => -1, 'marks' => [], 'weight' => 1.0]),
    ];
    expect(Trend::of([...$week(1, $before), ...$week(2, $now)], Scale::PlusMinus)['says'])->toContain($says);
})->with([
    'too few' => [[3, 2], [4, 1], 'Too few snaps'],
    'better' => [[20, 20], [39, 1], 'Better: 39 of 40'],
    'worse' => [[39, 1], [20, 20], 'Worse'],
    'one week' => [[0, 0], [5, 5], 'One week'],
]);

it('GRD-07: shows the weighted total beside the plain one', function (): void {
    $week = Trend::of([['week' => 1, 'mark' => 1, 'marks' => [], 'weight' => 1.0],
        ['week' => 1, 'mark' => -1, 'marks' => [], 'weight' => 0.25]], Scale::PlusMinus)['weeks'][0];
    expect([$week['percent'], $week['weightedPercent'], $week['won']])->toBe([50.0, 80.0, false]);
});

it('makes a teaching reel: model, fault, game', function (): void {
    $g = fn (string $id, string $kind, int $mark, array $faults, string $asked = 'Corner at 10',
        int $day = 5): array => ['id' => $id, 'man' => 'H', 'kind' => $kind, 'mark' => $mark, 'faults' => $faults,
            'day' => $day, 'group' => 'receivers', 'asked' => $asked];
    $reel = TeachingReel::of('FLT-13', [$g('m', 'practice', 1, []), $g('f', 'game', -1, ['FLT-13']),
        $g('g', 'game', 1, []), $g('o', 'practice', 1, [], 'Hitch at 6'),
        ['group' => 'line'] + $g('l', 'practice', 1, [])], 1);
    expect(array_map(fn (array $p): array => [$p['part'], $p['id']], $reel))
        ->toBe([['model', 'm'], ['fault', 'f'], ['game', 'g']])
        ->and(TeachingReel::of('FLT-20', [$g('m', 'game', 1, [])]))->toBe([]);
});

it('has every fault and praise of the library, with a drill where one is known', function (): void {
    expect(Library::ids())->toHaveCount(64)
        ->and(Library::entry('FLT-13'))->toMatchArray(['label' => 'wrong depth', 'groups' => ['receivers'],
            'drill' => 'landmark walk', 'praise' => false])
        ->and(Library::entry('PRS-05')['praise'])->toBeTrue()
        ->and(Library::entry('FLT-23')['caution'])->toContain('rule book')
        ->and(Library::entry('FLT-53')['drill'])->toBeNull();
});

it('puts nine at most on the keys of a group, by the staff\'s choice and names', function (): void {
    $keys = FaultKeys::of(['line' => ['FLT-26', 'PRS-02']], ['FLT-26' => 'got beat']);
    expect($keys->for('LT'))->toBe([['key' => 1, 'id' => 'FLT-26', 'label' => 'got beat', 'praise' => false],
        ['key' => 2, 'id' => 'PRS-02', 'label' => 'tie with displacement', 'praise' => true]])
        ->and($keys->for('H'))->toHaveCount(9)->and(FaultKeys::group('Y'))->toBe('tight ends')
        ->and(FaultKeys::group('R'))->toBe('backs');
    expect(fn () => FaultKeys::of(['line' => ['FLT-99']]))->toThrow(DomainException::class, 'not in the library')
        ->and(fn () => FaultKeys::of(['punters' => []]))->toThrow(DomainException::class, 'no group')
        ->and(fn () => FaultKeys::of(['line' => array_slice(Library::ids(), 0, 10)]))->toThrow(DomainException::class,
            'nine keys');
});

it('REC-07, MSH-15: tells a run action that is always sold, and a back who goes to one side', function (
    array $snaps,
    array $says,
): void {
    $found = array_filter(
        (new Report($snaps))->leanings(),
        fn (array $l): bool => in_array($l['by'], ['action', 'back'], true),
    );
    expect(
        array_values(array_map(fn (array $l): string => "{$l['by']} {$l['name']}: {$l['leans']}, {$l['of']}", $found)),
    )->toBe($says);
})->with([
    'the same sell again and again' => [array_map(fn (int $n): SnapRow => tallied("s$n", "boot $n", 1, 10, 'complete',
        5, ['action' => 'outside zone left']), range(1, 4)), ['action outside zone left: pass, 4']],
    'sold as often as run' => [array_map(fn (int $n): SnapRow => tallied("s$n", "x$n", 1, 10, 'run', 5,
        ['action' => 'zone right', 'run' => $n % 2 === 0]), range(1, 6)), []],
    'the back always to the right' => [array_map(fn (int $n): SnapRow => tallied("s$n", "x$n", 1, 10, 'complete', 5,
        ['formation' => 'gun 2x2', 'back' => $n === 1 ? 'the back goes left' : 'the back goes right']), range(1, 5)),
        ['back gun 2x2: the back goes right, 5']],
    'to both sides' => [array_map(fn (int $n): SnapRow => tallied("s$n", "x$n", 1, 10, 'complete', 5,
        ['formation' => 'gun 2x2', 'back' => 'the back goes '.($n % 2 === 0 ? 'left' : 'right')]), range(1, 6)), []],
    'three snaps are too few' => [array_map(fn (int $n): SnapRow => tallied("s$n", "x$n", 1, 10, 'complete', 5,
        ['formation' => 'gun 2x2', 'back' => 'the back goes right', 'action' => 'zone left']), range(1, 3)), []],
    'runs do not tell of the back' => [array_map(fn (int $n): SnapRow => tallied("s$n", "x$n", 1, 10, 'run', 5,
        ['formation' => 'gun 2x2', 'back' => 'the back goes right', 'run' => true]), range(1, 5)), []],
]);

it('REC-01: says what a call shows', function (string $call, ?string $tag, ?string $action): void {
    expect(Shown::of(CallParser::parse($call)))->toBe(['tag' => $tag, 'action' => $action]);
})->with([
    ['gun H-back left: zone right; tag arc left', 'arc', 'zone right'],
    ['gun 2x2: zone right', null, 'zone right'],
    ['under center wing right, outside zone left fake, boot right: boot flood right', null, 'outside zone left'],
    ['gun 2x2 right: smash right', null, null],
    ['gun 2x2 right: zone right, rpo: Y slant; key will', null, 'zone right'],
]);

it('says where the back goes', function (string $call, ?string $back): void {
    expect(Shown::back(proof($call, 'cover 2')))->toBe($back);
})->with([
    ['gun 2x2 right: smash right', 'the back goes left'],
    ['gun 2x2 right: smash right; R flat right', 'the back goes right'],
    ['gun empty right: hitches both', 'the back goes right'],
]);

it('GRD-08: counts the first and the last day of the window, by what the staff set', function (
    array $on,
    int $today,
    array $values,
    bool $prompts,
): void {
    $found = Repeats::of(
        history(array_map(fn (int $d): array => [$d, ['FLT-13']], $on)),
        $today,
        Schools::of([], $values),
    );
    expect(($found[0]['state'] ?? null) === 'repeated')->toBe($prompts);
})->with([
    'the fourteenth day counts' => [[0, 9, 14], 14, [], true],
    'the fifteenth does not' => [[0, 9, 15], 15, [], false],
    'a week is asked' => [[0, 9, 14], 14, ['repeat-days' => 7.0], false],
    'twice is enough' => [[9, 14], 14, ['repeat-times' => 2.0], true],
]);

it('GRD-08: a habit that returned stays returned until it is gone', function (int $after, ?string $state): void {
    $days = [
        [0, ['FLT-13']],
        ...array_fill(0, 10, [2, []]),
        [5, ['FLT-13']],
        [6, []],
        [7, ['FLT-13']],
        ...array_fill(0, $after, [8, []]),
    ];
    $found = Repeats::of(history($days), 9, Schools::of())[0] ?? null;
    expect($found['state'] ?? null)->toBe($state);
})->with([
    'seen twice since' => [0, 'returned'],
    'a few without it' => [4, 'returned'],
    'gone again' => [12, 'repeated'],
]);
