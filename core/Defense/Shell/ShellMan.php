<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Shell;

use Jacotaxis\Core\Defense\Jobs\Job;

/** One man of a shell: where he stands before the snap, and his job after it. */
final readonly class ShellMan
{
    /**
     * @param  int  $receiver  the number of the receiver he stands on, 0 for nobody
     * @param  float|null  $offYd  how deep he stands; null the front's depth
     * @param  float  $insideYd  how far inside his man or landmark, negative outside
     */
    private function __construct(
        public Align $align,
        public int $receiver,
        public ?float $offYd,
        public float $insideYd,
        public Job $job,
    ) {
    }

    public static function on(int $receiver, float $offYd, float $insideYd, Job $job): self
    {
        return new self(Align::Receiver, $receiver, $offYd, $insideYd, $job);
    }

    public static function deep(float $offYd, Job $job, float $insideYd = 0.0): self
    {
        return new self(Align::Deep, 0, $offYd, $insideYd, $job);
    }

    public static function box(Job $job, ?float $depthYd = null): self
    {
        return new self(Align::Box, 0, $depthYd, 0.0, $job);
    }
}
