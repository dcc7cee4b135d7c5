<?php

use App\Models\Clip;
use App\Models\Grade;
use App\Models\Player;
use App\Models\Reel;
use App\Models\Snap;
use App\Models\Upload;
use App\Models\User;
use Illuminate\Testing\TestResponse;
use Symfony\Component\Process\Process;

beforeEach(fn () => $this->actingAs(coach()));

/** Announces a film and sends it in parts; the answer to the last one. */
function send(string $bytes, string $name, array $meta = [], int $part = 100_000, ?Reel $reel = null): TestResponse
{
    $pairs = implode(',', array_map(fn (string $k, string $v): string => "$k ".base64_encode($v),
        array_keys(['filename' => $name] + $meta), ['filename' => $name] + $meta));
    $made = test()->call('POST', '/api/v1/reels/'.($reel ?? game())->id.'/uploads',
        server: ['HTTP_UPLOAD_LENGTH' => (string) strlen($bytes), 'HTTP_UPLOAD_METADATA' => $pairs,
            'HTTP_ACCEPT' => 'application/json']);
    if ($made->status() !== 201) {
        return $made;
    }
    for ($at = 0; $at < strlen($bytes); $at += $part) {
        $answer = part($made->headers->get('Location'), $at, substr($bytes, $at, $part));
    }

    return $answer;
}

function part(string $url, int $offset, string $bytes): TestResponse
{
    return test()->call('PATCH', $url, server: ['HTTP_UPLOAD_OFFSET' => (string) $offset,
        'CONTENT_TYPE' => 'application/offset+octet-stream', 'HTTP_ACCEPT' => 'application/json'], content: $bytes);
}

it('takes a film in parts and makes it ready, or refuses it with the reason',
    function (Closure $bytes, string $name, string $status, string $says): void {
        $answer = send($bytes(), $name);
        $clip = Clip::query()->findOrFail($answer->headers->get('X-Clip'));
        expect($clip->status)->toBe($status)
            ->and($status === 'refused' ? $clip->reason : $clip->mime)->toContain($says)
            ->and(is_file($clip->path()))->toBe($status === 'ready');
        if ($status === 'ready') {
            expect($clip->video['widthPx'])->toBe(320)->and($clip->video['durationS'])->toEqualWithDelta(1.5, 0.1);
            $this->get("/api/v1/clips/{$clip->id}/picture")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
            $this->get("/api/v1/clips/{$clip->id}/video", ['Range' => 'bytes=10-19'])->assertStatus(206);
        }
    })->with([
        'an MP4' => [fn () => ownFilm('own.mp4', 'libx264'), 'own.mp4', 'ready', 'video/mp4'],
        'a WebM with a hostile name' => [fn () => ownFilm('own.webm', 'libvpx'), '../..\\<script>x.webm', 'ready',
            'video/webm'],
        'an old AVI is converted' => [fn () => ownFilm('old.avi', 'mpeg4'), 'old.avi', 'ready', 'video/mp4'],
        'MPEG in a Matroska file is converted' => [fn () => ownFilm('old.mkv', 'mpeg2video'), 'old.mkv', 'ready',
            'video/mp4'],
        'text with the name of a film' => [fn () => str_repeat('this is no film at all. ', 50), 'a.mp4', 'refused',
            'no moving picture'],
        'cut off' => [fn () => substr(ownFilm('own.webm', 'libvpx'), 0, 300), 'a.webm', 'refused',
            'MP4 (H.264) or WebM'],
    ]);

it('says what was changed in a film and what is missing of it', function (): void {
    $path = sys_get_temp_dir().'/jx-phone.mp4';
    (new Process(['ffmpeg', '-v', 'error', '-y', '-f', 'lavfi', '-i', 'testsrc=size=320x180:rate=30:duration=6',
        '-pix_fmt', 'yuv420p', '-c:v', 'libx264', '-g', '15', '-movflags', '+faststart', "$path.whole.mp4"]))
        ->mustRun();
    (new Process(['ffmpeg', '-v', 'error', '-y', '-i', "$path.whole.mp4", '-c', 'copy', '-metadata:s:v', 'rotate=90',
        '-movflags', '+faststart', $path]))->mustRun();
    $bytes = (string) file_get_contents($path);
    $whole = Clip::query()->findOrFail(send($bytes, 'phone.mp4')->headers->get('X-Clip'));
    expect($whole->reason)->toBe('It was turned upright.')
        ->and([$whole->video['widthPx'], $whole->video['heightPx']])->toBe([180, 320]);
    $half = substr($bytes, 0, intdiv(strlen($bytes), 2));
    $cut = Clip::query()->findOrFail(send($half, 'cut.mp4')->headers->get('X-Clip'));
    expect($cut->status)->toBe('ready')
        ->and($cut->reason)->toContain('turned upright')->toContain('It says it is 6.0 s long and ends at 2.')
        ->and($cut->video['durationS'])->toBeBetween(2.0, 3.0);
    array_map(unlink(...), [$path, "$path.whole.mp4"]);
});

