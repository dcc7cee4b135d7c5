<?php

/*
 * The trade truths over a grid: three levels with their rule books, two sets, both sides, three hashes and four depths.
 * Not every corner of it has to come out as the trade says (a curl broken at ten is not much of a curl), but nearly all.
 */

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Proof\Proof;

/** @return list<array{string, string, Closure(Proof): bool}> call with %s for its side, shell, what must be true */
function truths(): array
{
    $keyed = fn (string $word): Closure => fn (Proof $p): bool => $p->verdict() === 'bound' && str_contains($p->mainKey()->role ?? '', $word);
    $truths = [];
    foreach ([9, 10, 11, 12] as $depth) {
        $truths[] = ["smash %s; H corner $depth", 'cover 2', $keyed('corner')];
        $truths[] = ["smash %s; H corner $depth", 'cover 1', fn (Proof $p): bool => $p->ruleTrue->letter === 'H'];
        $truths[] = ["smash %s; H corner $depth", 'cover 4', fn (Proof $p): bool => $p->ruleTrue->letter === 'Z'];
        $truths[] = ['post-dig %s; H dig '.($depth + 2), 'cover 4', fn (Proof $p): bool => $p->verdict() === 'bound'];
        $truths[] = ['post-dig %s; H dig '.($depth + 2), 'cover 3', fn (Proof $p): bool => $p->ruleTrue->reads['Z']['margin'] < 0.15];
        $truths[] = ['curl-flat %s; Z curl '.($depth + 1), 'cover 3', fn (Proof $p): bool => $p->verdict() === 'bound'];
    }
    $truths[] = ['four verticals %s', 'cover 3', fn (Proof $p): bool => $p->verdict() === 'bound'];
    $truths[] = ['four verticals %s', 'cover 4', fn (Proof $p): bool => $p->verdict() !== 'bound'];

    return $truths;
}

it('holds over the grid', function (Level $level, string $set): void {
    $held = $tried = 0;
    $broken = [];
    foreach (['left', 'right'] as $side) {
        foreach (Hash::cases() as $hash) {
            foreach (truths() as [$call, $shell, $true]) {
                $words = "gun $set $side: ".sprintf($call, $side);
                $tried++;
                $true(proof($words, $shell, $hash, $level)) ? $held++ : $broken[] = "$words against $shell, {$hash->value}";
            }
        }
    }
    expect($held / $tried)->toBeGreaterThan(0.9, implode("\n", $broken));
})->with(Level::cases())->with(['2x2', 'trips']);
