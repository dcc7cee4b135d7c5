<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice;

use Jacotaxis\Core\Drill\Drill;

/** A drill that is due: what it cures was seen. */
final readonly class ProposedDrill
{
    /** @param  array<string, int>  $faults  how often each was seen, by its id */
    public function __construct(public Drill $drill, public array $faults)
    {
    }

    /** How often what it cures was seen. */
    public function times(): int
    {
        return array_sum($this->faults);
    }
}
