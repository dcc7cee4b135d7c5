<?php

use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Defense\UnknownLook;
/* The sheet, bands, what beats a call, what would bind it. */

use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Proof\Pass\Prover;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Scene\Verdict;
use Jacotaxis\Core\Proof\Sheet\Beats;
use Jacotaxis\Core\Proof\Sheet\LookChanges;
use Jacotaxis\Core\Proof\Sheet\Looks;
use Jacotaxis\Core\Proof\Sheet\Sheet;
use Jacotaxis\Core\Proof\Sheet\Suggestions;
use Jacotaxis\Core\Proof\Sheet\Tolerance;
use Jacotaxis\Core\Proof\Throwing\Outcome;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

function usual(): Setting
{
    return new Setting(Situation::of());
}

it('draws the sheet over the usual fronts and shells, or over all',
    function (?array $fronts, ?array $shells, int $looks, int $perFront): void {
        $all = Looks::of($fronts, $shells);
        expect(count($all))
            ->toBe($looks)
            ->and(count(array_unique(array_map(fn (Look $l): string => $l->words(), $all))))
            ->toBe($looks)
            ->and(count(array_filter($all, fn (Look $l): bool => $l->front === $all[0]->front)))
            ->toBe($perFront);
    })->with([
        [null, null, 96, 12],
        [['all'], ['all'], count(Fronts::names()) * count(Shells::names()), count(Shells::names())],
        [['3-4', 'bear'], null, 24, 12],
        [['3-4'], ['cover 2', 'fire zone'], 2, 2],
        [[], [], 96, 12],
    ]);

it('refuses a front or shell it does not have', function (): void {
    expect(fn () => Looks::of(['9-9'], null))->toThrow(UnknownLook::class)
        ->and(fn () => Looks::of(null, ['cover 9']))->toThrow(UnknownLook::class);
});

it('gives a cell the same answer as the proof', function (string $call, string $look): void {
    $cell = Sheet::cell(CallParser::parse($call), LookParser::parse($look), usual());
    $proof = schooled($call, $look);
    expect($cell['verdict'])->toBe($proof->verdict()->value)
        ->and($cell['strength'])->toBe(round($proof->strength(), 2))
        ->and($cell['best']['man'] ?? null)->toBe($proof->ruleTrue->letter)
        ->and("{$cell['front']}, {$cell['shell']}")->toBe($look)->and($cell['key'])->toBe($proof->mainKey()?->role);
})->with(['gun 2x2 right: smash right', 'gun trips right: flood right', 'gun 2x2 right: four verticals'])->with([
    '4-2 nickel, cover 2',
    '3-4, cover 4',
    'bear, cover 0',
]);

function sheetCell(string $look, string $verdict, float $chance, float $worst): array
{
    return ['look' => $look, 'verdict' => $verdict,
        'worth' => ['byRule' => ['chance' => $chance, 'yards' => 5.0],
            'worst' => ['chance' => $worst, 'yards' => 1.0]]];
}

it('adds cells up, weighed by how often each look is shown', function (): void {
    $cells = [sheetCell('a', 'bound', 0.8, 0.6), sheetCell('b', 'open', 0.7, 0.3), sheetCell('c', 'guess', 0.5, 0.1),
        sheetCell('d', 'covered', 0.2, 0.2)];
    expect(Sheet::summary($cells))->toMatchArray(['looks' => 4, 'bound' => 1, 'open' => 1, 'guess' => 1, 'covered' => 1,
        'weakest' => 'c', 'strongest' => 'a'])
        ->toMatchArray(['goodShare' => 0.5, 'chance' => 0.55, 'worstChance' => 0.3])
        ->and(Sheet::summary($cells, [7.0, 1.0, 1.0, 1.0]))
        ->toMatchArray(['goodShare' => 0.8, 'chance' => 0.7, 'worstChance' => 0.48])
        ->and(Sheet::summary($cells, [0.0, 0.0, 0.0, 0.0]))
        ->toMatchArray(['goodShare' => 0.0, 'chance' => 0.0])
        ->and(Sheet::summary([]))
        ->toMatchArray(['looks' => 0, 'weakest' => null]);
});

