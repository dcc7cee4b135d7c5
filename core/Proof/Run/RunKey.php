<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run;

use Jacotaxis\Core\Proof\Scene\Verdict;

/** A read man of a run: the two carriers he stands between, what he may do, and what each act gives. */
final readonly class RunKey
{
    /**
     * @param  string  $decision  give, pitch or throw
     * @param  array{string, string}  $pair  actions of the two carriers
     * @param  list<array{act: RunAct, outcome: RunOutcome}>  $acts  the other key by his rule
     */
    public function __construct(
        public string $role,
        public string $decision,
        public array $pair,
        public string $question,
        public array $acts,
        public Verdict $verdict,
        public float $strength,
        public bool $conflict,
    ) {
    }
}
