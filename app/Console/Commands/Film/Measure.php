<?php

namespace App\Console\Commands\Film;

use App\Console\Commands\JxCommand;
use Jacotaxis\Core\Film\FilmReader;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Grade\Grader;

class Measure extends JxCommand
{
    protected $signature = 'jx:measure {file : a film document, - for standard input} {--json}';

    protected $description = 'Measure a worked clip: plots in play yards, plan against done';

    protected function answer(): int
    {
        $measures = new Measures(
            FilmReader::read($this->schemas->decode('film', $this->read($this->file()))),
        );
        $this->json($this->found($measures));

        return (new Grader($measures))->faults() === [] ? self::DONE : self::FAULTS;
    }

    /** @return array<string, mixed> */
    protected function found(Measures $measures): array
    {
        return ['plots' => $measures->plots(), 'assignments' => $measures->assignments()];
    }
}