it('goes on with an upload where it broke off', function (): void {
    $bytes = ownFilm('own.mp4', 'libx264');
    $made = $this->call('POST', '/api/v1/reels/'.game()->id.'/uploads',
        server: ['HTTP_UPLOAD_LENGTH' => (string) strlen($bytes),
            'HTTP_UPLOAD_METADATA' => 'filename '.base64_encode('mine.mp4')])->assertStatus(201)
        ->assertHeader('Tus-Resumable', '1.0.0');
    $url = $made->headers->get('Location');
    part($url, 0, substr($bytes, 0, 5000))->assertStatus(204)->assertHeader('Upload-Offset', '5000');
    part($url, 9000, 'x')->assertStatus(409)->assertJsonPath('detail', 'The server has 5000 bytes: go on from there.');
    $this->call('HEAD', $url)
        ->assertOk()
        ->assertHeader('Upload-Offset', '5000')
        ->assertHeader('Upload-Length', (string) strlen($bytes));
    part($url, 5000, substr($bytes, 5000).'more than was announced')
        ->assertStatus(204)
        ->assertHeader('Upload-Offset', (string) strlen($bytes));
    expect(Clip::query()->findOrFail(Upload::query()->latest('id')->value('clip_id'))->status)->toBe('ready');
});

it('refuses what it cannot take before the first byte', function (array $server, int $status): void {
    config(['film.most_mb' => 1]);
    $this->call('POST', '/api/v1/reels/'.game()->id.'/uploads', server: $server + ['HTTP_ACCEPT' => 'application/json'])
        ->assertStatus($status)->assertJsonStructure(['title', 'detail']);
})->with([
    'no size' => [[], 400],
    'empty' => [['HTTP_UPLOAD_LENGTH' => '0'], 400],
    'too large' => [['HTTP_UPLOAD_LENGTH' => '2000000'], 413],
    'to a snap of another reel' => [
        ['HTTP_UPLOAD_LENGTH' => '5000', 'HTTP_UPLOAD_METADATA' => 'snap '.base64_encode('01NOSUCHSNAP')],
        422,
    ],
]);

it('forgets an upload that is given up', function (): void {
    $made = $this->call('POST', '/api/v1/reels/'.game()->id.'/uploads', server: ['HTTP_UPLOAD_LENGTH' => '100']);
    $path = Upload::query()->latest('id')->firstOrFail()->path();
    $this->call('DELETE', $made->headers->get('Location'))->assertStatus(204);
    expect(is_file($path))->toBeFalse();
});

it('puts a film to a snap and an angle, and refuses an angle that is taken', function (): void {
    $clip = Clip::query()->findOrFail(
        send(ownFilm('own.mp4', 'libx264'), 'x.mp4', ['angle' => 'tight'])->headers->get('X-Clip'),
    );
    expect($clip->angle)->toBe('tight')->and($clip->sync_s)->toBeNull();
    $this->putJson("/api/v1/clips/{$clip->id}", ['snap_id' => numbered(4)->id], ['If-Match' => '"1"'])
        ->assertStatus(409)
        ->assertJsonPath('title', 'That angle is taken');
    $this->putJson("/api/v1/clips/{$clip->id}", ['snap_id' => numbered(2)->id, 'sync_s' => 0.35], ['If-Match' => '"1"'])
        ->assertOk()
        ->assertJsonPath('sync_s', 0.35);
    $this->putJson("/api/v1/clips/{$clip->id}", ['sync_s' => 0.5], ['If-Match' => '"1"'])->assertStatus(412);
});

