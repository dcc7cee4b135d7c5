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
    private const SAYS_NOTHING = '/\b(?:double moves?\s*:|(?:concept|routes?|(?<!back )pass)\b(?!\s+(?:off|of)\b))/i';

    /** @param  list<string>  $phrases  what a coach may say for a family, in lower case with spaces */
    public static function of(string $words, array $phrases): string
    {
        $words = preg_replace('/\b([xyzhrf])-(?=[a-z]{3})/i', '$1 ', $words) ?? $words;
        $words = TradeTricks::named(self::joined($words, $phrases));
        $words = preg_replace(self::SAYS_NOTHING, '', $words) ?? $words;
        $words = self::formationFirst(self::byNumber(self::situationFirst($words)));
        // "H motion jet left" and "jet motion" are one motion.
        $words = preg_replace('/\b([xyzhrf])\s+motion\s+('.self::MOTIONS.')\b/i', '$1 $2', $words) ?? $words;
        // A motion of which only the way is said goes there and sets.
        $words = preg_replace('/\b([xyzhrf])\s+motion\s+(?=right|left|rt|lt)/i', '$1 shift ', $words) ?? $words;
        $words = preg_replace('/\b([xyzhrf])\s+(?:motions?\s+)?across(?=\s*[,:;])/i', '$1 shift', $words) ?? $words;
        $words = preg_replace('/\btrips\s+(right|left|rt|lt)\s+open\b/i', 'trips $1', $words) ?? $words;
        $words = preg_replace('/\btrips\s+(right|left|rt|lt)\s+closed\b/i', 'trey $1', $words) ?? $words;
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
        if (str_contains($words, '|')) {
            return $words;
        }
        $place = '/^\s*(goal line|red zone|backed up|coming out|two[ -]point|2[ -]?p(?:oin)?t)\s*[,:]\s*/i';
        $placed = preg_replace($place, '$1 | ', $words) ?? $words;
        $spot = '(?:\s*(?:@|\bat|\bon)\s*(?:the\s+)?(?:[+-]|own\s+|their\s+)?\d+)?';
        $down = "/,?\s*\b([1-4](?:st|nd|rd|th)\s*(?:&|and)\s*(?:\d+|goal|long|short|inches)$spot),?/i";
        if ($placed !== $words || preg_match($down, $words, $m) !== 1) {
            return $placed;
        }
        $m[1] = str_replace('@', ' at ', $m[1]);

        return "$m[1] | ".trim(preg_replace($down, '', $words, 1) ?? $words);
    }

    /** "outside go, inside seam", "#1 go both": by number on both sides, each said for itself. */
    private static function byNumber(string $words): string
    {
        $men = ['outsides?(?:\s+(?:receivers?|wrs?|men))?' => '#1', 'insides?(?:\s+(?:receivers?|men))?|slots' => '#2'];
        foreach ($men as $said => $number) {
            $words = preg_replace("/(?<=[:;,])\s*(?:$said)\s+(?!zone|release|veer)(?=\w)/i", " $number both ", $words) ?? $words;
        }
        $each = fn (array $m): string => "$m[1] right $m[2]; $m[1] left $m[2]";
        $words = preg_replace_callback('/(#\d)\s+both\s+([^;,|]+?)\s*(?=[;,]|$)/i', $each, $words) ?? $words;

        return preg_replace_callback('/(#\d)\s+([\w -]+?)\s+both\s*(?=[;,]|$)/i', $each, $words) ?? $words;
    }

    /** "X slant, Z hitch gun 2x2" and "sprint right, gun trips right: flood" say the formation last or second. */
    private static function formationFirst(string $words): string
    {
        [$situation, $call] = str_contains($words, '|') ? explode('|', $words, 2) : ['', $words];
        $places = 'gun|shotgun|pistol|under center|under ctr|uc';
        if (preg_match("/^\s*[xyzhrf]\s+\w[^:]*?[,;\s]\s*((?:$places)\s[\w ]+)$/i", $call, $m) === 1) {
            $routes = rtrim(substr($call, 0, -strlen($m[1])), ' ,;');
            $call = " $m[1]: $routes";
        }
        $roll = '(?:sprint(?:[ -]?out)?|roll(?:[ -]?out)?|half[ -]boot)\s+(?:right|left|rt|lt)';
        $call = preg_replace("/^\s*($roll)\s*,\s*([^:]+):/i", ' $2, $1:', $call) ?? $call;

        return $situation === '' ? ltrim($call) : "$situation|$call";
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
