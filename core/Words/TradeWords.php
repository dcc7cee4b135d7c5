<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Blocking\Scheme;
use Jacotaxis\Core\Concept\Drawn;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Route\Routes;

/**
 * Words of the trade in the words of the language: abbreviations, synonyms and the order coaches say a look in. What
 * has one meaning is put over here; what staffs mean differently is left to be asked. Common practice without a
 * published source.
 */
final class TradeWords
{
    /** Sets, runs, routes, families and drops. */
    private const CALL = [
        // sets and the quarterback
        'shotgun' => 'gun', 'sg' => 'gun', 'uc' => 'under center', 'under ctr' => 'under center', 'doubles' => '2x2',
        'dubs' => '2x2', 'spread' => '2x2', '2 by 2' => '2x2', '3 by 1' => 'trips', '3x1' => 'trips',
        'trips te' => 'trey', 'trips tight end' => 'trey', 'i form' => 'I', 'i formation' => 'I',
        'split backs' => 'split-back', 'two backs' => 'two-back', '2 back' => 'two-back', '2 backs' => 'two-back',
        'no back' => 'empty', 'no backs' => 'empty', '5 wide' => 'empty', 'five wide' => 'empty',
        'double slots' => 'double-slot', 'flexbone' => 'double-slot', 'double wings' => 'double-wing',
        'h back' => 'H-back', 'unbal' => 'unbalanced', 'dbls' => '2x2', 'quad' => 'quads', '4x1' => 'quads',
        'bone' => 'wishbone', 'wing t' => 'wing-T', 'fullhouse' => 'full house', 't formation' => 'full house',
        'pro i' => 'I', 'i pro' => 'I', 'pro set' => 'split-back', 'double tight' => 'ace',
        'two tight' => 'ace', 'two tight ends' => 'ace', '2 tight ends' => 'ace', 'singleback' => 'under center',
        'single back' => 'under center', 'one back' => 'under center', '1 back' => 'under center',
        'tackle over' => 'unbalanced', 'trip' => 'trips', 'trips open' => 'trips', 'trips closed' => 'trey',
        'trips bunch' => 'bunch', 'bunch trips' => 'bunch', 'empty trips' => 'empty', 'empty quads' => 'quads',
        'offset i' => 'strong I', 'far i' => 'weak I', 'near i' => 'strong I', 'i strong' => 'strong I',
        'i weak' => 'weak I', 'gun split' => 'gun split-back', 'gun split backs' => 'gun split-back',
        'both sides' => 'both',
        // motions
        'motion jet' => 'jet', 'fly motion' => 'jet', 'orbit motion' => 'orbit',
        // runs
        'inside zone read' => 'zone', 'zone read' => 'zone', 'inside zone' => 'zone', 'iz' => 'zone',
        'read option' => 'zone', 'stretch' => 'outside zone', 'wide zone' => 'outside zone', 'oz' => 'outside zone',
        'slice' => 'split zone', 'power o' => 'power', 'counter trey' => 'counter', 'counter gt' => 'counter',
        'gt counter' => 'counter', 'gt' => 'counter', 'jet sweep' => 'jet', 'fly sweep' => 'jet',
        'speed sweep' => 'jet', 'inside veer' => 'triple', 'triple option' => 'triple', 'crack toss' => 'crack',
        'toss crack' => 'crack', 'toss sweep' => 'toss', 'quick pitch' => 'toss', 'speed' => 'speed option',
        'buck sweep' => 'buck', 'veer' => 'triple', 'isolation' => 'iso', 'midline option' => 'midline',
        'qb wham' => 'quarterback wham', 'qb power' => 'quarterback power', 'qb draw' => 'quarterback draw',
        'qb sneak' => 'quarterback sneak', 'sneak' => 'quarterback sneak', 'qb' => 'quarterback',
        'insert zone' => 'insert', 'zone insert' => 'insert', 'orbit reverse' => 'reverse',
        'lead draw' => 'draw', 'hb draw' => 'draw', 'rb draw' => 'draw', 'jailbreak screen' => 'tunnel screen',
        'jailbreak' => 'tunnel screen', 'rb screen' => 'slip screen', 'hb screen' => 'slip screen',
        'back screen' => 'slip screen', 'running back screen' => 'slip screen', 'slow screen' => 'slip screen',
        'te screen' => 'tight end screen', 'smoke screen' => 'now screen', 'smoke' => 'now screen',
        'quick screen' => 'now screen', 'flare screen' => 'swing screen', 'pin pull' => 'pin and pull',
        'pin & pull' => 'pin and pull', 'pin n pull' => 'pin and pull', 'rocket toss' => 'rocket',
        'rocket sweep' => 'rocket', 'tackle wrap' => 'dart', 'pwr' => 'power', 'ctr' => 'counter',
        'shovel pass' => 'shovel', 'shovel option' => 'shovel', 'inverted veer' => 'power read', 'bash' => 'power read',
        'outside zone read' => 'outside zone',
        'oz read' => 'outside zone', 'iz read' => 'zone', 'fb dive' => 'F dive', 'fullback dive' => 'F dive',
        'fb trap' => 'F trap', 'fullback trap' => 'F trap', 'fb belly' => 'F belly', 'fullback belly' => 'F belly',
        // routes
        'drag' => 'shallow', 'drags' => 'shallow', 'shallow crosser' => 'shallow', 'crosser' => 'over',
        'deep cross' => 'over', 'deep over' => 'over', 'square in' => 'dig', 'square out' => 'out',
        'speed out' => 'quick out', 'fade' => 'go outside release', 'glance' => 'post 6', 'streak' => 'go',
        'vertical' => 'go', 'fly' => 'go', 'hook' => 'curl', 'come back' => 'comeback', 'shoot' => 'flat',
        'shoots' => 'flat', 'flare' => 'swing', 'hitch and go' => 'hitch-go', 'sluggo' => 'slant-go',
        'slant and go' => 'slant-go', 'out and up' => 'out-up', 'post corner' => 'post-corner',
        'corner post' => 'corner-post', 'seam read' => 'bender', 'cross' => 'over', 'deep crosser' => 'over',
        'crossing' => 'over', 'pop' => 'seam 6', 'slugo' => 'slant-go', 'stutter go' => 'hitch-go',
        'stutter and go' => 'hitch-go', 'back shoulder fade' => 'back shoulder', 'pivot' => 'whip', 'jerk' => 'whip',
        'skinny post' => 'post', 'basic' => 'dig',
        // families
        '4 verticals' => 'four verticals', '4 verts' => 'four verticals', 'four verts' => 'four verticals',
        'verts' => 'four verticals', 'all go' => 'four verticals', 'verticals' => 'four verticals',
        'all hitches' => 'hitches', 'all hitch' => 'hitches', 'sail' => 'flood', 'snag' => 'spot',
        'slant flat' => 'slant-flat', 'slants' => 'double slants', 'curl flat' => 'curl-flat',
        'post dig' => 'post-dig', 'dig post' => 'post-dig', 'go dig' => 'go-dig', 'post wheel' => 'post-wheel',
        'shallows' => 'shallow cross', 'level' => 'levels', 'sprint out flood' => 'flood',
        'dagger' => 'inverted post-dig', 'mills' => 'post-dig', 'post cross' => 'yankee', 'post over' => 'yankee',
        'fades' => 'fade-out', 'fade out' => 'fade-out', 'hitch seam' => 'hitch-seam', 'hitch seams' => 'hitch-seam',
        'all curls' => 'curls', 'all curl' => 'curls', 'all comebacks' => 'comebacks',
        'all slants' => 'double slants both', 'double slant' => 'double slants', 'quick slants' => 'double slants',
        'speed outs' => 'quick outs', 'all outs' => 'quick outs', 'hitch all' => 'hitches', 'out flat' => 'out-flat',
        'fade flat' => 'fade-flat',
        // protection and the drop
        'half boot' => 'half-boot', 'sprint out' => 'half-boot', 'sprintout' => 'half-boot', 'sprint' => 'half-boot',
        'roll out' => 'half-boot', 'rollout' => 'half-boot', 'roll' => 'half-boot', 'bootleg' => 'boot',
        'naked boot' => 'naked', 'half slide' => 'half-slide', 'full slide' => 'full-slide',
        'big on big' => 'big-on-big', 'bob' => 'big-on-big', '7 man' => 'seven-man', 'seven man' => 'seven-man',
        '5 man' => 'five-man', 'five man' => 'five-man', '6 man' => 'six-man', 'six man' => 'six-man',
        '8 man' => 'eight-man', 'eight man' => 'eight-man', '5 man pro' => 'five-man', '6 man pro' => 'six-man',
        '7 man pro' => 'seven-man', '8 man pro' => 'eight-man', 'max' => 'seven-man', 'max protect' => 'seven-man', 'scat' => 'five-man',
        'scat protection' => 'five-man',
        'quick game' => 'quick',
    ];

