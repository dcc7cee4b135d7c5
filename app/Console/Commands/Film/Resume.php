<?php

namespace App\Console\Commands\Film;

use App\Jobs\ReadyClip;
use App\Models\Clip;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Goes on with films whose work was lost: the server was stopped between two steps. Runs every quarter of an hour. */
class Resume extends Command
{
    /** So long a film may wait or be worked on before it is looked after, minutes. */
    private const AFTER_MIN = 10;

    protected $signature = 'jx:resume';

    protected $description = 'Go on with films that wait to be made ready and nobody works on';

    public function handle(): int
    {
        /** @var Collection<int, Clip> $still */
        $still = Clip::query()
            ->whereIn('status', ['waiting', 'working'])
            ->where('updated_at', '<', now()->subMinutes(self::AFTER_MIN))
            ->get();
        $lost = $still->reject(fn (Clip $clip): bool => self::waits($clip));
        foreach ($lost as $clip) {
            self::jobs($clip)->delete();
            ReadyClip::begin($clip);
        }
        $this->line("Went on with {$lost->count()} films.");

        return self::SUCCESS;
    }

    /** Whether a job of it waits for a worker. One that a worker has gives signs of life in the film's row. */
    private static function waits(Clip $clip): bool
    {
        return self::jobs($clip)->whereNull('reserved_at')->exists();
    }

    private static function jobs(Clip $clip): Builder
    {
        return DB::table('jobs')->where('payload', 'like', "%$clip->id%");
    }
}
