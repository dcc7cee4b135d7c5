<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Drill;

/** What a man runs, or the ball he throws. */
final readonly class Path
{
    /** @param  non-empty-list<Step>  $steps */
    public function __construct(public string $man, public array $steps, public bool $isBall = false)
    {
    }

    /** Yards along the path. */
    public function lengthYd(): float
    {
        $yards = 0.0;
        foreach (array_slice($this->steps, 1) as $n => $to) {
            $from = $this->steps[$n];
            $yards += hypot($to->xYd - $from->xYd, $to->yYd - $from->yYd);
        }

        return $yards;
    }

    public function mirrored(): self
    {
        return new self($this->man, array_map(fn (Step $s): Step => $s->mirrored(), $this->steps), $this->isBall);
    }
}
