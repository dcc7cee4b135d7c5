<?php

use Jacotaxis\Core\Kinematics\Arm;
use Jacotaxis\Core\Kinematics\BallFlight;
use Jacotaxis\Core\Kinematics\CutKind;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\PathBuilder;
use Jacotaxis\Core\Kinematics\SprintLaw;

/** Runs a Python program with the reference libraries and returns what it prints as JSON. */
function reference(string $program): array
{
    $process = proc_open(['/usr/bin/python3', '-c', $program], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes);
    $out = stream_get_contents($pipes[1]);
    $error = stream_get_contents($pipes[2]);
    if (proc_close($process) !== 0) {
        throw new RuntimeException("The reference program failed: $error");
    }

    return json_decode($out, true, flags: JSON_THROW_ON_ERROR);
}

it('runs the closed form of the sprint law (Keller 1973)', function (float $vmax, float $tau, float $t): void {
    $law = new SprintLaw($vmax, $tau);
    expect($law->distance($t))->toEqualWithDelta($vmax * ($t + $tau * (exp(-$t / $tau) - 1.0)), 1e-12)
        ->and($law->time($law->distance($t)))->toEqualWithDelta($t, 1e-6)
        ->and($law->time($law->distance($t, 5.0), 5.0))->toEqualWithDelta($t, 1e-6);
})->with([[9.0, 0.8, 0.3], [9.0, 0.8, 2.0], [7.0, 1.0, 4.0], [8.55, 0.8, 5.0]]);

it('returns the timed 40 a runner was tuned to, with the law\'s own splits at 10 and 20 yards', function (
    float $seconds,
): void {
    $law = SprintLaw::tunedTo(40.0, $seconds);
    expect($law->time(40.0))->toEqualWithDelta($seconds, 1e-6);
    foreach ([10.0, 20.0] as $yd) {
        expect($law->distance($law->time($yd)))->toEqualWithDelta($yd, 1e-6);
    }
})->with([4.4, 4.7, 5.2]);

it('goes through a cut as fast as one step can turn him: J / (2 sin(A / 2))', function (
    float $degrees,
    float $yardsPerSecond,
): void {
    expect((new SprintLaw(9.0))->throughCut($degrees))->toEqualWithDelta($yardsPerSecond, 0.02);
})->with([[45.0, 5.62], [90.0, 3.04], [135.0, 2.33], [180.0, 2.15]]);

it('brakes on the stem to what the cut allows, and gains speed by the sprint law after it', function (
    float $degrees,
): void {
    $law = new SprintLaw(9.0);
    $path = (new PathBuilder($law, 0.0, 0.0))->to(0.0, 12.0)->cut(CutKind::Speed)->run($degrees);
    $cut = $path->cuts[0];
    $speed = fn (float $t): float => hypot($path->vx[(int) round($t / 0.05)], $path->vy[(int) round($t / 0.05)]);
    $through = $law->throughCut($degrees);
    // v^2 = u^2 - 2 a s: the closed form of even braking.
    $peak = $law->speed($cut->tellAt);
    $braked = 12.0 - $law->distance($cut->tellAt);
    expect($braked)
        ->toEqualWithDelta($law->braking($peak, $through), 1e-4)
        ->and($cut->t - $cut->tellAt)
        ->toEqualWithDelta(($peak - $through) / $law->brakes, 1e-4)
        ->and($speed(ceil($cut->t / 0.05) * 0.05))
        ->toEqualWithDelta($through, 0.6)
        ->and($path->at($cut->t + 0.5)[0])
        ->toEqualWithDelta(sin(deg2rad($degrees)) * $law->distance(0.5, $through), 0.03);
})->with([60.0, 90.0, 135.0]);

it('costs a bend of twenty degrees nothing', function (): void {
    $law = new SprintLaw(9.0);
    $path = (new PathBuilder($law, 0.0, 0.0))->to(0.0, 10.0)->cut(CutKind::Bend)->run(20.0);
    expect($path->cuts[0]->braking())->toBe(0.0)->and($path->cuts[0]->t)->toEqualWithDelta($law->time(10.0), 1e-6);
});

it('stops nobody in one step: speed changes by no more than the brakes allow, on every leg', function (): void {
    $law = new SprintLaw(9.0);
    foreach (
        [
            (new PathBuilder($law, 0.0, 0.0))->to(0.0, 6.0)->settle(),
            (new PathBuilder($law, 0.0, 0.0))
                ->to(0.0, 8.0)
                ->cut(CutKind::Speed)
                ->to(6.0, 9.0)
                ->cut(CutKind::Drop)
                ->run(10.0),
        ] as $path
    ) {
        for ($i = 1; $i < Path::STEPS; $i++) {
            $change = hypot($path->vx[$i], $path->vy[$i]) - hypot($path->vx[$i - 1], $path->vy[$i - 1]);
            expect($change)
                ->toBeGreaterThan(-$law->brakes * Path::STEP - 1e-6)
                ->toBeLessThan(($law->vmax / $law->tau) * Path::STEP + 1e-6);
        }
    }
});

