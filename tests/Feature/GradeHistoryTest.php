<?php

/* What a grade was is kept: who gave, changed and took it away, when, and what stood there before. */

use App\Film\ChangeWords;
use App\Models\Grade;
use App\Models\GradeChange;
use App\Models\Player;
use App\Models\User;
use Jacotaxis\Core\Grade\Library\FaultKeys;

/** What was kept of the man on the snap, the latest first, in words. */
function kept(string $snap, string $man): array
{
    return test()->getJson("/api/v1/snaps/$snap/grades/$man/history")->assertOk()->json('changes');
}

it('keeps who graded, what he changed and that it was taken away', function (): void {
    $snap = numbered(17);
    $snap->grades()->where('man', 'H')->delete();
    $at = "/api/v1/snaps/{$snap->id}/grades/H";
    $this->actingAs(coach())->putJson($at, ['mark' => 1, 'faults' => []], ['If-Match' => '"0"'])->assertCreated();
    $other = User::query()->where('role', 'position coach')->firstOrFail();
    $this->actingAs($other)
        ->putJson($at, ['mark' => -1, 'faults' => ['FLT-13'], 'correction' => 'plant the outside foot'],
            ['If-Match' => '"1"'])
        ->assertOk();
    $this->actingAs(coach())->deleteJson($at)->assertOk();
    $kept = kept($snap->id, 'H');
    expect(array_column($kept, 'what'))->toBe([
        'taken away, was minus',
        'plus to minus; faults: none to wrong depth; correction: none to “plant the outside foot”',
        'graded plus',
    ])->and(array_column($kept, 'who'))->toBe([coach()->name, $other->name, coach()->name])
        ->and($kept[0]['at'])->toBeString()
        ->and(kept($snap->id, 'X'))->toBe([]);
});

it('keeps nothing where nothing changed, and nothing of a save that was refused', function (): void {
    $snap = numbered(17);
    $grade = $snap->grades()->firstOrFail();
    $at = "/api/v1/snaps/{$snap->id}/grades/{$grade->man}";
    $same = $grade->only(['mark', 'faults', 'bust', 'impact', 'certain', 'hard', 'correction', 'caveat', 'caused_by',
        'charged_to', 'marks']);
    $this->actingAs(coach())->putJson($at, $same, ['If-Match' => "\"{$grade->version}\""])->assertOk();
    $after = kept($snap->id, $grade->man);
    $stale = ['mark' => $grade->mark === 1 ? -1 : 1] + $same;
    $this->putJson($at, $stale, ['If-Match' => "\"{$grade->version}\""])->assertStatus(412);
    expect(kept($snap->id, $grade->man))->toBe($after);
});

it('keeps every grade that one key gave', function (): void {
    $snap = numbered(38);
    $snap->grades()->delete();
    $given = $this->actingAs(coach())->postJson("/api/v1/snaps/{$snap->id}/grades")->assertCreated()->json('grades');
    expect($given)->not->toBe([])
        ->and(GradeChange::query()->where('snap_id', $snap->id)->count())->toBe(count($given));
});

it('remembers the grades of a snap and of a reel that are gone', function (string $what): void {
    $snap = numbered(17);
    $grade = $snap->grades()->firstOrFail();
    $count = $what === 'snap' ? $snap->grades()->count()
        : Grade::query()->whereIn('snap_id', $snap->reel->snaps()->select('id'))->count();
    $path = $what === 'snap' ? "snaps/{$snap->id}?graded=1" : "reels/{$snap->reel_id}";
    $this->actingAs(coach())->deleteJson("/api/v1/$path")->assertSuccessful();
    $change = GradeChange::query()
        ->where(['player_id' => $grade->player_id, 'of' => "{$snap->reel->title}, snap 17"])
        ->whereNull('after')
        ->firstOrFail();
    expect($change->snap_id)->toBeNull()
        ->and($change->before['mark'] ?? null)->toBe($grade->mark)
        ->and(GradeChange::query()->whereNull('after')->count())->toBe($count);
})->with(['snap', 'reel']);

it('is for the staff, goes out with a player\'s records and is erased with him', function (): void {
    $snap = numbered(17);
    $grade = $snap->grades()->whereHas('player', fn ($q) => $q->where('letter', 'H'))->firstOrFail();
    $this->actingAs(coach())->deleteJson("/api/v1/snaps/{$snap->id}/grades/H")->assertOk();
    $player = Player::query()->findOrFail($grade->player_id);
    $records = $this->getJson("/api/v1/players/{$player->id}/records.json")->assertOk();
    expect($records->json('changes.0.before.mark'))->toBe($grade->mark);
    $this->actingAs(coach('h@cedarfork.example'))->getJson("/api/v1/snaps/{$snap->id}/grades/H/history")
        ->assertForbidden();
    $this->actingAs(coach())->deleteJson("/api/v1/players/{$player->id}", ['name' => $player->name])->assertNoContent();
    expect(GradeChange::query()->where('player_id', $player->id)->count())->toBe(0);
});

it('is never changed afterwards', function (): void {
    $snap = numbered(17);
    $grade = $snap->grades()->firstOrFail();
    GradeChange::keep(coach(), $grade, null);
    GradeChange::query()->firstOrFail()->update(['after' => ['mark' => 1]]);
})->throws(LogicException::class, 'never changed');

it('says a change in words', function (array $before, array $after, string $words): void {
    $blank = (new Grade(['mark' => 0, 'faults' => [], 'reason' => '']))->only(GradeChange::SAID);
    $change = new GradeChange(['before' => $before + $blank, 'after' => $after + $blank]);
    expect(ChangeWords::of($change, FaultKeys::of([], ['FLT-13' => 'off the landmark'])))->toBe($words);
})->with([
    'a mark' => [['mark' => 1], ['mark' => -1], 'plus to minus'],
    'a flag' => [[], ['bust' => true], 'mental error: no to yes'],
    'a doubt' => [['certain' => true], ['certain' => false], 'sure: yes to no'],
    'a fault more' => [['faults' => ['FLT-01']], ['faults' => ['FLT-01', 'FLT-13']],
        'faults: false step to false step, off the landmark'],
    'a part' => [['marks' => null], ['marks' => ['effort' => 1, 'technique' => null]],
        'parts: none to effort plus, technique none'],
    'whose' => [['charged_to' => 'coach'], ['charged_to' => null], 'whose it is: “coach” to none'],
    'two things' => [['mark' => 0], ['mark' => 1, 'hard' => true], 'even to plus; a hard job: no to yes'],
]);
