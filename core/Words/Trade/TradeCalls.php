<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade;

use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Blocking\Scheme;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Route\Routes;

/**
 * A call in words of the trade put into those of the language: abbreviations, synonyms and order. What has one meaning
 * is put over here; what staffs mean differently is left to be asked. Common practice without a published source.
 */
final class TradeCalls
{
    /** Sets, runs, routes, families and drops. */
    private const CALL = [
        // sets and the quarterback
        'shotgun' => 'gun', 'sg' => 'gun', 'uc' => 'under center', 'under ctr' => 'under center', 'doubles' => '2x2',
        'dubs' => '2x2', 'spread' => '2x2', '2 by 2' => '2x2', '3 by 1' => 'trips', '3x1' => 'trips',
        'trips te' => 'trey', 'trips tight end' => 'trey', 'i form' => 'I', 'i formation' => 'I',
        'split backs' => 'split-back', 'two backs' => 'two-back', '2 back' => 'two-back', '2 backs' => 'two-back',
        'no back' => 'empty', 'no backs' => 'empty', '5 wide' => 'empty', 'five wide' => 'empty',
        'double slots' => 'double-slot', 'dbl slot' => 'double-slot', 'dbl slots' => 'double-slot',
        'dbl wing' => 'double-wing', 'dbl wings' => 'double-wing', 'flexbone' => 'double-slot',
        'double wings' => 'double-wing',
        'h back' => 'H-back', 'y off' => 'H-back', 'unbal' => 'unbalanced', 'dbls' => '2x2', 'quad' => 'quads', '4x1' => 'quads',
        'bone' => 'wishbone', 'wing t' => 'wing-T', 'fullhouse' => 'full house', 't formation' => 'full house',
        'pro i' => 'I', 'i pro' => 'I', 'pro set' => 'split-back', 'double tight' => 'ace',
        'two tight' => 'ace', 'two tight ends' => 'ace', '2 tight ends' => 'ace', 'singleback' => 'under center',
        'single back' => 'under center', 'one back' => 'under center', '1 back' => 'under center',
        'tackle over' => 'unbalanced', 'trip' => 'trips', 'trips open' => 'trips', 'trips closed' => 'trey',
        'trips bunch' => 'bunch', 'bunch trips' => 'bunch', 'empty trips' => 'empty', 'empty quads' => 'quads',
        'stacks' => 'stack', 'bunches' => 'bunch', 'nasty' => 'tight', 'h off' => 'H-back',
        'offset i' => 'strong I', 'far i' => 'weak I', 'near i' => 'strong I', 'i strong' => 'strong I',
        'i weak' => 'weak I', 'gun split' => 'gun split-back', 'gun split backs' => 'gun split-back',
        'both sides' => 'both',
        // motions
        'motion jet' => 'jet', 'fly motion' => 'jet', 'orbit motion' => 'orbit',
        // runs
        'inside zone read' => 'zone', 'zone read' => 'zone', 'inside zone' => 'zone', 'iz' => 'zone',
        'read option' => 'zone', 'stretch' => 'outside zone', 'wide zone' => 'outside zone', 'oz' => 'outside zone',
        'slice' => 'split zone', 'split flow zone' => 'split zone',
        'split flow' => 'split zone', 'zone dive' => 'zone', 'power o' => 'power', 'counter trey' => 'counter', 'counter gt' => 'counter',
        'gt counter' => 'counter', 'gt' => 'counter', 'ct' => 'counter',
        'one back power' => 'power', '1 back power' => 'power', 'jet sweep' => 'jet', 'fly sweep' => 'jet',
        'speed sweep' => 'jet', 'inside veer' => 'triple', 'triple option' => 'triple', 'crack toss' => 'crack',
        'toss crack' => 'crack', 'toss sweep' => 'toss', 'quick pitch' => 'toss', 'speed' => 'speed option', 'speed opt' => 'speed option', 'opt' => 'option',
        'buck sweep' => 'buck', 'veer' => 'triple', 'isolation' => 'iso', 'blast' => 'iso',
        'lead blast' => 'iso', 'midline option' => 'midline',
        'qb wham' => 'quarterback wham', 'qb power' => 'quarterback power', 'qb draw' => 'quarterback draw',
        'qb sneak' => 'quarterback sneak', 'qb counter' => 'quarterback counter', 'qb sweep' => 'quarterback sweep',
        'q counter' => 'quarterback counter', 'q power' => 'quarterback power', 'q draw' => 'quarterback draw',
        'q sneak' => 'quarterback sneak', 'q sweep' => 'quarterback sweep', 'super power' => 'power',
        'midline triple' => 'midline pitch', 'triple midline' => 'midline pitch', 'sneak' => 'quarterback sneak',
        'qb iso' => 'quarterback iso', 'qb lead' => 'quarterback iso', 'qb lead draw' => 'quarterback draw', 'q iso' => 'quarterback iso',
        'q lead' => 'quarterback iso', 'qb blast' => 'quarterback iso',
        'qb' => 'quarterback',
        'insert zone' => 'insert', 'zone insert' => 'insert', 'orbit reverse' => 'reverse',
        'lead draw' => 'draw', 'hb draw' => 'draw', 'rb draw' => 'draw', 'jailbreak screen' => 'tunnel screen',
        'jailbreak' => 'tunnel screen', 'rb screen' => 'slip screen', 'hb screen' => 'slip screen',
        'rb slip screen' => 'slip screen', 'hb slip screen' => 'slip screen', 'back screen' => 'slip screen',
        'running back screen' => 'slip screen', 'slow screen' => 'slip screen',
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
        '4 verticals' => 'four verticals', 'all goes' => 'four verticals',
        'all gos' => 'four verticals', 'all verts' => 'four verticals', 'all verticals' => 'four verticals',
        '4 verts' => 'four verticals', 'four verts' => 'four verticals',
        'verts' => 'four verticals', 'all go' => 'four verticals', 'verticals' => 'four verticals',
        'all hitches' => 'hitches', 'all hitch' => 'hitches', 'sail' => 'flood', 'snag' => 'spot',
        'slant flat' => 'slant-flat', 'slants' => 'double slants', 'curl flat' => 'curl-flat',
        'curls flats' => 'curl-flat', 'curls and flats' => 'curl-flat', 'rail' => 'wheel',
        'post dig' => 'post-dig', 'dig post' => 'post-dig', 'go dig' => 'go-dig', 'post wheel' => 'post-wheel',
        'wheel post' => 'post-wheel', 'flat curl' => 'curl-flat', 'flat slant' => 'slant-flat',
        'shallows' => 'shallow cross', 'level' => 'levels', 'sprint out flood' => 'flood',
        'dagger' => 'inverted post-dig', 'mills' => 'post-dig', 'post cross' => 'yankee', 'post over' => 'yankee',
        'fades' => 'fade-out', 'fade out' => 'fade-out', 'hitch seam' => 'hitch-seam', 'hitch seams' => 'hitch-seam',
        'all curls' => 'curls', 'all hooks' => 'curls', 'hank' => 'curl-flat both',
        'all curl' => 'curls', 'all comebacks' => 'comebacks',
        'all slants' => 'double slants both', 'double slant' => 'double slants', 'quick slants' => 'double slants',
        'speed outs' => 'quick outs', 'all outs' => 'quick outs', 'hitch all' => 'hitches', '5 hitches' => 'hitches',
        'five hitches' => 'hitches', '4 hitches' => 'hitches', 'four hitches' => 'hitches', 'out flat' => 'out-flat',
        'fade flat' => 'fade-flat', 'slot fade' => 'fade-out', 'slot fades' => 'fade-out',
        // protection and the drop
        'half boot' => 'half-boot', 'sprint out' => 'half-boot', 'sprintout' => 'half-boot', 'sprint' => 'half-boot',
        'roll out' => 'half-boot', 'rollout' => 'half-boot', 'roll' => 'half-boot', 'bootleg' => 'boot',
        'naked boot' => 'naked', 'half slide' => 'half-slide', 'full slide' => 'full-slide',
        'big on big' => 'big-on-big', 'bob' => 'big-on-big', '7 man' => 'seven-man', 'seven man' => 'seven-man',
        '5 man' => 'five-man', 'five man' => 'five-man', '6 man' => 'six-man', 'six man' => 'six-man',
        '8 man' => 'eight-man', 'eight man' => 'eight-man', '5 man pro' => 'five-man', '6 man pro' => 'six-man',
        '7 man pro' => 'seven-man', '8 man pro' => 'eight-man', 'max' => 'seven-man', 'max protect' => 'seven-man',
        'scat' => 'five-man',
        'scat protection' => 'five-man',
        'quick game' => 'quick',
    ];