it('cuts one long film into snaps', function (): void {
    $clip = Clip::query()->findOrFail(send(ownFilm('own.mp4', 'libx264'), 'long.mp4')->headers->get('X-Clip'));
    $count = game()->snaps()->count();
    $this->postJson("/api/v1/clips/{$clip->id}/cuts",
        ['cuts' => [['fromS' => 0, 'toS' => 0.7], ['fromS' => 0.6, 'toS' => 1.4]]])->assertStatus(422)
        ->assertJsonPath('pointer', '/cuts/1');
    $this->postJson("/api/v1/clips/{$clip->id}/cuts",
        ['cuts' => [['fromS' => 0, 'toS' => 0.7], ['fromS' => 0.8, 'toS' => 1.4]]])->assertCreated()->assertJsonCount(2,
            'clips')->assertJsonPath('clips.1.from_s', 0.8);
    expect(game()->snaps()->count())->toBe($count + 2);
    $this->deleteJson("/api/v1/clips/{$clip->id}")->assertNoContent();
    expect(is_file($clip->path()))->toBeTrue('the cuts still show the file');
});

it('cuts a long film onto snaps that are charted already', function (): void {
    $clip = Clip::query()->findOrFail(send(ownFilm('own.mp4', 'libx264'), 'long.mp4')->headers->get('X-Clip'));
    $count = game()->snaps()->count();
    $bare = game()->snaps()->whereDoesntHave('clips')->orderBy('place')->firstOrFail();
    $before = $bare->document;
    $this->postJson("/api/v1/clips/{$clip->id}/cuts", ['cuts' => [
        ['fromS' => 0.8, 'toS' => 1.4, 'snapId' => null],
        ['fromS' => 0, 'toS' => 0.7, 'snapId' => $bare->id],
    ]])->assertCreated()
        ->assertJsonPath('clips.0.snap_id', $bare->id)
        ->assertJsonPath('clips.0.from_s', 0)
        ->assertJsonPath('clips.0.to_s', 0.7);
    expect(game()->snaps()->count())->toBe($count + 1)
        ->and($bare->refresh()->document)->toBe($before, 'what was charted stays');
});

it('cuts onto no snap that has film of that angle, is of another reel, or is said twice', function (
    Closure $snap,
    string $at,
): void {
    $clip = Clip::query()->findOrFail(send(ownFilm('own.mp4', 'libx264'), 'long.mp4')->headers->get('X-Clip'));
    $clips = Clip::query()->count();
    $id = $snap()->id;
    $cuts = [['fromS' => 0, 'toS' => 0.7, 'snapId' => $id]];
    if ($at === 'twice') {
        $cuts[] = ['fromS' => 0.8, 'toS' => 1.4, 'snapId' => $id];
    }
    $this->postJson("/api/v1/clips/{$clip->id}/cuts", ['cuts' => $cuts])->assertStatus(422);
    expect(Clip::query()->count())->toBe($clips);
})->with([
    'filmed from there already' => [fn () => numbered(4), 'taken'],
    'of another reel' => [
        fn () => App\Models\Snap::query()->where('reel_id', '!=', game()->id)->firstOrFail(), 'other'],
    'said twice' => [fn () => game()->snaps()->whereDoesntHave('clips')->firstOrFail(), 'twice'],
]);

it('opens a reel with its strip', function (): void {
    $page = $this->getJson('/api/v1/reels/'.game()->id)->assertOk();
    expect($page->json('snaps'))
        ->toHaveCount(44)
        ->and($page->json('snaps.3.clips'))
        ->toHaveCount(2)
        ->and($page->json('snaps.3'))
        ->not->toHaveKey('document')
        ->and(collect($page->json('snaps'))->filter(fn (array $s): bool => $s['clips'] !== [])->count())
        ->toBeGreaterThanOrEqual(12);
});

it('starts, changes and refuses a reel', function (): void {
    $made = $this->postJson('/api/v1/reels', ['title' => 'Their week 4', 'kind' => 'game',
        'opponent' => 'Larkspur Valley', 'ours' => false, 'week' => 4, 'played_on' => '2026-09-25'])->assertCreated();
    $this->putJson("/api/v1/reels/{$made->json('id')}",
        ['title' => 'Their fourth', 'kind' => 'scrimmage', 'opponent' => '', 'ours' => false, 'week' => 4],
        ['If-Match' => '"1"'])->assertOk()->assertJsonPath('version', 2);
    $this->postJson('/api/v1/reels', ['title' => '', 'kind' => 'war', 'opponent' => '', 'ours' => true, 'week' => 1])
        ->assertStatus(422);
});

