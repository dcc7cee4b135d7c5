<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use Jacotaxis\Core\Defense\Aligning\Named;
use Jacotaxis\Core\Defense\Change;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Jobs\JobWords;
use Jacotaxis\Core\Defense\Jobs\Movement;
use Jacotaxis\Core\Defense\Jobs\MovementKind;
use Jacotaxis\Core\Defense\Jobs\Technique;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Defense\UnknownLook;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Words\Hints\TradeHints;
use Jacotaxis\Core\Words\Trade\Look\LookLexicon;
use Jacotaxis\Core\Words\Trade\Look\TradeLooks;

/**
 * Reads "4-2 nickel, cover 3, corners press, edge pressure field": front, shell, then pressure, rotation, disguise,
 * leverage, walked men, techniques, movements and jobs in any order.
 */
final class LookParser
{
    public const SIDES = ['strong', 'weak', 'left', 'right', 'field', 'boundary'];

    /** How many rush, by the word and the figure. */
    public const COUNTS = ['three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, '3' => 3,
        '4' => 4, '5' => 5, '6' => 6, '7' => 7, '8' => 8];

    private const MOVES = ['slant' => MovementKind::Slant, 'slants' => MovementKind::Slant,
        'cross' => MovementKind::Cross, 'crosses' => MovementKind::Cross,
        'spike' => MovementKind::Spike, 'spikes' => MovementKind::Spike, 'scrape' => MovementKind::Scrape,
        'scrapes' => MovementKind::Scrape,
        'squeeze' => MovementKind::Squeeze, 'squeezes' => MovementKind::Squeeze, 'upfield' => MovementKind::Upfield,
        'blitz' => MovementKind::Blitz, 'blitzes' => MovementKind::Blitz];

    private function __construct(private readonly Tokens $tokens, private readonly string $school)
    {
    }

    /**
     * @param  StaffBook|null  $book  the staff's own words, and its names of the techniques
     *
     * @throws NotUnderstood
     */
    public static function parse(string $words, ?StaffBook $book = null): Look
    {
        $words = $book?->look($words) ?? $words;
        try {
            $look = self::read(TradeLooks::look($words), $book->school ?? Technique::SCHOOLS[0]);

            return TradeLooks::namesFront($words) ? $look
                : $look->with(['assumed' => ["front {$look->front}: none is said"]]);
        } catch (NotUnderstood $e) {
            throw TradeHints::ofLook($words, $e) ?? self::noFront($words, $e) ?? $e;
        }
    }

    /** What stands first and is neither a coverage nor anything else of a look is meant for a front. */
    private static function noFront(string $words, NotUnderstood $refused): ?NotUnderstood
    {
        $first = trim(explode(',', $words)[0]);
        $covered = 'cover 3, '.ltrim($words);
        $says = TradeLooks::namesFront($words) || TradeLooks::namesShell($words);
        if (! $says && self::isRead(TradeLooks::look($covered))) {
            return NotUnderstood::because("No coverage is said: say it too, as in \"$covered\".", $first);
        }

        return TradeLooks::namesFront($words) ||
            TradeLooks::namesShell($first) ||
            ! str_starts_with(strtolower($first), $refused->word)
            ? null
            : NotUnderstood::word($first, 'front', Fronts::names());
    }

    /** Whether these words of the language are a look. */
    private static function isRead(string $words): bool
    {
        try {
            self::read($words, Technique::SCHOOLS[0]);
        } catch (NotUnderstood) {
            return false;
        }

        return true;
    }

    /** @throws NotUnderstood */
    private static function read(string $words, string $school): Look
    {
        $tokens = new Tokens($words);
        $front = $tokens->phrase(Fronts::names())
            ?? throw NotUnderstood::word(trim(explode(',', $words)[0]), 'front', Fronts::names());
        $tokens->skip(',');
        $rest = trim(explode(',', $words, 2)[1] ?? $words);
        $rest = $tokens->done() ? '' : $rest;
        $shell = self::shell($tokens) ?? throw self::noShell($front, $rest);
        try {
            $look = Look::of($front, $shell);
            $parser = new self($tokens, $school);
            while (! $tokens->done()) {
                $tokens->skip(',');
                $look = $tokens->done() ? $look : $parser->clause($look);
            }

            return self::whole($look, $words);
        } catch (UnknownLook $e) {
            throw NotUnderstood::because($e->getMessage(), $rest);
        }
    }

