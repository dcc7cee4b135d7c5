<?php

/*
 * A practice over the wire: its periods and minutes, its script filled by the product, the reps of its week with what
 * is on film, the contact of the week, and who may do what.
 */

use App\Models\Call;
use App\Models\Grade;
use App\Models\Look;
use App\Models\Plan;
use App\Models\Player;
use App\Models\Practice;
use App\Models\Reel;
use App\Models\Snap;
use App\Models\StaffWords;
use Illuminate\Testing\TestResponse;

beforeEach(function (): void {
    Practice::query()->delete();
    $this->actingAs(coach());
});

function heldOn(string $day, array $change = []): TestResponse
{
    return test()->postJson('/api/v1/practices', [
        'held_on' => $day, 'title' => 'Tuesday', 'opponent' => 'Granite Pass', ...$change,
    ]);
}

/** @param  array<string, mixed>  $change */
function period(string $kind, array $change = []): array
{
    return ['kind' => $kind, 'minutes' => 15, 'contact' => false, 'where' => '', 'emphasis' => '', 'script' => [],
        'drills' => [], ...$change];
}

/** Saves periods on the version the practice has. */
function withPeriods(array $practice, array $periods): TestResponse
{
    return test()->putJson("/api/v1/practices/{$practice['id']}", [
        'held_on' => $practice['held_on'], 'title' => $practice['title'], 'opponent' => $practice['opponent'],
        'starts_at' => $practice['starts_at'], 'periods' => $periods,
    ], ['If-Match' => "\"{$practice['version']}\""]);
}

/** Films a call a number of times in a practice of a day. */
function repped(Call $call, string $day, int $times, array $reel = []): void
{
    $film = Reel::query()->create(['title' => "Practice $day", 'kind' => 'practice', 'played_on' => $day, ...$reel]);
    foreach (range(1, $times) as $n) {
        Snap::query()->forceCreate(['reel_id' => $film->id, 'place' => $n, 'document' => [], 'call' => $call->name,
            'version' => 1, 'run' => false]);
    }
}

/** @return array<string, mixed> */
function repsOf(array $answer, Call $call): array
{
    return array_column($answer['reps'], null, 'call')[$call->id];
}

it('begins with the usual periods, and the next with those of the last, without its script', function (): void {
    $first = heldOn('2026-10-06')->assertCreated()->json();
    $call = Call::query()->firstOrFail();
    expect($first['practice']['periods'])->toHaveCount(6)
        ->and($first['minutes'])->toBe(90)
        ->and($first['contactMinutes'])->toBe(35);
    withPeriods($first['practice'], [
        period('team', ['minutes' => 24, 'where' => 'north field', 'emphasis' => 'tempo',
            'script' => [['call' => $call->id, 'look' => null, 'hash' => 'left']]]),
    ])->assertOk();

    expect(heldOn('2026-10-07')->json('practice.periods'))->toBe([
        period('team', ['minutes' => 24, 'where' => 'north field']),
    ]);
});

it('adds minutes and the contact of its week, and cautions by the staff\'s limit', function (): void {
    $tuesday = heldOn('2026-10-06')->json('practice');
    $contact = [period('team', ['minutes' => 40, 'contact' => true]), period('walk-through', ['minutes' => 10])];
    withPeriods($tuesday, $contact)->assertJsonPath('minutes', 50)->assertJsonPath('contactMinutes', 40);
    $wednesday = heldOn('2026-10-07')->json('practice');
    // The Monday after is another week.
    heldOn('2026-10-12');
    $answer = withPeriods($wednesday, $contact)->assertJsonPath('week.contactMinutes', 80);
    expect($answer->json('week.caution'))->toContain('No limit is set')
        ->and($answer->json('week.over'))->toBeFalse();

    $words = StaffWords::current();
    $limit = ['id' => 'contact-minutes', 'value' => 60.0, 'owner' => 'a coach', 'on' => '2026-10-01'];
    $words->update(['values' => [...$words->values ?? [], $limit]]);
    $this->getJson("/api/v1/practices/{$wednesday['id']}")
        ->assertJsonPath('week.over', true)
        ->assertSee('20 over the 60');
});

