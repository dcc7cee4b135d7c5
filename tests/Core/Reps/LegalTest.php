<?php

/*
 * "Is it legal as they stand?": what is shown, that the answer is the rule book's, and when nobody is asked.
 */

use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Legal\Legality;
use Jacotaxis\Core\Reps\Choice;
use Jacotaxis\Core\Reps\Kind;
use Jacotaxis\Core\Reps\Legal;
use Jacotaxis\Core\Words\CallParser;

/** @return list<string> codes of what is against the rules */
function faultsOf(Legal $shown): array
{
    $snap = $shown->call->snap(Situation::of()->frame());
    $found = Legality::check($snap, Situation::of()->rules, array_keys($shown->call->routes));
    $faults = array_filter($found, fn (Finding $f): bool => $f->severity === Finding::FAULT);

    return array_values(array_map(fn (Finding $f): string => $f->code, $faults));
}

/** A seed by which the call is shown as it is, or with a step. */
function seedFor(bool $legal): string
{
    for ($n = 0; ; $n++) {
        if ((crc32("seed $n") % 2 === 0) === $legal) {
            return "seed $n";
        }
    }
}

it('shows what the rule book says of it, legal or not', function (string $words, string $letter, bool $legal): void {
    $asked = Legal::of(CallParser::parse($words), Situation::of(), $letter, seedFor($legal));
    $faults = $asked === null ? [] : faultsOf($asked);
    expect($asked?->question->kind)->toBe(Kind::Legal)
        ->and($asked?->question->right)->toBe([$faults[0] ?? 'legal'])
        ->and($faults === [])->toBe($legal)
        ->and(array_map(fn (Choice $c): string => $c->value, $asked?->question->choices ?? []))
        ->toBe(['legal', 'backfield', 'covered'])
        ->and($asked?->question->rightWords())->toStartWith($legal ? 'Legal' : 'Not legal');
})->with([
    'gun 2x2 right: smash right',
    'gun trips right: flood right',
    'gun trey right: stick right',
    'under center I right: power right',
    'under center ace left: outside zone left',
    'gun 2x2 right, H jet left: zone right',
])->with(['H', 'Z', 'X', 'LG'])->with([true, false]);

it('moves the man who is asked where his own step is the fault, and says how to cure it', function (): void {
    $asked = Legal::of(CallParser::parse('gun 2x2 right: smash right'), Situation::of(), 'Z', seedFor(false));
    $usual = CallParser::parse('gun 2x2 right: smash right')->formation->men(Situation::of()->frame());
    $shown = $asked?->call->formation->men(Situation::of()->frame());
    $stepped = array_filter(
        array_keys($usual),
        fn (string $letter): bool => $shown === null || abs($shown[$letter]->yYd - $usual[$letter]->yYd) > 0.4,
    );
    expect($asked?->question->about)->toBe('Z')
        ->and(array_values($stepped))->toBe(['Z'])
        ->and($asked?->question->why)->toMatch('/Move \w+ .*\(.+\)$/');
});

it('asks the same as long as the seed is the same', function (): void {
    $of = fn (string $seed): ?string => Legal::of(
        CallParser::parse('gun trips right: flood right'),
        Situation::of(),
        'LG',
        $seed,
    )?->question->about;
    expect($of('a'))->toBe($of('a'))
        ->and(count(array_unique(array_map($of, array_map(strval(...), range(1, 40))))))->toBeGreaterThan(2);
});

it('asks nothing of a call that is illegal itself', function (): void {
    $call = CallParser::parse('gun 2x2 right: smash right');
    $spots = ['Z' => [20.0, -0.5], 'H' => [7.0, -0.5]];
    $illegal = $call->with(['formation' => $call->formation->withSpots($spots)]);
    expect(Legal::of($call, Situation::of(), 'Z', 'a'))->not->toBeNull()
        ->and(Legal::of($illegal, Situation::of(), 'Z', 'a'))->toBeNull();
});
