<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Deciding;

use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Run\RunKey;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Proven;

/**
 * What the men who decide a call can do against a look, as it is charted: the keys first, then whoever can take the
 * ball.
 */
final class Choices
{
    private const BY_RULE = 'by rule';

    /** @return list<array{defender: string, name: string}> */
    public static function of(Proven $proof): array
    {
        $men = match (true) {
            $proof instanceof RunProof => $proof->keys,
            $proof instanceof Proof => $proof->deciding(),
            default => [],
        };
        $choices = [];
        foreach ($men as $man) {
            foreach (self::names($man) as $name) {
                $choices[] = ['defender' => $man->role, 'name' => $name];
            }
        }

        return array_values(array_unique($choices, SORT_REGULAR));
    }

    /** @return list<string> */
    private static function names(Key|RunKey $man): array
    {
        $names = [];
        foreach ($man->acts as ['act' => $act]) {
            if ($act->isChoice() && $act->name !== self::BY_RULE) {
                $names[] = $act->name;
            }
        }

        return $names;
    }
}
