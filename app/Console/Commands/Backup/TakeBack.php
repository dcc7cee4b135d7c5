<?php

namespace App\Console\Commands\Backup;

use App\Backup\NoBackup;
use App\Backup\Restore;
use App\Models\Clip;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

class TakeBack extends Command
{
    protected $signature = 'jx:restore {folder : a backup made by jx:backup} '
        .'{--replace : in the place of a database that has people; it is kept beside it}';

    protected $description = 'Put a backup in the place of what is here, and compare it row by row and film by film';

    public function handle(): int
    {
        $folder = $this->argument('folder');
        $database = DB::connection()->getConfig('database');
        if (DB::connection()->getDriverName() !== 'sqlite' || ! is_string($database) || ! is_string($folder)) {
            $this->error('This takes back a backup of SQLite. PostgreSQL is taken back with pg_restore.');

            return self::FAILURE;
        }
        DB::disconnect();
        $restore = new Restore($database, Clip::folder());
        $people = $restore->people();
        if ($people !== 0 && $this->option('replace') !== true) {
            $this->error($people === null
                ? 'The database here cannot be read. Say --replace: it is kept beside the backup that takes its place.'
                : "$people people are in the database here, and the backup would take its place. Make a backup of it "
                    .'first (jx:backup), then say --replace.');

            return self::FAILURE;
        }
        $aside = "$database.before-".now()->format('Y-m-d-His');
        try {
            $manifest = $restore->from($folder, $aside);
        } catch (NoBackup $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        }
        $this->line(sprintf(
            'As it was on %s: %d rows in %d tables and %d films, each compared.',
            $manifest->at,
            $manifest->rows(),
            count($manifest->tables),
            count($manifest->films),
        ));
        $this->line(is_file($aside) ? "What was here is kept as $aside." : 'Nothing was here before.');
        $this->line('If the program is newer than the backup: php artisan migrate --force && php artisan jx:index');

        return self::SUCCESS;
    }
}