    private const LOOK = [
        'corners pressed' => 'corners press', 'press corners' => 'corners press',
        'corners pressing' => 'corners press', 'press coverage' => 'corners press', 'soft corners' => 'corners off',
        'off corners' => 'corners off', '5 man pressure' => 'five rush', 'five man pressure' => 'five rush',
        '5 man rush' => 'five rush', 'bring 5' => 'five rush', '6 man pressure' => 'six rush',
        'six man pressure' => 'six rush', '6 man rush' => 'six rush', 'bring 6' => 'six rush',
        'all out blitz' => 'six rush', 'all out' => 'six rush', 'field pressure' => 'edge pressure field',
        'boundary pressure' => 'edge pressure boundary', 'field edge' => 'edge pressure field',
        'boundary edge' => 'edge pressure boundary', 'edge blitz' => 'edge pressure',
        'rotate strong' => 'safety rotates strong', 'rotate weak' => 'safety rotates weak',
        'rotated strong' => 'safety rotates strong', 'rotated weak' => 'safety rotates weak',
        'rolled strong' => 'safety rotates strong', 'rolled weak' => 'safety rotates weak',
        'blitz will' => 'will blitz', 'blitz mike' => 'mike blitz', 'blitz sam' => 'sam blitz',
        'blitz nickel' => 'nickel blitz', 'ss blitz' => 'strong safety blitz', 'fs blitz' => 'free safety blitz',
        'safety blitz' => 'strong safety blitz', 'strong safety blitz' => 'strong safety blitz',
        'free safety blitz' => 'free safety blitz', 'field safety blitz' => 'field safety blitz',
        'boundary safety blitz' => 'boundary safety blitz', 'mug' => 'walked mike, walked will',
        'mugged' => 'walked mike, walked will', 'double mug' => 'walked mike, walked will',
        'double a gap' => 'walked mike, walked will', 'press bail' => 'corners bail', 'press man' => 'corners press',
        'late rotation strong' => 'safety rotates strong', 'late rotation weak' => 'safety rotates weak',
        'rotation strong' => 'safety rotates strong', 'rotation weak' => 'safety rotates weak',
        '5 man pressure field' => 'edge pressure field', '5 man pressure boundary' => 'edge pressure boundary',
        'strong edge' => 'edge pressure strong', 'weak edge' => 'edge pressure weak',
        'strong pressure' => 'edge pressure strong', 'weak pressure' => 'edge pressure weak',
        'ends crash' => 'left end squeeze, right end squeeze', 'crash ends' => 'left end squeeze, right end squeeze',
        'ends upfield' => 'left end upfield, right end upfield', 'mike spy' => 'mike plays spy',
        'spy' => 'mike plays spy', 'drop 8' => 'rush three', 'drop eight' => 'rush three',
        '3 man rush' => 'rush three', 'three man rush' => 'rush three', 'rush 3' => 'rush three',
    ];

