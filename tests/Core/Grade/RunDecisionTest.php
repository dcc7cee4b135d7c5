<?php

use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Film\Chart\Result;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Film\Plot;
use Jacotaxis\Core\Film\Seen;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Grade\Owners\Blame;
use Jacotaxis\Core\Grade\Proposal;

const ZONE = 'gun 2x2 right: zone right';
const INSERT = 'gun 2x2 right: zone right, rpo: Y slant; key will';
const TRIPLE = 'under center double-slot right, H return right: triple right';
const COVER_3 = '4-2 nickel, cover 3';

/** What was done with the ball, by eye. */
function did(string $action): Seen
{
    return new Seen('Q', 'action', $action);
}

it('grades zone reads, options and run-pass options by what the key did on film',
    function (string $call, array $film, string $choice, string $right, ?string $grade, string $says): void {
        $d = graded($call, COVER_3, $film)->decision();
        expect([$d->choice, $d->right, $d->grade])->toBe([$choice, $right, $grade])->and($d->why)->toContain($says);
    })->with([
        'the end sits on the quarterback, give' => [ZONE,
            ['act' => 'left end: take the quarterback', 'seen' => [did('give')]], 'take the quarterback', 'give',
            'right',
            'left end chose to take the quarterback'],
        'the end crashes, pull' => [ZONE, ['act' => 'left end: take the back', 'seen' => [did('pull')]],
            'take the back',
            'pull', 'right', 'The pull was right'],
        'the end sits, pulled into him' => [ZONE, ['act' => 'left end: take the quarterback', 'throw' => 'pull',
            'seen' => [did('pull')]], 'take the quarterback', 'give', 'forced', 'The pull was not there'],
        'the end crashes, given into him' => [ZONE, ['act' => 'left end: take the back', 'throw' => 'give',
            'seen' => [did('give')]], 'take the back', 'pull', 'forced', 'Pull was right'],
        'the backer inserts, thrown' => [INSERT, ['act' => 'will: insert'], 'insert', 'throw', 'right',
            'The throw was right'],
        'the backer drops, given' => [INSERT, ['act' => 'will: drop', 'seen' => [did('give')]], 'drop', 'give', 'right',
            'The give was right'],
        'the backer drops, thrown into him' => [INSERT, ['act' => 'will: drop', 'throw' => 'throw'], 'drop', 'give',
            'wrong', 'Give was right'],
        'both keys of a triple, pitch' => [TRIPLE, ['act' => 'right end: take the back; nickel: take the quarterback',
            'seen' => [did('pitch')]], 'take the back', 'pitch', 'right', 'nickel chose to take the quarterback'],
        'the dive is there, and given' => [TRIPLE, ['act' => 'right end: take the quarterback',
            'seen' => [did('give')]],
            'take the quarterback', 'give', 'right', 'The give was right'],
    ]);

it('takes a choice said by eye where none is plotted, and says so', function (): void {
    $d = graded(ZONE, COVER_3, [
        'men' => ['Q'],
        'seen' => [new Seen('left end', 'choice', 'take the back'), did('pull')],
    ])->decision();
    expect($d->byEye)->toBeTrue()->and($d->grade)->toBe('right')->and($d->why)->toContain('by eye');
    $guess = graded(ZONE, COVER_3, [
        'men' => ['Q'],
        'seen' => [new Seen('left end', 'choice', 'take the back', false), did('pull')],
    ])->decision();
    expect($guess->grade)->toBeNull()->and($guess->choice)->toBeNull();
});

it('asks for what is missing', function (array $film, string $says): void {
    $d = graded(ZONE, COVER_3, $film)->decision();
    expect($d->grade)->toBeNull()->and($d->why)->toContain($says);
})->with([
    'nobody looked at the end' => [['men' => ['Q'], 'seen' => [did('give')]], 'Plot the left end around the mesh'],
    'nobody said where the ball went' => [['act' => 'left end: take the back'], 'Say what the ball did'],
]);

it('knows the ball by who carried it', function (string $carrier, string $done): void {
    expect(graded(ZONE, COVER_3, ['act' => 'left end: take the back',
        'chart' => new Chart(result: Result::Run, gainYd: 4.0, carrier: $carrier)])->decision()->done)->toBe($done);
})->with([['R', 'give'], ['Q', 'pull']]);

it('lucky is wrong or forced that gained', function (float $gain, bool $lucky): void {
    $d = graded(ZONE, COVER_3, ['act' => 'left end: take the quarterback', 'throw' => 'pull', 'seen' => [did('pull')],
        'chart' => new Chart(result: Result::Run, gainYd: $gain)])->decision();
    expect($d->grade)->toBe('forced')->and($d->lucky)->toBe($lucky);
})->with([[12.0, true], [1.0, false]]);

it('follows a staff\'s own rule before the read', function (): void {
    $d = graded(ZONE.'; if left end take the back then give', COVER_3,
        ['run' => ZONE, 'act' => 'left end: take the back', 'throw' => 'give', 'seen' => [did('give')]])->decision();
    expect([$d->right, $d->grade])->toBe(['give', 'right']);
});

it('W-05: more in the box than can be blocked: the throw is right, a run is not whatever it gains',
    function (string $look): void {
        $d = graded('gun 2x2 right: zone left, rpo: H bubble', $look,
            ['throw' => 'give', 'chart' => new Chart(result: Result::Run, gainYd: 8.0, carrier: 'R'), 'men' => []])
            ->decision();
        expect([$d->right, $d->grade, $d->lucky])->toBe(['throw', 'forced', true])->and($d->why)
            ->toContain('one free: throw outside');
    })->with(['bear, cover 0', '5-2, cover 3']);

