<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

use Jacotaxis\Core\Blocking\Fake;
use Jacotaxis\Core\Blocking\Protecting;
use Jacotaxis\Core\Blocking\Run\RunCall;
use Jacotaxis\Core\Concept\Families\Family;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Offense\Motion\Clock;
use Jacotaxis\Core\Offense\Motion\Motion;
use Jacotaxis\Core\Route\RouteSpec;
use Jacotaxis\Core\School\Schools;

/** What was said of a call, before anything is filled in. */
final class CallDraft
{
    public Formation $formation;

    /** Whether the words name the side of the set. */
    public bool $sided = false;

    /** The field side the words mean: where the set is said by field or boundary and the ball is in the middle. */
    public ?Side $fieldSide = null;

    /** @var list<Motion> */
    public array $motions = [];

    public ?Footwork $drop = null;

    /** Said with the call. */
    public ?Situation $situation = null;

    /** Where it is said, when the words name none. */
    public ?Situation $context = null;

    /** @var list<array{family: Family, sides: list<Side>, by: string|null}> an empty list of sides: the strength */
    public array $families = [];

    /** @var array<string, RouteSpec> by letter, in the order said */
    public array $routes = [];

    /** @var list<string> letters told to stay in and block on a pass */
    public array $stays = [];

    /** @var list<string> letters who clear out by the way that is usual for where they stand */
    public array $clears = [];

    /** @var list<string>|null letters in the order said */
    public ?array $reads = null;

    /** @var array<string, list<string>> another order by what is seen: man, zone, closed, open */
    public array $readsBy = [];

    /** Orders said by depth: "high to low", "low to high", or null. */
    public ?string $byDepth = null;

    /** @var list<string> roles */
    public array $keys = [];

    public ?Protecting $protection = null;

    public ?Fake $fake = null;

    public ?RunCall $run = null;

    /** @var list<StaffRule> */
    public array $rules = [];

    public ?string $hot = null;

    public Schools $schools;

    /** @var list<Family> the staff's own */
    public array $own = [];

    /** What the motions are timed with, when it is not the usual cadence. */
    public ?Clock $clock = null;

    /** @var list<string> */
    public array $assumed = [];

    public function __construct()
    {
        $this->formation = new Formation;
        $this->schools = Schools::of();
    }
}
