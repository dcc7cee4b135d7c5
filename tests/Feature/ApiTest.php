<?php

use App\Documents\Schemas;
use App\Models\Call;
use App\Models\Clip;
use App\Models\Grade;
use App\Models\Player;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Http\UploadedFile;

/** A short film of one's own, as a phone would make it. */
function mp4(): string
{
    $path = sys_get_temp_dir().'/jx-own.mp4';
    (new Symfony\Component\Process\Process(['ffmpeg', '-v', 'error', '-y', '-f', 'lavfi', '-i', 'testsrc=size=320x180:rate=30:duration=1', '-pix_fmt', 'yuv420p', '-c:v', 'libx264', $path]))->mustRun();

    return $path;
}

it('signs in with the right password and says so when it is wrong', function (): void {
    $this->postJson('/api/v1/session', ['email' => 'coordinator@cedarfork.example', 'password' => 'no'])->assertStatus(422)->assertJsonPath('title', 'Not signed in');
    $this->getJson('/api/v1/session')->assertStatus(401)->assertHeader('Content-Type', 'application/problem+json');
    $this->postJson('/api/v1/session', ['email' => 'coordinator@cedarfork.example', 'password' => DatabaseSeeder::PASSWORD])->assertOk()->assertJsonPath('role', 'coordinator');
});

it('keeps each role to what is its', function (string $email, string $method, string $path, int $status): void {
    $path = strtr($path, ['{call}' => Call::query()->value('id'), '{clip}' => Clip::query()->orderBy('id')->value('id'), '{fresh}' => Clip::query()->orderBy('id')->offset(1)->limit(1)->value('id'),
        '{H}' => Player::query()->where('letter', 'H')->value('id'), '{Z}' => Player::query()->where('letter', 'Z')->value('id')]);
    $this->actingAs(coach($email))->json($method, "/api/v1/$path", headers: ['If-Match' => '"1"'])->assertStatus($status);
})->with([
    'coordinator lists calls' => ['coordinator@cedarfork.example', 'GET', 'calls', 200],
    'position coach lists calls' => ['receivers@cedarfork.example', 'GET', 'calls', 200],
    'position coach may not delete' => ['receivers@cedarfork.example', 'DELETE', 'calls/{call}', 403],
    'coordinator may delete' => ['coordinator@cedarfork.example', 'DELETE', 'calls/{call}', 204],
    'player has no calls' => ['h@cedarfork.example', 'GET', 'calls', 403],
    'player has no film room' => ['h@cedarfork.example', 'GET', 'clips', 403],
    'player may not save a clip' => ['h@cedarfork.example', 'PUT', 'clips/{clip}', 403],
    'player sees his page' => ['h@cedarfork.example', 'GET', 'players/{H}', 200],
    'player does not see another page' => ['h@cedarfork.example', 'GET', 'players/{Z}', 403],
    'player watches the clip he was graded on' => ['h@cedarfork.example', 'GET', 'clips/{clip}/video', 200],
    'player does not watch others' => ['h@cedarfork.example', 'GET', 'clips/{fresh}/video', 403],
    'nothing there' => ['coordinator@cedarfork.example', 'GET', 'nonsense', 404],
]);

it('lists only his own page to a player', function (): void {
    $this->actingAs(coach('h@cedarfork.example'))->getJson('/api/v1/players')->assertJsonCount(1, 'players')->assertJsonPath('players.0.letter', 'H');
});

it('saves a call, and refuses a stale save with both versions', function (): void {
    $this->actingAs(coach());
    $made = $this->postJson('/api/v1/calls', ['name' => 'Mine', 'document' => smash()])->assertCreated()->assertHeader('ETag', '"1"');
    $path = '/api/v1/calls/'.$made->json('id');
    $this->putJson($path, ['name' => 'Second', 'document' => smash()], ['If-Match' => '"1"'])->assertOk()->assertJsonPath('version', 2);
    $this->putJson($path, ['name' => 'Late', 'document' => smash()], ['If-Match' => '"1"'])->assertStatus(412)
        ->assertJsonPath('currentVersion', 2)->assertJsonPath('theirs.name', 'Second')->assertJsonPath('yours.name', 'Late');
    $this->putJson($path, ['name' => 'Unversioned', 'document' => smash()])->assertStatus(428);
    $this->getJson($path)->assertJsonPath('name', 'Second')->assertJsonPath('words', 'gun 2x2 right: smash right');
});

