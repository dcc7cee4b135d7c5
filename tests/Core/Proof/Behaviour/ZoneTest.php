<?php

/* How a zone defender plays his rule: drops, squeezes, carries and passes on, sinks, drives. Distances in yards,
    moments in seconds. */

const QUIET = '; X go clear, Y seam clear; R check flat left';

/**
 * Place of a man when his rule meets the routes of the right side.
 *
 * @return array{float, float}
 */
function zoned(string $routes, string $shell, string $role, float $t): array
{
    return spotOf(proof("gun 2x2 right: $routes".QUIET.'; read Z, H', $shell), $role, $t);
}

it('has a man deeper against one thing than against another',
    function (string $role, string $shell, string $deep, string $shallow, float $t): void {
        expect(zoned($deep, $shell, $role, $t)[1])->toBeGreaterThan(zoned($shallow, $shell, $role, $t)[1] + 0.5);
    })->with([
        'the cloud corner sinks without a threat in the flat' => ['right corner', 'cover 2', 'Z go, H corner 12',
            'Z hitch 5, H corner 12', 2.5],
        'the third corner over a vertical, down on a curl' => ['right corner', 'cover 3', 'Z go, H flat',
            'Z hitch 6, H flat', 2.5],
        'the quarters safety over a vertical of #2, down on his dig' => ['strong safety', 'cover 4', 'Z go, H go',
            'Z post, H dig 10', 2.9],
        'the half safety over a corner route' => ['strong safety', 'cover 2', 'Z go, H go', 'Z hitch 6, H hitch 6',
            2.5],
    ]);

it('has a man wider against one thing than against another',
    function (string $role, string $shell, string $wide, string $narrow, float $t): void {
        expect(zoned($wide, $shell, $role, $t)[0])->toBeGreaterThan(zoned($narrow, $shell, $role, $t)[0] + 0.5);
    })->with([
        'the middle man leans to the post' => ['free safety', 'cover 3', 'Z go, H go', 'Z hitch 6, H flat', 2.6],
        'the half safety widens to a corner route' => ['strong safety', 'cover 2', 'Z hitch 6, H corner 12',
            'Z hitch 6, H hitch 6', 3.4],
    ]);

it('keeps the cloud corner in front of the outside man while another comes out to him, not when that one is his',
    function (string $routes, float $t, float $from, float $to): void {
        expect(zoned($routes, 'cover 2', 'right corner', $t)[0])->toBeBetween($from, $to);
    })->with([
        'a quick out by #1, a flat by #2' => ['Z quick out 5, H flat', 1.6, 18.5, 20.0],
        'the quick out is his when it is there' => ['Z quick out 5, H flat', 2.4, 21.0, 24.0],
        'nobody beside him, he goes to the flat when it is near' => ['Z slant, H flat', 2.6, 19.0, 22.0],
    ]);

it('runs with what breaks beside a cloud corner, and waits for what comes to him',
    function (string $routes, float $t, float $from, float $to): void {
        $proof = proof("gun 2x2 right: $routes".QUIET.'; read Z, H', 'cover 2');
        $beyond = spotOf($proof, 'right corner', $t)[0] - runnerOf($proof, 'Z', $t)[0];
        expect($beyond)->toBeBetween($from, $to);
    })->with([
        'beside a quick out he is when it breaks' => ['Z quick out 5, H seam', 1.7, -0.5, 0.8],
        'and a step behind it when it is caught' => ['Z quick out 5, H seam', 2.5, -1.5, -0.6],
        'an out at ten from under it' => ['Z out 10, H seam', 2.9, -1.0, -0.2],
        'a hitch he sits on' => ['Z hitch 5, H seam', 2.5, 0.0, 0.8],
        'a flat that comes out to him is let come' => ['Z go, H flat', 2.1, 0.4, 1.6],
    ]);

it('stays deeper over a vertical of #1 where nobody helps him deep than where a safety does',
    function (string $shell, float $t, float $from, float $to): void {
        $proof = proof('gun 2x2 right: Z go, H flat'.QUIET.'; read Z, H', $shell);
        $over = spotOf($proof, 'right corner', $t)[1] - runnerOf($proof, 'Z', $t)[1];
        expect($over)->toBeBetween($from, $to);
    })->with([
        "a third's corner" => ['cover 3', 2.6, 1.6, 4.0],
        "a quarter's corner" => ['cover 4', 2.6, 0.2, 1.6],
        'the corner of man coverage under a free safety' => ['cover 1', 2.6, 0.2, 1.6],
    ]);

