<?php

use App\Models\Formation;
use App\Models\Look;
use App\Models\Player;
use App\Models\StaffWords;
use Jacotaxis\Core\Concept\Document\LookDocument;
use Jacotaxis\Core\Words\LookParser;

beforeEach(function (): void {
    $this->actingAs(coach());
});

it('gives every word the lines take', function (): void {
    $words = $this->getJson('/api/v1/vocabulary')->assertOk()->json();
    expect($words['sets'])->toContain('double-slot', 'H-back')
        ->and($words['savedSets'])->toBe(['ridge'])
        ->and(array_column($words['motions'], 'name'))->toContain('jet', 'trade')
        ->and($words['roles'])->toContain('sam', 'corners')
        ->and($words['fronts'])->toBe(Jacotaxis\Core\Defense\Fronts::names())
        ->and($words['shells'])->toBe(Jacotaxis\Core\Defense\Shells::names())
        ->and($words['said']['call'])->toContain('dagger', 'doubles')
        ->and($words['said']['shells'])->toContain('palms')
        ->and($words['cadence'])->toBe(['down', 'ready', 'set', 'go']);
});

it('reads a look in words and refuses what it does not know', function (): void {
    $this->postJson('/api/v1/look-words', ['words' => '3-4, cover 1, safety rotates weak, walked W'])
        ->assertOk()
        ->assertJsonPath('document.rotates', 'weak')
        ->assertJsonPath('words', '3-4, cover 1, safety rotates weak, walked will');
    $this->postJson('/api/v1/look-words', ['words' => '3-4, cover 1, corners prss'])
        ->assertStatus(422)
        ->assertJsonPath('suggestions.0', 'press');
});

it('proves against a look document with men changed by hand, as its schema says', function (): void {
    $look = LookDocument::write(LookParser::parse('4-2 nickel, cover 3, nickel plays man on H, mike blitz'));
    $call = document('gun 2x2 right, H jet left on the first sound of ready: smash right');
    $report = $this->postJson('/api/v1/proofs', ['document' => $call, 'look' => $look])->assertOk()->json();
    app(App\Documents\Schemas::class)->check('proof', $report['report']);
    expect($report['stage']['look'])->toContain('mike blitz')
        ->and($report['report']['picture']['motions'][0]['sounds'])->toHaveCount(6)
        ->and($report['stage']['landmarks']['widths'])->not->toBe([]);
});

it('refuses a look that cannot be, at its pointer', function (array $change, string $says): void {
    $this->postJson('/api/v1/proofs', [
        'document' => document('gun 2x2: smash right'),
        'look' => $change + LookDocument::write(LookParser::parse('4-2 nickel, cover 3')),
    ])
        ->assertStatus(422)
        ->assertJson(fn ($json) => $json->where('detail', fn (string $d): bool => str_contains($d, $says))->etc());
})->with([
    [['front' => 'pile'], 'No front is called "pile"'],
    [['rushers' => 12], 'rushers'],
    [['changes' => [['defender' => 'spare man']]], 'no "spare man"'],
    [['changes' => [['defender' => 'mike', 'job' => 'sing']]], 'No job is called "sing"'],
    [['changes' => [['defender' => 'mike', 'reactionS' => -1]]], 'reactionS'],
    [['changes' => [['defender' => 'mike', 'movement' => ['kind' => 'hop']]]], 'movement'],
    [['shown' => 'cover 44'], 'No shell is called'],
    [['edges' => ['up']], 'edges'],
    [['techniques' => [['technique' => '9', 'on' => 'LG']]], 'no 9 technique on LG'],
    [['motion' => 'dance'], 'motion'],
]);

it('refuses a motion that cannot be', function (array $motion, string $says): void {
    $this->postJson('/api/v1/proofs', [
        'document' => ['motions' => [$motion]] + document('gun 2x2 right: smash right'),
        'look' => '4-2 nickel, cover 3',
    ])
        ->assertStatus(422)
        ->assertJson(fn ($json) => $json->where('detail', fn (string $d): bool => str_contains($d, $says))->etc());
})->with([
    [['man' => 'F', 'kind' => 'jet'], 'There is no F in this formation to move'],
    [['man' => 'H', 'kind' => 'teleport'], 'motions'],
    [['man' => 'H', 'kind' => 'jet', 'to' => ['xYd' => 900, 'yYd' => -2]], 'motions'],
]);

