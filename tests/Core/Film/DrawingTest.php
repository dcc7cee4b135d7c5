<?php

/* What a coach draws on the picture stays on the grass while the camera moves. Pixels, yards and seconds. */

use Jacotaxis\Core\Concept\Document\BadDocument;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Film\Drawing\Drawing;
use Jacotaxis\Core\Film\Drawing\DrawingKind;
use Jacotaxis\Core\Film\Drawing\Followed;
use Jacotaxis\Core\Film\Drawing\Shown;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\FilmReader;
use Jacotaxis\Core\Film\Plot;
use Jacotaxis\Core\Film\Simulated\CameraMan;
use Jacotaxis\Core\Film\Simulated\FilmedRun;
use Jacotaxis\Core\Proof\Scene\Setting;

/** The camera man on a smash, and a film document with drawings on it, placed on the field or not. */
function drawnOn(array $drawings, bool $placed = true, bool $moves = true): array
{
    $run = FilmedRun::of(proof('gun 2x2 right: smash right', 'cover 2'));
    $camera = CameraMan::of($run, 'wide');
    $calibrations = $placed ? [['angle' => 'wide', 'atS' => 1.0, 'points' => paint($camera->at(1.0))]] : [];

    return [
        $camera,
        new FilmDocument(
            call: null,
            look: null,
            setting: new Setting(Situation::of()),
            calibrations: $calibrations,
            moves: $placed && $moves ? movesOf($camera, $run->duration()) : [],
            drawings: $drawings,
        ),
    ];
}

function drawing(string $kind, array $points, float $atS = 2.0, string $angle = 'wide', ?string $word = null): Drawing
{
    return new Drawing("$kind-$atS", DrawingKind::from($kind), $atS, $points, $angle, $word);
}

it('keeps a drawing where it lies on the field while the camera pans and zooms',
    function (string $kind, array $field, int $places): void {
        [$camera] = drawnOn([]);
        $clicked = array_map(fn (array $p): array => $camera->at(2.0)->project(...$p), $field);
        [, $film] = drawnOn([drawing($kind, $clicked)]);
        $shown = (new Shown($film, 'wide'))->all()[0];
        expect($shown['frames'])->toHaveCount(21)
            ->and($shown['onField'])->toBeTrue()
            ->and($shown['untilS'])->toEqualWithDelta(4.0, 1e-6);
        foreach ($shown['frames'] as $frame) {
            expect($frame['line'])->toHaveCount($places);
            // A ring begins beside its middle, everything else where it was clicked first.
            $first = $kind === 'ring'
                ? [$field[0][0] + hypot($field[1][0] - $field[0][0], $field[1][1] - $field[0][1]), $field[0][1]]
                : $field[0];
            [$x, $y] = $camera->at($frame['atS'])->project(...$first);
            expect(hypot($frame['line'][0][0] - $x, $frame['line'][0][1] - $y))->toBeLessThan(4.0);
        }
    })->with([
        'an arrow' => ['arrow', [[40.0, 22.0], [46.0, 30.0]], 2],
        'a line' => ['line', [[40.0, 22.0], [46.0, 22.0]], 2],
        'a ring' => ['ring', [[40.0, 25.0], [42.0, 25.0]], 32],
        'a zone' => ['zone', [[38.0, 22.0], [44.0, 28.0]], 4],
        'a word' => ['word', [[40.0, 25.0]], 1],
    ]);

it('moves a frame with the grass under the man and keeps it upright', function (): void {
    [$camera] = drawnOn([]);
    [$x, $y] = $camera->at(2.0)->project(42.0, 26.0);
    [, $film] = drawnOn([drawing('frame', [[$x - 10.0, $y - 40.0], [$x + 10.0, $y]])]);
    foreach ((new Shown($film, 'wide'))->all()[0]['frames'] as $frame) {
        [$a, $b, $c, $d] = $frame['line'];
        [$toX, $toY] = $camera->at($frame['atS'])->project(42.0, 26.0);
        expect($b[0] - $a[0])->toEqualWithDelta(20.0, 0.2)
            ->and($c[1] - $b[1])->toEqualWithDelta(40.0, 0.2)
            ->and(hypot(0.5 * ($c[0] + $d[0]) - $toX, $c[1] - $toY))->toBeLessThan(4.0);
    }
});

it('leaves what cannot be placed on its own moment', function (Closure $film, string $why): void {
    $shown = (new Shown($film(), 'wide'))->all()[0];
    expect($shown['frames'])->toHaveCount(1, $why)
        ->and($shown['onField'])->toBeFalse()
        ->and($shown['untilS'])->toEqualWithDelta($shown['atS'], 1e-6);
})->with([
    'no calibration' => [fn () => drawnOn([drawing('ring', [[300.0, 200.0], [320.0, 200.0]])], false)[1],
        'this angle was never placed'],
    'above the horizon' => [fn () => drawnOn([drawing('word', [[300.0, -900.0]], word: 'sky')])[1],
        'there is no grass there'],
]);

