<?php

namespace App\Console\Commands;

use Jacotaxis\Core\Concept\Families;
use Jacotaxis\Core\Concept\Family;
use Jacotaxis\Core\Concept\Recognition;

class ListFamilies extends JxCommand
{
    protected $signature = 'jx:families {--json}';

    protected $description = 'List the families of pass calls';

    protected function answer(): int
    {
        $this->json(['families' => array_map(fn (Family $f): array => ['name' => $f->name, 'definition' => Recognition::why($f), 'front' => $f->front, 'other' => $f->other], array_values(Families::all()))]);

        return self::DONE;
    }
}
