<?php

/*
 * A run of the quarterback's own with a throw: the read man inserts, he throws; the read man drops, he keeps it. Common
 * practice without a published source.
 */

use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Telling\Told;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

function ownRun(string $call, string $look): RunProof
{
    $proof = Proving::of(CallParser::parse($call), LookParser::parse($look), new Setting(Situation::of()));
    assert($proof instanceof RunProof);

    return $proof;
}

it('throws off who inserts and keeps it off who drops', function (
    string $call,
    string $look,
    string $key,
    string $to,
): void {
    $proof = ownRun($call, $look);
    $acts = [];
    foreach ($proof->keys[0]->acts as ['act' => $act, 'outcome' => $outcome]) {
        $acts[$act->name] ??= "$outcome->action $outcome->letter";
    }

    expect($proof->keys[0]->role)->toBe($key)
        ->and($proof->keys[0]->pair)->toBe(['keep', 'throw'])
        ->and($acts['insert'])->toBe("throw $to")
        ->and($acts['drop'])->toBe('keep Q');
})->with([
    'a draw' => ['gun 2x2: quarterback draw, rpo: X slant', '4-2 nickel, cover 3', 'will', 'X'],
    'a draw, another front' => ['gun 2x2: quarterback draw, rpo: X slant', '3-4, cover 4', 'will', 'X'],
    'an empty backfield' => ['gun empty right: quarterback draw right, rpo: stick', '4-2 nickel, cover 3', 'mike', 'R'],
    'an iso' => ['gun 2x2: quarterback iso right, rpo: Z hitch', '4-2 nickel, cover 3', 'mike', 'Z'],
    'a sweep' => ['gun 2x2: quarterback sweep right, rpo: X slant', '4-2 nickel, cover 3', 'will', 'X'],
    'a counter' => ['gun empty right: quarterback counter right, rpo: X slant', '3-4, cover 4', 'will', 'X'],
]);

it('tells the quarterback so, and is drawn to its end', function (string $call, string $says): void {
    $proof = ownRun($call, '4-2 nickel, cover 3');
    $jobs = array_column(Told::jobs($proof), 'job', 'man');

    expect($jobs['Q'])->toContain($says)
        ->and(Told::report($proof)['keys'])->toHaveCount(1)
        ->and(count(Told::frames($proof)['at']))->toBeGreaterThan(20);
})->with([
    'his own run' => ['gun 2x2: quarterback draw, rpo: X slant', 'drops, keeps it'],
    'a run he gives' => ['gun 2x2 right: zone left, rpo: X slant', 'drops, hands off'],
]);

it('reads nobody on the run alone', function (): void {
    expect(ownRun('gun 2x2: quarterback draw', '4-2 nickel, cover 3')->keys)->toBe([]);
});
