<?php

/* How a man defender plays his man: sits, stays over, trails, drives, is past. Distances in yards,
    moments in seconds. */

use Jacotaxis\Core\Proof\Pass\Proof;

const ALONE = 'gun trips left: X %s; Z go clear, H hitch 6 clear, Y hitch 6 clear; R flat left clear; read X';

/** Distance between the right corner and the lone receiver. */
function gapToX(Proof $proof, float $t): float
{
    [$x, $y] = spotOf($proof, 'right corner', $t);
    [$rx, $ry] = runnerOf($proof, 'X', $t);

    return hypot($x - $rx, $y - $ry);
}

/** How far the right corner is over (positive) or behind the lone receiver, up the field. */
function overX(Proof $proof, float $t): float
{
    return spotOf($proof, 'right corner', $t)[1] - runnerOf($proof, 'X', $t)[1];
}

function lone(string $route, string $shell): Proof
{
    return proof(sprintf(ALONE, $route), $shell);
}

it('stays over a stem in off man, and behind it in 2-man',
    function (string $shell, float $t, float $from, float $to): void {
        expect(overX(lone('go', $shell), $t))->toBeBetween($from, $to);
    })->with([
        'off, a second in' => ['cover 1', 1.0, 1.0, 7.0],
        'off, two seconds in' => ['cover 1', 2.0, -1.0, 4.0],
        'trail, a second and a half in' => ['2-man', 1.5, -3.5, 1.5],
        'trail, two seconds in' => ['2-man', 2.0, -3.5, 1.0],
    ]);

it('stays where he is over men who stand together until they part, and knows his own at once where they do not',
    function (string $set, string $words, float $knows, float $from, float $to): void {
        $proof = proof("gun $set: slant-flat right", "cover 1$words");
        $moves = [];
        foreach ($proof->scene->defenders as $d => $defender) {
            if (in_array($proof->playOut->covers($d), ['Z', 'H'], true)) {
                expect($proof->playOut->knowsFrom($d))->toEqualWithDelta($knows, 0.4);
                $moves[] = abs(spotOf($proof, $defender->role, 0.7)[0] - $defender->xYd);
            }
        }
        expect($moves)->toHaveCount(2)->and(max($moves))->toBeBetween($from, $to);
    })->with([
        'in a stack' => ['stack right', '', 1.0, 0.0, 0.2],
        'in a stack, the men locked' => ['stack right', ', men locked', 0.0, 0.5, 4.0],
        'in two by two' => ['2x2 right', '', 0.0, 0.5, 4.0],
    ]);

it('never takes what he is passed before he knows that it is his', function (string $words, bool $waits): void {
    $proof = proof('gun stack right: slant-flat right', "cover 1$words", Jacotaxis\Core\Field\Hash::Right);
    $answer = $proof->answers[0];
    $knows = $proof->playOut->knowsFrom($answer->defender);
    expect($answer->act->toward)
        ->toBe($proof->ruleTrue->letter)
        ->and($answer->act->fromT)
        ->toBeGreaterThanOrEqual($knows)
        ->and($knows > 0.0)
        ->toBe($waits);
})->with([['', true], [', men locked', false]]);

it('sits on a man who slows, and not on one who runs on', function (string $slow, string $fast): void {
    $at = lone($slow, 'cover 1')->scene->routes['X']->break()->t + 0.4;
    [, $sits] = spotOf(lone($slow, 'cover 1'), 'right corner', $at);
    [, $runs] = spotOf(lone($fast, 'cover 1'), 'right corner', $at);
    expect($sits)->toBeLessThan($runs - 0.3);
})->with([
    'hitch' => ['hitch 6', 'go'],
    'slant' => ['slant', 'go'],
    'quick out' => ['quick out 5', 'go'],
]);

it('drives to his man after the break', function (string $route, string $shell): void {
    $proof = lone($route, $shell);
    $break = $proof->scene->routes['X']->break()->t;
    expect(gapToX($proof, $break + 1.2))->toBeLessThan(gapToX($proof, $break + 0.3));
})->with([
    ['out 10', 'cover 1'],
    ['dig 12', 'cover 1'],
    ['comeback 16', 'cover 1'],
    ['curl 12', 'cover 1'],
]);

it('gives what breaks out more room than what breaks in, where he trails inside', function (
    string $in,
    string $out,
): void {
    $margin = fn (string $route): float => lone($route, '2-man')->windows->bestThrow('X')['margin'];
    expect($margin($out))->toBeGreaterThan($margin($in) + 0.05);
})->with([
    ['dig 12', 'out 10'],
    ['slant', 'quick out 5'],
]);

