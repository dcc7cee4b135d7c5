<?php

namespace App\Console\Commands;

use Jacotaxis\Core\Concept\Families;
use Jacotaxis\Core\Concept\Family;

class ListFamilies extends JxCommand
{
    protected $signature = 'jx:families {--json}';

    protected $description = 'List the families of pass calls';

    protected function answer(): int
    {
        $this->json(['families' => array_map(fn (Family $f): array => ['name' => $f->name, 'definition' => $f->definition(), 'front' => $f->usual()->front, 'other' => $f->usual()->other, 'back' => $f->usual()->back], array_values(Families::all()))]);

        return self::DONE;
    }
}
