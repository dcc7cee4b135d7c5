<?php

/*
 * Film, snaps and film files that are thrown away: out of every list and count, back with grades, angles and history as
 * they were, their files kept until they are deleted for good; how long all that stays.
 */

use App\Aside\Aside;
use App\Jobs\ReadyClip;
use App\Models\Clip;
use App\Models\Grade;
use App\Models\GradeChange;
use App\Models\Player;
use App\Models\PutAside;
use App\Models\Reel;
use App\Models\Snap;
use App\Models\StaffWords;
use App\Models\TriggerAnswer;
use App\Models\Upload;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Queue;

beforeEach(function (): void {
    $this->actingAs(coach());
});

/** Every row of a table, without what a new save changes. */
function rowsOf(string $table): array
{
    return DB::table($table)->orderBy('id')->get()->map(fn (object $row): array => (array) $row)->all();
}

/** A snap of the game that has grades. */
function gradedSnap(): Snap
{
    return Snap::query()->where('reel_id', game()->id)->whereHas('grades')->firstOrFail();
}

/** A film file put to a snap, with a file on the disk. */
function filmOf(?Snap $snap, string $file, string $angle = 'tight', string $status = 'ready'): Clip
{
    File::ensureDirectoryExists(Clip::folder());
    File::put(Clip::folder()."/$file", 'film');

    return Clip::query()->create(['reel_id' => game()->id, 'snap_id' => $snap?->id, 'angle' => $angle, 'file' => $file,
        'name' => 'End zone', 'mime' => 'video/mp4', 'status' => $status]);
}

it('takes a film back with every row it had', function (): void {
    $reel = game();
    filmOf(gradedSnap(), 'aside-1.mp4');
    TriggerAnswer::query()->create(['reel_id' => $reel->id, 'trigger' => 'end', 'picture' => '', 'answer' => 'taken']);
    $tables = ['reels', 'snaps', 'clips', 'grades', 'trigger_answers'];
    $was = array_map(rowsOf(...), array_combine($tables, $tables));
    $links = DB::table('grade_changes')->whereNotNull('snap_id')->count();

    $this->deleteJson("/api/v1/reels/$reel->id")->assertNoContent();
    expect(Snap::query()->where('reel_id', $reel->id)->count())->toBe(0)
        ->and(Clip::query()->where('reel_id', $reel->id)->count())->toBe(0)
        ->and(array_column($this->getJson('/api/v1/reels')->json('reels'), 'id'))->not->toContain($reel->id)
        ->and($this->getJson('/api/v1/thrown-away')->json('things.0'))->toMatchArray(['kind' => 'film',
            'id' => $reel->id, 'name' => 'Week 3, Granite Pass'])
        ->and(is_file(Clip::folder().'/aside-1.mp4'))->toBeTrue();

    $this->postJson("/api/v1/thrown-away/film/$reel->id")->assertNoContent();
    foreach ($tables as $table) {
        expect(rowsOf($table))->toEqual($was[$table], $table);
    }
    expect(PutAside::query()->count())->toBe(0)
        ->and(DB::table('grade_changes')->whereNotNull('snap_id')->count())->toBeGreaterThanOrEqual($links);
    $this->postJson("/api/v1/thrown-away/film/$reel->id")->assertNotFound();
});

it('takes a snap back with its grades and its film', function (): void {
    $snap = gradedSnap();
    $clip = filmOf($snap, 'aside-2.mp4');
    $grades = $snap->grades()->pluck('id')->sort()->values()->all();
    $clips = $snap->clips()->pluck('id')->sort()->values()->all();
    $this->deleteJson("/api/v1/snaps/$snap->id")->assertStatus(409);
    $this->deleteJson("/api/v1/snaps/$snap->id?graded=1")->assertOk();
    expect(Grade::query()->whereIn('id', $grades)->count())->toBe(0)
        ->and($clip->fresh()->snap_id)->toBeNull();

    $this->postJson("/api/v1/thrown-away/snap/$snap->id")->assertNoContent();
    $back = Snap::query()->findOrFail($snap->id);
    expect($back->document)->toBe($snap->document)
        ->and($back->place)->toBe($snap->place)
        ->and($back->grades()->pluck('id')->sort()->values()->all())->toBe($grades)
        ->and($back->clips()->pluck('id')->sort()->values()->all())->toBe($clips);
});

