<?php

/*
 * Trade truths 1 to 5 (flood aside), common practice without a published source: at default settings, from the middle,
 * and varied by side, hash, depth, set and level. The concept is never named to the simulator.
 */

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Kinematics\Level;

dataset('sides', ['right' => ['right', 'left'], 'left' => ['left', 'right']]);
dataset('hashes', ['left hash' => Hash::Left, 'middle' => Hash::Middle, 'right hash' => Hash::Right]);
dataset('levels', [
    'high school' => Level::HighSchool,
    'college' => Level::College,
    'professional' => Level::Professional,
]);
dataset('sets', ['2x2', 'trips']);

it('smash against cover 2: the corner is wrong both ways',
    function (string $side, string $other, Hash $hash, Level $level, string $set): void {
        $proof = proof("gun $set $side: smash $side", 'cover 2', $hash, $level);
        expect($proof->verdict()->value)->toBe('bound')
            ->and($proof->mainKey()->role)->toBe("$side corner")
            ->and(answer($proof, 'sit'))->toBe('H')
            ->and(answer($proof, 'sink'))->toBe('Z');
    })->with('sides')->with('hashes')->with('levels')->with('sets');

it('smash against cover 1: the corner route', function (string $side, string $other, Hash $hash, Level $level): void {
    expect(proof("gun 2x2 $side: smash $side", 'cover 1', $hash, $level)->ruleTrue->letter)->toBe('H');
})->with('sides')->with('hashes')->with('levels');

it('smash against quarters: the hitch', function (string $side, string $other, Hash $hash): void {
    expect(proof("gun 2x2 $side: smash $side", 'quarters', $hash)->ruleTrue->letter)->toBe('Z');
})->with('sides')->with('hashes');

it('four verticals against cover 3: the middle safety cannot take both seams',
    function (string $side, string $other, Level $level): void {
        $proof = proof("gun 2x2 $side: four verticals", 'cover 3', level: $level);
        expect($proof->verdict()->value)->toBe('bound')
            ->and($proof->mainKey()->role)->toBe('free safety')
            ->and(answer($proof, 'take the right seam'))->toBe($side === 'right' ? 'Y' : 'H')
            ->and(answer($proof, 'take the left seam'))->toBe($side === 'right' ? 'H' : 'Y');
    })->with('sides')->with(['high school' => Level::HighSchool]);

it('four verticals against quarters is not bound', function (string $side, string $other, Hash $hash): void {
    expect(proof("gun 2x2 $side: four verticals", 'quarters', $hash)->verdict()->value)->not->toBe('bound');
})->with('sides')->with('hashes');

it('post-dig against quarters: jump the dig and the post is behind him, stay and the dig is in front',
    function (string $side, string $other, string $depth): void {
        $proof = proof("gun 2x2 $side: post-dig $side; H dig $depth", 'quarters');
        expect($proof->verdict()->value)->toBe('bound')
            ->and($proof->mainKey()->role)->toContain('safety')
            ->and(answer($proof, 'jump'))->toBe('Z')
            ->and(answer($proof, 'stay'))->toBe('H');
    })->with('sides')->with(['11', '12', '13']);

it('post-dig against cover 3: the middle safety caps the post', function (string $side): void {
    $proof = proof("gun 2x2 $side: post-dig $side", 'cover 3');
    expect($proof->ruleTrue->reads['Z']['margin'])->toBeLessThan(0.15);
})->with('sides');

it('curl-flat against cover 3: the flat defender is the key',
    function (string $side, string $other, string $depth): void {
        $proof = proof("gun 2x2 $side: curl-flat $side; Z curl $depth", 'cover 3');
        expect($proof->verdict()->value)->toBe('bound')
            ->and($proof->scene->defenders[$proof->mainKey()->defender]->job->words)->toContain('url to flat')
            ->and(answer($proof, 'widen'))->toBe('Z')
            ->and(answer($proof, 'hang'))->toBe('H');
    })->with('sides')->with(['11', '12', '13']);

it('stays true when the depth of the corner route varies', function (string $depth): void {
    $proof = proof("gun 2x2 right: smash right; H corner $depth", 'cover 2');
    expect($proof->verdict()->value)->toBe('bound')->and(answer($proof, 'sink'))->toBe('Z');
})->with(['9', '9.5', '10', '10.5', '11', '12']);

it('half a yard of depth moves the strength smoothly and never flips a clear verdict',
    function (string $call, string $shell, float $from, float $to): void {
        $before = null;
        for ($depth = $from; $depth <= $to; $depth += 0.5) {
            $proof = proof(sprintf($call, $depth), $shell);
            if ($before !== null && min(abs($before->strength() - 0.15), abs($proof->strength() - 0.15)) > 0.15) {
                expect($proof->verdict()->value)->toBe($before->verdict()->value, "verdict at $depth yd");
            }
            if ($before !== null) {
                expect(abs($proof->strength() - $before->strength()))->toBeLessThan(0.2, "strength at $depth yd");
            }
            $before = $proof;
        }
    })->with([
        ['gun 2x2 right: smash right; H corner %.1f', 'cover 2', 9.0, 12.0],
        ['gun 2x2 right: smash right; Z hitch %.1f', 'cover 2', 5.0, 7.0],
        ['gun 2x2 right: post-dig right; H dig %.1f', 'quarters', 11.0, 13.0],
    ]);

it('a corner route broken deep is waited for by hitches, and past what they stretch to it is lost', function (
    float $yd,
    bool $lives,
): void {
    $reading = proof("gun 2x2 right: smash right; H corner $yd", 'cover 2')->readings['H'];
    expect($reading->live())
        ->toBe($lives)
        ->and($lives || str_contains((string) $reading->killedBy, 'after the last hitch'))
        ->toBeTrue();
})->with([[10.0, true], [14.0, true], [22.0, false]]);

it('gives plain assignments the same proof as the family',
    function (string $family, string $plain, string $shell): void {
        $a = proof($family, $shell);
        $b = proof($plain, $shell);
        expect([$b->verdict()->value, $b->strength(), $b->ruleTrue->letter, $b->mainKey()?->role])->toBe([
            $a->verdict()->value,
            $a->strength(),
            $a->ruleTrue->letter,
            $a->mainKey()?->role,
        ]);
    })->with([
        ['gun 2x2 right: smash right', 'gun 2x2 right: Z hitch, H corner', 'cover 2'],
        ['gun 2x2 right: post-dig right', 'gun 2x2 right: Z post, H dig', 'quarters'],
        ['gun 2x2 left: curl-flat left', 'gun 2x2 left: #1 left curl, #2 left flat', 'cover 3'],
        ['gun 2x2 right: four verticals', 'gun 2x2 right: X go, Y seam, H seam, Z go; read H, Y, Z, X', 'cover 3'],
    ]);

it('is the mirror image on the other side', function (string $family, string $shell): void {
    $right = proof("gun 2x2 right: $family right", $shell);
    $left = proof("gun 2x2 left: $family left", $shell);
    expect($left->verdict()->value)
        ->toBe($right->verdict()->value)
        ->and($left->strength())
        ->toEqualWithDelta($right->strength(), 1e-6);
})
    ->with(['smash', 'post-dig', 'curl-flat', 'four verticals'])
    ->with(['cover 1', 'cover 2', 'cover 3', 'cover 4']);