it('saves a snap on its version only, and keeps what is searched beside it', function (): void {
    $snap = numbered(5);
    $document = ['chart' => ['result' => 'run', 'gainYd' => 12.0] + $snap->document['chart']] + $snap->document;
    $this->putJson("/api/v1/snaps/{$snap->id}", ['document' => $document], ['If-Match' => '"1"'])
        ->assertOk()
        ->assertJsonPath('version', 2);
    expect($snap->fresh()->gain_yd)->toBe(12.0);
    $this->putJson("/api/v1/snaps/{$snap->id}", ['document' => $document], ['If-Match' => '"1"'])->assertStatus(412)
        ->assertJsonPath('theirs.version', 2);
    $this->putJson("/api/v1/snaps/{$snap->id}", ['document' => ['marks' => [['kind' => 'fumble',
        'atS' => 1]]] + $document], ['If-Match' => '"2"'])->assertStatus(422)->assertJsonPath('pointer',
            '/marks/0/kind');
    $this->putJson("/api/v1/snaps/{$snap->id}", ['document' => ['call' => 'gun 2x2: smsh'] + $document],
        ['If-Match' => '"2"'])->assertStatus(422)->assertJsonPath('pointer', '/call');
});

it('reads a quick entry, keeps it, and puts a thrown away snap back in its place', function (): void {
    $reel = game();
    $read = $this->postJson("/api/v1/reels/{$reel->id}/entries", ['line' => 'r4 >R'])->assertOk();
    expect($read->json('document.chart.gainYd'))->toEqual(4)
        ->and($read->json('document.situation.down'))->toBe(1)
        ->and($read->json('assumed'))->not->toBe([]);
    $made = $this->postJson("/api/v1/reels/{$reel->id}/snaps", ['document' => $read->json('document')])->assertCreated()
        ->assertJsonPath('place', 45);
    $gone = $this->deleteJson('/api/v1/snaps/'.$made->json('id'))->assertOk();
    $this->postJson("/api/v1/reels/{$reel->id}/snaps", ['document' => $gone->json('document'), 'place' => 3])
        ->assertCreated()
        ->assertJsonPath('place', 3);
    expect($reel->snaps()->pluck('place')->all())->toBe(range(1, 45));
    $this->postJson("/api/v1/reels/{$reel->id}/entries", ['line' => 'zz'])
        ->assertStatus(422)
        ->assertJsonPath('detail', fn (string $d): bool => str_contains($d, '"zz" is no part'));
    $this->deleteJson('/api/v1/snaps/'.numbered(4)->id)
        ->assertStatus(409)
        ->assertJsonPath('title', 'This snap is graded');
});

it('questions a gain that contradicts the next spot', function (): void {
    $snap = numbered(1);
    $this->putJson("/api/v1/snaps/{$snap->id}", ['document' => ['chart' => ['gainYd' => 7.0] + $snap->document['chart']] + $snap->document], ['If-Match' => '"1"'])
        ->assertOk();
    $asked = $this->getJson('/api/v1/reels/'.game()->id.'/prediction')->assertOk()->json('asked');
    expect($asked)->toHaveCount(1)->and($asked[0]['ways'][0])
        ->toMatchArray(['snap' => 'before', 'field' => 'gainYd', 'value' => 5]);
});

it('tells what the snap before did to a snap', function (): void {
    $this->getJson('/api/v1/snaps/'.numbered(31)->id)
        ->assertOk()
        ->assertJsonPath('before', fn (string $s): bool => str_contains($s, 'Our foul (holding), 10 yd'));
    $this->getJson('/api/v1/snaps/'.numbered(1)->id)->assertJsonPath('before', null);
});

it(
    'charts the demo without a contradiction',
    fn () => expect($this->getJson('/api/v1/reels/'.game()->id.'/prediction')->json('asked'))->toBe([]),
);

it('lists open questions and settles one with its history', function (): void {
    $snap = numbered(6);
    $document = ['look' => null, 'marks' => [['kind' => 'snap', 'atS' => 1.0],
        ['kind' => 'break', 'atS' => 2.2, 'man' => '?']]] + $snap->document;
    $this->putJson("/api/v1/snaps/{$snap->id}", ['document' => $document], ['If-Match' => '"1"'])->assertOk()
        ->assertJsonCount(2, 'questions');
    $this->getJson('/api/v1/reels/'.game()->id.'/questions')->assertJsonPath('questions.0.number', 6)
        ->assertJsonPath('questions.1.kind', 'man');
    $this->postJson("/api/v1/snaps/{$snap->id}/settle", ['id' => 'marks/1/man', 'answer' => 'Y'], ['If-Match' => '"2"'])
        ->assertOk()->assertJsonPath('document.marks.1.man', 'Y')->assertJsonPath('document.settled.0.by',
            'Dale Merriweather')->assertJsonCount(1, 'questions');
    $this->postJson("/api/v1/snaps/{$snap->id}/settle", ['id' => 'marks/1/man', 'answer' => 'X'], ['If-Match' => '"3"'])
        ->assertStatus(422);
});