    private const FRONTS = [
        '4-2-5' => '4-2 nickel', '42 nickel' => '4-2 nickel', '4-2' => '4-2 nickel', 'nickel 4-2' => '4-2 nickel',
        '4 down nickel' => '4-2 nickel', '4-3' => '4-3 over', 'over' => '4-3 over', 'over front' => '4-3 over',
        '4-3 base' => '4-3 over', 'under' => '4-3 under', 'under front' => '4-3 under', '3-3-5' => '3-3 stack',
        '3-3' => '3-3 stack', '33 stack' => '3-3 stack', 'odd stack' => '3-3 stack', 'okie' => '3-4',
        '3-4 okie' => '3-4', '34' => '3-4', '3-4 base' => '3-4', '44' => '4-4', '4-4 stack' => '4-4', '52' => '5-2',
        '5-2 monster' => '5-2', '46' => 'bear', 'bear 46' => 'bear', 'double eagle' => 'bear', 'mint' => 'tite',
        '62' => '6-2', '61' => '6-1', 'dime' => '4-1 dime', '4-1-6' => '4-1 dime', '4-1' => '4-1 dime',
        'base' => '4-3 over', 'base 4-3' => '4-3 over', 'big nickel' => '4-2 nickel', 'odd front' => '3-4',
        'odd' => '3-4', '50' => '5-2', '50 front' => '5-2', 'bear front' => 'bear', 'goal line' => '6-2',
        'gl' => '6-2', '53' => '5-3', 'tite front' => 'tite', '3-4 front' => '3-4', '4-3 front' => '4-3 over',
        'nickel front' => '4-2 nickel', '4-2 front' => '4-2 nickel', 'stack front' => '3-3 stack',
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
        'cover two man' => '2-man', '2 man under' => '2-man', 'tampa' => 'tampa 2', 'cover three' => 'cover 3',
        'cover 3 sky' => 'cover 3', '3 sky' => 'cover 3', 'three sky' => 'cover 3', '3 cloud' => 'cover 3 cloud',
        'cover four' => 'cover 4', 'quarters' => 'cover 4', 'cover 4 quarters' => 'cover 4',
        'quarters coverage' => 'cover 4', 'cover six' => 'cover 6', 'quarter quarter half' => 'cover 6',
        'qqh' => 'cover 6', 'cover 6 field' => 'cover 6', 'palms' => 'cover 4 trap', '2 read' => 'cover 4 trap',
        'two read' => 'cover 4 trap', 'cover 2 read' => 'cover 4 trap', 'cover 2 trap' => 'cover 4 trap',
        'quarters match' => 'cover 4', 'match quarters' => 'cover 4', 'cover 4 match' => 'cover 4',
        '3 match' => 'cover 3 match', 'match 3' => 'cover 3 match', 'rip liz' => 'cover 3 match',
        'rip, liz' => 'cover 3 match', 'cover 1 hole' => 'cover 1', '1 hole' => 'cover 1', 'cover 1 rat' => 'cover 1',
        '1 rat' => 'cover 1', 'cover 1 lurk' => 'cover 1', '1 lurk' => 'cover 1', '3 weak' => 'cover 3 weak',
        'weak 3' => 'cover 3 weak', 'cloud' => 'cover 3 cloud', 'invert' => 'cover 2 invert',
        '2 invert' => 'cover 2 invert', '3 high' => 'three high', '3 safeties' => 'three high',
        'three safety' => 'three high', '3 safety' => 'three high', 'zone blitz' => 'fire zone',
        'nickel fire' => 'fire zone',
    ];

