<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Kinematics;

use Jacotaxis\Core\Field\RuleSet;

/** A level of play: one scale on every speed, and the rule book it plays by. Product defaults, editable. */
enum Level: string
{
    case HighSchool = 'high-school';
    case College = 'college';
    case Professional = 'professional';

    /**
     * How hard a man who covers brakes and pushes sideways, and how hard a lineman brakes, yd/s2 (from memory, settled
     * by the truths).
     */
    private const COVER_BRAKES_YD_S2 = 12.0;

    private const COVER_TURNS_YD_S2 = 14.0;

    private const LINE_BRAKES_YD_S2 = 5.0;

    /** Factor on the college-like start values of every speed. */
    public function scale(): float
    {
        return match ($this) {
            self::HighSchool => 0.95,
            self::College => 1.0,
            self::Professional => 1.04,
        };
    }

    public function rules(): RuleSet
    {
        return match ($this) {
            self::HighSchool => RuleSet::Nfhs,
            self::College => RuleSet::Ncaa,
            self::Professional => RuleSet::Nfl,
        };
    }

    public function receiver(): SprintLaw
    {
        return new SprintLaw(9.0 * $this->scale());
    }

    public function safety(): SprintLaw
    {
        return $this->defends(8.8 * $this->scale());
    }

    public function backer(): SprintLaw
    {
        return $this->defends(8.0 * $this->scale());
    }

    public function lineman(): SprintLaw
    {
        return new SprintLaw(7.0 * $this->scale(), 0.9, brakes: self::LINE_BRAKES_YD_S2);
    }

    /** A man who covers keeps his feet under him: he brakes and turns harder than one who runs a route. */
    private function defends(float $vmax): SprintLaw
    {
        return new SprintLaw($vmax, brakes: self::COVER_BRAKES_YD_S2, turns: self::COVER_TURNS_YD_S2);
    }

    /** The speed of a defender by his group. */
    public function of(Group $group): SprintLaw
    {
        return match ($group) {
            Group::Line => $this->lineman(),
            Group::Edge, Group::Backer => $this->backer(),
            default => $this->safety(),
        };
    }

    public function backpedal(): float
    {
        return 6.0 * $this->scale();
    }

    public function zoneDrop(): float
    {
        return 6.5 * $this->scale();
    }

    /** Fastest ball the arm releases, yards a second (23 along the ground is about 26 at release). */
    public function releaseSpeed(): float
    {
        return 26.0 * $this->scale();
    }
}
