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
    /** Who drops of a front that has a man to spare for it. */
    private const DROPPERS = ['3-4' => 'jack', 'tite' => 'jack', '3-3 stack' => 'sam'];

    /**
     * What may be said besides the language's own words, for completion.
     *
     * @return array{fronts: list<string>, shells: list<string>, look: list<string>}
     */
    public static function said(): array
    {
        $words = fn (array $list): array => array_map(strval(...), array_keys($list));

        return [
            'fronts' => $words(LookLexicon::FRONTS),
            'shells' => $words(LookLexicon::SHELLS),
            'look' => $words(LookLexicon::LOOK),
        ];
    }

    /** Abbreviations, and what is said of one man in words of the trade. */
    private const SHORT = [
        '\b(?:cov|cvr)\b\.?' => 'cover',
        '\bgoal-?line\b' => 'goal line',
        // One corner said without a side is both of them.
        '(?<!field |boundary |left |right |strong |weak )\bcorner\s+(press|bail|off|soft)(?:s'
            .'|es)?{end}' => 'corners $1',
        '{defender}\s+sp(?:y|ies){end}' => '$1 plays spy',
        // What is simulated is said by who comes and who drops.
        '\bsim(?:ulated)?\s+pressure\s*,\s*(?=.*\bdrops?\b)' => '',
        '\bdrop(?:s|ping)?\s+(?:the\s+)?((?:left|right|strong|weak|field|boundary)\s+end)\b' => '$1 drops',
        '\bshow(?:s|ing)?\s+(two|2|one|1)[ -]high\s*,?\s*(?:but\s+)?(?:plays?\s+)?' => '$1 high, ',
        '\bspins?\s+to\s+cover\s+1\s+(weak|strong)\b' => 'cover 1, safety rotates $1',
        '\bspins?\s+to\s+(?=cover\s+[0-6])' => '',
        '\bcover\s+2\s+inverted\b' => 'cover 2 invert',
        '\bgoal line\s*,\s*(?=(?:6-[12]|5-3)\b)' => '',
        '\bfire\s+zone\s+from\s+(?:the\s+)?(field|boundary|strong|weak)\b' => 'fire zone, edge pressure $1',
        // The field's side of a split coverage is its strong one anyway.
        '\b(qqh|cover 6|quarter quarter half)\s+to\s+(?:the\s+)?field\b' => '$1',
        '\b(tampa(?:\s*2)?)\s+from\s+(?:3|three)[ -]high\b' => 'tampa 2, shows three high',
        '\b(?:double|mug)\s+a[ -]gap\s+(?:look|show)\b' => 'mug',
        '\bbails?\s+to\s+(?=cover|tampa|[0-6]\b|quarters)' => '',
        '\bboth\s+ilb\s+(?=blitz|come)' => 'both ilbs ',
        '\bbracket\s+([xyzhr])\s+(?=\w)' => 'bracket $1, ',
        '\b(dime)\s*,\s*(?=(?:4-1|3-2)(?:-6)?\b)' => '$1 ',
        '\btight\s+front(?=\s*,?\s*4i\b)' => 'tite front',
        '\btite\s+front\s*,?\s*4i[ -]0[ -]4i\b' => 'tite front',
        '\b(?:press|pressed)\s+(?:on\s+)?(?:both\s+)?#1s?\b' => 'corners press',
        '\bedge\s+blitz\s+(?:from\s+)?both(?:\s+sides)?\b' => 'edge pressure strong, edge pressure weak',
        '\b(?:the\s+)?{defender}\s+creeping\b' => 'walked $1',
        '\bman\s+under\s*,\s*(?:two|2)\s+deep\b' => '2-man',
        '\b(?:two|2)\s+deep\s*,\s*(?:five|5)\s+under\b' => 'cover 2',
        '\bc\s?([0-6])\b' => 'cover $1',
        '\bst\b' => 'strong',
        '\bmug(?:s|ged)?\s+(?:the\s+)?a(?:[ -]?gaps?)?\s+with\s+(?:the\s+)?{defender}' => 'walked $1',
        '\bspy\s+(?:the\s+)?(?:qb|quarterback)\s+with\s+(?:the\s+)?{defender}' => '$1 plays spy',
        '\bwith\s+([5-8])\b(?!\s*man)' => ', $1 man rush',
        '\s+behind(?:\s+it)?\b' => '',
        '{defender}\s+(?:and|&)\s+{defender}\s+(?:edge\s+)?(blitz(?:es)?|comes?|rush(?:es)?|press|off|bail'
            .'|drops?)\b' => '$1 $3, $2 $3',
        '{defender}\s+off\s+(?:the\s+)?(?:(?:weak|strong|field|boundary)\s+)?edge\b' => '$1 comes',
        '\bdisguises?d?\s+(?:as\s+)?(?=cover|[0-6]\b)' => 'shows ',
        '\bshows?\s+(?:cover\s+)?([0-6])\s*,?\s*(?:but\s+)?(?:plays?|is)\s+(?:cover\s+)?([0-6])\b' => 'cover'
            .' $2, shows cover $1',
        '\b(shows?|showing)\s+(?=[0-6]\b)' => '$1 cover ',
        '\b(?:blitz|send|bring)\s+(?:the\s+)?{defender}(?!\s+and)' => '$1 blitz',
        '{defender}\s+blitz(?:es)?\s+from\s+(?:the\s+)?(?:slot|edge|field|boundary|inside|outside)\b' => '$1 blitz',
        '\b(?:out of|with|from)\s+(?:an?\s+|the\s+)?(?!(?:slot|edge|field|boundary|inside|outside)\b)' => ', ',
        '\bwk\b' => 'weak',
        '\b(sky)\s+(strong|field|boundary)\b' => '$1, safety rotates $2',
        '\b(?:cover\s+)?3\s+(?:match\s*,?\s*)?rip\b(?!\s*,?\s*liz)' => 'cover 3 match, safety rotates right',
        '\b(?:cover\s+)?3\s+(?:match\s*,?\s*)?liz\b' => 'cover 3 match, safety rotates left',
        '\b5-2\s+monster\s+({side})' => '5-2, front to $1',
        '(?:\bbut\s+)?\bdrop(?:s|ping)?\s+(?:out\s+)?(?:in)?to\s+(?=cover|tampa|[0-6]\b|quarters)' => '',
        '\bcorner\s+(?:blitz|cat)\s+({side})' => '$1 corner blitz',
        '\bcat\s+blitz\s+({side})' => '$1 corner blitz',
        '\bfire\s+zone\s+(strong|weak)\b' => 'fire zone, edge pressure $1',
        '\b(press|off)\s+man\s*,?\s*(?:1|one|single)[ -]high\b' => 'cover 1, corners $1',
        '\b(press|off)\s+man\s*,?\s*(?:2|two)[ -]high\b' => '2-man, corners $1',
        '\boff\s+man\b' => 'corners off',
        '^(\s*)show(?:s|ing)?\s+(?:cover\s+)?([0-6])\s*,?\s+(?=\w)' => '$1shows cover $2, ',
        '^(\s*)show(?:s|ing)?\s+quarters\s*,?\s+(?=\w)' => '$1shows cover 4, ',
        '(\btampa(?:\s*2)?)\s*,\s*mike\s+(?:runs?|carries)\s+(?:the\s+)?(?:pole|middle|seam|#?3|pipe)\b' => '$1',
        '\bspins?\s+(strong|weak|left|right)\b' => ', safety rotates $1',
        '\b(?:fs|ss|free safety|strong safety)\s+rotates?\s+({side})' => 'safety rotates $1',
        '((?:[2-6]|over|under|stack|tite|bear|nickel|dime))\s+pinch\b' => '$1, line spikes,',
        '(^|,)\s*pinch{end}' => '$1 line spikes',
        '\b(?:spins?|spun)\s+({side})' => ', safety rotates $1',
        '\b(tampa(?:\s*2)?)\s*,\s*mike\s+(?:is\s+)?(?:deep|runs|carries|drops)(?:\s+(?:deep|the pipe))?{end}' => '$1',
        '\b(cover 1 robber)\s*,\s*(?:ss|fs|strong safety|free safety)\s+robber\b' => '$1',
        '\bblitz\s+{defender}\s+(?:and|&)\s+{defender}{end}' => '$1 blitz, $2 blitz',
        '\bfire\s+zone\s*,\s*((?!nickel\b)[^,]+),\s*{defender}\s+(?:and|&)\s+{defender}{end}' => '$1, fire'
            .' zone, $2 blitz, $3 blitz',
        '\bfire\s+zone\s*,\s*{defender}\s+(?:and|&)\s+{defender}{end}' => 'fire zone, $1 blitz, $2 blitz',
        '{defender}\s+(?:cat|dog)s?{end}' => '$1 blitz',
        '{defender}\s+(?:is\s+)?mug(?:s|ged)?(?:\s+up)?'.self::GAP.'{end}' => 'walked $1',
        '{defender}\s+blitz(?:es)?(?:\s+(?:off the edge|inside|outside)|'.self::GAP.'){end}' => '$1 blitz',
        // Both of them; one corner stands where he is put.
        '\bcorners\s+(?:at|playing|play|depth)\s+(\d+)(?:\s*(?:deep|off))?\b(?!\s*[-.\d])' => 'corners off $1',
        '\bsafety\s+(?:is\s+)?down\s+({side})' => 'safety rotates $1',
        '(?<=over|under|4-3|4-4|5-2|bear)\s+strong(?:\s+to)?\s+(left|right)\b' => ', front to $1',
        '\b(?:two|2)[ -](?:high|deep)\s*,?\s*(?:shell\s*,?\s*)?(?:rolls?|rotates?|spins?|rolling|rotating'
            .'|spinning)\s+to\s+(cover\s+\d|\d)\b' => ', $1, shows cover 4',
        '\b(?:4-2-5|4-2)\s+under\b' => 'nickel over, front to weak',
        '(?<!safety )(?<!safeties )(?<!late )\b(?:rotat(?:es?|ed|ing|ion)|roll(?:s|ed|ing)?)\s+(?:to\s+)?'
            .'({side})' => ', safety rotates $1',
        '\bnickel\s+(?:is\s+)?(?:in\s+(?:the\s+)?)?apex(?:ed)?\b' => '',
        '\b(field|boundary|strong|weak)\s+fire\s+zone\b' => 'fire zone, edge pressure $1',
        '\bfire\s+zone\s+{defender}{end}' => 'fire zone, $1 blitz',
        '\bfire\s+zone\s+(field|boundary)\b' => 'fire zone, edge pressure $1',
        '(?!nickel){defender}\s+fire\s+zone\b' => 'fire zone, $1 blitz',
        '(^|,\s*|(?:\d|over|under|stack|tite|bear|nickel|dime)\s+)slants?\s+(?:to\s+)?({side})' => '$1, line slants $2',
        '\bnickel\s+under\b' => 'nickel over, front to weak',
        '\bcover 1\s*,\s*(?:(?:ss|fs|strong safety|free safety)\s+)?(robber|hole|rat|lurk)\b' => 'cover 1 $1',
    ];

    private const GAP = '(?:\s+(?:in|through|over)?\s*(?:the\s+)?[abcd][ -]?gap)?';

    /** The outside backers of a front, where two men are meant and no others. */
    private const OUTSIDE = ['3-4' => ['sam', 'jack'], 'tite' => ['sam', 'jack'], '4-3 over' => ['sam', 'will'],
        '4-3 under' => ['sam', 'will']];

    /** What follows the front and the shell. */
    private const AFTER = [
        '(^|,)\s*(press|bail){end}' => '$1 corners $2',
        '{defender}\s+(?:is\s+)?(?:walked|walks|creeps|crept|up)(?:\s+up)?(?:\s+(?:on|to)\s+the\s+(?:line'
            .'|ball))?{end}' => 'walked $1',
        '{defender}\s+(?:is\s+)?on\s+the\s+(?:line|ball){end}' => 'walked $1',
        '{defender}\s+(?:is\s+)?(?:rush(?:es|ing)?|com(?:es?|ing)|adds?)(?:\s+(?:off the edge|inside|outside|up'
            .' the middle))?{end}' => '$1 plays rush',
        '{defender}\s+fires?{end}' => '$1 blitz',
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
        $rest = Phrases::rewritten(Phrases::clean($rest), $drops + self::outside($front) + self::AFTER);
        $rest = self::creeper(self::nose($rest, $front), $front);

        return rtrim("$front, $shell, ".Phrases::clean($rest), ', ');
    }

    /** @return array<string, string> the rule for both outside backers of a front; none where others could be meant */
    private static function outside(string $front): array
    {
        $acts = '(?:are\s+)?(?:comes?|coming|blitz(?:es|ing)?|rush(?:es|ing)?)';
        $men = self::OUTSIDE[$front] ?? [];

        return $men === [] ? [] : [
            "\\b(?:both\\s+)?(?:olbs?|outside (?:line)?backers)\\s+$acts{end}" => "$men[0] blitz, $men[1] blitz",
        ];
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
            new Lexicon(LookLexicon::LOOK),
            new Lexicon(LookLexicon::SHELLS, Shells::names()),
            new Lexicon(LookLexicon::FRONTS, Fronts::names()),
        ];
        // A personnel that stands before a pressure is the front.
        $words = Phrases::rewritten($look->put($words), ['\b(nickel|dime)\s+(?=walked\s|mike\s+blitz)' => '$1, ']);
        [$shell, $rest] = $shells->first($words, '(?<!shows )(?<!showing )(?<!plays )');
        [$front, $rest] = $fronts->first($rest, '(?<!to )');
        // "base 3", "tite 4": the figure is the coverage's.
        if ($shell === null && preg_match('/(?:^|,)\s*([0-6])\s*(?=,|$)/', $rest, $m) === 1) {
            $shell = "cover $m[1]";
            $rest = preg_replace('/(^|,)\s*[0-6]\s*(?=,|$)/', '$1', $rest, 1) ?? $rest;
        }
        $rest = $shell === null ? $rest : self::high($rest, $shell);
        if ($front === null && preg_match('/(?:^|,)\s*nickel\s*(?=,|$)/i', $rest) === 1) {
            [$front, $rest] = ['4-2 nickel', preg_replace('/(^|,)\s*nickel\s*(?=,|$)/i', '$1', $rest, 1) ?? $rest];
        }

        return [$front, $shell, $rest, $words];
    }

    /** "two high, cover 2" says it twice; "two high, cover 3" is shown before the snap. */
    private static function high(string $rest, string $shell): string
    {
        $open = Shells::get($shell)->open;

        return preg_replace_callback(
            '/\b(?:(two|2)|one|1|single)[ -]high\b(?:\s+(?:shell|look|safeties|show))?(?:\s+to\b)?/i',
            fn (array $m): string => match (($m[1] ?? '') !== '') {
                $open => ' ',
                true => ', shows cover 4, ',
                false => ', shows cover 3, ',
            },
            $rest,
        ) ?? $rest;
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
        $pattern = "\\b(?:bring|send|rush)\\s+$n\\b"
            ."|\\b{$n}(?:[ -]man\\s+(?:rush|pressure|blitz)|\\s+rushers)\\b(?!\\s+{side})";

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
