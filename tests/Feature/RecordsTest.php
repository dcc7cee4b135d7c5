<?php

use App\Models\Grade;
use App\Models\Player;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** The demo's flanker, who has grades and an account. */
function flanker(): Player
{
    return Player::query()->whereHas('grades')->where('letter', 'H')->where('depth', 1)->firstOrFail();
}

function signedIn(Role $role): User
{
    $user = User::query()->where('role', $role)->firstOrFail();
    test()->actingAs($user);

    return $user;
}

it('hands over everything that is kept about a player', function (): void {
    signedIn(Role::Coordinator);
    $player = flanker();
    $found = $this->get("/api/v1/players/{$player->id}/records.json")->assertOk();
    expect($found->headers->get('content-disposition'))->toContain("records-{$player->number}.json");
    $records = json_decode((string) $found->getContent(), true);
    expect($records['player']['name'])->toBe($player->name)
        ->and($records['grades'])->toHaveCount(Grade::query()->where('player_id', $player->id)->count())
        ->and($records['grades'][0])->toHaveKeys(['man', 'mark', 'asked', 'reason', 'faults', 'reel', 'snap', 'clips'])
        ->and($records['account']['email'] ?? null)
        ->toBe(User::query()->where('player_id', $player->id)->value('email'))
        ->and(json_encode($records))->not->toContain('password');
    $days = array_column(array_column($records['grades'], 'reel'), 'played_on');
    $sorted = $days;
    sort($sorted);
    expect($days)->toBe($sorted);
});

it('hands the grades over as a table, too', function (): void {
    signedIn(Role::Coordinator);
    $player = flanker();
    $table = $this->get("/api/v1/players/{$player->id}/records.csv")->assertOk()->getContent();
    $lines = explode("\r\n", trim((string) $table));
    expect($lines[0])->toStartWith('Day,Reel,Snap,Letter,Asked')
        ->and(count($lines) - 1)->toBe(Grade::query()->where('player_id', $player->id)->count());
});

it('is for the coordinator and for himself', function (Role $role, bool $own, bool $may): void {
    $player = flanker();
    $user = $own
        ? User::query()->where('player_id', $player->id)->firstOrFail()
        : User::query()
            ->where('role', $role)
            ->where(fn ($q) => $q->whereNull('player_id')->orWhere('player_id', '<>', $player->id))
            ->firstOrFail();
    $this->actingAs($user);
    $answer = $this->get("/api/v1/players/{$player->id}/records.json");
    $may ? $answer->assertOk() : $answer->assertForbidden();
    // Nobody but the coordinator erases, not even himself.
    $erased = $this->deleteJson("/api/v1/players/{$player->id}", ['name' => $player->name]);
    $role === Role::Coordinator ? $erased->assertNoContent() : $erased->assertForbidden();
})->with([
    'the coordinator' => [Role::Coordinator, false, true],
    'a position coach' => [Role::PositionCoach, false, false],
    'he himself' => [Role::Player, true, true],
    'another player' => [Role::Player, false, false],
]);

it('erases a player and leaves no row of him', function (): void {
    signedIn(Role::Coordinator);
    $player = flanker();
    $account = User::query()->where('player_id', $player->id)->firstOrFail();
    $others = Grade::query()->where('player_id', '<>', $player->id)->count();
    $this->deleteJson("/api/v1/players/{$player->id}", ['name' => $player->name])->assertNoContent();

    $tables = collect(DB::select("select name from sqlite_master where type = 'table'"))->pluck('name');
    foreach ($tables as $table) {
        $text = json_encode(DB::table($table)->get(), JSON_THROW_ON_ERROR);
        foreach ([$player->id, $player->name, $account->id, $account->email] as $trace) {
            expect(str_contains($text, json_encode($trace, JSON_THROW_ON_ERROR)))->toBeFalse("$table has $trace");
        }
    }
    expect(Grade::query()->count())->toBe($others);
    $this->getJson("/api/v1/players/{$player->id}")->assertNotFound();
});

it('does not erase by a slip', function (): void {
    signedIn(Role::Coordinator);
    $player = flanker();
    $this->deleteJson("/api/v1/players/{$player->id}")->assertUnprocessable();
    $this->deleteJson("/api/v1/players/{$player->id}", ['name' => 'Somebody else'])
        ->assertUnprocessable()
        ->assertSee($player->name);
    expect(Player::query()->whereKey($player->id)->exists())->toBeTrue();
});
