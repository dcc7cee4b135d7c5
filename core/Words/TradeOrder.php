<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

/**
 * The order and the glue of a call as coaches say it, in that of the language: the situation inside the call, a motion
 * after a colon of its own, the set before the quarterback's place, two routes joined by a stroke. Common practice.
 */
final class TradeOrder
{
    private const MOTIONS = 'jet|fly|orbit|short|return|trade|fast';

    /** Words that add nothing to what they follow. */
    private const SAYS_NOTHING = '/\b(?:concept|routes?|(?<!back )pass)\b(?!\s+(?:off|of)\b)/i';

    /** @param  list<string>  $phrases  what a coach may say for a family, in lower case with spaces */
    public static function of(string $words, array $phrases): string
    {
        $words = TradeTricks::named(self::joined($words, $phrases));
        $words = preg_replace(self::SAYS_NOTHING, '', $words) ?? $words;
        $words = self::situationFirst($words);
        // "H motion jet left" and "jet motion" are one motion.
        $words = preg_replace('/\b([xyzhrf])\s+motion\s+('.self::MOTIONS.')\b/i', '$1 $2', $words) ?? $words;
        $words = self::oneColon($words);
        $words = preg_replace('/^(\s*(?:[^|]*\|)?\s*)under(?=\s+(?!c)\w)/i', '$1under center', $words) ?? $words;
        // Who gets the ball may be said before or after "end around".
        $words = preg_replace('/\bend around\s+(?:by\s+)?([xyzhr])\b/i', '$1 end around', $words) ?? $words;
        // A lead that nobody is told to make is the run.
        $words = preg_replace('/(?<=right|left|field|boundary|[:,]|\brt|\blt)\s+lead(?=\s+(?:right|left|rt|lt|strong|weak)\b|\s*$)/i', ' iso', $words) ?? $words;

        // What the man of a stick runs.
        $words = preg_replace('/\b([xyzhrf])\s+stick\b/i', '$1 sit', $words) ?? $words;

        // "Y under" is a route, "under center" is not.
        return preg_replace('/\b([xyzhrf])\s+under\b(?!\s+c)/i', '$1 shallow', $words) ?? $words;
    }

    /** "hitch/seam" is one family where it has such a name. @param  list<string>  $phrases */
    private static function joined(string $words, array $phrases): string
    {
        return preg_replace_callback('#\b(\w+)\s*/\s*(\w+)\b#', function (array $m) use ($phrases): string {
            $said = strtolower("$m[1] $m[2]");

            return in_array($said, $phrases, true) ? "$m[1] $m[2]" : $m[0];
        }, $words) ?? $words;
    }

    /** "gun 2x2 right 3rd & 8: ..." says the down inside the call. */
    private static function situationFirst(string $words): string
    {
        $down = '/,?\s*\b([1-4](?:st|nd|rd|th)\s*(?:&|and)\s*(?:\d+|goal|long|short|inches)),?/i';
        if (str_contains($words, '|') || preg_match($down, $words, $m) !== 1) {
            return $words;
        }

        return "$m[1] | ".trim(preg_replace($down, '', $words, 1) ?? $words);
    }

    /** Of two colons the first stands after the set, before a motion or a protection. */
    private static function oneColon(string $words): string
    {
        $bare = preg_replace('/\brpo\s*:/i', 'rpo', $words) ?? $words;
        if (substr_count($bare, ':') < 2) {
            return $words;
        }

        return preg_replace(
            '/:(?=\s*[xyzhrf]\s+(?:'.self::MOTIONS.')\b[^:]*:)/i',
            ',',
            $words,
            1,
        ) ?? $words;
    }
}
