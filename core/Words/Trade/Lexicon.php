<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade;

/** Words and what each means; the longest is tried first, and a blank in one may be a hyphen or several blanks. */
final readonly class Lexicon
{
    /** @var array<string, string> what is meant by what is said, in lower case with single blanks */
    private array $means;

    private string $pattern;

    /**
     * @param  array<int|string, string>  $means  by what is said
     * @param  list<string>  $own  phrases that mean themselves, so that a shorter one in them is left alone
     */
    public function __construct(array $means, array $own = [])
    {
        $all = [];
        foreach (array_combine($own, $own) + $means as $said => $meant) {
            $all[self::plain((string) $said)] = $meant;
        }
        $this->means = $all;
        $phrases = array_map(strval(...), array_keys($all));
        usort($phrases, fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        $this->pattern = implode('|', array_map(
            fn (string $p): string => str_replace(' ', '[ -]+', preg_quote($p, '/')),
            $phrases,
        ));
    }

    /** Every phrase put over for what it means. */
    public function put(string $words): string
    {
        return preg_replace_callback(
            "/(?<![\w#-])(?:$this->pattern)(?![\w-])/i",
            fn (array $m): string => $this->means[self::plain($m[0])] ?? $m[0],
            $words,
        ) ?? $words;
    }

    /**
     * What the first phrase means, and the words without it.
     *
     * @param  string  $notAfter  a lookbehind for what may not stand before it
     * @return array{string|null, string}
     */
    public function first(string $words, string $notAfter): array
    {
        $pattern = "/$notAfter(?<![\w#-])(?:$this->pattern)(?![\w-])/i";
        if (preg_match($pattern, $words, $m, PREG_OFFSET_CAPTURE) !== 1) {
            return [null, $words];
        }
        [$said, $at] = $m[0];

        return [$this->means[self::plain($said)], substr($words, 0, $at).', '.substr($words, $at + strlen($said))];
    }

    private static function plain(string $said): string
    {
        return strtolower((string) preg_replace('/[ -]+/', ' ', $said));
    }
}
