<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense\Motion;

use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Offense\LineSplits;
use Jacotaxis\Core\Offense\Man;

/**
 * A motion on the clock: where the man is at the snap, how late or early, and on which sound he would be in time. Yards
 * and seconds.
 */
final readonly class Arrival
{
    /** A late man is this much or more from the needed spot, in steps (MOT-03). */
    public const LATE_STEPS = 1.0;

    private function __construct(
        public Motion $motion,
        public Course $course,
        /** Where he stood. */
        public Man $before,
        /** Where he is at the snap, and his speed there. */
        public Man $atSnap,
        /** How far short of the needed spot he is; negative when he is past it. */
        public float $lateYd,
        public float $lateS,
        public float $lateSteps,
        /** When he has to start to be in time, seconds before the snap. */
        public float $needS,
        /** The nearest sound to that. */
        public Sound $best,
        /** How long he has stood still at the snap; null while he moves. */
        public ?float $setForS,
        /** He starts on a sound the cadence does not have. */
        public bool $unheard,
        private SprintLaw $law,
        private Clock $clock,
    ) {
    }

    /** @param  array<string, Man>  $men before the motion */
    public static function of(Motion $motion, array $men, LineSplits $splits, PlayFrame $frame, Clock $clock): self
    {
        $motion =
            $motion->sound === null && $motion->kind === MotionKind::Jet && $clock->jetSound !== null
                ? $motion->on($clock->jetSound)
                : $motion;
        $man = $men[$motion->who];
        $full = $clock->law($motion->who);
        $law = new SprintLaw($full->vmax * $motion->kind->speed(), $full->tau);
        $course = Course::of($motion, $men, $splits, $frame, $law);
        $length = $course->lengthYd();
        // A man who sets must stand a second; he starts early enough for it.
        $need = $law->time($length) + ($motion->kind->sets() ? 1.0 : 0.0);
        // A sound that is not in the cadence times nothing; the finding says so.
        $known = $motion->sound !== null && $clock->cadence->has($motion->sound);
        $tau = $known ? $clock->cadence->before($motion->sound) : $need;
        $done = $law->distance($tau);
        $late = $length - $done;
        $setFor = null;
        if ($motion->kind->sets() && $late <= 1e-9) {
            $setFor = $tau - $law->time($length);
            $late = 0.0;
            $done = $length;
        }
        [$x, $y, $ux, $uy] = $course->at($done);
        $v = $setFor === null ? $law->speed($tau) : 0.0;
        $at = new Man($motion->who, $x, $y, $ux * $v, $uy * $v);

        return new self(
            motion: $motion,
            course: $course,
            before: $man,
            atSnap: $at,
            lateYd: $late,
            lateS: $known ? $need - $tau : 0.0,
            lateSteps: $late / $clock->stepYd($motion->who),
            needS: $need,
            best: $clock->cadence->nearest($need),
            setForS: $setFor,
            unheard: $motion->sound !== null && ! $known,
            law: $law,
            clock: $clock,
        );
    }

    public function isLate(): bool
    {
        return $this->lateSteps >= self::LATE_STEPS;
    }

    public function isEarly(): bool
    {
        return $this->lateSteps <= -self::LATE_STEPS;
    }

    /**
     * Needed spot at the snap.
     *
     * @return array{float, float}
     */
    public function needed(): array
    {
        return $this->course->points[count($this->course->points) - 1];
    }

    /**
     * How far short of the needed spot each sound leaves him; negative when past it.
     *
     * @return list<array{sound: string, word: string, last: bool, beforeS: float, lateYd: float, lateSteps: float}>
     */
    public function bySound(): array
    {
        $length = $this->course->lengthYd();
        $rows = [];
        foreach ($this->clock->cadence->sounds() as $sound) {
            $before = $this->clock->cadence->before($sound);
            $late = $length - $this->law->distance(max(0.0, $before - ($this->motion->kind->sets() ? 1.0 : 0.0)));
            $late = $this->motion->kind->sets() ? max(0.0, $late) : $late;
            $rows[] = ['sound' => $sound->words(), 'word' => $sound->word, 'last' => $sound->last,
                'beforeS' => round($before, 2),
                'lateYd' => round($late, 1), 'lateSteps' => round($late / $this->clock->stepYd($this->motion->who), 1)];
        }

        return $rows;
    }

    /**
     * In words: "H jet left on the first sound of ready: 1.2 yd (1 step) late; the last sound of down has him there".
     */
    public function words(): string
    {
        $who = $this->motion->words();
        $yd = sprintf('%.1f yd (%.1f steps)', abs($this->lateYd), abs($this->lateSteps));

        return match (true) {
            $this->motion->sound === null => sprintf(
                '%s: starts %.1f s before the snap, nearest the %s.',
                $who,
                $this->needS,
                $this->best->words(),
            ),
            $this->isLate() => "$who: $yd late; the {$this->best->words()} has him nearest.",
            $this->isEarly() => "$who: $yd early; the {$this->best->words()} has him nearest.",
            default => "$who: in time.",
        };
    }
}
