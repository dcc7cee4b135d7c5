<?php

/* Who may come in: invitations by link, roles, shutting out, passwords, wrong ones counted, sessions ended. */

use App\Models\Player;
use App\Models\Role;
use App\Models\User;
use App\People\WrongPasswords;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Hash;

const GOOD = 'ridge lantern plum';

/** Invites a position coach as the coordinator; gives the token of his link. */
function invited(): string
{
    $body = ['name' => 'Piet Garrow', 'email' => 'line@cedarfork.example', 'role' => 'position coach'];
    $answer = test()->actingAs(coach())->postJson('api/v1/people', $body)->assertCreated();
    auth()->logout();
    test()->flushSession();

    return basename((string) $answer->json('link'));
}

/** Signs in as somebody through the door. */
function signIn(string $email, string $password): Illuminate\Testing\TestResponse
{
    return test()->postJson('api/v1/session', ['email' => $email, 'password' => $password]);
}

it('lets somebody in by a link he gets once, and by the password he chose', function (): void {
    $token = invited();
    expect(User::query()->where('email', 'line@cedarfork.example')->value('link_hash'))
        ->toBe(hash('sha256', $token))
        ->not->toContain($token);
    $this->getJson("api/v1/join/$token")->assertOk()->assertJson(['name' => 'Piet Garrow']);
    $this->postJson("api/v1/join/$token", ['password' => GOOD])
        ->assertCreated()
        ->assertJson(['role' => 'position coach', 'staff' => true]);
    $this->getJson('api/v1/session')->assertOk();
    auth()->logout();
    $this->flushSession();
    // The link is used up.
    $this->getJson("api/v1/join/$token")->assertNotFound()->assertJsonPath('title', 'This link does not open anything');
    signIn(' Line@CedarFork.example ', GOOD)->assertOk()->assertJson(['wrongSince' => 0]);
});

it('opens nothing by a link that ran out, was replaced, or is of somebody shut out', function (Closure $spoil): void {
    $token = invited();
    $spoil(User::query()->where('email', 'line@cedarfork.example')->firstOrFail());
    $this->getJson("api/v1/join/$token")->assertNotFound();
    $this->postJson("api/v1/join/$token", ['password' => GOOD])->assertNotFound();
})->with([
    'ran out' => [fn (User $u) => test()->travel(8)->days()],
    'replaced' => [fn (User $u) => App\People\Links::for($u)],
    'shut out' => [fn (User $u) => $u->forceFill(['disabled_at' => now()])->save()],
]);

it('refuses passwords that are tried first, and takes long ones without rules of signs', function (
    string $password,
    bool $good,
): void {
    $token = invited();
    $answer = $this->postJson("api/v1/join/$token", ['password' => $password]);
    $good ? $answer->assertCreated() : $answer->assertUnprocessable()->assertJsonPath('pointer', '/password');
})->with([
    'three words' => [GOOD, true],
    'a long one of small letters' => ['hedgehogs under snow', true],
    'a word among others' => ['my football lives in the barn', true],
    'short' => ['Xk7#qP', false],
    'nine signs' => ['Xk7#qPm2z', false],
    'the usual one' => ['password12', false],
    'the usual one dressed up' => ['P@ssw0rd123', false],
    'the game' => ['Football2026!', false],
    'his own name' => ['piet.garrow', false],
    'his address' => ['cedarfork2026', false],
    'one sign' => ['aaaaaaaaaaaa', false],
    'his name among others' => ['garrow over the lantern', true],
    'too long' => [str_repeat('ridge lantern ', 20), false],
]);

it('ends every session when a link is sent, when he is shut out, and all but his own when he changes his password',
    function (Closure $ends, bool $stays): void {
        $user = coach('receivers@cedarfork.example');
        signIn($user->email, DatabaseSeeder::PASSWORD)->assertOk();
        $this->getJson('api/v1/session')->assertOk();
        $ends($user);
        auth()->forgetGuards();
        $answer = $this->getJson('api/v1/session');
        $stays ? $answer->assertOk() : $answer->assertUnauthorized();
    })->with([
        'a new link' => [fn (User $u) => App\People\Links::for($u), false],
        'shut out' => [fn (User $u) => $u->forceFill(['disabled_at' => now()])->save(), false],
        'ended elsewhere' => [fn (User $u) => $u->forceFill(['sessions' => $u->sessions + 1])->save(), false],
        'his own new password' => [
            fn (User $u) => test()
                ->putJson('api/v1/session/password', ['old' => DatabaseSeeder::PASSWORD, 'password' => GOOD])
                ->assertOk(),
            true,
        ],
        'nothing' => [fn (User $u) => null, true],
    ]);

