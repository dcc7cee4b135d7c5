<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade;

/**
 * What is said with a call and is no part of it, tempo and the snap count, heard and told as left out; and what is read
 * by a rule of the trade that a coach should see, the hole of a run and the wildcat.
 */
final readonly class Asides
{
    private const TEMPO = 'no[ -]?huddle|huddle|turbo|(?:sugar|freeze|muddle|attack|fast|slow)(?:[ -]tempo)'
        .'|(?:two|2|four|4)[ -]min(?:ute)?|hurry[ -]?up|up[ -]tempo|tempo|sugar(?: huddle)?'
        .'|muddle huddle|on the ball';

    private const COUNT = 'on\s+(?:the\s+)?'
        .'(?:first sound|first|one|two|three|1|2|3|quick|silent|go|set|ready)(?:\s+count)?';

    /** "yankee off play action" says the action last. */
    private const ACTION_LAST = [
        '^\s*((?:half-?back|hb|rb|tb|running back)\s+pass(?:\s+{side})?)\s*,\s*({formation})\s*$' => '$2, $1',
        '^({formation})[\s,:]+([^,:]+?)\s+off\s+(?:of\s+)?(?:pa|play[ -]action)\s*$' => '$1, PA $2',
        '^([^,:]+?)\s+off\s+(?:of\s+)?(?:pa|play[ -]action)\s*$' => 'PA $1',
    ];

    /** What is left out, and why. */
    private const LEFT = [
        '^((?:we\s+)?(?:ran|run|called|call|give me))\s*[:,]?\s+(?!if\b|it\b)(?=\w)' => 'the call begins after it',
        '\s*(\([^()]*\))' => 'what stands in brackets is not read',
        '^((?:'.self::TEMPO.')(?![\w-]))\s*[,:;]?\s*' => self::NO_JOB,
        '\s*[,;]\s*((?:'.self::TEMPO.'))\s*$' => self::NO_JOB,
        '\s*,?\s+((?:'.self::TEMPO.'))\s*(?=:)' => self::NO_JOB,
        '(?<=right|left|rt|lt)\s+((?:'.self::TEMPO.'))(?=\s+\w)' => self::NO_JOB,
        '^((?:(?:with|at|under)\s+)?\d{0,2}:\d\d(?:\s+(?:left|to\s+go|on\s+the\s+clock))?)\s*[,;]?\s*' => 'the clock'
            .' changes no job',
        '\s*[,;]?\s+('.self::COUNT.')\s*$' => self::NO_JOB,
        '\s*(@\s*(?:the\s+)?\di?[ -]tech(?:nique)?)\b' => 'the look says where he stands',
        '(?<=right|left|rt|lt)\s+(field|boundary)(?=\s*[,:;])' => 'the spot of the ball says which side is the'
            .' field\'s',
        '(?<=right|left|rt|lt)\s*,?\s+([xyzh]\s+iso(?:lated)?)(?=\s*[:,;])' => 'the set says who stands alone',
    ];

    /** Where the option is at home, and its pass is faked off it. */
    private const OPTION_SETS = 'flexbone|double[ -]slots?|wishbone|spread[ -]?bone';

    private const NO_JOB = 'tempo and snap count change no job';

    /** "gun trips right, shift to trips left: ..." */
    private const SHIFTS =
        '/^((?:[^|:]*\|)?\s*(?:(?:'.TradeSets::PLACES.')\s+)?)([^:,|]+?)\s*,?\s+'
        .'(?<!\s[xyzhrf]\s)shift(?:s|ing)?\s+to\s+(?!\d+(?:\.\d+)?\s+wide)([^:,]+?)(?=\s*[:,])/i';

    /** @param  list<string>  $left  what is left out, in words */
    private function __construct(public string $words, public array $left)
    {
    }

    public static function of(string $words): self
    {
        $left = [];
        $words = Phrases::rewritten(rtrim(trim($words), '?!. '), self::ACTION_LAST);
        foreach (self::LEFT as $pattern => $why) {
            $words = preg_replace_callback("/$pattern/i", function (array $m) use (&$left, $why): string {
                $left[] = '"'.strtolower(trim($m[1])).'" is heard and left out: '.$why;

                return '';
            }, $words) ?? $words;
        }
        $words = preg_replace_callback(self::number(), function (array $m) use (&$left): string {
            $left[] = "\"$m[1]\" is heard and left out: the staff book has no meaning for it";

            return ' ';
        }, $words) ?? $words;
        $words = preg_replace('/^\s*shifts?\s+(?:from\s+)?([^:,]+?)\s+to\s+/i', '$1, shift to ', $words) ?? $words;
        $words = preg_replace_callback(self::SHIFTS, function (array $m) use (&$left): string {
            $left[] = "shifts from $m[2]: the call is that of the set he shifts to";

            return "$m[1]$m[3]";
        }, $words) ?? $words;
        $words = preg_replace_callback(self::hole(), function (array $m) use (&$left): string {
            $side = (int) $m[1] % 2 === 0 ? 'right' : 'left';
            if (isset($m[3])) {
                // A side that says otherwise is asked about.
                return strtolower($m[3][0]) === $side[0] ? "$m[2] $m[3]" : $m[0];
            }
            $left[] = "$m[1] $m[2] goes $side: even holes are on the right, odd ones on the left";

            return "$m[2] $side";
        }, $words) ?? $words;
        $words = preg_replace_callback(self::bareFake(), function (array $m) use (&$left): string {
            $run = preg_match('/'.self::OPTION_SETS.'/i', $m[0]) === 1 ? 'triple' : 'zone';
            $left[] = "fakes $run: no run is said with the play-action";

            return "$m[1], $run fake".($m[2] === ':' ? ': ' : ', ').$m[3];
        }, $words) ?? $words;
        $words = preg_replace_callback(self::barePass(), function (array $m) use (&$left): string {
            $side = ($m[3] ?? '').($m[4] ?? '');
            $left[] = 'the routes are flood: none are said with the pass';
            $byBack = ! in_array(strtolower($m[2]), TradeCalls::runs(), true)
                || preg_match('/\b[hrt]b\s+\w+$/i', $m[1]) === 1;

            return $m[1].($byBack ? " pass$side" : "$side fake").": flood$side";
        }, $words) ?? $words;
        if (preg_match('/\bwildcat\b/i', $words) === 1) {
            $words = preg_replace('/\bwildcat\b/i', 'gun wing', $words) ?? $words;
            $left[] = 'wildcat is gun wing: who takes the snap is Q';
        }

        return new self($words, $left);
    }

    /** "PA yankee": play-action without a run, what stands before it and after. */
    private static function bareFake(): string
    {
        $runs = Phrases::runs(TradeCalls::runs());
        $none = "(?!.*(?<![\\w-])(?:$runs|boot|bootleg|naked|waggle|keeper|flicker)(?![\\w-]))";

        return "/^$none(.*?)\\s*,?\\s*\\b(?:pa|play[ -]action|play[ -]pass)\\b\\s*([,:]?)\\s*(.*)$/i";
    }

    /** "trips right 62 mesh": a number before a family that the staff has given no meaning. */
    private static function number(): string
    {
        $families = Phrases::runs(TradeCalls::families());
        $after = '(?:^|(?<=\bright|\bleft|\brt|\blt|\bboth|[,:]))';
        $counted = Phrases::runs(preg_grep('/^\d/', TradeCalls::said()) ?: []);

        return "/$after\\s*(?!(?:$counted)(?![\\w-]))(?<!\\d)(\\d{1,3})\\s+"
            ."(?=(?:$families|[xyzh][ -]\\w{3,})(?![\\w-]))/i";
    }

    /** "buck sweep pass right": a pass off a run with nothing said after it. */
    private static function barePass(): string
    {
        $runs = Phrases::runs([...TradeCalls::runs(), 'halfback', 'half-back', 'hb', 'rb', 'tb', 'running back']);
        $side = '(\s+(?:right|left|rt|lt))?';

        return "/^([^:]*(?<![\\w-])($runs))$side\s+pass$side\s*$/i";
    }

    /** "26 power" without a side: the last figure is the hole. */
    private static function hole(): string
    {
        $runs = Phrases::runs(TradeCalls::runs());

        return "/(?<![\\w&.-])(?<!on )([1-9]?\\d)\\s+($runs)\\b(?:\\s+(right|left|rt|lt)\\b)?/i";
    }
}
