<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

use Jacotaxis\Core\Blocking\Fake;
use Jacotaxis\Core\Blocking\Protecting;
use Jacotaxis\Core\Blocking\Run\RunCall;
use Jacotaxis\Core\Concept\Families\Families;
use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Motion\Clock;
use Jacotaxis\Core\Offense\Motion\Motion;
use Jacotaxis\Core\Offense\Motion\Snap;
use Jacotaxis\Core\Route\RouteSpec;

/**
 * A call: formation, motions, and a pass, a run, or both in one.
 *
 * Of a pass every eligible man who goes out has a route and the rest protect. Of a run the scheme's rules give
 * everybody his job; men with routes of their own make it a run-pass option. Families are not stored: they are
 * recognised from the routes.
 */
final readonly class Call
{
    /**
     * @param  array<string, RouteSpec>  $routes  by letter
     * @param  list<string>  $reads  letters, first read first
     * @param  list<Motion>  $motions  in the order in which they happen
     * @param  list<string>  $keys  roles of defenders the call names as keys
     * @param  list<string>  $assumed  what was filled in, in words
     * @param  string|null  $hot  letter of the man who gets the ball when somebody comes free
     * @param  list<StaffRule>  $rules  the staff's own rules with this call
     * @param  array<string, list<string>>  $readsBy  another order of the reads by what is seen: man, zone, closed,
     *     open
     * @param  Kill|null  $kill  the other call he takes to the line, and when he goes to it
     * @param  Decided|null  $decided  why this one of two calls is played
     */
    public function __construct(
        public Formation $formation,
        public array $routes,
        public array $reads,
        public array $motions = [],
        public ?Footwork $drop = null,
        public array $keys = [],
        public ?Situation $situation = null,
        public array $assumed = [],
        public ?Protecting $protection = null,
        public ?Fake $fake = null,
        public ?string $hot = null,
        public array $readsBy = [],
        public ?RunCall $run = null,
        public array $rules = [],
        public ?Kill $kill = null,
        public ?Decided $decided = null,
    ) {
    }

    /** The men before and at the snap. */
    public function snap(PlayFrame $frame, ?Clock $clock = null): Snap
    {
        return Snap::of(
            $this->formation->men($frame),
            $this->motions,
            $this->formation->splits(),
            $frame,
            $clock ?? Clock::usual(),
        );
    }

    /** @return array<string, Man> the eleven at the snap, by letter */
    public function men(PlayFrame $frame, ?Clock $clock = null): array
    {
        return $this->snap($frame, $clock)->men;
    }

    /** The eleven at the snap, counted. */
    public function lineup(Situation $situation, ?Clock $clock = null): Lineup
    {
        return Lineup::of(
            $this->men($situation->frame(), $clock),
            $situation->frame(),
            $situation->hash,
            $this->formation->side,
        );
    }

    /** Number of the read of a man, from 1, or null when he has none. */
    public function readNumber(string $letter): ?int
    {
        $at = array_search($letter, $this->reads, true);

        return $at === false ? null : $at + 1;
    }

    /**
     * The order of the reads against what is seen: his own for man or zone, for a middle open or closed, else the
     * usual.
     *
     * @return list<string>
     */
    public function readsAgainst(bool $man, bool $middleOpen): array
    {
        return $this->readsBy[$man ? 'man' : 'zone'] ?? $this->readsBy[$middleOpen ? 'open' : 'closed'] ?? $this->reads;
    }

    /** @param  array<string, mixed>  $change by property name */
    public function with(array $change): self
    {
        return new self(...[...get_object_vars($this), ...$change]);
    }

    public function mirrored(): self
    {
        return $this->with([
            'formation' => $this->formation->mirrored(),
            'routes' => array_map(fn (RouteSpec $r): RouteSpec => $r->mirrored(), $this->routes),
            'motions' => array_map(fn (Motion $m): Motion => $m->mirrored(), $this->motions),
            'keys' => array_map(
                fn (string $k): string => strtr($k, ['left' => 'right', 'right' => 'left']),
                $this->keys,
            ),
            'protection' => $this->protection?->mirrored(),
            'fake' => $this->fake?->mirrored(),
            'run' => $this->run?->mirrored(),
            'rules' => array_map(fn (StaffRule $r): StaffRule => $r->mirrored(), $this->rules),
            'situation' => $this->situation?->withHash($this->situation->hash->mirrored()),
            'kill' => $this->kill?->mirrored(),
        ]);
    }
}
