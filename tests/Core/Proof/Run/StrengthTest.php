<?php

/* How strong a run with a read is: over what the keys commit to, never over a man who only waits (proof.md). */

use Jacotaxis\Core\Proof\Run\RunAct;
use Jacotaxis\Core\Proof\Run\RunOutcome;
use Jacotaxis\Core\Proof\Scene\Verdict;
use Jacotaxis\Core\Proof\Scene\Worth;
use Jacotaxis\Core\Proof\Telling\Told;

/** @return array{acts: list<RunAct>, outcome: RunOutcome} an act and what it brings, 4 yd wanted */
function actBringing(string $act, float $marginS, float $gainYd): array
{
    return [
        'acts' => [new RunAct($act, 'give', 0.5)],
        'outcome' => new RunOutcome(
            action: 'give',
            letter: 'R',
            where: 'right A gap',
            margin: $marginS,
            gainYd: $gainYd,
            firstFree: null,
            metYYd: null,
            metXYd: null,
            outAt: 0.5,
            why: '',
            worth: new Worth(0.5, 4.0),
            needYd: 4.0,
        ),
    ];
}

it('is as strong as the least of what is committed to', function (array $rows, float $leastS): void {
    expect(RunOutcome::least($rows))->toBe($leastS);
})->with([
    'the least of two' => fn (): array => [
        [actBringing('take the back', 0.3, 6.0), actBringing('take the quarterback', 0.2, 7.0)], 0.2],
    'a man who waits and loses two yards of four does not count' => fn (): array => [
        [actBringing('take the back', 0.3, 6.0), actBringing('between', -0.1, 2.0)], 0.3],
    'one who waits and stops it does' => fn (): array => [
        [actBringing('take the back', 0.3, 6.0), actBringing('between', -0.1, 1.0)], -0.1],
    'one whose commitment stops it does' => fn (): array => [
        [actBringing('take the back', -0.2, 3.0), actBringing('between', 0.4, 6.0)], -0.2],
]);

it('never calls a run bound that is not stronger than noise, and never shows a bind below nothing',
    function (string $call, string $front): void {
        foreach (['cover 3', 'cover 2', 'cover 4', 'cover 1'] as $shell) {
            $proof = carried($call, "$front, $shell");
            if ($proof->verdict() === Verdict::Bound) {
                expect($proof->strength())->toBeGreaterThanOrEqual(0.025, "$call, $front, $shell");
            }
            foreach ($proof->keys as $key) {
                if ($key->verdict === Verdict::Bound) {
                    expect($key->strength)->toBeGreaterThanOrEqual(0.025, "$call, $front, $shell: $key->role");
                }
            }
            expect($proof->worthAtWorst()->chance)->toBeLessThanOrEqual($proof->worthByRule()->chance);
        }
    })->with([
        'gun 2x2: zone right',
        'gun trips right: zone right, arc right',
        'double-slot, H pitch right: triple right',
        'double-slot: triple left',
        'gun 2x2: speed option right',
        'wishbone: triple right',
    ])->with(['4-2 nickel', '4-3 over', '3-4', '5-2', '4-4']);

it('says why a call that beats every act by nothing is no bind, and why one that loses to an act is none', function (
    string $call,
    string $look,
    bool $beatsAll,
    string $says,
): void {
    $proof = carried($call, $look);
    $lost = array_filter($proof->pairs, fn (array $p): bool => ! $p['outcome']->beats(...$p['acts']));
    expect($proof->verdict())->toBe(Verdict::Guess)
        ->and($lost === [])->toBe($beatsAll)
        ->and(Told::report($proof)['why'])->toContain($says);
})->with([
    'by a hundredth and a half' => [
        'under center wing right: triple right', 'bear, cover 2', true, 'too little to count on'],
    'one act stops it' => [
        'gun split-back: zone right', '4-4, cover 3', false, 'Right for the defense when the left end plays'],
]);
