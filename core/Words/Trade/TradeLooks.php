<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade;

use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Words\DefenderWords;
use Jacotaxis\Core\Words\LookParser;

/**
 * A look in words of the trade put into those of the language: the front first, then the shell, then the rest. What
 * has one meaning is put over here; what staffs mean differently is left to be asked. Common practice without a
 * published source.
 */
final class TradeLooks
{
    private const LOOK = [
        'with corners pressed' => 'corners press', 'corners pressed' => 'corners press',
        'press corners' => 'corners press',
        'corners pressing' => 'corners press', 'press coverage' => 'corners press', 'soft corners' => 'corners off',
        'off corners' => 'corners off', '5 man pressure' => 'five rush', 'five man pressure' => 'five rush',
        '5 man rush' => 'five rush', 'bring 5' => 'five rush', '6 man pressure' => 'six rush',
        'six man pressure' => 'six rush', '6 man rush' => 'six rush', 'bring 6' => 'six rush',
        'all out blitz' => 'six rush', 'all out' => 'six rush', 'field pressure' => 'edge pressure field',
        'boundary pressure' => 'edge pressure boundary', 'field edge' => 'edge pressure field',
        'boundary edge' => 'edge pressure boundary', 'edge blitz' => 'edge pressure',
        'weak rotation' => 'safety rotates weak', 'strong rotation' => 'safety rotates strong',
        'rotate strong' => 'safety rotates strong', 'rotate weak' => 'safety rotates weak',
        'rotated strong' => 'safety rotates strong', 'rotated weak' => 'safety rotates weak',
        'rolled strong' => 'safety rotates strong', 'rolled weak' => 'safety rotates weak',
        'blitz will' => 'will blitz', 'blitz mike' => 'mike blitz', 'blitz sam' => 'sam blitz',
        'blitz nickel' => 'nickel blitz', 'ss blitz' => 'strong safety blitz', 'fs blitz' => 'free safety blitz',
        'safety blitz' => 'strong safety blitz', 'strong safety blitz' => 'strong safety blitz',
        'free safety blitz' => 'free safety blitz', 'field safety blitz' => 'field safety blitz',
        'boundary safety blitz' => 'boundary safety blitz', 'mug' => 'walked mike, walked will',
        'mugged' => 'walked mike, walked will', 'double mug' => 'walked mike, walked will',
        'double a gap' => 'walked mike, walked will', 'double a mug' => 'walked mike, walked will',
        'double a gap mug' => 'walked mike, walked will', 'a gap mug' => 'walked mike, walked will',
        'a gaps mugged' => 'walked mike, walked will', 'mug a gaps' => 'walked mike, walked will',
        'mug both a gaps' => 'walked mike, walked will', 'mug look' => 'walked mike, walked will',
        'both backers mugged' => 'walked mike, walked will', 'backers mugged' => 'walked mike, walked will',
        'both backers walked up' => 'walked mike, walked will', 'backers walked up' => 'walked mike, walked will',
        'press bail' => 'corners bail', 'press man' => 'corners press',
        'late rotation strong' => 'safety rotates strong', 'late rotation weak' => 'safety rotates weak',
        'rotation strong' => 'safety rotates strong', 'rotation weak' => 'safety rotates weak',
        '5 man pressure field' => 'edge pressure field', '5 man pressure boundary' => 'edge pressure boundary',
        'strong edge' => 'edge pressure strong', 'weak edge' => 'edge pressure weak',
        'strong pressure' => 'edge pressure strong', 'weak pressure' => 'edge pressure weak',
        'ends crash' => 'left end squeeze, right end squeeze', 'crash ends' => 'left end squeeze, right end squeeze',
        'ends upfield' => 'left end upfield, right end upfield', 'mike spy' => 'mike plays spy',
        'spy' => 'mike plays spy', 'spy on qb' => 'mike plays spy', 'spy on the qb' => 'mike plays spy',
        'spy the qb' => 'mike plays spy', 'qb spy' => 'mike plays spy',
        'double a gap pressure' => 'mike blitz, will blitz', 'double a gap blitz' => 'mike blitz, will blitz',
        'drop 8' => 'rush three', 'drop eight' => 'rush three',
        '3 man rush' => 'rush three', 'three man rush' => 'rush three', 'rush 3' => 'rush three',
        'inside leverage' => 'corners inside', 'outside leverage' => 'corners outside',
        'ss low' => 'safety rotates strong', 'strong safety low' => 'safety rotates strong',
        'fs low' => 'safety rotates weak', 'free safety low' => 'safety rotates weak',
        'ss in the box' => 'safety rotates strong', 'fs in the box' => 'safety rotates weak',
        'ss down' => 'safety rotates strong',
        'strong safety down' => 'safety rotates strong', 'fs down' => 'safety rotates weak',
        'buzz' => 'strong safety plays hook', 'buzz weak' => 'safety rotates weak, free safety plays hook',
        'blitz both backers' => 'mike blitz, will blitz', 'both backers blitz' => 'mike blitz, will blitz',
        'blitz both inside backers' => 'mike blitz, will blitz', 'both inside backers blitz' => 'mike blitz, will blitz',
        'both ilbs blitz' => 'mike blitz, will blitz',
        'free safety down' => 'safety rotates weak', 'corners squat' => 'corners off 5',
        'tackles twist' => 'tackles cross',
        'ends squeeze' => 'ends squeezes', 'ends pinch' => 'ends squeezes', 'd line' => 'line',
        'defensive line' => 'line',
        'line pinches' => 'line spikes', 'line pinch' => 'line spikes',
    ];

