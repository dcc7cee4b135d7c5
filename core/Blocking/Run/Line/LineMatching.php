<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Line;

use Jacotaxis\Core\Blocking\Run\Front\FrontRead;
use Jacotaxis\Core\Blocking\Run\Front\Posts;
use Jacotaxis\Core\Blocking\Run\RunKind;

/**
 * The men of the line against the men of the front: the cheapest way in which nobody crosses a neighbor, found exactly
 * from the back side to the play side. Each man takes the next man on the line or one farther out, the next backer or
 * one farther out, or nobody; a man who covers a lineman is handed over to the neighbor or kept.
 *
 * Written in yards playside of the ball only, so that a play turned over turns every job over.
 */
final class LineMatching
{
    private const NOBODY = -1;

    /** Choices on the line are counted from 0, backers from here. */
    private const BACKERS = 100;

    private const IMPOSSIBLE = 1.0e6;

    /** @var array<int, array{float, int}> cost from here on, and the choice, by state */
    private array $seen = [];

    /** @var array<int, array<int, float|null>> by man and down man */
    private array $downCost = [];

    /** @var array<int, array<int, float>> by man and backer */
    private array $backerCost = [];

    /** @var array<int, float> what all men of the line before one cost when they are left */
    private array $leftDown = [0.0];

    /** @var array<int, float> the same for backers */
    private array $leftBacker = [0.0];

    /** @var array<int, list<int>> what a man may choose at all, the more playside first */
    private array $choices = [];

    /** @var array<int, int> index of the down man on a man of the line */
    private array $covers = [];

    private readonly bool $slides;

    private readonly float $touchYd;

    /** @var array<int, float> */
    private array $u = [];

    /** @var array<int, float> */
    private array $downU = [];

    /** @var array<int, float> */
    private array $backerU = [];

    /**
     * @param  list<string>  $letters  from the back side to the play side
     * @param  list<string>  $downs  roles on the line, from the back side to the play side
     * @param  list<string>  $backers  roles behind it, from the back side to the play side
     * @param  string|null  $first  the inside backer of the play
     * @param  list<float>  $standing  where men stand whom nobody goes past: blockers with a job of their own who stay,
     *     and men of
     *                                the front who are left to be read, yards playside
     * @param  array<string, string>  $theirs  backer of such a man by letter
     */
    public function __construct(
        private readonly array $letters,
        private readonly array $downs,
        private readonly array $backers,
        ?string $first,
        private readonly array $standing,
        private readonly array $theirs,
        LineCosts $costs,
        private readonly Posts $posts,
        private readonly FrontRead $front,
    ) {
        $this->slides = $costs->slides();
        $this->touchYd = $costs->touchYd();
        $this->u = array_map($posts->u(...), $letters);
        $this->downU = array_map($front->movedU(...), $downs);
        $this->backerU = array_map($costs->flowed(...), $backers);
        $line = $front->line;
        foreach ($downs as $d => $role) {
            $this->leftDown[] = $this->leftDown[$d] + $costs->leftDown($role, $role === ($line[0] ?? null));
        }
        foreach ($backers as $b => $role) {
            $this->leftBacker[] = $this->leftBacker[$b] + $costs->leftBacker($role, $role === $first);
        }
        foreach ($letters as $i => $letter) {
            $this->downCost[$i] = array_map(
                fn (string $role): ?float => $this->passes($letter, $role) ? null : $costs->down($letter, $role),
                $downs,
            );
            $this->backerCost[$i] = array_map(
                fn (string $role): float => $costs->backer($letter, $role) +
                    ($this->crosses($letter, $role) ? self::IMPOSSIBLE : 0.0),
                $backers,
            );
            $on = $front->on($letter);
            $at = $on === null ? false : array_search($on, $downs, true);
            // Who is left on purpose needs nobody to hand him to.
            if ($at !== false && $this->leftDown[$at + 1] - $this->leftDown[$at] >= RunKind::BLOCKED) {
                $this->covers[$i] = $at;
            }
            $this->choices[$i] = $this->choicesOf($i);
        }
    }

    /** @return array<string, string|null> role by letter, null for nobody */
    public function solve(): array
    {
        $has = [];
        $state = [0, 0, 0, self::NOBODY, self::NOBODY];
        foreach ($this->letters as $i => $letter) {
            [, $choice] = $this->best(...$state);
            $has[$letter] = match (true) {
                $choice === self::NOBODY => null,
                $choice >= self::BACKERS => $this->backers[$choice - self::BACKERS],
                default => $this->downs[$choice] ?? null,
            };
            $state = $this->after($i, $state, $choice);
        }

        return $has;
    }

