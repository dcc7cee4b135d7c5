<?php

/*
 * A player's reps over the wire: his questions of the day, the picture, the answer that is kept, when it comes again;
 * who may see what; and what the staff sees.
 */

use App\Models\Call;
use App\Models\Look;
use App\Models\Plan;
use App\Models\Player;
use App\Models\RepAnswer;
use App\Models\User;
use App\Reps\Deck;
use Carbon\CarbonImmutable;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Proof\Telling\Told;
use Jacotaxis\Core\Reps\Kind;
use Jacotaxis\Core\Reps\Legal;

beforeEach(function (): void {
    RepAnswer::query()->delete();
    $this->travelTo(CarbonImmutable::parse('2026-10-05 18:00'));
});

/** The quarterback, signed in. */
function signedInPasser(): Player
{
    test()->actingAs(coach('q@cedarfork.example'));

    return Player::query()->where('letter', 'Q')->orderBy('depth')->firstOrFail();
}

/** @return list<array<string, mixed>> */
function askedOf(Player $player): array
{
    return test()->getJson("/api/v1/players/$player->id/reps")->assertOk()->json('questions');
}

/** The name of the call a question is about, also where it has to be named. */
function callAsked(array $question): string
{
    return Call::query()->findOrFail(explode('-', $question['id'])[1])->name;
}

/** What is right for a question, as the product has it. */
function rightAnswer(Player $player, string $id): string
{
    return (new Deck($player, CarbonImmutable::now()->toDateTimeImmutable()))->find($id)?->question->right[0] ?? '';
}

function repAnswer(Player $player, string $id, ?string $value = null, float $tookS = 1.0): array
{
    return test()->postJson("/api/v1/players/$player->id/reps/$id", [
        'answer' => $value ?? rightAnswer($player, $id),
        'tookS' => $tookS,
    ])->assertOk()->json();
}

/** An answer that is offered and wrong. */
function wrongAnswer(Player $player, array $question): string
{
    $rep = (new Deck($player, CarbonImmutable::now()->toDateTimeImmutable()))->find($question['id']);
    $wrong = array_filter(
        array_column($question['choices'], 'value'),
        fn (string $v): bool => ! $rep->question->isRight($v),
    );

    return array_values($wrong)[0];
}

it('asks ten a day, of several plays, and never says what is right', function (): void {
    $player = signedInPasser();
    $questions = askedOf($player);
    $play = fn (array $q): string => implode('-', array_slice(explode('-', $q['id']), 1, 2));
    $plays = array_unique(array_map($play, $questions));

    expect($questions)->toHaveCount(Deck::DAILY)
        ->and(count($plays))->toBeGreaterThanOrEqual(Deck::DAILY / 2)
        ->and(array_unique(array_column($questions, 'id')))->toHaveCount(Deck::DAILY);
    foreach ($questions as $q) {
        expect(array_keys($q))->toBe(['id', 'kind', 'call', 'words', 'look', 'asks', 'choices', 'allowedS', 'freezeS'])
            ->and($q['look'] === null)->toBe($q['kind'] === 'coverage');
    }
    expect(askedOf($player))->toBe($questions);
});

it('keeps an answer, says why, and asks one less', function (): void {
    $player = signedInPasser();
    $first = askedOf($player)[0];
    $said = repAnswer($player, $first['id']);

    expect($said['right'])->toBeTrue()
        ->and($said['kept'])->toBeTrue()
        ->and($said['why'])->not->toBe('')
        ->and($said['comesOn'])->toBe('2026-10-06')
        ->and(array_column(askedOf($player), 'id'))->not->toContain($first['id']);
    $kept = RepAnswer::query()->sole();
    expect($kept->player_id)->toBe($player->id)
        ->and($kept->question)->toBe($first['id'])
        ->and($kept->right)->toBeTrue()
        ->and($kept->call)->toBe(callAsked($first));
    $this->getJson("/api/v1/players/$player->id/reps")
        ->assertJsonPath('answered', 1)
        ->assertJsonPath('right', 1)
        ->assertJsonCount(Deck::DAILY - 1, 'questions');
});

it('tells a wrong answer and what was right', function (): void {
    $player = signedInPasser();
    $first = askedOf($player)[0];
    $said = repAnswer($player, $first['id'], wrongAnswer($player, $first));

    expect($said['right'])->toBeFalse()
        ->and($said['answers'])->toContain(rightAnswer($player, $first['id']))
        ->and($said['said'])->not->toBe('');
    $this->getJson("/api/v1/players/$player->id/reps")->assertJsonPath('answered', 1)->assertJsonPath('right', 0);
});