it('says when a motion starts on a sound the cadence does not have, and still proves the call', function (): void {
    $call =
        ['motions' => [['man' => 'H', 'kind' => 'jet', 'sound' => ['word' => 'hut']]]] +
        document('gun 2x2 right: smash right');
    $findings = $this->postJson('/api/v1/proofs', ['document' => $call, 'look' => '4-2 nickel, cover 3'])
        ->assertOk()
        ->json('report.findings');
    $fix = array_values(array_filter($findings, fn (array $f): bool => $f['code'] === 'unknown-sound'))[0]['apply'];
    $fixed = $this->postJson('/api/v1/fixes', ['document' => $call, 'apply' => $fix])->assertOk()->json('document');
    expect($fixed['motions'][0]['sound']['word'])->toBeIn(['down', 'ready', 'set']);
});

it('makes the fix a finding proposes', function (): void {
    $call = document('gun 2x2 right, H jet left, Y short right: X go');
    $findings = $this->postJson('/api/v1/proofs', ['document' => $call, 'look' => '4-2 nickel, cover 3'])->json(
        'report.findings',
    );
    $fix = array_values(array_filter($findings, fn (array $f): bool => $f['code'] === 'two-in-motion'))[0]['apply'];
    $fixed = $this->postJson('/api/v1/fixes', ['document' => $call, 'apply' => $fix])->assertOk()->json('document');
    expect(array_column($fixed['motions'], 'man'))->toBe(['H']);
    $this->postJson('/api/v1/fixes', ['document' => $call, 'apply' => ['do' => 'move', 'man' => 'H']])->assertStatus(
        422,
    );
});

it('turns a call over, to a side, the field or the boundary', function (?string $to, string $hash, string $side): void {
    $done = $this->postJson('/api/v1/flips', ['document' => document('gun trips right: smash right; X go'),
        'situation' => ['hash' => $hash]] + ($to === null ? [] : ['to' => $to]))->assertOk()->json('document');
    expect($done['side'])->toBe($side);
})->with([
    [null, 'middle', 'left'],
    ['right', 'middle', 'right'],
    ['field', 'right', 'left'],
    ['field', 'left', 'right'],
    ['boundary', 'left', 'left'],
    ['field', 'middle', 'right'],
]);

it('names a look and a formation from eleven spots', function (): void {
    $drawn = $this->postJson('/api/v1/pictures', ['formation' => 'gun trips right', 'looks' => ['3-4, cover 2']])
        ->assertOk()
        ->json();
    $spots = fn (array $men): array => array_map(fn (array $m): array => ['xYd' => $m['xYd'], 'yYd' => $m['yYd']],
        $men);
    $this->postJson('/api/v1/recognitions/look',
        ['spots' => $spots($drawn['looks'][0]['defenders']), 'formation' => 'gun trips right'])->assertOk()
        ->assertJsonPath('front', '3-4')->assertJsonPath('shells.0.shell', 'cover 2');
    $this->postJson('/api/v1/recognitions/look',
        ['spots' => $spots($drawn['looks'][0]['defenders']), 'document' => document('gun trips right: smash right')])
        ->assertOk()->assertJsonPath('front', '3-4');
    $this->postJson('/api/v1/recognitions/formation', ['spots' => $spots($drawn['men'])])->assertOk()
        ->assertJsonPath('formations.0.words', 'gun trips right');
    $this->postJson('/api/v1/recognitions/formation', ['spots' => array_slice($spots($drawn['men']), 1)])
        ->assertStatus(422);
});

