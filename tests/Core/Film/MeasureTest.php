<?php

use Jacotaxis\Core\Concept\Document\BadDocument;
use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Film\Calibrate\BadCalibration;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\FilmReader;
use Jacotaxis\Core\Film\Mark;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Film\Plot;
use Jacotaxis\Core\Film\Seen;
use Jacotaxis\Core\Film\Simulated\FilmedRun;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Proof\Scene\Setting;

/** A measured number of a filmed run. */
function measured(array $film, string $man, string $measure): ?float
{
    return (new Measures(filmed(...$film)))->row($man, $measure)?->done;
}

it('measures what the film shows', function (array $film, string $man, string $measure, float $done,
    float $within): void {
    expect(measured($film, $man, $measure))->toEqualWithDelta($done, $within);
})->with([
    'depth of a corner route' => [['gun 2x2 right: smash right', '4-2 nickel, cover 2'], 'H', 'break depth', 10.0, 0.3],
    'the same run five deeper' => [['gun 2x2 right: smash right', '4-2 nickel, cover 2',
        ['run' => 'gun 2x2 right: smash right; H corner 15']], 'H', 'break depth', 15.0, 0.3],
    'found without a mark' => [['gun 2x2 right: smash right', '4-2 nickel, cover 2', ['leaveOut' => ['break']]], 'H',
        'break depth', 10.0, 1.3],
    'ball out' => [['gun 2x2 right: smash right', '4-2 nickel, cover 2', ['throw' => 'H@2.8']], 'Q', 'ball out', 2.8,
        0.001],
    'ball out after the break' => [['gun 2x2 right: smash right', '4-2 nickel, cover 2', ['throw' => 'H@2.8']], 'Q',
        'ball out after the break', 0.71, 0.05],
    'back foot of a three-step drop' => [['gun 2x2 right: smash right', '4-2 nickel, cover 2'], 'Q', 'back foot down',
        1.5, 0.01],
    'depth of the drop' => [['gun 2x2 right: smash right', '4-2 nickel, cover 2'], 'Q', 'depth of the drop', 7.0, 0.6],
    'split of a receiver' => [['gun 2x2 right: smash right', '4-2 nickel, cover 2'], 'Z', 'split', 17.0, 3.0],
    'cushion of the corner' => [['gun 2x2 right: smash right', '4-2 nickel, cover 3'], 'Z', 'cushion', 7.0, 1.5],
    'mesh of a zone' => [['gun 2x2 right: zone right', '4-2 nickel, cover 3'], 'R', 'mesh', 0.6, 0.4],
    'no lineman downfield on a pass' => [['gun 2x2 right: smash right', '4-2 nickel, cover 2'], 'LT',
        'downfield at ball out', 0.0, 0.1],
    'a lineman downfield on a run-pass option' => [[
        'gun 2x2 right: zone right, rpo: Y slant; key will', '4-2 nickel, cover 3',
        ['act' => 'will: insert', 'throw' => 'throw']], 'C', 'downfield at ball out', 1.0, 1.2],
    'the pitch back wide of the quarterback' => [['under center double-slot right, H return right: triple right',
        '4-2 nickel, cover 3', ['act' => 'right end: take the back; nickel: take the quarterback']], 'H',
        'pitch: wide of Q', 4.5, 2.5],
]);

it('names the route a man ran by his way alone', function (string $run, string $man, string $route): void {
    $m = new Measures(
        filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', ['run' => $run, 'leaveOut' => ['break']]),
    );
    expect($m->named($man)['route'])->toBe($route);
})->with([
    'the corner that was called' => ['gun 2x2 right: smash right', 'H', 'corner'],
    'a post instead' => ['gun 2x2 right: smash right; H post', 'H', 'post'],
    'a go by the outside man' => ['gun 2x2 right: smash right; Z go', 'Z', 'go'],
    'a dig' => ['gun 2x2 right: smash right; Z dig 12', 'Z', 'dig'],
]);

