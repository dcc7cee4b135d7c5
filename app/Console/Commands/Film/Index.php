<?php

namespace App\Console\Commands\Film;

use App\Film\SnapIndex;
use App\Models\Snap;
use Illuminate\Console\Command;
use Illuminate\Support\Collection;
use Throwable;

/**
 * Fills in what is searched of a snap from its document: after an update that searches more, for the snaps saved before
 * it.
 */
class Index extends Command
{
    private const PART = 200;

    protected $signature = 'jx:index';

    protected $description = 'Work out again what is searched of every snap, after an update that searches more';

    public function handle(): int
    {
        $done = 0;
        $left = [];
        Snap::query()->chunkById(self::PART, function (Collection $snaps) use (&$done, &$left): void {
            foreach ($snaps as $snap) {
                try {
                    // The document is not touched, nor is its version: nobody's work becomes stale.
                    Snap::query()
                        ->whereKey($snap->id)
                        ->toBase()
                        ->update(array_diff_key(SnapIndex::of($snap->document), ['document' => 1]));
                    $done++;
                } catch (Throwable $e) {
                    $left[] = "Snap {$snap->id} is left as it was: {$e->getMessage()}";
                }
            }
        });
        $this->line("$done snaps indexed.");
        array_map($this->warn(...), $left);

        return $left === [] ? self::SUCCESS : self::FAILURE;
    }
}
