<?php

/* Defenders act by their shell's rules on what they see; no test here names a concept. */

use Jacotaxis\Core\Proof\Play\Phase;
use Jacotaxis\Core\Proof\Play\SeenRoute;
use Jacotaxis\Core\Route\RunRoute;

it('notices the tell of a cut only after the reaction, and sees the stem go on until then', function (): void {
    $run = proof('gun 2x2 right: Z out 10; read Z', 'cover 3')->scene->routes['Z'];
    $seen = SeenRoute::of($run, 0.25, 0.0);
    $cut = $run->break();
    $tell = max($cut->tellAt, $cut->t - RunRoute::TELL_S);
    $during = (int) floor(($tell + 0.2) / 0.05);
    $after = (int) ceil(($tell + 0.3) / 0.05);
    expect($seen->phase[$during])->toBe(Phase::Stem)
        ->and($seen->y[$during])->toBeGreaterThan($run->path->y[$during])
        ->and($seen->phase[$after])->toBe(Phase::Tell)
        ->and($seen->y[$after])->toBe($run->path->y[$after])
        ->and($seen->toldAt)->toEqualWithDelta($tell + 0.25, 1e-9)
        ->and($seen->phase[(int) ceil($cut->t / 0.05) + 1])->toBe(Phase::Broken);
});

it('sees a cut that asks for no braking only when it is made', function (): void {
    $run = proof('gun 2x2 right: Z post; read Z', 'cover 3')->scene->routes['Z'];
    $seen = SeenRoute::of($run, 0.25, 0.0);
    expect($run->break()->braking())->toBeLessThan(0.05)
        ->and($seen->toldAt)->toEqualWithDelta($run->break()->t + 0.25, 0.01)
        ->and(in_array(Phase::Tell, $seen->phase, true))->toBeFalse();
});

it('is told late of a break across the side of his leverage', function (): void {
    $run = proof('gun 2x2 right: Z out 10; read Z', 'cover 3')->scene->routes['Z'];
    expect(SeenRoute::of($run, 0.25, 0.3)->toldAt - SeenRoute::of($run, 0.25, 0.0)->toldAt)->toEqualWithDelta(
        0.3,
        1e-9,
    );
});

it('keeps deep men over what runs at them', function (string $shell, string $role, string $letter): void {
    $proof = proof('gun 2x2 right: X go, Y seam, H seam, Z go; read H, Y, Z, X', $shell);
    foreach ([1.5, 2.0, 2.5] as $t) {
        expect(spotOf($proof, $role, $t)[1] - runnerOf($proof, $letter, $t)[1])->toBeGreaterThan(0.5, "at $t s");
    }
})->with([
    ['cover 3', 'right corner', 'Z'],
    ['cover 3', 'free safety', 'H'],
    ['cover 4', 'right corner', 'Z'],
    ['cover 4', 'strong safety', 'H'],
    ['cover 2', 'strong safety', 'H'],
    ['cover 1', 'right corner', 'Z'],
]);

it('has man defenders run with their man once they have seen him break',
    function (string $role, string $letter, string $route): void {
        $proof = proof("gun 2x2 right: $letter $route; read $letter", 'cover 1');
        $d = array_search($role, array_map(fn ($one) => $one->role, $proof->scene->defenders), true);
        $track = $proof->playOut->byRule();
        [$x, $y] = runnerOf($proof, $letter, 4.0);
        $gap = hypot($x - $track->x[$d][80], $y - $track->y[$d][80]);
        $toward =
            (($x - $track->x[$d][80]) * $track->vx[$d][80] + ($y - $track->y[$d][80]) * $track->vy[$d][80]) /
            max(0.1, $gap);
        expect($gap < 1.5 || $toward > 2.5)->toBeTrue("gap $gap, closing at $toward");
    })->with([
        ['right corner', 'Z', 'dig 12'],
        ['left corner', 'X', 'shallow'],
        ['nickel', 'H', 'dig 10'],
        ['strong safety', 'Y', 'out 8'],
        ['right corner', 'Z', 'post'],
    ]);

it('keeps the middle safety between two seams and turns him to one alone', function (): void {
    $both = proof('gun 2x2 right: H seam, Y seam, Z go clear, X go clear; read H, Y', 'cover 3');
    $one = proof('gun 2x2 right: H seam, Y flat, Z go clear, X go clear; read H', 'cover 3');
    expect(abs(spotOf($both, 'free safety', 2.4)[0]))
        ->toBeLessThan(1.0)
        ->and(spotOf($one, 'free safety', 2.4)[0])
        ->toBeGreaterThan(2.0);
});

it('has the flat corner sit on a threat in the flat and sink without one', function (): void {
    $sits = proof('gun 2x2 right: Z hitch, H seam clear; read Z', 'cover 2');
    $sinks = proof('gun 2x2 right: Z go, H seam clear; read Z', 'cover 2');
    expect(spotOf($sits, 'right corner', 2.4)[1])
        ->toBeLessThan(7.5)
        ->and(spotOf($sinks, 'right corner', 2.4)[1])
        ->toBeGreaterThan(8.5);
});

it('has the quarters safety drive a dig by his man and stay deep over a vertical', function (): void {
    $dig = proof('gun 2x2 right: H dig 12, Z go clear; read H', 'cover 4');
    $seam = proof('gun 2x2 right: H go, Z go clear; read H', 'cover 4');
    expect(spotOf($dig, 'strong safety', 3.6)[1])->toBeLessThan(spotOf($seam, 'strong safety', 3.6)[1] - 6.0);
});

it('draws a hook man toward the side a crosser comes from', function (): void {
    $from = fn (string $crosser): float => spotOf(
        proof("gun 2x2 right: $crosser shallow, Y seam clear, H seam clear; read $crosser", 'cover 2'),
        'mike',
        2.8,
    )[0];
    expect($from('X'))->toBeLessThan($from('Z') - 0.5);
});

it('lets no cover man outrun his speed', function (string $shell): void {
    $proof = proof('gun trips right: four verticals', $shell);
    $track = $proof->playOut->byRule();
    foreach ($proof->playOut->coverage() as $d) {
        $most = max(array_map(fn (float $vx, float $vy): float => hypot($vx, $vy), $track->vx[$d], $track->vy[$d]));
        expect($most)->toBeLessThan(8.8 * 0.95 + 0.05, $proof->scene->defenders[$d]->role);
    }
})->with(['cover 1', 'cover 2', 'cover 3', 'cover 4']);