it('names no route from a plot or two', fn () => expect((new Measures(filmed('gun 2x2 right: smash right',
    '4-2 nickel, cover 2', ['every' => 3.0])))->named('H'))->toBeNull());

it('measures a late mover', function (): void {
    // Filmed as if the ball went half a second early: the mover is where he was then.
    $film = filmed('gun 2x2 right, H short left to 6 wide: four verticals left', '4-2 nickel, cover 3', [
        'men' => ['H'],
    ]);
    $row = (new Measures($film))->row('H', 'motion late');
    expect($row?->done ?? 0.0)->toEqualWithDelta(0.0, 0.15);
});

it('weighs two angles by their doubt, and says where they disagree', function (): void {
    $film = filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', [
        'angles' => ['wide', 'tight'],
        'men' => ['H'],
    ]);
    $both = new Measures($film);
    $wide = new Measures(filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', ['men' => ['H']]));
    expect($both->placed->disagreements())
        ->toBe([])
        ->and($both->row('H', 'break depth')->done)
        ->toEqualWithDelta(10.0, 0.3)
        ->and($both->track('H')->at(1.0)->sdYYd)
        ->toBeLessThan($wide->track('H')->at(1.0)->sdYYd);
    $plots = array_map(
        fn (Plot $p): Plot => $p->angle === 'tight'
            ? new Plot($p->id, $p->man, $p->atS, $p->xPx + 60.0, $p->yPx, $p->angle)
            : $p,
        $film->plots,
    );
    $wrong = new Measures(
        new FilmDocument(
            $film->call,
            $film->look,
            $film->setting,
            $film->marks,
            $film->calibrations,
            $plots,
            $film->moves,
        ),
    );
    expect($wrong->placed->disagreements())
        ->not->toBe([])
        ->and($wrong->placed->disagreements()[0]['why'])
        ->toContain('two angles put H')
        ->and($wrong->track('H')->at(1.0)->sdYYd)
        ->toBeGreaterThan(0.5);
});

it('gives no number where the camera was not followed', function (): void {
    $film = filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', ['men' => ['H']]);
    $half = array_values(array_filter($film->moves, fn (array $m): bool => $m['toS'] < 2.0));
    $m = new Measures(
        new FilmDocument(
            $film->call,
            $film->look,
            $film->setting,
            $film->marks,
            $film->calibrations,
            $film->plots,
            $half,
        ),
    );
    expect($m->row('H', 'break depth'))
        ->toBeNull()
        ->and($m->placed->refused)
        ->not->toBe([])
        ->and(reset($m->placed->refused))
        ->toContain('nobody followed it');
});

it('believes a followed plot less than a clicked one', function (): void {
    $film = filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', ['men' => ['H']]);
    $followed = array_map(
        fn (Plot $p): Plot => new Plot($p->id, $p->man, $p->atS, $p->xPx, $p->yPx, $p->angle, 0.7),
        $film->plots,
    );
    $sd = fn (array $plots): float => (new Measures(
        new FilmDocument(
            $film->call,
            $film->look,
            $film->setting,
            $film->marks,
            $film->calibrations,
            $plots,
            $film->moves,
        ),
    ))
        ->track('H')
        ->at(1.0)->sdYYd;
    expect($sd($followed))->toBeGreaterThan(1.5 * $sd($film->plots));
});

it('W-13: counts inside contacts and measures the depth, never one from the other', function (
    array $contacts,
    float $steps,
): void {
    $film = filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', ['men' => ['Z']]);
    $marks = [
        ...$film->marks,
        ...array_map(fn (float $t): Mark => new Mark('inside contact', 1.0 + $t, 'Z'), $contacts),
    ];
    $m = new Measures(
        new FilmDocument(
            $film->call,
            $film->look,
            $film->setting,
            $marks,
            $film->calibrations,
            $film->plots,
            $film->moves,
        ),
    );
    expect($m->row('Z', 'inside contacts')->done)
        ->toBe($steps)
        ->and($m->row('Z', 'break depth')->done)
        ->toEqualWithDelta(5.7, 0.4);
})->with([
    'on the second' => [[0.6, 1.2], 2.0],
    'on the third' => [[0.5, 0.9, 1.3], 3.0],
    'what comes after the break does not count' => [[0.6, 1.2, 2.9], 2.0],
]);

