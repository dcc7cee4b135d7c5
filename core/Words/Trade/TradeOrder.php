<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade;

/**
 * The order and the glue of a call as coaches say it, in that of the language: the situation inside the call, a motion
 * after a colon of its own, the set before the quarterback's place, two routes joined by a stroke. Common practice.
 */
final class TradeOrder
{
    private const MOTIONS = 'jet|fly|orbit|short|return|trade|fast';

    /** Words that add nothing to what they follow, and what is written in other ways. */
    private const GLUE = [
        '\b(?:double moves?\s*[:,]|(?:concept|routes?|(?<!back )pass)\b(?!\s+(?:off|of)\b))' => '',
        '\bw\/\s*' => 'with ',
        '(?:[,;:]|\bwith)\s*bubbles\b' => ', #2 both bubble',
        '\b(?:inside\s+)?zone\s+({side})\s*,?\s*(?:with\s+)?(?:an?\s+)?slice\b' => 'split zone $1',
        '^(\s*(?:gun|shotgun|pistol|under center|uc)?)\s*(\d\d)\s*(?:p|pers|personnel)\b\.?\s*,?\s*' => '$2 personnel $1 ',
        '\binto\s+(?:the\s+)?(?=(?:field|boundary)\b)' => '',
        // Which side of the field a side is, the ball's spot says.
        '(?<=right|left|rt|lt)\s+(?:field|boundary)(?=\s*[,:;])' => '',
        '^(\s*(?:under center\s+)?)t(?=\s+(?:right|left|rt|lt)\b|\s*:)' => '$1full house',
        '^(\s*(?:(?:gun|shotgun|pistol|under center|uc)\s+)?)({side})\s+(2x2|3x1|doubles|trips|trey|bunch|stack|empty|quads|ace|wing)\b' => '$1$3 $2',
        '(?<=[:,;])\s*(?:te|tight end)\s+(?!screen)(?=[a-z])' => ' Y ',
        '({run})\s+(bluff|arc)\s+({side})' => '$1 $3 $2',
        '(?<!half[ -])(?<!full[ -])(?<=[,\s])slide\s+(?={side}\s*:)' => 'half-slide ',
        '(?<=:)\s*wrap(?=\s+{side})' => ' dart',
        '\b(?:rb|hb|tb)(?=\s+(?!screen|slip|draw|pass)\w)' => 'R',
        '\bwr\s+(?=tunnel|bubble|now)' => '',
        // "man pro", "7 man protection"
        '(?<=\bman|slide|scat|max|\bbob|on big)\s+pro(?:tection)?\b' => '',
        // "X iso" beside a set says that he stands alone, which the set does.
        '(?<=right|left|rt|lt)\s*,?\s+[xyzh]\s+iso(?:lated)?(?=\s*[:,;])' => '',
        '\b(?:spread\s+doubles|doubles\s+spread|2x2\s+(?:spread|doubles)|(?:spread|doubles)\s+2x2)\b' => '2x2',
        '\b(3x1|trips)\s+(?:spread|3x1)\b' => '$1',
        '\b(?:[xyzhrf]\s+)?lead\s+iso\b' => 'iso',
    ];

    /** Routes in the plural, which several men run. */
    private const PLURAL =
        'hitches|slants|outs|flats|seams|curls|digs|posts|corners|gos|goes|comebacks|ins|overs|wheels|fades|shallows|drags';