it('plays what enters his zone, and lets what leaves it go',
    function (string $role, string $shell, string $routes, string $letter, float $t, bool $near): void {
        $proof = proof("gun 2x2 right: $routes".QUIET.'; read Z, H', $shell);
        [$x, $y] = spotOf($proof, $role, $t);
        [$rx, $ry] = runnerOf($proof, $letter, $t);
        $gap = hypot($x - $rx, $y - $ry);
        expect($near ? $gap < 4.5 : $gap > 4.5)->toBeTrue(sprintf('%.1f yd', $gap));
    })->with([
        'the cloud corner and a hitch' => ['right corner', 'cover 2', 'Z hitch 5, H corner 12', 'Z', 2.0, true],
        'the cloud corner and a go that passes him' => ['right corner', 'cover 2', 'Z go, H flat', 'Z', 3.2, false],
        'the third corner and a go' => ['right corner', 'cover 3', 'Z go, H flat', 'Z', 3.0, true],
        'the third corner and a flat of #2' => ['right corner', 'cover 3', 'Z post, H flat', 'H', 2.5, false],
        'the quarters safety and a go of #2' => ['strong safety', 'cover 4', 'Z go, H go', 'H', 2.8, true],
        'the quarters safety and a flat of #2' => ['strong safety', 'cover 4', 'Z go, H flat', 'H', 2.5, false],
    ]);

it('looks for work outside once nobody is left who may come to him', function (string $routes, bool $goes): void {
    [$before] = zoned($routes, 'cover 3', 'nickel', 2.4);
    [$after] = zoned($routes, 'cover 3', 'nickel', 3.9);
    expect($after > $before + 2.0)->toBe($goes, sprintf('from %.1f to %.1f yd wide', $before, $after));
})->with([
    'the go is past, the flat is his' => ['Z go, H flat', true],
    'nobody in the flat' => ['Z go, H go', false],
]);

it('keeps the middle safety out of a corner route and in the way of a post', function (): void {
    $margin = fn (string $route): float => proof(
        "gun 2x2 right: Z go clear, H $route; X go clear, Y seam clear; read H",
        'cover 3',
    )->windows->bestThrow('H')['margin'];
    expect($margin('post 10'))->toBeLessThan(0.15)->and($margin('out 10'))->toBeGreaterThan($margin('post 10'));
});

it('takes a ball out of the lane a zone man stands in', function (): void {
    $proof = proof(
        'gun 2x2 right: Z dig 12, H flat clear; X go clear, Y hitch 6 clear; R check flat left; read Z',
        'cover 3',
    );
    expect($proof->verdict()->isGood())->toBeFalse();
});

it('plays by the splits: a hook man stands relative to the men he has', function (): void {
    $at = fn (string $set): float => spotOf(
        proof("gun $set right: Z go, H seam; X go clear; read Z, H", 'cover 3'),
        'nickel',
        0.0,
    )[0];
    expect($at('2x2 wide'))->toBeGreaterThan($at('2x2 tight'));
});

it('faces a roll to him in the flat, unless a run action holds him', function (string $call, bool $flat): void {
    [, $depth] = spotOf(proof($call, 'cover 3'), 'nickel', 2.4);
    expect($depth < 6.0)->toBe($flat, sprintf('%.1f yd deep', $depth));
})->with([
    'a roll to him' => ['gun 2x2 right, half-boot right: Z corner 12, H flat; X post; read H, Z', true],
    'a roll away from him' => ['gun 2x2 right, half-boot left: Z post, X corner 12, Y flat; read Y, X', false],
    'a drop' => ['gun 2x2 right: Z corner 12, H flat; X post; read H, Z', false],
]);

it('holds an outside man less with a run that leaves him', function (string $side, string $role, float $seconds): void {
    $proof = schooled(
        "under center wing right, outside zone $side fake: X post, Z corner 10; read X, Z",
        '4-3 over, cover 3',
    );
    $man = array_values(array_filter($proof->scene->defenders, fn ($d): bool => $d->role === $role))[0];
    expect($proof->scene->hold($man))->toEqualWithDelta($seconds, 0.01);
})->with([
    'he stands where it goes' => ['right', 'sam', 0.9],
    'it leaves him: the boot is his to look for' => ['left', 'sam', 0.45],
    'an inside backer, to him' => ['right', 'mike', 0.9],
    'an inside backer, away' => ['left', 'mike', 0.9],
]);

it('does not let a deep man leave one who runs in his zone for a ball outside it', function (
    string $clears,
    bool $may,
): void {
    $proof = proof(
        "gun trips right: H out 10; Z $clears; X go clear, Y hitch 6 clear; R check flat left; read H",
        'cover 3',
    );
    $takes = array_filter(
        $proof->answers,
        fn ($a): bool => $proof->scene->defenders[$a->defender]->role === 'right corner' && $a->act->toward === 'H',
    );
    expect($takes !== [])->toBe($may);
})->with([
    'a go in his third' => ['go clear', false],
    'a hitch in front of it' => ['hitch 5 clear', true],
]);