it('has the right answer from the proof of the board', function (): void {
    $player = signedInPasser();
    foreach (askedOf($player) as $q) {
        $rep = (new Deck($player, CarbonImmutable::now()->toDateTimeImmutable()))->find($q['id']);
        $report = Told::report($rep->proof);
        expect(match ($rep->question->kind) {
            Kind::Key => $report['keys'][0]['defender'],
            Kind::Coverage => $rep->proof->scene()->look->shell,
            default => $rep->question->right[0],
        })->toBe($rep->question->right[0]);
    }
});

it('brings back what was missed the next day, and what was known when it is due', function (): void {
    $player = signedInPasser();
    [$known, $missed] = askedOf($player);
    repAnswer($player, $known['id']);
    repAnswer($player, $missed['id'], wrongAnswer($player, $missed));
    expect(array_column(askedOf($player), 'id'))->not->toContain($known['id'])->not->toContain($missed['id']);

    $this->travelTo(CarbonImmutable::parse('2026-10-06 18:00'));
    $ids = array_column(askedOf($player), 'id');
    expect(array_slice($ids, 0, 2))->toEqualCanonicalizing([$known['id'], $missed['id']]);
    repAnswer($player, $known['id']);
    repAnswer($player, $missed['id']);

    $this->travelTo(CarbonImmutable::parse('2026-10-07 18:00'));
    // Six days for what he knew twice, one for what he missed first.
    $ids = array_column(askedOf($player), 'id');
    expect($ids)->toContain($missed['id'])->not->toContain($known['id']);
    $this->travelTo(CarbonImmutable::parse('2026-10-12 08:00'));
    expect(array_column(askedOf($player), 'id'))->toContain($known['id']);
});

it('asks no more than its ten', function (): void {
    $player = signedInPasser();
    foreach (askedOf($player) as $q) {
        repAnswer($player, $q['id']);
    }
    expect(askedOf($player))->toBe([]);
});

it('draws the play up to the read and lets it run on', function (): void {
    $player = signedInPasser();
    $ball = array_values(array_filter(askedOf($player), fn (array $q): bool => $q['kind'] === 'ball'))[0];
    $still = array_values(array_filter(askedOf($player), fn (array $q): bool => $q['kind'] !== 'ball'))[0];

    $frames = $this->getJson("/api/v1/players/$player->id/reps/{$ball['id']}")->assertOk()->json('frames');
    expect($frames['step'] * (count($frames['at']) - 1))->toBeGreaterThan($ball['freezeS']);
    $this->getJson("/api/v1/players/$player->id/reps/{$still['id']}")
        ->assertOk()
        ->assertJsonPath('frames', null)
        ->assertJsonCount(11, 'stage.men')
        ->assertJsonCount(11, 'stage.defenders');
});

it('asks each man what is his', function (string $letter, array $kinds): void {
    $player = Player::query()->where('letter', $letter)->orderBy('depth')->firstOrFail();
    $this->actingAs(coach());
    $found = array_values(array_unique(array_column(askedOf($player), 'kind')));

    expect(array_diff($found, $kinds))->toBe([])
        ->and($found)->not->toBe([]);
})->with([
    'the quarterback' => ['Q', ['key', 'ball', 'coverage', 'call', 'legal']],
    'a lineman' => ['LG', ['job', 'legal']],
    'a receiver' => ['H', ['job', 'coverage', 'call', 'legal']],
]);

it('takes its plays from the plan first, then from the book, all against the opponent', function (): void {
    $call = Call::query()->firstOrFail();
    $look = Look::query()->whereNotNull('opponent')->firstOrFail();
    Plan::query()->create(['opponent' => $look->opponent, 'calls' => [$call->id]]);
    // Few looks: a play asks one man two things at most, so the plan alone does not fill the day.
    $theirs = Look::query()->where('opponent', $look->opponent)->limit(3)->pluck('id')->all();
    Look::query()->where('opponent', $look->opponent)->whereNotIn('id', $theirs)->delete();
    $player = Player::query()->where('letter', 'LG')->firstOrFail();
    $this->actingAs(coach());
    $questions = askedOf($player);
    $isPlanned = [];
    foreach ($questions as $q) {
        [, $of, $against] = explode('-', $q['id']);
        $isPlanned[] = $of === $call->id;
        expect($theirs)->toContain($against);
    }
    $planned = count(array_filter($isPlanned));

    expect($questions)->toHaveCount(Deck::DAILY)
        ->and($planned)->toBeGreaterThan(0)->toBeLessThan(Deck::DAILY)
        ->and(array_slice($isPlanned, 0, $planned))->not->toContain(false);
});

