<?php

use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Film\Calibrate\BadCalibration;
use Jacotaxis\Core\Film\Calibrate\Calibration;
use Jacotaxis\Core\Film\Calibrate\FieldClick;
use Jacotaxis\Core\Film\Calibrate\FieldMarks;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\Mark;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Film\Plot;
use Jacotaxis\Core\Film\Simulated\FilmedRun;
use Jacotaxis\Core\Film\Simulated\NoSuchRun;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Grade\Tolerance;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

/** A filmed run worked on with exact clicks. */
function worked(string $run, ?string $act, ?string $throw, array $leaveOut = []): Grader
{
    $proof = proof($run, 'cover 2');
    $film = FilmedRun::of($proof, $act, $throw);
    $frame = $proof->scene->frame;
    $camera = pressBox($frame->ballXYd, $frame->ballYYd);
    $points = [];
    foreach (
        [
            [35, 'left hash'],
            [35, 'right hash'],
            [50, 'left hash'],
            [50, 'right hash'],
            [40, 'top of the right numbers'],
            [55, 'top of the right numbers'],
        ] as [$y, $name]
    ) {
        $x = FieldMarks::across(RuleSet::Nfhs)[$name];
        [$px, $py] = $camera->project($x, $y);
        $points[] = new FieldClick($px, $py, $x, (float) $y);
    }
    $at = fn (string $mark): float => FilmedRun::BEFORE + $film->marks[$mark];
    $marks = array_filter([
        new Mark('snap', $at('snap')), new Mark('break', $at('break H'), 'H'), new Mark('break', $at('break Z'), 'Z'),
        new Mark('ball out', $at('ball out'), $film->thrownTo),
    ], fn (Mark $m): bool => ! in_array($m->kind, $leaveOut, true));
    $plots = [];
    $late = in_array('early', $leaveOut, true) ? -0.9 : 0.3;
    foreach (
        [['H', $at('break H')], ['Z', $at('break Z')], ['right corner', $at('ball out') + $late]] as [$man, $when]
    ) {
        [$px, $py] = $camera->project(...$frame->toField(...$film->at($when)[$man]));
        if (! in_array($man, $leaveOut, true)) {
            $plots[] = new Plot($man, $man, $when, $px, $py);
        }
    }

    return new Grader(new Measures(new FilmDocument(CallParser::parse('gun 2x2 right: smash right'),
        LookParser::parse('4-2 nickel, cover 2'),
        new Setting(Situation::of()), array_values($marks), [['angle' => 'wide', 'atS' => 1.0, 'points' => $points]],
        $plots)));
}

it('grades the decision by what the key chose',
    function (string $run, ?string $act, ?string $throw, string $choice, string $read, string $grade): void {
        $decision = worked($run, $act, $throw)->decision();
        expect($decision->choice)->toBe($choice)
            ->and($decision->rightRead)->toBe($read)
            ->and($decision->grade)->toBe($grade)
            ->and($decision->why)->toContain($choice);
    })->with([
        'sits, corner route on time' => ['gun 2x2 right: smash right', 'right corner: sit', null, 'sit', 'H', 'right'],
        'sinks, hitch' => ['gun 2x2 right: smash right', 'right corner: sink', null, 'sink', 'Z', 'right'],
        'sinks, covered corner route late' => ['gun 2x2 right: smash right', 'right corner: sink', 'H@2.8', 'sink', 'Z',
            'forced'],
        'sits, corner route on time at the edge of the slot' => ['gun 2x2 right: smash right', 'right corner: sit',
            'H@2.1',
            'sit', 'H', 'right'],
        'sinks, held' => ['gun 2x2 right: smash right', 'right corner: sink', 'Z@2.9', 'sink', 'Z', 'right but late'],
        'sits, hitch into him' => ['gun 2x2 right: smash right', 'right corner: sit', 'Z@1.9', 'sit', 'H', 'forced'],
    ]);

it('says whose the hold is when the break was on time', function (): void {
    expect(worked('gun 2x2 right: smash right', 'right corner: sink', 'Z@2.9')->decision()->why)->toContain(
        'the hold is the quarterback',
    );
});

it('asks for what is missing instead of guessing', function (array $leaveOut, string $message): void {
    $decision = worked('gun 2x2 right: smash right', 'right corner: sit', null, $leaveOut)->decision();
    expect($decision->grade)->toBeNull()->and($decision->why)->toContain($message);
})->with([
    [['right corner'], 'Plot the right corner'],
    [['ball out'], 'Mark the snap and the ball out'],
    [['snap'], 'Plot the right corner'],
    [['early'], 'his choices had not parted yet'],
]);

it('W-12: a corner planned at 10', function (float $done, float $sd, bool $fault): void {
    expect(Tolerance::exceeded($done - 10.0, $sd, 1.0))->toBe($fault);
})->with([
    '15.1 +/- 0.4 is a fault' => [15.1, 0.4, true],
    '10.3 +/- 0.5 is none' => [10.3, 0.5, false],
    '9.2 +/- 0.1 is within the tolerance' => [9.2, 0.1, false],
]);

it('W-12: the film shows the error and the fault', function (): void {
    $grader = worked('gun 2x2 right: smash right; H corner 15', null, 'H@3.1');
    expect($grader->faults())->toHaveCount(1)
        ->and($grader->faults()[0]['fault'])->toBe('FLT-13')
        ->and($grader->faults()[0]['error'])->toEqualWithDelta(5.0, 0.3);
    expect(worked('gun 2x2 right: smash right', 'right corner: sit', null)->faults())->toBe([]);
});

it('refuses acts and throws the play does not have', function (?string $act, ?string $throw, string $message): void {
    expect(fn () => FilmedRun::of(proof('gun 2x2 right: smash right', 'cover 2'), $act, $throw))->toThrow(
        NoSuchRun::class,
        $message,
    );
})->with([
    ['right corner: dances', null, 'Known: right corner: by rule / sink / sit'],
    [null, 'LT@2.0', 'no throw'],
    [null, 'H@soon', 'no throw'],
    [null, 'H', 'no throw'],
]);

it('refuses points that cannot place the picture', function (array $points, string $message): void {
    $points = array_map(
        fn (array $p): FieldClick => new FieldClick(...array_map(floatval(...), $p)),
        $points,
    );
    expect(fn () => Calibration::of($points))->toThrow(BadCalibration::class, $message);
})->with([
    'three' => [[[10, 10, 0, 0], [100, 10, 10, 0], [10, 100, 0, 10]], 'at least four'],
    'repeated' => [[[10, 10, 0, 0], [10, 10, 0, 0], [100, 10, 10, 0], [10, 100, 0, 10]], 'Points 1 and 2'],
    'on one line' => [[[10, 10, 0, 0], [20, 20, 10, 10], [30, 30, 20, 20], [40, 40, 30, 30]], 'lie on one line'],
    'three of four on one line' => [[[10, 10, 0, 0], [20, 10, 10, 0], [30, 10, 20, 0], [40, 90, 30, 30]],
        'lie on one line'],
    'wrong mark' => [[[0, 0, 0, 0], [100, 0, 10, 0], [0, 100, 0, 10], [100, 100, 10, 10], [50, 0, 5, 0],
        [50, 50, 9, 9]], 'Point 6 sits'],
    'not a number' => [[[NAN, 0, 0, 0], [100, 0, 10, 0], [0, 100, 0, 10], [100, 100, 10, 10]],
        'Point 1 is not a number'],
]);
