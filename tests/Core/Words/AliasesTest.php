<?php

use Jacotaxis\Core\Words\Aliases;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\StaffBook;

/* A staff's own words in a call and in a look: numbers, sides, defenders, several words, and back again. */

const OWN = ['66' => 'four verticals', '24 power' => 'power right', 'lion' => 'left', 'spur' => 'nickel',
    'ledge' => 'scissors', 'buzz' => 'safety rotates strong', 'sally' => 'F jet left, quarterback power right',
    'ot' => 'shallow'];

it('reads a call in the staff\'s words', function (string $typed, string $means): void {
    $call = CallParser::parse($typed, book: new StaffBook(aliases: OWN));
    expect(Describer::words($call))->toBe(Describer::words(CallParser::parse($means)));
})->with([
    'a number' => ['gun trips right: 66', 'gun trips right: four verticals'],
    'a number and a word' => ['I right: 24 power', 'I right: power right'],
    'a side' => ['gun trips lion: smash', 'gun trips left: smash'],
    'a family' => ['gun 2x2: ledge right', 'gun 2x2: scissors right'],
    'several words' => ['gun trips right, sally', 'gun trips right, F jet left, quarterback power right'],
]);

it('takes a number for a depth where one stands', function (string $typed): void {
    $book = new StaffBook(aliases: ['12' => 'smash', '8' => 'mesh', '7' => 'flood']);
    expect(Describer::words(CallParser::parse($typed, book: $book)))
        ->toBe(Describer::words(CallParser::parse($typed)));
})->with([
    'the depth of a route' => ['gun 2x2: Z dig 12; X post; read Z, X'],
    'of a route of two words' => ['gun 2x2: Z quick out 7; X slant'],
    'the distance' => ['3rd & 8 | gun 2x2: smash right'],
    'the spot of the ball' => ['1st & 10, ball on 12 | gun 2x2: smash right'],
    'men in the box' => ['gun 2x2: zone right; kill to hitches if box of 7'],
]);

it('reads a look in the staff\'s words and says it in them', function (string $typed, string $means): void {
    $book = new StaffBook(aliases: OWN);
    $look = LookParser::parse($typed, $book);
    expect($look->words())->toBe(LookParser::parse($means)->words())
        ->and(LookParser::parse($book->lookOut($look->words()), $book)->words())->toBe($look->words());
})->with([
    'a defender' => ['4-2 nickel, cover 3, spur blitz', '4-2 nickel, cover 3, nickel blitz'],
    'several words' => ['4-2-5 cover 3, buzz', '4-2-5 cover 3, safety rotates strong'],
    'none of them' => ['3-4, cover 2', '3-4, cover 2'],
]);

it('leaves the letters of defenders alone where receivers have letters of the staff\'s own', function (): void {
    $book = new StaffBook(letters: ['X' => 'X', 'Z' => 'Z', 'H' => 'M', 'Y' => 'Y', 'R' => 'R', 'F' => 'F']);
    expect(LookParser::parse('4-2 nickel, cover 3, M blitz', $book)->words())->toBe('4-2 nickel, cover 3, mike blitz');
});

it('says words of the language in the staff\'s, a longer name as a whole', function (string $line, string $said): void {
    expect((new Aliases(OWN))->out($line))->toBe($said);
})->with([
    'a family by its number' => ['gun trips right: four verticals right', 'gun trips right: 66 right'],
    'a side' => ['gun 2x2 left: smash left', 'gun 2x2 lion: smash lion'],
    'a defender of a look' => ['3-3 stack, cover 3, nickel blitz', '3-3 stack, cover 3, spur blitz'],
    'a route within a family\'s name' => [
        'gun 2x2: shallow cross right; X shallow',
        'gun 2x2: shallow cross right; X ot',
    ],
    'a word that is part of a front\'s name' => ['4-2 nickel, cover 3', '4-2 nickel, cover 3'],
    'a side in a defender\'s name' => ['3-4, cover 3, left end upfield', '3-4, cover 3, left end upfield'],
]);

it('refuses a word that has no meaning yet', function (): void {
    $aliases = new Aliases(['71' => '']);
    expect(fn () => $aliases->in('gun 2x2: 71 right'))->toThrow(NotUnderstood::class, 'without a meaning');
});
