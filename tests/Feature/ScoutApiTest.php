<?php

use App\Models\Look;
use App\Models\Reel;

beforeEach(fn () => $this->actingAs(coach()));

/** @param  list<array{string, string}>  $lines  looks in words, each with the quick entry of its snap */
function theirGame(string $opponent, string $title, array $lines): Reel
{
    $reel = test()->postJson('/api/v1/reels', ['title' => $title, 'kind' => 'game', 'opponent' => $opponent,
        'week' => 1, 'played_on' => '2026-09-04', 'ours' => false])->assertCreated()->json();
    foreach ($lines as [$look, $line]) {
        $read = test()->postJson("/api/v1/reels/{$reel['id']}/entries", ['line' => $line])->assertOk()
            ->json('document');
        test()->postJson("/api/v1/reels/{$reel['id']}/snaps", ['document' => ['look' => $look] + $read])
            ->assertCreated();
    }

    return Reel::query()->findOrFail($reel['id']);
}

it('charts another offense in a line, and tells what their defense showed', function (): void {
    theirGame('Slate Hill', 'Slate Hill against Harrow Lake', [
        ['4-3 over, cover 3', '1&10 (gun trips right) fs@12 r4'],
        ['4-3 over, cover 2', '3&9 (gun 2x2, H jet left) fs@9>12 i'],
    ]);
    $snap = Reel::query()->where('opponent', 'Slate Hill')->firstOrFail()->snaps()->get()->last();
    expect($snap->formation)->toBe('gun 2x2')->and($snap->motion)->toBe('H jet left')
        ->and(json_decode((string) $snap->getAttribute('stood'), true)[0])
        ->toBe(['defender' => 'free safety', 'linedUpYd' => 9, 'atSnapYd' => 12, 'leverage' => null]);

    $page = $this->getJson('/api/v1/scout/Slate Hill')->assertOk();
    expect($page->json('snaps'))->toBe(2)
        ->and($page->json('games.0'))->toMatchArray(['title' => 'Slate Hill against Harrow Lake', 'ours' => false])
        ->and($page->json('shelf.*.words'))->toBe(['4-3 over, cover 2', '4-3 over, cover 3'])
        ->and($page->json('shelf.0.differs'))->toBe('on film, not on the shelf');
    $shares = $this->getJson('/api/v1/scout/Slate Hill/shares?by=formation&showing=shell')->assertOk();
    expect($shares->json('rows.*.name'))->toEqualCanonicalizing(['gun trips right', 'gun 2x2']);
});

it('finds the habits and tells that are hidden in the demo, and no tell where none is', function (): void {
    $granite = $this->getJson('/api/v1/scout/Granite Pass')->assertOk();
    $habits = collect($granite->json('habits'));
    expect($habits->contains(fn (array $h): bool => $h['name'] === '3rd and long' && $h['what'] === 'cover 4'))
        ->toBeTrue()
        ->and($habits->contains(fn (array $h): bool => $h['name'] === 'gun trips' && $h['what'] === 'cover 3'))
        ->toBeTrue()
        // The hash decides nothing with them.
        ->and($habits->contains(fn (array $h): bool => $h['by'] === 'hash'))->toBeFalse();
    $tells = collect($granite->json('tells'))->where('told', true)->pluck('words')->implode(' ');
    expect($tells)->toContain('corner deeper than')->toContain('It shows as soon as they have lined up.')
        ->toContain('Strong safety')->toContain('It shows at the snap.')
        ->not->toContain('Free safety');

    $larkspur = $this->getJson('/api/v1/scout/Larkspur Valley')->assertOk();
    expect(collect($larkspur->json('habits'))->contains(
        fn (array $h): bool => $h['name'] === 'right' && $h['what'] === 'edge pressure field',
    ))->toBeTrue()
        ->and(collect($larkspur->json('tells'))->where('told', true)->all())->toBe([])
        ->and(collect($larkspur->json('tells'))->where('enough', true)->count())->toBeGreaterThan(0);
});

it('lists opponents with film, and never a practice', function (): void {
    theirGame('Slate Hill', 'One', []);
    Reel::query()->create(['title' => 'Tuesday', 'kind' => 'practice', 'opponent' => 'Nobody', 'week' => 1]);
    $index = $this->getJson('/api/v1/scout')->assertOk();

    expect(collect($index->json('opponents'))->keyBy('name')->only(['Slate Hill', 'Granite Pass', 'Nobody'])->all())
        ->toEqual([
            'Slate Hill' => ['name' => 'Slate Hill', 'games' => 1, 'snaps' => 0],
            'Granite Pass' => ['name' => 'Granite Pass', 'games' => 4, 'snaps' => 200],
        ])
        ->and($index->json('by.hash'))->toBe('Hash')
        ->and($index->json('showings.shell'))->toBe('Coverage');
    $this->getJson('/api/v1/scout/Nobody')->assertOk()->assertJsonPath('snaps', 0)->assertJsonPath('habits', []);
});

it('refuses what cannot be asked, and says what can', function (string $query, string $says): void {
    expect($this->getJson("/api/v1/scout/Slate Hill/shares?$query")->assertUnprocessable()->getContent())
        ->toContain($says);
})->with([
    ['by=weather', 'situation, zone, hash'],
    ['by[]=hash', 'situation, zone, hash'],
    ['showing=mood', 'shell, front, wrinkle, box'],
]);

it('counts the shelf by the film, adds what is missing, and takes it back', function (): void {
    theirGame('Slate Hill', 'One', [
        ['4-3 over, cover 3', 'r4'], ['4-3 over, cover 3', 'r2'], ['4-3 over, cover 2', 'i'],
    ]);
    Look::query()->create(['name' => 'x', 'words' => '4-3 over, cover 3', 'opponent' => 'Slate Hill', 'shown' => 9,
        'document' => ['kind' => 'jacotaxis.look', 'version' => 1], 'version' => 1]);
    $counted = $this->putJson('/api/v1/scout/Slate Hill/shelf', ['looks' => [
        ['words' => '4-3 over, cover 3', 'shown' => 2], ['words' => '4-3 over, cover 2', 'shown' => 1],
    ]])->assertOk();

    expect($counted->json('shelf.*.shown'))->toBe([2, 1])
        ->and($counted->json('shelf.*.differs'))->toBe([null, null])
        ->and(Look::query()->where('opponent', 'Slate Hill')->count())->toBe(2)
        ->and(Look::query()->where('words', '4-3 over, cover 3')->value('version'))->toBe(2);
    $this->putJson('/api/v1/scout/Slate Hill/shelf', ['looks' => [['words' => '4-3 over, cover 3', 'shown' => 9]]])
        ->assertJsonPath('shelf.0.shown', 9);
    $this->putJson('/api/v1/scout/Slate Hill/shelf', ['looks' => [['words' => 'all of them', 'shown' => 9]]])
        ->assertUnprocessable();
    $this->putJson('/api/v1/scout/Slate Hill/shelf', ['looks' => [['words' => 'bear, cover 0', 'shown' => -1]]])
        ->assertUnprocessable();
});

it('keeps players out', function (): void {
    $this->actingAs(coach('h@cedarfork.example'));
    $this->getJson('/api/v1/scout')->assertForbidden();
    $this->getJson('/api/v1/scout/Slate Hill')->assertForbidden();
    $this->getJson('/api/v1/scout/Slate Hill/shares')->assertForbidden();
    $this->putJson('/api/v1/scout/Slate Hill/shelf', ['looks' => [['words' => 'bear, cover 0', 'shown' => 1]]])
        ->assertForbidden();
});
