<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense\Motion;

use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Offense\LineSplits;
use Jacotaxis\Core\Offense\Man;

/** The men before and after everything that moves before the snap, one motion after the other. */
final readonly class Snap
{
    /**
     * @param  array<string, Man>  $before  by letter
     * @param  array<string, Man>  $men  at the snap, by letter
     * @param  list<Arrival>  $arrivals
     */
    private function __construct(public array $before, public array $men, public array $arrivals)
    {
    }

    /**
     * @param  array<string, Man>  $men
     * @param  list<Motion>  $motions
     */
    public static function of(array $men, array $motions, LineSplits $splits, PlayFrame $frame, Clock $clock): self
    {
        $before = $men;
        $arrivals = [];
        foreach ($motions as $motion) {
            $arrival = Arrival::of($motion, $men, $splits, $frame, $clock);
            $men[$motion->who] = $arrival->atSnap;
            $arrivals[] = $arrival;
        }

        return new self($before, $men, $arrivals);
    }

    /**
     * Men who left the line in motion.
     *
     * @return list<string>
     */
    public function leftTheLine(): array
    {
        return array_values(array_map(fn (Arrival $a): string => $a->motion->who,
            array_filter($this->arrivals, fn (Arrival $a): bool => $a->before->onLine() && ! $a->atSnap->onLine())));
    }
}
