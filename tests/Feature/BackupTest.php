<?php

use App\Backup\Backup;
use App\Backup\Manifest;
use App\Backup\NoBackup;
use App\Backup\Restore;
use App\Backup\RowSums;
use App\Models\Clip;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** A machine of its own: a database file with people and snaps, and two films. Its folder. */
function machine(string $name, bool $empty = false): string
{
    $folder = sys_get_temp_dir().'/jx-backup-'.getmypid()."/$name";
    File::deleteDirectory($folder);
    File::ensureDirectoryExists("$folder/film");
    config(["database.connections.$name" => ['driver' => 'sqlite', 'database' => "$folder/database.sqlite",
        'foreign_key_constraints' => true]]);
    if ($empty) {
        return $folder;
    }
    touch("$folder/database.sqlite");
    Artisan::call('migrate', ['--database' => $name, '--force' => true]);
    foreach (['Una Frey', 'Nils Okoye'] as $n => $who) {
        DB::connection($name)->table('users')->insert(['id' => "user-$n", 'email' => "$n@ridge.example", 'name' => $who,
            'role' => 'coordinator', 'password' => 'x']);
    }
    file_put_contents("$folder/film/one.webm", random_bytes(5000));
    file_put_contents("$folder/film/two.webm", random_bytes(3000));
    file_put_contents("$folder/film/three.part", 'still being sent');

    return $folder;
}

function backedUp(string $machine, string $at = '2026-11-30 03:30:00'): string
{
    $folder = machine($machine);

    return (new Backup(DB::connection($machine), "$folder/film"))->into("$folder/backups", new DateTimeImmutable($at));
}

beforeEach(function (): void {
    $this->usual = config('database.default');
});

afterEach(function (): void {
    config(['database.default' => $this->usual]);
    File::deleteDirectory(sys_get_temp_dir().'/jx-backup-'.getmypid());
});

it('puts a backup on an empty machine, every row and film as it was', function (): void {
    $backup = backedUp('here');
    $there = machine('there', empty: true);
    $manifest = (new Restore("$there/database.sqlite", "$there/film"))->from($backup, "$there/aside.sqlite");

    $here = dirname($backup, 2);
    expect($manifest->tables['users']['rows'])->toBe(2)
        ->and($manifest->tables)->toHaveKeys(['users', 'snaps', 'grades', 'calls', 'migrations'])
        ->and(RowSums::of("$there/database.sqlite"))->toBe(RowSums::of("$here/database.sqlite"))
        ->and(DB::connection('there')->table('users')->orderBy('id')->pluck('name')->all())
        ->toBe(['Una Frey', 'Nils Okoye'])
        ->and(array_keys($manifest->films))->toBe(['one.webm', 'two.webm'])
        ->and(File::hash("$there/film/one.webm"))->toBe(File::hash("$here/film/one.webm"))
        ->and(is_file("$there/aside.sqlite"))->toBeFalse();
});

it('is not changed by what happens after it', function (): void {
    $backup = backedUp('here');
    DB::connection('here')->table('users')->delete();
    unlink(dirname($backup, 2).'/film/one.webm');
    $there = machine('there', empty: true);
    (new Restore("$there/database.sqlite", "$there/film"))->from($backup, "$there/aside.sqlite");

    expect(DB::connection('there')->table('users')->count())->toBe(2)
        ->and(filesize("$there/film/one.webm"))->toBe(5000);
});

it('refuses a backup that is damaged, and touches nothing', function (string $file, ?string $bytes, string $says): void {
    $backup = backedUp('here');
    $bytes === null ? unlink("$backup/$file") : file_put_contents("$backup/$file", $bytes);
    $there = machine('there');
    $before = RowSums::of("$there/database.sqlite");
    $restore = new Restore("$there/database.sqlite", "$there/film");

    expect(fn () => $restore->from($backup, "$there/aside.sqlite"))->toThrow(NoBackup::class, $says)
        ->and(RowSums::of("$there/database.sqlite"))->toBe($before)
        ->and(is_file("$there/aside.sqlite"))->toBeFalse();
})->with([
    'the database is cut' => ['database.sqlite', 'SQLite', 'is not as it was saved'],
    'the database is missing' => ['database.sqlite', null, 'database.sqlite is missing'],
    'a film is missing' => ['film/two.webm', null, 'film/two.webm is missing'],
    'no manifest' => ['manifest.json', null, 'There is no backup in'],
    'a manifest of something else' => ['manifest.json', '{"kind":"holiday"}', 'is of no backup of this program'],
    'a torn manifest' => ['manifest.json', '{"kind":', 'is of no backup of this program'],
]);