it('fills a script from what is short, against what the opponent shows', function (): void {
    $calls = Call::query()->orderBy('id')->limit(4)->get();
    Plan::query()->create(['opponent' => 'Granite Pass', 'calls' => $calls->pluck('id')->all()]);
    $theirs = Look::query()->where('opponent', 'Granite Pass')->pluck('words')->all();
    $practice = heldOn('2026-10-06')->json('practice');
    $practice = withPeriods($practice, [period('individual'), period('team')])->json('practice');
    $rows = $this->postJson("/api/v1/practices/{$practice['id']}/fill", ['period' => 1, 'rows' => 8])
        ->assertOk()
        ->json('rows');

    expect($rows)->toHaveCount(8)
        ->and(array_count_values(array_column($rows, 'call')))->each->toBe(2)
        ->and(array_diff(array_column($rows, 'look'), $theirs))->toBe([])
        ->and(array_slice(array_column($rows, 'hash'), 0, 3))->toBe(['left', 'middle', 'right'])
        // Nothing is saved before the coach has seen it.
        ->and(Practice::query()->sole()->periods[1]['script'])->toBe([]);
    $this->postJson("/api/v1/practices/{$practice['id']}/fill", ['period' => 0, 'rows' => 8])
        ->assertUnprocessable()
        ->assertSee('seven on seven takes passes');
    $this->postJson("/api/v1/practices/{$practice['id']}/fill", ['period' => 7, 'rows' => 8])->assertUnprocessable();
    $none = withPeriods($practice, [])->assertOk()->json('practice');
    $this->postJson("/api/v1/practices/{$none['id']}/fill", ['period' => 0, 'rows' => 8])->assertUnprocessable();
});

it('leaves out of the count what the period it fills has now', function (): void {
    $calls = Call::query()->orderBy('id')->limit(2)->get();
    Plan::query()->create(['opponent' => 'Granite Pass', 'calls' => $calls->pluck('id')->all()]);
    $script = fn (Call $call, int $n): array => array_fill(
        0,
        $n,
        ['call' => $call->id, 'look' => null, 'hash' => 'left'],
    );
    $practice = heldOn('2026-10-06')->json('practice');
    $practice = withPeriods($practice, [
        period('team', ['script' => $script($calls[0], 6)]),
        period('walk-through', ['script' => $script($calls[1], 3)]),
    ])->json('practice');
    $fill = fn (int $period): array => array_count_values(array_column($this->postJson(
        "/api/v1/practices/{$practice['id']}/fill",
        ['period' => $period, 'rows' => 3],
    )->json('rows'), 'call'));

    // Without its own six the first call has none and the second three.
    expect($fill(0))->toBe([$calls[0]->id => 3])
        // The second has none without its own three, the first six.
        ->and($fill(1))->toBe([$calls[1]->id => 3]);
});

it('counts the reps of the week, planned and on film', function (): void {
    $calls = Call::query()->orderBy('id')->limit(3)->get();
    Plan::query()->create(['opponent' => 'Granite Pass', 'calls' => $calls->pluck('id')->all()]);
    repped($calls[0], '2026-10-06', 5);
    repped($calls[1], '2026-10-06', 2);
    // Last week, the defense's film and a game are no reps of this week.
    repped($calls[1], '2026-09-30', 9);
    repped($calls[1], '2026-10-06', 9, ['ours' => false]);
    repped($calls[1], '2026-10-06', 9, ['kind' => 'game']);
    $practice = heldOn('2026-10-07')->json('practice');
    $answer = withPeriods($practice, [period('team', ['script' => [
        ['call' => $calls[1]->id, 'look' => null, 'hash' => 'left'],
        ['call' => $calls[2]->id, 'look' => null, 'hash' => 'left'],
    ]])])->json();

    expect(repsOf($answer, $calls[0]))->toMatchArray(['planned' => 0, 'given' => 5, 'ready' => true, 'short' => 0])
        ->and(repsOf($answer, $calls[1]))->toMatchArray(['planned' => 1, 'given' => 2, 'ready' => false, 'short' => 2])
        ->and(repsOf($answer, $calls[2]))->toMatchArray(['planned' => 1, 'given' => 0, 'ready' => false, 'short' => 4])
        ->and(array_column($answer['reps'], 'call'))->toBe($calls->pluck('id')->all());
});

