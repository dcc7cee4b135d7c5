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
}
