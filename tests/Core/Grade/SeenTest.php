<?php

use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Film\Chart\Result;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\Mark;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Film\Seen;
use Jacotaxis\Core\Film\Simulated\FilmedRun;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Grade\Library\ByEye;
use Jacotaxis\Core\Grade\Library\FaultKeys;
use Jacotaxis\Core\Grade\Library\Library;
use Jacotaxis\Core\Grade\Proposal;

/**
 * A man's proposal on a smash that went as it should, with what was said of him.
 *
 * @param  list<Seen>  $seen
 * @return array<string, mixed>
 */
function said(string $man, array $seen, array $more = []): array
{
    $film = filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2',
        $more + ['act' => 'right corner: sit', 'men' => ['right corner'], 'seen' => $seen]);

    return array_column((new Proposal(new Grader(new Measures($film))))->all(), null, 'man')[$man];
}

it('says in the schema what may be said by eye, and nothing else', function (): void {
    $schema = json_decode((string) file_get_contents(__DIR__.'/../../../schemas/film.schema.json'), true);
    expect($schema['properties']['seen']['items']['properties']['what']['enum'])->toEqualCanonicalizing([
        ...Seen::OF_THE_PLAY,
        ...ByEye::words(),
    ]);
});

it('FLM-03 to 07: lists for a group what is looked at, in order, with faults of that group',
    function (string $group, array $first, string $fact): void {
        $rows = ByEye::of($group);
        expect(array_slice(array_column($rows, 'what'), 0, 3))->toBe($first)
            ->and(array_column($rows, 'what'))->toContain($fact)
            ->and(count($rows))->toBe(count(array_unique(array_column($rows, 'what'))));
        foreach (array_filter($rows, fn (array $r): bool => $r['part'] !== null) as $r) {
            expect($r['values'])->toBe(['plus', 'minus'])->and($r['means'])->not->toBe('');
        }
    })->with([
        ['line', ['stance and spot', 'first step', 'near hip or base'], 'second contact'],
        ['backs', ['stance and spot', 'steps to the mesh', 'eyes'], 'cuts'],
        ['quarterback', ['count', 'footwork', 'mesh or fake'], 'ball shown'],
        ['receivers', ['start', 'aim', 'rhythm'], 'quicks'],
        ['tight ends', ['stance and spot', 'sell', 'path'], 'sell steps'],
    ]);

it('a sub-mark is a part of the grade, and its minus a fault of his group',
    function (string $man, string $what, string $value, string $part, ?string $fault): void {
        $p = said($man, [new Seen($man, $what, $value)]);
        expect($p['marks'][$part])->toBe($value === 'plus' ? 1 : -1)
            ->and($p['faults'])->toBe($fault === null ? [] : [$fault])
            ->and($p['mark'])->toBe($man === 'Q' && $value === 'plus' ? 1 : ($value === 'plus' ? 1 : -1));
        if ($fault !== null) {
            expect(array_intersect(Library::entry($fault)['groups'], [FaultKeys::group($man), 'any']))->not->toBe([]);
        }
    })->with([
        ['X', 'start', 'plus', 'technique', null],
        ['X', 'start', 'minus', 'technique', 'FLT-01'],
        ['Z', 'aim', 'minus', 'technique', 'FLT-03'],
        ['Z', 'rhythm', 'minus', 'technique', 'FLT-04'],
        ['H', 'release plant', 'minus', 'technique', 'FLT-05'],
        ['H', 'break', 'minus', 'technique', 'FLT-08'],
        ['X', 'shoulders', 'minus', 'technique', 'FLT-10'],
        ['X', 'eyes', 'minus', 'eyes', 'FLT-11'],
        ['X', 'catch', 'minus', 'technique', 'FLT-21'],
        ['X', 'finish', 'minus', 'effort', null],
        ['X', 'finish', 'plus', 'effort', null],
        ['X', 'block made', 'minus', 'assignment', 'FLT-22'],
        ['R', 'eyes', 'minus', 'eyes', 'FLT-42'],
        ['R', 'steps to the mesh', 'minus', 'technique', 'FLT-40'],
        ['R', 'set to block', 'minus', 'technique', 'FLT-44'],
        ['R', 'pitch relation', 'minus', 'assignment', 'FLT-43'],
        ['Y', 'sell', 'minus', 'technique', 'FLT-36'],
        ['Y', 'path', 'minus', 'technique', 'FLT-38'],
        ['Y', 'block made', 'minus', 'assignment', 'FLT-39'],
        ['Y', 'stance and spot', 'plus', 'alignment', null],
        ['LG', 'near hip or base', 'minus', 'assignment', 'FLT-30'],
        ['LG', 'takeover', 'minus', 'assignment', 'FLT-29'],
        ['LT', 'first step', 'minus', 'technique', 'FLT-27'],
        ['RT', 'hands', 'minus', 'technique', 'FLT-31'],
        ['C', 'climb', 'minus', 'technique', 'FLT-28'],
        ['C', 'finish', 'minus', 'effort', null],
        ['Q', 'placement', 'minus', 'technique', 'FLT-49'],
        ['Q', 'mesh or fake', 'minus', 'technique', 'FLT-45'],
        ['Q', 'base', 'minus', 'technique', 'FLT-46'],
        ['Q', 'count', 'plus', 'alignment', null],
    ]);