it('never shares a spot with his man', function (string $route, string $shell): void {
    $proof = lone($route, $shell);
    $least = min(array_map(fn (int $i): float => gapToX($proof, 0.05 * $i), range(0, 80)));
    expect($least)->toBeGreaterThan(0.65);
})
    ->with(['go', 'dig 12', 'hitch 6', 'shallow 5', 'comeback 16', 'post 11'])
    ->with(['cover 1', '2-man', 'cover 1, corners press']);

it('stays within the field however wide his man runs', function (string $route): void {
    $proof = proof(sprintf(ALONE, $route), 'cover 1', Jacotaxis\Core\Field\Hash::Right);
    $frame = $proof->scene->frame;
    foreach ($proof->playOut->coverage() as $d) {
        foreach (range(0, 90, 5) as $i) {
            [$x, $y] = spotOf($proof, $proof->scene->defenders[$d]->role, 0.05 * $i);
            expect($x)
                ->toBeBetween(
                    $frame->sidelineX(Jacotaxis\Core\Field\Side::Left) - 0.5,
                    $frame->sidelineX(Jacotaxis\Core\Field\Side::Right) + 0.5,
                )
                ->and($y)
                ->toBeLessThan($frame->endLineY() + 0.5);
        }
    }
})->with(['go', 'out 10', 'comeback 16', 'quick out 5']);

it('honours the go longer where nobody is deep behind him, on a stem that could be one',
    function (string $route, string $help, string $none, bool $later): void {
        $gap = function (string $shell) use ($route): float {
            $proof = lone($route, $shell);

            return gapToX($proof, $proof->scene->routes['X']->break()->t + 0.5);
        };
        $more = $gap($none) - $gap($help);
        expect($later ? $more > 0.2 : abs($more) < 0.1)->toBeTrue(sprintf('%.2f yd more room', $more));
    })->with([
        'a slant' => ['slant', 'cover 1, corners press', 'cover 0, corners press', true],
        'a quick out' => ['quick out 5', 'cover 1, corners press', 'cover 0, corners press', true],
        'a shallow shows at once that it is none' => ['shallow 5', 'cover 1, corners press', 'cover 0, corners press',
            false],
    ]);

it('runs on the hip of his man in trail, with help on top', function (string $route, float $most): void {
    $proof = lone($route, '2-man');
    $break = $proof->scene->routes['X']->break()->t;
    expect(gapToX($proof, $break + 0.8))->toBeLessThan($most);
})->with([
    'a dig breaks into him' => ['dig 12', 1.6],
    'a slant breaks into him' => ['slant', 1.6],
    'a go' => ['go', 1.8],
]);

it('has the bodies of others in his way when he goes for a ball, too', function (): void {
    $proof = proof('gun stack right: slant-flat right', 'cover 1');
    $men = array_keys(array_filter($proof->scene->defenders, fn ($d): bool => $d->takes !== null));
    foreach ($men as $d) {
        $mine = $proof->playOut->covers($d);
        $line = isset($proof->scene->routes[$mine]) ? $proof->windows->middle($mine) : null;
        if ($line === null) {
            continue;
        }
        $track = $proof->playOut->withAct(
            $d,
            new Jacotaxis\Core\Proof\Play\Act('take', 0.9, $line->xYd, $line->yYd, $mine),
        );
        foreach (range(18, 60) as $i) {
            foreach (array_diff(array_keys($proof->scene->routes), [$mine]) as $other) {
                $body = $proof->scene->routes[$other]->path;
                expect(hypot($track->x[$d][$i] - $body->x[$i], $track->y[$d][$i] - $body->y[$i]))->toBeGreaterThan(
                    0.55,
                );
            }
        }
    }
});

it('says of a read that comes too late how open it would have been',
    function (string $route, string $shell, bool $late): void {
        $proof = lone($route, $shell);
        $reading = $proof->readings['X'];
        expect($reading->live())->toBe(! $late)
            ->and($proof->windows->openness('X'))->not->toBeNull()
            ->and($proof->windows->openness('X'))->toBeGreaterThan(-2.0)
            ->and($proof->ruleTrue->letter === 'X')->toBe(! $late && $proof->windows->openness('X') >= 0.15);
    })->with([
        'a deep comeback past press' => ['comeback 16', 'cover 1, corners press', true],
        'a hitch under an off man' => ['hitch 6', 'cover 1', false],
        'a hitch into press' => ['hitch 6', 'cover 1, corners press', false],
    ]);
