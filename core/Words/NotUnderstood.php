<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use DomainException;

/** A word the language does not know here, with the nearest words it does. */
final class NotUnderstood extends DomainException
{
    /** @param  list<string>  $suggestions */
    private function __construct(
        string $message,
        public readonly string $word,
        public readonly array $suggestions = [],
        private readonly ?string $what = null,
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
                $near === [] => 'Known: '.implode(', ', array_slice($known, 0, 12)).'.',
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

    public static function because(string $message, string $word): self
    {
        return new self($message, $word);
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