it('counts a practice that is on film by its film, not by its script', function (): void {
    $call = Call::query()->firstOrFail();
    Plan::query()->create(['opponent' => 'Granite Pass', 'calls' => [$call->id]]);
    $practice = heldOn('2026-10-06')->json('practice');
    withPeriods($practice, [period('team', ['script' => array_fill(0, 6, ['call' => $call->id, 'look' => null,
        'hash' => 'left'])])]);
    expect(repsOf($this->getJson("/api/v1/practices/{$practice['id']}")->json(), $call))
        ->toMatchArray(['planned' => 6, 'given' => 0]);
    repped($call, '2026-10-06', 4);
    expect(repsOf($this->getJson("/api/v1/practices/{$practice['id']}")->json(), $call))
        ->toMatchArray(['planned' => 0, 'given' => 4, 'short' => 1]);
});

it('lists practices, the newest first, with their minutes', function (): void {
    heldOn('2026-10-06');
    heldOn('2026-10-08', ['title' => 'Thursday']);
    $list = $this->getJson('/api/v1/practices')->assertOk()->json('practices');

    expect(array_column($list, 'title'))->toBe(['Thursday', 'Tuesday'])
        ->and($list[0]['minutes'])->toBe(90)
        ->and($list[0]['contactMinutes'])->toBe(35);
});

it('refuses what cannot be', function (array $periods): void {
    $practice = heldOn('2026-10-06')->json('practice');
    withPeriods($practice, $periods)->assertUnprocessable();
})->with([
    'a kind nobody knows' => [[['kind' => 'scrimmage', 'minutes' => 10, 'contact' => true, 'where' => '',
        'emphasis' => '', 'script' => []]]],
    'no minutes' => [[['kind' => 'team', 'minutes' => 0, 'contact' => true, 'where' => '', 'emphasis' => '',
        'script' => []]]],
    'three hours' => [[['kind' => 'team', 'minutes' => 180, 'contact' => true, 'where' => '', 'emphasis' => '',
        'script' => []]]],
    'a row without a call' => [[['kind' => 'team', 'minutes' => 10, 'contact' => true, 'where' => '', 'emphasis' => '',
        'script' => [['look' => null, 'hash' => 'left']]]]],
    'a fourth hash' => [[['kind' => 'team', 'minutes' => 10, 'contact' => true, 'where' => '', 'emphasis' => '',
        'script' => [['call' => 'x', 'look' => null, 'hash' => 'far']]]]],
]);

it('loses no change of two who save', function (): void {
    $practice = heldOn('2026-10-06')->json('practice');
    withPeriods($practice, [period('team')])->assertOk();
    withPeriods($practice, [period('group')])->assertStatus(412);
    expect(Practice::query()->sole()->periods[0]['kind'])->toBe('team');
});

it('is the staff\'s, and only the coordinator throws it away', function (string $who, int $reads, int $deletes): void {
    $practice = heldOn('2026-10-06')->json('practice');
    $this->actingAs(coach($who));
    $this->getJson('/api/v1/practices')->assertStatus($reads);
    $this->getJson("/api/v1/practices/{$practice['id']}")->assertStatus($reads);
    $this->deleteJson("/api/v1/practices/{$practice['id']}")->assertStatus($deletes);
})->with([
    'the coordinator' => ['coordinator@cedarfork.example', 200, 204],
    'a player' => ['h@cedarfork.example', 403, 403],
]);

/** Grades of men on a call on the film of a game: mental errors, or lost blocks that are none. */
function wrongLately(Call $call, string $day, int $busts, int $losses, array $reel = []): void
{
    $film = Reel::query()->create(['title' => "Game $day", 'kind' => 'game', 'played_on' => $day, ...$reel]);
    $players = Player::query()->orderBy('number')->get();
    foreach (range(1, max(1, $busts + $losses)) as $n) {
        $snap = Snap::query()->forceCreate(['reel_id' => $film->id, 'place' => $n, 'document' => [],
            'call' => $call->name, 'version' => 1, 'run' => false]);
        Grade::query()->create(['snap_id' => $snap->id, 'player_id' => $players[0]->id, 'man' => 'H', 'mark' => -1,
            'bust' => $n <= $busts, 'asked' => '', 'reason' => '', 'faults' => []]);
    }
}