it('tells a man that his grades went and came again', function (): void {
    $snap = gradedSnap();
    $grade = $snap->grades()->firstOrFail();
    $told = fn (): array => GradeChange::query()->where('player_id', $grade->player_id)->where('man', $grade->man)
        ->latest('id')->limit(2)->get()
        ->map(fn (GradeChange $c): array => [$c->before !== null, $c->after !== null])->all();
    $this->deleteJson("/api/v1/snaps/$snap->id?graded=1")->assertOk();
    $this->postJson("/api/v1/thrown-away/snap/$snap->id")->assertNoContent();

    expect($told())->toBe([[false, true], [true, false]]);
});

it('puts a snap to the end where its place is taken', function (): void {
    $snap = gradedSnap();
    $this->deleteJson("/api/v1/snaps/$snap->id?graded=1")->assertOk();
    $last = Snap::query()->where('reel_id', $snap->reel_id)->max('place');
    Snap::query()->create(['reel_id' => $snap->reel_id, 'place' => $snap->place, 'document' => $snap->document]);
    $this->postJson("/api/v1/thrown-away/snap/$snap->id")->assertNoContent();

    expect(Snap::query()->findOrFail($snap->id)->place)->toBe($last + 1);
});

it('takes a film file back to its snap, or to none where the snap has that angle', function (bool $taken): void {
    $snap = gradedSnap();
    $clip = filmOf($snap, 'aside-3.mp4');
    $this->deleteJson("/api/v1/clips/$clip->id")->assertNoContent();
    expect(is_file(Clip::folder().'/aside-3.mp4'))->toBeTrue();
    if ($taken) {
        filmOf($snap, 'aside-4.mp4');
    }
    $this->postJson("/api/v1/thrown-away/clip/$clip->id")->assertNoContent();

    expect(Clip::query()->findOrFail($clip->id)->snap_id)->toBe($taken ? null : $snap->id);
})->with(['free' => [false], 'taken' => [true]]);

it('leaves a film loose whose snap has another of its angle when the snap comes back', function (): void {
    $snap = gradedSnap();
    $clip = filmOf($snap, 'aside-5.mp4');
    $this->deleteJson("/api/v1/snaps/$snap->id?graded=1")->assertOk();
    Clip::query()->whereKey($clip->id)->update(['angle' => 'wide']);
    $wide = filmOf(null, 'aside-6.mp4', 'wide');
    $aside = PutAside::query()->findOrFail($snap->id);
    $links = [['table' => 'clips', 'id' => $wide->id, 'snap_id' => $snap->id],
        ['table' => 'clips', 'id' => $clip->id, 'snap_id' => $snap->id]];
    $aside->update(['rows' => [PutAside::LINKS => $links] + $aside->rows]);
    $this->postJson("/api/v1/thrown-away/snap/$snap->id")->assertNoContent();

    expect($wide->fresh()->snap_id)->toBe($snap->id)
        ->and($clip->fresh()->snap_id)->toBeNull();
});

it('goes on with a film that was being made ready', function (): void {
    Queue::fake();
    $clip = filmOf(null, 'aside-7.mp4', status: 'working');
    $this->deleteJson("/api/v1/clips/$clip->id")->assertNoContent();
    $this->postJson("/api/v1/thrown-away/clip/$clip->id")->assertNoContent();
    Queue::assertPushed(ReadyClip::class, 1);
});

it('asks for the film first', function (): void {
    $snap = gradedSnap();
    $this->deleteJson("/api/v1/snaps/$snap->id?graded=1")->assertOk();
    $this->deleteJson("/api/v1/reels/$snap->reel_id")->assertNoContent();
    $this->postJson("/api/v1/thrown-away/snap/$snap->id")->assertStatus(409)
        ->assertJsonPath('detail', 'Take the film it belongs to back first.');
    $this->postJson("/api/v1/thrown-away/film/$snap->reel_id")->assertNoContent();
    $this->postJson("/api/v1/thrown-away/snap/$snap->id")->assertNoContent();
});

