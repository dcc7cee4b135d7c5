<?php

/* Names are one in the language whatever their capitals, and one unreadable entry never stops the rest. */

use App\Models\Formation;

/** The body that saves the set of a formation under a name. */
function setNamed(string $name): array
{
    return ['name' => $name, 'document' => setDocument('gun trips right')];
}

it('refuses a set whose name is another\'s but for its capitals or spaces', function (string $name): void {
    $this->actingAs(coach())->postJson('/api/v1/formations', setNamed('porch'))->assertCreated();
    $answer = $this->postJson('/api/v1/formations', setNamed($name))->assertUnprocessable();
    expect($answer->json('detail'))->toContain('porch');
    $this->postJson('/api/v1/words', ['words' => 'porch: smash right'])->assertOk();
})->with(['porch', 'Porch', 'PORCH', ' porch ']);

it('lets the owner of a name change its capitals', function (): void {
    $made = $this->actingAs(coach())->postJson('/api/v1/formations', setNamed('porch'))->assertCreated()->json();
    $this->putJson("/api/v1/formations/{$made['id']}", setNamed('Porch'), ['If-Match' => '"1"'])->assertOk();
});

it('goes on working when two names of one spelling stand in the table all the same', function (): void {
    $this->actingAs(coach())->postJson('/api/v1/formations', setNamed('porch'))->assertCreated();
    $twice = Formation::query()->where('name', 'porch')->firstOrFail()->replicate()->fill(['name' => 'Porch']);
    $twice->version = 1;
    $twice->save();
    $this->getJson('/api/v1/vocabulary')->assertOk();
    $this->postJson('/api/v1/words', ['words' => 'gun 2x2 right: smash right'])->assertOk();
    $this->postJson('/api/v1/words', ['words' => 'porch: smash right'])->assertOk();
    $this->getJson('/api/v1/formations')->assertOk();
    $this->getJson('/api/v1/staff-book')->assertOk();
});

it('knows a saved set with and without the quarterback\'s place, and names the place it was saved with', function (
    string $words,
    ?string $refusal,
): void {
    $this->actingAs(coach())->postJson('/api/v1/formations', setNamed('porch'))->assertCreated();
    $answer = $this->postJson('/api/v1/words', ['words' => $words]);
    $refusal === null
        ? $answer->assertOk()->assertJsonPath('document.set', 'trips')
        : $answer->assertUnprocessable()->assertJsonPath('detail', $refusal);
})->with([
    'alone' => ['porch: smash right', null],
    'with its place' => ['gun porch: smash right', null],
    'with its place and a side' => ['gun porch left: smash left', null],
    'with another place' => [
        'pistol porch: smash right',
        'Your set porch was saved with the quarterback gun, not pistol. '.
            'Say "porch" alone, or save it again with him pistol.',
    ],
]);

it('tells the staff which set was left out, in its words', function (): void {
    $this->actingAs(coach())->postJson('/api/v1/formations', setNamed('porch'))->assertCreated();
    expect($this->getJson('/api/v1/staff-book')->json('leftOut'))->toBe([]);
    $twice = Formation::query()->where('name', 'porch')->firstOrFail()->replicate()->fill(['name' => 'Porch']);
    $twice->version = 1;
    $twice->save();
    $left = $this->getJson('/api/v1/staff-book')->json('leftOut');
    expect($left)->toHaveCount(1)->and($left[0])->toContain('have one name in the call line. Keep one.');
});