    private const STEPS = ['1' => 'quick', 'one' => 'quick', '3' => 'three', 'three' => 'three', '5' => 'five',
        'five' => 'five', '7' => 'seven', 'seven' => 'seven'];

    /**
     * What may be said besides the language's own words, for completion.
     *
     * @return list<string>
     */
    public static function said(): array
    {
        return array_map(strval(...), array_keys(self::CALL));
    }

    /**
     * Every word for a run: the language's own and what else it is called.
     *
     * @return list<string>
     */
    public static function runs(): array
    {
        $own = Schemes::names();

        return [...$own, ...array_map(strval(...), array_keys(array_filter(
            self::CALL,
            fn (string $means): bool => in_array($means, $own, true),
        )))];
    }

    /** Every word for a set as a pattern: the language's own and what else it is called. */
    public static function sets(): string
    {
        $own = Sets::names();

        return Phrases::runs([...$own, ...array_map(strval(...), array_keys(array_filter(
            self::CALL,
            fn (string $means): bool => in_array($means, $own, true),
        )))]);
    }

    private static ?Lexicon $lexicon = null;

    /**
     * What may be joined by a stroke.
     *
     * @var list<string>|null
     */
    private static ?array $joins = null;

    /** A call in the words of the language. */
    public static function call(string $words): string
    {
        $words = Phrases::plain(TradeOrder::of(str_replace('’', "'", $words), self::$joins ??= self::joins()));
        $words = preg_replace_callback(
            '/\b(1|3|5|7|one|three|five|seven)[\s-]*steps?(?:\s+drop)?\b/i',
            fn (array $m): string => self::STEPS[strtolower($m[1])],
            $words,
        ) ?? $words;
        // A drag this deep is no shallow any more.
        $words = Phrases::rewritten($words, ['\bdrag\s+(?:at\s+)?(?=1\d)' => 'over ']);
        self::$lexicon ??= new Lexicon(self::CALL, self::ownCallWords());
        $words = self::$lexicon->put($words);
        $words = Phrases::rewritten(self::runFirst(self::screens($words)), TradeOrder::RUNS);
        // "gun trips right rpo: zone left, Y stick" says what kind it is before it says the run.
        $words = Phrases::rewritten($words, ['^([^:]*?)\s*,?\s*\brpo\s*:?\s*(?={run})' => '$1: ']);

        return TradePlaces::beforeTheColon(
            TradeTricks::moved(TradeTricks::placed(self::playAction(Phrases::sides($words)))),
        );
    }

