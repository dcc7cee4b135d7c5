<?php

use Jacotaxis\Core\Blocking\Run\Told\LineCalls;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Jobs\Movement;
use Jacotaxis\Core\Defense\Jobs\MovementKind;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Telling\Run\RunBeats;
use Jacotaxis\Core\Proof\Telling\Series;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

/* Series, their sameness and bind (PAC-01, PAC-02), what beats a run,
    and what a line says (INZ-02, FBL-01); common practice, no source. */

/**
 * A series of calls in words by id against a look.
 *
 * @param  array<string, string>  $words
 */
function series(array $words, string $look): Series
{
    return Series::of(
        array_map(fn (string $w): Call => CallParser::parse($w), $words),
        LookParser::parse($look),
        new Setting(Situation::of()),
    );
}

const WING = [
    'wide' => 'under center wing right: outside zone left',
    'counter' => 'under center wing right: counter right',
    'boot' => 'under center wing right, outside zone left fake, boot right: boot flood right',
    'pass' => 'under center wing right: curl-flat left',
];

it('tells the kinds of a series and what is missing', function (array $ids, array $kinds, array $missing): void {
    $series = series(array_intersect_key(WING + ['read' => 'gun 2x2: zone right',
        'mirror' => 'under center wing right: outside zone right'], array_flip($ids)), '4-3 over, cover 3');
    expect($series->kinds)->toEqual($kinds)->and($series->missing())->toBe($missing);
})->with([
    'run, counter and play-action: the keep is missing' => [['wide', 'counter', 'boot'],
        ['wide' => 'run', 'counter' => 'counter', 'boot' => 'play-action'], ['keep']],
    'a run alone' => [['wide'], ['wide' => 'run'], ['counter', 'keep', 'play-action']],
    'a read run brings its keep' => [['read'], ['read' => 'run'], ['counter', 'play-action']],
    'the same run the other way is a counter to it' => [['wide', 'mirror'], ['wide' => 'run', 'mirror' => 'counter'],
        ['keep', 'play-action']],
    'a drop-back pass is no member of the marriage' => [['wide', 'pass'], ['wide' => 'run', 'pass' => 'pass'],
        ['counter', 'keep', 'play-action']],
]);

it('gathers calls of one formation and motion', function (): void {
    $book = array_map(
        fn (string $w): Call => CallParser::parse($w),
        WING + ['other' => 'gun 2x2: zone right', 'moved' => 'under center wing right, H jet right: jet right'],
    );
    expect(array_keys(Series::around($book['wide'], $book)))->toBe(['wide', 'counter', 'boot', 'pass']);
});

it('measures sameness against the base run: play-action looks more like it than a drop-back', function (
    string $look,
): void {
    $series = series(WING, $look);
    $boot = $series->sameness('boot');
    $pass = $series->sameness('pass');
    expect($series->sameness('wide'))->toBe(['share' => 1.0, 'gives' => []])
        ->and($boot['share'])->toBeGreaterThan($pass['share'])
        ->and($boot['share'])->toBeGreaterThan(0.6)
        ->and(array_intersect(array_column($boot['gives'], 'man'), ['LT', 'LG', 'C', 'RG', 'RT', 'Q', 'R']))->toBe([]);
    foreach ($pass['gives'] as $row) {
        expect($row['atS'])->toBeLessThanOrEqual(Series::LOOKS_ALIKE_S)->and($row['yd'])->toBeGreaterThan(0.7);
    }
})->with(['4-3 over, cover 3', '3-4, cover 4']);

it('binds one man with run and pass together, and names what is missing without one of them', function (): void {
    $both = series(array_intersect_key(WING, ['wide' => 1, 'boot' => 1]), '4-3 over, cover 3')->bind();
    $sam = array_values(array_filter($both, fn (array $b): bool => $b['defender'] === 'sam'))[0];
    expect($sam['wrong'])->toBeTrue()
        ->and($sam['comes'])->toBe(['boot'])
        ->and($sam['stays'])->toBe(['wide'])
        ->and($sam['missing'])->toBeNull();
    expect(series(['wide' => WING['wide']], '4-3 over, cover 3')->bind())->toBe([]);
});

it('says what beats a run by one man, proved', function (string $call, string $look): void {
    $proof = carried($call, $look);
    $beats = RunBeats::of($proof);
    expect($beats)->not->toBeNull()
        ->and($beats['why'])->not->toBe('')
        ->and(array_key_exists($beats['defender'], $proof->resolved->front->men))->toBeTrue();
    if ($beats['name'] === 'comes down' && $beats['leftS'] === null) {
        $moved = carried($call, "$look, {$beats['defender']} at {$beats['xYd']} {$beats['yYd']}");
        expect($moved->strength())->toBeLessThan($proof->strength());
    }
})->with([
    ['gun 2x2: zone right', '4-2 nickel, cover 4'],
    ['I right: power right', '4-2 nickel, cover 4'],
    ['gun 2x2: zone right', 'tite, cover 4'],
]);

it('says which movement of one man of the box beats a run, and it does',
    function (string $call, string $look, string $role, MovementKind $kind): void {
        $beats = RunBeats::of(carried($call, $look));
        expect($beats['defender'])->toBe($role)->and($beats['name'])->toBe($kind->words())->and($beats['with'])
            ->toBeNull();
        $moved = Proving::of(CallParser::parse($call),
            LookParser::parse($look)->changing($role, ['movement' => new Movement($kind)]),
            new Setting(Situation::of()));
        expect($moved->verdict()->isGood())->toBeFalse();
    })->with([
        'the end crashes a triple' => ['double-slot, H pitch right: triple right', '4-2 nickel, cover 4', 'right end',
            MovementKind::Slant],
        'the end squeezes' => ['double-slot, H pitch right: triple right', '4-3 over, cover 2', 'right end',
            MovementKind::Squeeze],
    ]);

it('names nothing against a run that is covered as it is', function (): void {
    expect(RunBeats::of(carried('I right: power right', '3-4, cover 4')))->toBeNull();
});

it('says line calls from and to men of the line, the mike first', function (string $call, string $look): void {
    $calls = LineCalls::of(carried($call, $look)->resolved);
    expect($calls[0]['say'])->toContain('is the mike');
    foreach ($calls as $row) {
        expect(['LT', 'LG', 'C', 'RG', 'RT', 'Y', 'X', 'H', 'Z', 'R'])->toContain($row['from'])
            ->and($row['to'])->not->toBe($row['from'])
            ->and($row['changes'])->not->toBe('');
    }
})->with([
    'gun 2x2: zone right',
    'double-slot: lead option right',
    'I right: power right',
    'gun trey right: counter left',
])->with([
    '4-3 over, cover 3',
    '3-4, cover 4',
    '4-4, cover 3',
]);

it('says every double with its backer, and alone where there is no help', function (): void {
    $say = implode(
        '; ',
        array_map(
            fn (array $c): string => "{$c['from']} to {$c['to']}: {$c['say']}",
            LineCalls::of(carried('gun 2x2: zone right', '4-3 over, cover 3')->resolved),
        ),
    );
    expect($say)
        ->toContain('LG to C: double the left tackle to the mike')
        ->and($say)
        ->toContain('RG to RT: alone in B');
});