    /** What stands where the shell should is what may follow one, or no word for a shell. */
    private static function noShell(string $front, string $rest): NotUnderstood
    {
        $covered = rtrim("$front, cover 3, $rest", ', ');

        return self::isRead($covered)
            ? NotUnderstood::because("No coverage is said: say it after the front, as in \"$covered\".", $rest)
            : NotUnderstood::word($rest, 'shell', [
                ...Shells::names(),
                ...array_map(strval(...), array_keys(LookLexicon::SHELLS)),
            ]);
    }

    /**
     * Every man of the look stands in its front.
     *
     * @throws NotUnderstood
     */
    private static function whole(Look $look, string $words): Look
    {
        $known = [
            ...Fronts::get($look->front)->roles(),
            ...Named::among(Fronts::get($look->front)->roles()),
            ...Named::bySide(),
        ];
        foreach (array_diff(array_map(strval(...), array_keys($look->changes)), $known) as $who) {
            $men = implode(', ', array_diff(Fronts::get($look->front)->roles(), ['left corner', 'right corner']));
            $none = in_array($who, Named::together(), true) ? 'are no' : 'is no';
            throw NotUnderstood::because("There $none $who in the {$look->front}: it has $men, and two corners.", $who);
        }

        return $look;
    }

    private static function shell(Tokens $tokens): ?string
    {
        $shell = $tokens->phrase([...Shells::names(), ...array_map(strval(...), array_keys(LookLexicon::SHELLS))]);

        return $shell === null ? null : (LookLexicon::SHELLS[$shell] ?? $shell);
    }

    private function clause(Look $look): Look
    {
        $tokens = $this->tokens;
        if ($tokens->take('shows', 'showing') !== null) {
            return $look->with(['shown' => self::shell($tokens)
                ?? throw NotUnderstood::word($tokens->peek() ?? '', 'shell', Shells::names())]);
        }
        if ($tokens->phrase(['safety rotates', 'safeties rotate', 'rotates', 'rotate']) !== null) {
            return $look->with(['rotates' => $this->side()]);
        }
        if ($tokens->phrase(['edge pressure', 'edge blitz']) !== null) {
            return $look->with(['edges' => [...$look->edges, $this->side()]]);
        }
        if ($tokens->phrase(['front to', 'front set to']) !== null) {
            return $look->with(['strength' => $this->side()]);
        }
        if ($tokens->phrase(['front stays']) !== null) {
            return $look->with(['slides' => false]);
        }
        if ($tokens->phrase(['men locked', 'men stay locked']) !== null) {
            return $look->with(['locks' => true]);
        }
        if ($tokens->take('motion') !== null) {
            return $look->with([
                'motion' => $tokens->phrase(Look::MOTION) ??
                    throw NotUnderstood::word($tokens->peek() ?? '', 'answer to motion', Look::MOTION),
            ]);
        }
        if ($tokens->take('walked') !== null) {
            return $look->changing($this->who(), ['walked' => true]);
        }
        $count = $tokens->phrase(array_map(fn (int|string $n): string => "$n rush", array_keys(self::COUNTS)));
        if ($count !== null) {
            return $look->with(['rushers' => self::COUNTS[explode(' ', $count)[0]]]);
        }

        return $this->technique($look) ?? $this->man($look);
    }

    private function technique(Look $look): ?Look
    {
        $name = $this->tokens->phrase(array_map(fn (string $t): string => "$t on", Technique::known($this->school)));
        if ($name === null) {
            return null;
        }
        $lineman = strtoupper((string) $this->tokens->next());
        if (! in_array($lineman, [...Man::LINEMEN, ...Man::SKILL], true)) {
            throw NotUnderstood::word(strtolower($lineman), 'lineman', array_map(strtolower(...), Man::LINEMEN));
        }

        return $look->with([
            'techniques' => [...$look->techniques, [Technique::meant(substr($name, 0, -3), $this->school), $lineman]],
        ]);
    }