    private const FRONTS = [
        '4-2-5' => '4-2 nickel', '42 nickel' => '4-2 nickel', '4-2' => '4-2 nickel', 'nickel 4-2' => '4-2 nickel',
        '4 down nickel' => '4-2 nickel', '4-3' => '4-3 over', 'over' => '4-3 over', 'over front' => '4-3 over',
        '4-3 base' => '4-3 over', 'under' => '4-3 under', 'under front' => '4-3 under', '3-3-5' => '3-3 stack',
        '3-3-5 tite' => 'tite', 'tite 3-3-5' => 'tite', '3-4 tite' => 'tite', '3-3' => '3-3 stack', '33 stack' => '3-3 stack', 'odd stack' => '3-3 stack', 'okie' => '3-4',
        '3-4 okie' => '3-4', '34' => '3-4', '3-4 base' => '3-4', '44' => '4-4', '4-4 stack' => '4-4', '52' => '5-2',
        '5-2 monster' => '5-2', '46' => 'bear', 'bear 46' => 'bear', 'double eagle' => 'bear', 'mint' => 'tite',
        '62' => '6-2', '61' => '6-1', 'dime' => '4-1 dime', '4-1-6' => '4-1 dime', '4-1' => '4-1 dime',
        'base' => '4-3 over', 'base 4-3' => '4-3 over', 'big nickel' => '4-2 nickel', 'odd front' => '3-4',
        'odd' => '3-4', '50' => '5-2', '50 front' => '5-2', 'bear front' => 'bear', 'goal line' => '6-2',
        'gl' => '6-2', '53' => '5-3', 'tite front' => 'tite', '3-4 front' => '3-4', '4-3 front' => '4-3 over',
        'nickel front' => '4-2 nickel', '4i front' => 'tite', '404' => 'tite', '4-2-5 front' => '4-2 nickel',
        'base front' => '4-3 over', 'dime front' => '4-1 dime', '3-3 front' => '3-3 stack',
        '3-3-5 stack' => '3-3 stack', '5-2 front' => '5-2', '5-3 front' => '5-3', '4-4 front' => '4-4',
        '46 front' => 'bear', '6-2 goal line' => '6-2', 'goal line 6-2' => '6-2', 'goal line 6-1' => '6-1',
        '6-2 front' => '6-2', '4-2 front' => '4-2 nickel', 'stack front' => '3-3 stack',
        'nickel over' => '4-2 nickel', 'nickel over front' => '4-2 nickel', '4-2-5 over' => '4-2 nickel',
        '4-2 over' => '4-2 nickel', '3-4 bear' => 'bear', 'bear 3-4' => 'bear', '4-3 bear' => 'bear',
        '3-2-6' => '3-2 dime', '3-2' => '3-2 dime', '3-1-7' => '3-1 quarter',
        'quarter' => '3-1 quarter', 'dime 3-2' => '3-2 dime', '4-1 front' => '4-1 dime',
    ];

