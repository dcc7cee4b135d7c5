<?php

use Jacotaxis\Core\Proof\Run\RunAct;
use Jacotaxis\Core\Proof\Run\RunKey;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Telling\Told;

/* Give, pull and throw as one tree: a zone read with a bubble asks the end at the mesh,
    then the man outside him (RPO-06; common practice, no source). */

/** What comes of two acts, one of each key: the action and who has the ball. */
function treeOf(RunProof $proof, string $end, string $outside): string
{
    $acts = [];
    foreach ($proof->keys as $n => $key) {
        $name = $n === 0 ? $end : $outside;
        $acts[$key->role] = array_values(
            array_filter(array_column($key->acts, 'act'), fn (RunAct $a): bool => $a->name === $name),
        )[0];
    }
    $outcome = $proof->decider->outcome($acts);

    return "{$outcome->action} {$outcome->letter}";
}

it('asks the end, then the man outside', function (string $call, string $look, string $end, string $man, string $runner,
    string $thrown): void {
    $proof = carried($call, $look);
    expect(array_map(fn (RunKey $k): string => "{$k->decision} {$k->role}", $proof->keys))
        ->toBe(["give $end", "outside $man"])
        ->and(treeOf($proof, 'take the quarterback', 'stay outside'))
        ->toBe("give $runner")
        ->and(treeOf($proof, 'take the quarterback', 'take the quarterback'))
        ->toBe("give $runner")
        ->and(treeOf($proof, 'take the back', 'stay outside'))
        ->toBe('pull Q')
        ->and(treeOf($proof, 'take the back', 'take the quarterback'))
        ->toBe("throw $thrown")
        ->and($proof->resolved->blockersOf($man))
        ->toBe([]);
})->with([
    '4-2' => ['gun 2x2: zone left, rpo: H bubble', '4-2 nickel, cover 4', 'right end', 'nickel', 'R', 'H'],
    '3-4' => ['gun 2x2: zone left, rpo: H bubble', '3-4, cover 4', 'right end', 'sam', 'R', 'H'],
    'to the other side' => ['gun 2x2: zone right, rpo: Y bubble', '4-2 nickel, cover 4', 'left end', 'free safety', 'R',
        'Y'],
]);

it('asks nobody outside where the bubble is on the side of the run, the box throws it before the snap, or nothing is read', function (string $call, string $look): void {
    expect(array_map(fn (RunKey $k): string => $k->decision, carried($call, $look)->keys))->not->toContain('outside');
})->with([
    'with the run' => ['gun 2x2: zone left, rpo: Y bubble', '4-2 nickel, cover 4'],
    'too many in the box' => ['gun 2x2: zone left, rpo: H bubble', 'bear, cover 3'],
    'give only' => ['gun 2x2: zone left give, rpo: H bubble', '4-2 nickel, cover 4'],
    'a slant is another read' => ['gun 2x2: zone left, rpo: H slant', '4-2 nickel, cover 4'],
]);

it('runs every prong of it and tells it', function (): void {
    $proof = carried('gun 2x2: zone left, rpo: H bubble', '4-2 nickel, cover 4');
    $told = Told::report($proof);
    $rows = array_column($told['keys'], null, 'defender');
    $choices = array_column($rows['nickel']['choices'], null, 'name');
    expect($rows['nickel']['question'])
        ->toContain('The ball is pulled')
        ->and($choices['take the quarterback']['action'])
        ->toBe('throw')
        ->and($choices['take the quarterback']['man'])
        ->toBe('H')
        ->and($choices['stay outside']['action'])
        ->toBe('pull')
        ->and(array_column($told['assignments'], 'job', 'man')['Q'])
        ->toContain('with the ball pulled throws H bubble off the nickel');
    foreach ($proof->pairs as ['outcome' => $outcome]) {
        expect(isset($proof->carriers[$outcome->action]))->toBeTrue($outcome->action);
    }
    expect(json_encode(Told::frames($proof)))->toBeString();
});