it('takes the place of a database that is torn, and keeps it', function (): void {
    $backup = backedUp('here');
    $there = machine('there');
    DB::disconnect('there');
    file_put_contents("$there/database.sqlite", str_repeat('torn', 4000));
    $restore = new Restore("$there/database.sqlite", "$there/film");
    expect($restore->people())->toBeNull();
    $restore->from($backup, "$there/aside.sqlite");

    expect($restore->people())->toBe(2)
        ->and(file_get_contents("$there/aside.sqlite"))->toStartWith('torn');
});

it('keeps what was written and is not in the file yet, and reads none of it into the backup', function (): void {
    $backup = backedUp('here');
    $there = machine('there');
    $writer = new PDO("sqlite:$there/database.sqlite");
    $writer->exec('pragma journal_mode = wal');
    $writer->exec("update users set name = 'Written late'");
    expect(is_file("$there/database.sqlite-wal"))->toBeTrue();
    (new Restore("$there/database.sqlite", "$there/film"))->from($backup, "$there/aside.sqlite");
    $names = fn (string $file): array => (new PDO("sqlite:$file"))->query('select name from users order by id')
        ->fetchAll(PDO::FETCH_COLUMN);

    expect($names("$there/database.sqlite"))->toBe(['Una Frey', 'Nils Okoye'])
        ->and($names("$there/aside.sqlite"))->toBe(['Written late', 'Written late']);
    $writer = null;
});

it('keeps so many and takes away the oldest', function (): void {
    $folder = dirname(backedUp('here', '2026-11-28 03:30:00'));
    foreach (['2026-11-29 03:30:00', '2026-11-30 03:30:00'] as $at) {
        (new Backup(DB::connection('here'), dirname($folder).'/film'))->into($folder, new DateTimeImmutable($at));
    }
    File::ensureDirectoryExists("$folder/jacotaxis-2026-11-30-broken");
    Backup::keep($folder, 2);

    expect(array_map(basename(...), Backup::all($folder)))
        ->toBe(['jacotaxis-2026-11-29-033000', 'jacotaxis-2026-11-30-033000'])
        // What is no whole backup is nobody's to delete.
        ->and(is_dir("$folder/jacotaxis-2026-11-30-broken"))->toBeTrue()
        ->and(File::exists(dirname($folder).'/film/one.webm'))->toBeTrue();
});

it('sums a film anew only when it changed', function (): void {
    $backup = backedUp('here', '2026-11-29 03:30:00');
    $films = dirname($backup, 2).'/film';
    $first = Manifest::read($backup)->films;
    unlink("$films/two.webm");
    file_put_contents("$films/two.webm", 'shorter');
    $next = (new Backup(DB::connection('here'), $films))->into(dirname($backup), new DateTimeImmutable('2026-11-30'));
    $second = Manifest::read($next)->films;

    expect($second['one.webm'])->toBe($first['one.webm'])
        ->and($second['two.webm']['sha256'])->toBe(hash('sha256', 'shorter'));
});

it('is made and taken back from the command line, not over people unless it is said', function (): void {
    $folder = machine('here');
    config(['database.default' => 'here']);
    File::ensureDirectoryExists(Clip::folder());
    expect(Artisan::call('jx:backup', ['folder' => "$folder/backups", '--keep' => 'all']))->toBe(1)
        ->and(Artisan::call('jx:backup', ['folder' => "$folder/backups", '--keep' => 3]))->toBe(0);
    $made = Backup::all("$folder/backups")[0];
    expect(Artisan::output())->toContain($made);
    DB::table('users')->where('name', 'Nils Okoye')->delete();
    expect(Artisan::call('jx:restore', ['folder' => $made]))->toBe(1)
        ->and(Artisan::output())->toContain('1 people are in the database')
        ->and(Artisan::call('jx:restore', ['folder' => $made, '--replace' => true]))->toBe(0)
        ->and(Artisan::output())->toContain('each compared')
        ->and(DB::table('users')->count())->toBe(2)
        ->and(glob("$folder/database.sqlite.before-*"))->toHaveCount(1);
    expect(Artisan::call('jx:restore', ['folder' => "$folder/nowhere", '--replace' => true]))->toBe(1)
        ->and(Artisan::output())->toContain('There is no backup in');
});

it('runs every night', function (): void {
    Artisan::call('schedule:list');

    expect(Artisan::output())->toContain('jx:backup');
});