    /** Who drops of a front that has a man to spare for it. */
    private const DROPPERS = ['3-4' => 'jack', 'tite' => 'jack', '3-3 stack' => 'sam'];

    /** Shells by what else they are called. */
    public const SHELLS = [
        'cover zero' => 'cover 0', 'zero' => 'cover 0', 'zero blitz' => 'cover 0', 'cover 0 blitz' => 'cover 0',
        'cover one' => 'cover 1', 'man free' => 'cover 1', '1 free' => 'cover 1', 'cover 1 man' => 'cover 1',
        'free man' => 'cover 1', 'cover one robber' => 'cover 1 robber', 'robber' => 'cover 1 robber',
        '1 robber' => 'cover 1 robber', 'cover two' => 'cover 2', 'cover 2 zone' => 'cover 2',
        'cover 2 man' => '2-man', '2 man' => '2-man', 'two man' => '2-man', 'man under' => '2-man',
        'cover two man' => '2-man', 'cover 2 man under' => '2-man', '2 man under' => '2-man', 'tampa' => 'tampa 2', 'cover three' => 'cover 3',
        'cover 3 sky' => 'cover 3', '3 sky' => 'cover 3', 'three sky' => 'cover 3', '3 cloud' => 'cover 3 cloud',
        'cover four' => 'cover 4', 'quarters' => 'cover 4', 'cover 4 quarters' => 'cover 4',
        'quarters coverage' => 'cover 4', 'cover six' => 'cover 6', 'quarter quarter half' => 'cover 6',
        'qqh' => 'cover 6', 'cover 6 field' => 'cover 6',
        'cover 6 boundary' => 'cover 6', '2 trap' => 'cover 4 trap', 'trap 2' => 'cover 4 trap',
        'nickel fire zone' => 'fire zone', 'palms' => 'cover 4 trap', '2 read' => 'cover 4 trap',
        'two read' => 'cover 4 trap', 'cover 2 read' => 'cover 4 trap', 'cover 2 trap' => 'cover 4 trap',
        'quarters match' => 'cover 4', 'match quarters' => 'cover 4', 'cover 4 match' => 'cover 4',
        '3 match' => 'cover 3 match', 'match 3' => 'cover 3 match', 'rip liz' => 'cover 3 match',
        'rip, liz' => 'cover 3 match', 'cover 1 hole' => 'cover 1', '1 hole' => 'cover 1', 'cover 1 rat' => 'cover 1',
        '1 rat' => 'cover 1', 'cover 1 lurk' => 'cover 1', '1 lurk' => 'cover 1', '3 weak' => 'cover 3 weak',
        'weak 3' => 'cover 3 weak', 'cloud' => 'cover 3 cloud', 'invert' => 'cover 2 invert',
        'inverted cover 2' => 'cover 2 invert', 'inverted 2' => 'cover 2 invert', 'two deep man under' => '2-man',
        '2 deep man under' => '2-man', 'man 1' => 'cover 1', 'man 0' => 'cover 0', '0 man' => 'cover 0',
        '1 man' => 'cover 1', '1 high man' => 'cover 1', 'single high man' => 'cover 1', '1 high zone' => 'cover 3',
        'single high zone' => 'cover 3', '2 high man' => '2-man', 'two high man' => '2-man',
        'two high 5 under' => 'cover 2', '2 high 5 under' => 'cover 2', 'tampa two' => 'tampa 2',
        'cover 4 palms' => 'cover 4 trap', 'quarter coverage' => 'cover 4', 'half quarter quarter' => 'cover 6',
        '2 invert' => 'cover 2 invert', '3 high' => 'three high', '3 safeties' => 'three high',
        'three safety' => 'three high', '3 safety' => 'three high', 'zone blitz' => 'fire zone',
        'cover 5' => '2-man', '2 deep 5 under' => 'cover 2', 'two deep five under' => 'cover 2',
        '3 deep 4 under' => 'cover 3', 'three deep four under' => 'cover 3', '3 deep' => 'cover 3',
        'three deep' => 'cover 3', '4 deep' => 'cover 4', 'four deep' => 'cover 4', '3 deep 3 under' => 'fire zone',
        'three deep three under' => 'fire zone', 'cover 2 sink' => 'cover 2',
        'nickel fire' => 'fire zone', 'fire zone 3' => 'fire zone', '3 fire zone' => 'fire zone',
        'fire zone cover 3' => 'fire zone', '3 fire' => 'fire zone', 'cover 2 tampa' => 'tampa 2',
        'cover 3 sky weak' => 'cover 3 weak', '3 sky weak' => 'cover 3 weak', 'blitz zero' => 'cover 0',
    ];

