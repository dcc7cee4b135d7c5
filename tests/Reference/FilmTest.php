<?php

use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Film\Calibrate\Calibration;
use Jacotaxis\Core\Film\Calibrate\FieldClick;
use Jacotaxis\Core\Film\Calibrate\FieldMarks;
use Jacotaxis\Core\Film\Simulated\Camera;
use Jacotaxis\Core\Film\Simulated\FilmedRun;

/** Points a coach would click, with noise in pixels from a seeded source. */
function clicked(Camera $camera, float $noise): array
{
    $points = [];
    foreach (
        [
            [35, 'left hash'],
            [35, 'right hash'],
            [50, 'left hash'],
            [50, 'right hash'],
            [40, 'top of the right numbers'],
            [55, 'top of the right numbers'],
            [45, 'top of the left numbers'],
            [30, 'right hash'],
        ] as [$y, $name]
    ) {
        $x = FieldMarks::across(RuleSet::Nfhs)[$name];
        [$px, $py] = $camera->project($x, $y);
        $said = $noise > 0.0 ? $noise : 1.0;
        $points[] = new FieldClick($px + $noise * gauss(), $py + $noise * gauss(), $x, (float) $y, $said);
    }

    return $points;
}

it('fits the homography OpenCV finds: exact on four points, least squares on more', function (): void {
    mt_srand(7);
    $exact = array_map(
        fn (array $p): FieldClick => new FieldClick(...array_map(floatval(...), $p)),
        [[102, 310, 10, 30], [520, 330, 10, 50], [180, 120, 40, 30], [450, 110, 40, 50]],
    );
    $noisy = clicked(pressBox(80.0 / 3.0, 40.0), 1.0);
    $file = tempnam(sys_get_temp_dir(), 'jx');
    file_put_contents($file, json_encode([$exact, $noisy]));
    $found = json_decode(
        (string) shell_exec('node '.escapeshellarg(__DIR__.'/homography.mjs').' '.escapeshellarg($file)),
        true,
        flags: JSON_THROW_ON_ERROR,
    );
    unlink($file);
    foreach ([$exact, $noisy] as $n => $points) {
        $ours = Calibration::of($points);
        $h = $found[$n];
        foreach ([[12.0, 33.0], [26.0, 45.0], [38.0, 52.0]] as [$x, $y]) {
            $w = $h[6] * $x + $h[7] * $y + $h[8];
            $theirs = [($h[0] * $x + $h[1] * $y + $h[2]) / $w, ($h[3] * $x + $h[4] * $y + $h[5]) / $w];
            expect($ours->toPicture($x, $y))->toEqualWithDelta($theirs, $n === 0 ? 1e-4 : 0.02);
            expect($ours->toField(...$ours->toPicture($x, $y)))->toEqualWithDelta([$x, $y], 1e-6);
        }
    }
});

it('measures route depth within half a yard of the truth, in the median within 0.2, at one pixel of click noise',
    function (): void {
        mt_srand(20261123);
        $errors = [];
        foreach (['right', 'left'] as $side) {
            $proof = proof("gun 2x2 $side: smash both; Z hitch 7", 'cover 2');
            $film = FilmedRun::of($proof);
            $frame = $proof->scene->frame;
            $camera = pressBox($frame->ballXYd, $frame->ballYYd);
            for ($n = 0; $n < 25; $n++) {
                $calibration = Calibration::of(clicked($camera, 1.0));
                foreach (['H', 'Z', 'X', 'Y'] as $man) {
                    $t = FilmedRun::BEFORE + $film->marks["break $man"];
                    [$x, $y] = $film->at($t)[$man];
                    [$px, $py] = $camera->project(...[...$frame->toField($x, $y), 0.0, Camera::shake($t)]);
                    [, $depth] = $frame->toPlay(...$calibration->toField($px + gauss(), $py + gauss()));
                    $errors[] = abs($depth - $y);
                }
            }
        }
        sort($errors);
        expect($errors[intdiv(count($errors), 2)])->toBeLessThan(0.2)->and($errors[(int) (0.99 * count($errors))])
            ->toBeLessThan(0.5);
    });

it('states its doubt as 10,000 noisy clicks scatter', function (float $px, float $py): void {
    mt_srand(99);
    $camera = pressBox(80.0 / 3.0, 40.0);
    $truth = Calibration::of(clicked($camera, 0.0));
    [$x0, $y0] = $truth->toField($px, $py);
    $xx = $yy = 0.0;
    $n = 10_000;
    for ($k = 0; $k < $n / 20; $k++) {
        $calibration = Calibration::of(clicked($camera, 1.0));
        for ($i = 0; $i < 20; $i++) {
            [$x, $y] = $calibration->toField($px + gauss(), $py + gauss());
            $xx += ($x - $x0) ** 2 / $n;
            $yy += ($y - $y0) ** 2 / $n;
        }
    }
    [$sx, $sy] = $truth->doubt($px, $py, 1.0);
    expect($sx)->toEqualWithDelta(sqrt($xx), 0.12 * sqrt($xx))->and($sy)->toEqualWithDelta(sqrt($yy), 0.12 * sqrt($yy));
})->with([
    'middle' => [320.0, 190.0],
    'near left' => [90.0, 300.0],
    'near right' => [560.0, 300.0],
    'far left' => [120.0, 110.0],
    'far right' => [520.0, 110.0],
]);

it('sees nothing above the horizon', function (): void {
    Calibration::of(clicked(pressBox(80.0 / 3.0, 40.0), 0.0))->toField(320.0, -400.0);
})->throws(Jacotaxis\Core\Film\Calibrate\BadCalibration::class, 'above the horizon');
