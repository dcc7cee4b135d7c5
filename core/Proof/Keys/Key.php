<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Keys;

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
        public string $verdict,
        public float $strength,
        public bool $conflict = true,
    ) {
    }

    /** This key with the acts of another question to the same man. */
    public function and(self $other): self
    {
        $acts = [...$this->acts, ...array_values(array_filter($other->acts, fn (array $a): bool => $a['act']->name !== 'by rule'))];
        $won = array_filter($acts, fn (array $row): bool => $row['outcome']->open());

        return new self($this->defender, $this->role, $this->pair, "{$this->question} {$other->question}", $acts, max($this->swing, $other->swing),
            count($won) === count($acts) ? 'bound' : ($won === [] ? 'covered' : 'guess'), min(array_map(fn (array $row): float => $row['outcome']->best, $acts)), $this->conflict || $other->conflict);
    }
}