it('asks which call is drawn, and says it only with the answer', function (): void {
    $player = signedInPasser();
    $deck = new Deck($player, CarbonImmutable::now()->toDateTimeImmutable());
    $call = Call::query()->where('words', 'like', '%smash%')->firstOrFail();
    $id = "call-$call->id-".Look::query()->firstOrFail()->id.'-'.substr(sha1(''), 0, 8);
    $rep = $deck->find($id);
    $said = repAnswer($player, $id, $call->name);

    expect($rep->asked())->toMatchArray(['kind' => 'call', 'call' => null, 'words' => null, 'freezeS' => null])
        ->and(array_column($rep->asked()['choices'], 'value'))->toContain($call->name)
        ->and(Call::query()->whereIn('name', array_column($rep->asked()['choices'], 'value'))->get()
            ->filter(fn (Call $c): bool => ($c->document['run'] ?? null) !== null)->all())->toBe([])
        ->and($said['right'])->toBeTrue()
        ->and($said['call'])->toBe($call->name)
        ->and($said['why'])->toBe("It is $call->words.");
});

it('asks whether they stand legally, draws it so, and says what the rule book says', function (): void {
    $player = Player::query()->where('letter', 'Z')->orderBy('depth')->firstOrFail();
    $this->actingAs(coach());
    $deck = new Deck($player, CarbonImmutable::now()->toDateTimeImmutable());
    $found = $moved = 0;
    foreach (Call::query()->orderBy('id')->limit(12)->get() as $call) {
        $legal = Legal::of(CallDocument::read($call->document), Situation::of(), 'Z', $call->id);
        foreach ($legal === null ? [] : Look::query()->get() as $look) {
            $id = "legal-$call->id-$look->id-".substr(sha1($legal->question->about), 0, 8);
            $rep = $deck->find($id);
            expect($rep !== null)->toBe(crc32("$call->id $look->id") % 5 === 0);
            if ($rep === null) {
                continue;
            }
            $found++;
            $about = $legal->question->about;
            $right = $legal->question->right[0];
            $man = array_column($rep->picture()['stage']['men'], null, 'letter')[$about ?: 'Z'];
            $usual = CallDocument::read($call->document)->formation->men(Situation::of()->frame())[$about ?: 'Z'];
            $moved += abs($man['yYd'] - $usual->yYd) > 0.4 ? 1 : 0;
            expect($about === '')->toBe($right === 'legal')
                ->and(repAnswer($player, $id, $right))
                ->toMatchArray(['right' => true, 'answers' => [$right], 'kept' => false])
                ->and(repAnswer($player, $id, $right === 'legal' ? 'covered' : 'legal')['right'])->toBeFalse();
        }
    }
    expect($found)->toBeGreaterThan(2)->and($moved)->toBeGreaterThan(0);
});

it('asks no lineman which call is drawn: nothing of his is in it', function (): void {
    $player = Player::query()->where('letter', 'LG')->firstOrFail();
    $call = Call::query()->where('words', 'like', '%smash%')->firstOrFail();
    $deck = new Deck($player, CarbonImmutable::now()->toDateTimeImmutable());
    $id = "call-$call->id-".Look::query()->firstOrFail()->id.'-'.substr(sha1(''), 0, 8);

    expect($deck->find($id))->toBeNull();
});

it('keeps nothing of what somebody of the staff tries', function (): void {
    $player = Player::query()->where('letter', 'Q')->firstOrFail();
    $this->actingAs(coach());
    $said = repAnswer($player, askedOf($player)[0]['id']);

    expect($said['kept'])->toBeFalse()
        ->and(RepAnswer::query()->count())->toBe(0);
});

it('shows a man\'s reps to him and to the staff', function (string $who, int $status): void {
    $player = Player::query()->where('letter', 'Q')->orderBy('depth')->firstOrFail();
    $this->actingAs(coach($who));
    $this->getJson("/api/v1/players/$player->id/reps")->assertStatus($status);
})->with([
    'he himself' => ['q@cedarfork.example', 200],
    'another player' => ['h@cedarfork.example', 403],
    'the coordinator' => ['coordinator@cedarfork.example', 200],
]);

it('refuses what is not offered and what is gone', function (): void {
    $player = signedInPasser();
    $first = askedOf($player)[0];
    $path = "/api/v1/players/$player->id/reps/{$first['id']}";
    $this->postJson($path, ['answer' => 'nobody at all', 'tookS' => 1.0])
        ->assertUnprocessable()
        ->assertSee('choose one of them');
    $this->postJson($path, ['answer' => rightAnswer($player, $first['id']), 'tookS' => -1])->assertUnprocessable();
    Call::query()->findOrFail(explode('-', $first['id'])[1])->delete();
    $this->getJson($path)->assertNotFound()->assertSee('no longer there');
    $this->getJson("/api/v1/players/$player->id/reps/nonsense")->assertNotFound();
    expect(RepAnswer::query()->count())->toBe(0);
});

