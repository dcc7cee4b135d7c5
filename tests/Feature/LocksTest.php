<?php

/* Several coaches write at once: nobody is refused, nothing is lost. */

use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/** An empty database in a file of its own; gives its path. */
function ownDatabase(): string
{
    $path = sys_get_temp_dir().'/jx-locks-'.getmypid().'.sqlite';
    array_map(unlink(...), glob("$path*") ?: []);
    touch($path);
    foreach (['one', 'two'] as $name) {
        config(["database.connections.$name" => ['database' => $path] + config('database.connections.sqlite')]);
        DB::purge($name);
    }
    DB::connection('one')->statement('create table migrations (migration text)');
    DB::connection('one')->statement('create table places (place integer unique)');

    return $path;
}

it('takes its turn when it begins, before it has read anything', function (): void {
    ownDatabase();
    DB::connection('two')->statement('pragma busy_timeout = 0');
    DB::connection('one')->beginTransaction();
    expect(fn () => DB::connection('two')->table('places')->insert(['place' => 1]))
        ->toThrow(Illuminate\Database\QueryException::class, 'locked');
    // Reading goes on meanwhile.
    expect(DB::connection('two')->table('places')->count())->toBe(0);
    DB::connection('one')->table('places')->insert(['place' => 1]);
    DB::connection('one')->commit();
    DB::connection('two')->table('places')->insert(['place' => 2]);
    expect(DB::connection('two')->table('places')->count())->toBe(2);
});

it('gives the lock back when the work fails', function (): void {
    ownDatabase();
    DB::connection('two')->statement('pragma busy_timeout = 0');
    expect(fn () => DB::connection('one')->transaction(fn () => throw new DomainException('no')))
        ->toThrow(DomainException::class);
    DB::connection('two')->table('places')->insert(['place' => 1]);
    expect(DB::connection('one')->table('places')->count())->toBe(1);
});

it('lets four coaches chart ten snaps each at once: none refused, each place taken once', function (): void {
    $path = ownDatabase();
    DB::purge('one');
    DB::purge('two');
    $coaches = array_map(
        fn (): Process => new Process([PHP_BINARY, __DIR__.'/Fixtures/charts.php', $path], timeout: 60),
        range(1, 4),
    );
    array_walk($coaches, fn (Process $p) => $p->start());
    array_walk($coaches, fn (Process $p) => $p->wait());
    foreach ($coaches as $coach) {
        expect($coach->getExitCode())->toBe(0, $coach->getOutput().$coach->getErrorOutput());
    }
    $places = DB::connection('one')->table('places')->orderBy('place')->pluck('place')->all();
    expect($places)->toBe(range(1, 40));
});
