<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade;

use Jacotaxis\Core\Concept\Families\Families;

/**
 * The order and the glue of a call as coaches say it, in that of the language: the situation inside the call, a motion
 * after a colon of its own, the set before the quarterback's place, two routes joined by a stroke. Common practice.
 */
final class TradeOrder
{
    /** Words that add nothing to what they follow, and what is written in other ways. */
    private const GLUE = [
        ',\s*(?:2|two)[ -]man\s+(?:shots?|routes?)\s*:' => ':',
        '\b(?:(?:double|dbl) moves?\s*[:,]|(?:concept|(?<!option )routes?|combos?|(?<!back )pass)\b(?!'
            .'\s+(?:off|of)\b))' => '',
        '^\s*(?:2|two)[ -]man\s+(?:shots?|routes?)\s*[:,]\s*' => '',
        '\bw\/\s*' => 'with ',
        // Man on man the back looks through in any case.
        '(\b(?:bob|big on big)\b[^,;:]*?)\s*,?\s+(?:with\s+)?(?:the\s+)?(?:rb|r|back)\s+scan(?:s|ning)?\b' => '$1',
        '\bback side\b' => 'backside',
        '\bhard\s+(?=pa\b|play[ -]action)' => '',
        // "counter left from gun" says where the passer stands, and no set.
        '^([^:|]+?)\s+(?:from|out of)\s+(gun|shotgun|pistol)\s*(?=,|$)' => '$2: $1',
    ];

    /** What is joined by an "and" and begins a part of its own. */
    private const JOINED = [
        '(?<!front )(?<!set )\bto\s+(?:the\s+)?(?=(?:left|right|rt|lt|field|boundary)\b)' => '',
        '(?<!\s)(?<!\b[xyzhrf])\s*(?:&|\band\b)\s*(?={man}\s+(?!&|and\b|\/)[a-z])' => ', ',
        '({said run}\s+{side})\s*(?:&|\band\b)\s*(?=[a-z])' => '$1, ',
        '\bboth\s+(outside|inside)s?\b(?!\s+zone)' => '$1s',
        '(?<=:)\s*((?:the\s+)?rest\s+[^,;:]+)\s*[,;]\s*([^:]+)$' => ' $2, $1',
        '\ball\s+(?=(?:four|4)\s+vert)' => '',
        '(?<!outside )(?<!inside )(?<!sides )(?<!both )(?<!guys )(?<!men )\b(\d{1,2})\s*(?:yds?|yards?)'
            .'\s+(curl|hitch|comeback)(?:es|s)\b(?:\s+both\s+sides)?' => ', everybody $2 $1',
        '(?<!outside )(?<!inside )(?<!sides )(?<!both )(?<!guys )(?<!men )\b(\d{1,2})\s*(?:yds?|yards?)'
            .'\s+outs\b(?:\s+both\s+sides)?' => ', #1 both out $1',
        '({plain run}(?:\s+{side})?[^:]*?)\s*[,;]\s*(?:q|qb|quarterback)\s+(?:boots?|fakes?|rolls?|carries\s+out)'
            .'(?:\s+(?:the\s+|his\s+)?(?:fake|boot|out))*(?:\s+{side})?{end}' => '$1',
        '{man}\s+goes\s+across\b' => '$1 across',
        '^\s*([xyzh]\s+(?:across|shift(?:s|\s+{side})?))\s*,\s*({formation})\s*[:,]' => '$2, $1:',
        '\b(?:h|r)\s+pass(?=\s+(?:{side}|off)\b)' => 'hb pass',
        '((?:bubble|now|tunnel|slip|swing)\s+screen(?:\s+{side})?)\s*,\s*(?:to\s+)?([xyzhr])\s*$' => '$2 $1',
        '^({formation}(?:\s+[5-8][ -]man(?:\s+pro\w*)?|\s+max)?)\s*,\s*(?=[xyzhrf]\s+(?:blocks?|stays?'
            .'|chips?|in)\b[^:]*$)' => '$1: ',
        '{man}\s+chips?\s+(?:the\s+)?(?:end|de|edge|rusher)?\s*(?:,|&|\band\b|\bthen\b)*\s*'
            .'(?:goes\s+|runs\s+|releases\s+)?'
            .'(?:to\s+(?:the\s+)?)?(?={route})' => '$1 chip ',
        // Of power and counter the backside guard pulls in any case.
        '\s*[,;]\s*(?:the\s+)?(?:back\s?side|bs)\s+(?:g|guard)\s+pulls?{end}' => '',
    ];

    private const AFTER = [
        '^(\s*(?:[^|]*\|)?\s*)under(?=\s+(?!c)\w)' => '$1under center',
        // Who gets the ball may be said before or after "end around".
        '\bend around\s+(?:by\s+)?([xyzhr])\b' => '$1 end around',
        // A lead that nobody is told to make is the run.
        '(?<=right|left|field|boundary|[:,]|\brt|\blt)\s+lead(?=\s+{side}|\s*$)' => ' iso',
        '\bstick\s+(?:by\s+|to\s+)?([yh]){end}' => '$1 sit',
        // What the man of a stick runs.
        '{man}\s+stick\b' => '$1 sit',
        '(#\d(?:\s+(?:right|left))?)\s+stick\b' => '$1 sit',
        // "Y under" is a route, "under center" is not.
        '{man}\s+under\b(?!\s+c)' => '$1 shallow',
    ];

