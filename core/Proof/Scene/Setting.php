<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Scene;

use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Offense\Athlete;
use Jacotaxis\Core\Offense\Motion\Cadence;
use Jacotaxis\Core\Offense\Motion\Clock;
use Jacotaxis\Core\School\Schools;

/** What a proof is run under: situation, level and thresholds. Yards and seconds; all numbers are product defaults. */
final readonly class Setting
{
    /** What the staff chose where staffs disagree. */
    public Schools $schools;

    /** @param  array<string, Athlete>  $men */
    public function __construct(
        public Situation $situation,
        public Level $level = Level::HighSchool,
        /** Margin from which a man is open. */
        public float $openAt = 0.15,
        /** Time before a change of plan takes effect. */
        public float $reaction = 0.25,
        /** Added when the break crosses the side of his leverage. */
        public float $hips = 0.30,
        /** Arm's reach along the ground and overhead. */
        public float $reachYd = 1.0,
        public float $reachHeightYd = 2.84,
        /** Cushion a deep man keeps over the deepest threat. */
        public float $overYd = 2.5,
        /** When the rush arrives through blockers, from the snap. */
        public float $pocket = 3.0,
        /** Angle in degrees the quarterback's eyes take in at once. */
        public float $visionDeg = 40.0,
        /** Named men by letter; the others run with the level's speed. */
        public array $men = [],
        public ?Cadence $cadence = null,
        ?Schools $schools = null,
    ) {
        $this->schools = $schools ?? Schools::of();
    }

    /** The speed of a receiver: his own where he has a time. */
    public function law(string $letter): SprintLaw
    {
        return ($this->men[$letter] ?? null)?->law() ?? $this->level->receiver();
    }

    /** What motions are timed with. */
    public function clock(): Clock
    {
        $named = fn (callable $of): array => array_filter(array_map($of, $this->men),
            fn (mixed $v): bool => $v !== null);

        $cadence = $this->cadence ?? Cadence::of();
        $count = $this->schools->value('jet-start');
        $sounds = $cadence->sounds();
        $jet = $count === null ? null : $sounds[max(0, min(count($sounds) - 1, (int) round($count) - 1))];

        return new Clock(
            $cadence,
            $this->level->receiver(),
            $named(fn (Athlete $a) => $a->law()),
            $named(fn (Athlete $a) => $a->strideYd),
            $jet,
        );
    }
}
