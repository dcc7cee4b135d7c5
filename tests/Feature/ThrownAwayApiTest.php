<?php

/*
 * Calls, looks, practices and triggers that are thrown away: gone from every list, taken back with all they were,
 * deleted for good by the coordinator alone.
 */

use App\Models\Call;
use App\Models\Look;
use App\Models\Practice;
use App\Models\StaffTrigger;
use Illuminate\Database\Eloquent\Model;

beforeEach(function (): void {
    $this->actingAs(coach());
});

/** One of a kind, and where it is thrown away. */
function thrownThing(string $kind): Model
{
    return match ($kind) {
        'call' => Call::query()->firstOrFail(),
        'look' => Look::query()->firstOrFail(),
        'practice' => Practice::query()->firstOrFail(),
        'trigger' => StaffTrigger::query()->create(['document' => [
            'name' => 'Their end is wide', 'on' => [], 'any' => false, 'then' => ['draw'], 'why' => '',
            'formation' => null, 'within' => null,
            'needs' => [['kind' => 'end', 'acts' => ['contains'], 'box' => null, 'times' => 1]],
        ]]),
    };
}

/** @return list<array<string, string>> */
function thrownThings(): array
{
    return test()->getJson('/api/v1/thrown-away')->assertOk()->json('things');
}

$kinds = [
    'a call' => ['call', 'calls'],
    'a look' => ['look', 'looks'],
    'a practice' => ['practice', 'practices'],
    'a trigger' => ['trigger', 'triggers'],
];

it('takes back what was thrown away, as it was', function (string $kind, string $place): void {
    $thing = thrownThing($kind);
    $was = $thing->fresh()->toArray();
    $listed = fn (): array => array_column($this->getJson("/api/v1/$place")->assertOk()->json($place), 'id');
    $this->deleteJson("/api/v1/$place/$thing->id")->assertNoContent();
    $gone = thrownThings();

    expect($listed())->not->toContain($thing->id)
        ->and($gone)->toHaveCount(1)
        ->and($gone[0])->toMatchArray(['kind' => $kind, 'id' => $thing->id])
        ->and($gone[0]['name'])->not->toBe('');
    $this->postJson("/api/v1/thrown-away/$kind/$thing->id")->assertNoContent();
    expect($listed())->toContain($thing->id)
        ->and(thrownThings())->toBe([])
        ->and($thing->newQuery()->findOrFail($thing->id)->document ?? null)->toBe($was['document'] ?? null);
    $this->postJson("/api/v1/thrown-away/$kind/$thing->id")->assertNotFound();
})->with($kinds);

it('deletes for good', function (string $kind, string $place): void {
    $thing = thrownThing($kind);
    $this->deleteJson("/api/v1/thrown-away/$kind/$thing->id")->assertNotFound();
    $this->deleteJson("/api/v1/$place/$thing->id")->assertNoContent();
    $this->deleteJson("/api/v1/thrown-away/$kind/$thing->id")->assertNoContent();
    expect($thing::withTrashed()->find($thing->id))->toBeNull()
        ->and(thrownThings())->toBe([]);
})->with($kinds);

it('is the coordinator\'s', function (): void {
    $call = thrownThing('call');
    $this->deleteJson("/api/v1/calls/$call->id")->assertNoContent();
    foreach (['h@cedarfork.example', 'q@cedarfork.example'] as $player) {
        $this->actingAs(coach($player));
        $this->getJson('/api/v1/thrown-away')->assertForbidden();
        $this->postJson("/api/v1/thrown-away/call/$call->id")->assertForbidden();
        $this->deleteJson("/api/v1/thrown-away/call/$call->id")->assertForbidden();
    }
    expect(Call::onlyTrashed()->count())->toBe(1);
});

it('knows no other kind', function (): void {
    $this->postJson('/api/v1/thrown-away/user/1')->assertNotFound();
});

it('sends every call of a book in pages', function (): void {
    $document = Call::query()->firstOrFail()->document;
    for ($n = 0; $n < 60; $n++) {
        Call::query()->create(['name' => "Call $n", 'words' => 'gun 2x2 right: smash right', 'document' => $document]);
    }
    $all = [];
    $from = '';
    do {
        $page = $this->getJson("/api/v1/calls$from")->assertOk()->json();
        array_push($all, ...array_column($page['calls'], 'id'));
        $from = '?cursor='.rawurlencode((string) $page['next']);
    } while ($page['next'] !== null);

    expect($all)->toHaveCount(Call::query()->count())
        ->and(array_unique($all))->toHaveCount(count($all));
});