    /** What is said in another order, or of a man in other words. */
    private const RULES = [
        // "H motion jet left" and "H jet motion left" are one motion.
        '{man}\s+motion\s+('.self::MOTIONS.')\b' => '$1 $2',
        // A motion of which only the way is said goes there and sets.
        '{man}\s+motion\s+(?={side})' => '$1 shift ',
        '{man}\s+(?:motions?\s+)?across(?=\s*[,:;])' => '$1 shift',
        '\b('.self::MOTIONS.')\s+(?:motion\s+)?by\s+([xyzhrf])\b' => '$2 $1',
        '\b('.self::MOTIONS.')\s+motion\s+([xyzhrf])\b' => '$2 $1',
        // A jet needs no word for its motion.
        '(?<=[,:]|right|left)\s*,?\s*(?:jet|fly)\s+motion\s+{side}\s*([,:])\s*(?=(?:jet|fly)\s+sweep)' => '$1 ',
        // "X 6 hitch" says the depth first.
        '{man}\s+(\d{1,2})[ -]?(?:yds?|yards?)?\s+({route})(?=\s*[,;]|\s*$)' => '$1 $3 $2',
        '\b(hitches|slants|curls|outs|comebacks|verticals|verts|gos|goes)\s+(?:by\s+)?(?:all|everybody|everyone)\b' => 'all $1',
        '(?<=[:;,])\s*(?:go\'?s|goes)(?=\s*$)' => ' all go',
        '\ball\s+hitches\b' => 'hitches',
        // What a man does for the protection may stand before the colon.
        '^([^:|]*?)\s*,\s*([xyzhrf])\s+(?:stays?(?:\s+in)?|blocks?|in)\s*:\s*(.+)$' => '$1: $3; $2 stays',
        '\btrips\s+({side})\s+open\b' => 'trips $1',
        // A quarterback's place is said already.
        '\b(gun|pistol|shotgun)\s+(?:1|one)[ -]back\b' => '$1',
        '\bmirrored\s+([\w-]+(?:[ -][\w-]+)?)\s*(?=[,:;]|$)' => '$1 both',
        '\b(tunnel|jailbreak|slip|slow|bubble)\s+to\s+(?:the\s+)?([xyzhrf])\b' => '$2 $1 screen',
        '(?<=:)\s*(?:now|smoke|quick)\s+to\s+(?:the\s+)?([xyzh])\s*$' => ' $1 now screen',
        // Who gets the ball said after the play.
        '\b({run}|(?:bubble|now|tunnel|slip|swing|jailbreak|smoke|slow|quick)(?:\s+screen)?|shovel)\s+to\s+(?:the\s+)?([xyzhrf])\b' => '$2 $1',
        '^([^:]+?),?\s+(?:([xyzhrf])\s+)?jet\s+sweep(?:\s+(?:by\s+)?([xyzhrf]))?(?=\s+{side}\s*$)' => '$1: $2$3 jet',
        // "#1 hitches" is a hitch by each of them.
        '((?:#\d\s+(?:right|left)|\b[xyzhrf]))\s+('.self::PLURAL.')\b' => '$1 $2!',
        'hitches!' => 'hitch',
        'goes!' => 'go',
        's!' => '',
        '{man}\s+(?:backside|frontside|weakside)\s+(?={route})' => '$1 ',
        '\b(arc|bluff|lead|crack|stalk|kick|load|insert|wham)\s+by\s+([xyzhrf])\b' => '$2 $1',
        '\b(?:jet|fly|speed)\s+sweep\s+(?:by\s+|to\s+)?([xyzhrf])\b' => '$1 jet',
        '\balert\s+({route})\s+(?:by\s+)?([xyzhrf])\b' => '$2 $1 alert',
        '\balert\s+([xyzhrf])\s+({route})\b' => '$1 $2 alert',
        '\balert\s+({route})\s+(?:on\s+the\s+)?backside\b' => 'backside #1 $1 alert',
        '\br\s+screen\b' => 'slip screen',
        '{man}\s+snag\b' => '$1 sit',
        '{man}\s+now(?=\s*[,;]|\s*$)' => '$1 now hitch',
        // Who is read is the run's own business where it reads the end.
        '[,;]\s*(?:q|qb|quarterback)\s+reads?\s+(?:the\s+)?(?:backside\s+)?end\s*(?=[,;]|$)' => '',
        '{man}\s+option\b' => '$1 choice',
        '{man}\s+check\s+wide\b' => '$1 check swing',
        '{man}\s+check[ -]?down\b' => '$1 check flat',
        '{man}\s+checks?(?=\s*[,;]|\s*$)' => '$1 check flat',
        '\b([xyzhrf])\s+([xyzhrf])\s+(?={route}\b)' => '$1 & $2 ',
        // Whose jet is faked moves in any case.
        '({side})(\s*[:,])\s*(?:fake\s+jet|jet\s+fake)\s*,\s*(?={run}|\w+\s+zone|zone)' => '$1$2 ',
        '{man}(?:\s+and\s+|\s*&\s*)([xyzhrf])\s+([^,;:]+)' => '$1 $3, $2 $3',
        '\b(jet|orbit)\s+([xyzhrf])(?=\s+{side})' => '$2 $1',
        '\btrips\b([^:,]*),?\s*no\s+backs?\b' => 'empty$1',
        // "X dig, trips stick" names the side by its men.
        '(:[^:]*[,;]\s*)trips\s+(?=[a-z])' => '$1',
        '\btrips\s+({side})\s+closed\b' => 'trey $1',
    ];