    /**
     * What may be said besides the language's own words, for completion.
     *
     * @return array{fronts: list<string>, shells: list<string>, look: list<string>}
     */
    public static function said(): array
    {
        $words = fn (array $list): array => array_map(strval(...), array_keys($list));

        return [
            'fronts' => $words(self::FRONTS),
            'shells' => $words(self::SHELLS),
            'look' => $words(self::LOOK),
        ];
    }

    /** Abbreviations, and what is said of one man in words of the trade. */
    private const SHORT = [
        '\b(?:cov|cvr)\b\.?' => 'cover',
        '\bc\s?([0-6])\b' => 'cover $1',
        '\bst\b' => 'strong',
        '\bwith\s+([5-8])\b(?!\s*man)' => ', $1 man rush',
        '\s+behind(?:\s+it)?\b' => '',
        '{defender}\s+(?:and|&)\s+{defender}\s+(blitz(?:es)?|comes?|press|off|bail|drops?)\b' => '$1 $3, $2 $3',
        '{defender}\s+off\s+(?:the\s+)?edge\b' => '$1 comes',
        '\b(shows?|showing)\s+(?=[0-6]\b)' => '$1 cover ',
        '\b(?:blitz|send|bring)\s+the\s+{defender}' => '$1 blitz',
        '{defender}\s+blitz(?:es)?\s+from\s+(?:the\s+)?(?:slot|edge|field|boundary|inside|outside)\b' => '$1 blitz',
        '\b(?:out of|with|from)\s+(?:an?\s+|the\s+)?(?!(?:slot|edge|field|boundary|inside|outside)\b)' => ', ',
        '\bwk\b' => 'weak',
        '{defender}\s+(?:is\s+)?mug(?:s|ged)?(?:\s+up)?'.self::GAP.'{end}' => 'walked $1',
        '{defender}\s+blitz(?:es)?(?:\s+(?:off the edge|inside|outside)|'.self::GAP.'){end}' => '$1 blitz',
        '\bcorners?\s+(?:at|playing|play|depth)\s+(\d+)(?:\s*(?:deep|off))?\b' => 'corners off $1',
        '\bsafety\s+(?:is\s+)?down\s+({side})' => 'safety rotates $1',
        '(?<=over|under|4-3|4-4|5-2|bear)\s+strong(?:\s+to)?\s+(left|right)\b' => ', front to $1',
        '\b(?:two|2)[ -](?:high|deep)\s*,?\s*(?:shell\s*,?\s*)?(?:rolls?|rotates?|spins?|rolling|rotating|spinning)\s+to\s+(cover\s+\d|\d)\b' => ', $1, shows cover 4',
        '\b(?:4-2-5|4-2)\s+under\b' => 'nickel over, front to weak',
        '(?<!safety )(?<!safeties )(?<!late )\b(?:rotat(?:es?|ed|ing|ion)|roll(?:s|ed|ing)?)\s+(?:to\s+)?({side})' => ', safety rotates $1',
        '\bnickel\s+(?:is\s+)?(?:in\s+(?:the\s+)?)?apex(?:ed)?\b' => '',
        '\b(field|boundary|strong|weak)\s+fire\s+zone\b' => 'fire zone, edge pressure $1',
        '(?!nickel){defender}\s+fire\s+zone\b' => 'fire zone, $1 blitz',
        '(?<!line )(?<!end )(?<!tackle )(?<!nose )\bslants?\s+(?:to\s+)?({side})' => ', line slants $1',
        '\bnickel\s+under\b' => 'nickel over, front to weak',
        '\bcover 1\s*,\s*(?:(?:ss|fs|strong safety|free safety)\s+)?(robber|hole|rat|lurk)\b' => 'cover 1 $1',
    ];