    private const STEPS = ['1' => 'quick', 'one' => 'quick', '3' => 'three', 'three' => 'three', '5' => 'five',
        'five' => 'five', '7' => 'seven', 'seven' => 'seven'];

    /**
     * What may be said besides the language's own words, for completion.
     *
     * @return array{call: list<string>, fronts: list<string>, shells: list<string>, look: list<string>}
     */
    public static function said(): array
    {
        $words = fn (array $list): array => array_map(strval(...), array_keys($list));

        return [
            'call' => $words(self::CALL),
            'fronts' => $words(self::FRONTS),
            'shells' => $words(self::SHELLS),
            'look' => $words(self::LOOK),
        ];
    }

    /** A call in the words of the language. */
    public static function call(string $words): string
    {
        $words = self::plain(TradeOrder::of(str_replace('’', "'", $words), self::joins()));
        $words = preg_replace_callback(
            '/\b(1|3|5|7|one|three|five|seven)[\s-]*steps?(?:\s+drop)?\b/i',
            fn (array $m): string => self::STEPS[strtolower($m[1])],
            $words,
        ) ?? $words;
        // A drag this deep is no shallow any more.
        $words = preg_replace('/\bdrag\s+(?:at\s+)?(?=1\d)/i', 'over ', $words) ?? $words;
        $words = self::put($words, self::CALL, self::ownCallWords());
        $words = self::runFirst(self::screens($words));
        // "gun trips right rpo: zone left, Y stick" says what kind it is before it says the run.
        $runs = self::runs(Schemes::names());
        $words = preg_replace("/^([^:]*?)\s*,?\s*\brpo\s*:?\s*(?=(?:$runs)\b)/i", '$1: ', $words) ?? $words;

        return TradeTricks::moved(TradeTricks::placed(self::playAction(self::sides($words))));
    }

