<?php

use App\Models\Call;
use App\Models\Plan;
use App\Models\Reel;
use App\Models\Role;
use App\Models\Snap;
use App\Models\User;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Words\CallParser;

beforeEach(fn () => $this->actingAs(coach()));

const CRACK = 'under center wing right: crack right';

it('W-43, PAC-14: prompts the crack pass on the second such crack, with its clips', function (): void {
    $reel = gameOf(CRACK, ['r4 fs-trigger rc-fall']);
    $first = $this->getJson("/api/v1/reels/{$reel->id}/triggers")->assertOk()->json('prompts');
    expect($first)->toHaveCount(1)->and($first[0]['state'])->toBe('begun');

    $reel = gameOf(CRACK, ['r4 fs-trigger rc-fall', 'r3', 'r6 fs-trigger rc-fall']);
    $prompt = $this->getJson("/api/v1/reels/{$reel->id}/triggers")->assertOk()->json('prompts.0');
    $snaps = Snap::query()->where('reel_id', $reel->id)->orderBy('place')->pluck('id')->all();
    expect($prompt['state'])->toBe('due')
        ->and($prompt['trigger'])->toBe('crack-seam-wheel')
        ->and($prompt['needs'][0]['ids'])->toBe([$snaps[0], $snaps[2]])
        ->and($prompt['needs'][1]['ids'])->toBe([$snaps[0], $snaps[2]])
        ->and($prompt['calls'])->toBeArray();
});

it('W-43, PAC-18: a crack of five into nine is a success, and the run stays over the floor', function (): void {
    $reel = gameOf(CRACK, ['r5 b9', 'r4 b8', 'r3']);
    $found = $this->getJson("/api/v1/reels/{$reel->id}/triggers")->assertOk();
    expect($found->json('runs.0'))->toMatchArray(['family' => 'crack', 'tries' => 3, 'average' => 4, 'worth' => true])
        ->and($found->json('floor'))->toBe(3.34)
        ->and(array_column($found->json('prompts'), 'trigger'))->toBe(['nine-in-the-box']);
});

it('measures a run by the staff\'s floor', function (): void {
    $reel = gameOf(CRACK, ['r4', 'r4', 'r4']);
    $book = $this->getJson('/api/v1/staff-book')->json();
    $this->putJson('/api/v1/staff-book', ['values' => [['id' => 'run-floor', 'value' => 4.5]]],
        ['If-Match' => "\"{$book['version']}\""])->assertOk();
    expect($this->getJson("/api/v1/reels/{$reel->id}/triggers")->json('runs.0.worth'))->toBeFalse();
});

it('keeps what the staff makes of a prompt, and what was told wrong counts against it', function (): void {
    $reel = gameOf(CRACK, ['r4 fs-trigger rc-fall', 'r6 fs-trigger rc-fall']);
    $prompt = $this->getJson("/api/v1/reels/{$reel->id}/triggers")->json('prompts.0');
    $answer = fn (?string $said) => $this->putJson("/api/v1/reels/{$reel->id}/triggers",
        ['trigger' => $prompt['trigger'], 'picture' => $prompt['picture'], 'answer' => $said]);
    expect($answer('wrong')->assertOk()->json('prompts.0'))->toMatchArray(['answer' => 'wrong', 'wrong' => 1])
        ->and($answer('taken')->assertOk()->json('prompts.0'))->toMatchArray(['answer' => 'taken', 'wrong' => 0])
        ->and($answer(null)->assertOk()->json('prompts.0.answer'))->toBeNull();
    $answer('later')->assertUnprocessable();
    $this->putJson("/api/v1/reels/{$reel->id}/triggers", ['trigger' => 'none', 'picture' => '', 'answer' => 'off'])
        ->assertUnprocessable();
});

it('keeps the calls of a sheet in the order of the wristband, and refuses a stale one', function (): void {
    $plan = $this->getJson('/api/v1/plans/Granite Pass')->assertOk();
    expect($plan->json('calls'))->toBe([]);
    $put = fn (array $calls, int $version) => $this->putJson('/api/v1/plans/Granite Pass', ['calls' => $calls],
        ['If-Match' => "\"$version\""]);
    expect($put(['b', 'a'], $plan->json('version'))->assertOk()->json())
        ->toMatchArray(['calls' => ['b', 'a'], 'version' => 2]);
    $put(['c'], 1)->assertStatus(412);
    $put(['c', 'c'], 2)->assertUnprocessable();
    expect(Plan::query()->where('opponent', 'Granite Pass')->count())->toBe(1)
        ->and($this->getJson('/api/v1/plans/Granite Pass')->json('calls'))->toBe(['b', 'a'])
        ->and($this->getJson('/api/v1/plans/Larkspur Valley')->json('calls'))->toBe([]);
});

