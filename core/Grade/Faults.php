<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

/** The faults and praise a coach can name with one key, by group; labels of the fault library (FLT, PRS). */
final class Faults
{
    private const GROUPS = [
        'receivers' => ['wrong depth', 'rounded break', 'drifts back', 'late head', 'extra steps at the top', 'ran into coverage', 'drop', 'right route, no ball'],
        'quarterback' => ['late, held', 'decided early', 'forced', 'skipped open read', 'placement', 'extra movement', 'fast off a dead read'],
        'line' => ['soft, high', 'lost the block', 'wrong man', 'pass set too deep', 'helped a neighbor'],
    ];

    /** @return list<string> labels for a man, by his letter */
    public static function for(string $letter): array
    {
        return self::GROUPS[match (true) {
            $letter === 'Q' => 'quarterback',
            in_array($letter, ['LT', 'LG', 'C', 'RG', 'RT'], true) => 'line',
            default => 'receivers',
        }];
    }
}
