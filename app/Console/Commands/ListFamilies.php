<?php

namespace App\Console\Commands;

use Jacotaxis\Core\Concept\Families\Families;
use Jacotaxis\Core\Concept\Families\Family;
use Jacotaxis\Core\Concept\Families\Form;

class ListFamilies extends JxCommand
{
    protected $signature = 'jx:families {--json}';

    protected $description = 'List the families of pass calls';

    protected function answer(): int
    {
        $this->json(['families' => array_map(fn (Family $f): array => ['name' => $f->name,
            'definition' => $f->definition(), 'front' => $f->usual()->front, 'other' => $f->usual()->other,
            'back' => $f->usual()->back, 'reads' => $f->usual()->reads, 'across' => $f->across, 'rolls' => $f->rolls,
            'forms' => array_map(fn (Form $form): array => ['front' => $form->front, 'other' => $form->other,
                'back' => $form->back, 'any' => $form->any], $f->forms)], array_values(Families::all()))]);

        return self::DONE;
    }
}