it('takes a number by eye where none is measured, and marks it so', function (): void {
    $film = filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2',
        ['men' => [], 'leaveOut' => ['break'], 'seen' => [new Seen('H', 'break depth', 9.0),
            new Seen('Z', 'break depth', 7.0, false)]]);
    $m = new Measures($film);
    expect($m->row('H', 'break depth')->byEye)->toBeTrue()
        ->and($m->row('H', 'break depth')->done)->toBe(9.0)
        ->and($m->row('Z', 'break depth'))->toBeNull();
});

it('measures without knowing the call, and asks for it', function (): void {
    $film = filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', ['men' => ['H']]);
    $m = new Measures(
        new FilmDocument(null, null, $film->setting, $film->marks, $film->calibrations, $film->plots, $film->moves),
    );
    expect($m->proof)
        ->toBeNull()
        ->and($m->plots())
        ->toHaveCount(count($film->plots))
        ->and($m->row('Q', 'ball out')?->planned)
        ->toBeNull();
});

it('places plots by hash and spot', function (Hash $hash, float $ballOn): void {
    $situation = Situation::of(hash: $hash, ballOnYd: $ballOn, toGoYd: 5.0);
    expect(
        (new Measures(filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', [], $situation)))->row(
            'H',
            'break depth',
        )->done,
    )->toEqualWithDelta(10.0, 0.4);
})->with([[Hash::Left, 30.0], [Hash::Right, 55.0], [Hash::Middle, 80.0]]);

it('refuses a film whose only picture cannot be placed', function (): void {
    $film = filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', ['men' => ['H']]);
    $bad = [['angle' => 'wide', 'atS' => 1.0, 'points' => array_slice($film->calibrations[0]['points'], 0, 3)]];
    expect(
        fn () => new Measures(new FilmDocument($film->call, $film->look, $film->setting, [], $bad, $film->plots)),
    )->toThrow(BadCalibration::class, 'at least four');
});

it('reads a film document with unknown call and look, and one near the goal line', function (): void {
    $film = FilmReader::read(['kind' => 'jacotaxis.film', 'version' => 1, 'situation' => ['ballOnYd' => 96],
        'chart' => ['result' => 'run', 'gainYd' => 2]]);
    expect($film->call)->toBeNull()
        ->and($film->setting->situation->toGoYd)->toBe(4.0)
        ->and($film->chart->gainYd)->toBe(2.0)
        ->and($film->setting)->toBeInstanceOf(Setting::class);
});

it('refuses what no film can say, at its pointer', function (array $d, string $pointer, string $says): void {
    try {
        FilmReader::read(['kind' => 'jacotaxis.film', 'version' => 1] + $d);
        $this->fail('Nothing was refused.');
    } catch (BadDocument $e) {
        expect($e->pointer)->toBe($pointer)->and($e->getMessage())->toContain($says);
    }
})->with([
    'a movement without an inverse' => [['moves' => [['fromS' => 0, 'toS' => 1, 'h' => [0, 0, 0, 0, 0, 0, 0, 0, 0],
        'inliers' => 1, 'missPx' => 0]]], '/moves/0/h', 'no inverse'],
    'a movement back in time' => [['moves' => [['fromS' => 1, 'toS' => 1, 'h' => [1, 0, 0, 0, 1, 0, 0, 0, 1],
        'inliers' => 1, 'missPx' => 0]]], '/moves/0/toS', 'ends after it begins'],
    'a ball that dances' => [['seen' => [['man' => 'Q', 'what' => 'action', 'value' => 'dance']]], '/seen/0/value',
        'give, pull, keep, pitch, throw'],
    'an unknown call' => [['call' => 'gun 2x2: smsh'], '/call', 'smsh'],
    'a ball off the field' => [['situation' => ['ballOnYd' => 140]], '/situation', ''],
]);

it('answers a film in which nearly nothing is known', function (array $d, string $why): void {
    $grader = new Grader(new Measures(FilmReader::read(['kind' => 'jacotaxis.film', 'version' => 1] + $d)));
    expect($grader->decision()->grade)
        ->toBeNull()
        ->and($grader->decision()->why)
        ->toContain($why)
        ->and($grader->faults())
        ->toBe([]);
})->with([
    'nothing' => [[], 'unknown: settle it'],
    'no look' => [['call' => 'gun 2x2 right: smash right'], 'unknown: settle it'],
    'no marks' => [['call' => 'gun 2x2 right: smash right', 'look' => '4-2 nickel, cover 2'], 'Plot the right corner'],
    'a run nobody charted' => [['call' => 'under center I right: power right', 'look' => '4-2 nickel, cover 3'],
        'Say what the ball did'],
    'a plot of nobody' => [['call' => 'gun 2x2 right: zone right', 'look' => '4-2 nickel, cover 3',
        'plots' => [['id' => 'a', 'man' => '?', 'atS' => 1, 'xPx' => 10, 'yPx' => 10]]], 'Plot the left end'],
]);

/**
 * A film with marks put to it: kind, seconds after the snap, man.
 *
 * @param  list<array{string, float, string}>  $more
 */
function marked(FilmDocument $film, array $more): Measures
{
    $marks = array_map(
        fn (array $m, int $n): Mark => new Mark(
            $m[0],
            FilmedRun::BEFORE + $m[1],
            $m[2],
            $m[0] === 'inside contact' ? $n + 1 : null,
        ),
        $more,
        array_keys($more),
    );

    return new Measures(
        new FilmDocument(
            $film->call,
            $film->look,
            $film->setting,
            [...$film->marks, ...$marks],
            $film->calibrations,
            $film->plots,
            $film->moves,
            $film->seen,
            $film->chart,
        ),
    );
}

it('FLM-09: measures a stride between inside contacts', function (array $at, ?float $yd): void {
    $film = filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', ['men' => ['H']]);
    $row = marked($film, array_map(fn (float $t): array => ['inside contact', $t, 'H'], $at))->row('H', 'stride');
    $yd === null ? expect($row)->toBeNull() : expect($row->done)->toEqualWithDelta($yd, 0.15);
})->with([
    'one contact is no stride' => [[0.5], null],
    'none' => [[], null],
    'two, four tenths apart' => [[0.8, 1.2], 0.4 / 2 * 5.6],
    'three' => [[0.8, 1.2, 1.6], 0.4 / 2 * 6.0],
]);

it('FLM-09, REL-09: measures how wide of the man in his face he plants and passes',
    function (string $kind, string $measure, string $look, bool $near): void {
        $film = filmed('gun 2x2 right: smash right', $look);
        $row = marked($film, [[$kind, 0.4, 'Z']])->row('Z', $measure);
        expect($row !== null)->toBe($near);
        if ($near) {
            expect($row->done)->toBeLessThan(3.0)->and($row->planned)->toBeNull()->and($row->sd)->toBeGreaterThan(0.0);
        }
    })->with([
        ['plant', 'plants wide of the man in his face', '4-2 nickel, cover 2, corners press', true],
        ['past press', 'passes wide of the man in his face', '4-2 nickel, cover 2, corners press', true],
        'nobody in his face' => ['plant', 'plants wide of the man in his face', '4-2 nickel, cover 3', false],
    ]);