it('keeps the calls a game begins with, of those on the sheet, whoever changes the other list', function (): void {
    $put = fn (array $change, int $version) => $this->putJson('/api/v1/plans/Granite Pass', $change,
        ['If-Match' => "\"$version\""]);
    $put(['calls' => ['a', 'b', 'c']], 1)->assertOk();
    expect($put(['openers' => ['c', 'a']], 2)->assertOk()->json())
        ->toMatchArray(['calls' => ['a', 'b', 'c'], 'openers' => ['c', 'a'], 'version' => 3])
        // What is taken off the sheet opens no game.
        ->and($put(['calls' => ['a', 'b']], 3)->assertOk()->json('openers'))->toBe(['a']);
    $put(['openers' => ['a', 'a']], 4)->assertUnprocessable();
    $put(['openers' => array_map(strval(...), range(1, 26))], 4)->assertUnprocessable();
    $put([], 4)->assertUnprocessable();
    $put(['openers' => []], 1)->assertStatus(412);
    expect($put(['calls' => []], 4)->assertOk()->json('openers'))->toBe([]);
});

it('tells what a call asks of his looks, and what to call next by the answer', function (): void {
    $saved = fn (string $words): string => $this->postJson('/api/v1/calls', ['name' => mb_substr($words, 0, 40),
        'document' => CallDocument::write(CallParser::parse($words))])->assertSuccessful()->json('id');
    [$jet, $smash] = [$saved('gun 2x2 right, H jet left: zone right'), $saved('gun 2x2 right: smash right')];
    $cell = fn (float $chance, ?string $key): array => ['chance' => $chance, 'worst' => $chance,
        'verdict' => 'open', 'key' => $key];
    $asked = [
        'looks' => [
            ['words' => '4-2 nickel, cover 1', 'shown' => 10],
            ['words' => '4-2 nickel, cover 3', 'shown' => 30],
        ],
        'calls' => [
            ['id' => $jet, 'name' => 'Jet', 'on' => true, 'pass' => false,
                'cells' => [$cell(0.6, null), $cell(0.3, null)]],
            ['id' => $smash, 'name' => 'Smash', 'on' => true, 'pass' => true,
                'cells' => [$cell(0.2, null), $cell(0.5, 'right corner')]],
        ],
    ];
    $rows = $this->postJson('/api/v1/plans/openers', $asked)->assertOk()->json('calls');
    $of = array_column($rows, null, 'id');
    expect(array_column($of[$jet]['questions'], 'asks'))->toBe(['who goes with H'])
        ->and(array_column($of[$jet]['questions'][0]['answers'], 'words'))
        ->toBe(['zone: the nickel moves inside', 'man: the nickel goes with him'])
        ->and($of[$jet]['questions'][0]['answers'][0]['next']['id'])->toBe($smash)
        ->and($of[$jet]['questions'][0]['answers'][1]['next']['id'])->toBe($jet)
        ->and($of[$jet]['tells'])->toBeGreaterThan(0.05)
        ->and(array_column($of[$smash]['questions'], 'asks'))->toBe(['who is in conflict']);
    $asked['calls'][0]['cells'] = [$cell(0.6, null)];
    $this->postJson('/api/v1/plans/openers', $asked)->assertUnprocessable();
});

it('weighs a sheet by the proofs that come with it', function (): void {
    $cell = fn (float $chance, string $verdict): array => ['chance' => $chance, 'worst' => $chance,
        'verdict' => $verdict];
    $found = $this->postJson('/api/v1/plans/weigh', [
        'looks' => [['words' => '4-3 over, cover 3', 'shown' => 30], ['words' => '4-2 nickel, cover 2', 'shown' => 10]],
        'calls' => [
            ['id' => 'a', 'name' => 'Zone', 'on' => true, 'pass' => false,
                'cells' => [$cell(0.6, 'open'), $cell(0.3, 'covered')]],
            ['id' => 'b', 'name' => 'Smash', 'on' => false, 'pass' => true,
                'cells' => [$cell(0.2, 'guess'), $cell(0.5, 'bound')]],
        ],
    ])->assertOk();
    expect($found->json('holes'))->toBe([1])
        ->and($found->json('closers.calls.0.name'))->toBe('Smash')
        ->and($found->json('mix.calls.0.name'))->toBe('Zone')
        ->and($found->json('mix.guarantees'))->toEqualWithDelta(0.3, 1e-12);
});

it('says what is wrong with what is to be weighed', function (array $given, string $at): void {
    $this->postJson('/api/v1/plans/weigh', $given)->assertUnprocessable()->assertSee($at);
})->with([
    'no look' => [['looks' => [], 'calls' => []], 'looks'],
    'a call without a proof' => [['looks' => [['words' => 'x', 'shown' => 1], ['words' => 'y', 'shown' => 1]],
        'calls' => [
            ['id' => 'a', 'name' => 'A', 'on' => true, 'pass' => false,
                'cells' => [['chance' => 0.5, 'worst' => 0.5, 'verdict' => 'open']]]]], 'cells'],
    'no such verdict' => [['looks' => [['words' => 'x', 'shown' => 1]], 'calls' => [
        ['id' => 'a', 'name' => 'A', 'on' => true, 'pass' => false,
            'cells' => [['chance' => 0.5, 'worst' => 0.5, 'verdict' => 'fine']]]]], 'verdict'],
]);

