<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Run;

use Jacotaxis\Core\Proof\Run\RunProof;

/** Hats at the point of attack: blockers who get there against defenders who are there and not read. */
final class Hats
{
    /** The point reaches this far to either side of the lane, and this far back, yards. */
    private const WIDE_YD = 3.0;

    private const DEEP_YD = 7.5;

    /** @return array{ours: int, theirs: int, words: string} */
    public static function of(RunProof $proof): array
    {
        $carrier = $proof->carriers[$proof->ruleTrue->action] ?? array_values($proof->carriers)[0];
        $x = $carrier->path->x[$carrier->stepPast(0.0)];
        $read = array_column($proof->resolved->keys, 'role');
        $ours = $theirs = 0;
        foreach ($proof->resolved->front->men as $role => $d) {
            if (abs($d->xYd - $x) > self::WIDE_YD || $d->yYd > self::DEEP_YD || in_array($role, $read, true)) {
                continue;
            }
            $theirs++;
            foreach ($proof->resolved->blockersOf($role) as $letter) {
                $ours += ($proof->made[$letter]->makeable ?? true) !== false ? 1 : 0;
            }
        }
        $words =
            $theirs === 0
                ? 'nobody is there'
                : "$ours on $theirs at the point".
                    match (true) {
                        $ours > $theirs => ', '.($ours - $theirs).' to spare',
                        $ours < $theirs => ', '.($theirs - $ours).' too many',
                        default => '',
                    };

        return ['ours' => $ours, 'theirs' => $theirs, 'words' => $words];
    }
}
