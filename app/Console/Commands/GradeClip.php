<?php

namespace App\Console\Commands;

use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Grade\Grader;

class GradeClip extends Measure
{
    protected $signature = 'jx:grade {file : a film document, - for standard input} {--json}';

    protected $description = 'Measure a worked clip and grade the decision';

    protected function found(Measures $measures): array
    {
        $grader = new Grader($measures);
        $decision = $grader->decision()->toArray();

        return parent::found($measures) + ['faults' => $grader->faults(), 'keys' => $decision['defender'] === null ? [] : [$decision]] + ['decision' => $decision];
    }
}
