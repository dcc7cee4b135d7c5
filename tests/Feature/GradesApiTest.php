<?php

use App\Models\Grade;
use App\Models\Player;
use App\Models\Snap;

beforeEach(fn () => $this->actingAs(coach()));

/** A snap of the demo game that is filmed and graded by nobody. */
function ungraded(): Snap
{
    return Snap::query()->whereRelation('reel', 'title', 'Week 3, Granite Pass')->where('number', 38)->firstOrFail();
}

/** @return array<string, mixed> */
function gradeOf(array $more = [], int $mark = -1): array
{
    return $more + ['mark' => $mark, 'faults' => ['FLT-13']];
}

/**
 * The week's row of a letter.
 *
 * @return array<string, mixed>
 */
function row(string $letter): array
{
    return collect(test()->getJson('/api/v1/weeks?week=3')->json('men'))->firstWhere('letter', $letter);
}

it('FLM-11, GRD-06: keeps a grade that is not his and counts it nowhere',
    function (array $remark, int $mark, ?string $why): void {
        $before = row('H');
        $url = '/api/v1/snaps/'.ungraded()->id.'/grades/H';
        $this->putJson($url, gradeOf($remark, $mark), ['If-Match' => '"0"'])
            ->assertCreated()
            ->assertJsonPath('not_counted', $why)
            ->assertJsonPath('counts', $why === null);
        $after = row('H');
        $h = Player::query()->where('letter', 'H')->orderBy('depth')->value('id');
        $letter = $this->getJson("/api/v1/players/$h")
            ->assertOk()
            ->json();
        expect($after['snaps'] - $before['snaps'])
            ->toBe($why === null ? 1 : 0)
            ->and(collect($letter['grades'])->where('not_counted', $why)->where('snap.number', 38))
            ->toHaveCount(1)
            ->and(collect($letter['faults'])->firstWhere('id', 'FLT-13')['times'])
            ->toBe(
                collect($before['faults'])->firstWhere('id', 'FLT-13')['times'] + ($why === null ? 1
                    : 0) + pastFaults($h),
            );
    })->with([
        'his own' => [[], -1, null],
        'a plus through a hold nobody called' => [['charged_to' => 'opponent'], 1, null],
        'a hold nobody called' => [['charged_to' => 'opponent'], -1, 'a hold or foul of theirs that nobody called'],
        'a walk-through' => [['charged_to' => 'context', 'caveat' => 'no pads'], 1,
            'effort of a bag drill or walk-through'],
        'another man\'s doing' => [['caused_by' => 'Z', 'correction' => 'widen at 5'], -1, 'Z caused it'],
        'a guess' => [['certain' => false], -1, 'a guess: settle it and it counts'],
    ]);

/** His FLT-13 of other weeks. */
function pastFaults(string $player): int
{
    return Grade::query()
        ->where('player_id', $player)
        ->whereJsonContains('faults', 'FLT-13')
        ->whereHas('snap.reel', fn ($q) => $q->where('week', '<>', 3))
        ->count();
}

it('refuses remarks that cannot be', function (array $remark, string $says): void {
    $answer = $this->putJson('/api/v1/snaps/'.ungraded()->id.'/grades/H', gradeOf($remark), [
        'If-Match' => '"0"',
    ])->assertStatus(422);
    expect(json_encode($answer->json()))->toContain($says);
})->with([
    'his own cause' => [['caused_by' => 'H'], 'name another man'],
    'nobody of ours' => [['caused_by' => 'mike'], 'caused'],
    'no such owner' => [['charged_to' => 'weather'], 'charged'],
    'a correction without end' => [['correction' => str_repeat('x', 301)], 'correction'],
    'certain in words' => [['certain' => 'maybe'], 'certain'],
]);

it('keeps a remark when only the mark is changed, and counts anew', function (): void {
    $url = '/api/v1/snaps/'.ungraded()->id.'/grades/H';
    $this->putJson($url, gradeOf(['caused_by' => 'Z', 'correction' => 'widen at 5', 'hard' => true]),
        ['If-Match' => '"0"'])->assertCreated();
    $this->putJson($url, gradeOf(mark: 1), ['If-Match' => '"1"'])->assertOk()->assertJsonPath('correction',
        'widen at 5')
        ->assertJsonPath('caused_by', 'Z')->assertJsonPath('counts', true)->assertJsonPath('hard', true);
    $this->putJson($url, gradeOf(['caused_by' => null, 'correction' => null], 1), ['If-Match' => '"2"'])->assertOk()
        ->assertJsonPath('correction', '')->assertJsonPath('caused_by', null);
});

it('GRD-09: gives credit, or the cost, to who caused it, without his partner\'s grade',
    function (int $mark, bool $helped, string $does): void {
        $snap = ungraded();
        $this->putJson("/api/v1/snaps/{$snap->id}/grades/R", gradeOf(['caused_by' => 'C', 'faults' => []], $mark), [
            'If-Match' => '"0"',
        ])->assertCreated();
        $c = Player::query()->where('letter', 'C')->orderBy('depth')->firstOrFail();
        $led = collect(
            $this->getJson("/api/v1/players/{$c->id}")
                ->assertOk()
                ->json('led'),
        )
            ->where('snap', $snap->id)
            ->values();
        expect($led)
            ->toHaveCount(1)
            ->and($led[0]['helped'])
            ->toBe($helped)
            ->and($led[0]['does'])
            ->toBe($does)
            ->and($led[0])
            ->not->toHaveKeys(['mark', 'faults', 'reason']);
        expect($this->getJson('/api/v1/players/'.Player::query()->where('letter', 'X')->value('id'))->json('led'))
            ->toBe(
                [],
            );
    })->with([[1, true, 'what you did made it for R'], [-1, false, 'what you did cost R the play']]);

it('lets nobody but the staff grade, and a player see his own page alone', function (): void {
    $snap = ungraded();
    $z = Player::query()->where('letter', 'Z')->value('id');
    $this->actingAs(coach('h@cedarfork.example'));
    $this->putJson("/api/v1/snaps/{$snap->id}/grades/H", gradeOf(mark: 1), ['If-Match' => '"0"'])->assertForbidden();
    $this->getJson("/api/v1/players/$z")->assertForbidden();
    foreach (
        ['weeks', 'weeks/file.csv?week=3', 'repeats', 'teaching/FLT-13', 'numbers/groups?by=call', 'grading'] as $page
    ) {
        $this->getJson("/api/v1/$page")->assertForbidden();
    }
});

it('tells how many of a week are kept and not counted', function (): void {
    $before = $this->getJson('/api/v1/weeks?week=3')->json('notCountedIds');
    $this->putJson('/api/v1/snaps/'.ungraded()->id.'/grades/H', gradeOf(['certain' => false]), [
        'If-Match' => '"0"',
    ])->assertCreated();
    expect($this->getJson('/api/v1/weeks?week=3')->json('notCountedIds'))
        ->toHaveCount(count($before) + 1)
        ->toContain(ungraded()->id);
});