it('saves sets under the staff\'s names and reads them in the call line', function (): void {
    $made = $this->postJson('/api/v1/formations',
        ['name' => 'canyon', 'document' => setDocument('gun trips right', ['H' => [10.0, -2.5]])])->assertCreated()
        ->json();
    $read = $this->postJson('/api/v1/words', ['words' => 'canyon left: smash left'])->assertOk()->json('document');
    expect($read['spots'])->toBe([['man' => 'H', 'xYd' => -10, 'yYd' => -2.5]])->and($read['side'])->toBe('left');
    $this->putJson("/api/v1/formations/{$made['id']}",
        ['name' => 'canyon', 'document' => setDocument('gun trips right')], ['If-Match' => '"1"'])->assertOk();
    $this->putJson("/api/v1/formations/{$made['id']}",
        ['name' => 'canyon', 'document' => setDocument('gun bunch right')], ['If-Match' => '"1"'])->assertStatus(412)
        ->assertJsonPath('currentVersion', 2);
    $this->deleteJson("/api/v1/formations/{$made['id']}")->assertNoContent();
    $this->postJson('/api/v1/words', ['words' => 'canyon left: smash left'])->assertStatus(422);
});

it('refuses a set\'s name that is taken or no word', function (string $name, int $status): void {
    $this->postJson('/api/v1/formations', [
        'name' => $name,
        'document' => setDocument('gun trips right'),
    ])->assertStatus($status);
})->with([
    ['ridge', 422],
    ['trips', 422],
    ['gun', 422],
    ['<b>', 422],
    ['2x9', 422],
    [str_repeat('a', 61), 422],
    ['stone wall', 201],
]);

it('reads and writes in the staff\'s own letters', function (): void {
    $words = StaffWords::current();
    $letters = ['X' => 'X', 'Z' => 'Z', 'H' => 'A', 'Y' => 'Y', 'R' => 'B', 'F' => 'F'];
    $this->putJson('/api/v1/staff-words', ['letters' => $letters, 'school' => 'count out',
        'cadence' => ['words' => ['blue', 'ready', 'hut'], 'beatS' => 0.7, 'soundS' => 0.25]], ['If-Match' => '"1"'])
        ->assertOk()->assertJsonPath('version', 2);
    $read = $this->postJson('/api/v1/words', ['words' => 'gun 2x2 right, A jet left on the last sound of blue: Z hitch; A corner'])->assertOk()->json();
    expect($read['document']['motions'][0])->toMatchArray(['man' => 'H', 'sound' => ['word' => 'blue', 'last' => true]])
        ->and($read['words'])->toContain('A jet left');
    // A letter of the sets that the staff gives to nobody is still understood.
    $this->postJson('/api/v1/words', ['words' => 'gun 2x2 right, H jet left: Z hitch'])
        ->assertOk()
        ->assertJsonPath('document.motions.0.man', 'H');
    $this->postJson('/api/v1/look-words', ['words' => '4-2 nickel, cover 3, shade on C'])
        ->assertOk()
        ->assertJsonPath('document.techniques.0.technique', '1');
    expect($words->fresh()->school)->toBe('count out');
});

it('refuses staff words that would not be understood', function (array $change): void {
    $good = ['letters' => array_combine(['X', 'Z', 'H', 'Y', 'R', 'F'], ['X', 'Z', 'H', 'Y', 'R', 'F']),
        'school' => 'inside eye', 'cadence' => ['words' => ['down', 'go'], 'beatS' => 0.8, 'soundS' => 0.3]];
    $this->putJson('/api/v1/staff-words', array_replace_recursive($good, $change),
        ['If-Match' => '"'.StaffWords::current()->version.'"'])->assertStatus(422);
})->with([
    [['letters' => ['H' => 'X']]],
    [['letters' => ['H' => 'Q']]],
    [['letters' => ['H' => 'C']]],
    [['letters' => ['H' => '4']]],
    [['school' => 'other']],
    [['cadence' => ['words' => ['go', 'go']]]],
    [['cadence' => ['beatS' => -1]]],
    [['cadence' => ['soundS' => 2.0]]],
]);