it('stops at the edge of the field and brakes for it', function (): void {
    $path = (new PathBuilder(new SprintLaw(9.0), 0.0, 0.0))
        ->inside(-20.0, 20.0, 15.0)
        ->to(0.0, 5.0)
        ->cut(CutKind::Bend)
        ->run(0.0);
    expect(max($path->y))
        ->toBeLessThanOrEqual(15.0 + 1e-9)
        ->and($path->vy[Path::STEPS - 1])
        ->toBe(0.0)
        ->and($path->vy[(int) round(1.5 / 0.05)])
        ->toBeGreaterThan(3.0);
});

it('rounds a curve without losing what a cut of the same angle costs', function (): void {
    $law = new SprintLaw(8.5);
    $round = (new PathBuilder($law, 0.0, -5.0))->to(3.0, -5.0)->round(8.0, -5.0, 8.5, 0.0)->run(0.0);
    $cut = (new PathBuilder($law, 0.0, -5.0))->to(8.0, -5.0)->cut(CutKind::Speed)->run(0.0);
    expect($round->at(3.0)[1])->toBeGreaterThan($cut->at(3.0)[1] + 1.0);
});

it('flies like the textbook projectile without drag', function (): void {
    $v = 24.0;
    $a = deg2rad(35.0);
    $t = 1.3;
    [$x, $z] = BallFlight::at($v, $a, $t, 0.0);
    expect($x)->toEqualWithDelta($v * cos($a) * $t, 1e-9)
        ->and($z)->toEqualWithDelta(BallFlight::RELEASE_YD + $v * sin($a) * $t - BallFlight::G * $t * $t / 2.0, 1e-9);
});

it('flies with drag as scipy.integrate.solve_ivp says', function (): void {
    $k = BallFlight::DRAG;
    $g = BallFlight::G;
    $z0 = BallFlight::RELEASE_YD;
    $cases = [[24.0, 12.0, 1.0], [26.0, 30.0, 2.2], [18.0, 45.0, 2.0]];
    $found = reference(<<<PY
import json, numpy as np
from scipy.integrate import solve_ivp
out = []
for v, a, t in json.loads('[[24.0,12.0,1.0],[26.0,30.0,2.2],[18.0,45.0,2.0]]'):
    f = lambda _, s: [s[2], s[3], -$k*np.hypot(s[2], s[3])*s[2], -$g - $k*np.hypot(s[2], s[3])*s[3]]
    r = solve_ivp(f, (0, t), [0, $z0, v*np.cos(np.radians(a)), v*np.sin(np.radians(a))], rtol=1e-11, atol=1e-12)
    out.append([float(r.y[0][-1]), float(r.y[1][-1])])
print(json.dumps(out))
PY);
    foreach ($cases as $i => [$v, $a, $t]) {
        expect(array_slice(BallFlight::at($v, deg2rad($a), $t), 0, 2))->toEqualWithDelta($found[$i], 1e-6);
    }
});

it('has the drag of a spiral (Watts and Moore 2003, coefficient 0.05 to 0.06)', function (): void {
    $area = M_PI * 0.0849 ** 2;
    expect(BallFlight::DRAG / 0.9144 * 0.411 * 2.0 / (1.225 * $area))->toEqualWithDelta(0.055, 0.005);
});

it('solves its throws within a hundredth of the integrated flight', function (float $yd): void {
    foreach ((new Arm(26.0))->throws($yd) as [$flight, $ground, $up]) {
        [$x, $z] = BallFlight::at(hypot($ground, $up), atan2($up, $ground), $flight);
        expect($x)->toEqualWithDelta($yd, 0.01 * $yd + 0.05)->and($z)->toEqualWithDelta(BallFlight::CATCH_YD, 0.25);
    }
})->with([10.0, 20.0, 30.0, 40.0, 50.0]);

it('gives the flattest throw first and no throw beyond the arm', function (): void {
    $arm = new Arm(26.0);
    $flights = array_column($arm->throws(30.0), 0);
    $sorted = $flights;
    sort($sorted);
    expect($flights)->toBe($sorted)->and($arm->throws(90.0))->toBe([]);
});

it('fits the drop to the break', function (float $break, Footwork $drop): void {
    expect(Footwork::fitting($break))->toBe($drop);
})->with([[0.9, Footwork::Quick], [1.9, Footwork::Three], [2.3, Footwork::Five], [2.9, Footwork::Seven]]);
