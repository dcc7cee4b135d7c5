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
    private const STEPS = ['1' => 'quick', 'one' => 'quick', '3' => 'three', 'three' => 'three', '5' => 'five',
        'five' => 'five', '7' => 'seven', 'seven' => 'seven'];

    /** What is left of an "and" divides, save between men and in a down: "levels & X post". */
    private const BETWEEN = [
        '(?<![\s\d])(?<!\b[xyzhrf])(?<!st)(?<!nd)(?<!rd)(?<!th)\s*&\s*' => ', ',
    ];

    /**
     * What may be said besides the language's own words, for completion.
     *
     * @return list<string>
     */
    public static function said(): array
    {
        return array_map(strval(...), array_keys(CallLexicon::WORDS));
    }

    /**
     * Every word for a run: the language's own and what else it is called.
     *
     * @return list<string>
     */
    public static function runs(): array
    {
        return self::known(Schemes::names());
    }

    /**
     * Every word for a family: the language's own and what else it is called.
     *
     * @return list<string>
     */
    public static function families(): array
    {
        return self::known(array_map(strval(...), array_keys(Drawn::catalogue([]))));
    }

    /**
     * Every word for a route: the language's own and what else it is called.
     *
     * @return list<string>
     */
    public static function routes(): array
    {
        $own = array_map(strval(...), array_keys(Routes::all()));

        return self::known([...$own, 'go outside release', 'post 6', 'seam 6']);
    }

    /**
     * @param  list<string>  $own
     * @return list<string> those words, and what else means one of them
     */
    private static function known(array $own): array
    {
        return [...$own, ...array_map(strval(...), array_keys(array_filter(
            CallLexicon::WORDS,
            fn (string $means): bool => in_array($means, $own, true),
        )))];
    }

    /** Every word for a set as a pattern: the language's own and what else it is called. */
    public static function sets(): string
    {
        return Phrases::runs(self::known(Sets::names()));
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
        self::$lexicon ??= new Lexicon(CallLexicon::WORDS, self::ownCallWords());
        $words = Phrases::rewritten(self::$lexicon->put($words), self::BETWEEN);
        $words = Phrases::rewritten(self::runFirst(self::screens($words)), TradeRuns::FAKES);
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
            ...array_map(strval(...), array_keys(CallLexicon::WORDS)),
        ];
    }

    /** "bubble right" is the screen where no run is said that it goes with. */
    private static function screens(string $words): string
    {
        $body = substr($words, (int) strrpos($words, ':'));
        if (preg_match('/\brpo:/i', $words) === 1
            || preg_match('/'.Phrases::filled('\b(?:{plain run}|rpo\b)').'/i', $body) === 1) {
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
            '\b(?:pa|play[ -]action|play[ -]pass)(?:\s+off)?\s+({run}(?:\s+(?:left|right|field|boundary))?)'
                .'(?!\s*fake)' => '$1 fake',
            // What follows the fake without a stop are its routes.
            '({run}\s+(?:left|right)\s+fake)\s+(?=[a-z#])' => '$1: ',
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
