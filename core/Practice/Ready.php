<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice;

/** Whether a call has been repped enough this week to be called (SET-28). */
final readonly class Ready
{
    /**
     * @param  int  $planned  reps in the scripts of the week that have not been filmed
     * @param  int  $given  reps on the week's practice film
     * @param  int  $needed  reps that make a call ready
     */
    public function __construct(public int $planned, public int $given, public int $needed)
    {
    }

    public function isReady(): bool
    {
        return $this->given >= $this->needed;
    }

    /** Reps that are neither given nor planned and still wanted. */
    public function short(): int
    {
        return max(0, $this->needed - $this->given - $this->planned);
    }
}