it('finds the band of depths in which the bind survives', function (string $call, string $look): void {
    $parsed = CallParser::parse($call);
    $bands = Tolerance::bands(Proving::of($parsed, LookParser::parse($look), usual()));
    $proof = schooled($call, $look);
    expect(array_keys($bands))->toEqualCanonicalizing($proof->mainKey()->pair);
    foreach ($bands as $letter => ['fromYd' => $from, 'toYd' => $to]) {
        $depth = $parsed->routes[$letter]->depth();
        expect($from)->toBeLessThanOrEqual($depth)->and($to)->toBeGreaterThanOrEqual($depth);
        foreach ([$from, $to] as $edge) {
            $at = $parsed->with([
                'routes' => [...$parsed->routes, $letter => $parsed->routes[$letter]->with(['depthYd' => $edge])],
            ]);
            expect(Prover::prove($at, LookParser::parse($look), usual())->verdict()->value)->toBe('bound');
        }
    }
})->with([
    ['gun 2x2 right: smash right', '4-2 nickel, cover 2'],
    ['gun 2x2 right: drive right', '4-2 nickel, cover 2'],
    ['gun 2x2 right: curl-flat right', '4-2 nickel, cover 3'],
]);

it('has no band for a call that is not bound', function (): void {
    expect(
        Tolerance::bands(Proving::of(
            CallParser::parse('gun 2x2 right: four verticals'),
            LookParser::parse('4-2 nickel, cover 4'),
            usual(),
        )),
    )->toBe([]);
});

it('names the cheapest change that covers a call, and it does cover it', function (string $call, string $look): void {
    $change = Beats::of(schooled($call, $look));
    expect($change)
        ->not->toBeNull()
        ->and($change->costYd)
        ->toBeGreaterThan(0.0)
        ->and($change->why)
        ->toContain($change->defender);
    expect($change->leftS)
        ->toBeNull()
        ->and($change->against(CallParser::parse($call), usual())->ruleTrue->open())
        ->toBeFalse();
})->with([
    ['gun 2x2 right: slant-flat right', '4-2 nickel, cover 3'],
    ['gun 2x2 right: curl-flat right', '4-2 nickel, cover 1'],
    ['gun 2x2 right: drive right', '4-2 nickel, cover 4'],
    ['gun 2x2 right: smash right', '4-2 nickel, cover 4'],
    ['gun 2x2 right: four verticals', '4-2 nickel, cover 3'],
]);

it('finds the calls of the book that punish the change, good ones first, then by what they are worth',
    function (): void {
        $change = Beats::of(schooled('gun 2x2 right: smash right', '4-2 nickel, cover 2'));
        $book = ['dig' => CallParser::parse('gun 2x2 right: post-dig right'),
            'same' => CallParser::parse('gun 2x2 right: smash right'),
            'drive' => CallParser::parse('gun 2x2 right: drive right')];
        $found = $change->punishing($book, usual());
        expect(array_column($found, 'id'))->not->toContain('same')->and(count($found))->toBeGreaterThan(0);
        $order = array_map(fn (array $f): array => [Verdict::from($f['verdict'])->rank(), $f['chance']], $found);
        $sorted = $order;
        rsort($sorted);
        expect($order)->toBe($sorted);
    });

it('gives the change that leaves the least where none covers the call', function (string $call, string $look): void {
    $proof = schooled($call, $look);
    $change = Beats::of($proof);
    expect($change->leftS)->toBeGreaterThanOrEqual(0.15)->toBeLessThan($proof->ruleTrue->margin)
        ->and($change->against($proof->scene->call, usual())->ruleTrue->margin)->toBe($change->leftS);
})->with([
    ['gun 2x2 right: spot right', '4-2 nickel, cover 1'],
    ['gun 2x2 right: mesh right', '4-2 nickel, cover 3'],
    ['gun 2x2 right: curl-flat right', '4-2 nickel, cover 3'],
]);

