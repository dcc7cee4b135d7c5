<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense\Motion;

use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Kinematics\SprintLaw;

/** What a motion is timed with: the cadence and the speed of each man. */
final readonly class Clock
{
    /** Length of a running step in yards when a man's own stride is not known (product default). */
    public const STEP_YD = 1.0;

    /**
     * @param  array<string, SprintLaw>  $laws  of named men, by letter
     * @param  array<string, float>  $stepsYd  strides of named men, by letter
     */
    public function __construct(
        public Cadence $cadence,
        public SprintLaw $law,
        public array $laws = [],
        public array $stepsYd = [],
        /** The sound jets start on when the call does not say one; null: when they have to. */
        public ?Sound $jetSound = null,
    ) {
    }

    public static function usual(Level $level = Level::HighSchool): self
    {
        return new self(Cadence::of(), $level->receiver());
    }

    public function law(string $letter): SprintLaw
    {
        return $this->laws[$letter] ?? $this->law;
    }

    public function stepYd(string $letter): float
    {
        return $this->stepsYd[$letter] ?? self::STEP_YD;
    }
}
