<?php

namespace App\Console\Commands;

use App\Console\Workers;
use DomainException;
use Jacotaxis\Core\Truth\Board;
use Jacotaxis\Core\Truth\Catalogue\LoneRoutes;
use Jacotaxis\Core\Truth\Cliffs;
use Jacotaxis\Core\Truth\Judge;
use Jacotaxis\Core\Truth\Judgement;
use Jacotaxis\Core\Truth\LoneRoute;
use Jacotaxis\Core\Truth\Mirror;
use Jacotaxis\Core\Truth\ShareCase;
use Jacotaxis\Core\Truth\Shares;
use Jacotaxis\Core\Truth\TruthCase;
use Jacotaxis\Core\Truth\Want;

class Truths extends JxCommand
{
    protected $signature = 'jx:truths {--quick : about one case in seven} {--only= : truths whose name holds this '
        .'text} {--failing : every case that fails, too} {--json}';

    protected $description = 'How true the program is: what the trade says of calls, over sensible variation';

    private const QUICK = 7;

    /** One case in so many is turned over, too. */
    private const TURNED = 23;

    protected function answer(): int
    {
        $only = $this->given('only') ?? '';
        $every = $this->asked('quick') ? self::QUICK : 1;
        $judged = Workers::map(Board::cases($only, $every), fn (TruthCase $case): Judgement => Judge::case($case));
        $lone =
            $only === '' || str_contains('lone routes', $only)
                ? Workers::map(LoneRoutes::all(), fn (LoneRoute $r): array => [$r, ...Judge::lone($r)])
                : [];
        $shares =
            $only === '' || $only === 'shares'
                ? Shares::of(Workers::map(Shares::cases($every === 1 ? 1 : 4), $this->share(...)))
                : null;
        $cliffs = $only === '' || $only === 'cliffs' ? $this->cliffs() : null;
        $mirror = $only === '' || $only === 'mirror' ? $this->mirror(Board::cases('', self::TURNED * $every)) : null;
        $answer = ['truths' => Board::rows($judged),
            'lone' => ['tried' => count($lone), 'held' => count(array_filter(array_column($lone, 1)))],
            'shares' => $shares, 'cliffs' => $cliffs, 'mirror' => $mirror];
        if ($this->asked('json')) {
            $this->json($answer);

            return self::DONE;
        }
        $this->tell($answer);
        if ($this->asked('failing')) {
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

    /**
     * @return array{tried: int, turns: int, at: list<string>} sweeps, verdicts that turn twice within a yard, and where
     */
    private function cliffs(): array
    {
        $counted = Workers::map(Cliffs::sweeps(), function (array $sweep): array {
            $verdicts = array_map(fn (TruthCase $case): string => Judge::prove($case)->verdict()->value, $sweep);

            return [$sweep[0]->truth, Cliffs::count($verdicts), implode(' ', $verdicts)];
        });
        $bad = array_values(array_filter($counted, fn (array $row): bool => $row[1] > 0));

        return ['tried' => count($counted), 'turns' => (int) array_sum(array_column($bad, 1)),
            'at' => array_map(fn (array $row): string => "$row[0]: $row[2]", $bad)];
    }

    /**
     * @param  list<TruthCase>  $cases
     * @return array{tried: int, differ: int, at: list<string>}
     */
    private function mirror(array $cases): array
    {
        $seen = Workers::map($cases, fn (TruthCase $case): array => [$case, Mirror::difference($case)]);
        $bad = array_values(array_filter($seen, fn (array $row): bool => $row[1] !== null));

        return ['tried' => count($seen), 'differ' => count($bad),
            'at' => array_map(fn (array $row): string => "{$row[0]->call} against {$row[0]->look}: $row[1]", $bad)];
    }

    /**
     * @param  array{truths: list<array<string, mixed>>, lone: array{tried: int, held: int},
     *     shares: array<string, mixed>|null, cliffs: array{tried: int, turns: int, at: list<string>}|null,
     *     mirror: array{tried: int, differ: int, at: list<string>}|null}  $answer
     */
    private function tell(array $answer): void
    {
        $percent = fn (?float $share): string => $share === null ? '-' : sprintf('%.0f %%', 100.0 * $share);
        $this->table(
            ['Truth', 'Tried', 'Verdict', 'Key among them', 'Key first'],
            array_map(
                fn (array $r): array => [
                    $r['name'],
                    $r['tried'],
                    $percent($r['verdict']),
                    $percent($r['key']),
                    $percent($r['keyFirst']),
                ],
                $answer['truths'],
            ),
        );
        if ($answer['lone']['tried'] > 0) {
            $this->line("Lone routes: {$answer['lone']['held']} of {$answer['lone']['tried']} as the table says.");
        }
        $shares = $answer['shares'];
        foreach (['pass', 'run'] as $kind) {
            if ($shares === null) {
                continue;
            }
            $s = $shares[$kind];
            $this->line(sprintf(
                'Of the whole, %s: bound %.0f %%, open %.0f %%, guess %.0f %%, covered %.0f %%; '
                    .'mean chance of success %.2f.',
                $kind,
                100 * $s['bound'],
                100 * $s['open'],
                100 * $s['guess'],
                100 * $s['covered'],
                $s['chance'],
            ));
        }
        if ($shares !== null) {
            $good = $shares['good'];
            arsort($good);
            $said = [];
            foreach ($good as $name => $share) {
                $said[] = sprintf('%s %.0f %%', $name, 100 * $share);
            }
            $this->line('Good against the default sheet: '.implode(', ', $said).'.');
        }
        if ($answer['cliffs'] !== null) {
            $this->line("Cliffs: in {$answer['cliffs']['tried']} sweeps of a route by half yards the verdict turns "
                ."twice within a yard {$answer['cliffs']['turns']} times.");
        }
        if ($answer['mirror'] !== null) {
            $this->line(
                "Mirror: of {$answer['mirror']['tried']} cases turned over {$answer['mirror']['differ']} differ.",
            );
        }
        foreach ($this->asked('failing') ? [...$answer['cliffs']['at'] ?? [], ...$answer['mirror']['at'] ?? []]
            : [] as $where) {
            $this->line("  $where");
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
                $where = "{$j->case->level->value} {$j->case->hash->value}";
                $this->line("  {$j->case->truth} | {$j->case->call} | {$j->case->look} | $where | {$j->seen}");
            }
        }
        foreach ($lone as [$route, $held, $margin]) {
            if (! $held) {
                $this->line(
                    "  lone {$route->route} | {$route->call} | {$route->look} | {$route->letters} | ".
                        ($margin === null ? '-' : sprintf('%+.2f', $margin)),
                );
            }
        }
    }
}