it('a fact is a fault, a praise or neither',
    function (string $man, string $what, string|float $value, array $ids): void {
        expect(said($man, [new Seen($man, $what, $value)])['faults'])->toBe($ids);
    })->with([
        ['R', 'moving at contact', 'yes', ['FLT-44']],
        ['R', 'moving at contact', 'no', []],
        ['R', 'cuts', 1.0, []],
        ['R', 'cuts', 2.0, ['FLT-41']],
        ['Y', 'sell steps', 1.0, ['FLT-36']],
        ['Y', 'sell steps', 2.0, []],
        ['R', 'ball shown', 'no', ['FLT-45']],
        ['Q', 'ball shown', 'yes', []],
        ['X', 'method', 'two hands', []],
        ['X', 'method', 'one hand', ['FLT-21']],
        ['X', 'method', 'ball swung', ['FLT-21']],
        ['Z', 'foul', 'shove', ['FLT-20']],
        ['LT', 'foul', 'hold', ['FLT-20']],
        ['LT', 'foul', 'other', []],
        ['C', 'second contact', 'yes', ['PRS-04']],
        ['X', 'frees another', 'yes', ['PRS-03']],
        ['X', 'frees another', 'no', []],
        ['LG', 'branch taken', 'yes', ['PRS-06']],
        ['LG', 'block', 'reach', []],
        ['X', 'gathers', 'yes', []],
        ['X', 'break foot', 'outside', ['FLT-08']],
        ['X', 'break foot', 'inside', []],
    ]);

it('REC-08: a guess is kept and counts for nothing', function (string $man, string $what, string|float $value): void {
    $p = said($man, [new Seen($man, $what, $value, certain: false)]);
    expect($p['faults'])->toBe([])->and($p['marks']['technique'])->toBeNull()->and($p['reason'])->not->toContain($what);
})->with([['X', 'start', 'minus'], ['R', 'cuts', 3.0], ['X', 'method', 'one hand'], ['LG', 'hands', 'plus']]);

it('FLM-06: one rep is praised and corrected', function (): void {
    $p = said('X', [
        new Seen('X', 'start', 'plus'),
        new Seen('X', 'aim', 'plus'),
        new Seen('X', 'break', 'minus'),
        new Seen('X', 'frees another', 'yes'),
    ]);
    expect($p['reason'])
        ->toContain('By eye good: start, aim. To correct: break.')
        ->and($p['faults'])
        ->toBe(['FLT-08', 'PRS-03'])
        ->and($p['marks']['technique'])
        ->toBe(-1);
});

it('W-46: caught one-handed is a result plus and a method minus', function (): void {
    $p = said('H', [new Seen('H', 'method', 'one hand')],
        ['chart' => new Chart(result: Result::Complete, gainYd: 15.0), 'men' => ['H', 'right corner']]);
    expect($p['marks']['result'])->toBe(1)
        ->and($p['marks']['technique'])->toBe(-1)
        ->and($p['faults'])->toBe(['FLT-21'])
        ->and($p['mark'])->toBe(-1);
});