    /** The run first, wherever it is said: a fake, an option's kind, a run by the number of its hole. */
    public const RUNS = [
        '\bfake\s+((?:{man}\s+)?{run}(?:\s+{side})?)' => '$1 fake',
        // "zone left, keeper right" and "stretch right boot left" fake that run.
        '(?:\b(?:pa|play[ -]action)\s+)?({run}\s+{side})\s*,?\s+(boot|naked|keeper|bootleg)\s+({side})' => '$1 fake, $2 $3',
        '\bkeeper(?=\s+{side})' => 'naked',
        ':\s*((?:{man}\s+)?{run}(?:\s+{side})?\s+fake)\s*[,;]\s*' => ', $1: ',
        ':\s*rpo\s*:?\s*(?={run})' => ': ',
        '\b(?:pa|play[ -]action)\s+(?=(?:boot|naked|bootleg)\b)' => '',
        '\b(jet|orbit)\s+motion\s+(?:by\s+)?([xyzhrf])\b' => '$2 $1',
        '\bnow(?=\s+{side})' => 'now hitch',
    ];

    private const AFTER = [
        '^(\s*(?:[^|]*\|)?\s*)under(?=\s+(?!c)\w)' => '$1under center',
        // Who gets the ball may be said before or after "end around".
        '\bend around\s+(?:by\s+)?([xyzhr])\b' => '$1 end around',
        // A lead that nobody is told to make is the run.
        '(?<=right|left|field|boundary|[:,]|\brt|\blt)\s+lead(?=\s+{side}|\s*$)' => ' iso',
        // What the man of a stick runs.
        '{man}\s+stick\b' => '$1 sit',
        // "Y under" is a route, "under center" is not.
        '{man}\s+under\b(?!\s+c)' => '$1 shallow',
    ];

    /** Receivers by where they stand, by the number they have. */
    private const NUMBERS = [
        '\bdouble\s+fades?\b' => ': #1 both fade',
        ':\s*:' => ':',
        '(?<=[:;,])\s*outsides?(?:\s+(?:receivers?|wrs?|men))?\s+(?!zone|release|veer)(?=\w)' => ' #1 both ',
        '(?<=[:;,])\s*(?:insides?(?:\s+(?:receivers?|men))?|slots)\s+(?!zone|release|veer)(?=\w)' => ' #2 both ',
        '(?<=[:;,])\s*([a-z][\w -]{1,20}?)\s+(?:by\s+(?:the\s+)?)?(?:outsides?|[#]?1s|ones)(?=\s*[,;]|$)' => ' #1 both $1',
        '(?<=[:;,])\s*([a-z][\w -]{1,20}?)\s+(?:by\s+(?:the\s+)?)?(?:insides?|slots|[#]?2s|twos)(?=\s*[,;]|$)' => ' #2 both $1',
        '(?<=[:;,])\s*#?([12])s\s+(?=[a-z])' => ' #$1 both ',
        '(#\d)\s+(?='.self::PLURAL.')' => '$1 both ',
        '(#\d)\s+both\s+([^;,|]+?)\s*(?=[;,]|$)' => '$1 right $2; $1 left $2',
        '(#\d)\s+([\w -]+?)\s+both\s*(?=[;,]|$)' => '$1 right $2; $1 left $2',
    ];

    /** @param  list<string>  $phrases  what a coach may say for a family, in lower case with spaces */
    public static function of(string $words, array $phrases): string
    {
        $words = TradePlaces::signs(Phrases::rewritten($words, ['{man}-(?=[a-z]{3})' => '$1 ']));
        $words = Phrases::rewritten(TradeTricks::named(self::joined($words, $phrases)), self::GLUE);
        $words = Phrases::rewritten(self::situationFirst($words), self::NUMBERS);
        $words = Phrases::rewritten(self::formationFirst($words), self::RULES);

        return Phrases::rewritten(self::oneColon($words), self::AFTER);
    }

    /**
     * "hitch/seam" is one family where it has such a name.
     *
     * @param  list<string>  $phrases
     */
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
        $place = '/^\s*(goal line|red zone|backed up|coming out|two[ -]point|2[ -]?p(?:oin)?t|(?:left|right) hash)\s*[,:]\s*/i';
        $spot = '(?:\s*(?:@|\bat|\bon)\s*(?:the\s+)?(?:[+-]|own\s+|their\s+)?\d+)?';
        $said = "([1-4](?:st|nd|rd|th)\s*(?:&|and)\s*(?:\d+|goal|long|short|inches)$spot)";
        // What stands first may end in a colon; inside the call that is the call's own.
        $placed = preg_replace([$place, "/^\s*$said\s*[:;]\s*/i"], '$1 | ', $words) ?? $words;
        $down = "/,?\s*\b$said,?/i";
        if ($placed !== $words || preg_match($down, $words, $m) !== 1) {
            return $placed;
        }
        $m[1] = str_replace('@', ' at ', $m[1]);

        return "$m[1] | ".trim(preg_replace($down, '', $words, 1) ?? $words);
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