    /**
     * "corners press", "W blitz", "nose slants left", "nickel plays man on H", "mike reacts in 0.35 s", "will at 3 5".
     */
    private function man(Look $look): Look
    {
        $who = $this->who();
        $word = $this->tokens->next();
        if ($word !== null && isset(Change::LEVERAGES[$word]) || $word === 'head') {
            return $look->changing($who, $this->leverage($look, $who, $word === 'head' ? 'head-up' : $word));
        }
        if ($word !== null && isset(self::MOVES[$word])) {
            $side = $this->tokens->take(...self::SIDES);

            return $look->changing($who, [
                'movement' => Movement::toward(self::MOVES[$word], $side),
            ]);
        }

        return match ($word) {
            'counted' => $look->changing($who, [
                'counted' => $this->tokens->take('in', 'out') ??
                    throw NotUnderstood::word($this->tokens->peek() ?? '', 'way to count the box', ['in', 'out']),
            ]),
            'plays' => $look->changing($who, $this->job()),
            'reacts' => $look->changing($who, ['reaction' => $this->reaction()]),
            default => is_numeric($word) && is_numeric($this->tokens->peek())
                ? $look->changing($who, ['spot' => [(float) $word, (float) $this->tokens->next()]])
                : throw ($word === null ? NotUnderstood::because(
                    "Say what the $who does: \"$who off\", \"$who blitz\", \"$who plays hook\"; or leave him out.",
                    $who,
                ) : NotUnderstood::word($word, "word for the $who", [
                    ...array_keys(Change::LEVERAGES),
                    ...array_keys(self::MOVES),
                    'plays',
                    'reacts in',
                    'counted in',
                    'counted out',
                ])),
        };
    }

    /** @return array<string, mixed> */
    private function leverage(Look $look, string $who, string $word): array
    {
        $this->tokens->take('up');
        $said = $look->changes[$who]->leverage ?? [];
        if ($word === 'off' && is_numeric($this->tokens->peek())) {
            return ['offYd' => (float) $this->tokens->next(), 'leverage' => $said];
        }

        return ['leverage' => array_values(array_unique([...$said, $word]))];
    }

    /** @return array<string, mixed> */
    private function job(): array
    {
        $job = $this->tokens->phrase(array_keys(JobWords::all()))
            ?? throw NotUnderstood::word($this->tokens->peek() ?? '', 'job', array_keys(JobWords::all()));
        $on = $this->tokens->take('on', 'over') === null ? null : strtoupper((string) $this->tokens->next());
        if ($on !== null && ! in_array($on, Man::SKILL, true)) {
            throw NotUnderstood::word(strtolower($on), 'receiver', array_map(strtolower(...), Man::SKILL));
        }

        return ['job' => $job, 'on' => $on];
    }

    private function reaction(): float
    {
        $this->tokens->skip('in');
        $s = $this->tokens->next();
        $this->tokens->skip('s', 'seconds');

        return is_numeric($s) && $s >= 0.0 && $s <= 1.0
            ? (float) $s
            : throw NotUnderstood::because("A reaction of \"$s\" cannot be: give 0 to 1 seconds.", (string) $s);
    }

    private function who(): string
    {
        return DefenderWords::take($this->tokens) ??
            throw NotUnderstood::word($this->tokens->peek() ?? '', 'word for a look here', [
                ...DefenderWords::known(),
                'safety rotates',
                'edge pressure',
                'shows',
                'walked',
                'motion',
                'front to',
                'men locked',
                'five rush',
                'six rush',
            ]);
    }

    private function side(): string
    {
        return $this->tokens->take(...self::SIDES) ??
            throw NotUnderstood::word($this->tokens->peek() ?? '', 'side', self::SIDES);
    }
}