it('W-45, FLT-20: a separation that a shove made is no separation', function (?string $foul, bool $counts): void {
    $film = filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', [
        'act' => 'right corner: sit',
        'seen' => $foul === null ? [] : [new Seen('H', 'foul', $foul)],
    ]);
    $grader = new Grader(new Measures($film));
    expect($grader->measures->row('H', 'separation at the throw') !== null)->toBe($counts)
        ->and(in_array('FLT-20', $grader->proposed('H'), true))->toBe(! $counts)
        ->and($grader->decision()->grade)->toBe('right');
})->with([[null, true], ['shove', false], ['hold', false]]);

it('PRS-01: right read, right place and no gain is praised', function (?float $gain, array $seen, array $ids): void {
    expect(said('Q', $seen, ['chart' => new Chart(result: $gain === null ? Result::Dropped : Result::Complete,
        gainYd: $gain)])['faults'])->toBe($ids);
})->with([
    'dropped' => [null, [], ['PRS-01']],
    'two yards' => [2.0, [], ['PRS-01']],
    'worth it: nothing to say' => [9.0, [], []],
    'thrown behind him' => [null, [new Seen('Q', 'placement', 'minus')], ['FLT-49']],
]);

it('FLT-16, FLT-25: the finish of a crosser against the plan',
    function (string $look, string $ran, string $man, array $ids): void {
        expect(graded('gun 2x2 right: mesh right', $look, ['run' => "gun 2x2 right: mesh right$ran"])->proposed($man))
            ->toBe($ids);
    })->with([
        'man: runs on' => ['4-2 nickel, cover 1', '', 'X', []],
        'man: settles' => ['4-2 nickel, cover 1', '; X shallow settling; Z shallow settling', 'X', ['FLT-16']],
        'zone: settles' => ['4-2 nickel, cover 3', '', 'X', []],
    ]);

it('MSH-07: both crossers over the top is the under man\'s fault', function (float $upYd, array $ids): void {
    $film = shifted(filmed('gun 2x2 right: mesh right', '4-2 nickel, cover 1', ['throw' => 'X@3.0']), 'X',
        fn (float $t): array => [0.0, $upYd * min(1.0, max(0.0, $t))]);
    $grader = new Grader(new Measures($film));
    $row = $grader->measures->row('X', 'under the other crosser by');
    expect($row->planned)->toBe(1.0)
        ->and($row->done)->toEqualWithDelta(1.0 - $upYd, 0.3)
        ->and(in_array('FLT-25', $grader->proposed('X'), true))->toBe($ids !== []);
})->with([[0.0, []], [0.8, []], [2.5, ['FLT-25']]]);

/** H drifts so many yards a second up the field after his break. */
function drifted(string $call, string $look, string $man, float $yd, array $o = []): Grader
{
    $film = filmed($call, $look, $o);
    $broke = (new Measures($film))->after('break', $man);

    return new Grader(
        new Measures(shifted($film, $man, fn (float $t): array => [0.0, $yd * max(0.0, min(1.0, $t - $broke))])),
    );
}

it('FLT-12: drifting after the break of a hitch', function (float $yd, array $ids): void {
    expect(array_values(array_intersect(drifted('gun 2x2 right: smash right', '4-2 nickel, cover 2', 'Z', $yd,
        ['act' => 'right corner: sink'])->proposed('Z'), ['FLT-12', 'FLT-18'])))->toBe($ids);
})->with([
    'holds' => [0.0, []],
    'half a yard' => [0.5, []],
    'drifts away' => [2.5, ['FLT-12']],
    'falls back' => [-2.5, ['FLT-12']],
]);

it('W-21, FLT-18: drifting up the field under a man who cuts in is the receiver\'s',
    function (float $yd, bool $cutter, array $ids): void {
        $seen = $cutter ? [new Seen('H', 'undercut', 'yes')] : [new Seen('H', 'undercut', 'no')];
        $grader = drifted('gun 2x2 right: stick right; H in', '4-2 nickel, cover 1', 'H', $yd, ['seen' => $seen]);
        expect(array_values(array_intersect($grader->proposed('H'), ['FLT-18'])))->toBe($ids);
    })->with([
        'flat under the cutter' => [0.0, true, []],
        'up under the cutter' => [2.5, true, ['FLT-18']],
        'up with nobody there' => [2.5, false, []],
    ]);

