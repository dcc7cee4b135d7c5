<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use DomainException;

/** A word the language does not know here, with the nearest words it does. */
final class NotUnderstood extends DomainException
{
    private const OWN = 'A word of your own gets its meaning in the staff book.';

    /**
     * @param  list<string>  $suggestions  words that are near to it
     * @param  list<string>  $meanings  what staffs mean by it, each of which can stand in its place
     */
    private function __construct(
        string $message,
        public readonly string $word,
        public readonly array $suggestions = [],
        private readonly ?string $what = null,
        public readonly array $meanings = [],
    ) {
        parent::__construct($message);
    }

    /** @param  list<string>  $known */
    public static function word(string $word, string $what, array $known): self
    {
        $near = self::nearest($word, $known);
        $hint =
            match (true) {
                $near === [] && $known === [] => 'Take it out.',
                $near === [] => 'Known: '.implode(', ', array_slice($known, 0, 12)).'. '.self::OWN,
                default => 'Did you mean '.implode(' or ', $near).'?',
            };

        return new self("\"$word\" is not a $what. $hint", $word, $near, $what);
    }

    /** Whether a word was refused because it is none of those known in its place, of a kind where one is asked for. */
    public function isNo(?string $kind = null): bool
    {
        return $this->what !== null && ($kind === null || $this->what === $kind);
    }

    public static function missing(string $what, string $example): self
    {
        return new self("The call has no $what. For example: $example", '');
    }

    public static function nobody(string $who): self
    {
        return new self("There is no $who in this formation.", $who);
    }

    public static function twice(string $who): self
    {
        return new self("$who has two jobs. Say one of them for another man.", $who);
    }

    /** @param  list<string>  $meanings  what staffs mean by the word, where they mean different things */
    public static function because(string $message, string $word, array $meanings = []): self
    {
        return new self($message, $word, meanings: $meanings);
    }

    /** Whether the word it refuses is among these. */
    public function isIn(string $words): bool
    {
        return $this->word !== '' && preg_match('/(?<![\w-])'.preg_quote($this->word, '/').'(?![\w-])/i', $words) === 1;
    }

    /**
     * @param  list<string>  $known
     * @return list<string>
     */
    private static function nearest(string $word, array $known): array
    {
        $near = [];
        foreach ($known as $candidate) {
            if ($candidate === $word) {
                continue;
            }
            $distance = levenshtein(mb_strcut($word, 0, 60), $candidate);
            if ($distance <= max(2, intdiv(strlen($candidate), 3)) || str_starts_with($candidate, $word)) {
                $near[$candidate] = $distance;
            }
        }
        asort($near);

        return array_map(strval(...), array_slice(array_keys($near), 0, 3));
    }
}
