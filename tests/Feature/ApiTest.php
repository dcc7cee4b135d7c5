<?php

use App\Documents\Schemas;
use App\Models\Call;
use App\Models\Clip;
use App\Models\Player;
use App\Models\Reel;
use App\Models\Snap;
use Database\Seeders\DatabaseSeeder;
use Jacotaxis\Core\Film\Calibrate\FieldClick;

it('signs in with the right password and says so when it is wrong', function (): void {
    $this->postJson('/api/v1/session', ['email' => 'coordinator@cedarfork.example', 'password' => 'no'])
        ->assertStatus(422)
        ->assertJsonPath('title', 'Not signed in');
    $this->getJson('/api/v1/session')->assertStatus(401)->assertHeader('Content-Type', 'application/problem+json');
    $this->postJson('/api/v1/session', ['email' => 'coordinator@cedarfork.example',
        'password' => DatabaseSeeder::PASSWORD])->assertOk()->assertJsonPath('role', 'coordinator');
});

it('stops trying passwords, and never counts the right ones', function (): void {
    $try = fn (string $password) => $this->postJson('/api/v1/session', [
        'email' => 'coordinator@cedarfork.example',
        'password' => $password,
    ]);
    foreach (range(1, 25) as $ignored) {
        $try(DatabaseSeeder::PASSWORD)->assertOk();
    }
    foreach (range(1, 5) as $ignored) {
        $try('no')->assertStatus(422);
    }
    $try('no')->assertStatus(429)->assertJsonPath('title', 'Too many wrong passwords');
    expect($try(DatabaseSeeder::PASSWORD)->assertStatus(429)->json('detail'))->toContain('Wait');
});

it('keeps each role to what is its', function (string $email, string $method, string $path, int $status): void {
    $path = strtr($path, [
        '{call}' => Call::query()->value('id'),
        '{snap}' => Snap::query()->value('id'),
        '{clip}' => Clip::query()->whereHas('snap.grades', fn ($q) => $q->where('man', 'H'))->value('id'),
        '{fresh}' => Clip::query()->whereDoesntHave('snap.grades')->value('id'),
        '{reel}' => Reel::query()->value('id'),
        '{H}' => Player::query()->where('letter', 'H')->value('id'),
        '{Z}' => Player::query()->where('letter', 'Z')->value('id'),
    ]);
    $this->actingAs(coach($email))
        ->json($method, "/api/v1/$path", headers: ['If-Match' => '"1"'])
        ->assertStatus($status);
})->with([
    'coordinator lists calls' => ['coordinator@cedarfork.example', 'GET', 'calls', 200],
    'position coach lists calls' => ['receivers@cedarfork.example', 'GET', 'calls', 200],
    'position coach may not delete' => ['receivers@cedarfork.example', 'DELETE', 'calls/{call}', 403],
    'coordinator may delete' => ['coordinator@cedarfork.example', 'DELETE', 'calls/{call}', 204],
    'player has no calls' => ['h@cedarfork.example', 'GET', 'calls', 403],
    'player has no film room' => ['h@cedarfork.example', 'GET', 'reels', 403],
    'player reads no snap' => ['h@cedarfork.example', 'GET', 'snaps/{snap}', 403],
    'player has no numbers' => ['h@cedarfork.example', 'GET', 'numbers/groups', 403],
    'player does not see the week' => ['h@cedarfork.example', 'GET', 'weeks', 403],
    'player does not take the week home' => ['h@cedarfork.example', 'GET', 'weeks/file.csv', 403],
    'player sends no film' => ['h@cedarfork.example', 'POST', 'reels/{reel}/uploads', 403],
    'position coach keeps a reel' => ['receivers@cedarfork.example', 'DELETE', 'reels/{reel}', 403],
    'coordinator throws a reel away' => ['coordinator@cedarfork.example', 'DELETE', 'reels/{reel}', 204],
    'player may not save a snap' => ['h@cedarfork.example', 'PUT', 'snaps/{snap}', 403],
    'player sees his page' => ['h@cedarfork.example', 'GET', 'players/{H}', 200],
    'player does not see another page' => ['h@cedarfork.example', 'GET', 'players/{Z}', 403],
    'player watches the clip he was graded on' => ['h@cedarfork.example', 'GET', 'clips/{clip}/video', 200],
    'player does not watch others' => ['h@cedarfork.example', 'GET', 'clips/{fresh}/video', 403],
    'nothing there' => ['coordinator@cedarfork.example', 'GET', 'nonsense', 404],
]);

