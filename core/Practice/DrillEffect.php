<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice;

use Jacotaxis\Core\Grade\Interval;

/**
 * What became of a fault after its drill was given (PRA-05): its share of the group's graded snaps in games before and
 * after. Better or worse is said only where the intervals lie apart.
 */
final readonly class DrillEffect
{
    /** Graded snaps after it under which nothing is said (product default). */
    private const LEAST = 30;

    /** @param  string  $since  year, month, day it was first given */
    public function __construct(
        public string $drill,
        public string $since,
        public int $times,
        public Interval $before,
        public Interval $after,
    ) {
    }

    public function state(): Effect
    {
        if ($this->after->of < self::LEAST || $this->before->of < self::LEAST) {
            return Effect::TooEarly;
        }
        if (! $this->after->apartFrom($this->before)) {
            return $this->after->hits === 0 ? Effect::Gone : Effect::None;
        }

        return $this->after->share() < $this->before->share() ? Effect::Less : Effect::More;
    }
}