it('sees the man who cuts in from the plots', function (float $underYd, ?bool $is): void {
    $film = filmed('gun 2x2 right: stick right; H in', '4-2 nickel, cover 1', $is === null ? ['men' => ['H']] : []);
    $m = new Measures($film);
    $h = $m->track('H');
    $at = fn (float $t): array => [
        $h->at(max($h->from(), min($h->to(), $t)))->xYd,
        $h->at(max($h->from(), min($h->to(), $t)))->yYd,
    ];
    $will = $m->track('will') ?? null;
    if ($will !== null) {
        $film = shifted(
            $film,
            'will',
            fn (float $t): array => [
                $at($t)[0] - $will->at(min($will->to(), $t))->xYd,
                $at($t)[1] - $underYd - $will->at(min($will->to(), $t))->yYd,
            ],
        );
    }
    expect((new Jacotaxis\Core\Film\Measure\AfterBreakRows(new Measures($film)))->undercut('H'))->toBe($is);
})->with(['a yard under him' => [1.0, true], 'no defender is plotted' => [0.0, null]]);

it('W-31, PRS-06: a puller with nobody to kick turns up and seals',
    function (float $awayYd, float $upYd, bool $praise, bool $fault): void {
        $film = filmed('gun 2x2: counter right', '4-2 nickel, cover 3', ['seen' => [new Seen('Q', 'action', 'give')]]);
        $film = shifted($film, 'right end', fn (float $t): array => [$awayYd * min(1.0, $t / 0.6), 0.0]);
        foreach ($awayYd > 3.0 ? (new Measures($film))->defenders() : [] as $role) {
            // Nobody else stands there either.
            $film = in_array($role, ['right end', 'free safety'], true)
                ? $film
                : shifted($film, $role, fn (float $t): array => [0.0, 4.0 * min(1.0, max(0.0, $t) / 0.6)]);
        }
        $film = shifted($film, 'LG', fn (float $t): array => [0.0, $upYd * max(0.0, $t - 0.8)]);
        $grader = new Grader(new Measures($film));
        expect(in_array('PRS-06', $grader->proposed('LG'), true))->toBe($praise)
            ->and(in_array('FLT-26', $grader->proposed('LG'), true))->toBe($fault);
    })->with([
        'kicks his man' => [0.0, 0.0, false, false],
        'nobody there, turns up' => [6.0, 3.0, true, false],
        'nobody there, stands' => [6.0, 0.0, false, false],
        'misses him by two yards' => [2.4, 0.0, false, true],
    ]);

it('W-29, INZ-14: a tie without penetration is a plus whatever the gain; beaten past the line or across the face a minus', function (
    string $call,
    string $man,
    string $his,
    float $gain,
    float $downYd,
    float $acrossYd,
    int $mark,
    array $ids,
): void {
    $film = filmed($call, '4-3 over, cover 3', ['seen' => [new Seen('Q', 'action', 'give')],
        'chart' => new Chart(result: Result::Run, gainYd: $gain)]);
    $film = shifted($film, $his, fn (float $t): array => [$acrossYd * max(0.0, min(1.0, ($t - 0.4) / 0.4)),
        -$downYd * max(0.0, min(1.0, ($t - 0.4) / 0.4))]);
    $row = array_column((new Proposal(new Grader(new Measures($film))))->all(), null, 'man')[$man];
    expect($row['mark'])->toBe($mark)->and($row['faults'])->toBe($ids)->and($row['marks']['technique'])->toBe($mark);
})->with([
    'a short gain, tied' => ['gun 2x2: zone right', 'RG', 'right tackle', 1.0, 0.0, 0.0, 1, []],
    'a long gain, past the line' => ['gun 2x2: zone right', 'RG', 'right tackle', 35.0, 3.0, 0.0, -1, ['FLT-26']],
    'half a yard is a tie' => ['gun 2x2: zone right', 'RG', 'right tackle', 1.0, 0.5, 0.0, 1, []],
    'a short gain, tied on the backside' => ['under center I right: power right', 'LT', 'left end', 1.0, 0.0, 0.0, 1,
        []],
    'a long gain, across the face' => ['under center I right: power right', 'LT', 'left end', 35.0, 0.0, 3.0, -1,
        ['FLT-26']],
    'driven away from the run' => ['under center I right: power right', 'LT', 'left end', 1.0, 0.0, -2.0, 1, []],
]);

