<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan;

use InvalidArgumentException;
use Jacotaxis\Core\Plan\Mix\GameMix;
use Jacotaxis\Core\Plan\Mix\MatrixGame;

/**
 * The calls of a sheet against the looks of an opponent: what each is worth by how often he shows what, the looks
 * nothing is good against and the fewest calls of the book that close them, the calls that earn no place, and the mix
 * nothing he does can hurt. In each look he may expect the run or the pass: what he expects meets what hurts it most.
 * Chances of success, 0 to 1.
 */
final class CallPlan
{
    /** A look that was seen n times counts n and a half: what was never seen may still come (Jeffreys 1946). */
    private const UNSEEN = 0.5;

    private const Z = 1.96;

    /** A call is as good at its worst as another within this (product default). */
    private const BETTER = 0.02;

    /** A share of the mix under this is none. */
    private const MIXED = 0.005;

    /** @var non-empty-list<float> shares of the looks, with what was never seen */
    private readonly array $shares;

    private readonly float $seen;

    private ?GameMix $game = null;

    /**
     * @param  list<PlannedCall>  $calls  on the sheet
     * @param  list<PlannedCall>  $book  the staff's other calls
     * @param  list<ShownLook>  $looks
     *
     * @throws InvalidArgumentException when there is no look
     */
    public function __construct(
        private readonly array $calls,
        private readonly array $book,
        private readonly array $looks,
    ) {
        if ($looks === []) {
            throw new InvalidArgumentException('A plan needs a look of the opponent.');
        }
        $this->seen = (float) array_sum(array_map(fn (ShownLook $l): float => $l->shown + self::UNSEEN, $looks));
        $this->shares = array_map(fn (ShownLook $l): float => ($l->shown + self::UNSEEN) / $this->seen, $looks);
    }

    /** @return list<float> how often each look is expected, 0 to 1 */
    public function shares(): array
    {
        return $this->shares;
    }

    /**
     * The calls of the sheet, the one that is worth most against what he shows first.
     *
     * @return list<array{id: string, name: string, worth: float, low: float, high: float, good: float, best: list<int>,
     *     hurtBy: int}> worth with the doubt in the shares (95 %), the share of his looks it is good against, the looks
     *     it is the best call against, and the look that hurts it most
     */
    public function menu(): array
    {
        $rows = [];
        foreach ($this->calls as $call) {
            $worth = $this->worth($call);
            $spread = 0.0;
            $good = 0.0;
            foreach ($this->shares as $l => $share) {
                $spread += $share * ($call->chance[$l] - $worth) ** 2;
                $good += $call->good[$l] ? $share : 0.0;
            }
            // The spread of a mean whose weights were counted on so many snaps (Dirichlet).
            $doubt = self::Z * sqrt($spread / ($this->seen + 1.0));
            $rows[] = ['id' => $call->id, 'name' => $call->name, 'worth' => $worth, 'low' => max(0.0, $worth - $doubt),
                'high' => min(1.0, $worth + $doubt), 'good' => $good, 'best' => $this->bestAgainst($call),
                'hurtBy' => (int) array_search(min(INF, ...$call->chance), $call->chance, true)];
        }
        usort($rows, fn (array $a, array $b): int => $b['worth'] <=> $a['worth']);

        return $rows;
    }

    /**
     * The mix nothing he does can hurt, what it guarantees, and what calling by their shares would gain instead.
     *
     * @return array{calls: list<array{id: string, name: string, share: float}>, looks: list<array{look: int,
     *     expects: string, share: float}>, guarantees: float, byShares: array{id: string, name: string,
     *     worth: float}|null, gain: float} the looks: what he would best show against it, and expect in it
     */
    public function mix(): array
    {
        $menu = $this->menu();
        if ($menu === []) {
            return ['calls' => [], 'looks' => [], 'guarantees' => 0.0, 'byShares' => null, 'gain' => 0.0];
        }
        $game = $this->game();
        $calls = $looks = [];
        foreach ($this->calls as $i => $call) {
            if ($game->rows[$i] >= self::MIXED) {
                $calls[] = ['id' => $call->id, 'name' => $call->name, 'share' => $game->rows[$i]];
            }
        }
        foreach ($game->columns as $column => $share) {
            if ($share >= self::MIXED) {
                $looks[] = ['look' => intdiv($column, 2), 'expects' => $column % 2 === 0 ? 'run' : 'pass',
                    'share' => $share];
            }
        }
        usort($calls, fn (array $a, array $b): int => $b['share'] <=> $a['share']);
        usort($looks, fn (array $a, array $b): int => $b['share'] <=> $a['share']);
        $best = ['id' => $menu[0]['id'], 'name' => $menu[0]['name'], 'worth' => $menu[0]['worth']];

        return ['calls' => $calls, 'looks' => $looks, 'guarantees' => $game->value, 'byShares' => $best,
            'gain' => max(0.0, $best['worth'] - $game->value)];
    }