it('INZ-24: a give after a spoiled mesh is excused, and nobody\'s until the staff says whose',
    function (array $schools, string $owner, ?string $man): void {
        $grader = graded(ZONE, COVER_3, ['act' => 'left end: take the back', 'throw' => 'give',
            'seen' => [did('give'), new Seen('Q', 'mesh spoiled', 'yes')], 'schools' => $schools,
            'chart' => new Chart(result: Result::Run, gainYd: -1.0)]);
        expect($grader->decision()->grade)->toBeNull()->and($grader->decision()->why)->toContain('excusable');
        $blame = (new Blame($grader))->of();
        expect([$blame['owner'], $blame['man']])->toBe([$owner, $man]);
    })->with([
        'unset' => [[], 'undetermined', null],
        'the runner' => [['SET-37' => 'B'], 'player', 'R'],
        'the quarterback' => [['SET-37' => 'C'], 'player', 'Q'],
    ]);

it('W-26, W-28: a runner who cuts elsewhere and a pull that bows keep their decision and lose their technique',
    function (string $man, string $act, string $done, float $offYd, array $faults): void {
        $film = filmed(ZONE, COVER_3, ['act' => "left end: $act", 'throw' => $done, 'seen' => [did($done)],
            'chart' => new Chart(result: Result::Run, gainYd: 12.0)]);
        $plots = array_map(function (Plot $p) use ($film, $man, $offYd): Plot {
            if ($p->man !== $man) {
                return $p;
            }
            $view = $film->view($p->atS);
            [$x, $y] = $view->toField($p->xPx, $p->yPx);
            $share = max(0.0, min(1.0, ($y - $film->setting->situation->ballOnYd + 4.0) / 4.0));

            return new Plot($p->id, $man, $p->atS, ...$view->toPicture($x + $offYd * $share, $y));
        }, $film->plots);
        $grader = new Grader(new Measures(new FilmDocument($film->call, $film->look, $film->setting, $film->marks,
            $film->calibrations, $plots, $film->moves, $film->seen, $film->chart)));
        $row = array_column((new Proposal($grader))->all(), null, 'man')[$man];
        expect($grader->decision()->grade)->toBe('right')
            ->and(array_values(array_intersect($row['faults'], ['FLT-41', 'FLT-50'])))->toBe($faults)
            ->and($row['marks']['technique'])->toBe($faults === [] ? 1 : -1)
            ->and($row['mark'])->toBe($faults === [] ? 1 : -1);
    })->with([
        'the cut the key asks for' => ['R', 'take the quarterback', 'give', 0.0, []],
        'stretched two gaps on, for twelve' => ['R', 'take the quarterback', 'give', 3.0, ['FLT-41']],
        'a tight pull' => ['Q', 'take the back', 'pull', 0.0, []],
        'bowed to the numbers' => ['Q', 'take the back', 'pull', -4.0, ['FLT-50']],
    ]);

it('GRD-11: a throw that was there too is logged and never asked for', function (): void {
    $d = graded(INSERT, COVER_3, ['act' => 'will: drop', 'seen' => [did('give')]])->decision();
    expect($d->grade)->toBe('right')->and($d->alsoRight)->toHaveCount(1)->and($d->alsoRight[0])->toContain(' by ');
    expect(graded(INSERT, COVER_3, ['act' => 'will: insert'])->decision()->alsoRight)->toBe([])
        ->and(graded(ZONE, COVER_3, ['act' => 'left end: take the quarterback', 'seen' => [did('give')]])->decision()
            ->alsoRight)->toBe([]);
});

it('W-37, GRD-04, OPT-06: grades the branch and not the place: the ball inside of a man who widened is right',
    function (float $ballYd, ?float $manYd, array $ids): void {
        $film = filmed(TRIPLE, '4-2 nickel, cover 3',
            ['act' => 'right end: take the back; nickel: take the pitch', 'seen' => [did('keep')]]);
        $m = new Measures($film);
        $run = $m->run();
        $planned = $run->carriers['keep']->path->x[$run->carriers['keep']->stepPast(0.5)];
        // He crosses the line so much farther inside; another man stands in the way that was planned.
        $film = shifted($film, 'Q', fn (float $t): array => [-$ballYd * max(0.0, min(1.0, ($t - 0.5) / 0.5)), 0.0]);
        if ($manYd !== null) {
            $mike = $m->track('mike');
            $film = shifted($film, 'mike', fn (float $t): array => [$planned + $manYd - $mike->at(min($mike->to(),
                $t))->xYd, 1.2 - $mike->at(min($mike->to(), $t))->yYd]);
        }
        $grader = new Grader(new Measures($film));
        expect(array_values(array_intersect($grader->proposed('Q'), ['FLT-50', 'FLT-41'])))->toBe($ids)
            ->and($grader->decision()->grade)->toBe('right');
    })->with([
        'where it was planned' => [0.0, null, []],
        'inside of a man who fills the way' => [3.0, 0.0, []],
        'inside of nobody' => [3.0, null, ['FLT-50']],
        'a man three yards off fills nothing' => [3.0, 3.0, ['FLT-50']],
    ]);