it('lists only his own page to a player', function (): void {
    $this->actingAs(coach('h@cedarfork.example'))
        ->getJson('/api/v1/players')
        ->assertJsonCount(1, 'players')
        ->assertJsonPath('players.0.letter', 'H');
});

it('saves a call, and refuses a stale save with both versions', function (): void {
    $this->actingAs(coach());
    $made = $this->postJson('/api/v1/calls', ['name' => 'Mine', 'document' => smash()])
        ->assertCreated()
        ->assertHeader('ETag', '"1"');
    $path = '/api/v1/calls/'.$made->json('id');
    $this->putJson($path, ['name' => 'Second', 'document' => smash()], ['If-Match' => '"1"'])
        ->assertOk()
        ->assertJsonPath('version', 2);
    $this->putJson($path, ['name' => 'Late', 'document' => smash()], ['If-Match' => '"1"'])
        ->assertStatus(412)
        ->assertJsonPath('currentVersion', 2)
        ->assertJsonPath('theirs.name', 'Second')
        ->assertJsonPath('yours.name', 'Late');
    $this->putJson($path, ['name' => 'Unversioned', 'document' => smash()])->assertStatus(428);
    $this->getJson($path)->assertJsonPath('name', 'Second')->assertJsonPath('words', 'gun 2x2 right: smash right');
});

it('refuses a document that is not one, at its pointer', function (Closure $spoil, string $pointer): void {
    $answer = $this->actingAs(coach())->postJson('/api/v1/calls', ['name' => 'Bad', 'document' => $spoil(smash())])
        ->assertStatus(422);
    expect($answer->json('pointer'))->toBe($pointer)
        ->and($answer->json('detail'))->not->toBe('')
        ->and(Call::query()->where('name', 'Bad')->exists())->toBeFalse();
})->with([
    'twelve men' => [
        fn (array $d): array => ['assignments' => [...$d['assignments'], ['man' => 'F', 'job' => 'protect']]] + $d,
        '/assignments',
    ],
    'ten men' => [fn (array $d): array => ['assignments' => array_slice($d['assignments'], 0, 10)] + $d,
        '/assignments'],
    'unknown route' => [
        fn (array $d): array => array_replace_recursive($d, ['assignments' => [9 => ['route' => 'zigzag']]]),
        '/assignments/9/route',
    ],
    'unknown set' => [fn (array $d): array => ['set' => 'pyramid'] + $d, '/set'],
    'a field of its own' => [fn (array $d): array => ['extra' => 1] + $d, '/'],
    'two men on a spot' => [fn (array $d): array => ['spots' => [['man' => 'H', 'xYd' => 18, 'yYd' => -0.6]]] + $d,
        '/spots'],
    'text for a number' => [fn (array $d): array => ['spots' => [['man' => 'H', 'xYd' => 'far', 'yYd' => -1]]] + $d,
        '/spots/0/xYd'],
]);

it('proves an unsaved document as its schema says', function (string $words): void {
    $answer = $this->actingAs(coach())
        ->postJson('/api/v1/proofs', ['words' => $words, 'look' => '4-2 nickel, cover 2', 'frames' => true])
        ->assertOk();
    app(Schemas::class)->check('proof', json_decode(json_encode($answer->json('report'))));
    expect($answer->json('stage.men'))->toHaveCount(11)
        ->and($answer->json('stage.defenders'))->toHaveCount(11)
        ->and($answer->json('frames.at'))->not->toBe([]);
})->with(['gun 2x2 right: smash right', 'gun trips left: four verticals', 'gun 2x2: X go clear; read X']);

it('says which word it does not understand', function (): void {
    $this->actingAs(coach())->postJson('/api/v1/words', ['words' => 'gun 2x2: smsh'])->assertStatus(422)
        ->assertJsonPath('word', 'smsh')->assertJsonPath('suggestions.0', 'smash');
});

