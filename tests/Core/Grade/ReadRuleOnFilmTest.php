<?php

/* The rule of reads on film: what is graded is what the read rules say (GRD-01, PRG-01 to PRG-13). Common practice. */

use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Film\Chart\Result;
use Jacotaxis\Core\Film\Seen;

const GO_DIG = 'gun 2x2 right: go-dig right; R check flat';
const ALERTED = 'gun 2x2 right: smash right; X go alert';

it('W-18: on third and eight the hook man goes under the dig: the check-down is right, the dig is forced',
    function (?string $act, string $thrown, ?string $right, string $grade): void {
        $d = judgedOn(GO_DIG, 'cover 3', ['act' => $act, 'throw' => $thrown], 3, 8.0);
        expect([$d->rightRead, $d->grade])->toBe([$right, $grade], $d->why);
    })->with([
        'he takes it, check-down' => ['mike: take the dig', 'R@2.4', 'R', 'right'],
        'he takes it, dig all the same' => ['mike: take the dig', 'H@2.2', 'R', 'forced'],
        'he plays his rule, dig' => [null, 'H@2.2', 'H', 'right'],
        'he plays his rule, check-down: left too soon' => [null, 'R@2.4', 'H', 'wrong'],
    ]);

it('W-18: is told the same by eye, and names him', function (): void {
    $seen = ['men' => ['Q'], 'seen' => [new Seen('mike', 'choice', 'take the dig')], 'throw' => 'R@2.4'];
    $d = judgedOn(GO_DIG, 'cover 3', $seen, 3, 8.0);
    expect([$d->defender, $d->choice, $d->byEye, $d->grade])->toBe(['mike', 'take the dig', true, 'right'])
        ->and($d->why)->toContain('mike')->and($d->why)->toContain('by eye');
});

it('W-18: a dead read that is open off the outlet in other shells', function (string $shell): void {
    $d = judgedOn(GO_DIG, $shell, ['throw' => 'R@2.4'], 3, 8.0);
    expect([$d->rightRead, $d->grade])->toBe(['R', 'right'], $d->why);
})->with(['cover 2', 'cover 1']);

it('PRG-02: an alert that was there is as right as the read; one that was not is forced',
    function (string $shell, string $grade): void {
        $d = judgedOn(ALERTED, $shell, ['act' => null, 'throw' => 'X@2.5',
            'seen' => [new Seen('right corner', 'choice', 'sit')]]);
        expect($d->grade)->toBe($grade, $d->why);
    })->with([
        'past a cloud corner' => ['cover 2', 'right'],
        'under a third corner' => ['cover 3', 'forced'],
    ]);

it('judges a ball that was thrown away', function (string $call, string $shell, string $at, string $grade): void {
    $d = judgedOn($call, $shell, ['chart' => new Chart(result: Result::ThrownAway), 'throw' => $at,
        'leaveOut' => ['catch'], 'men' => ['Q']]);
    expect($d->grade)->toBe($grade, $d->why);
})->with([
    'with a read that was live' => [GO_DIG, 'cover 4', 'H@2.2', 'wrong'],
    'with nobody open' => ['gun 2x2 right: Z go, H seam clear; X go clear, Y seam clear; R flat clear; read Z',
        'cover 4', 'Z@2.6', 'right'],
]);

it('logs what else was right', function (): void {
    $d = judgedOn(GO_DIG, 'cover 4', ['throw' => 'H@2.2'], 3, 8.0);
    expect($d->grade)->toBe('right')->and(implode(' ', $d->alsoRight))->toContain('flat by R');
});
