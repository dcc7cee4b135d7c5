<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use Jacotaxis\Core\Concept\Families;
use Jacotaxis\Core\Concept\Family;
use Jacotaxis\Core\Defense\Technique;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Motion\Cadence;
use Jacotaxis\Core\Offense\Motion\Clock;
use Jacotaxis\Core\School\Schools;

/** A staff's own words: letters for the men, names of saved sets, its cadence and its school of technique names. */
final readonly class StaffBook
{
    public Schools $schools;

    /**
     * @param  array<string, string>  $letters  the staff's letter by the letter of the sets
     * @param  array<string, Formation>  $sets  saved sets by name
     * @param  array<string, string>  $groups  personnel by the staff's name: backs and tight ends in two figures, "11"
     * @param  list<Family>  $families  the staff's own, tested before the catalogue's
     * @param  array<string, string>  $aliases  words of the language by the staff's word
     */
    public function __construct(
        public array $letters = [],
        public array $sets = [],
        public ?Cadence $cadence = null,
        public string $school = Technique::SCHOOLS[0],
        public array $groups = [],
        ?Schools $schools = null,
        public array $families = [],
        public array $aliases = [],
    ) {
        $this->schools = $schools ?? Schools::of();
    }

    /** The book for words in the letters of the sets: cadence, schools and families without the staff's own names. */
    public function plain(): self
    {
        return new self(cadence: $this->cadence, schools: $this->schools, families: $this->families);
    }

    /** What its motions are timed with. */
    public function clock(): Clock
    {
        return new Clock($this->cadence ?? Cadence::of(), Level::HighSchool->receiver());
    }

    /** Words with the staff's letters and aliases, in the letters of the sets and the words of the language. */
    public function in(string $words): string
    {
        $aliases = $this->aliases;
        uksort($aliases, fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        foreach ($aliases as $alias => $word) {
            $pattern = '/(?<![\\pL\\d-])'.preg_quote((string) $alias, '/').'(?![\\pL\\d-])/iu';
            if (trim($word) === '' && preg_match($pattern, $words)) {
                throw NotUnderstood::because(
                    "\"$alias\" is a word of the staff without a meaning: give it one in the staff book.",
                    (string) $alias,
                );
            }
            $words = (string) preg_replace($pattern, $word, $words);
        }

        return self::swap($words, array_flip($this->letters));
    }

    /** Words in the letters of the sets, with the staff's letters and its own names of families. */
    public function out(string $words): string
    {
        foreach ($this->aliases as $alias => $word) {
            if (Families::has($word)) {
                $words = (string) preg_replace(
                    '/(?<![\\pL\\d-])'.preg_quote($word, '/').'(?![\\pL\\d-])/u',
                    (string) $alias,
                    $words,
                );
            }
        }

        return self::swap($words, $this->letters);
    }

    /** Whether every letter of the sets has one of its own that no lineman, quarterback or number uses. */
    public static function fits(array $letters): bool
    {
        $sorted = array_keys($letters);
        $skill = Man::SKILL;
        sort($sorted);
        sort($skill);

        return $sorted === $skill && count(array_unique($letters)) === count($letters)
            && array_filter($letters, fn (mixed $l): bool => ! is_string($l) || ! preg_match('/^[A-Z]$/', $l)
                || in_array($l, ['Q', 'C'], true)) === [];
    }

    /** @param  array<string, string>  $map */
    private static function swap(string $words, array $map): string
    {
        return (string) preg_replace_callback(
            '/(?<![\w#-])([A-Za-z])(?![\w-])/',
            function (array $m) use ($map): string {
                $upper = strtoupper($m[1]);

                return isset($map[$upper]) && $map[$upper] !== $upper ? $map[$upper] : $m[1];
            }, $words);
    }
}
