<?php

namespace App\Console\Commands;

use App\Aside\Aside;
use App\Aside\Orphans;
use App\Documents\ThrownAway;
use App\Models\Reel;
use App\Models\StaffWords;
use App\Models\Upload;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

/** Deletes for good what is kept longer than the staff wants; runs every night. */
class Keep extends Command
{
    /** An upload nobody went on with for so long is broken off, days. */
    private const UPLOAD_DAYS = 7;

    protected $signature = 'jx:keep {--dry : say what would go and delete nothing}';

    protected $description = 'Delete for good what was thrown away, and film, older than the staff keeps it';

    public function handle(): int
    {
        $staff = StaffWords::current();
        $now = CarbonImmutable::now();
        $months = $staff->keep_film_months;
        $films = $months === null
            ? []
            : Reel::query()->where('played_on', '<', $now->subMonths($months)->toDateString())->get()->all();
        $thrown = ThrownAway::before($now->subDays($staff->keep_thrown_days));
        $uploads = Upload::query()->where('updated_at', '<', $now->subDays(self::UPLOAD_DAYS))->get()->all();
        $orphans = Orphans::since($now->subDay());
        $gone = sprintf(
            '%d thrown away, %d of film, %d uploads broken off, %d files of no film',
            count($thrown),
            count($films),
            count($uploads),
            count($orphans),
        );
        if ($this->option('dry') === true) {
            $this->line("Would delete for good: $gone.");

            return self::SUCCESS;
        }
        array_map(ThrownAway::forGood(...), $thrown);
        array_map(Aside::filmForGood(...), $films);
        foreach ($uploads as $upload) {
            File::delete($upload->path());
            $upload->delete();
        }
        File::delete($orphans);
        $this->line("Deleted for good: $gone.");

        return self::SUCCESS;
    }
}