    /**
     * Looks no call of the sheet is good against, the most shown first.
     *
     * @return list<int>
     */
    public function holes(): array
    {
        $holes = array_values(array_filter(
            array_keys($this->looks),
            fn (int $l): bool => ! $this->closes($this->calls, $l),
        ));
        usort($holes, fn (int $a, int $b): int => $this->shares[$b] <=> $this->shares[$a] ?: $a <=> $b);

        return $holes;
    }

    /**
     * The fewest calls of the book that are good against the holes, and the holes nothing closes.
     *
     * @return array{calls: list<array{id: string, name: string, closes: list<int>}>, open: list<int>}
     */
    public function closers(): array
    {
        $holes = $this->holes();
        $open = array_values(array_filter($holes, fn (int $l): bool => ! $this->closes($this->book, $l)));
        $wanted = array_values(array_diff($holes, $open));
        // The better call of those that close as much.
        $book = $this->book;
        usort($book, fn (PlannedCall $a, PlannedCall $b): int => $this->worth($b) <=> $this->worth($a));
        $calls = FewestCalls::of($book, $wanted);

        return ['calls' => array_map(fn (PlannedCall $c): array => ['id' => $c->id, 'name' => $c->name,
            'closes' => array_values(array_filter($wanted, fn (int $l): bool => $c->good[$l]))], $calls),
            'open' => $open];
    }

    /**
     * Calls that earn no place: in no mix, another of their kind is at least as good against everything, and nothing is
     * good only because of them.
     *
     * @return list<array{id: string, name: string, instead: string}> with the other
     */
    public function idle(): array
    {
        if (count($this->calls) < 2) {
            return [];
        }
        $game = $this->game();
        $idle = [];
        foreach ($this->calls as $i => $call) {
            $others = array_values(array_filter($this->calls, fn (PlannedCall $c): bool => $c !== $call));
            $instead = self::instead($call, $others);
            if ($instead === null || $game->rows[$i] >= self::MIXED) {
                continue;
            }
            $alone = array_filter(
                array_keys($this->looks),
                fn (int $l): bool => $call->good[$l] && ! $this->closes($others, $l),
            );
            if ($alone === []) {
                $idle[] = ['id' => $call->id, 'name' => $call->name, 'instead' => $instead];
            }
        }

        return $idle;
    }

    private function game(): GameMix
    {
        return $this->game ??= MatrixGame::solve(array_map($this->gains(...), $this->calls));
    }

    /** @return list<float> what a call gains, look by look, where he expects a run, then where he expects a pass */
    private function gains(PlannedCall $call): array
    {
        $gains = [];
        foreach (array_keys($this->looks) as $l) {
            array_push($gains, $call->against($l, false), $call->against($l, true));
        }

        return $gains;
    }

    private function worth(PlannedCall $call): float
    {
        return array_sum(array_map(fn (float $share, float $chance): float => $share * $chance, $this->shares,
            $call->chance));
    }

    /** @return list<int> looks against which nothing on the sheet is clearly better */
    private function bestAgainst(PlannedCall $call): array
    {
        $best = [];
        foreach (array_keys($this->looks) as $l) {
            $most = max(0.0, ...array_map(fn (PlannedCall $c): float => $c->chance[$l], $this->calls));
            if ($call->chance[$l] > 0.0 && $call->chance[$l] >= $most) {
                $best[] = $l;
            }
        }

        return $best;
    }

    /** @param  list<PlannedCall>  $calls */
    private function closes(array $calls, int $look): bool
    {
        foreach ($calls as $call) {
            if ($call->good[$look]) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<PlannedCall>  $others */
    private static function instead(PlannedCall $call, array $others): ?string
    {
        foreach ($others as $other) {
            $worse = array_filter(
                array_keys($call->chance),
                fn (int $l): bool => $other->chance[$l] < $call->chance[$l] ||
                    $other->worst[$l] < $call->worst[$l] - self::BETTER,
            );
            if ($other->pass === $call->pass && $worse === [] && $other->chance !== $call->chance) {
                return $other->name;
            }
        }

        return null;
    }
}
