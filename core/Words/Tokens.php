<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

/** A line of words taken one by one. Case and filler words do not matter; a hyphen inside a word counts as a space. */
final class Tokens
{
    private const FILLER = ['the', 'a', 'an', 'with', 'and', 'yards', 'yard', 'yd', 'at', 'then', 'runs', 'run'];

    /** @var list<string> */
    private array $tokens;

    private int $at = 0;

    public function __construct(string $text)
    {
        $text = preg_replace('/(?<=\w)-(?=\w)/', ' ', mb_strtolower($text));
        preg_match_all('/#?-?[\p{L}\d]+(?:\.\d+)?|[:;,|&]|\S/u', $text ?? '', $found);
        $this->tokens = self::told($found[0]);
    }

    public function done(): bool
    {
        return $this->at >= count($this->tokens);
    }

    public function peek(): ?string
    {
        return $this->tokens[$this->at] ?? null;
    }

    public function next(): ?string
    {
        return $this->tokens[$this->at++] ?? null;
    }

    /** Takes the word when it comes next. */
    public function take(string ...$words): ?string
    {
        return in_array($this->peek(), $words, true) ? $this->next() : null;
    }

    /**
     * Takes the longest of the phrases that comes next.
     *
     * @param  list<string>  $phrases
     */
    public function phrase(array $phrases): ?string
    {
        $best = null;
        $most = 0;
        foreach ($phrases as $phrase) {
            $words = self::told(explode(' ', str_replace('-', ' ', mb_strtolower($phrase))));
            $n = count($words);
            if ($n > $most && array_slice($this->tokens, $this->at, $n) === $words) {
                $best = $phrase;
                $most = $n;
            }
        }
        $this->at += $most;

        return $best;
    }

    /**
     * The words that say something.
     *
     * @param  list<string>  $words
     * @return list<string>
     */
    private static function told(array $words): array
    {
        return array_values(array_filter($words, fn (string $w): bool => ! in_array($w, self::FILLER, true)));
    }

    /** Whether a word comes before the next comma. */
    public function ahead(string $word): bool
    {
        for ($i = $this->at; isset($this->tokens[$i]) && $this->tokens[$i] !== ','; $i++) {
            if ($this->tokens[$i] === $word) {
                return true;
            }
        }

        return false;
    }

    /** A place to come back to. */
    /**
     * A number that has to come next.
     *
     * @param  string  $what  of what, with its unit: "yards wide"
     *
     * @throws NotUnderstood
     */
    public function number(string $what): float
    {
        $word = $this->next();

        return is_numeric($word)
            ? (float) $word
            : throw NotUnderstood::because("\"$word\" is not a number of $what.", (string) $word);
    }

    public function mark(): int
    {
        return $this->at;
    }

    public function back(int $mark): void
    {
        $this->at = $mark;
    }

    public function skip(string ...$words): void
    {
        while ($this->take(...$words) !== null) {
        }
    }
}
