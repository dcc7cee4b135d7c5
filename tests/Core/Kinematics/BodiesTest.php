<?php

use Jacotaxis\Core\Kinematics\Bodies;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\SprintLaw;

/**
 * Where men are at every step who are wanted somewhere from the snap on.
 *
 * @param  list<array{float, float}>  $starts
 * @param  list<array{float, float}>  $wanted
 * @param  list<float>|null  $yields
 * @param  list<array{float, float}>|null  $speeds
 * @return list<list<array{float, float}>>
 */
function pushed(array $starts, array $wanted, int $steps, ?array $yields = null, ?array $speeds = null): array
{
    $law = new SprintLaw(8.0, 0.8, brakes: 8.0, turns: 7.0);
    $bodies = new Bodies(
        array_fill(0, count($starts), $law),
        $starts,
        $speeds ?? array_fill(0, count($starts), [0.0, 0.0]),
        $yields ?? array_fill(0, count($starts), 1.0),
    );
    $at = [$bodies->places()];
    for ($i = 1; $i <= $steps; $i++) {
        $at[] = $bodies->step($wanted, $wanted);
    }

    return $at;
}

/**
 * Speeds of a man by step, yards a second.
 *
 * @param  list<list<array{float, float}>>  $at
 * @return list<array{float, float}>
 */
function speedsOf(array $at, int $n): array
{
    $speeds = [];
    for ($i = 1; $i < count($at); $i++) {
        $speeds[] = [
            ($at[$i][$n][0] - $at[$i - 1][$n][0]) / Path::STEP,
            ($at[$i][$n][1] - $at[$i - 1][$n][1]) / Path::STEP,
        ];
    }

    return $speeds;
}

/** @param  list<list<array{float, float}>>  $at */
function leastApart(array $at, int $a, int $b): float
{
    return min(array_map(fn (array $row): float => hypot($row[$a][0] - $row[$b][0], $row[$a][1] - $row[$b][1]), $at));
}

it('gains speed by the sprint law', function (float $seconds): void {
    $at = pushed([[0.0, 0.0]], [[0.0, 60.0]], (int) round($seconds / Path::STEP));
    $closed = (new SprintLaw(8.0, 0.8))->distance($seconds);
    // In steps of a twentieth of a second he is up to a step's way ahead of the closed form.
    expect($at[count($at) - 1][0][1])->toEqualWithDelta($closed, 8.0 * Path::STEP);
})->with([0.5, 1.0, 2.0, 4.0]);

it('slows down in time and stands where it is wanted', function (float $yards): void {
    $at = pushed([[0.0, 0.0]], [[0.0, $yards]], 100);
    $speeds = array_column(speedsOf($at, 0), 1);
    expect($at[100][0][1])->toEqualWithDelta($yards, 0.02)
        ->and(max(array_column(array_column($at, 0), 1)))->toBeLessThan($yards + 0.1)
        ->and(abs($speeds[99]))->toBeLessThan(0.05);
    foreach (array_slice($speeds, 1) as $i => $v) {
        // At a walk he stops in a step.
        expect($v - $speeds[$i])->toBeGreaterThan($speeds[$i] < 1.0 ? -1.0 : -8.0 * Path::STEP - 1e-6);
    }
})->with([1.0, 4.0, 10.0, 18.0]);

it('does not turn square at full speed', function (): void {
    $at = pushed([[0.0, 0.0]], [[10.0, 0.0]], 20, speeds: [[0.0, 7.0]]);
    $speeds = speedsOf($at, 0);
    // A quarter of a second later he still runs upfield, and has moved sideways by no more than he can push.
    expect($speeds[4][1])->toBeGreaterThan(4.5)
        ->and($speeds[4][0])->toBeLessThan(7.0 * 0.25 + 0.3)
        ->and($speeds[19][0])->toBeGreaterThan(2.0);
});

it('never lets two bodies share a spot', function (array $starts, array $wanted): void {
    $at = pushed($starts, $wanted, 60);
    for ($a = 0; $a < count($starts); $a++) {
        for ($b = $a + 1; $b < count($starts); $b++) {
            expect(leastApart($at, $a, $b))->toBeGreaterThan(Bodies::APART_YD - 0.03);
        }
    }
})->with([
    'head on' => [[[0.0, 0.0], [0.0, 6.0]], [[0.0, 6.0], [0.0, 0.0]]],
    'to one place' => [[[-3.0, 0.0], [3.0, 0.0]], [[0.0, 4.0], [0.0, 4.0]]],
    'three to one place' => [[[-3.0, 0.0], [3.0, 0.0], [0.0, 7.0]], [[0.0, 3.0], [0.0, 3.0], [0.0, 3.0]]],
    'through a man who stands' => [[[0.0, 0.0], [0.1, 3.0]], [[0.0, 8.0], [0.1, 3.0]]],
]);

it('slips past a man who stands a little beside his way, and is stopped by one square in it', function (): void {
    $beside = pushed([[0.0, 0.0], [0.3, 3.0]], [[0.0, 8.0], [0.3, 3.0]], 60, [1.0, 0.0]);
    $square = pushed([[0.0, 0.0], [0.0, 3.0]], [[0.0, 8.0], [0.0, 3.0]], 60, [1.0, 0.0]);
    expect($beside[60][0][1])->toEqualWithDelta(8.0, 0.1)
        ->and($square[60][0][1])->toBeLessThan(3.0);
});

it('keeps a man who is held to his way on it, and the other gives way', function (): void {
    $at = pushed([[0.0, 0.0], [0.3, 3.0]], [[0.0, 6.0], [0.3, 3.0]], 40, [1.0, 0.0]);
    expect($at[40][1])->toBe([0.3, 3.0]);
    $plough = pushed([[0.0, 0.0], [0.1, 3.0]], [[0.0, 6.0], [0.1, 3.0]], 1, [0.0, 1.0]);
    expect($plough[1][0])->toBe([0.0, 6.0]);
});

it('moves the less sure man more', function (): void {
    $at = pushed([[0.0, 0.0], [0.0, 6.0]], [[0.0, 6.0], [0.0, 0.0]], 60, [0.1, 1.0]);
    $meet = $at[60][0][1] + 0.5 * ($at[60][1][1] - $at[60][0][1]);
    expect($meet)->toBeGreaterThan(3.2);
});

it('is the same turned over', function (): void {
    $starts = [[-2.0, 0.0], [1.0, 0.5], [0.2, 4.0]];
    $wanted = [[1.5, 3.0], [-1.0, 3.5], [0.0, 1.0]];
    $over = fn (array $places): array => array_map(fn (array $p): array => [-$p[0], $p[1]], $places);
    $turned = array_map($over, pushed($over($starts), $over($wanted), 40));
    foreach (pushed($starts, $wanted, 40) as $i => $row) {
        foreach ($row as $n => [$x, $y]) {
            expect($turned[$i][$n][0])->toEqualWithDelta($x, 1e-9)->and($turned[$i][$n][1])->toEqualWithDelta($y, 1e-9);
        }
    }
});

it('lets two who begin nearer than a body stay as they are', function (): void {
    $at = pushed([[0.0, 0.0], [0.3, 0.0]], [[0.0, 0.0], [0.3, 0.0]], 20);
    expect($at[20][0][0])->toEqualWithDelta(0.0, 1e-6)->and($at[20][1][0])->toEqualWithDelta(0.3, 1e-6);
});