it('scripts first what went wrong in the head last week', function (): void {
    $calls = Call::query()->orderBy('id')->limit(3)->get();
    Plan::query()->create(['opponent' => 'Granite Pass', 'calls' => $calls->pluck('id')->all()]);
    // Two mental errors on the third; a lost block, another week and the other side's film count for nothing.
    wrongLately($calls[2], '2026-10-02', 2, 0);
    wrongLately($calls[1], '2026-10-02', 0, 5);
    wrongLately($calls[1], '2026-09-18', 4, 0);
    wrongLately($calls[1], '2026-10-02', 4, 0, ['ours' => false]);
    $practice = heldOn('2026-10-06')->json('practice');
    $answer = withPeriods($practice, [period('team')])->json();
    expect(repsOf($answer, $calls[2])['busts'])->toBe(2)
        ->and(repsOf($answer, $calls[1])['busts'])->toBe(0);
    $rows = $this->postJson("/api/v1/practices/{$practice['id']}/fill", ['period' => 0, 'rows' => 5])->json('rows');

    expect(array_column($rows, 'call'))->toBe([
        $calls[2]->id, $calls[2]->id, $calls[0]->id, $calls[1]->id, $calls[2]->id,
    ]);
});

it('asks for the calls the triggers of the last game lead to, but not those told wrong', function (): void {
    $leak = Call::query()->create(['name' => 'Cedar leak', 'words' => 'x', 'document' => document(
        'under center wing right, zone left fake, boot right: leak by Y',
    )]);
    $other = Call::query()->orderBy('id')->firstOrFail();
    Plan::query()->create(['opponent' => 'Granite Pass', 'calls' => [$other->id, $leak->id]]);
    $game = gameOf('under center wing right, zone left fake, boot right: boot flood right', ['r5 m-sink re-contain']);
    $practice = heldOn(now()->addDays(3)->format('Y-m-d'))->json('practice');
    $saved = fn (): array => withPeriods(
        $this->getJson("/api/v1/practices/{$practice['id']}")->json('practice'),
        [period('team')],
    )->assertOk()->json();
    $prompt = $this->getJson("/api/v1/reels/{$game->id}/triggers")->json('prompts.0');
    $fill = fn (): array => array_column(
        $this->postJson("/api/v1/practices/{$practice['id']}/fill", ['period' => 0, 'rows' => 2])->json('rows'),
        'call',
    );

    expect($prompt)->toMatchArray(['trigger' => 'leak', 'state' => 'due'])
        ->and(repsOf($saved(), $leak)['due'])->toBe(1)
        ->and(repsOf($saved(), $other)['due'])->toBe(0)
        ->and($fill())->toBe([$leak->id, $other->id]);
    $this->putJson("/api/v1/reels/{$game->id}/triggers", [
        'trigger' => 'leak', 'picture' => $prompt['picture'], 'answer' => 'wrong',
    ])->assertOk();
    expect(repsOf($saved(), $leak)['due'])->toBe(0)
        ->and($fill())->toBe([$other->id, $leak->id]);
});

/** A practice of a day with two plays in one period and one in another; the calls that are scripted. */
function scriptedPractice(string $day): array
{
    $calls = Call::query()->orderByDesc('id')->limit(2)->get();
    $practice = heldOn($day)->json('practice');
    withPeriods($practice, [
        period('individual'),
        period('inside run', ['script' => [
            ['call' => $calls[0]->id, 'look' => 'bear, cover 0', 'hash' => 'right'],
            ['call' => $calls[1]->id, 'look' => null, 'hash' => 'left'],
        ]]),
        period('team', ['script' => [['call' => $calls[1]->id, 'look' => '3-4, cover 3', 'hash' => 'middle']]]),
    ])->assertOk();

    return [$calls[0], $calls[1]];
}

/** What the next snap of a reel is said to be. */
function nextOf(Reel $reel): array
{
    return test()->getJson("/api/v1/reels/$reel->id/prediction")->assertOk()->json();
}