it('measures an unsaved snap: plan against done, decision, whose it was', function (): void {
    $m = $this->postJson('/api/v1/measurements', ['document' => numbered(17)->document])->assertOk();
    expect($m->json('decision.decision'))->toBe('forced')
        ->and($m->json('decision.choice'))->toBe('sink')
        ->and($m->json('decision.rightRead'))->toBe('Z')
        ->and($m->json('blame.man'))->toBe('Q')
        ->and($m->json('proposals'))->toHaveCount(11)
        ->and($m->json('tracks.H.route.route'))->toBe('corner')
        ->and($m->json('labels.LT'))->toHaveCount(9)
        ->and($m->json('disagreements'))->toBe([]);
});

it('draws paint and plan on the picture, or says why not', function (): void {
    $document = numbered(4)->document;
    $ask = ['document' => $document, 'atS' => [1.0, 2.5, 30.0], 'widthPx' => 640, 'heightPx' => 360];
    $views = $this->postJson('/api/v1/views', $ask)->assertOk()->json('views');
    expect($views[1]['followed'])->toBeTrue()
        ->and($views[1]['lines'])->not->toBe([])
        ->and(array_column($views[1]['plan'], 'man'))->toContain('H')
        ->and($views[1]['doubt'][0]['inches'])->toBeGreaterThan(0.0)
        ->and($views[2]['why'])->toContain('nobody followed it');
    $this->postJson('/api/v1/views', ['angle' => 'tight', 'document' => ['calibrations' => []] + $document] + $ask)
        ->assertJsonPath('views.0.why', 'This angle is not calibrated yet.');
});

it('confirms what is proposed, without touching what was graded by hand', function (): void {
    $snap = numbered(38);
    expect($snap->grades()->count())->toBe(0);
    $this->putJson("/api/v1/snaps/{$snap->id}/grades/H",
        ['mark' => -1, 'faults' => [], 'bust' => true],
        ['If-Match' => '"0"'])->assertCreated();
    $made = $this->postJson("/api/v1/snaps/{$snap->id}/grades")->assertCreated();
    expect(count($made->json('grades')))->toBeGreaterThan(5)
        ->and(array_column($made->json('grades'), 'man'))->not->toContain('H')
        ->and(Grade::query()->where(['snap_id' => $snap->id, 'man' => 'H'])->value('mark'))->toBe(-1);
    $this->putJson("/api/v1/snaps/{$snap->id}/grades/H",
        ['mark' => 1, 'faults' => ['FLT-13']], ['If-Match' => '"1"'])
        ->assertOk()->assertJsonPath('version', 2);
    $this->putJson("/api/v1/snaps/{$snap->id}/grades/H",
        ['mark' => 1, 'faults' => []], ['If-Match' => '"1"'])
        ->assertStatus(412);
    $this->putJson("/api/v1/snaps/{$snap->id}/grades/H",
        ['mark' => 1, 'faults' => ['made up']], ['If-Match' => '"2"'])
        ->assertStatus(422);
});

it('gives all others who did their job what is proposed, and a plus where nothing is', function (): void {
    $snap = numbered(38);
    // Only some were plotted: of the others nothing is proposed.
    $some = array_filter($snap->document['plots'], fn (array $p): bool => in_array($p['man'], ['Z', 'LG'], true));
    $snap->update(['document' => ['plots' => array_values($some)] + $snap->document]);
    $this->putJson("/api/v1/snaps/{$snap->id}/grades/H", ['mark' => -1, 'faults' => []], ['If-Match' => '"0"'])
        ->assertCreated();
    $proposed = array_column($this->postJson('/api/v1/measurements', ['document' => $snap->document])
        ->json('proposals'), null, 'man');
    $made = $this->postJson("/api/v1/snaps/{$snap->id}/grades", ['others' => true])->assertCreated()->json('grades');
    expect(array_column($made, 'man'))->toEqualCanonicalizing(array_values(array_diff(array_keys($proposed), ['H'])))
        ->and(count($made))->toBe(10);
    foreach ($made as $grade) {
        $his = $proposed[$grade['man']];
        expect($grade['mark'])->toBe($his['mark'] ?? 1, $grade['man'])
            ->and($grade['faults'])->toBe($his['faults'], $grade['man'])
            ->and($grade['marks']['assignment'] ?? null)
            ->toBe($his['mark'] === null ? 1 : $his['marks']['assignment'] ?? null);
    }
    $unseen = array_filter($proposed, fn (array $p): bool => $p['mark'] === null);
    expect($unseen)->not->toBe([])->and(count($unseen))->toBeLessThan(11);
    $this->postJson("/api/v1/snaps/{$snap->id}/grades", ['others' => true])->assertJsonPath('grades', []);
    $this->postJson("/api/v1/snaps/{$snap->id}/grades", ['others' => 'yes please'])->assertStatus(422);
});