it('tries two men who trade jobs where no single man covers the call (pairs who trade)', function (
    string $call,
    string $look,
): void {
    $change = Beats::of(schooled($call, $look));
    expect($change->with)
        ->not->toBeNull()
        ->and($change->with)
        ->not->toBe($change->defender)
        ->and($change->why)
        ->toContain($change->defender)
        ->toContain((string) $change->with);
    $single = array_map(
        fn (array $c): Outcome => Prover::byRule(CallParser::parse($call), $c['look'], usual()),
        LookChanges::of(schooled($call, $look)),
    );
    foreach ($single as $left) {
        expect($left->open())->toBeTrue()->and($left->margin)->toBeGreaterThan((float) $change->leftS);
    }
})->with([
    ['gun 2x2: mesh', '4-2 nickel, cover 3'],
    ['gun 2x2: mesh', '4-2 nickel, cover 4'],
]);

it('plays by rule what the whole proof plays by rule', function (string $call, string $look): void {
    $outcome = Prover::byRule(CallParser::parse($call), LookParser::parse($look), usual());
    expect($outcome->margin)->toBe(schooled($call, $look)->ruleTrue->margin)->and($outcome->letter)
        ->toBe(schooled($call, $look)->ruleTrue->letter);
})->with([['gun 2x2 right: smash right', '4-2 nickel, cover 2'],
    ['gun 2x2 right: four verticals', '4-2 nickel, cover 4'],
    ['under center wing right, outside zone left fake, boot right: Y slide, H over 12, X post, Z corner 10; read Y, H, X', '4-3 over, cover 3']]);

it('has nothing to say of what beats a call that is covered', function (): void {
    expect(Beats::of(schooled('gun 2x2 right: four verticals', '4-2 nickel, cover 4')))->toBeNull();
});

it('searches one change that binds a look, and each proposal does', function (string $call, string $look): void {
    $found = Suggestions::of(Proving::of(CallParser::parse($call), LookParser::parse($look), usual()));
    expect($found)->not->toBe([]);
    foreach ($found as $s) {
        expect(Prover::prove($s['call'], LookParser::parse($look), usual())->verdict()->isGood())->toBeTrue()
            ->and($s['strength'])->toBeGreaterThan(0.14)
            ->and($s['words'])->not->toBe('');
    }
})->with([
    ['gun 2x2 right: four verticals', '4-2 nickel, cover 4'],
    ['gun 2x2 right: drive right', '4-2 nickel, cover 4'],
]);

it('proposes nothing for a call that is bound', function (): void {
    expect(
        Suggestions::of(Proving::of(
            CallParser::parse('gun 2x2 right: smash right'),
            LookParser::parse('4-2 nickel, cover 2'),
            usual(),
        )),
    )->toBe([]);
});

it('proves every family against every look of the sheet without falling over', function (string $family): void {
    $call = CallParser::parse("gun trips right: $family right");
    foreach (Looks::of(['4-2 nickel', '3-4', 'bear'], ['all']) as $look) {
        $cell = Sheet::cell($call, $look, usual());
        expect($cell['verdict'])->toBeIn(['bound', 'open', 'guess', 'covered'])
            ->and($cell['strength'] ?? 0.0)->toBeGreaterThan(-9.0)->toBeLessThan(9.0)
            ->and($cell['protection'])->toBeIn(['protected', 'hot', 'free']);
    }
})->with([
    'mesh',
    'drive',
    'stick',
    'flood',
    'four verticals',
    'slant-flat',
    'yankee',
    'spot',
    'scissors',
    'levels',
    'go-dig',
    'inverted post-dig',
]);