    /** A look in the words of the language: the front first, then the shell, then the rest. */
    public static function look(string $words): string
    {
        $words = self::sides(self::plain($words));
        $words = preg_replace('/\b(?:cov|cvr)\b\.?/i', 'cover', $words) ?? $words;
        $words = preg_replace('/\bc\s?([0-6])\b/i', 'cover $1', $words) ?? $words;
        $words = preg_replace('/\bst\b/i', 'strong', preg_replace('/\bwk\b/i', 'weak', $words) ?? $words) ?? $words;
        $words = self::put($words, self::LOOK, []);
        [$shell, $rest] = self::first($words, self::SHELLS, Shells::names(), '(?<!shows )(?<!showing )(?<!plays )');
        [$front, $rest] = self::first($rest, self::FRONTS, Fronts::names(), '(?<!to )');
        if ($front === null && preg_match('/(?:^|,)\s*nickel\s*(?=,|$)/i', $rest) === 1) {
            [$front, $rest] = ['4-2 nickel', preg_replace('/(^|,)\s*nickel\s*(?=,|$)/i', '$1', $rest, 1) ?? $rest];
        }
        if ($front !== null && $shell === null) {
            // The rest is told to be no shell.
            return rtrim("$front, ".self::clean($rest), ', ');
        }
        if ($front === null || $shell === null) {
            return $words;
        }
        $rest = preg_replace('/(^|,)\s*(press|bail)\s*(?=,|$)/i', '$1 corners $2', self::clean($rest)) ?? $rest;
        $rest = preg_replace('/\brush three\b/i', (self::DROPPERS[$front] ?? 'who').' plays hook', $rest) ?? $rest;
        $men = implode('|', array_map(fn (string $m): string => preg_quote($m, '/'), DefenderWords::known()));
        $rest = preg_replace("/\\b($men)\s+walked(?:\s+up)?\s*(?=,|$)/i", 'walked $1', $rest) ?? $rest;
        $rest = preg_replace("/\\b($men)\s+(?:rush(?:es)?|comes?|adds?)\s*(?=,|$)/i", '$1 plays rush', $rest) ?? $rest;
        $rest = preg_replace("/\\b($men)\s+drops?(?:\s+out)?\s*(?=,|$)/i", '$1 plays hook', $rest) ?? $rest;
        $rest = self::creeper($rest, $front, $men);
        $rest = preg_replace(
            '/(^|,)\s*(?:bracket|double)s?\s+(?:on\s+)?([xyzhr])\s*(?=,|$)/i',
            '$1 free safety plays bracket on $2',
            $rest,
        ) ?? $rest;

        return rtrim("$front, $shell, ".self::clean($rest), ', ');
    }

