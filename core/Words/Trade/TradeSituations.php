<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade;

/**
 * A situation said without the bar: of several parts before the call, "3rd & 6, +40, L hash, gun 2x2 mesh", or inside
 * it, "gun 2x2 right 3rd & 8: smash". Common practice.
 */
final class TradeSituations
{
    private const DOWN =
        '(?:[1-4](?:st|nd|rd|th)?|first|second|third|fourth)\s*(?:&|and)\s*(?:\d{1,2}|goal|long|short|inches)\b';

    private const ORDER = ['first' => '1st', 'second' => '2nd', 'third' => '3rd', 'fourth' => '4th'];

    private const PLACE = 'goal line|red zone|backed up|coming out|two[ -]point|2[ -]?p(?:oin)?t';

    private const SPOT = '\d{1,2}[ -]?(?:yd|yard)[ -]?line\b'
        .'|(?:(?:ball\s+)?(?:@|\bat|\bon|\bfrom)\s*(?:the\s+)?)?(?:[+-]|(?:our|own|their'
        .'|opp)\s+)\d{1,2}\b';

    /** A yard line without a half is theirs; it needs a word before it, since a number alone is many things. */
    private const BARE_SPOT = '(?:ball\s+)?(?:@|\bat|\bon|\bfrom)\s*(?:the\s+)?\d{1,2}\b'
        .'(?!\s*p(?:ers(?:onnel)?)?\b)';

    private const HASH = '(?:left|right|middle|[lrm])[ -]hash\b';

    /** With no more than this to the goal line it is first and goal, yards. */
    private const TO_GO = 10;

    /** The down in words or joined by strokes, and the hash inside the call. */
    private const DOWNS = [
        '^(\s*[1-4](?:st|nd|rd|th))-(and|&)-' => '$1 $2 ',
        '^(\s*)(?:gl|g\/l)\s*[,:|]' => '$1goal line:',
        '^\s*first\s+(and|&)\s' => '1st $1 ',
        '^\s*second\s+(and|&)\s' => '2nd $1 ',
        '^\s*third\s+(and|&)\s' => '3rd $1 ',
        '^\s*fourth\s+(and|&)\s' => '4th $1 ',
        '^(\s*[1-4](?:st|nd|rd|th)\s*(?:&|and)[^:|]*?\bhash)\s*:' => '$1 |',
        '^([^|:]+?)\s*(?:@|,|\bat|\bon|\bfrom)?\s*(?:the\s+)?(left|right)\s+hash\s*:' => '$2 hash | $1:',
    ];

    private const HASHES = ['l' => 'left', 'r' => 'right', 'm' => 'middle'];

    /** The situation divided off by a bar; as it was where fewer than two parts of one are said. */
    public static function before(string $words): string
    {
        if (str_contains($words, '|')) {
            return $words;
        }
        $item = '/^\s*(?:('.self::DOWN.')|('.self::PLACE.')(?![\w-])|('.self::SPOT.'|'.self::BARE_SPOT.')|('.self::HASH
            .'))\s*[,;:]?\s*/i';
        $said = [];
        $rest = $words;
        while (preg_match($item, $rest, $m) === 1) {
            $said[] = match (true) {
                $m[1] !== '' => strtr(strtolower($m[1]), self::ORDER),
                ($m[2] ?? '') !== '' => $m[2],
                ($m[3] ?? '') !== '' => 'ball on '.self::spot($m[3]),
                default => self::HASHES[strtolower($m[4][0] ?? 'm')].' hash',
            };
            $rest = substr($rest, strlen($m[0]));
        }
        $alone = count($said) === 1 && str_starts_with($said[0], 'ball on ');
        if ($alone && (int) substr($said[0], 9) <= self::TO_GO && str_contains($said[0], '+')) {
            array_unshift($said, '1st & goal');
            $rest = preg_replace('/^goal\s+(?!line)/i', '', $rest) ?? $rest;
        }

        return $rest === '' || (count($said) < 2 && ! $alone) ? $words : implode(', ', $said)." | $rest";
    }

    /** "gun 2x2 right 3rd & 8: ..." says the down inside the call. */
    public static function inside(string $words): string
    {
        if (str_contains($words, '|')) {
            return $words;
        }
        $place = '/^\s*(goal line|red zone|backed up|coming out|two[ -]point|2[ -]?p(?:oin)?t|(?:left|right) hash)'
            .'(?:\s*[,:]\s*|\s+(?=(?:'.TradeSets::PLACES.'|{set})\b))/i';
        $spot = '(?:\s*(?:@|\bat|\bon)\s*(?:the\s+)?(?:[+-]|own\s+|their\s+)?\d+)?';
        $words = Phrases::rewritten($words, self::DOWNS);
        if (str_contains($words, '|')) {
            return $words;
        }
        $said = "([1-4](?:st|nd|rd|th)\s*(?:&|and)\s*(?:\d+|goal|long|short|inches)$spot)";
        // What stands first may end in a colon; inside the call that is the call's own.
        $placed = preg_replace([Phrases::filled($place), "/^\s*$said\s*[:;]\s*/i"], '$1 | ', $words) ?? $words;
        $down = "/,?\s*\b$said,?/i";
        if ($placed !== $words || preg_match($down, $words, $m) !== 1) {
            return $placed;
        }
        $m[1] = str_replace('@', ' at ', $m[1]);

        return "$m[1] | ".trim(preg_replace($down, '', $words, 1) ?? $words);
    }

    private static function spot(string $said): string
    {
        preg_match('/([+-]|our|own|their|opp)?\s*(\d{1,2})(?:[ -]?(?:yd|yard)[ -]?line)?$/i', trim($said), $m);

        return (in_array(strtolower($m[1] ?? ''), ['-', 'our', 'own'], true) ? '-' : '+').($m[2] ?? '');
    }
}