it('changes one\'s own password only with the old one', function (): void {
    $user = coach('receivers@cedarfork.example');
    $this->actingAs($user)
        ->putJson('api/v1/session/password', ['old' => 'not this', 'password' => GOOD])
        ->assertUnprocessable()
        ->assertJsonPath('pointer', '/old');
    expect(Hash::check(DatabaseSeeder::PASSWORD, $user->refresh()->password))->toBeTrue();
    $this->putJson('api/v1/session/password', ['old' => DatabaseSeeder::PASSWORD, 'password' => GOOD])->assertOk();
    expect(Hash::check(GOOD, $user->refresh()->password))->toBeTrue();
});

it('does not let in who was shut out, says so, and lets him in again', function (): void {
    $user = coach('receivers@cedarfork.example');
    $this->actingAs(coach())->patchJson("api/v1/people/{$user->id}", ['disabled' => true])
        ->assertOk()->assertJson(['state' => 'shut out']);
    auth()->logout();
    $this->flushSession();
    signIn($user->email, DatabaseSeeder::PASSWORD)->assertForbidden()
        ->assertJsonPath('detail', 'You are not let in any more. Ask your coordinator.');
    $this->actingAs(coach())->patchJson("api/v1/people/{$user->id}", ['disabled' => false])->assertOk();
    auth()->logout();
    $this->flushSession();
    signIn($user->email, DatabaseSeeder::PASSWORD)->assertOk();
});

it('keeps a coordinator, whatever is asked', function (array $change): void {
    $this->actingAs(coach())->patchJson('api/v1/people/'.coach()->id, $change)->assertConflict()
        ->assertJsonPath('title', 'Somebody has to be coordinator');
    User::query()->where('email', 'receivers@cedarfork.example')->update(['role' => Role::Coordinator->value]);
    $this->patchJson('api/v1/people/'.coach()->id, $change)->assertOk();
})->with([[['disabled' => true]], [['role' => 'position coach']]]);

it('is the coordinator\'s alone', function (string $email): void {
    $this->actingAs(coach($email));
    $id = coach()->id;
    $this->getJson('api/v1/people')->assertForbidden();
    $this->postJson('api/v1/people', ['name' => 'A', 'email' => 'a@b.example', 'role' => 'coordinator'])
        ->assertForbidden();
    $this->postJson("api/v1/people/$id/link")->assertForbidden();
    $this->patchJson("api/v1/people/$id", ['disabled' => true])->assertForbidden();
})->with(['receivers@cedarfork.example', 'h@cedarfork.example']);

it('lists who is in, and gives away no password and no link', function (): void {
    invited();
    $answer = $this->actingAs(coach())->getJson('api/v1/people')->assertOk();
    $people = collect($answer->json('people'))->keyBy('email');
    expect($people['line@cedarfork.example']['state'])->toBe('has a link')
        ->and($people['coordinator@cedarfork.example']['state'])->toBe('in')
        ->and(array_keys($people['coordinator@cedarfork.example']))
        ->toBe(['id', 'name', 'email', 'role', 'playerId', 'state', 'signedInAt']);
});

it('wants a player\'s own page for a player, and an address only once', function (): void {
    $this->actingAs(coach());
    $player = Player::query()->firstOrFail();
    $body = ['name' => 'Isaiah Kemp', 'email' => 'r@cedarfork.example', 'role' => 'player'];
    $this->postJson('api/v1/people', $body)->assertUnprocessable();
    $this->postJson('api/v1/people', $body + ['player_id' => $player->id])->assertCreated();
    $this->postJson('api/v1/people', ['email' => 'R@cedarfork.example'] + $body + ['player_id' => $player->id])
        ->assertUnprocessable();
});

