<?php

namespace App\Console\Commands;

use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Offense\Legal\Legality;

class Legal extends JxCommand
{
    protected $signature = 'jx:legal {file? : a call document, - for standard input} {--call=} {--situation=} {--level=high-school} {--rules=} {--json}';

    protected $description = 'Check a formation against a rule book: men on the line, backs, ends';

    protected function answer(): int
    {
        $call = $this->theCall();
        $snap = $call->snap(($call->situation ?? $this->situation())->frame(), $this->setting($call)->clock());
        $findings = array_map(fn (Finding $f): array => $f->toArray(), Legality::check($snap, $this->rules(), array_keys($call->routes)));
        if ($this->option('json')) {
            $this->json(['findings' => $findings]);
        } else {
            foreach ($findings as $f) {
                $this->line("{$f['severity']} ({$f['rule']}): {$f['text']} {$f['fix']}");
            }
            $this->line($findings === [] ? "Legal under {$this->rules()->book()}." : '');
        }

        return $this->hasFaults($findings) ? self::FAULTS : self::DONE;
    }
}
