<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

use Jacotaxis\Core\Blocking\Run\Front\Posts;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Motion\Motion;
use Jacotaxis\Core\Offense\Motion\MotionKind;

/** Whom the run of a call takes: he who carries the ball, and he who comes in motion for the pitch. */
final class RunMen
{
    /**
     * An option with a pitch sends somebody who is there for it: a slot or wing of the back side goes in tail motion
     * when no motion is said and no back takes the pitch. Null where nobody has to.
     */
    public static function tail(CallDraft $draft, Lineup $lineup): ?Motion
    {
        $run = $draft->run;
        $needs = $run !== null && $run->scheme()->pitch !== [] && ! $run->scheme()->shovels;
        if (! $needs || $run->who !== null || $draft->motions !== []) {
            return null;
        }
        $letter = Posts::of($lineup, $run->side)->first($run->scheme()->pitch);

        return $letter === null || $lineup->men[$letter]->isBack()
            ? null
            : new Motion($letter, MotionKind::Pitch, $run->side);
    }

    /** Who has the ball on the run, if there is one: he runs no route. */
    public static function carrier(CallDraft $draft, Lineup $lineup): ?string
    {
        $run = $draft->run;

        return $run === null
            ? null
            : $run->who ?? Posts::of($lineup, $run->side)->first($run->scheme()->carriers);
    }
}
