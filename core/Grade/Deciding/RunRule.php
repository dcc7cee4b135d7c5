<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Deciding;

use Jacotaxis\Core\Proof\Run\RunOutcome;
use Jacotaxis\Core\Proof\Run\RunProof;

/** What the ball should do on a run with a read: film and quizzes ask here. */
final class RunRule
{
    /**
     * Whether more men are in the box than can be blocked, nobody of them read, so that the throw is right (CNT-03).
     */
    public static function counts(RunProof $proof): bool
    {
        return $proof->before?->throws === true;
    }

    /** The throw of the count before the snap, else what the read gives. */
    public static function right(RunProof $proof, RunOutcome $outcome): string
    {
        return self::counts($proof) ? 'throw' : $outcome->action;
    }
}