it('counts wrong passwords by account and makes them wait longer and longer', function (): void {
    $email = 'receivers@cedarfork.example';
    for ($n = 0; $n < 5; $n++) {
        signIn($email, 'wrong')->assertUnprocessable();
    }
    signIn($email, DatabaseSeeder::PASSWORD)->assertStatus(429)->assertSee('Wait 15 seconds');
    // Somebody else is let in meanwhile.
    signIn('coordinator@cedarfork.example', DatabaseSeeder::PASSWORD)->assertOk();
    $this->travel(16)->seconds();
    signIn($email, 'wrong')->assertUnprocessable();
    signIn($email, 'wrong')->assertStatus(429);
    $this->travel(31)->seconds();
    signIn($email, DatabaseSeeder::PASSWORD)->assertOk()->assertJson(['wrongSince' => 6]);
    signIn($email, DatabaseSeeder::PASSWORD)->assertOk()->assertJson(['wrongSince' => 0]);
});

it('lets a team of sixty in from one place in a minute', function (): void {
    $sixty = function (): int {
        for ($n = 0; $n < 60; $n++) {
            $tries = new WrongPasswords("p$n@cedarfork.example", '10.1.1.1');
            $tries->mayTry();
            $tries->right();
        }

        return $n;
    };
    expect($sixty())->toBe(60);
    for ($n = 0; $n < 20; $n++) {
        (new WrongPasswords("q$n@cedarfork.example", '10.1.1.1'))->wrong();
    }
    expect(fn () => (new WrongPasswords('z@cedarfork.example', '10.1.1.1'))->mayTry())
        ->toThrow(App\Http\Problem::class, 'came from here');
    (new WrongPasswords('z@cedarfork.example', '10.1.1.2'))->mayTry();
});

it('makes the first coordinator on a machine without any, and a new link for one who forgot', function (): void {
    User::query()->delete();
    expect(Artisan::call('jx:coordinator', ['email' => 'Head@Ridge.example', 'name' => 'Una Frey']))->toBe(0);
    $link = trim(last(explode("\n", trim(Artisan::output()))));
    $this->postJson('api/v1/join/'.basename($link), ['password' => GOOD])->assertCreated()
        ->assertJson(['name' => 'Una Frey', 'role' => 'coordinator']);
    expect(Artisan::call('jx:coordinator', ['email' => 'head@ridge.example']))->toBe(0)
        ->and(User::query()->count())->toBe(1);
});

it('says what a coordinator needs', function (array $given, string $says): void {
    expect(Artisan::call('jx:coordinator', $given))->toBe(1)->and(Artisan::output())->toContain($says);
})->with([
    'no address' => [['email' => 'head', 'name' => 'Una Frey'], 'is no address'],
    'no name for somebody new' => [['email' => 'new@ridge.example'], 'Say his name too'],
]);

it('does not put the demo with its published password on a production server', function (): void {
    app()->detectEnvironment(fn (): string => 'production');
    expect(fn () => (new DatabaseSeeder)->run())->toThrow(RuntimeException::class, 'jx:coordinator');
});

it('tells the browser what it must not do, on pages, answers and refusals', function (string $path): void {
    $answer = $this->get($path);
    expect($answer->headers->get('X-Content-Type-Options'))->toBe('nosniff')
        ->and($answer->headers->get('X-Frame-Options'))->toBe('DENY')
        ->and($answer->headers->get('Referrer-Policy'))->toBe('same-origin')
        ->and($answer->headers->get('Content-Security-Policy'))
        ->toContain("frame-ancestors 'none'", "default-src 'self'", "script-src 'self' 'wasm-unsafe-eval';")
        ->and($answer->headers->has('Strict-Transport-Security'))->toBeFalse();
    expect($this->get("https://localhost/$path")->headers->get('Strict-Transport-Security'))->toBe('max-age=31536000');
})->with(['/', 'api/v1/session', 'api/v1/nothing']);

it('sends no page with a script in it', function (): void {
    $page = (string) $this->get('/')->getContent();
    expect(preg_match_all('/<script\b[^>]*>(?!<\/script>)/', $page))->toBe(0)
        ->and(preg_match('/\son\w+=/', $page))->toBe(0)
        ->and($page)->toContain('src="/theme.js"');
});