    /**
     * @param  int  $down  next man on the line
     * @param  int  $backer  next backer
     * @param  int  $before  choice of the man before
     * @param  int  $must  down man this one has to take
     * @return array{float, int}
     */
    private function best(int $i, int $down, int $backer, int $before, int $must): array
    {
        if ($i === count($this->letters)) {
            $left =
                $this->leftDown[count($this->downs)] -
                $this->leftDown[$down] +
                $this->leftBacker[count($this->backers)] -
                $this->leftBacker[$backer];

            return [$left + ($must === self::NOBODY ? 0.0 : LineCosts::HAND_OVER), self::NOBODY];
        }
        // Whom the man before took is the man before the next one, of the line or behind it.
        $kind = match (true) {
            $before === self::NOBODY => 0,
            $before < self::BACKERS => 1,
            default => 2,
        };
        $key = ((($i * 16 + $down) * 16 + $backer) * 3 + $kind) * 2 + ($must === self::NOBODY ? 0 : 1);
        if (isset($this->seen[$key])) {
            return $this->seen[$key];
        }
        $best = [INF, self::NOBODY];
        foreach ($this->choices[$i] as $choice) {
            if (
                $choice >= self::BACKERS
                    ? $choice - self::BACKERS < $backer
                    : $choice !== self::NOBODY && $choice < $down
            ) {
                continue;
            }
            $cost = $this->cost($i, $down, $backer, $before, $must, $choice);
            if ($cost >= self::IMPOSSIBLE) {
                continue;
            }
            $cost += $this->best(...$this->after($i, [$i, $down, $backer, $before, $must], $choice))[0];
            if ($cost < $best[0] - 1.0e-6) {
                $best = [$cost, $choice];
            }
        }

        return $this->seen[$key] = $best;
    }

    /**
     * Of equals the more playside man comes first.
     *
     * @return list<int>
     */
    private function choicesOf(int $i): array
    {
        $choices = array_reverse(array_keys(array_filter($this->downCost[$i], fn (?float $c): bool => $c !== null)));
        foreach (array_reverse($this->backerCost[$i], true) as $b => $cost) {
            if ($cost < self::IMPOSSIBLE) {
                $choices[] = self::BACKERS + $b;
            }
        }

        return [...$choices, self::NOBODY];
    }

    /**
     * @param  array{int, int, int, int, int}  $state
     * @return array{int, int, int, int, int}
     */
    private function after(int $i, array $state, int $choice): array
    {
        [, $down, $backer] = $state;
        $on = $this->covers[$i] ?? self::NOBODY;
        $onLine = $choice !== self::NOBODY && $choice < self::BACKERS;
        $must = $on !== self::NOBODY && $on !== $choice && $on >= $down ? $on : self::NOBODY;

        return [
            $i + 1,
            $onLine ? $choice + 1 : $down,
            $choice >= self::BACKERS ? $choice - self::BACKERS + 1 : $backer,
            $choice,
            $must,
        ];
    }

    private function cost(int $i, int $down, int $backer, int $before, int $must, int $choice): float
    {
        $onLine = $choice !== self::NOBODY && $choice < self::BACKERS;
        if ($choice === self::NOBODY) {
            $cost = LineCosts::IDLE;
        } elseif ($onLine) {
            $cost =
                ($this->downCost[$i][$choice] ?? self::IMPOSSIBLE) +
                $this->leftDown[$choice] -
                $this->leftDown[$down];
        } else {
            $cost =
                $this->backerCost[$i][$choice - self::BACKERS] +
                $this->leftBacker[$choice - self::BACKERS] -
                $this->leftBacker[$backer];
        }
        // Who is too far to lay hands on him beside his neighbor cannot take him over.
        if ($must !== self::NOBODY && ($must !== $choice || abs($this->downU[$must] - $this->u[$i]) > $this->touchYd)) {
            $cost += LineCosts::HAND_OVER;
        }
        $wasOnLine = $before !== self::NOBODY && $before < self::BACKERS;
        // A man is not reached past a neighbor who stays, unless the line slides and the neighbor takes the next man
        // out.
        $reachedPast = $wasOnLine && $this->downU[$before] > $this->u[$i] + LineCosts::PAST_YD;
        $reachesBack = $onLine && $i > 0 && $this->downU[$choice] < $this->u[$i - 1] - LineCosts::PAST_YD;
        if ($reachedPast || $reachesBack) {
            $cost += $this->slides && $onLine && $wasOnLine ? LineCosts::SLIDE : self::IMPOSSIBLE;
        }
        // A climber and the down block beside him do not run through each other.
        if ($before !== self::NOBODY && $choice !== self::NOBODY && $onLine !== $wasOnLine) {
            $inner = $wasOnLine ? $this->downU[$before] : $this->backerU[$before - self::BACKERS];
            $outer = $onLine ? $this->downU[$choice] : $this->backerU[$choice - self::BACKERS];
            $cost += LineCosts::TWO_LEVELS * max(0.0, $inner - $outer);
        }

        return $cost;
    }

    /** Whether somebody whom nobody goes past stands in the line between a blocker and a down man. */
    private function passes(string $letter, string $role): bool
    {
        $u = $this->posts->u($letter);
        $to = $this->front->movedU($role);
        foreach ($this->standing as $between) {
            if (
                ($u < $between && $to > $between + LineCosts::PAST_YD) ||
                ($u > $between && $to < $between - LineCosts::PAST_YD)
            ) {
                return true;
            }
        }

        return false;
    }

    /** Whether a man would cross the way of one who stays and has a backer of his own. */
    private function crosses(string $letter, string $role): bool
    {
        $u = $this->posts->u($letter);
        foreach ($this->theirs as $other => $his) {
            $between = $this->posts->u($other);
            $to = $this->front->u($role);
            $theirs = $this->front->u($his);
            if ($u < $between && $to > $theirs || $u > $between && $to < $theirs) {
                return true;
            }
        }

        return false;
    }
}
