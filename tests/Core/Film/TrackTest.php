<?php

use Jacotaxis\Core\Film\Measure\Moment;
use Jacotaxis\Core\Film\Measure\Spot;
use Jacotaxis\Core\Film\Measure\Track;

/** Plots of a way given as a function of time. */
function tracked(callable $way, float $until = 4.0, float $every = 0.3, float $sd = 0.1): Track
{
    $plots = [];
    for ($t = 0.0; $t <= $until + 1e-9; $t += $every) {
        [$x, $y] = $way($t);
        $plots[] = new Moment($t, new Spot($x, $y, $sd, $sd));
    }

    return Track::of($plots);
}

it('fills the way between plots', function (callable $way, float $within): void {
    $track = tracked($way);
    for ($t = 0.35; $t < 3.4; $t += 0.17) {
        [$x, $y] = $way($t);
        $now = $track->at($t);
        expect(hypot($now->xYd - $x, $now->yYd - $y))
            ->toBeLessThan($within)
            ->toBeLessThan(3.0 * $now->sdYYd + 1e-9);
    }
})->with([
    'straight at a steady pace' => [fn (float $t): array => [2.0, 7.0 * $t], 1e-9],
    'speeding up' => [fn (float $t): array => [0.0, 1.5 * $t * $t], 0.05],
    'a bend' => [fn (float $t): array => [6.0 * sin($t / 2.0), 6.0 * cos($t / 2.0)], 0.02],
]);

it(
    'knows no place outside its plots',
    fn () => expect(tracked(fn (float $t): array => [0.0, $t], 2.0)->at(2.6))->toBeNull(),
);

it('doubts more in the middle of a long gap', function (): void {
    $track = tracked(fn (float $t): array => [0.0, 7.0 * $t], 4.0, 1.0);
    expect($track->at(1.5)->sdYYd)->toBeGreaterThan(0.35)->and($track->at(1.0)->sdYYd)->toEqualWithDelta(0.1, 1e-9);
});

it('tells speed, depth passed and the first step', function (): void {
    $track = tracked(fn (float $t): array => [0.0, max(0.0, 8.0 * ($t - 0.6))]);
    expect($track->speed(2.0))->toEqualWithDelta(8.0, 0.05)->and($track->topSpeed())->toEqualWithDelta(8.0, 1.0)
        ->and($track->past(8.0))->toEqualWithDelta(1.6, 0.06)
        ->and($track->leaves(0.0))->toEqualWithDelta(0.66, 0.1)
        ->and($track->past(90.0))->toBeNull();
});

it('finds where he breaks', function (callable $way, ?float $at, float $deg): void {
    $break = tracked($way, 4.0, 0.2)->break();
    $at === null ? expect($break)->toBeNull() : expect($break['t'])->toEqualWithDelta($at, 0.16)
        ->and($break['deg'])->toEqualWithDelta($deg, 14.0);
})->with([
    'a corner' => [fn (float $t): array => $t < 2.0 ? [0.0, 6.0 * $t] : [4.2 * ($t - 2.0), 12.0 + 4.2 * ($t - 2.0)],
        2.0, 45.0],
    'an out' => [fn (float $t): array => $t < 1.6 ? [0.0, 6.0 * $t] : [6.0 * ($t - 1.6), 9.6], 1.6, 90.0],
    'a hitch that stops' => [fn (float $t): array => [0.0, min(9.0, 6.0 * $t)], 1.5, 90.0],
    'a go never does' => [fn (float $t): array => [0.0, 7.0 * $t], null, 0.0],
    'a slight bend is none' => [fn (float $t): array => $t < 2.0 ? [0.0, 6.0 * $t]
        : [1.0 * ($t - 2.0), 12.0 + 6.0 * ($t - 2.0)], null, 0.0],
]);

it('is nothing without a plot', fn () => expect(Track::of([]))->toBeNull());
