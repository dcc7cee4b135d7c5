<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Call;

use Jacotaxis\Core\Concept\Kill;
use Jacotaxis\Core\Concept\KillRule;
use Jacotaxis\Core\Words\Trade\Phrases;
use Jacotaxis\Core\Words\Trade\TradeCalls;

/**
 * Two calls in one, "zone right; kill to hitches if box heavy", "check with me: zone right, zone left by numbers":
 * where they divide, and the rule that chooses. Common practice.
 */
final readonly class KillWords
{
    /** How a second call is announced. */
    private const TO = '(?:kill|can)(?:\s+it)?(?:\s+to\b|\s*:)?|(?:check|alert)(?:\s+to\b|\s*:)';

    /** How a rule is announced, after the second call. */
    private const WHEN = 'if|when|vs\.?|versus|against|by|on';

    /** What a rule may be called, by the rule; the longest is tried first. */
    private const RULES = [
        'heavy box' => 'box heavy', 'loaded box' => 'box heavy', 'box is heavy' => 'box heavy', 'box' => null,
        'box count' => null, 'the box' => null, 'light box' => 'box light', 'box is light' => 'box light',
        '2 hi' => 'middle open', '1 hi' => 'middle closed', '2-high' => 'middle open', '1-high' => 'middle closed',
        'two high' => 'middle open', '2 high' => 'middle open', 'mofo' => 'middle open', 'two deep' => 'middle open',
        'open middle' => 'middle open', 'one high' => 'middle closed', '1 high' => 'middle closed',
        'single high' => 'middle closed', 'mofc' => 'middle closed', 'closed middle' => 'middle closed',
        'one deep' => 'middle closed', 'count' => 'numbers', 'leverage' => 'numbers', 'pressure' => 'walked up',
        'blitz' => 'walked up', 'mug' => 'walked up', 'walked up backer' => 'walked up', 'press corner' => 'press',
        'press corners' => 'press', 'soft corner' => 'off', 'soft corners' => 'off', 'off corner' => 'off',
        'off corners' => 'off', 'odd' => 'odd front', 'even' => 'even front', 'coverage' => null,
    ];

    /** @param  KillRule|null  $rule  null where none is said */
    private function __construct(
        public string $first,
        public string $second,
        public ?KillRule $rule,
        public ?int $box,
    ) {
    }

    /** The two calls of these words, or null where they are one. */
    public static function of(string $words): ?self
    {
        // "zone right or left" is the run to either side.
        $runs = Phrases::runs(TradeCalls::runs());
        $words = preg_replace(
            "/\\b($runs)\\s+(right|left|rt|lt)\\s*(?:\\/|\\bor\\b)\\s*(right|left|rt|lt)\\b/i",
            '$1 $2 or $1 $3',
            $words,
        ) ?? $words;
        // "kill: zone right can to smash" announces two calls before the first.
        $words = preg_replace('/\s*\bkill\s*:\s*(?=[^:]+\bcan\b)/i', ': ', $words, 1) ?? $words;
        $words = preg_replace('/(^|:)\s*kill(?:\s+call)?\s*:\s*(?=.+\bkill\b)/i', '$1 ', $words, 1) ?? $words;
        // "check with me 6 box: zone right else smash" kills where there is one more.
        $counted = '\bcheck[ -]with[ -]me\s*,?\s*([4-8])(?:[ -]man)?[ -]box\s*:';
        $words = preg_replace_callback(
            "/$counted\\s*(.+?)\\s*[,;]?\\s+(?:else|otherwise)\\s+(.+)$/is",
            fn (array $m): string => "$m[2]; kill to $m[3] if box ".((int) $m[1] + 1),
            $words,
        ) ?? $words;
        $words = self::chosen($words);
        $can = '/(^|[:,])\s*can\s*:\s*([^:;]+?)\s+to\s+(.+)$/is';
        $words = preg_replace($can, '$1 $2; kill to $3', $words, 1) ?? $words;
        $to = '/^(.*?\S)\s*[;,]?\s+(?<![\w-])(?:'.self::TO.')(?![\w-])\s*(.+)$/is';
        if (preg_match($to, $words, $m) !== 1) {
            $words = self::checkWithMe($words);
        }
        if (preg_match($to, $words, $m) !== 1 || preg_match('/\b[xyzhrf]$/i', $m[1]) === 1) {
            // "R check swing" is a back's job.
            return null;
        }
        [$second, $rule, $box] = self::rule($m[2]);

        return new self(rtrim($m[1], ' ;,'), $second, $rule, $box);
    }

    /**
     * "zone right; if 7 in the box, bubble" says the rule before the second call; "smash vs two high, slants vs one
     * high" one with each; "kill: A to B" and "can: A can B" announce what follows.
     */
    private static function chosen(string $words): string
    {
        $rule = self::ruleWords();
        $first = '/^(.+?)\\s*[,;]\\s*(?:if|when|vs\\.?|versus|against)\\s+'
            ."((?:an?\\s+|the\\s+|it'?s\\s+)?$rule)\\s*[,:;]?"
            .'\s+(?:then\s+|to\s+)?(?!then\b)(\w.*)$/is';
        $each = "/^(.+?)\\s+(?:if|when|vs\\.?|versus|against)\\s+(?:an?\\s+)?$rule\\s*[,;]\\s*(.+?)\\s+"
            ."(?:if|when|vs\\.?|versus|against)\\s+((?:an?\\s+)?$rule)\\s*$/is";
        $checked = '/^(.+?[^\\s,;])\\s*[,;]?\\s+(?:check|alert)\\s+(?!to\\b)(\\w[^:]*?)\\s+'
            ."(?:if|when|vs\\.?|versus|against)\\s+((?:an?\\s+)?$rule)\\s*$/is";
        $words = preg_replace($checked, '$1; kill to $2 if $3', $words, 1) ?? $words;
        $words = preg_replace($each, '$1; kill to $2 if $3', $words, 1) ?? $words;
        // "zone if 6 box, bubble if 7"
        $counted = "/^(.+?)\\s+(?:if|when|vs\\.?|versus|against)\\s+(?:an?\\s+)?$rule\\s*[,;]\\s*(.+?)\\s+"
            .'(?:if|when|vs\.?|versus|against)\s+(\d)\s*$/is';
        $words = preg_replace($counted, '$1; kill to $2 if box of $3', $words, 1) ?? $words;
        $words = preg_replace($first, '$1; kill to $3 if $2', $words, 1) ?? $words;

        return preg_replace(
            '/(^|[:,])\s*(?:kill|can)\s*:\s*([^:;]+?)\s+(?:to|kill|can)\s+(\w.*)$/is',
            '$1 $2; kill to $3',
            $words,
            1,
        ) ?? $words;
    }

    /** A rule as a pattern without groups that catch. */
    private static function ruleWords(): string
    {
        $all = [...array_keys(self::RULES), ...array_column(KillRule::cases(), 'value')];
        usort($all, fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return '(?:box\s+(?:of\s+)?\d(?:\s+or\s+more)?'
            .'|\d(?:\s*\+|\s+or\s+more)?(?:\s+(?:men|in|man))*(?:\s+the)?\s+box|'
            .Phrases::anyOf($all).')(?:\s+(?:look|safety|safeties))?';
    }

    /** "check with me: A, B" and "package: A or B" are A with B to kill to. */
    private static function checkWithMe(string $words): string
    {
        $with = '/(^|[:;,]|\s)\s*(?:check[ -](?:with|w\/)[ -]?me|package)\s*:?\s*'
            .'(.+?)\s*(?:,|;|\/|\bor\b|\band\b)\s*(.+)$/is';
        if (preg_match($with, $words, $m, PREG_OFFSET_CAPTURE) !== 1) {
            // "gun 2x2: zone right or hitches" offers two as well.
            $words = preg_replace('/^([^:]+:[^:]*\S)\s+or\s+(\S.*)$/is', '$1; kill to $2', $words, 1) ?? $words;
            // Without a colon the set's side ends the formation: "gun 2x2 right zone or stick".
            $words = preg_replace('/^([^:]+?\b(?:right|left|rt|lt))\s+([^:,]*\S)\s+or\s+'
                .'(\S[^:]*)$/is', '$1: $2; kill to $3', $words, 1) ?? $words;
            // Two runs are never one play.
            $runs = '(?:'.Phrases::runs(TradeCalls::runs()).')(?:\s+(?:right|left|rt|lt))?';

            return preg_replace("#^([^:]+:\s*$runs)\s*/\s*($runs\b.*)$#is", '$1; kill to $2', $words, 1) ?? $words;
        }
        $head = rtrim(substr($words, 0, $m[0][1]), ' ,;:');
        $first = $m[2][0];
        if ($head === '' && str_contains($first, ':')) {
            [$head, $first] = array_map(trim(...), explode(':', $first, 2));
        }

        return ($head === '' ? '' : "$head: ")."$first; kill to {$m[3][0]}";
    }

    /**
     * The rule at the end of what is said of the second call.
     *
     * @return array{string, KillRule|null, int|null} the call, the rule, men in the box
     */
    private static function rule(string $words): array
    {
        $count = '/^(.*?)\s*,?\s+(?:'.self::WHEN.')\s+(?:a\s+|the\s+|there\s+are\s+)?'
            .'(?:box\s+(?:of\s+)?(\d)(?:\s+or\s+more)?|(\d)(?:\s*\+|\s+or\s+more)?(?:\s+(?:men|in))*'
                .'(?:\s+the)?\s+box)\s*$/is';
        if (preg_match($count, $words, $m) === 1) {
            return [$m[1], KillRule::BoxOf, (int) (($m[2] ?? '') !== '' ? $m[2] : $m[3] ?? '')];
        }
        $own = array_column(KillRule::cases(), 'value');
        $said = self::RULES + array_combine($own, $own);
        $all = array_keys($said);
        usort($all, fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        $names = implode('|', array_map(fn (string $s): string => preg_quote($s, '/'), $all));
        $pattern = '/^(.*?)\s*,?\s+(?:'.self::WHEN.")\s+(?:an?\s+|the\s+)?($names)"
            .'(?:\s+(?:look|safety|safeties))?\s*$/is';
        if (preg_match($pattern, $words, $m) !== 1) {
            return [$words, null, null];
        }
        $rule = $said[strtolower($m[2])];

        return [$m[1], $rule === null ? null : KillRule::from($rule), null];
    }

    /** The rule of a kill as it is said. */
    public static function when(Kill $kill): string
    {
        return "if {$kill->words()}";
    }
}