it('refuses a document that is not one, at its pointer', function (Closure $spoil, string $pointer): void {
    $answer = $this->actingAs(coach())->postJson('/api/v1/calls', ['name' => 'Bad', 'document' => $spoil(smash())])->assertStatus(422);
    expect($answer->json('pointer'))->toBe($pointer)->and($answer->json('detail'))->not->toBe('')->and(Call::query()->where('name', 'Bad')->exists())->toBeFalse();
})->with([
    'twelve men' => [fn (array $d): array => ['assignments' => [...$d['assignments'], ['man' => 'F', 'job' => 'protect']]] + $d, '/assignments'],
    'ten men' => [fn (array $d): array => ['assignments' => array_slice($d['assignments'], 0, 10)] + $d, '/assignments'],
    'unknown route' => [fn (array $d): array => array_replace_recursive($d, ['assignments' => [9 => ['route' => 'zigzag']]]), '/assignments/9/route'],
    'unknown set' => [fn (array $d): array => ['set' => 'pyramid'] + $d, '/set'],
    'a field of its own' => [fn (array $d): array => ['extra' => 1] + $d, '/'],
    'two men on a spot' => [fn (array $d): array => ['spots' => [['man' => 'H', 'xYd' => 18, 'yYd' => -0.6]]] + $d, '/spots'],
    'text for a number' => [fn (array $d): array => ['spots' => [['man' => 'H', 'xYd' => 'far', 'yYd' => -1]]] + $d, '/spots/0/xYd'],
]);

it('proves an unsaved document as its schema says', function (string $words): void {
    $answer = $this->actingAs(coach())->postJson('/api/v1/proofs', ['words' => $words, 'look' => '4-2 nickel, cover 2', 'frames' => true])->assertOk();
    app(Schemas::class)->check('proof', json_decode(json_encode($answer->json('report'))));
    expect($answer->json('stage.men'))->toHaveCount(11)->and($answer->json('stage.defenders'))->toHaveCount(11)->and($answer->json('frames.at'))->not->toBe([]);
})->with(['gun 2x2 right: smash right', 'gun trips left: four verticals', 'gun 2x2: X go clear; read X']);

it('says which word it does not understand', function (): void {
    $this->actingAs(coach())->postJson('/api/v1/words', ['words' => 'gun 2x2: smsh'])->assertStatus(422)->assertJsonPath('word', 'smsh')->assertJsonPath('suggestions.0', 'smash');
});

it('refuses impossible situations by name', function (array $situation, string $pointer): void {
    $this->actingAs(coach())->postJson('/api/v1/proofs', ['document' => smash(), 'look' => '4-2 nickel, cover 2', 'situation' => $situation])->assertStatus(422)->assertJsonPath('pointer', $pointer);
})->with([[['down' => 7], '/situation'], [['hash' => 'north'], '/situation/hash'], [['ballOnYd' => 'goal'], '/situation/ballOnYd'], [['wind' => 3], '/situation/wind']]);

it('serves film in ranges, so that seeking works', function (): void {
    $clip = Clip::query()->orderBy('id')->first();
    $this->actingAs(coach())->get("/api/v1/clips/{$clip->id}/video", ['Range' => 'bytes=100-199'])->assertStatus(206)->assertHeader('Content-Length', '100')->assertHeader('Content-Type', 'video/webm');
});