it('charts a practice from its script, play by play over its periods', function (): void {
    [$first, $second] = scriptedPractice('2026-10-06');
    $reel = Reel::query()->create(['title' => 'Tuesday', 'kind' => 'practice', 'played_on' => '2026-10-06',
        'opponent' => 'Granite Pass']);
    $next = nextOf($reel);
    expect($next['calls'][0])->toBe($first->words)
        ->and($next['looks'][0])->toBe('bear, cover 0')
        ->and($next['chart']['hash'] ?? $next['situation']['hash'] ?? null)->toBe('right');

    // Enter alone is as scripted.
    $read = $this->postJson("/api/v1/reels/$reel->id/entries", ['line' => ''])->assertOk()->json('document');
    expect($read['call'])->toBe($first->words)
        ->and($read['look'])->toBe('bear, cover 0');
    $keep = fn (array $document) => $this->postJson("/api/v1/reels/$reel->id/snaps", ['document' => $document])
        ->assertCreated();
    $keep($read);
    expect(nextOf($reel)['calls'][0])->toBe($second->words);
    $keep(['call' => $second->words] + $read);
    expect(nextOf($reel)['calls'][0])->toBe($second->words)
        ->and(nextOf($reel)['looks'][0])->toBe('3-4, cover 3');
    $keep(['call' => $second->words] + $read);
    // The script is through: what is likeliest by what has been run.
    expect(nextOf($reel)['looks'])->not->toContain('3-4, cover 3');
});

it('charts from no script where none is meant', function (array $reel): void {
    [$first] = scriptedPractice('2026-10-06');
    $reel = Reel::query()->create(['title' => 'A reel', 'opponent' => 'Granite Pass', ...$reel]);
    expect(nextOf($reel)['calls'][0] ?? null)->not->toBe($first->words)
        ->and(nextOf($reel)['looks'][0] ?? null)->not->toBe('bear, cover 0');
})->with([
    'another day' => [['kind' => 'practice', 'played_on' => '2026-10-07']],
    'a game of that day' => [['kind' => 'game', 'played_on' => '2026-10-06']],
    'the defense\'s practice' => [['kind' => 'practice', 'played_on' => '2026-10-06', 'ours' => false]],
    'no day' => [['kind' => 'practice', 'played_on' => null]],
]);

/** Grades a man's snaps of a game of a day, so many of them with a fault. */
function gradedGame(string $day, string $letter, int $snaps, int $faulty, string $fault): void
{
    $film = Reel::query()->create(['title' => "Game $day", 'kind' => 'game', 'played_on' => $day]);
    $player = Player::query()->where('letter', $letter)->orderBy('depth')->firstOrFail();
    foreach (range(1, $snaps) as $n) {
        $snap = Snap::query()->forceCreate(['reel_id' => $film->id, 'place' => $n, 'document' => [], 'call' => 'x',
            'version' => 1, 'run' => false]);
        Grade::query()->forceCreate(['snap_id' => $snap->id, 'player_id' => $player->id, 'man' => $letter,
            'mark' => $n <= $faulty ? -1 : 1, 'faults' => $n <= $faulty ? [$fault] : [], 'counts' => true,
            'asked' => 'climb', 'reason' => '', 'done' => '']);
    }
}

it('proposes drills by the faults on the latest film, and says what fits', function (): void {
    Grade::query()->delete();
    gradedGame('2026-09-30', 'RG', 40, 4, 'FLT-28');
    $practice = heldOn('2026-10-06')->json('practice');
    withPeriods($practice, [
        period('individual', ['minutes' => 12]),
        period('group', ['minutes' => 9]),
        period('team', ['minutes' => 30]),
    ])->assertOk();
    $drills = $this->getJson("/api/v1/practices/{$practice['id']}/drills")->assertOk()->json();

    expect($drills['proposed'])->toBe([['drill' => 'combination', 'group' => 'line', 'minutes' => 10,
        'times' => 4, 'why' => 'waits at the first level 4']])
        ->and($drills['fitting'])->toBe([['combination'], [], []]);
});

