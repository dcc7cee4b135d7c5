<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Deciding;

use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Play\Act;
use Jacotaxis\Core\Proof\Throwing\Outcome;

/** What a defender chose on film, and what that gives the quarterback. */
final readonly class PassChoice
{
    public function __construct(public Key $key, public Act $act, public Outcome $outcome, public bool $byEye)
    {
    }

    public function words(): string
    {
        return "The {$this->key->role} chose to {$this->act->name}".($this->byEye ? ' (by eye)' : '');
    }
}
