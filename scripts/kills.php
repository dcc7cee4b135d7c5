<?php

/*
 * Kills the worker that makes films ready, in the middle, again and again, and says how many films are unusable or
 * wedged after it was begun anew:
 *
 *     php scripts/kills.php 300      on a database and in a film folder of its own
 */

use App\Jobs\ReadyClip;
use App\Models\Clip;
use App\Models\Reel;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;

const FILM_S = 12;
const RATE = 30;
/** The longest a worker lives, milliseconds: from before it has begun until after it is done. */
const LONGEST_MS = 2500;

$database = tempnam(sys_get_temp_dir(), 'kills');
$own = ['DB_CONNECTION' => 'sqlite', 'DB_DATABASE' => $database, 'QUEUE_CONNECTION' => 'database'];
foreach ($own as $name => $value) {
    putenv("$name=$value");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
require __DIR__.'/../vendor/autoload.php';
(require __DIR__.'/../bootstrap/app.php')->make(Kernel::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);

$kills = max(1, (int) ($argv[1] ?? 60));
mt_srand(20261201);
$sent = sys_get_temp_dir().'/jx-killed.avi';
(new Process(['ffmpeg', '-v', 'error', '-y', '-f', 'lavfi', '-i', 'testsrc=size=640x360:rate='.RATE.':duration='.FILM_S,
    '-pix_fmt', 'yuv420p', '-c:v', 'mpeg4', $sent]))->mustRun();
$reel = Reel::query()->create(['title' => 'Killed']);
File::ensureDirectoryExists(Clip::folder());
$during = 0;
for ($n = 0; $n < $kills; $n++) {
    $clip = Clip::query()->create(['reel_id' => $reel->id, 'file' => "killed-$n.avi", 'name' => "killed-$n.avi"]);
    File::copy($sent, $clip->path());
    ReadyClip::dispatch($clip->id);
    // In a group of its own, so that what it started is killed with it.
    $worker = new Process(['setsid', PHP_BINARY, 'artisan', 'queue:work', '--once', '--quiet'], dirname(__DIR__));
    $worker->start();
    usleep(1000 * mt_rand(100, LONGEST_MS));
    $during += $worker->isRunning() ? 1 : 0;
    exec("kill -9 -- -{$worker->getPid()} 2>/dev/null");
    $worker->stop(0);
    Clip::query()->where('status', '!=', 'ready')->update(['updated_at' => now()->subHour()]);
    Artisan::call('jx:resume');
    Artisan::call('queue:work', ['--stop-when-empty' => true, '--quiet' => true]);
}
$bad = 0;
foreach (Clip::query()->get() as $clip) {
    $frames = new Process(['ffprobe', '-v', 'error', '-count_frames', '-select_streams', 'v:0', '-show_entries',
        'stream=nb_read_frames', '-of', 'csv=p=0', $clip->path()]);
    $frames->run();
    $whole = $clip->status === 'ready' && (int) $frames->getOutput() >= FILM_S * RATE - 5;
    $bad += $whole ? 0 : 1;
    echo $whole ? '' : "$clip->name: $clip->status $clip->reason, {$frames->getOutput()} frames\n";
    File::delete([$clip->path(), $clip->thumbnail()]);
}
$left = count(glob(Clip::folder().'/killed-*') ?: []);
echo "$kills films, $during workers killed while they were at it: $bad unusable or wedged, "
    .DB::table('jobs')->count()." jobs left, $left files of no film left\n";
array_map(unlink(...), glob("$database*") ?: []);
exit($bad === 0 ? 0 : 1);
