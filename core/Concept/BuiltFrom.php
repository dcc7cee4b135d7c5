<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Concept\Families\Families;
use Jacotaxis\Core\Concept\Families\Recognition;
use Jacotaxis\Core\Offense\Lineup;

/** The card a family is built from: the same set, motion, run action and roll, the family it looks like (PAC-08). */
final class BuiltFrom
{
    /** The call it is built from, or null where its family stands for itself. */
    public static function of(Call $call, Lineup $lineup): ?Call
    {
        $drawn = Drawn::of($call, $lineup->count, $lineup->strong);
        if ($drawn->rolls === null) {
            return null;
        }
        foreach (Recognition::all($drawn) as ['family' => $family]) {
            if ($family->from !== null) {
                $draft = new CallDraft();
                $draft->formation = $call->formation;
                $draft->sided = true;
                $draft->motions = $call->motions;
                $draft->drop = $call->drop;
                $draft->situation = $call->situation;
                $draft->protection = $call->protection;
                $draft->fake = $call->fake;
                $draft->families = [
                    ['family' => Families::get($family->from), 'sides' => [$drawn->rolls], 'by' => null],
                ];

                return CallBuilder::build($draft);
            }
        }

        return null;
    }
}
