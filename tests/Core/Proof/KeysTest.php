<?php

use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

/* Keys: their acts, what stands between, rules of a staff that wait for an act, and men who answer one read. */

function keyed(string $call, string $shell): Proof
{
    $proof = Proving::of(
        CallParser::parse($call),
        LookParser::parse("4-2 nickel, $shell"),
        new Setting(Situation::of()),
    );
    assert($proof instanceof Proof);

    return $proof;
}

it('stands between the two things a key can do', function (string $call, string $shell): void {
    $key = keyed($call, $shell)->keys[0];
    $acts = array_column($key->acts, 'act');
    [$rule, $a, $b] = $acts;
    $between = array_slice($acts, 3);
    expect($rule->name)->toBe('by rule')->and($between)->not->toBe([]);
    foreach ($between as $act) {
        expect($act->name)->toBe('between')
            ->and($act->xYd)->toBeGreaterThanOrEqual(min($a->xYd, $b->xYd))->toBeLessThanOrEqual(max($a->xYd, $b->xYd))
            ->and($act->yYd)->toBeGreaterThanOrEqual(min($a->yYd, $b->yYd))->toBeLessThanOrEqual(max($a->yYd, $b->yYd))
            ->and($act->fromT)->toBe($a->fromT);
    }
})->with([
    ['gun 2x2 right: smash right', 'cover 2'],
    ['gun 2x2 right: four verticals right', 'cover 3'],
    ['gun 2x2 right: curl-flat right', 'cover 3'],
]);

it('throws where the staff\'s rule says once the key does what it waits for', function (
    string $rule,
    string $act,
    string $thrown,
): void {
    $key = keyed("gun 2x2 right: smash right$rule", 'cover 2')->keys[0];
    $rows = array_values(array_filter($key->acts, fn (array $r): bool => $r['act']->name === $act));
    expect($rows[0]['outcome']->letter)->toBe($thrown);
})->with([
    'no rule, he sits' => ['', 'sit', 'H'],
    'no rule, he sinks' => ['', 'sink', 'Z'],
    'the rule, he sits' => ['; if right corner sit then throw R', 'sit', 'R'],
    'the rule, he sinks' => ['; if right corner sit then throw R', 'sink', 'Z'],
    'the rule waits for the other act' => ['; if right corner sink then throw H', 'sit', 'H'],
    'the rule of another man' => ['; if left corner sit then throw R', 'sit', 'H'],
]);

it('adds a man who can take the read by his rule, and what is thrown then', function (): void {
    $proof = keyed('gun 2x2 right: post-dig right', 'cover 2');
    $by = array_column(array_map(fn ($k): array => ['role' => $k->role, 'key' => $k], $proof->keys), 'key', 'role');
    expect(array_keys($by))->toBe(['mike', 'will', 'nickel']);
    $acts = fn (string $role): array => array_map(
        fn (array $r): string => "{$r['act']->name} > {$r['outcome']->letter}",
        $by[$role]->acts,
    );
    expect($acts('nickel'))->toBe(['by rule > H', 'take the dig > X'])
        ->and($proof->ruleTrue->letter)->toBe('H')
        ->and($acts('mike'))->toContain('hang > X', 'widen > H');
});

it('has no key where nobody can be in two places', function (string $call, string $shell): void {
    $proof = keyed($call, $shell);
    expect($proof->keys)->toBe([])->and($proof->verdict()->value)->toBe('open');
})->with([
    'a hitch under a soft corner' => ['gun 2x2 right: smash right', 'cover 3'],
    'hitches under carried seams' => ['gun 2x2 right: hitch-seam right', 'cover 3 match'],
]);
