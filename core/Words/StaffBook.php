<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use Jacotaxis\Core\Concept\Families\Family;
use Jacotaxis\Core\Defense\Jobs\Technique;
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

    private Aliases $own;

    /**
     * @param  array<string, string>  $letters  the staff's letter by the letter of the sets
     * @param  array<string, Formation>  $sets  saved sets by name
     * @param  array<string, string>  $groups  personnel by the staff's name: backs and tight ends in two figures, "11"
     * @param  list<Family>  $families  the staff's own, tested before the catalogue's
     * @param  array<int|string, string>  $aliases  words of the language by the staff's word; a number is an int
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
        $this->own = new Aliases($aliases);
    }

    /** A name of the staff as the language compares it: capitals make no other word. */
    public static function name(string $said): string
    {
        return mb_strtolower(trim($said));
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
        return self::swap($this->own->in($words), array_flip($this->letters));
    }

    /** A look in the staff's words, in those of the language; letters of defenders are nobody's own. */
    public function look(string $words): string
    {
        return $this->own->in($words);
    }

    /** Words with the staff's letters and its own words. */
    public function out(string $words): string
    {
        return $this->own->out(self::swap($words, $this->letters));
    }

    /** A look in the staff's words. */
    public function lookOut(string $words): string
    {
        return $this->own->out($words);
    }

    /**
     * Whether every letter of the sets has one of its own that no lineman, quarterback or number uses.
     *
     * @param  array<array-key, mixed>  $letters  the staff's letter by the letter of the sets
     */
    public static function fits(array $letters): bool
    {
        $sorted = array_keys($letters);
        $skill = Man::SKILL;
        sort($sorted);
        sort($skill);

        return $sorted === $skill && count(array_unique($letters)) === count($letters)
            && array_filter($letters, fn (mixed $l): bool => ! is_string($l) || preg_match('/^[A-Z]$/', $l) !== 1
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
