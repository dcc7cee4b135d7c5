<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade;

use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Words\DefenderWords;

/** How words are put over for others: the longest first, a phrase that means itself left as it is. */
final class Phrases
{
    /** @var array<string, string>|null what the names in a pattern stand for */
    private static ?array $names = null;

    /**
     * Words under rules, one after the other: a pattern and what stands in its place. In a pattern {side} is a side as
     * it is written, {man} a receiver's or back's letter, {defender} any word for a defender, {run} a run,
     * {plain run} one that is no screen, {said run} a run and
     * {set} a set by any of its names, {formation} a set with where the quarterback stands and its side, {route} a
     * route, {end} the end of a part.
     *
     * @param  array<string, string>  $rules
     */
    public static function rewritten(string $words, array $rules): string
    {
        foreach ($rules as $pattern => $put) {
            $words = preg_replace('/'.self::filled($pattern).'/i', $put, $words) ?? $words;
        }

        return $words;
    }

    /** A pattern with its names filled in. */
    public static function filled(string $pattern): string
    {
        if (! str_contains($pattern, '{')) {
            return $pattern;
        }
        self::$names ??= [
            '{side}' => '(?:right|left|rt|lt|field|boundary|strong|weak|wk)\b',
            '{man}' => '\b([xyzhrf])',
            '{defender}' => '\b('.self::anyOf(DefenderWords::known()).')',
            '{run}' => '(?:'.self::runs(Schemes::names()).')\b',
            '{plain run}' => '(?:'.self::runs(array_filter(
                Schemes::names(),
                fn (string $run): bool => Schemes::get($run)->screen === null,
            )).')\b',
            '{said run}' => '(?:'.self::runs(TradeCalls::runs()).')\b',
            '{set}' => '(?:'.TradeCalls::sets().')',
            '{formation}' => '(?:(?:'.TradeSets::PLACES.')\s+)?(?:'.TradeCalls::sets().')'
                .'(?:\s+(?:right|left|rt|lt|field|boundary|strong|weak)\b)?',
            '{route}' => '(?:'.self::runs(TradeCalls::routes()).'|square[ -]in)',
            '{end}' => '\s*(?=[,:;]|$)',
        ];

        return strtr($pattern, self::$names);
    }

    /** @param  list<string>  $phrases */
    public static function anyOf(array $phrases): string
    {
        return implode('|', array_map(fn (string $p): string => preg_quote($p, '/'), $phrases));
    }

    /** Signs and units coaches write: "@ 6", "6 yds", "Z slant / H flat". */
    public static function plain(string $words): string
    {
        $words = str_replace(['@', '’', '"'], [' at ', "'", ''], $words);
        $words = preg_replace('#\bw/(?!o)\s*#i', 'with ', $words) ?? $words;
        $words = preg_replace('/(?<=\d)\s*(?:yds?|yards?)\b\.?/i', '', $words) ?? $words;
        $words = preg_replace('/(?<!front )(?<!set )\bto (?:the (left|right|rt|lt)|(?:the )?(field'
            .'|boundary))\b/i', '$1$2', $words)
            ?? $words;

        $words = preg_replace('/\s+[-–]\s+/u', ', ', $words) ?? $words;

        return preg_replace('#\s*(?:/|\+(?!\d))\s*#', ', ', $words) ?? $words;
    }

    /** Right and left as they are written; RT and LT stay the tackles where one is given a job or stood on. */
    public static function sides(string $words): string
    {
        return preg_replace_callback(
            '/(?<![\w#-])(rt|lt|rgt)\b\.?/i',
            function (array $m) use ($words): string {
                [$word, $at] = $m[0];
                $before = rtrim(substr($words, 0, $at));
                // A part begins with a man, never with a side.
                $isTackle = preg_match('/(?:[:;,]|\bon)$/i', $before) === 1;

                return match (true) {
                    $isTackle => $word,
                    strtolower($word[0]) === 'r' => 'right',
                    default => 'left',
                };
            },
            $words,
            flags: PREG_OFFSET_CAPTURE,
        ) ?? $words;
    }

    /**
     * Runs as a pattern, the longest first.
     *
     * @param  array<int, string>  $names
     */
    public static function runs(array $names): string
    {
        $runs = array_map(fn (string $r): string => str_replace(' ', '[ -]', preg_quote($r, '/')), $names);
        usort($runs, fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return implode('|', $runs);
    }

    public static function clean(string $words): string
    {
        $words = preg_replace('/(?:\s*,\s*)+/', ', ', $words) ?? $words;

        return trim($words, ", \t");
    }
}