    private const GAP = '(?:\s+(?:in|through|over)?\s*(?:the\s+)?[abcd][ -]?gap)?';

    /** What follows the front and the shell. */
    private const AFTER = [
        '(^|,)\s*(press|bail){end}' => '$1 corners $2',
        '{defender}\s+(?:is\s+)?(?:walked|walks|creeps|crept|up)(?:\s+up)?(?:\s+(?:on|to)\s+the\s+(?:line|ball))?{end}' => 'walked $1',
        '{defender}\s+(?:is\s+)?on\s+the\s+(?:line|ball){end}' => 'walked $1',
        '{defender}\s+(?:rush(?:es)?|comes?|adds?)(?:\s+(?:off the edge|inside|outside|up the middle))?{end}' => '$1 plays rush',
        '{defender}\s+drops?(?:\s+out)?{end}' => '$1 plays hook',
        '(^|,)\s*(?:bracket|double)s?\s+(?:on\s+)?([xyzhr]){end}' => '$1 free safety plays bracket on $2',
    ];

    /** @var array{Lexicon, Lexicon, Lexicon}|null of what is changed in a look, of shells and of fronts */
    private static ?array $lexicons = null;

    /** The front that is assumed where none is said. */
    public const USUAL_FRONT = '4-2 nickel';

    /** Whether a look names its front. */
    public static function namesFront(string $words): bool
    {
        return self::parts($words)[0] !== null;
    }

    /** Whether a look names its coverage. */
    public static function namesShell(string $words): bool
    {
        return self::parts($words)[1] !== null;
    }

    /** A look in the words of the language: the front first, then the shell, then the rest. */
    public static function look(string $words): string
    {
        [$front, $shell, $rest, $all] = self::parts($words);
        if ($shell === null) {
            // The rest is told to be no shell.
            return $front === null ? $all : rtrim("$front, ".Phrases::clean($rest), ', ');
        }
        $front ??= self::frontOf($rest);
        $drops = ['\brush three\b' => (self::DROPPERS[$front] ?? 'who').' plays hook'];
        $rest = Phrases::rewritten(Phrases::clean($rest), $drops + self::AFTER);
        $rest = self::creeper(self::nose($rest, $front), $front);

        return rtrim("$front, $shell, ".Phrases::clean($rest), ', ');
    }

    /** The usual front that has everybody who is named. */
    private static function frontOf(string $rest): string
    {
        $named = array_filter(
            DefenderWords::roles(),
            fn (string $role): bool => preg_match('/(?<![\w-])'.preg_quote($role, '/').'(?![\w-])/i', $rest) === 1,
        );
        foreach ([self::USUAL_FRONT, ...Fronts::names()] as $front) {
            if (array_diff($named, Fronts::get($front)->roles()) === []) {
                return $front;
            }
        }

        return self::USUAL_FRONT;
    }

