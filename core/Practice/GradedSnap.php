<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice;

/** A man's graded snap as the drills look at it: his group, the day as a running number, what went wrong. */
final readonly class GradedSnap
{
    /** @param  list<string>  $faults  ids of the library */
    public function __construct(public string $group, public int $day, public bool $isGame, public array $faults)
    {
    }
}