it('composes the words of a grade from the film: what a browser says is not kept', function (): void {
    $snap = numbered(38);
    $stale = ['asked' => 'Go at 40', 'done' => 'loafed', 'reason' => 'because', 'decision' => 'lucky'];
    $grade = $this->putJson("/api/v1/snaps/{$snap->id}/grades/H", $stale + ['mark' => -1, 'faults' => []],
        ['If-Match' => '"0"'])->assertCreated()->json();
    $quarterback = $this->putJson("/api/v1/snaps/{$snap->id}/grades/Q", $stale + ['mark' => 1, 'faults' => []],
        ['If-Match' => '"0"'])->assertCreated()->json();
    $proposed = array_column($this->postJson('/api/v1/measurements', ['document' => $snap->document])
        ->assertOk()
        ->json('proposals'), null, 'man');
    foreach ([$grade, $quarterback] as $kept) {
        expect($kept['asked'])->toBe($proposed[$kept['man']]['asked'])
            ->and($kept['done'])->toBe($proposed[$kept['man']]['done'])
            ->and($kept['reason'])->toBe($proposed[$kept['man']]['reason']);
    }
    expect($grade['decision'])->toBeNull()
        ->and($quarterback['decision'])->not->toBe('lucky')->not->toBeNull();
});

it('grades nobody on a snap whose call and look nobody said', function (): void {
    $snap = numbered(38);
    $snap->update(['document' => array_diff_key($snap->document, ['call' => 1, 'look' => 1])]);
    $this->putJson("/api/v1/snaps/{$snap->id}/grades/H", ['mark' => 1, 'faults' => []], ['If-Match' => '"0"'])
        ->assertStatus(422)
        ->assertJsonPath('detail', fn (string $d): bool => str_contains($d, 'Say the call and the look'));
});

it('writes a man\'s letter, to him alone', function (): void {
    $h = Player::query()->where('letter', 'H')->value('id');
    $page = $this->actingAs(coach('h@cedarfork.example'))->getJson("/api/v1/players/$h")->assertOk();
    expect(array_column($page->json('trend.weeks'), 'week'))->toBe([1, 2, 3])
        ->and($page->json('watch'))->not->toBe([])
        ->and(collect($page->json('grades'))->firstWhere('snap.number', 18)['faults'])->toContain('FLT-13')
        ->and($page->json('byAssignment.0.interval.of'))->toBeGreaterThan(3);
});

it('tells the week: men, groups, what repeats; and as a table', function (): void {
    $week = $this->getJson('/api/v1/weeks')->assertOk();
    expect($week->json('week'))
        ->toBe(3)
        ->and($week->json('weeks'))
        ->toBe([1, 2, 3])
        ->and(collect($week->json('men'))->firstWhere('letter', 'Q')['faults'])
        ->not->toBe([])
        ->and(collect($week->json('repeats'))->where('state', 'repeated')->pluck('text')->first())
        ->toContain('time in 14 days');
    $csv = $this->get('/api/v1/weeks/file.csv?week=3')
        ->assertOk()
        ->assertHeader('Content-Type', 'text/csv; charset=utf-8')
        ->getContent();
    expect($csv)->toContain('Player,Letter,Snaps')->toContain('Theo Brandvold');
});

it('grades by the school the staff chose, and names faults as the staff does', function (): void {
    $this->putJson('/api/v1/grading', ['scale' => 'three-part', 'winning' => 0.9,
        'fault_labels' => ['FLT-13' => 'off the landmark'], 'fault_keys' => ['receivers' => ['FLT-13', 'PRS-03']]],
        ['If-Match' => '"1"'])->assertOk()->assertJsonPath('labels.FLT-13', 'off the landmark');
    $week = $this->getJson('/api/v1/weeks')->json();
    $men = collect($week['men']);
    expect($week['scale'])->toBe('three-part')
        ->and($men->firstWhere('letter', 'H')['possible'])->toEqual(3 * $men->firstWhere('letter', 'H')['snaps']);
    $this->postJson('/api/v1/measurements', ['document' => numbered(4)->document])->assertJsonPath('labels.H.0.label',
        'off the landmark')->assertJsonCount(2, 'labels.H');
    $this->putJson('/api/v1/grading', ['fault_keys' => ['line' => ['FLT-99']]], ['If-Match' => '"2"'])
        ->assertStatus(422);
});