it('tells what a defense gains that knows us, with the staff\'s price of a known call', function (): void {
    $known = fn (): array => $this->getJson('/api/v1/numbers/leanings?filter[kind]=game&filter[ours]=true')
        ->assertOk()->json('known');
    $usual = $known();
    expect($usual['snaps'])->toBeGreaterThan(40)
        ->and($usual['points'])->toBeGreaterThanOrEqual($usual['low'])
        ->and($usual['habits'])->toBeArray();
    $book = $this->getJson('/api/v1/staff-book')->json();
    $this->putJson('/api/v1/staff-book', ['values' => [['id' => 'known-call', 'value' => 40]]],
        ['If-Match' => "\"{$book['version']}\""])->assertOk();
    expect($known()['high'])->toEqualWithDelta(2.0 * $usual['high'], 1e-6);
});

it('charts a call by its number on the sheet against the opponent', function (): void {
    $reel = gameOf(CRACK, ['r4']);
    $entry = fn (string $line) => $this->postJson("/api/v1/reels/{$reel->id}/entries", ['line' => $line]);
    $entry('#2 . r4')->assertUnprocessable()->assertSee('put calls on it under Sheet');
    $calls = Call::query()->orderBy('id')->limit(2)->get();
    $plan = $this->getJson('/api/v1/plans/Granite Pass')->json();
    $this->putJson('/api/v1/plans/Granite Pass', ['calls' => $calls->pluck('id')->reverse()->values()->all()],
        ['If-Match' => "\"{$plan['version']}\""])->assertOk();
    expect($entry('#1 r4')->assertOk()->json('document.call'))->toBe($calls[1]->words)
        ->and($entry('#2 r4')->assertOk()->json('document.call'))->toBe($calls[0]->words);
});

it('tells what he showed in each row of the sheet', function (): void {
    $rows = $this->getJson('/api/v1/plans/Granite Pass/situations')->assertOk()->json('situations');
    $first = array_values(array_filter($rows, fn (array $r): bool => $r['id'] === 'first-and-ten'))[0];
    // Against us and against others.
    $charted = Snap::query()->whereIn('reel_id', Reel::query()->where('opponent', 'Granite Pass')->pluck('id'))
        ->where('down', 1)->where('to_go_yd', 10)->whereBetween('ball_on_yd', [11, 79])->whereNotNull('shell')->count();
    expect($first['snaps'])->toBe($charted)
        ->and(array_sum(array_column($first['looks'], 'shown')))->toBe($charted)
        ->and($first['looks'][0]['shown'])->toBe(max(array_column($first['looks'], 'shown')))
        ->and($this->getJson('/api/v1/plans/Nobody/situations')->json('situations.0.snaps'))->toBe(0);
});

it('is nothing for a player', function (): void {
    $this->actingAs(User::query()->where('role', Role::Player)->firstOrFail());
    $this->getJson('/api/v1/plans/Granite Pass')->assertForbidden();
    $this->getJson('/api/v1/reels/'.Reel::query()->firstOrFail()->id.'/triggers')->assertForbidden();
});

it('gives the sheet out under its numbers, for a spreadsheet and another program', function (): void {
    $calls = Call::query()->orderBy('name')->limit(3)->get();
    $on = [$calls[2]->id, $calls[0]->id, '01gone'];
    $this->putJson('/api/v1/plans/Granite Pass', ['calls' => $on],
        ['If-Match' => '"'.$this->getJson('/api/v1/plans/Granite Pass')->json('version').'"'])->assertOk();
    $json = $this->getJson('/api/v1/plans/Granite Pass/sheet.json')->assertOk();
    expect($json->json('calls'))->toBe([
        ['number' => 1, 'name' => $calls[2]->name, 'words' => $calls[2]->words],
        ['number' => 2, 'name' => $calls[0]->name, 'words' => $calls[0]->words],
        ['number' => 3, 'name' => 'no longer in the book', 'words' => ''],
    ]);
    $csv = $this->get('/api/v1/plans/Granite Pass/sheet.csv')->assertOk();
    $rows = array_map(fn (string $line): array => str_getcsv($line, escape: ''),
        explode("\r\n", trim((string) $csv->getContent())));
    expect($rows[0])->toBe(['Number', 'Call', 'Words'])
        ->and($rows[1])->toBe(['1', $calls[2]->name, $calls[2]->words])
        ->and($csv->headers->get('content-disposition'))->toContain('call-sheet-granite-pass.csv');
    $this->getJson('/api/v1/plans/Granite Pass/sheet.xls')->assertNotFound();
    $this->actingAs(coach('h@cedarfork.example'))->getJson('/api/v1/plans/Granite Pass/sheet.csv')->assertForbidden();
});

it('keeps no sheet for an opponent that was only looked at', function (): void {
    $this->getJson('/api/v1/plans/Nobody High')->assertOk()->assertJsonPath('calls', [])->assertJsonPath('version', 1);
    expect(Plan::query()->where('opponent', 'Nobody High')->exists())->toBeFalse();
    $this->putJson('/api/v1/plans/Nobody High', ['calls' => ['01a']], ['If-Match' => '"1"'])->assertOk()
        ->assertJsonPath('version', 2);
    expect(Plan::query()->where('opponent', 'Nobody High')->exists())->toBeTrue();
});