it('refuses impossible situations by name', function (array $situation, string $pointer): void {
    $this->actingAs(coach())->postJson('/api/v1/proofs',
        ['document' => smash(), 'look' => '4-2 nickel, cover 2', 'situation' => $situation])->assertStatus(422)
        ->assertJsonPath('pointer', $pointer);
})->with([
    [['down' => 7], '/situation'],
    [['hash' => 'north'], '/situation/hash'],
    [['ballOnYd' => 'goal'], '/situation/ballOnYd'],
    [['wind' => 3], '/situation/wind'],
]);

it('serves film in ranges, so that seeking works', function (): void {
    $clip = Clip::query()->orderBy('id')->first();
    $this->actingAs(coach())->get("/api/v1/clips/{$clip->id}/video", ['Range' => 'bytes=100-199'])->assertStatus(206)
        ->assertHeader('Content-Length', '100')->assertHeader('Content-Type', 'video/webm');
});

it('refuses bad calibration points with the reason', function (): void {
    $points = array_map(fn (int $i): array => ['xPx' => 10 * $i, 'yPx' => 10 * $i, 'fieldXYd' => 5 * $i,
        'fieldYYd' => 5 * $i], range(0, 4));
    $this->actingAs(coach())->postJson('/api/v1/calibrations',
        ['points' => $points, 'widthPx' => 640, 'heightPx' => 360])->assertStatus(422)->assertJsonPath('detail',
            fn (string $d): bool => str_contains($d, 'lie on one line'));
});

it('lays the paint over a picture and says its doubt by how surely the hand clicked', function (): void {
    $camera = pressBox(80.0 / 3.0, 40.0);
    $doubt = function (?float $clickPx) use ($camera): float {
        $said = $clickPx === null ? [] : ['clickPx' => $clickPx];
        $points = array_map(fn (FieldClick $p): array => ['xPx' => $p->xPx, 'yPx' => $p->yPx,
            'fieldXYd' => $p->fieldXYd, 'fieldYYd' => $p->fieldYYd] + $said, array_slice(paint($camera), 0, 40));
        $answer = $this->actingAs(coach())->postJson('/api/v1/calibrations',
            ['points' => $points, 'widthPx' => 640, 'heightPx' => 360])->assertOk()->json();
        expect($answer['lines'])->not->toBe([])->and($answer['residualPx'])->toBeLessThan(1.0);

        return array_sum(array_column($answer['doubt'], 'inches')) / count($answer['doubt']);
    };
    expect($doubt(3.0))->toEqualWithDelta(2.0 * $doubt(null), 0.05 * $doubt(3.0))
        ->and($doubt(0.75))->toBeLessThan($doubt(null));
});

it('a session that was signed out of stays so, whatever a late request saves', function (): void {
    $handler = new Illuminate\Session\ArraySessionHandler(60);
    $open = function (string $id) use ($handler): Illuminate\Session\Store {
        $store = new Illuminate\Session\Store('jx', $handler, $id);
        $store->start();

        return $store;
    };
    $passed = function (Illuminate\Session\Store $store): bool {
        $request = Illuminate\Http\Request::create('/api/v1/session');
        $request->setLaravelSession($store);
        (new App\Http\EndedSessions)->handle($request, fn () => response('ok'));

        return $store->has('signed in');
    };
    $id = Illuminate\Support\Str::random(40);
    $first = $open($id);
    $first->put('signed in', 7);
    $first->save();
    expect($passed($open($id)))->toBeTrue();
    App\Http\EndedSessions::end($first);
    $first->invalidate();
    // The late request writes the session of before back.
    $late = $open($id);
    $late->put('signed in', 7);
    $late->save();
    expect($passed($open($id)))->toBeFalse()->and($passed($open(Illuminate\Support\Str::random(40))))->toBeFalse();
});

it('looks for an ended session before it takes anybody for signed in', function (): void {
    $this->getJson('/api/v1/session')->assertStatus(401);
    $route = collect(app('router')->getRoutes()->getRoutes())->first(
        fn ($r): bool => str_contains($r->uri(), 'v1/session') && in_array('GET', $r->methods(), true),
    );
    $order = array_map(fn ($m): string => explode(':', (string) $m)[0], app('router')->gatherRouteMiddleware($route));
    $at = fn (string $class): int => (int) array_search($class, $order, true);
    expect($at(App\Http\EndedSessions::class))
        ->toBeGreaterThan($at(Illuminate\Session\Middleware\StartSession::class))
        ->toBeLessThan($at(Illuminate\Auth\Middleware\Authenticate::class));
});