it('takes a film and refuses what is none, keeping nothing', function (Closure $file, int $status, string $says): void {
    config(['film.most_mb' => 1, 'film.folder' => 'film-test']);
    $before = Clip::query()->count();
    $answer = $this->actingAs(coach())->post('/api/v1/clips', ['film' => $file(), 'call' => 'gun 2x2 right: smash right', 'look' => '4-2 nickel, cover 2'], ['Accept' => 'application/json']);
    $answer->assertStatus($status);
    expect($status === 201 ? $answer->json('title') : $answer->json('detail'))->toContain($says)->and(Clip::query()->count())->toBe($before + ($status === 201 ? 1 : 0));
    Illuminate\Support\Facades\File::deleteDirectory(storage_path('app/private/film-test'));
})->with([
    'a film' => [fn () => new UploadedFile(database_path('demo/film/snap-12.webm'), '../..\\<script>hostile name.webm', null, null, true), 201, 'hostile'],
    'an MP4' => [fn () => new UploadedFile(mp4(), 'own.mp4', null, null, true), 201, 'own'],
    'empty' => [fn () => UploadedFile::fake()->createWithContent('a.webm', ''), 422, 'MP4'],
    'text renamed' => [fn () => UploadedFile::fake()->createWithContent('a.mp4', 'this is no film at all'), 422, 'no moving picture'],
    'cut off' => [fn () => UploadedFile::fake()->createWithContent('a.webm', substr(file_get_contents(database_path('demo/film/snap-12.webm')), 0, 300)), 422, 'MP4'],
    'too large' => [fn () => UploadedFile::fake()->create('a.mp4', 2048, 'video/mp4'), 413, 'at most 1 MB'],
    'nothing' => [fn () => null, 422, 'Choose'],
]);

it('measures and grades a worked clip, and the grade is on the player\'s page', function (): void {
    $this->actingAs(coach());
    $clip = Clip::query()->where('title', 'like', 'Snap 27%')->firstOrFail();
    $measured = $this->postJson('/api/v1/measurements', ['document' => $clip->document])->assertOk();
    expect($measured->json('proposed.Q'))->toBe(['forced'])->and($measured->json('decision.decision'))->toBe('forced')->and($measured->json('decision.choice'))->toBe('sink')->and($measured->json('decision.rightRead'))->toBe('Z');
    $body = ['mark' => -1, 'asked' => 'H corner, then Z hitch', 'done' => 'Threw to H', 'decision' => 'forced', 'reason' => $measured->json('decision.why'), 'faults' => ['forced']];
    $path = "/api/v1/clips/{$clip->id}/grades/Q";
    $this->putJson($path, $body, ['If-Match' => '"0"'])->assertCreated();
    $this->putJson($path, ['mark' => 0] + $body, ['If-Match' => '"1"'])->assertOk()->assertJsonPath('version', 2);
    $this->putJson($path, $body, ['If-Match' => '"1"'])->assertStatus(412);
    $page = $this->actingAs(coach('q@cedarfork.example'))->getJson('/api/v1/players/'.Player::query()->where('letter', 'Q')->value('id'))->assertOk();
    expect(collect($page->json('grades'))->pluck('clip.title'))->toContain($clip->title)->and($page->json('assignments.0.job'))->toBe('Reads H, Z');
    $this->actingAs(coach('q@cedarfork.example'))->get("/api/v1/clips/{$clip->id}/video")->assertOk();
});

it('grades the four clips of the demo as they were played', function (): void {
    expect(Grade::query()->where('man', 'Q')->orderBy('id')->pluck('decision')->all())->toBe(['right', 'right but late'])
        ->and(Grade::query()->where('man', 'H')->orderBy('id')->get()->pluck('faults')->all())->toBe([[], ['wrong depth']]);
});

it('refuses bad calibration points with the reason', function (): void {
    $points = array_map(fn (int $i): array => ['xPx' => 10 * $i, 'yPx' => 10 * $i, 'fieldXYd' => 5 * $i, 'fieldYYd' => 5 * $i], range(0, 4));
    $this->actingAs(coach())->postJson('/api/v1/calibrations', ['points' => $points, 'widthPx' => 640, 'heightPx' => 360])->assertStatus(422)->assertJsonPath('detail', fn (string $d): bool => str_contains($d, 'lie on one line'));
});

it('saves a film document on its version only', function (): void {
    $clip = Clip::query()->orderBy('id')->first();
    $this->actingAs(coach())->putJson("/api/v1/clips/{$clip->id}", ['document' => $clip->document], ['If-Match' => '"1"'])->assertOk()->assertJsonPath('version', 2);
    $this->putJson("/api/v1/clips/{$clip->id}", ['document' => $clip->document], ['If-Match' => '"1"'])->assertStatus(412);
    $this->putJson("/api/v1/clips/{$clip->id}", ['document' => ['marks' => [['kind' => 'fumble', 'atS' => 1]]] + $clip->document], ['If-Match' => '"2"'])->assertStatus(422)->assertJsonPath('pointer', '/marks/0/kind');
});
