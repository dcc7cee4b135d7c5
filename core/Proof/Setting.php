<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof;

use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Level;

/** What a proof is run under: situation, level and thresholds. Yards and seconds; all numbers are product defaults. */
final readonly class Setting
{
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
    ) {
    }
}
