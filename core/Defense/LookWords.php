<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

/** Writes a look in the words that read back as the same look. */
final class LookWords
{
    private const COUNT = [3 => 'three', 4 => 'four', 5 => 'five', 6 => 'six', 7 => 'seven', 8 => 'eight'];

    public static function of(Look $look): string
    {
        $parts = [$look->front, $look->shell];
        if ($look->shown !== null) {
            $parts[] = "shows {$look->shown}";
        }
        if ($look->rotates !== null) {
            $parts[] = "safety rotates {$look->rotates}";
        }
        foreach ($look->edges as $side) {
            $parts[] = "edge pressure $side";
        }
        if ($look->rushers !== null) {
            $parts[] = self::COUNT[$look->rushers].' rush';
        }
        if ($look->strength !== null) {
            $parts[] = "front to {$look->strength}";
        }
        foreach ($look->techniques as [$technique, $lineman]) {
            $parts[] = "$technique on $lineman";
        }
        foreach ($look->changes as $who => $change) {
            $parts = [...$parts, ...self::change($who, $change)];
        }
        if ($look->motion !== 'bump') {
            $parts[] = "motion {$look->motion}";
        }
        if (! $look->slides) {
            $parts[] = 'front stays';
        }
        if ($look->locks) {
            $parts[] = 'men locked';
        }

        return implode(', ', $parts);
    }

    /** @return list<string> */
    private static function change(string $who, Change $change): array
    {
        $said = [];
        foreach ($change->leverage as $word) {
            $said[] = "$who $word".($word === 'off' && $change->offYd !== null ? ' '.self::number($change->offYd) : '');
        }
        if ($change->offYd !== null && ! in_array('off', $change->leverage, true)) {
            $said[] = "$who off ".self::number($change->offYd);
        }
        if ($change->walked) {
            $said[] = "walked $who";
        }
        if ($change->movement !== null) {
            $said[] = "$who {$change->movement->words()}";
        }
        if ($change->job !== null) {
            $said[] = "$who plays {$change->job}".($change->on === null ? '' : " on {$change->on}");
        }
        if ($change->reaction !== null) {
            $said[] = "$who reacts in ".self::number($change->reaction).' s';
        }
        if ($change->counted !== null) {
            $said[] = "$who counted {$change->counted}";
        }
        if ($change->spot !== null) {
            $said[] = "$who at ".self::number($change->spot[0]).' '.self::number($change->spot[1]);
        }

        return $said;
    }

    private static function number(float $n): string
    {
        return rtrim(rtrim(sprintf('%.2f', $n), '0'), '.');
    }
}
