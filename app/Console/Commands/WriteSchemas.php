<?php

namespace App\Console\Commands;

use App\Documents\NamedLists;

/** Writes the lists of names the catalogues own into the schemas. */
class WriteSchemas extends JxCommand
{
    protected $signature = 'jx:schemas {--check : say only whether they are current}';

    protected $description = 'Write the names of runs, tags, sets and words into the schemas';

    protected function answer(): int
    {
        $stale = array_values(
            array_filter(array_keys(NamedLists::all()), fn (string $name): bool => ! NamedLists::current($name)),
        );
        if ($this->option('check') === true) {
            $this->line(
                $stale === []
                    ? 'The schemas are current.'
                    : 'Stale: '.implode(', ', $stale).'. Run php artisan jx:schemas.',
            );

            return $stale === [] ? self::DONE : self::FAULTS;
        }
        foreach ($stale as $name) {
            file_put_contents(NamedLists::path($name), NamedLists::written($name));
        }
        $this->line($stale === [] ? 'The schemas were current.' : 'Written: '.implode(', ', $stale).'.');

        return self::DONE;
    }
}
