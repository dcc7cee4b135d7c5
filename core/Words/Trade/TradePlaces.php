<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade;

/**
 * What is said in another place than the language has it: the formation after the play, a motion, a protection or a run
 * action after the colon, points and strokes where colons stand. Common practice.
 */
final class TradePlaces
{
    private const MOTIONS = 'jet|orbit|return|short|trade|fast|shift';

    private const ROLLS = 'half-boot|boot|naked';

    private const BLOCKS = 'half-slide|full-slide|big-on-big|five-man|six-man|seven-man|eight-man|gap|man';

    private const SIDE = '(?:\s+(?:right|left|rt|lt|field|boundary|strong|weak)\b)';

    /** The quarterback's place, which begins a formation. */
    private const BEGINS = '(?:'.TradeSets::PLACES.')\b';

    /** Signs before anything is read: "trips rt. sail. Z go". */
    private const SIGNS = [
        '\bgoal-?line\b' => 'goal line',
        '(?<=[a-z0-9])\.\s+(?=[a-z#])' => '; ',
    ];

    /** The formation said after the play: "power read left from gun spread". */
    private const FORMATION_LAST = [
        '^([^:|]+?)\s+(?:from|out of)\s+(?:an?\s+|the\s+)?+(?!(?:rb|hb|tb|fb|back|te|tight end|running back)\b)'
            .'([^:|]+?)(?:\s+look)?$' => '$2: $1',
        '^([^:|]+?)\s+in\s+({formation})\s*$' => '$2: $1',
        // "naked left trey right" says the set right after it.
        '^\s*((?:boot|bootleg|naked|sprint(?:[ -]?out)?|roll(?:[ -]?out)?)\s+{side})\s*,?'
            .'\s+({formation})\s*$' => '$2, $1',
    ];

    /** Everything in its place, before words are put over. */
    public static function signs(string $words): string
    {
        return self::colon(str_contains($words, '|')
            ? $words
            : self::setLast(Phrases::rewritten($words, self::SIGNS + self::FORMATION_LAST)));
    }

    /** "naked left off zone right, ace right" says the set last, after a comma. */
    private static function setLast(string $words): string
    {
        $set = '(?:(?:'.self::BEGINS.')\s+)?(?:'.TradeCalls::sets().')';
        $side = self::SIDE.'?(?:\s+(?:tight|wide|open))?';
        $last = "/^(?!\s*(?:$set|".self::BEGINS."))([^:|]+?)\s*,\s*($set$side)\s*$/i";

        $words = preg_replace($last, '$2: $1', $words) ?? $words;
        // "y-stick, trips right, backside slant" says it second.
        $second = "/^(?!\s*(?:$set|".self::BEGINS."|\d|".self::ROLLS.'|'.self::BLOCKS.'))([^:|,]{4,}?)\s*,'
            ."\s*($set".self::SIDE.")\s*,\s*([^:|]+)$/i";

        $words = preg_replace($second, '$2: $1, $3', $words) ?? $words;
        // "ace right, duo right, Z short" says the motion last.
        $motion = '(?:[xyzhrf]\s+(?:'.self::MOTIONS.')|motion\s+[xyzhrf]\s+(?:'.TradeMotions::KINDS.')'
            .'|(?:'.TradeMotions::KINDS.')\s+(?:motion\s+)?(?:by\s+)?[xyzhrf])(?:\s+motion)?'.self::SIDE.'?';
        $moved = "/^\s*($set$side)\s*,\s*([^:|]+?)\s*,\s*($motion)\s*$/i";

        return preg_replace($moved, '$1, $3: $2', $words) ?? $words;
    }

    /** Without a colon the first semicolon stands for it, where only a formation is before it. */
    private static function colon(string $words): string
    {
        if (str_contains($words, ':') || ! str_contains($words, ';')) {
            return $words;
        }
        $bare = '/^((?:[^|;]*\|)?\s*'.self::BEGINS.'[\w\s-]{2,30}|[\w\s-]{2,20});/i';

        return preg_replace($bare, '$1:', $words, 1) ?? $words;
    }

