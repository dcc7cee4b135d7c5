<?php

use Jacotaxis\Core\Kinematics\Cut;
use Jacotaxis\Core\Kinematics\CutKind;
use Jacotaxis\Core\Kinematics\Path;

/* A timed path: the same way run sooner or later, and when a place is reached. */

/** A man who runs straight to the right at 4 yd/s, with a cut in it. */
function straight(float $cutAt): Path
{
    $x = array_map(fn (int $i): float => 4.0 * $i * Path::STEP, range(0, Path::STEPS - 1));
    $cut = new Cut($cutAt, 4.0 * $cutAt, 0.0, CutKind::Bend, 90.0, 90.0, $cutAt - 0.1);

    return new Path(
        $x,
        array_fill(0, Path::STEPS, 0.0),
        array_fill(0, Path::STEPS, 4.0),
        array_fill(0, Path::STEPS, 0.0),
        [$cut],
    );
}

it('runs the same way at another pace between two moments', function (float $from, float $was, float $at): void {
    $paced = straight(1.0)->paced($from, $was, $at);
    expect($paced->at($at)[0])
        ->toEqualWithDelta(4.0 * $was, 1e-9)
        ->and($paced->at($from / 2.0)[0])
        ->toEqualWithDelta(2.0 * $from, 1e-9)
        ->and($paced->at($at + 0.5)[0])
        ->toEqualWithDelta(4.0 * ($was + 0.5), 1e-9);
})->with([
    'slower from the start' => [0.0, 1.0, 1.5],
    'faster from the start' => [0.0, 1.5, 1.0],
    'slower after a while' => [0.5, 1.0, 2.0],
    'as before' => [0.5, 1.0, 1.0],
]);

it('has the speed its places tell', function (): void {
    $paced = straight(1.0)->paced(0.5, 1.0, 2.0);
    foreach ([0.2, 1.0, 1.9, 2.5] as $t) {
        $told = ($paced->at($t + 0.05)[0] - $paced->at($t)[0]) / 0.05;
        expect($paced->vx[(int) round($t / Path::STEP)])->toEqualWithDelta($told, 1e-6);
    }
});

it('moves a cut with the place it is made at', function (float $cutAt, float $paced): void {
    expect(straight($cutAt)->paced(0.5, 1.0, 2.0)->cuts[0]->t)->toEqualWithDelta($paced, 1e-9);
})->with(['before' => [0.3, 0.3], 'within' => [0.75, 1.25], 'after' => [1.4, 2.4]]);

it('tells when he is so far to a side, and that he never is', function (float $uYd, int $sign, float $at): void {
    expect(straight(1.0)->acrossAt($uYd, $sign))->toEqualWithDelta($at, 1e-9);
})->with([
    'to the right' => [4.0, 1, 1.0],
    'where he stands' => [0.0, 1, 0.0],
    'never to the left' => [1.0, -1, Path::STEPS * Path::STEP],
]);
