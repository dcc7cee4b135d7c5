<?php

namespace App\Console\Commands;

use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Telling\Told;

class Prove extends JxCommand
{
    protected $signature = 'jx:prove {file? : a call document, - for standard input} {--call=} {--look=} '
        .'{--situation=} {--level=high-school} {--rules=} {--frames} {--json}';

    protected $description = 'Prove what a call does to a look';

    protected function answer(): int
    {
        $call = $this->theCall();
        $proof = Proving::of($call, $this->look(), $this->setting($call));
        $report = Told::report($proof);
        if ($this->asked('frames')) {
            $report['frames'] = Told::frames($proof);
        }
        $this->asked('json') ? $this->json($report) : $this->tell($report);

        return $this->hasFaults($report['findings']) ? self::FAULTS : self::DONE;
    }

    /** @param  array<string, mixed>  $report */
    private function tell(array $report): void
    {
        $chance = fn (string $which): string => sprintf(
            '%.0f %%, %.1f yd',
            100 * $report['worth'][$which]['chance'],
            $report['worth'][$which]['yards'],
        );
        $strength = $report['strength'] === null ? '' : " ({$report['strength']} s)";
        $this->line(ucfirst($report['verdict'])."$strength, {$report['protection']}. {$report['why']}");
        $this->line("  worth {$chance('byRule')} by rule, {$chance('worst')} at worst");
        foreach ($report['keys'] as $key) {
            foreach ($key['choices'] as $choice) {
                $this->line("  {$key['defender']}: {$choice['name']} -> {$choice['action']} {$choice['man']} "
                    ."{$choice['route']}, {$choice['margin']} s. {$choice['why']}");
            }
        }
        foreach ($report['findings'] as $finding) {
            $this->line("  {$finding['severity']}: {$finding['text']}");
        }
    }
}