it('proposes nothing by film that is older than the latest window, or comes after the practice', function (): void {
    Grade::query()->delete();
    gradedGame('2026-09-01', 'RG', 40, 4, 'FLT-28');
    gradedGame('2026-09-30', 'RG', 40, 0, 'FLT-28');
    gradedGame('2026-10-09', 'RG', 40, 9, 'FLT-28');
    $practice = heldOn('2026-10-06')->json('practice');
    $this->getJson("/api/v1/practices/{$practice['id']}/drills")->assertOk()->assertJsonPath('proposed', []);
});

it('keeps the drills of a period and says what became of their fault', function (): void {
    Grade::query()->delete();
    gradedGame('2026-09-30', 'RG', 200, 60, 'FLT-28');
    $given = heldOn('2026-10-06')->json('practice');
    $kept = withPeriods($given, [period('individual', ['drills' => ['combination', 'no such card']])])->assertOk();
    gradedGame('2026-10-10', 'RG', 200, 10, 'FLT-28');
    $next = heldOn('2026-10-13')->json('practice');
    $effects = $this->getJson("/api/v1/practices/{$next['id']}/drills")->assertOk()->json('effects');

    expect($kept->json('practice.periods.0.drills'))->toBe(['combination', 'no such card'])
        ->and($next['periods'][0]['drills'])->toBe([])
        ->and($effects)->toHaveCount(1)
        ->and($effects[0])->toMatchArray(['drill' => 'combination', 'since' => '2026-10-06', 'times' => 1,
            'said' => 'less since', 'isWithoutEffect' => false])
        ->and($effects[0]['before'])->toMatchArray(['hits' => 60, 'of' => 200])
        ->and($effects[0]['after'])->toMatchArray(['hits' => 10, 'of' => 200]);
});

/** What is new in the week of a practice, by the name of the call. */
function newThatWeek(array $practice): array
{
    return array_column(
        test()->getJson("/api/v1/practices/{$practice['id']}/install")->assertOk()->json('calls'),
        null,
        'name',
    );
}

it('tells what is new in the week of a practice, the dearest first', function (): void {
    $calls = Call::query()->orderBy('id')->limit(6)->get();
    Plan::query()->create(['opponent' => 'Granite Pass', 'calls' => $calls->pluck('id')->all()]);
    $practice = heldOn('2026-12-08')->json('practice');
    $ran = Snap::query()->whereHas('reel', fn ($reel) => $reel->where('ours', true))->pluck('call')->unique()->all();
    $new = newThatWeek($practice);
    $costs = array_map(fn (array $call): int => count($call['new']), array_values($new));
    $sorted = $costs;
    rsort($sorted);

    expect(array_keys($new))->each->toBeIn($calls->pluck('name')->all())
        ->and(array_intersect(array_keys($new), $ran))->toBe([])
        ->and($costs)->toBe($sorted);
    foreach ($new as $name => $call) {
        expect([...array_column($call['new'], 'man'), ...$call['same']])->toHaveCount(11, $name);
    }
});

it('counts a call that is scripted as new until it was on film of ours', function (): void {
    $words = 'gun stack right: wham right';
    $call = Call::query()->create(['name' => 'Ridge wham', 'words' => $words, 'document' => document($words)]);
    $practice = heldOn('2026-10-06')->json('practice');
    expect(newThatWeek($practice))->not->toHaveKey('Ridge wham');
    $practice = withPeriods($practice, [
        period('team', ['script' => [['call' => $call->id, 'look' => null, 'hash' => 'middle']]]),
    ])->json('practice');
    expect(newThatWeek($practice))->toHaveKey('Ridge wham')
        ->and(array_column(newThatWeek($practice)['Ridge wham']['new'], 'task', 'man'))->toHaveKey('Q');
    // Film of an opponent teaches nobody, nor does that of the same week.
    repped($call, '2026-09-20', 1, ['ours' => false]);
    repped($call, '2026-10-06', 1);
    expect(newThatWeek($practice))->toHaveKey('Ridge wham');
    repped($call, '2026-10-01', 1);
    expect(newThatWeek($practice))->not->toHaveKey('Ridge wham');
});

it('talks about the usual fronts where there is no opponent', function (): void {
    $words = 'gun trey right: pin and pull right';
    $call = Call::query()->create(['name' => 'Ridge pin', 'words' => $words, 'document' => document($words)]);
    $practice = heldOn('2026-10-06', ['opponent' => ''])->json('practice');
    $practice = withPeriods($practice, [
        period('team', ['script' => [['call' => $call->id, 'look' => null, 'hash' => 'middle']]]),
    ])->json('practice');
    expect(array_column(newThatWeek($practice)['Ridge pin']['talks'], 'front'))->toContain('3-4', 'bear');
});

