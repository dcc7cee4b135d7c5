<?php

namespace App\Console\Commands;

use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Offense\Legal\Legality;
use Jacotaxis\Core\Words\NotUnderstood;

class Legal extends JxCommand
{
    protected $signature = 'jx:legal {file? : a call document, - for standard input} {--call=} {--situation=} '
        .'{--level=high-school} {--rules=} {--numbers= : jerseys, LT:72,X:1} {--json}';

    protected $description = 'Check a call against a rule book: line, backfield, ends, numbers, motion, shifts, men '
        .'on routes';

    protected function answer(): int
    {
        $call = $this->theCall();
        $snap = $call->snap(($call->situation ?? $this->situation())->frame(), $this->setting($call)->clock());
        $findings = array_map(
            fn (Finding $f): array => $f->toArray(),
            Legality::check($snap, $this->rules(), array_keys($call->routes), $this->numbers()),
        );
        if ($this->asked('json')) {
            $this->json(['findings' => $findings]);
        } else {
            foreach ($findings as $f) {
                $this->line("{$f['severity']} ({$f['rule']}): {$f['text']} ".($f['fix'] ?? ''));
            }
            $this->line(! $this->hasFaults($findings) ? "Legal under {$this->rules()->book()}." : '');
        }

        return $this->hasFaults($findings) ? self::FAULTS : self::DONE;
    }

    /** @return array<string, int> jerseys by letter */
    private function numbers(): array
    {
        $numbers = [];
        foreach (preg_split('/[,\s]+/', $this->given('numbers') ?? '', flags: PREG_SPLIT_NO_EMPTY) ?: [] as $pair) {
            if (preg_match('/^([A-Za-z]{1,2}):(\d{1,2})$/', $pair, $m) !== 1) {
                throw NotUnderstood::because(
                    "\"$pair\" is not a jersey. Give the letter and the number, LT:72.",
                    $pair,
                );
            }
            $numbers[strtoupper($m[1])] = (int) $m[2];
        }

        return $numbers;
    }
}