    /** One comes who does not rush and one drops who does: of a front with nobody to spare the end away from him. */
    private static function creeper(string $rest, string $front, string $men): string
    {
        $named = '(?:sim(?:ulated)?(?:\s+pressure)?|creeper)';
        $words = preg_replace("/\\b$named\s+(?:by\s+)?($men)\\b/i", '$1 creeper', $rest) ?? $rest;

        return preg_replace_callback(
            "/\\b($men)\s+$named\s*(?=,|$)/i",
            function (array $m) use ($front): string {
                $away = in_array(strtolower($m[1]), ['will', 'dime', 'jack'], true) ? 'strong end' : 'weak end';

                return "$m[1] plays rush, ".(self::DROPPERS[$front] ?? $away).' plays hook';
            },
            $words,
        ) ?? $words;
    }

    /** What may be joined by a stroke. @return list<string> */
    private static function joins(): array
    {
        $names = array_map(strval(...), array_keys(Drawn::catalogue([])));

        return [
            ...array_map(fn (string $n): string => str_replace('-', ' ', strtolower($n)), $names),
            ...array_map(strval(...), array_keys(self::CALL)),
        ];
    }

    /** Signs and units coaches write: "@ 6", "6 yds", "Z slant / H flat". */
    private static function plain(string $words): string
    {
        $words = str_replace(['@', '’', '"'], [' at ', "'", ''], $words);
        $words = preg_replace('/(?<=\d)\s*(?:yds?|yards?)\b\.?/i', '', $words) ?? $words;
        $words = preg_replace('/\bto the (left|right|rt|lt|field|boundary)\b/i', '$1', $words) ?? $words;

        $words = preg_replace('/\s+[-–]\s+/u', ', ', $words) ?? $words;

        return preg_replace('#\s*[/+]\s*#', ', ', $words) ?? $words;
    }

    /** Right and left as they are written; RT and LT stay the tackles where one is given a job or stood on. */
    private static function sides(string $words): string
    {
        return preg_replace_callback(
            '/(?<![\w#-])(rt|lt|rgt)\b\.?/i',
            function (array $m) use ($words): string {
                [$word, $at] = $m[0];
                $before = rtrim(substr($words, 0, $at));
                // A part begins with a man, never with a side.
                $isTackle = preg_match('/(?:[:;,]|\bon)$/i', $before) === 1;

                return $isTackle ? $word : (strtolower($word[0]) === 'r' ? 'right' : 'left');
            },
            $words,
            flags: PREG_OFFSET_CAPTURE,
        ) ?? $words;
    }

