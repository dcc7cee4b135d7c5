<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run;

use Closure;
use Jacotaxis\Core\Proof\Scene\Worth;
use Jacotaxis\Core\Proof\Throwing\Outcome;

/**
 * Who has the ball, where, and who meets him first. Yards and seconds. What it is worth is worked out when it is asked
 * for: most outcomes are only compared by who is free.
 */
final class RunOutcome
{
    /** Share of what is asked that is enough against a man who waits. */
    private const WAITED_FOR = 0.5;

    public function __construct(
        public readonly string $action,
        public readonly ?string $letter,
        public readonly string $where,
        public readonly float $margin,
        public readonly float $gainYd,
        /** Role of the first free man, or null when nobody gets there. */
        public readonly ?string $firstFree,
        public readonly ?float $metYYd,
        public readonly ?float $metXYd,
        public readonly float $outAt,
        public readonly string $why,
        /** @var Worth|Closure(): Worth */
        private Worth|Closure $worth,
        /** What the down asks of a run, yards. */
        public readonly float $needYd,
        /** The pass of a run-pass option when the action is throw; its margin counts from where a man is open. */
        public readonly ?Outcome $pass = null,
        public readonly ?string $route = null,
    ) {
    }

    public function worth(): Worth
    {
        return $this->worth = $this->worth instanceof Worth ? $this->worth : ($this->worth)();
    }

    /**
     * The same with another worth.
     *
     * @param  Closure(): Worth  $worth
     */
    public function withWorth(Closure $worth): self
    {
        return new self(...[...get_object_vars($this), 'worth' => $worth]);
    }

    /** Whether one of the keys waits between two carriers. */
    private static function waits(RunAct ...$acts): bool
    {
        return array_filter($acts, fn (RunAct $a): bool => $a->name === 'between') !== [];
    }

    /**
     * The least time by which the ball beats what the keys do, seconds: over what they commit to. Where one waits the
     * ball is judged by what it gains, and no time says how surely.
     *
     * @param  non-empty-list<array{acts: list<RunAct>, outcome: self}>  $rows
     */
    public static function least(array $rows): float
    {
        $committed = array_filter(
            $rows,
            fn (array $r): bool => ! self::waits(...$r['acts']) || ! $r['outcome']->beats(...$r['acts']),
        );

        $counted = $committed === [] ? $rows : $committed;

        return min(array_map(fn (array $r): float => $r['outcome']->margin, $counted));
    }

    /**
     * Whether it beats what the keys do. A man who waits between two carriers gives the offense time: the ball is
     * judged by what it gains then, half of what is asked.
     */
    public function beats(RunAct ...$acts): bool
    {
        return $this->free() ||
            self::waits(...$acts) && $this->pass === null && $this->gainYd >= $this->needYd * self::WAITED_FOR;
    }

    public function free(): bool
    {
        return $this->pass === null ? $this->margin >= 0.0 : $this->pass->open();
    }
}
