<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\OutOfField;
use Jacotaxis\Core\Field\Situation;

/** Reads "2nd & 6, ball on -35, left hash" (minus: own half). */
final class SituationParser
{
    /** @throws NotUnderstood */
    public static function parse(string $words, Situation $else): Situation
    {
        $down = $else->down;
        $toGo = $else->toGoYd;
        $ballOn = $else->ballOnYd;
        $hash = $else->hash;
        foreach (preg_split('/\s*,\s*/', trim(mb_strtolower($words)), flags: PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
            if (preg_match('/^(\d)(?:st|nd|rd|th)?\s*(?:&|and)\s*(\d+(?:\.\d+)?|goal)$/', $part, $m)) {
                $down = (int) $m[1];
                $toGo = $m[2] === 'goal' ? null : (float) $m[2];
            } elseif (preg_match('/^ball\s+on\s+(?:the\s+)?([+-]?)(\d+(?:\.\d+)?)$/', $part, $m)) {
                $ballOn = $m[1] === '-' ? (float) $m[2] : 100.0 - (float) $m[2];
            } elseif (preg_match('/^(?:ball\s+on\s+)?(?:the\s+)?(left|right|middle)(?:\s+hash)?$/', $part, $m)) {
                $hash = Hash::from($m[1]);
            } else {
                throw NotUnderstood::word($part, 'situation', [
                    '1st & 10',
                    '2nd & 6',
                    'ball on -35',
                    'left hash',
                    'right hash',
                    'middle',
                ]);
            }
        }
        try {
            return Situation::of($else->rules, $hash, $down, $toGo ?? 100.0 - $ballOn, $ballOn);
        } catch (OutOfField $e) {
            throw NotUnderstood::because($e->getMessage(), trim($words));
        }
    }

    /** The words of a situation. */
    public static function words(Situation $s): string
    {
        $order = ['', '1st', '2nd', '3rd', '4th'][$s->down];
        $spot = $s->ballOnYd <= 50.0 ? '-'.self::number($s->ballOnYd) : self::number(100.0 - $s->ballOnYd);

        return "$order & ".
            self::number($s->toGoYd).
            ", ball on $spot, ".
            ($s->hash === Hash::Middle ? 'middle' : "{$s->hash->value} hash");
    }

    private static function number(float $yd): string
    {
        return rtrim(rtrim(sprintf('%.1f', $yd), '0'), '.');
    }
}
