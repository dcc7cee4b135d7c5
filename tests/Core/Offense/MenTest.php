<?php

use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Offense\Athlete;
use Jacotaxis\Core\Offense\Landmarks;
use Jacotaxis\Core\Offense\Motion\Clock;
use Jacotaxis\Core\Proof\Pass\Prover;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Telling\Picture;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\StaffBook;

it('tunes a man to his timed forty, of which he plays a share', function (float $forty): void {
    $law = Athlete::of('Made Up', 1, $forty)->law();
    $timed = new SprintLaw($law->vmax / Athlete::PLAYED);
    expect($timed->time(40.0))->toEqualWithDelta($forty, 1e-6)->and($law->vmax)->toBeLessThan($timed->vmax);
})->with([4.3, 4.6, 4.87, 5.2, 6.0]);

it('makes the level\'s speed the usual forty of its receivers',
    function (Level $level, float $least, float $most): void {
        $timed = new SprintLaw($level->receiver()->vmax / Athlete::PLAYED);
        expect($timed->time(40.0))->toBeGreaterThan($least)->toBeLessThan($most);
    })->with([[Level::HighSchool, 4.75, 5.0], [Level::College, 4.55, 4.8], [Level::Professional, 4.4, 4.65]]);

it('refuses times, strides and numbers no man has', function (Closure $make, string $says): void {
    expect($make)->toThrow(DomainException::class, $says);
})->with([
    [fn () => Athlete::of('A', 1, 3.0), 'A forty of 3 s cannot be'],
    [fn () => Athlete::of('A', 1, NAN), 'A forty of'],
    [fn () => Athlete::of('A', 1, null, 9.0), 'A stride of 9 yd'],
    [fn () => Athlete::of('A', 100), 'Number 100'],
    [fn () => Athlete::of('A', -1), 'Number -1'],
]);

it('keeps only flags it knows, and has no law without a time', function (): void {
    $man = Athlete::of('A', 1, null, 1.8, 'left', ['reaches the end', 'flies']);
    expect($man->flags)->toBe(['reaches the end'])->and($man->law())->toBeNull()->and($man->throws)->toBe('left');
});

it('runs routes and motions with named men, the others with the level', function (): void {
    $call = CallParser::parse('gun 2x2 right, H jet left on the first sound of ready: smash right');
    $named = new Setting(
        Situation::of(),
        men: ['Z' => Athlete::of('Quick', 9, 4.4), 'H' => Athlete::of('Slow', 3, 5.8, 2.0)],
    );
    $plain = Prover::prove($call, LookParser::parse('4-2 nickel, cover 3'), new Setting(Situation::of()));
    $ours = Prover::prove($call, LookParser::parse('4-2 nickel, cover 3'), $named);
    expect($ours->scene->routes['Z']->break()->t)
        ->toBeLessThan($plain->scene->routes['Z']->break()->t)
        ->and($ours->scene->routes['X']->break()->t)
        ->toBe($plain->scene->routes['X']->break()->t)
        ->and($ours->scene->snap->arrivals[0]->lateYd)
        ->toBeGreaterThan($plain->scene->snap->arrivals[0]->lateYd)
        ->and($ours->scene->snap->arrivals[0]->lateSteps)
        ->toEqualWithDelta($ours->scene->snap->arrivals[0]->lateYd / 2.0, 1e-9);
});

