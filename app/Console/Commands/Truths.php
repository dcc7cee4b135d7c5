<?php

namespace App\Console\Commands;

use App\Console\Workers;
use DomainException;
use Jacotaxis\Core\Truth\Board;
use Jacotaxis\Core\Truth\Catalogue\LoneRoutes;
use Jacotaxis\Core\Truth\Judge;
use Jacotaxis\Core\Truth\Judgement;
use Jacotaxis\Core\Truth\LoneRoute;
use Jacotaxis\Core\Truth\ShareCase;
use Jacotaxis\Core\Truth\Shares;
use Jacotaxis\Core\Truth\TruthCase;
use Jacotaxis\Core\Truth\Want;

class Truths extends JxCommand
{
    protected $signature = 'jx:truths {--quick : about one case in seven} {--only= : truths whose name holds this text} {--failing : every case that fails, too} {--json}';

    protected $description = 'How true the program is: what the trade says of calls, over sensible variation';

    private const QUICK = 7;

    protected function answer(): int
    {
        $only = (string) $this->option('only');
        $every = $this->option('quick') ? self::QUICK : 1;
        $judged = Workers::map(Board::cases($only, $every), fn (TruthCase $case): Judgement => Judge::case($case));
        $lone = $only === '' || str_contains('lone routes', $only) ? Workers::map(LoneRoutes::all(), fn (LoneRoute $r): array => [$r, ...Judge::lone($r)]) : [];
        $shares = $only === '' || $only === 'shares' ? Shares::of(Workers::map(Shares::cases($every === 1 ? 1 : 4), $this->share(...))) : null;
        $answer = ['truths' => Board::rows($judged), 'lone' => ['tried' => count($lone), 'held' => count(array_filter(array_column($lone, 1)))], 'shares' => $shares];
        if ($this->option('json')) {
            $this->json($answer);

            return self::DONE;
        }
        $this->tell($answer);
        if ($this->option('failing')) {
            $this->failing($judged, $lone);
        }

        return self::DONE;
    }

    /** @return array{ShareCase, string, float} */
    private function share(ShareCase $case): array
    {
        try {
            $proof = Judge::prove(new TruthCase($case->name, $case->call, $case->look, Want::anything()));
        } catch (DomainException $e) {
            throw new DomainException("{$case->call} against {$case->look}: {$e->getMessage()}");
        }

        return [$case, $proof->verdict()->value, $proof->worthByRule()->chance];
    }

    /** @param  array{truths: list<array<string, mixed>>, lone: array{tried: int, held: int}, shares: array<string, mixed>|null}  $answer */
    private function tell(array $answer): void
    {
        $percent = fn (?float $share): string => $share === null ? '-' : sprintf('%.0f %%', 100.0 * $share);
        $this->table(['Truth', 'Tried', 'Verdict', 'Key among them', 'Key first'], array_map(fn (array $r): array => [$r['name'], $r['tried'], $percent($r['verdict']), $percent($r['key']), $percent($r['keyFirst'])], $answer['truths']));
        if ($answer['lone']['tried'] > 0) {
            $this->line("Lone routes: {$answer['lone']['held']} of {$answer['lone']['tried']} as the table says.");
        }
        foreach ($answer['shares'] === null ? [] : ['pass', 'run'] as $kind) {
            $s = $answer['shares'][$kind];
            $this->line(sprintf('Of the whole, %s: bound %.0f %%, open %.0f %%, guess %.0f %%, covered %.0f %%; mean chance of success %.2f.', $kind, 100 * $s['bound'], 100 * $s['open'], 100 * $s['guess'], 100 * $s['covered'], $s['chance']));
        }
        if ($answer['shares'] !== null) {
            $good = $answer['shares']['good'];
            arsort($good);
            $this->line('Good against the default sheet: '.implode(', ', array_map(fn (string $n, float $g): string => sprintf('%s %.0f %%', $n, 100 * $g), array_keys($good), $good)).'.');
        }
    }

    /**
     * @param  list<Judgement>  $judged
     * @param  list<array{LoneRoute, bool, float|null}>  $lone
     */
    private function failing(array $judged, array $lone): void
    {
        foreach ($judged as $j) {
            if (! $j->verdict || $j->key === false || $j->keyFirst === false) {
                $this->line("  {$j->case->truth} | {$j->case->call} | {$j->case->look} | {$j->case->level->value} {$j->case->hash->value} | {$j->seen}");
            }
        }
        foreach ($lone as [$route, $held, $margin]) {
            if (! $held) {
                $this->line("  lone {$route->route} | {$route->call} | {$route->look} | {$route->letters} | ".($margin === null ? '-' : sprintf('%+.2f', $margin)));
            }
        }
    }
}