    /** @return array{string|null, string|null, string, string} front, shell, what else is said, and all of it */
    private static function parts(string $words): array
    {
        $words = self::counts(Phrases::rewritten(Phrases::sides(Phrases::plain($words)), self::SHORT));
        [$look, $shells, $fronts] = self::$lexicons ??= [
            new Lexicon(self::LOOK),
            new Lexicon(self::SHELLS, Shells::names()),
            new Lexicon(self::FRONTS, Fronts::names()),
        ];
        $words = $look->put($words);
        [$shell, $rest] = $shells->first($words, '(?<!shows )(?<!showing )(?<!plays )');
        [$front, $rest] = $fronts->first($rest, '(?<!to )');
        // "base 3", "tite 4": the figure is the coverage's.
        if ($shell === null && preg_match('/(?:^|,)\s*([0-6])\s*(?=,|$)/', $rest, $m) === 1) {
            $shell = "cover $m[1]";
            $rest = preg_replace('/(^|,)\s*[0-6]\s*(?=,|$)/', '$1', $rest, 1) ?? $rest;
        }
        if ($front === null && preg_match('/(?:^|,)\s*nickel\s*(?=,|$)/i', $rest) === 1) {
            [$front, $rest] = ['4-2 nickel', preg_replace('/(^|,)\s*nickel\s*(?=,|$)/i', '$1', $rest, 1) ?? $rest];
        }

        return [$front, $shell, $rest, $words];
    }

    /** In a front without a nose over the center the one-technique is called so, the other tackle by his technique. */
    private static function nose(string $rest, string $front): string
    {
        $roles = Fronts::get($front)->roles();
        $even = ! in_array('nose', $roles, true) && in_array('left tackle', $roles, true);

        return ! $even || str_contains($rest, 'front to') ? $rest : Phrases::rewritten($rest, [
            '\bnose\b' => 'weak tackle',
            '\b(?:3|three)[ -]tech(?:nique)?\b' => 'strong tackle',
        ]);
    }

    /** "bring 7", "six-man blitz": how many rush in all; four is what rushes anyway. */
    private static function counts(string $words): string
    {
        $n = '(?:([3-8])|(three|four|five|six|seven|eight))';
        $pattern = "\\b(?:bring|send|rush)\\s+$n\\b|\\b{$n}(?:[ -]man\\s+(?:rush|pressure|blitz)|\\s+rushers)\\b(?!\\s+{side})";

        return preg_replace_callback('/'.Phrases::filled($pattern).'/i', function (array $m): string {
            $said = strtolower(implode('', array_slice($m, 1)));
            $count = LookParser::COUNTS[$said];

            return match ($count) {
                3 => 'rush three',
                4 => '',
                default => array_search($count, LookParser::COUNTS, true).' rush',
            };
        }, $words) ?? $words;
    }

    /** One comes who does not rush and one drops who does: of a front with nobody to spare the end away from him. */
    private static function creeper(string $rest, string $front): string
    {
        $named = '(?:sim(?:ulated)?(?:\s+pressure)?|creeper)';
        $words = Phrases::rewritten($rest, ["\\b$named\\s+(?:by\\s+)?{defender}\\b" => '$1 creeper']);

        return preg_replace_callback(
            '/'.Phrases::filled("{defender}\\s+$named{end}").'/i',
            function (array $m) use ($front): string {
                $away = in_array(strtolower($m[1]), ['will', 'dime', 'jack'], true) ? 'strong end' : 'weak end';

                return "$m[1] plays rush, ".(self::DROPPERS[$front] ?? $away).' plays hook';
            },
            $words,
        ) ?? $words;
    }
}