    /** @param  list<string>  $phrases  what a coach may say for a family, in lower case with spaces */
    public static function of(string $words, array $phrases): string
    {
        $words = preg_replace("/(?<!\w)'|'(?!\w)/", '', $words) ?? $words;
        $words = TradeSituations::before(Phrases::rewritten($words, self::JOINED));
        $words = TradePlaces::signs(Phrases::rewritten($words, ['{man}-(?=[a-z]{3})' => '$1 ']));
        $words = Phrases::rewritten(TradeTricks::named(self::joined($words, $phrases)), TradeRuns::BEFORE);
        $words = Phrases::rewritten($words, [...self::GLUE, ...TradeRoutes::MEN]);
        $words = Phrases::rewritten(TradeSituations::inside($words), TradeRoutes::NUMBERS);
        $words = Phrases::rewritten(self::formationFirst($words), TradeMotions::RULES);
        foreach ([TradeSets::RULES, TradeRoutes::RULES, TradeRuns::RULES] as $rules) {
            $words = Phrases::rewritten($words, $rules);
        }

        return Phrases::rewritten(self::oneColon($words), self::AFTER);
    }

    /**
     * "hitch/seam" and "curl & flat" are one family where it has such a name.
     *
     * @param  list<string>  $phrases
     */
    private static function joined(string $words, array $phrases): string
    {
        $two = '#\b(\w+)\s*(?:/|&|\band\b)\s*(\w+)\b#i';

        return preg_replace_callback($two, function (array $m) use ($phrases): string {
            $said = strtolower("$m[1] $m[2]");
            // What is joined by a word may say the men from the outside in: only a family's own name is meant.
            $known = str_contains($m[0], '/')
                ? in_array($said, $phrases, true)
                : isset(Families::all()[str_replace(' ', '-', $said)]);

            return $known ? "$m[1] $m[2]" : $m[0];
        }, $words) ?? $words;
    }

    /** "X slant, Z hitch gun 2x2" and "sprint right, gun trips right: flood" say the formation last or second. */
    private static function formationFirst(string $words): string
    {
        [$situation, $call] = str_contains($words, '|') ? explode('|', $words, 2) : ['', $words];
        $places = TradeSets::PLACES;
        if (preg_match("/^\s*[xyzhrf]\s+\w[^:]*?[,;\s]\s*((?:$places)\s[\w ]+)$/i", $call, $m) === 1) {
            $routes = rtrim(substr($call, 0, -strlen($m[1])), ' ,;');
            $call = " $m[1]: $routes";
        }
        $roll = '(?:(?:sprint(?:[ -]?out)?|roll(?:[ -]?out)?|half[ -]boot)\s+(?:right|left|rt|lt)|flicker|back pass)';
        $call = preg_replace("/^\s*($roll)\s*,\s*([^:]+):/i", ' $2, $1:', $call) ?? $call;
        $standing = Phrases::filled("(?:(?:$places)\\s|{set}\\b)[^:,]+");
        $call = preg_replace("/^\s*($roll)\s*,\s*($standing),\s*([^:]+)$/i", ' $2, $1: $3', $call) ?? $call;
        // "gun trips right stick, 3 step" says the drop last, "trips left flood, roll left" the roll.
        $set = Phrases::filled("(?:(?:$places)\\s+)?{set}(?:\\s+{side})?");
        $drop = '(?:[1357]|one|three|five|seven)[ -]?steps?(?:\s+drop)?';
        $last = "/^\s*($set)[\s,:]+(?!(?:right|left|rt|lt)\s*[,;])([^:]+?)\s*[,;]\s*($drop|$roll)\s*$/i";
        $call = preg_replace($last, '$1, $3: $2', $call) ?? $call;
        // "mesh, 5 step, R checks" says it between the routes.
        $between = "/^\s*($set)[\s,:]+(?!(?:right|left|rt|lt)\s*[,;])([^,:]+?)\s*,\s*($drop)\s*,\s*([^:]+)$/i";
        $call = preg_replace($between, '$1, $3: $2, $4', $call) ?? $call;
        // "trips right, flood sprint right" says it in the breath of the routes.
        $said = "(?:(?:$places)\\s+)?{set}(?:\\s+{side})?";
        $breath = Phrases::filled("/^($said)\\s*[,:]\\s*([^,:;]+?)\\s+($roll)\\s*$/i");
        $call = preg_replace($breath, '$1, $3: $2', ltrim($call)) ?? $call;
        // "gun trips right, flood, sprint right" says the roll last.
        $call = preg_replace("/^([^:,]+),\s*([^:,]+),\s*($roll)\s*$/i", '$1, $3: $2', $call) ?? $call;

        return $situation === '' ? ltrim($call) : "$situation|$call";
    }

    /** Of two colons the first stands after the set, before a motion or a protection. */
    private static function oneColon(string $words): string
    {
        $words = preg_replace('/:\s*,(?=[^:|]*:)/', ',', $words) ?? $words;
        $bare = preg_replace('/\brpo\s*:/i', 'rpo', $words) ?? $words;
        if (substr_count($bare, ':') < 2) {
            return $words;
        }

        return preg_replace(
            '/:(?=\s*[xyzhrf]\s+(?:'.TradeMotions::KINDS.')\b[^:]*:)/i',
            ',',
            $words,
            1,
        ) ?? $words;
    }
}