it('deletes for good with the file, unless another cut of it is used', function (bool $used): void {
    $clip = filmOf(null, 'aside-8.mp4');
    if ($used) {
        filmOf(gradedSnap(), 'aside-8.mp4');
    }
    $this->deleteJson("/api/v1/clips/$clip->id")->assertNoContent();
    $this->deleteJson("/api/v1/thrown-away/clip/$clip->id")->assertNoContent();

    expect(is_file(Clip::folder().'/aside-8.mp4'))->toBe($used)
        ->and(PutAside::query()->count())->toBe(0);
})->with(['of no other' => [false], 'of another cut' => [true]]);

it('keeps the file that something else thrown away has', function (): void {
    $one = filmOf(null, 'aside-9.mp4');
    $two = filmOf(null, 'aside-9.mp4', 'wide');
    $this->deleteJson("/api/v1/clips/$one->id")->assertNoContent();
    $this->deleteJson("/api/v1/clips/$two->id")->assertNoContent();
    $this->deleteJson("/api/v1/thrown-away/clip/$one->id")->assertNoContent();
    expect(is_file(Clip::folder().'/aside-9.mp4'))->toBeTrue();
    $this->deleteJson("/api/v1/thrown-away/clip/$two->id")->assertNoContent();
    expect(is_file(Clip::folder().'/aside-9.mp4'))->toBeFalse();
});

it('deletes what was thrown away of a film with the film', function (): void {
    $snap = gradedSnap();
    $this->deleteJson("/api/v1/snaps/$snap->id?graded=1")->assertOk();
    $this->deleteJson("/api/v1/reels/$snap->reel_id")->assertNoContent();
    $this->deleteJson("/api/v1/thrown-away/film/$snap->reel_id")->assertNoContent();

    expect(PutAside::query()->count())->toBe(0);
});

it('forgets and tells a man of what was thrown away', function (): void {
    $snap = gradedSnap();
    $player = $snap->grades()->firstOrFail()->player;
    $others = $snap->grades()->where('player_id', '!=', $player->id)->count();
    $this->deleteJson("/api/v1/snaps/$snap->id?graded=1")->assertOk();
    $records = $this->getJson("/api/v1/players/$player->id/records.json")->assertOk()->json();
    expect($records['thrownAway'])->not->toBe([])
        ->and($records['thrownAway'][0]['of'])->toContain('Granite Pass')
        ->and($records['thrownAway'][0])->not->toHaveKey('user_id');

    $this->deleteJson("/api/v1/players/$player->id", ['name' => $player->name])->assertSuccessful();
    $rows = PutAside::query()->findOrFail($snap->id)->rows['grades'];
    expect(array_column($rows, 'player_id'))->not->toContain($player->id)
        ->and($rows)->toHaveCount($others);
    $this->postJson("/api/v1/thrown-away/snap/$snap->id")->assertNoContent();
    expect(Grade::query()->where('snap_id', $snap->id)->count())->toBe($others);
});

it('lets the staff take back a snap, and only the coordinator a film', function (): void {
    $snap = gradedSnap();
    $this->deleteJson("/api/v1/snaps/$snap->id?graded=1")->assertOk();
    $this->actingAs(coach('q@cedarfork.example'));
    $this->postJson("/api/v1/thrown-away/snap/$snap->id")->assertForbidden();
    $this->actingAs(coach('receivers@cedarfork.example'));
    $this->deleteJson("/api/v1/thrown-away/snap/$snap->id")->assertForbidden();
    $this->postJson("/api/v1/thrown-away/snap/$snap->id")->assertNoContent();
    $this->deleteJson("/api/v1/reels/$snap->reel_id")->assertForbidden();
    Aside::film(game(), coach());
    $this->postJson("/api/v1/thrown-away/film/$snap->reel_id")->assertForbidden();
});

