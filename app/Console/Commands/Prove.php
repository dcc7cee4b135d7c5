<?php

namespace App\Console\Commands;

use Jacotaxis\Core\Proof\Prover;
use Jacotaxis\Core\Proof\Telling\Report;
use Jacotaxis\Core\Proof\Telling\Stage;

class Prove extends JxCommand
{
    protected $signature = 'jx:prove {file? : a call document, - for standard input} {--call=} {--look=} {--situation=} {--level=high-school} {--rules=} {--frames} {--json}';

    protected $description = 'Prove what a call does to a look';

    protected function answer(): int
    {
        $call = $this->theCall();
        $proof = Prover::prove($call, $this->look(), $this->setting($call));
        $report = Report::of($proof);
        if ($this->option('frames')) {
            $report['frames'] = Stage::frames($proof, null);
        }
        $this->option('json') ? $this->json($report) : $this->tell($report);

        return $this->hasFaults($report['findings']) ? self::FAULTS : self::DONE;
    }

    /** @param  array<string, mixed>  $report */
    private function tell(array $report): void
    {
        $this->line(ucfirst($report['verdict'])." ({$report['strength']} s), {$report['protection']}. {$report['why']}");
        foreach ($report['keys'] as $key) {
            foreach ($key['choices'] as $choice) {
                $this->line("  {$key['defender']}: {$choice['name']} -> {$choice['action']} {$choice['man']} {$choice['route']}, {$choice['margin']} s. {$choice['why']}");
            }
        }
        foreach ($report['findings'] as $finding) {
            $this->line("  {$finding['severity']}: {$finding['text']}");
        }
    }
}