it('teaches a rule by its reel', function (): void {
    $reel = $this->getJson('/api/v1/teaching/FLT-13')->assertOk();
    expect(array_values(array_unique(array_column($reel->json('parts'), 'part'))))->toBe(['model', 'fault', 'game'])
        ->and($reel->json('rule.drill'))->toBe('landmark walk')
        ->and($reel->json('parts.0.snap.reel.kind'))->toBe('practice');
    $this->getJson('/api/v1/teaching/FLT-99')->assertNotFound();
});

it('counts any snaps and opens the clips behind a number', function (): void {
    $rows = collect(
        $this->getJson('/api/v1/numbers/groups?by=family&filter[kind]=game&filter[ours]=true')
            ->assertOk()
            ->json('rows'),
    );
    $smash = $rows->firstWhere('name', 'smash');
    expect($smash['tries'])->toBeGreaterThan(5);
    $this->postJson('/api/v1/clip-lists', ['filter' => ['ids' => $smash['ids']]])
        ->assertOk()
        ->assertJsonPath('count', $smash['tries']);
    foreach (['decisions', 'leanings', 'model', 'pairs', 'opponent'] as $what) {
        $this->getJson("/api/v1/numbers/$what")->assertOk();
    }
    foreach (array_keys(Jacotaxis\Core\Grade\Numbers\Groups::BY) as $by) {
        expect($this->getJson("/api/v1/numbers/groups?by=$by")->assertOk()->json('rows'))->not->toBe([], $by);
    }
    $this->getJson('/api/v1/numbers/groups?by=weather')->assertStatus(422)->assertJsonPath('pointer', '/by');
    $this->postJson('/api/v1/clip-lists', ['filter' => ['weather' => 'rain']])
        ->assertStatus(422)
        ->assertJsonPath('pointer', '/filter/weather');
    $this->postJson('/api/v1/clip-lists', [
        'filter' => ['fault' => 'FLT-13', 'film' => true, 'gain_yd_from' => 5],
    ])->assertOk();
});

it('keeps cut-ups, shared or one\'s own', function (): void {
    $made = $this->postJson('/api/v1/cutups', ['name' => 'Red area', 'filter' => ['ball_on_yd_from' => 80],
        'shared' => false])->assertCreated();
    $this->postJson('/api/v1/cutups', ['name' => 'Bad', 'filter' => ['weather' => 1]])->assertStatus(422);
    $this->actingAs(coach('receivers@cedarfork.example'))
        ->getJson('/api/v1/cutups')
        ->assertJsonMissing(['name' => 'Red area'])
        ->assertJsonFragment(['name' => 'Third downs']);
    $this->deleteJson('/api/v1/cutups/'.$made->json('id'))->assertForbidden();
    $this->actingAs(coach())->deleteJson('/api/v1/cutups/'.$made->json('id'))->assertNoContent();
});

it('keeps every document of the demo as its schema says', function (): void {
    foreach (Snap::query()->get(['id', 'document']) as $snap) {
        app(App\Documents\Schemas::class)->check('film', json_decode(json_encode($snap->document)));
    }
    expect(Snap::query()->where('reel_id', game()->id)->whereNotNull('result')->count())->toBeGreaterThanOrEqual(40);
});

it('FLM-10: keeps what a revised mark was', function (): void {
    $snap = numbered(4);
    $marks = array_map(fn (array $m): array => $m['kind'] === 'break' && $m['man'] === 'H' ? ['atS' => 3.2] + $m : $m,
        array_values(array_filter($snap->document['marks'], fn (array $m): bool => $m['kind'] !== 'catch')));
    $done = $this->putJson("/api/v1/snaps/{$snap->id}", ['document' => ['marks' => $marks] + $snap->document],
        ['If-Match' => '"1"'])->assertOk();
    expect(array_map(fn (array $h): array => [$h['question'], $h['was'], $h['now'], $h['by']],
        $done->json('document.settled')))->toBe([['Mark: break H', '3.12 s', '3.20 s', 'Dale Merriweather'],
            ['Mark: catch H', '4.53 s', 'taken away', 'Dale Merriweather']]);
});

