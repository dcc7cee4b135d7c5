<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Keys;

use Jacotaxis\Core\Proof\Play\Act;
use Jacotaxis\Core\Proof\Scene\Verdict;
use Jacotaxis\Core\Proof\Throwing\Outcome;

/** A defender with two threats: his acts and what each gives. */
final readonly class Key
{
    /**
     * @param  array{string, string}  $pair  letters of the two threats
     * @param  list<array{act: Act, outcome: Outcome}>  $acts
     * @param  float  $swing  change of the gain between his two choices, yards
     */
    public function __construct(
        public int $defender,
        public string $role,
        public array $pair,
        public string $question,
        public array $acts,
        public float $swing,
        public Verdict $verdict,
        public ?float $strength,
        public bool $conflict = true,
    ) {
    }

    /**
     * A key of its acts: bound when every act is answered, its strength the least any answer has to spare.
     *
     * @param  array{string, string}  $pair
     * @param  list<array{act: Act, outcome: Outcome}>  $acts
     */
    public static function of(
        int $defender,
        string $role,
        array $pair,
        string $question,
        array $acts,
        float $swing,
        bool $conflict = true,
    ): self {
        $won = count(array_filter($acts, fn (array $row): bool => $row['outcome']->open()));
        $strength = array_filter(
            array_map(fn (array $row): ?float => $row['outcome']->strength(), $acts),
            fn (?float $s): bool => $s !== null,
        );

        return new self(
            $defender,
            $role,
            $pair,
            $question,
            $acts,
            $swing,
            Verdict::ofActs($won, count($acts)),
            count($strength) < count($acts) || $strength === [] ? null : min($strength),
            $conflict,
        );
    }

    /** How many different answers his acts bring: the same ball to the same man whatever he does is no conflict. */
    public function answers(): int
    {
        $answers = [];
        foreach ($this->acts as ['outcome' => $outcome]) {
            if ($outcome->open()) {
                $answers["{$outcome->action} {$outcome->letter}"] = true;
            }
        }

        return count($answers);
    }

    /**
     * This key with the acts of another question to the same man: an act the pass does not answer is answered by the
     * run he leaves then, where that is good.
     */
    public function and(self $other, Outcome $run): self
    {
        $acts = $this->acts;
        foreach ($other->acts as ['act' => $act, 'outcome' => $outcome]) {
            if ($act->name !== 'by rule') {
                $acts[] = ['act' => $act, 'outcome' => $outcome->open() || ! $run->open() ? $outcome : $run];
            }
        }

        return self::of(
            $this->defender,
            $this->role,
            $this->pair,
            "{$this->question} {$other->question}",
            $acts,
            max($this->swing, $other->swing),
            $this->conflict || $other->conflict,
        );
    }
}