it('keeps what was thrown away, film and uploads as long as the staff says', function (): void {
    File::deleteDirectory(Clip::folder());
    $this->getJson('/api/v1/keeping')->assertOk()->assertJson(['thrownDays' => 60, 'filmMonths' => null]);
    $version = StaffWords::current()->version;
    $this->putJson('/api/v1/keeping', ['thrownDays' => 0, 'filmMonths' => 12], ['If-Match' => "\"$version\""])
        ->assertUnprocessable();
    $this->putJson('/api/v1/keeping', ['thrownDays' => 30, 'filmMonths' => 12], ['If-Match' => "\"$version\""])
        ->assertOk()->assertJson(['thrownDays' => 30, 'filmMonths' => 12]);
    $this->putJson('/api/v1/keeping', ['thrownDays' => 5, 'filmMonths' => 1], ['If-Match' => "\"$version\""])
        ->assertStatus(412);

    $snap = gradedSnap();
    $clip = filmOf(null, 'aside-10.mp4');
    $this->deleteJson("/api/v1/clips/$clip->id")->assertNoContent();
    $reels = Reel::query()->count();
    $old = Reel::query()->create(['title' => 'Last year', 'played_on' => now()->subMonths(13)->toDateString()]);
    $before = Snap::query()->create(['reel_id' => $old->id, 'place' => 1, 'document' => $snap->document]);
    $grade = $snap->grades()->firstOrFail()->replicate()->fill(['snap_id' => $before->id]);
    $grade->save();
    GradeChange::keep(coach(), null, $grade);
    Upload::query()->create(['reel_id' => $snap->reel_id, 'user_id' => coach()->id, 'name' => 'a.mp4', 'size' => 9]);

    $said = fn (string $does, int $thrown, int $films, int $uploads): string => "$does for good: $thrown thrown away, "
        ."$films of film, $uploads uploads broken off, 0 files of no film.";
    $this->travelTo(now()->addDays(6));
    $this->artisan('jx:keep', ['--dry' => true])
        ->expectsOutput($said('Would delete', 0, 1, 0))->assertSuccessful();
    expect(Reel::query()->whereKey($old->id)->exists())->toBeTrue();
    $this->artisan('jx:keep')->expectsOutput($said('Deleted', 0, 1, 0))->assertSuccessful();
    expect(GradeChange::query()->where('of', 'like', 'Last year%')->count())->toBe(0)
        ->and(Grade::query()->where('snap_id', $before->id)->count())->toBe(0)
        ->and(Reel::query()->count())->toBe($reels);
    $this->travelTo(now()->addDays(2));
    $this->artisan('jx:keep')->expectsOutput($said('Deleted', 0, 0, 1))->assertSuccessful();
    $this->travelTo(now()->addDays(23));
    $this->artisan('jx:keep')->expectsOutput($said('Deleted', 1, 0, 0))->assertSuccessful();
    expect(is_file(Clip::folder().'/aside-10.mp4'))->toBeFalse()
        ->and(Player::query()->count())->toBeGreaterThan(0);
});

it('is the coordinator\'s to say how long things are kept', function (): void {
    foreach (['receivers@cedarfork.example', 'q@cedarfork.example'] as $other) {
        $this->actingAs(coach($other));
        $this->getJson('/api/v1/keeping')->assertForbidden();
        $this->putJson('/api/v1/keeping', ['thrownDays' => 5, 'filmMonths' => null], ['If-Match' => '"1"'])
            ->assertForbidden();
    }
});

it('goes on with a film whose work was lost, and with no other', function (): void {
    Queue::fake();
    $lost = filmOf(null, 'lost-1.mp4', status: 'working');
    $held = filmOf(null, 'lost-2.mp4', 'wide', 'waiting');
    $gone = filmOf(null, 'lost-3.mp4', 'wide', 'waiting');
    $new = filmOf(null, 'lost-4.mp4', status: 'working');
    $killed = filmOf(null, 'lost-8.mp4', status: 'working');
    $broken = filmOf(null, 'lost-5.mp4', status: 'broken');
    $job = fn (Clip $clip, ?int $reservedAt): array => ['queue' => 'default', 'payload' => "{\"clipId\":\"$clip->id\"}",
        'attempts' => 1, 'reserved_at' => $reservedAt, 'available_at' => 0, 'created_at' => 0];
    DB::table('jobs')->insert([$job($held, null), $job($killed, now()->subHour()->getTimestamp())]);
    Clip::query()->whereKeyNot($new->id)->update(['updated_at' => now()->subHour()]);
    File::delete($gone->path());
    $this->artisan('jx:resume')->expectsOutput('Went on with 3 films.')->assertSuccessful();

    Queue::assertPushed(ReadyClip::class, 2);
    expect($lost->fresh()->status)->toBe('waiting')
        ->and($held->fresh()->status)->toBe('waiting')
        ->and($killed->fresh()->status)->toBe('waiting')
        ->and(DB::table('jobs')->where('payload', 'like', "%$killed->id%")->exists())->toBeFalse()
        ->and(DB::table('jobs')->where('payload', 'like', "%$held->id%")->exists())->toBeTrue()
        ->and($gone->fresh()->reason)->toBe('Its file is gone on the server. Send the film again.')
        ->and($new->fresh()->status)->toBe('working')
        ->and($broken->fresh()->status)->toBe('broken');
});