it('draws a flat ring, a frame and a zone by their corners where the picture is not placed', function (): void {
    [, $film] = drawnOn([
        drawing('ring', [[300.0, 200.0], [320.0, 200.0]]),
        drawing('frame', [[100.0, 100.0], [120.0, 140.0]], 2.5),
    ], false);
    [$ring, $frame] = (new Shown($film, 'wide'))->all();
    $ys = array_column($ring['frames'][0]['line'], 1);
    expect($ring['closed'])->toBeTrue()
        ->and(max($ys) - min($ys))->toEqualWithDelta(18.0, 0.2)
        ->and($frame['frames'][0]['line'])->toEqual([[100.0, 100.0], [120.0, 100.0], [120.0, 140.0], [100.0, 140.0]]);
});

it('tells the drawings of one angle in the order of their moments', function (): void {
    [, $film] = drawnOn([
        drawing('line', [[300.0, 200.0], [320.0, 200.0]], 3.0),
        drawing('arrow', [[300.0, 200.0], [320.0, 200.0]], 1.5),
        drawing('arrow', [[300.0, 200.0], [320.0, 200.0]], 1.0, 'tight'),
    ]);
    expect(array_column((new Shown($film, 'wide'))->all(), 'id'))->toBe(['arrow-1.5', 'line-3'])
        ->and(array_column((new Shown($film, 'tight'))->all(), 'id'))->toBe(['arrow-1'])
        ->and((new Shown($film, 'tight'))->all()[0]['onField'])->toBeFalse();
});

it('reads drawings of a film document, and says what is wrong with one', function (array $drawing, ?string $says): void {
    $read = fn (): FilmDocument => FilmReader::read(['drawings' => [$drawing + ['id' => 'a', 'atS' => 1.0]]]);
    if ($says !== null) {
        expect($read)->toThrow(BadDocument::class, $says);

        return;
    }
    expect($read()->drawings[0]->kind->value)->toBe($drawing['kind'])
        ->and($read()->drawings[0]->points)->toEqual($drawing['points']);
})->with([
    'an arrow' => [['kind' => 'arrow', 'points' => [[1.0, 2.0], [3.0, 4.0]]], null],
    'a word' => [['kind' => 'word', 'points' => [[1.0, 2.0]], 'word' => 'Eyes here'], null],
    'an arrow to nowhere' => [['kind' => 'arrow', 'points' => [[1.0, 2.0]]],
        '"arrow" takes two places on the picture, and has 1'],
    'a word at two places' => [['kind' => 'word', 'points' => [[1.0, 2.0], [3.0, 4.0]], 'word' => 'Eyes'],
        '"word" takes one place on the picture, and has 2'],
    'a word that says nothing' => [['kind' => 'word', 'points' => [[1.0, 2.0]], 'word' => '  '], 'says nothing yet'],
]);

it('places a man on the picture from his first plot to his last, as the camera sees him', function (): void {
    $film = filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', ['every' => 0.4]);
    $run = FilmedRun::of(proof('gun 2x2 right: smash right', 'cover 2'));
    $camera = CameraMan::of($run, 'wide');
    $places = (new Followed($film, 'wide'))->places('Z');
    $his = array_values(array_filter($film->plots, fn (Plot $p): bool => $p->man === 'Z'));
    expect($places[0]['atS'])->toEqualWithDelta($his[0]->atS, 1e-6)
        ->and(end($places)['atS'])->toEqualWithDelta(end($his)->atS, 0.1);
    foreach ($places as $place) {
        $field = $run->proof->scene()->frame->toField(...$run->at($place['atS'])['Z']);
        [$x, $y] = $camera->at($place['atS'])->project(...$field);
        expect(hypot($place['xPx'] - $x, $place['yPx'] - $y))->toBeLessThan(0.25 * $place['tallPx'])
            ->and($place['ryPx'])->toBeLessThan($place['rxPx'])
            ->and($place['tallPx'])->toBeBetween(10.0, 120.0);
    }
});

it('follows nobody it cannot place', function (array $o, string $man, string $angle): void {
    $film = filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', $o);
    expect((new Followed($film, $angle))->places($man))->toBe([]);
})->with([
    'never plotted' => [['men' => ['Z']], 'X', 'wide'],
    'plotted once' => [['men' => ['Z'], 'every' => 30.0], 'Z', 'wide'],
    'no snap is marked' => [['men' => ['Z'], 'leaveOut' => ['snap']], 'Z', 'wide'],
    'an angle without a calibration' => [['men' => ['Z']], 'Z', 'tight'],
]);

it('follows a man on an angle where only the other has his plots', function (): void {
    $film = filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', ['angles' => ['wide', 'tight']]);
    $plots = array_values(array_filter($film->plots, fn (Plot $p): bool => $p->angle === 'wide'));
    $kept = new FilmDocument(
        call: $film->call,
        look: $film->look,
        setting: $film->setting,
        marks: $film->marks,
        calibrations: $film->calibrations,
        plots: $plots,
        moves: $film->moves,
    );
    expect((new Followed($kept, 'tight'))->places('Z'))->not->toBe([]);
});
