<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

use Jacotaxis\Core\Blocking\Run\Front\FrontRead;
use Jacotaxis\Core\Blocking\Run\Front\Posts;
use Jacotaxis\Core\Field\Matching;
use Jacotaxis\Core\School\Schools;

/**
 * How a line divides the down men and backers its rules leave it: the cheapest matching by the way each has to go, then the
 * doubles that follow. Whoever ends on a backer and has a down man of his inside neighbor beside him doubles that man first
 * (INZ-02, INZ-06, INZ-09).
 */
final readonly class Combinations
{
    /** Cost of leaving a down man, a backer at the point and one behind it. */
    private const FREE = ['line' => 40.0, 'backer' => 14.0, 'away' => 8.0, 'behind' => 5.0];

    /** A covered lineman keeps his man at this discount; a backside shade is passed on more easily. */
    private const COVERED = 1.2;

    private const COVERED_BACKSIDE = 0.3;

    /** Weight of a yard sideways to a down man, and to a backer, who also comes. */
    private const LINE_WEIGHT = 1.5;

    private const BACKER_WEIGHT = 0.6;

    /** A down man farther sideways than this is out of reach, yards. */
    private const REACH_YD = 2.4;

    /** A backer farther from a lineman's track than this is not his, yards. */
    private const FAR_YD = 4.5;

    /** A neighbor's man this near is doubled, yards. */
    private const BESIDE_YD = 1.75;

    public function __construct(private RunScheme $scheme, private Posts $posts, private FrontRead $front, private Schools $schools)
    {
    }

    /**
     * @param  list<string>  $letters  from the backside to the playside
     * @param  list<string>  $taken  roles that are had already
     * @return list<Block>
     */
    public function of(array $letters, array $taken): array
    {
        if ($letters === []) {
            return [];
        }
        $targets = array_values(array_diff($this->front->box(), $taken));
        $has = $this->match($letters, $targets);
        $blocks = [];
        $doubled = [];
        foreach ($letters as $n => $letter) {
            $role = $has[$letter] ?? null;
            $onLine = $role !== null && $this->front->isOnLine($role);
            if ($onLine) {
                continue;
            }
            [$partner, $down] = $this->beside($letter, $n, $letters, $has, $doubled);
            if ($partner === null && $role !== null) {
                [$partner, $down] = $this->near($letter, $n, $letters, $has);
                $blocks[$letter] = $partner === null ? $this->block($letter, 'climb', $role) : $this->block($letter, 'check', $role, partner: $partner);

                continue;
            }
            $doubled[] = $down;
            $blocks[$letter] = $partner === null ? $this->block($letter, 'climb', null) : $this->block($letter, $role === null ? 'help' : 'double', $role, $down, $partner);
            if ($partner !== null && $role !== null) {
                $blocks[$partner] = $this->block($partner, 'double', $down, $down, $letter);
            }
        }
        foreach ($letters as $letter) {
            $blocks[$letter] ??= $this->block($letter, $this->verb($letter, $has[$letter]), $has[$letter]);
        }

        return array_values($blocks);
    }

    /**
     * @param  list<string>  $letters
     * @param  list<string>  $targets
     * @return array<string, string> role by letter
     */
    private function match(array $letters, array $targets): array
    {
        $cost = [];
        foreach ($targets as $t => $role) {
            foreach ($letters as $letter) {
                $cost[$t][] = $this->cost($letter, $role);
            }
            foreach (array_keys($targets) as $n) {
                $cost[$t][] = $this->free($role);
            }
        }
        $has = [];
        foreach (Matching::best($cost) as $t => $column) {
            if (isset($letters[$column])) {
                $has[$letters[$column]] = $targets[$t];
            }
        }

        return $has;
    }

    /** How far a lineman has to go beyond his step, weighed by whether the man waits or comes. */
    private function cost(string $letter, string $role): float
    {
        $line = $this->front->isOnLine($role);
        $u = $this->posts->u($letter);
        $to = ($line ? $this->front->movedU($role) : $this->front->u($role) + $this->scheme->flowYd);
        if ($this->scheme->kind === 'gap' && $u < $this->front->middle() && ! $line) {
            $to = $this->front->u($role);
        }
        $step = $this->scheme->kind === 'gap' && $u < $this->front->middle() ? 0.2 : $this->scheme->stepYd;
        $away = abs($to - $u - $step);
        if (! $line) {
            return 0.3 + self::BACKER_WEIGHT * $away + ($away > self::FAR_YD ? self::FREE['backer'] : 0.0);
        }
        $covered = $this->front->men[$role]->over === $letter && ! ($this->schools->is('SET-15', 'B') && in_array($this->front->men[$role]->technique, ['0', '2', '4', '6'], true));
        $discount = ! $covered ? 0.0 : ($this->front->u($role) < $u - 0.1 && $this->scheme->stepYd > 0.0 ? self::COVERED_BACKSIDE : self::COVERED);

        // Twice as far is more than twice as hard: of two neighbors each takes the nearer man, and nobody crosses.
        return self::LINE_WEIGHT * $away * (0.4 + 0.6 * $away) + ($away > self::REACH_YD ? self::FREE['line'] : 0.0) - $discount;
    }

    private function free(string $role): float
    {
        if ($this->front->isOnLine($role)) {
            // Behind a run around the other end the last man has too far to come.
            return $this->front->u($role) >= -2.0 ? self::FREE['line'] : match ($this->scheme->kind) {
                'jet' => self::FREE['behind'],
                'option' => self::FREE['away'],
                default => self::FREE['line'],
            };
        }

        return $this->front->u($role) + $this->scheme->flowYd < $this->front->middle() - 1.0 ? self::FREE['away'] : self::FREE['backer'];
    }

    /**
     * The neighbor whose down man stands beside a man with none of his own, the inside neighbor first.
     *
     * @param  list<string>  $letters
     * @param  array<string, string>  $has
     * @param  list<string|null>  $doubled
     * @return array{string|null, string|null}
     */
    private function beside(string $letter, int $n, array $letters, array $has, array $doubled): array
    {
        foreach ($this->neighbors($letter, $n, $letters) as $partner) {
            $down = $has[$partner] ?? null;
            if ($down !== null && $this->front->isOnLine($down) && ! in_array($down, $doubled, true)
                && abs($this->front->movedU($down) - $this->posts->u($letter)) <= self::BESIDE_YD) {
                return [$partner, $down];
            }
        }

        return [null, null];
    }

    /** The inside neighbor whose man is doubled already: only his near hip is checked. @param  list<string>  $letters @param  array<string, string>  $has @return array{string|null, string|null} */
    private function near(string $letter, int $n, array $letters, array $has): array
    {
        foreach (array_slice($this->neighbors($letter, $n, $letters), 0, 1) as $partner) {
            $down = $has[$partner] ?? null;
            if ($down !== null && $this->front->isOnLine($down) && abs($this->front->movedU($down) - $this->posts->u($letter)) <= self::BESIDE_YD + 0.6) {
                return [$partner, $down];
            }
        }

        return [null, null];
    }

    /** @param  list<string>  $letters @return list<string> the inside neighbor first */
    private function neighbors(string $letter, int $n, array $letters): array
    {
        $u = $this->posts->u($letter);
        $middle = $this->front->middle();
        $inside = $u > $middle ? $n - 1 : $n + 1;
        $order = abs($u - $middle) < 0.1 ? [$n - 1, $n + 1] : [$inside, 2 * $n - $inside];

        return array_values(array_filter(array_map(fn (int $i): ?string => $letters[$i] ?? null, $order), fn (?string $l): bool => $l !== null && abs($this->posts->u($l) - $u) < 2.0));
    }

    private function verb(string $letter, string $role): string
    {
        $u = $this->posts->u($letter);
        $to = $this->front->movedU($role);

        return match (true) {
            $to > $u + 0.6 => 'reach',
            $to < $u - 0.6 && $u > $this->front->middle() => 'down',
            default => 'base',
        };
    }

    private function block(string $letter, string $verb, ?string $target, ?string $first = null, ?string $partner = null): Block
    {
        return new Block($letter, $this->posts->post($letter), $verb, $target, $first, $partner);
    }
}