    /**
     * What may be joined by a stroke.
     *
     * @return list<string>
     */
    private static function joins(): array
    {
        $names = array_map(strval(...), array_keys(Drawn::catalogue([])));

        return [
            ...array_map(fn (string $n): string => str_replace('-', ' ', strtolower($n)), $names),
            ...array_map(strval(...), array_keys(self::CALL)),
        ];
    }

    /** "bubble right" is the screen where no run is said that it goes with. */
    private static function screens(string $words): string
    {
        $body = substr($words, (int) strrpos($words, ':'));
        if (preg_match('/'.Phrases::filled('\b(?:{plain run}|rpo\b)').'/i', $body) === 1) {
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
        $isRun = '/'.Phrases::filled("^(?:[xyzhrf]\s+)?{run}{$side}$").'/i';
        $said = array_keys(preg_grep($isRun, $parts) ?: []);
        if ($said === [] || $said[0] === 0) {
            return $words;
        }
        $rest = array_diff_key($parts, [$said[0] => true]);

        return substr($words, 0, (int) $at).': '.implode('; ', [$parts[$said[0]], ...$rest]);
    }

    /** "PA outside zone left" is that run faked. */
    private static function playAction(string $words): string
    {
        return Phrases::rewritten($words, [
            '\b(?:pa|play[ -]action|play[ -]pass)(?:\s+off)?\s+({run}(?:\s+(?:left|right|field|boundary))?)(?!\s*fake)' => '$1 fake',
        ]);
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
