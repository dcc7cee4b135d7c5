<?php

/* A pass beside the run it fakes, and a leak beside the boot it is built from (PAC-01, PAC-08, PRO-12). */

use Jacotaxis\Core\Proof\Telling\Told;

/** @return array<string, array<string, array{there: string, here: string, same: bool}>> by what it stands beside */
function besides(string $call, string $look): array
{
    $by = [];
    foreach (Told::report(schooled($call, $look))['compared'] as $compared) {
        foreach ($compared['men'] as $man) {
            $by[$compared['with']][$man['man']] = $man;
        }
    }

    return $by;
}

it('lists every man who shows the run differently, and who blocks it the same', function (): void {
    $call = 'under center wing right, outside zone left fake, boot right: boot flood right';
    $beside = besides($call, '4-3 over, cover 3');
    expect(array_keys($beside))->toBe(['outside zone left'])->and($beside['outside zone left'])->toHaveCount(11);
    foreach ($beside['outside zone left'] as $letter => $man) {
        expect($man['same'])->toBe($man['there'] === $man['here'], $letter);
    }
    $routes = array_filter($beside['outside zone left'], fn (array $m): bool => str_contains($m['here'], ' yd'));
    expect(array_filter($routes, fn (array $m): bool => $m['same']))->toBe([])
        ->and($beside['outside zone left']['Q']['there'])->toContain('Hands off')
        ->and($beside['outside zone left']['Q']['here'])->toContain('Fakes outside zone left, rolls right');
});

it('stands beside nothing where there is no run action and no boot', function (string $call): void {
    expect(besides($call, '4-3 over, cover 3'))->toBe([]);
})->with(['gun 2x2: smash right', 'gun trips right, boot right: boot flood right', 'gun 2x2: zone right']);

it('W-42, PAC-08: a leak lists the five eligibles and the quarterback beside its boot, the run fake equal', function (
    string $call,
    string $boot,
    string $deep,
    string $leaks,
    string $back,
): void {
    $beside = besides($call, '4-3 over, cover 1')[$boot];
    expect(array_keys($beside))->toEqualCanonicalizing(['Q', 'X', 'Z', 'H', 'Y', 'R'])
        ->and($beside['Q']['same'])->toBeTrue()
        ->and($beside['Q']['here'])->toContain('akes zone')
        ->and($beside[$deep]['there'])->toStartWith('Corner')
        ->and($beside[$deep]['here'])->toStartWith('Post')
        ->and($beside[$leaks]['here'])->toStartWith('Leak')
        ->and($beside[$back]['there'])->toContain('flat')
        ->and($beside[$back]['here'])->toBe('Protects');
    // Who goes deep clears out: he is no read.
    foreach (['X', $deep] as $letter) {
        expect($beside[$letter]['here'])->not->toContain('read');
    }
})->with([
    'to the right' => [
        'under center wing right, zone left fake, boot right: leak by Y',
        'under center wing right, zone left fake, boot right: boot flood right', 'Z', 'Y', 'R'],
    'to the left' => [
        'under center wing left, zone right fake, boot left: leak by Y',
        'under center wing left, zone right fake, boot left: boot flood left', 'Z', 'Y', 'R'],
]);

it('W-42: the back who had the flat stays in on a leak, and releases on a boot', function (): void {
    $jobs = function (string $family): string {
        $proof = schooled("under center wing right, zone left fake, boot right: $family", '4-3 over, cover 1');

        return array_column(Told::report($proof)['assignments'], 'job', 'man')['R'];
    };
    expect($jobs('leak by Y'))->toContain('A gaps')->not->toContain('flat')
        ->and($jobs('boot flood right'))->toContain('flat right');
});

it('W-42: the leak is thrown when the near backer comes for the run, not when he passes nobody off', function (): void {
    $proof = schooled('under center wing right, zone left fake, boot right: leak by Y', '4-3 over, cover 1');
    $acts = [];
    foreach ($proof->mainKey()->acts as ['act' => $act, 'outcome' => $outcome]) {
        $acts[$act->name] = "$outcome->action $outcome->letter";
    }
    expect($proof->mainKey()->role)->toBe('sam')
        ->and($acts['trigger'])->toBe('throw Y')
        ->and($acts['stay home'])->toBe('give R')
        ->and($acts['by rule'])->toBe('give R')
        ->and($proof->ruleTrue->action)->not->toBe('throw');
});