it('is tried again by hand where it broke off', function (): void {
    Queue::fake();
    $clip = filmOf(null, 'lost-6.mp4', status: 'working');
    (new ReadyClip($clip->id))->failed();
    expect($clip->fresh()->only(['status', 'reason']))
        ->toBe(['status' => 'broken', 'reason' => 'Making it ready broke off.']);
    $this->postJson("/api/v1/clips/$clip->id/again")->assertOk()->assertJsonPath('status', 'waiting');
    Queue::assertPushed(ReadyClip::class, 1);
    $this->postJson("/api/v1/clips/$clip->id/again")->assertStatus(409);
    $this->actingAs(coach('q@cedarfork.example'));
    $this->postJson("/api/v1/clips/$clip->id/again")->assertForbidden();
});

it('lets no second worker begin what the first is still at', function (): void {
    expect(config('queue.connections.database.retry_after'))
        ->toBeGreaterThan((new ReadyClip('any'))->timeout);
});

it('leaves what was sent where it is when the film was thrown away while it was made ready', function (): void {
    $clip = filmOf(null, 'lost-7.avi', status: 'waiting');
    File::put($clip->path(), ownFilm('old.avi', 'mpeg4'));
    $probe = Mockery::mock(App\Film\Files\Probe::class)->makePartial();
    $probe->shouldReceive('converted')->andReturnUsing(function (string $path) use ($clip): string {
        Aside::clip($clip, coach());
        File::copy($path, "$path.mp4");

        return "$path.mp4";
    });
    (new ReadyClip($clip->id))->handle($probe);

    expect(is_file(Clip::folder().'/lost-7.avi'))->toBeTrue()
        ->and(is_file(Clip::folder().'/lost-7.avi.mp4'))->toBeFalse()
        ->and(Clip::query()->find($clip->id))->toBeNull();
});

it('sweeps files of no film after a day, and no other', function (): void {
    $folder = Clip::folder();
    File::deleteDirectory($folder);
    filmOf(null, 'orphan-1.avi.mp4');
    $away = filmOf(null, 'orphan-2.mp4', 'wide');
    Aside::clip($away, coach());
    $upload = Upload::query()->create(['reel_id' => game()->id, 'user_id' => coach()->id, 'name' => 'a', 'size' => 9]);
    $kept = ['orphan-1.avi.mp4.jpg', 'orphan-1.avi.mp4.1500.jpg.0004.jpg', 'orphan-2.mp4.jpg', "$upload->id.part"];
    $goes = ['orphan-1.avi', 'orphan-3.mp4', 'orphan-3.mp4.jpg', 'nothing'];
    foreach ([...$kept, ...$goes] as $file) {
        File::put("$folder/$file", 'x');
    }
    $this->artisan('jx:keep')->expectsOutputToContain('0 files of no film')->assertSuccessful();
    $this->travelTo(now()->addDays(2));
    $this->artisan('jx:keep')->expectsOutputToContain('4 files of no film')->assertSuccessful();
    $left = array_map(basename(...), glob("$folder/*"));

    expect(array_intersect($goes, $left))->toBe([])
        ->and(array_diff([...$kept, 'orphan-1.avi.mp4', 'orphan-2.mp4'], $left))->toBe([]);
});

it('lets its stills go with a film that goes for good', function (): void {
    $clip = filmOf(null, 'still-1.mp4');
    File::put($clip->path().'.jpg', 'x');
    File::put($clip->path().'.0040.jpg', 'x');
    $this->deleteJson("/api/v1/clips/$clip->id")->assertNoContent();
    $this->deleteJson("/api/v1/thrown-away/clip/$clip->id")->assertNoContent();
    expect(glob($clip->path().'*'))->toBe([]);
});