it('INZ-06, INZ-08: a combination left at the snap, in time, or too late',
    function (string $man, float $climbS, array $ids): void {
        $film = filmed('gun 2x2: zone right', '4-2 nickel, cover 3', ['seen' => [new Seen('Q', 'action', 'give')]]);
        $film = new FilmDocument(
            $film->call,
            $film->look,
            $film->setting,
            [...$film->marks, new Mark('climb', FilmedRun::BEFORE + $climbS, $man)],
            $film->calibrations,
            $film->plots,
            $film->moves,
            $film->seen,
            $film->chart,
        );
        expect((new Grader(new Measures($film)))->proposed($man))->toBe($ids);
    })->with([
        'the center climbs at the snap' => ['C', 0.2, ['FLT-30']],
        'hip, then climb' => ['C', 0.7, []],
        'he waits' => ['C', 1.6, ['FLT-28']],
        'the tackle checks the hip' => ['LT', 0.6, []],
        'the tackle skips it' => ['LT', 0.2, ['FLT-30']],
        'who keeps his man climbs nowhere' => ['LG', 0.2, []],
        'nor does who is alone' => ['RG', 0.2, []],
    ]);

it('GRD-13: a gain does not cure form', function (string $man, array $film, string $part, array $ids): void {
    $film += ['act' => 'right corner: sit', 'chart' => new Chart(result: Result::Complete, gainYd: 40.0,
        touchdown: false)];
    $row = array_column((new Proposal(graded('gun 2x2 right: smash right', '4-2 nickel, cover 2', $film)))->all(), null,
        'man')[$man];
    expect($row['marks'][$part])->toBe(-1)
        ->and($row['mark'])->toBe(-1)
        ->and(array_values(array_intersect($row['faults'], $ids)))->toBe($ids)
        ->and($row['marks']['result'] ?? 1)->toBe(1);
})->with([
    'a hop at the line' => ['H', ['seen' => [new Seen('H', 'rhythm', 'minus')]], 'technique', ['FLT-04']],
    'a late throw on a wide-open man' => ['Q', ['act' => 'right corner: sink', 'throw' => 'Z@2.9'], 'decision',
        ['FLT-47']],
    'a forced throw that was caught' => ['Q', ['act' => 'right corner: sink', 'throw' => 'H@2.6'], 'decision',
        ['FLT-48d']],
    'a drop of the ball\'s tuck' => ['H', ['seen' => [new Seen('H', 'method', 'ball swung')]], 'technique', ['FLT-21']],
    'no finish' => ['X', ['seen' => [new Seen('X', 'finish', 'minus')]], 'effort', []],
]);

it('GRD-12: a setter, a faker and a cracker are marked without the ball',
    function (string $man, Seen $seen, string $part, int $mark): void {
        $row = array_column((new Proposal(graded('gun 2x2 right: smash right', '4-2 nickel, cover 2',
            ['act' => 'right corner: sit', 'men' => ['right corner'], 'seen' => [$seen]])))->all(), null, 'man')[$man];
        expect($row['marks'][$part] ?? null)->toBe($mark)->and($row['mark'])->toBe($mark)->and($row['marks']['result'])
            ->toBeNull();
    })->with([
        ['X', new Seen('X', 'finish', 'plus'), 'effort', 1],
        ['Y', new Seen('Y', 'block made', 'plus'), 'assignment', 1],
        ['R', new Seen('R', 'set to block', 'minus'), 'technique', -1],
        ['LT', new Seen('LT', 'finish', 'minus'), 'effort', -1],
    ]);
