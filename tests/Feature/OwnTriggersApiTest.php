<?php

/*
 * Triggers of the staff's own over the wire: the lists they are put together from, kept and changed, counted in a game
 * with its clips and answered like those that ship; who may write them.
 */

use App\Models\Snap;
use App\Models\StaffTrigger;
use Illuminate\Testing\TestResponse;

beforeEach(function (): void {
    StaffTrigger::query()->delete();
    $this->actingAs(coach());
});

/** @return array<string, mixed> */
function triggerSent(array $changed = []): array
{
    return $changed + ['name' => 'Their corner falls off', 'on' => [], 'any' => false, 'then' => ['smash'],
        'why' => 'the flat is open', 'formation' => null, 'within' => null,
        'needs' => [['kind' => 'corner', 'acts' => ['falls off'], 'box' => null, 'times' => 2]]];
}

function newTrigger(array $changed = []): TestResponse
{
    return test()->postJson('/api/v1/triggers', triggerSent($changed));
}

it('offers the lists a trigger is put together from', function (): void {
    $lists = $this->getJson('/api/v1/triggers')->assertOk()->json();

    expect($lists['triggers'])->toBe([])
        ->and($lists['acts'])->toContain('falls off', 'fires out at the motion')
        ->and($lists['kinds'])->toBe(['', 'safety', 'corner', 'backer', 'end'])
        ->and($lists['families'])->toContain('smash', 'power')
        ->and($lists['ships'])->toContain('Nine within ten yards')
        ->and($lists['formations'])->not->toBe([]);
});

it('counts one of the staff\'s own in a game, with its clips, and takes its answer', function (): void {
    $own = newTrigger()->assertCreated()->json();
    $reel = gameOf('gun 2x2: zone right', ['r4 rc-fall', 'r3', 'r6 lc-fall']);
    $snaps = Snap::query()->where('reel_id', $reel->id)->orderBy('place')->pluck('id')->all();
    $prompts = fn (): array => array_column(
        $this->getJson("/api/v1/reels/{$reel->id}/triggers")->assertOk()->json('prompts'),
        null,
        'trigger',
    );
    $prompt = $prompts()[$own['id']];

    expect($own['needs'])->toBe(['corner falls off'])
        ->and($prompt['state'])->toBe('due')
        ->and($prompt['name'])->toBe('Their corner falls off')
        ->and($prompt['needs'][0]['ids'])->toBe([$snaps[0], $snaps[2]]);
    $this->putJson("/api/v1/reels/{$reel->id}/triggers", [
        'trigger' => $own['id'], 'picture' => $prompt['picture'], 'answer' => 'taken',
    ])->assertOk();
    expect($prompts()[$own['id']]['answer'])->toBe('taken');
    $this->deleteJson("/api/v1/triggers/{$own['id']}")->assertNoContent();
    expect($prompts())->not->toHaveKey($own['id']);
});

it('changes one on its version, and refuses a stale change', function (): void {
    $own = newTrigger()->json();
    $put = fn (array $changed): TestResponse => $this->putJson(
        "/api/v1/triggers/{$own['id']}",
        triggerSent($changed),
        ['If-Match' => '"1"'],
    );

    expect($put(['within' => 6])->assertOk()->json('document.within'))->toBe(6);
    $put(['within' => 8])->assertStatus(412);
});

it('refuses what is no trigger, and says how to cure it', function (array $changed, string $says): void {
    $said = newTrigger($changed)->assertUnprocessable()->json();

    expect(json_encode($said))->toContain($says);
})->with([
    'nothing to see' => [['needs' => []], 'Say what has to be seen'],
    'nothing to call' => [['then' => []], 'Say what to call then'],
    'never' => [['within' => 1], 'It can never come'],
    'no name' => [['name' => ''], 'name'],
    'no such act' => [
        ['needs' => [['kind' => 'corner', 'acts' => ['yells'], 'box' => null, 'times' => 1]]],
        'needs',
    ],
]);

it('is the staff\'s', function (): void {
    $this->actingAs(coach('q@cedarfork.example'));
    $this->getJson('/api/v1/triggers')->assertForbidden();
    newTrigger()->assertForbidden();
});