    /** Runs as a pattern, the longest first. @param  array<int, string>  $names */
    public static function runs(array $names): string
    {
        $runs = array_map(fn (string $r): string => str_replace(' ', '[ -]', preg_quote($r, '/')), $names);
        usort($runs, fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return implode('|', $runs);
    }

    /** "bubble right" is the screen where no run is said that it goes with. */
    private static function screens(string $words): string
    {
        $body = substr($words, (int) strrpos($words, ':'));
        $runs = self::runs(array_filter(Schemes::names(), fn (string $r): bool => Schemes::get($r)->screen === null));
        if (preg_match("/\b(?:$runs|rpo)\b/i", $body) === 1) {
            return $words;
        }
        $side = '(?=\s+(?:right|left|rt|lt|field|boundary|strong|weak)\b|\s*$)';
        // With a colon it stands right after it, without one it ends the call.
        $place = str_contains($words, ':') ? '(?<=:)\s*' : '(?<!\b[xyzhrf])\s+';

        return preg_replace("/$place\b(bubble|tunnel|slip)$side/i", ' $1 screen', $words) ?? $words;
    }

    /** "RT climb will; zone right" says the run last: it comes first, its jobs after it. */
    private static function runFirst(string $words): string
    {
        $at = strrpos($words, ':');
        $parts = $at === false ? [] : array_map(trim(...), explode(';', substr($words, $at + 1)));
        $side = '(?:\s+(?:left|right|rt|lt|field|boundary))?';
        $said = array_keys(preg_grep('/^(?:[xyzhrf]\s+)?(?:'.self::runs(Schemes::names())."){$side}$/i", $parts) ?: []);
        if ($said === [] || $said[0] === 0) {
            return $words;
        }
        $rest = array_diff_key($parts, [$said[0] => true]);

        return substr($words, 0, (int) $at).': '.implode('; ', [$parts[$said[0]], ...$rest]);
    }

    /** "PA outside zone left" is that run faked. */
    private static function playAction(string $words): string
    {
        $pattern =
            '/\b(?:pa|play[ -]action|play[ -]pass)(?:\s+off)?\s+('.
            self::runs(Schemes::names()).
            ')((?:\s+(?:left|right|field|boundary))?)(?!\s*fake)/i';

        return preg_replace($pattern, '$1$2 fake', $words) ?? $words;
    }

    /**
     * Puts phrases over, the longest first; the language's own phrases stay.
     *
     * @param  array<int|string, string>  $over
     * @param  list<string>  $own
     */
    private static function put(string $words, array $over, array $own): string
    {
        $all = array_combine($own, $own) + $over;
        $phrases = array_map(strval(...), array_keys($all));
        usort($phrases, fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        $pattern = implode(
            '|',
            array_map(fn (string $p): string => str_replace([' ', '\-'], '[ -]+', preg_quote($p, '/')), $phrases),
        );

        return preg_replace_callback("/(?<![\w#-])(?:$pattern)(?![\w-])/i", function (array $m) use ($all): string {
            $said = strtolower(preg_replace('/[ -]+/', ' ', $m[0]) ?? $m[0]);

            return $all[$said] ?? $m[0];
        }, $words) ?? $words;
    }

    /**
     * The first front or shell in a look, and what is left without it.
     *
     * @param  array<int|string, string>  $over
     * @param  list<string>  $own
     * @return array{string|null, string}
     */
    private static function first(string $words, array $over, array $own, string $notAfter): array
    {
        $all = [];
        foreach (array_combine($own, $own) + $over as $said => $meant) {
            $all[strtolower(str_replace('-', ' ', (string) $said))] = $meant;
        }
        $phrases = array_map(strval(...), array_keys($all));
        usort($phrases, fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        $pattern = implode(
            '|',
            array_map(fn (string $p): string => str_replace(' ', '[ -]+', preg_quote($p, '/')), $phrases),
        );
        if (preg_match("/$notAfter(?<![\w#-])(?:$pattern)(?![\w-])/i", $words, $m, PREG_OFFSET_CAPTURE) !== 1) {
            return [null, $words];
        }
        [$said, $at] = $m[0];
        $meant = $all[strtolower(preg_replace('/[ -]+/', ' ', $said) ?? $said)];

        return [$meant, substr($words, 0, $at).', '.substr($words, $at + strlen($said))];
    }

    private static function clean(string $words): string
    {
        $words = preg_replace('/(?:\s*,\s*)+/', ', ', $words) ?? $words;

        return trim($words, ", \t");
    }

    /** @return list<string> phrases that mean themselves */
    private static function ownCallWords(): array
    {
        $all = [
            ...Sets::names(),
            ...array_keys(Routes::all()),
            ...array_keys(Drawn::catalogue([])),
            ...Schemes::names(),
            ...array_column(Scheme::cases(), 'value'),
        ];

        return array_values(array_filter(
            array_map(strval(...), $all),
            fn (string $p): bool => str_contains($p, ' ') || str_contains($p, '-'),
        ));
    }
}
