<?php

/*
 * Drill cards over the wire: those that ship, the staff's own, in both directions; who may see and change them.
 */

use App\Documents\NotValid;
use App\Documents\Schemas;
use App\Models\DrillCard;
use App\Practice\ShippedDrills;
use Jacotaxis\Core\Drill\DrillDocument;

beforeEach(function (): void {
    DrillCard::query()->delete();
});

/** @return array<string, mixed> a card of the staff's own, as it is sent */
function ownDrill(array $changed = []): array
{
    $card = DrillDocument::write(ShippedDrills::all()['cone release']);

    return ['document' => $changed + ['name' => 'gate release'] + $card];
}

/** @return array<string, mixed> the card of a name, as the list has it */
function listedDrill(string $name): array
{
    $drills = test()->getJson('/api/v1/drills')->assertOk()->json('drills');

    return array_values(array_filter($drills, fn (array $d): bool => $d['document']['name'] === $name))[0];
}

it('lists every card with its other direction, what it cures and how far each man runs', function (): void {
    $this->actingAs(coach());
    $drills = $this->getJson('/api/v1/drills')->assertOk()->json('drills');
    $card = listedDrill('three-count break');

    expect($drills)->toHaveCount(count(ShippedDrills::all()))
        ->and($card['id'])->toBeNull()
        ->and($card['ships'])->toBeTrue()
        ->and(array_column($card['cures'], 'label'))->toContain('wrong drop foot, gather')
        ->and($card['mirrored']['paths'][0]['points'][2]['foot'])->toBe('left')
        ->and($card['document']['paths'][0]['points'][2]['foot'])->toBe('right')
        ->and(array_column($card['runsYd'], 'man'))->toBe(['X'])
        ->and($card['runsYd'][0]['yards'])->toBeGreaterThan(10.0);
});

it('keeps a card of the staff\'s own, and changes and removes it', function (): void {
    $this->actingAs(coach());
    $made = $this->postJson('/api/v1/drills', ownDrill())->assertCreated()->json();
    $changed = $this->withHeaders(['If-Match' => '"1"'])
        ->putJson("/api/v1/drills/{$made['id']}", ownDrill(['minutes' => 12]))
        ->assertOk()
        ->json();

    expect($made['ships'])->toBeFalse()
        ->and($changed['document']['minutes'])->toBe(12)
        ->and(listedDrill('gate release')['version'])->toBe(2);
    $this->deleteJson("/api/v1/drills/{$made['id']}")->assertNoContent();
    expect(DrillCard::query()->count())->toBe(0);
});

it('puts a card of the staff\'s own in the place of one that ships', function (): void {
    $this->actingAs(coach());
    $this->postJson('/api/v1/drills', ownDrill(['name' => 'cone release', 'minutes' => 15]))->assertCreated();
    $card = listedDrill('cone release');

    expect($card['document']['minutes'])->toBe(15)
        ->and($card['ships'])->toBeTrue()
        ->and($card['id'])->not->toBeNull();
});

it('refuses a change on an old version', function (): void {
    $this->actingAs(coach());
    $id = $this->postJson('/api/v1/drills', ownDrill())->json('id');
    $put = fn () => $this->withHeaders(['If-Match' => '"1"'])
        ->putJson("/api/v1/drills/$id", ownDrill(['minutes' => 7]));
    $put()->assertOk();
    $put()->assertStatus(412)->assertJsonPath('currentVersion', 2);
});

it('refuses what is no card, and says where', function (array $changed, string $says): void {
    $this->actingAs(coach());
    $said = $this->postJson('/api/v1/drills', ownDrill($changed))->assertUnprocessable()->json();

    expect(json_encode($said, JSON_UNESCAPED_SLASHES))->toContain($says);
})->with([
    'no path' => [['paths' => []], '/paths'],
    'a yard too far' => [['coach' => ['xYd' => 100, 'yYd' => 0]], '/coach/xYd'],
    'a group that is none' => [['group' => 'punters'], 'There is no group'],
]);

it('refuses a second card of one name', function (): void {
    $this->actingAs(coach());
    $this->postJson('/api/v1/drills', ownDrill())->assertCreated();
    $this->postJson('/api/v1/drills', ownDrill())->assertUnprocessable();
    $other = $this->postJson('/api/v1/drills', ownDrill(['name' => 'other']))->json();
    $this->withHeaders(['If-Match' => '"1"'])
        ->putJson("/api/v1/drills/{$other['id']}", ownDrill())
        ->assertUnprocessable();
});

it('has no card that its schema does not take', function (): void {
    foreach (ShippedDrills::all() as $drill) {
        app(Schemas::class)->decode('drill', json_encode(DrillDocument::write($drill), JSON_THROW_ON_ERROR));
    }
    expect(fn () => app(Schemas::class)->decode('drill', '{"kind": "jacotaxis.drill"}'))->toThrow(NotValid::class);
});

it('is the staff\'s: players neither see nor change it', function (): void {
    $this->actingAs(coach('q@cedarfork.example'));
    $this->getJson('/api/v1/drills')->assertForbidden();
    $this->postJson('/api/v1/drills', ownDrill())->assertForbidden();
});
