<?php

/* What holds for every proof whatever the call: from reasoning about the model, no published source. */

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Pass\Prover;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Scene\Worth;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

dataset('calls', [
    'two levels' => ['smash %s'], 'high-low inside' => ['drive %s'], 'stretch' => ['flood %s'],
    'rub' => ['slant-flat %s'], 'vertical' => ['four verticals'],
    'crossers' => ['mesh %s'], 'deep and dig' => ['post-dig %s'],
    'drawn' => ['#1 %s comeback 14, #2 %s out 6; read #1 %s, #2 %s'],
]);
dataset('shells', ['cover 0', 'cover 1', 'cover 2', 'cover 3', 'cover 4', 'cover 6', '2-man']);

/** A call said to a side, the set's strength there too. */
function sided(string $call, string $shell, string $side, string $set = 'trips'): Proof
{
    return schooled("gun $set $side: ".str_replace('%s', $side, $call), "4-2 nickel, $shell");
}

it('comes out the same turned over', function (string $call, string $shell): void {
    [$right, $left] = [sided($call, $shell, 'right'), sided($call, $shell, 'left')];
    expect($left->verdict()->value)
        ->toBe($right->verdict()->value)
        ->and($left->strength())
        ->toEqualWithDelta($right->strength(), 1e-6)
        ->and($left->ruleTrue->letter)
        ->toBe($right->ruleTrue->letter)
        ->and($left->mainKey()?->pair)
        ->toBe($right->mainKey()?->pair);
})
    ->with('calls')
    ->with('shells');

it('turns the picture over from one hash to the other', function (string $call, string $shell): void {
    $at = fn (string $side, Hash $hash): Proof => proof(
        "gun trips $side: ".str_replace('%s', $side, $call),
        $shell,
        $hash,
    );
    [$right, $left] = [$at('right', Hash::Left), $at('left', Hash::Right)];
    expect($left->verdict()->value)
        ->toBe($right->verdict()->value)
        ->and($left->strength())
        ->toEqualWithDelta($right->strength(), 1e-6);
})
    ->with('calls')
    ->with(['cover 2', 'cover 3', 'cover 1']);

it('throws within the slot, from where the passer stands, at no more than his arm, to a man who is there', function (
    string $call,
    string $shell,
): void {
    $proof = sided($call, $shell, 'right');
    foreach ($proof->readings as $letter => $reading) {
        foreach ($proof->windows->lines($letter) as $line) {
            $path = $proof->scene->routes[$letter]->path;
            $i = (int) round($line->caughtAt() / Path::STEP);
            expect($line->outAt())
                ->toBeGreaterThanOrEqual($reading->from - 1e-6)
                ->toBeLessThanOrEqual($reading->to + Path::STEP)
                ->and($line->caughtAt())
                ->toBeGreaterThan($line->outAt())
                ->and($line->distanceYd / $line->flight)
                ->toBeLessThan(30.0);
            if ($i < Path::STEPS) {
                expect(hypot($path->x[$i] - $line->xYd, $path->y[$i] - $line->yYd))->toBeLessThan(
                    1.0,
                    "$letter at {$line->caughtAt()} s",
                );
            }
        }
    }
})->with('calls')->with(['cover 2', 'cover 3']);

it('never rates a call above the least of what its key leaves', function (string $call, string $shell): void {
    $proof = sided($call, $shell, 'right');
    foreach ($proof->keys as $key) {
        $margins = array_map(fn (array $row): ?float => $row['outcome']->strength(), $key->acts);
        expect($key->strength)
            ->toBeLessThanOrEqual(min($margins) + 1e-9)
            ->and(count($key->acts))
            ->toBeGreaterThanOrEqual(2)
            ->and(array_diff($key->pair, array_keys($proof->readings)))
            ->toBe([])
            ->and(count(array_unique($key->pair)))
            ->toBe(2)
            ->and($key->verdict->value)
            ->toBeIn(['bound', 'open', 'guess', 'covered']);
        foreach ($key->acts as $row) {
            $throws = $row['outcome']->action === 'throw';
            expect($row['act']->name)->not->toBe('')->and($throws && $row['outcome']->letter === null)->toBeFalse();
        }
    }
    expect($proof->verdict()->value)->toBeIn(['bound', 'open', 'guess', 'covered']);
    if ($proof->verdict()->value === 'bound') {
        expect($proof->ruleTrue->open())->toBeTrue();
    }
})->with('calls')->with('shells');

it('moves a margin by little when a depth moves by little and the drop stays',
    function (string $call, string $shell, string $letter, float $from): void {
        $last = $drop = null;
        for ($yd = $from; $yd <= $from + 3.0; $yd += 0.25) {
            $proof = schooled(sprintf($call, $yd), "4-2 nickel, $shell");
            $margin = $proof->windows->bestThrow($letter)['margin'];
            expect($drop !== $proof->scene->drop || abs($margin - $last) < 0.16)->toBeTrue(
                sprintf('%s at %.2f yd: %.2f after %.2f s', $letter, $yd, $margin, $last ?? 0.0),
            );
            [$last, $drop] = [$margin, $proof->scene->drop];
        }
    })->with([
        ['gun 2x2 right: smash right; H corner %g', 'cover 2', 'H', 9.0],
        ['gun 2x2 right: post-dig right; H dig %g', 'cover 4', 'H', 10.0],
        ['gun 2x2 right: curl-flat right; Z curl %g', 'cover 3', 'Z', 10.0],
        ['gun trips right: flood right; H out %g', 'cover 3', 'H', 11.0],
        ['gun 2x2 right: drive right; H dig %g', 'cover 3', 'H', 10.0],
        ['gun 2x2 right: smash right; Z hitch %g', 'cover 4', 'Z', 4.0],
    ]);

it('runs faster men through the same windows earlier', function (string $call): void {
    $break = fn (Level $level): float => min(
        array_map(
            fn ($r): float => $r->breakAt,
            array_filter(proof($call, 'cover 3', level: $level)->readings, fn ($r): bool => $r->number !== null),
        ),
    );
    expect($break(Level::Professional))->toBeLessThan($break(Level::HighSchool));
})->with(['gun 2x2 right: smash right', 'gun trips right: flood right', 'gun 2x2 right: post-dig right']);

it('completes less the farther and the tighter the throw', function (): void {
    foreach ([5.0, 15.0, 30.0, 45.0] as $yd) {
        expect(Worth::completion($yd, 0.6))->toBeGreaterThan(Worth::completion($yd, 0.0))->toBeLessThanOrEqual(1.0)
            ->and(Worth::completion($yd, 0.3))->toBeGreaterThan(Worth::completion($yd + 8.0, 0.3))
            ->and(Worth::completion($yd, -2.0))->toBeGreaterThanOrEqual(0.0);
    }
});

it('does not change with what is read of it first', function (): void {
    $prove = fn (): Proof => Prover::prove(
        CallParser::parse('gun trips right: flood right'),
        LookParser::parse('4-2 nickel, cover 3'),
        new Setting(Situation::of()),
    );
    [$one, $two] = [$prove(), $prove()];
    foreach (['H', 'Z', 'Y'] as $letter) {
        $one->windows->bestThrow($letter);
    }
    expect($one->strength())->toBe($two->strength())->and($one->ruleTrue->margin)->toBe($two->ruleTrue->margin);
});