it('counts how often a look was shown, on its version', function (): void {
    $look = Look::query()->orderByDesc('shown')->first();
    $body = ['name' => $look->name, 'opponent' => $look->opponent, 'document' => $look->document,
        'shown' => $look->shown + 1];
    $this->putJson("/api/v1/looks/{$look->id}", $body, ['If-Match' => '"1"'])->assertOk()->assertJsonPath('shown',
        $body['shown']);
    $this->putJson("/api/v1/looks/{$look->id}", $body, ['If-Match' => '"1"'])->assertStatus(412);
    $this->putJson("/api/v1/looks/{$look->id}", ['shown' => -1] + $body, ['If-Match' => '"2"'])->assertStatus(422);
    $this->putJson("/api/v1/looks/{$look->id}", $body)->assertStatus(428);
});

it('keeps the roster: times, strides and flags, none that no man has', function (array $change, int $status): void {
    $man = Player::query()->where('letter', 'Z')->first();
    $body = ['name' => $man->name, 'letter' => 'Z', 'number' => 9, 'depth' => 1, 'forty_s' => 4.6, 'stride_yd' => 2.0,
        'throws' => 'right', 'flags' => ['catches deep']];
    $this->putJson("/api/v1/players/{$man->id}", $change + $body, ['If-Match' => '"1"'])->assertStatus($status);
})->with([
    [[], 200],
    [['forty_s' => null], 200],
    [['forty_s' => 1.0], 422],
    [['forty_s' => 'quick'], 422],
    [['stride_yd' => 9], 422],
    [['number' => 100], 422],
    [['letter' => 'K'], 422],
    [['flags' => ['flies']], 422],
    [['throws' => 'both'], 422],
    [['depth' => 0], 422],
]);

it('proves with the men of the roster: a faster man breaks sooner', function (): void {
    $at = fn (bool $named): float => $this->postJson('/api/v1/proofs',
        ['document' => document('gun 2x2 right: smash right'), 'look' => '4-2 nickel, cover 2', 'named' => $named])
        ->json('report.reads.1.breakAt');
    $level = $at(false);
    Player::query()->where('letter', 'Z')->update(['forty_s' => 4.4]);
    $fast = $at(true);
    Player::query()->where('letter', 'Z')->update(['forty_s' => 5.6]);
    expect($fast)->toBeLessThan($level)->and($at(true))->toBeGreaterThan($level);
});

it('sends the numbers of the roster to the rule book', function (): void {
    Player::query()->where('letter', 'Z')->update(['number' => 66]);
    $codes = array_column($this->postJson('/api/v1/proofs',
        ['document' => document('gun 2x2 right: smash right'), 'look' => '4-2 nickel, cover 2', 'named' => true])
        ->json('report.findings'), 'code');
    expect($codes)->toContain('number-ineligible');
});

it('keeps sets, looks, roster and words from players', function (string $method, string $path): void {
    $path = strtr($path, ['{set}' => Formation::query()->value('id'), '{look}' => Look::query()->value('id'),
        '{Z}' => Player::query()->where('letter', 'Z')->value('id')]);
    $this->actingAs(coach('h@cedarfork.example'))->json($method, "/api/v1/$path",
        ['formation' => 'gun 2x2', 'looks' => ['4-2 nickel, cover 2'], 'spots' => []], ['If-Match' => '"1"'])
        ->assertStatus(403);
})->with([
    ['GET', 'formations'],
    ['GET', 'formations/{set}'],
    ['POST', 'formations'],
    ['DELETE', 'formations/{set}'],
    ['GET', 'looks'],
    ['DELETE', 'looks/{look}'],
    ['GET', 'staff-words'],
    ['PUT', 'staff-words'],
    ['POST', 'pictures'],
    ['POST', 'recognitions/look'],
    ['POST', 'recognitions/formation'],
    ['POST', 'players'],
    ['PUT', 'players/{Z}'],
]);

it('lets only the coordinator throw a look or a set away', function (string $path): void {
    $path = strtr($path, ['{set}' => Formation::query()->value('id'), '{look}' => Look::query()->value('id')]);
    $this->actingAs(coach('receivers@cedarfork.example'))->deleteJson("/api/v1/$path")->assertStatus(403);
    $this->actingAs(coach())->deleteJson("/api/v1/$path")->assertNoContent();
})->with(['formations/{set}', 'looks/{look}']);
