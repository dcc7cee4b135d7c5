<?php

namespace App\Console\Commands\Film;

use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Grade\Owners\Blame;
use Jacotaxis\Core\Grade\Proposal;

class GradeClip extends Measure
{
    protected $signature = 'jx:grade {file : a film document, - for standard input} {--json}';

    protected $description = 'Measure a worked snap, grade the decision, say whose it was, and propose a grade for '
        .'each man';

    protected function found(Measures $measures): array
    {
        $grader = new Grader($measures);

        return parent::found($measures) + ['faults' => $grader->faults(), 'keys' => $grader->decision()->keys(),
            'decision' => $grader->decision()->toArray(), 'blame' => (new Blame($grader))->of(),
            'proposals' => (new Proposal($grader))->all()];
    }
}
