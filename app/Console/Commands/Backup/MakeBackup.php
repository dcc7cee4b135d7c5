<?php

namespace App\Console\Commands\Backup;

use App\Backup\Backup;
use App\Backup\Manifest;
use App\Backup\NoBackup;
use App\Models\Clip;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

class MakeBackup extends Command
{
    protected $signature = 'jx:backup {folder? : where backups are kept; storage/app/backups if none is said} '
        .'{--keep=14 : how many stay there}';

    protected $description = 'Copy the database and the films as they are now; what is older goes';

    public function handle(): int
    {
        $said = $this->argument('folder');
        $folder = is_string($said) ? $said : storage_path('app/backups');
        $keep = filter_var($this->option('keep'), FILTER_VALIDATE_INT, ['options' => ['min_range' => 1]]);
        if ($keep === false) {
            $this->error('--keep is how many backups stay: a whole number from 1 on.');

            return self::FAILURE;
        }
        try {
            $made = (new Backup(DB::connection(), Clip::folder()))->into($folder, now());
            Backup::keep($folder, $keep);
            $manifest = Manifest::read($made);
        } catch (NoBackup $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        }
        $this->line(sprintf(
            '%s: %d rows in %d tables, %d films.',
            $made,
            $manifest->rows(),
            count($manifest->tables),
            count($manifest->films),
        ));

        return self::SUCCESS;
    }
}