it('measures and grades a document on the command line, without the database', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'jx');
    file_put_contents($file, json_encode(numbered(10)->document));
    Illuminate\Support\Facades\DB::listen(fn () => throw new RuntimeException('The database was asked.'));
    [$code, $graded] = jx('jx:grade', ['file' => $file]);
    [, $measured] = jx('jx:measure', ['file' => $file]);
    unlink($file);
    expect($code)->toBeIn([0, 1])
        ->and(array_column($graded['keys'], 'defender'))->toBe(['right end', 'nickel'])
        ->and($graded['keys'][0])->toMatchArray(['choice' => 'take the back', 'decision' => 'right'])
        ->and($graded['proposals'])->toHaveCount(11)
        ->and($measured['plots'][0])->toHaveKeys(['id', 'xYd', 'yYd', 'sdYd'])
        ->and($measured['assignments'][0])->toHaveKeys(['man', 'measure', 'planned', 'done', 'error', 'sd']);
});

it('fills in what is searched of snaps saved before, and touches nothing else', function (): void {
    $before = Snap::query()->orderBy('id')->get()->map(fn (Snap $s): array => $s->getAttributes())->all();
    Snap::query()->toBase()->update(['hole' => null, 'tag' => null, 'action' => null, 'back' => null, 'gave' => null,
        'decision' => null, 'call' => null]);
    $this->artisan('jx:index')->expectsOutputToContain(count($before).' snaps indexed.')->assertExitCode(0);
    $after = Snap::query()->orderBy('id')->get()->map(fn (Snap $s): array => $s->getAttributes())->all();
    expect($after)->toEqual($before)
        ->and(array_filter(array_column($after, 'tag')))->not->toBe([])
        ->and(array_filter(array_column($after, 'hole')))->not->toBe([]);
});

it('tells where the drawings of an unsaved snap lie, and what is wrong with one', function (
    array $drawing,
    int $status,
    string $says,
): void {
    $document = ['kind' => 'jacotaxis.film', 'version' => 1, 'drawings' => [$drawing + ['id' => 'a', 'atS' => 1.0]]];
    $answer = $this->postJson('/api/v1/drawings', ['document' => $document, 'angle' => 'wide']);
    $answer->assertStatus($status);
    expect($answer->getContent())->toContain($says);
})->with([
    'an arrow' => [['kind' => 'arrow', 'points' => [[10, 20], [30, 40]]], 200, '"line":[[10,20],[30,40]]'],
    'one of the other angle is not told' => [['kind' => 'line', 'angle' => 'tight', 'points' => [[1, 2], [3, 4]]], 200,
        '"drawings":[]'],
    'an arrow to nowhere' => [['kind' => 'arrow', 'points' => [[10, 20]]], 422, 'takes two places'],
    'a shape nobody knows' => [['kind' => 'star', 'points' => [[10, 20], [30, 40]]], 422, 'kind'],
]);

it('shows what was drawn on a clip to whoever may watch it, and to nobody else', function (): void {
    $clip = numbered(26)->clips()->where('angle', 'wide')->firstOrFail();
    $ask = fn (string $who): TestResponse => $this->actingAs(User::query()->where('email', $who)->firstOrFail())
        ->getJson("/api/v1/clips/{$clip->id}/drawings");
    foreach (['coordinator@cedarfork.example', 'q@cedarfork.example'] as $who) {
        $told = $ask($who)->assertOk()->json();
        expect(array_column($told['drawings'], 'kind'))->toBe(['ring', 'word'])
            ->and($told['drawings'][0]['onField'])->toBeTrue()
            ->and($told['drawings'][0]['frames'][0]['line'])->toHaveCount(32)
            ->and($told['widthPx'])->toBe($clip->video['widthPx'])
            ->and($told['shiftS'])->toEqualWithDelta($clip->from_s, 1e-9);
    }
    $places = fn (string $man): array => $this->getJson("/api/v1/clips/{$clip->id}/drawings?man=$man")->json('places');
    expect(count($places('Q')))->toBeGreaterThan(15)
        ->and(array_keys($places('Q')[0]))->toBe(['atS', 'xPx', 'yPx', 'rxPx', 'ryPx', 'tallPx'])
        ->and($places('nobody'))->toBe([]);
    $this->getJson("/api/v1/clips/{$clip->id}/drawings?man=".str_repeat('x', 41))->assertStatus(422);
    $clip->snap->grades()->delete();
    $ask('q@cedarfork.example')->assertForbidden();
    $ask('coordinator@cedarfork.example')->assertOk();
});

it('tells nothing drawn of a clip that was put to no snap', function (): void {
    $clip = numbered(26)->clips()->where('angle', 'wide')->firstOrFail();
    $clip->update(['snap_id' => null]);
    $this->getJson("/api/v1/clips/{$clip->id}/drawings")->assertOk()->assertJsonPath('drawings', []);
});