it('previews the next day: its family, its minutes, and the calls scripted then for the first time', function (): void {
    $calls = Call::query()->orderBy('id')->limit(4)->get();
    $rows = fn (int ...$n): array => array_map(
        fn (int $i): array => ['call' => $calls[$i]->id, 'look' => null, 'hash' => 'middle'],
        $n,
    );
    $on = fn (string $day, int ...$n): array => withPeriods(heldOn($day)->json('practice'), [
        period('team', ['minutes' => 20, 'contact' => true, 'script' => $rows(...$n)]),
        period('walk-through', ['minutes' => 10, 'script' => []]),
    ])->json('practice');
    [$sunday, $monday, $tuesday, $wednesday] = [$on('2026-10-04', 3), $on('2026-10-05', 0), $on('2026-10-06', 0, 1, 1),
        $on('2026-10-07', 0, 1, 2, 3)];
    $next = fn (array $practice): ?array => $this->getJson("/api/v1/practices/{$practice['id']}/install")
        ->assertOk()->json('next');

    expect($next($monday))->toMatchArray(['id' => $tuesday['id'], 'held_on' => '2026-10-06', 'runs' => 'gap',
        'minutes' => 30, 'contactMinutes' => 20, 'calls' => [$calls[1]->id]])
        ->and($next($tuesday)['calls'])->toBe([$calls[2]->id, $calls[3]->id])
        // What Sunday scripted is of the week before.
        ->and($next($sunday)['calls'])->toBe([$calls[0]->id])
        ->and($next($wednesday)['id'] ?? null)->not->toBe($wednesday['id']);
    Practice::query()->where('held_on', '>', '2026-10-07')->delete();
    expect($next($wednesday))->toBeNull();
});

it('shows what is new to the staff alone', function (): void {
    $practice = heldOn('2026-10-06')->json('practice');
    $this->actingAs(coach('q@cedarfork.example'));
    $this->getJson("/api/v1/practices/{$practice['id']}/install")->assertForbidden();
});

it('has the family of its weekday, as it was the last time, and as it is said', function (): void {
    expect(heldOn('2026-10-05')->json('practice.runs'))->toBe('zone')
        ->and(heldOn('2026-10-10')->json('practice.runs'))->toBe('any');
    $tuesday = heldOn('2026-10-06')->json('practice');
    expect($tuesday['runs'])->toBe('gap');
    $body = ['held_on' => $tuesday['held_on'], 'title' => 'T', 'opponent' => '', 'periods' => []];
    $to = "/api/v1/practices/{$tuesday['id']}";
    $this->putJson($to, $body + ['runs' => 'both'], ['If-Match' => '"1"'])->assertUnprocessable();
    $this->putJson($to, $body + ['runs' => 'zone'], ['If-Match' => '"1"'])->assertOk()
        ->assertJsonPath('practice.runs', 'zone');
    expect(heldOn('2026-10-13')->json('practice.runs'))->toBe('zone')
        ->and(heldOn('2026-10-15')->json('practice.runs'))->toBe('gap');
});

it('fills the inside run with the family of the day', function (): void {
    $words = ['Day zone' => 'gun 2x2: zone right', 'Day power' => 'gun 2x2: power right'];
    $calls = array_map(fn (string $name, string $said): string => Call::query()->create([
        'name' => $name, 'words' => $said, 'document' => document($said),
    ])->id, array_keys($words), array_values($words));
    Plan::query()->create(['opponent' => 'Granite Pass', 'calls' => $calls]);
    foreach (['2026-10-05' => $calls[0], '2026-10-06' => $calls[1]] as $day => $call) {
        $practice = withPeriods(heldOn($day)->json('practice'), [period('inside run')])->json('practice');
        $rows = $this->postJson("/api/v1/practices/{$practice['id']}/fill", ['period' => 0, 'rows' => 4])->json('rows');
        expect(array_unique(array_column($rows, 'call')))->toBe([$call]);
    }
});
