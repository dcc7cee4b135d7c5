<?php

use Jacotaxis\Core\Concept\Document\LookDocument;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\Movement;
use Jacotaxis\Core\Defense\Jobs\MovementKind;
use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Words\LookParser;

/* A movement at the snap to a side that depends on the formation. */

it('goes to the side a word means against this formation', function (string $word, string $set, Hash $hash, Side $to): void {
    $movement = Movement::toward(MovementKind::Slant, $word)->against(lineup($set, $hash));
    expect($movement->side)->toBe($to);
})->with([
    'left' => ['left', 'gun trips right', Hash::Middle, Side::Left],
    'to the strength' => ['strong', 'gun trips right', Hash::Middle, Side::Right],
    'to the strength, turned over' => ['strong', 'gun trips left', Hash::Middle, Side::Left],
    'away from it' => ['weak', 'gun trips right', Hash::Middle, Side::Left],
    'to the field' => ['field', 'gun 2x2', Hash::Left, Side::Right],
    'into the boundary' => ['boundary', 'gun 2x2', Hash::Left, Side::Left],
]);

it('moves everybody who is meant', function (): void {
    $men = aligned('3-4, cover 3, line slants strong', 'gun trips left')->defenders;
    $moved = array_filter($men, fn (Defender $d): bool => $d->movement?->side === Side::Left);
    expect(array_values(array_map(fn (Defender $d): string => $d->role, $moved)))
        ->toBe(['left end', 'nose', 'right end', 'jack']);
});

it('is said and stored with the word it was given', function (string $words): void {
    $look = LookParser::parse($words);
    expect($look->words())->toBe($words)
        ->and(LookDocument::read(LookDocument::write($look))->words())->toBe($words);
})->with(['3-4, cover 3, nose slants strong', '3-4, cover 3, nose slants left', '3-4, cover 3, nose slants']);
