<?php

/*
 * A coach who charts, in a process of his own: ten times he reads which place is free and takes it a moment later, in
 * one transaction. Usage: php charts.php DATABASE
 */

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../../../vendor/autoload.php';
putenv("DB_DATABASE={$argv[1]}");
$_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = $argv[1];
$app = require __DIR__.'/../../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
config(['database.default' => 'sqlite', 'database.connections.sqlite.database' => $argv[1]]);
DB::purge('sqlite');
for ($n = 0; $n < 10; $n++) {
    DB::transaction(function (): void {
        $free = (int) DB::table('places')->max('place') + 1;
        usleep(5_000);
        DB::table('places')->insert(['place' => $free]);
    });
}
