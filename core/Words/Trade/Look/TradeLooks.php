<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade\Look;

use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Words\DefenderWords;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\Trade\Lexicon;
use Jacotaxis\Core\Words\Trade\Phrases;

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

    /** @var array{Lexicon, Lexicon, Lexicon}|null of what is changed in a look, of shells and of fronts */
    private static ?array $lexicons = null;

    /** @var array{string, array{string|null, string|null, string, string}}|null what was divided last, and its parts */
    private static ?array $last = null;

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
        if ($front === null) {
            [$front, $rest] = self::evenWithNickel($rest);
        }
        if ($shell === null) {
            // The rest is told to be no shell.
            return $front === null ? $all : rtrim("$front, ".TradeActs::of(Phrases::clean($rest), $front), ', ');
        }
        $front ??= self::frontOf($rest);
        $drops = ['\brush three\b' => (self::DROPPERS[$front] ?? 'who').' plays hook'];
        $rest = TradeActs::of(Phrases::clean($rest), $front);
        $rest = Phrases::rewritten($rest, $drops + LookRules::AFTER);
        $rest = self::creeper(self::nose($rest, $front), $front);

        return rtrim("$front, $shell, ".Phrases::clean($rest), ', ');
    }

    /**
     * An even front is said and no more, but the nickel is named: it is the usual one that has him.
     *
     * @return array{string|null, string} the front, and what else is said
     */
    private static function evenWithNickel(string $rest): array
    {
        $even = 'even(?:\s+front)?|(?:4|four)[ -]down(?:\s+(?:front|linemen))?|light\s+box'
            .'|(?:6|six)(?:[ -]man|\s+in\s+the)?\s+box|box\s+of\s+(?:6|six)';
        if (preg_match('/\bnickel\b/i', $rest) !== 1) {
            return [null, $rest];
        }
        $without = preg_replace("/(^|,)\s*(?:$even)(?=\s*,|\s*$)/i", '$1', $rest, 1, $count) ?? $rest;

        return $count === 0 ? [null, $rest] : [self::frontOf($without), $without];
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
        if (self::$last === null || self::$last[0] !== $words) {
            self::$last = [$words, self::divided($words)];
        }

        return self::$last[1];
    }

    /** @return array{string|null, string|null, string, string} */
    private static function divided(string $words): array
    {
        $words = self::counts(Phrases::rewritten(Phrases::sides(Phrases::plain($words)), LookRules::BEFORE));
        [$look, $shells, $fronts] = self::$lexicons ??= [
            new Lexicon(LookLexicon::LOOK),
            new Lexicon(LookLexicon::SHELLS, Shells::names()),
            new Lexicon(LookLexicon::FRONTS, Fronts::names()),
        ];
        // A personnel that stands before a pressure is the front.
        $words = Phrases::rewritten($look->put($words), ['\b(nickel|dime)\s+(?=walked\s|mike\s+blitz)' => '$1, ']);
        [$shell, $rest] = $shells->first($words, '(?<!shows )(?<!showing )(?<!plays )');
        $rest = self::again($shells, $shell, $rest);
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

    /** What else is said without what says the same shell once more: "zone blitz, 3 deep 3 under". */
    private static function again(Lexicon $shells, ?string $shell, string $rest): string
    {
        $parts = array_map(function (string $part) use ($shells, $shell): string {
            // What is shown before the snap is no coverage said again.
            [$second, $without] = preg_match('/^\s*show(?:s|ing)?\b/i', $part) === 1
                ? [null, $part]
                : $shells->first($part, '(?<!plays )');

            return $second === $shell ? $without : $part;
        }, explode(',', $rest));

        return $shell === null ? $rest : implode(',', $parts);
    }

    /** "two high, cover 2" says it twice; "two high, cover 3" is shown before the snap. */
    private static function high(string $rest, string $shell): string
    {
        $open = Shells::get($shell)->open;

        return preg_replace_callback(
            '/\b(?:(?:(two|2)|one|1|single)[ -]high|(mofo)|mofc)\b(?:\s+(?:shell|look|safeties|show))?(?:\s+to\b)?/i',
            fn (array $m): string => match (($m[1] ?? '').($m[2] ?? '') !== '') {
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
