<?php

/* A formation alone, as a shelf of looks or a scout card asks for it. */

use Jacotaxis\Core\Words\Call\FormationParser;
use Jacotaxis\Core\Words\NotUnderstood;

it('reads what stands before the colon', function (string $words, string $formation, int $motions): void {
    $draft = FormationParser::parse($words);

    expect($draft->formation->words())->toBe($formation)
        ->and($draft->motions)->toHaveCount($motions);
})->with([
    'a set' => ['gun trips rt', 'gun trips right', 0],
    'with a motion' => ['gun 2x2 right, H jet left', 'gun 2x2 right', 1],
    'with a fake and a roll' => [
        'under center wing right, outside zone left fake, boot right',
        'under center wing right',
        0,
    ],
    'a roll alone' => ['gun trips left, half-boot left', 'gun trips left', 0],
    'a protection' => ['gun 2x2 right, half-slide left', 'gun 2x2 right', 0],
    'of a whole call its formation' => ['gun bunch left: mesh left', 'gun bunch left', 0],
    'a situation before it' => ['3rd & 6 | gun trips left: stick left', 'gun trips left', 0],
    'who moves with no name' => ['gun doubles, jet motion rt', 'gun 2x2 right', 1],
]);

it('refuses what is none', function (string $words): void {
    expect(fn () => FormationParser::parse($words))->toThrow(NotUnderstood::class);
})->with(['smash right', 'gun flibber', 'trips right, flibber', '']);