    /** What stands after the colon and belongs before it, once words are those of the language. */
    public static function beforeTheColon(string $words): string
    {
        // "sprint right flood" says what the passer does and the routes in one breath.
        $words = Phrases::rewritten(
            $words,
            [
                '^([^:|]*,\s*(?:'.self::ROLLS.')\s+{side})\s+(?=[a-z][^:]*$)' => '$1: ',
                '(?<=[:,;])\s*((?:'.self::ROLLS.')\s+{side})\s+(?=[a-z])' => ' $1; ',
                '(?<=:)\s*((?:half-slide|full-slide|big-on-big|(?:five|six|seven|eight)-man)(?:\s+{side})?+)'
                    .'\s+(?!protection)(?=[a-z])' => ' $1; ',
            ],
        );
        $bare = preg_replace('/\brpo\s*:/i', 'rpo', $words) ?? $words;
        if (str_contains($bare, 'kill')) {
            return $words;
        }
        if (substr_count($bare, ':') === 2) {
            // "I right: power right fake, boot left: Y flat" has one colon too many.
            [$before, $between, $after] = explode(':', $words, 3);
            $parts = array_map(trim(...), preg_split('/[,;]/', $between) ?: []);

            return array_filter($parts, self::belongsBefore(...)) === $parts
                ? rtrim($before).', '.implode(', ', $parts).":$after"
                : $words;
        }
        if (substr_count($bare, ':') !== 1) {
            return $words;
        }
        [$before, $after] = explode(':', $words, 2);
        $parts = preg_split('/\s*([,;])\s*/', trim($after), flags: PREG_SPLIT_DELIM_CAPTURE) ?: [];
        $moved = $left = [];
        for ($n = 0; $n < count($parts); $n += 2) {
            if (self::belongsBefore($parts[$n])) {
                $moved[] = $parts[$n];
            } else {
                $left[] = ($left === [] ? '' : ($parts[$n - 1] ?? ',').' ').$parts[$n];
            }
        }

        if ($moved === []) {
            return $words;
        }
        $roll = preg_grep('/^(?:'.self::ROLLS.')\b/i', $moved) ?: [];
        if ($left === [] && $roll === []) {
            return $words;
        }
        // With nothing said after it the routes are those that go with a passer on the move.
        $routes = $left === [] ? self::routesOf(end($roll)) : implode('', $left);

        return rtrim($before).', '.implode(', ', $moved).": $routes";
    }

    private static function routesOf(string $roll): string
    {
        preg_match('/^(\S+)\s*(.*)$/', $roll, $m);

        return (strtolower($m[1] ?? '') === 'half-boot' ? 'flood ' : 'boot flood ').($m[2] ?? '');
    }

    /**
     * A protection or what the passer does, and the routes said in the same breath.
     *
     * @return list<string>
     */
    public static function parted(string $part): array
    {
        // "boot flood" is a family, no roll and its routes.
        $first = '/^(?!boot\s+flood\b)((?:'.self::BLOCKS.'|'.self::ROLLS.')'.self::SIDE.'?+)\s+(.+)$/i';

        return preg_match($first, $part, $m) === 1 ? [$m[1], $m[2]] : [$part];
    }

    /** Whether it is a motion, a protection, what the passer does or a fake: what stands before the colon. */
    public static function belongsBefore(string $part): bool
    {
        $side = self::SIDE;
        $runs = Phrases::filled('(?:[xyzhrf]\s+)?{run}');
        $kinds = [
            '[xyzhrf]\s+(?:'.self::MOTIONS.")$side?",
            '(?:'.self::ROLLS.")$side?",
            '(?:'.self::BLOCKS.")$side?",
            "$runs$side?\\s+fake",
        ];

        return preg_match('/^(?:'.implode('|', $kinds).')$/i', trim($part)) === 1;
    }
}
