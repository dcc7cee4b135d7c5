<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Field;

/** Down, distance, spot and rule book a call is proved in. Distances in yards. */
final readonly class Situation
{
    /** No block is asked to last beyond this, yards past the line (from memory). */
    private const BLOCKED_YD = 8.0;

    /** Yards a man who is met falls forward (settled by the truths). */
    public const FALLS_YD = 0.8;

    /** Share of the distance that makes a down a success, by down. */
    public const SUCCESS = [1 => 0.4, 2 => 0.6, 3 => 1.0, 4 => 1.0];

    private function __construct(
        public RuleSet $rules,
        public Hash $hash,
        public int $down,
        public float $toGoYd,
        public float $ballOnYd,
    ) {
    }

    /**
     * @param  float  $ballOnYd  yards from the own goal line, 1 to 99
     *
     * @throws OutOfField when a number is outside what the field or the down chain allows
     */
    public static function of(
        RuleSet $rules = RuleSet::Nfhs,
        Hash $hash = Hash::Middle,
        int $down = 1,
        float $toGoYd = 10.0,
        float $ballOnYd = 40.0,
    ): self {
        if ($down < 1 || $down > 4) {
            throw OutOfField::down($down);
        }
        if (! is_finite($ballOnYd) || $ballOnYd < 1.0 || $ballOnYd > 99.0) {
            throw OutOfField::ballOn($ballOnYd);
        }
        if (! is_finite($toGoYd) || $toGoYd <= 0.0 || $toGoYd > RuleSet::LENGTH_YD - $ballOnYd) {
            throw OutOfField::toGo($toGoYd, RuleSet::LENGTH_YD - $ballOnYd);
        }

        return new self($rules, $hash, $down, $toGoYd, $ballOnYd);
    }

    public function frame(): PlayFrame
    {
        return PlayFrame::of($this->rules, $this->hash, $this->ballOnYd);
    }

    /**
     * Yards that make this down a success: 40, 60, 100 and 100 % of the distance on first to fourth down
     * (Carroll, Palmer and Thorn, The Hidden Game of Football, 1988).
     */
    public function successYd(): float
    {
        return $this->toGoYd * self::SUCCESS[$this->down];
    }

    /** Yards to the goal line: no gain counts beyond it. */
    public function toGoalYd(): float
    {
        return RuleSet::LENGTH_YD - $this->ballOnYd;
    }

    /**
     * Yards a run has to make untouched: what the down asks for, less what a man falls forward, no more than it can be
     * blocked for.
     */
    public function runSuccessYd(): float
    {
        return max(1.0, min($this->successYd(), self::BLOCKED_YD) - self::FALLS_YD);
    }

    public function withHash(Hash $hash): self
    {
        return new self($this->rules, $hash, $this->down, $this->toGoYd, $this->ballOnYd);
    }
}
