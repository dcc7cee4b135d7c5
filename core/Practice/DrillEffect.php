<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice;

use Jacotaxis\Core\Drill\Drill;
use Jacotaxis\Core\Grade\Interval;

/**
 * What became of a fault after its drill was given (PRA-05): its share of the group's graded snaps in games before and
 * after. Better or worse is said only where the intervals lie apart.
 */
final readonly class DrillEffect
{
    /** Graded snaps after it under which nothing is said (product default). */
    private const LEAST = 30;

    /** Looked back for the fault before its drill was given, in windows of the staff. */
    private const BEFORE = 2;

    /** @param  string  $since  year, month, day it was first given */
    public function __construct(
        public string $drill,
        public string $since,
        public int $times,
        public Interval $before,
        public Interval $after,
    ) {
    }

    /**
     * Counted over snaps in games: two windows before the day it was first given, and from that day up to another.
     *
     * @param  list<GradedSnap>  $snaps
     * @param  string  $since  year, month, day it was first given; $first is that day as a running number
     */
    public static function counted(
        Drill $drill,
        string $since,
        int $times,
        array $snaps,
        int $first,
        int $until,
        int $window,
    ): self {
        $share = function (int $from, int $to) use ($drill, $snaps): Interval {
            $of = array_filter($snaps, fn (GradedSnap $s): bool => $s->isGame
                && $s->group === $drill->group
                && $s->day >= $from
                && $s->day < $to);
            $with = array_filter($of, fn (GradedSnap $s): bool => array_intersect($s->faults, $drill->faults) !== []);

            return Interval::of(count($with), count($of));
        };

        return new self(
            $drill->name,
            $since,
            $times,
            $share($first - self::BEFORE * $window, $first),
            $share($first, $until),
        );
    }

    public function state(): Effect
    {
        if ($this->after->of < self::LEAST || $this->before->of < self::LEAST) {
            return Effect::TooEarly;
        }
        $isLess = $this->after->share() < $this->before->share();
        if ($this->after->apartFrom($this->before)) {
            return $isLess ? Effect::Less : Effect::More;
        }

        return match (true) {
            $this->before->hits === 0 => Effect::Unseen,
            $this->after->hits === 0 => Effect::Gone,
            $isLess => Effect::Fewer,
            default => Effect::None,
        };
    }
}
