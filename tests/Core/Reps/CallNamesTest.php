<?php

/*
 * "Which call is this?": which names are offered, that only its own is right, and when nobody could be asked.
 */

use Jacotaxis\Core\Reps\CallNames;
use Jacotaxis\Core\Reps\Choice;
use Jacotaxis\Core\Reps\Kind;

const REP_BOOK = [
    'Ridge' => 'gun 2x2 right: smash right',
    'Creek' => 'gun 2x2 right: curl-flat right',
    'Stone' => 'gun 2x2 right: drive right',
    'Oak' => 'gun 2x2 right: mesh right',
    'Elm' => 'gun 2x2 right: stick right',
    'Trips smash' => 'gun trips right: smash right',
    'Again' => 'gun 2x2 right: smash right',
];

/** @return list<string> the names that are offered for a call */
function namesOffered(string $name, array $book = REP_BOOK): array
{
    $asked = CallNames::of($name, $book[$name], $book);

    return array_map(fn (Choice $c): string => $c->value, $asked->choices ?? []);
}

it('offers four, the right one among them, and only that is right', function (string $name): void {
    $asked = CallNames::of($name, REP_BOOK[$name], REP_BOOK);

    expect($asked?->kind)->toBe(Kind::Call)
        ->and(namesOffered($name))->toHaveCount(4)->toContain($name)
        ->and($asked?->right)->toBe([$name])
        ->and($asked?->why)->toBe('It is '.REP_BOOK[$name].'.')
        ->and(array_filter($asked->choices ?? [], fn (Choice $c): bool => $asked?->isRight($c->value) ?? false))
        ->toHaveCount(1);
})->with(array_keys(REP_BOOK));

it('offers calls from the same formation first', function (): void {
    expect(namesOffered('Ridge'))->not->toContain('Trips smash')
        ->and(namesOffered('Trips smash', array_slice(REP_BOOK, 0, 1) + ['Trips smash' => REP_BOOK['Trips smash']]))
        ->toBe(['Ridge', 'Trips smash']);
});

it('never offers another name of the same call', function (): void {
    expect(namesOffered('Ridge'))->not->toContain('Again')
        ->and(namesOffered('Again'))->not->toContain('Ridge');
});

it('asks the same every time', function (): void {
    expect(namesOffered('Ridge'))->toBe(namesOffered('Ridge', array_reverse(REP_BOOK, true)));
});

it('asks nothing where no other call could be meant', function (array $book): void {
    expect(CallNames::of('Ridge', REP_BOOK['Ridge'], $book))->toBeNull();
})->with([
    'the only call' => [['Ridge' => REP_BOOK['Ridge']]],
    'the same under another name' => [['Ridge' => REP_BOOK['Ridge'], 'Again' => REP_BOOK['Again']]],
    'no book' => [[]],
]);