it('says whether a motion did what it was for (MOT-08)',
    function (string $motion, string $purpose, string $look, bool $met): void {
        $call = CallParser::parse("gun 2x2 right, $motion: X go");
        $first = $call->motions[0];
        $with = new Jacotaxis\Core\Offense\Motion\Motion(
            $first->who,
            $first->kind,
            $first->side,
            $first->sound,
            $first->to,
            $purpose,
        );
        $proof = Prover::prove($call->with(['motions' => [$with]]), LookParser::parse($look),
            new Setting(Situation::of()));
        expect(Picture::of($proof->scene)['motions'][0]['purposeMet'])->toBe($met);
    })->with([
        ['H short left to 6 wide', 'man-zone test', '4-2 nickel, cover 1', true],
        ['H short left to 6 wide', 'man-zone test', '4-2 nickel, cover 3', true],
        ['H short left to 14 wide', 'gain a man outside', '4-2 nickel, cover 3, motion stay', true],
        ['H return', 'gain a man outside', '4-2 nickel, cover 3', false],
        ['H short left to 6 wide', 'rotate the safety', '4-2 nickel, cover 3, motion rotate', true],
        ['H return', 'rotate the safety', '4-2 nickel, cover 2', false],
        ['H return', 'hold a backer', '4-2 nickel, cover 3', true],
        ['H jet left', 'reach a path', '4-2 nickel, cover 3', true],
        ['H jet left on the last sound of set', 'reach a path', '4-2 nickel, cover 3', false],
    ]);

it('turns the staff\'s letters over and back, and leaves words alone', function (string $said, string $read): void {
    $book = new StaffBook(['X' => 'X', 'Z' => 'Z', 'H' => 'A', 'Y' => 'Y', 'R' => 'H', 'F' => 'B']);
    expect($book->in($said))->toBe($read)->and($book->out($read))->toBe($said);
})->with([
    ['gun 2x2 right, A jet left: A corner; Z hitch', 'gun 2x2 right, H jet left: H corner; Z hitch'],
    ['H flat; read A, H', 'R flat; read H, R'],
    ['gun H-back left: B post', 'gun H-back left: F post'],
    ['#1 post; X go', '#1 post; X go'],
]);

it('knows which letters fit', function (array $letters, bool $fits): void {
    expect(StaffBook::fits(array_combine(['X', 'Z', 'H', 'Y', 'R', 'F'], $letters)))->toBe($fits);
})->with([
    [['X', 'Z', 'H', 'Y', 'R', 'F'], true],
    [['A', 'B', 'D', 'E', 'F', 'G'], true],
    [['A', 'A', 'D', 'E', 'F', 'G'], false],
    [['Q', 'B', 'D', 'E', 'F', 'G'], false],
    [['C', 'B', 'D', 'E', 'F', 'G'], false],
    [['', 'B', 'D', 'E', 'F', 'G'], false],
]);

it('names the landmarks of a field with their widths', function (string $name, float $xYd): void {
    $marks = array_column(Landmarks::of(lineup('gun 2x2 right'), Situation::of())['widths'], 'xYd', 'name');
    expect(abs($marks[$name]))->toEqualWithDelta($xYd, 0.01);
})->with([
    ['bottom of the numbers', 80.0 / 3.0 - 7.0],
    ['top of the numbers', 80.0 / 3.0 - 9.0],
    ['hash', 80.0 / 3.0 - 160.0 / 9.0],
    ['tight end', 7.0 / 3.0 + 1.17],
    ['wing', 7.0 / 3.0 + 2.4],
    ['H-back, off the tackle\'s outside foot', 7.0 / 3.0 + 0.5],
    ['stacked on Z', 18.0],
    ['behind the ball', 0.0],
]);

it('keeps the clock of a level', function (Level $level): void {
    expect(Clock::usual($level)->law('X'))
        ->toEqual($level->receiver())
        ->and(Clock::usual($level)->stepYd('X'))
        ->toBe(Clock::STEP_YD);
})->with(Level::cases());

it('counts a back who swings out as the outside man after the release', function (): void {
    $proof = proof('gun 2x2 right: Z hitch; H corner; R flat left; X dig; Y dig', 'cover 3');
    $picture = Picture::of($proof->scene);
    expect($picture['receivers']['left'])->toBe(['X', 'Y'])->and($picture['receivers']['final']['left'])->toContain('R')
        ->and(Side::Left->value)->toBe($proof->scene->routes['R']->to->value);
});