it('shows the staff how the men stand, in the order of the roster, and the call least known first', function (): void {
    $player = signedInPasser();
    [$known, $missed] = askedOf($player);
    repAnswer($player, $known['id']);
    repAnswer($player, $missed['id'], wrongAnswer($player, $missed));
    // What he says once more on the same day is no second rep.
    repAnswer($player, $missed['id']);
    $this->actingAs(coach());
    $standing = $this->getJson('/api/v1/reps')->assertOk()->json();
    $numbers = array_column($standing['men'], 'number');
    $sorted = $numbers;
    sort($sorted);
    $his = array_values(array_filter($standing['men'], fn (array $m): bool => $m['id'] === $player->id))[0];

    expect($numbers)->toBe($sorted)
        ->and(array_sum(array_column($his['kinds'], 'asked')))->toBe(2)
        ->and(array_sum(array_column($his['kinds'], 'right')))->toBe(1)
        ->and($his['onDays'])->toBe(1)
        ->and($standing['calls'][0]['call'])->toBe(callAsked($missed))
        ->and(array_sum(array_column($standing['calls'], 'asked')))->toBe(2);
    $this->actingAs(coach('q@cedarfork.example'));
    $this->getJson('/api/v1/reps')->assertForbidden();
});

it('hands over and erases his answers with the rest', function (): void {
    $player = signedInPasser();
    $first = askedOf($player)[0];
    repAnswer($player, $first['id']);
    $records = json_decode((string) $this->get("/api/v1/players/$player->id/records.json")->getContent(), true);
    expect($records['reps'])->toHaveCount(1)
        ->and($records['reps'][0]['call'])->toBe(callAsked($first));
    $this->actingAs(coach());
    $this->deleteJson("/api/v1/players/$player->id", ['name' => $player->name])->assertNoContent();
    expect(RepAnswer::query()->count())->toBe(0)
        ->and(User::query()->where('email', 'q@cedarfork.example')->exists())->toBeFalse();
});

it('never changes an answer that was given', function (): void {
    $player = signedInPasser();
    repAnswer($player, askedOf($player)[0]['id']);
    expect(fn () => RepAnswer::query()->sole()->update(['right' => false]))->toThrow(LogicException::class);
});

it('sends with the picture what is right, so that it can be answered without a network', function (): void {
    $player = signedInPasser();
    $first = askedOf($player)[0];
    $told = $this->getJson("/api/v1/players/$player->id/reps/{$first['id']}")->assertOk()->json('told');
    $said = $this->postJson("/api/v1/players/$player->id/reps/{$first['id']}", ['answer' => $told['answers'][0],
        'tookS' => 1.0])->assertOk()->json();

    expect($told)->toBe(array_intersect_key($said, $told))
        ->and($said['right'])->toBeTrue()
        ->and(array_keys($told))->toBe(['answers', 'said', 'why', 'call', 'look']);
});

it('keeps an answer of before at its own day, and once where it is sent twice', function (): void {
    $player = signedInPasser();
    [$first, $second] = askedOf($player);
    $path = fn (array $question): string => "/api/v1/players/$player->id/reps/{$question['id']}";
    $held = ['answer' => rightAnswer($player, $first['id']), 'tookS' => 2.0,
        'at' => now()->subDays(2)->toIso8601String()];
    $this->postJson($path($first), $held)->assertOk()->assertJsonPath('kept', true);
    $this->postJson($path($first), $held)->assertOk();
    expect(RepAnswer::query()->count())->toBe(1)
        ->and(RepAnswer::query()->sole()->created_at->toDateString())->toBe(now()->subDays(2)->toDateString())
        ->and($this->getJson("/api/v1/players/$player->id/reps")->json('answered'))->toBe(0);
    foreach (['in two days' => now()->addDays(2), 'a month ago' => now()->subMonth()] as $at) {
        $this->postJson($path($second), ['answer' => rightAnswer($player, $second['id']), 'tookS' => 2.0,
            'at' => $at->toIso8601String()])->assertUnprocessable();
    }
    $this->postJson($path($second), ['at' => 'tomorrow-ish'] + $held)->assertUnprocessable();
});

it('takes an answer of a phone whose clock is ahead, as given now', function (): void {
    $player = signedInPasser();
    $first = askedOf($player)[0];
    $this->postJson("/api/v1/players/$player->id/reps/{$first['id']}", [
        'answer' => rightAnswer($player, $first['id']), 'tookS' => 2.0,
        'at' => now()->addMinutes(20)->toIso8601String(),
    ])->assertOk();
    expect(RepAnswer::query()->sole()->created_at->isFuture())->toBeFalse();
});
