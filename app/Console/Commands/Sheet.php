<?php

namespace App\Console\Commands;

use App\Console\Workers;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Proof\Sheet\Looks;
use Jacotaxis\Core\Proof\Sheet\Sheet as CallSheet;

class Sheet extends JxCommand
{
    protected $signature = 'jx:sheet {file? : a call document, - for standard input} {--call=} {--fronts= : names '
        .'with commas, or all} {--shells= : names with commas, or all} {--situation=} {--level=high-school} '
        .'{--rules=} {--json}';

    protected $description = 'Prove a call against every look: by default 96 of them';

    protected function answer(): int
    {
        $call = $this->theCall();
        $setting = $this->setting($call);
        $looks = Looks::of($this->names('fronts'), $this->names('shells'));
        $cells = Workers::map($looks, fn (Look $look): array => CallSheet::cell($call, $look, $setting));
        $summary = CallSheet::summary($cells);
        $this->asked('json') ? $this->json(['cells' => $cells, 'summary' => $summary]) : $this->tell($cells, $summary);

        return self::DONE;
    }

    /** @return list<string>|null */
    private function names(string $option): ?array
    {
        $given = $this->given($option);

        return $given === null ? null : array_map(trim(...), explode(',', $given));
    }

    /**
     * @param  list<array<string, mixed>>  $cells
     * @param  array<string, mixed>  $summary
     */
    private function tell(array $cells, array $summary): void
    {
        $this->table(['Front', 'Shell', 'Verdict', 'Chance', 'At worst', 'Strength', 'Key', 'Gets it'],
            array_map(fn (array $c): array => [$c['front'], $c['shell'], $c['verdict'],
                sprintf('%.0f %%', 100 * $c['worth']['byRule']['chance']),
                sprintf('%.0f %%', 100 * $c['worth']['worst']['chance']), $c['strength'] === null ? ''
                : sprintf('%.2f s', $c['strength']), $c['key'] ?? '',
                $c['best'] === null ? '' : "{$c['best']['man']} {$c['best']['route']}"], $cells));
        $this->line(sprintf(
            '%d looks: %d bound, %d open, %d guess, %d covered; '
                .'chance of success %.0f %%, %.0f %% at worst. Weakest: %s.',
            $summary['looks'],
            $summary['bound'],
            $summary['open'],
            $summary['guess'],
            $summary['covered'],
            100 * $summary['chance'],
            100 * $summary['worstChance'],
            $summary['weakest'] ?? 'none',
        ));
    }
}
