<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Concept\Families\Families;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Route\Routes;

/**
 * A staff's words for those of the language, both ways. A word may be a number: it is one where no depth, distance or
 * count stands.
 */
final readonly class Aliases
{
    /** What a number after these words counts, besides a route's depth. */
    private const COUNTS = ['at', 'to', 'in', 'on', 'of', 'box', 'splits', 'wide', 'deep', 'off', '&', 'ball', 'by'];

    /** @param  array<int|string, string>  $words  words of the language by the staff's word */
    public function __construct(private array $words)
    {
    }

    /**
     * A line with the staff's words put over; what stands before a bar is the situation and stays.
     *
     * @throws NotUnderstood for a word without a meaning
     */
    public function in(string $line): string
    {
        $at = strrpos($line, '|');
        $situation = $at === false ? '' : substr($line, 0, $at + 1);
        $said = $at === false ? $line : substr($line, $at + 1);
        foreach (self::longestFirst(array_map(strval(...), array_keys($this->words))) as $alias) {
            $said = $this->put($said, $alias, $this->words[$alias]);
        }

        return $situation.$said;
    }

    /** A line of the language in the staff's words, wherever one means a name or a word as a whole. */
    public function out(string $line): string
    {
        $own = [];
        foreach ($this->words as $alias => $word) {
            if (trim($word) !== '') {
                $own[mb_strtolower($word)] ??= (string) $alias;
            }
        }
        if ($own === []) {
            return $line;
        }
        // A longer name that holds the word is another word.
        $longer = array_filter(
            self::names(),
            fn (string $n): bool => ! isset($own[$n])
                && array_filter(array_keys($own), fn (string|int $w): bool => self::holds($n, (string) $w)) !== [],
        );
        $all = self::longestFirst([...array_map(strval(...), array_keys($own)), ...$longer]);
        $pattern = implode('|', array_map(fn (string $w): string => preg_quote($w, '/'), $all));

        return (string) preg_replace_callback(
            "/(?<![\\pL\\d-])(?:$pattern)(?![\\pL\\d-])/iu",
            fn (array $m): string => $own[mb_strtolower($m[0])] ?? $m[0],
            $line,
        );
    }

    private function put(string $line, string $alias, string $word): string
    {
        $pattern = '/(?<![\\pL\\d-])'.preg_quote($alias, '/').'(?![\\pL\\d-])/iu';

        /** @param  array<int, array{string, int}>  $m */
        $over = function (array $m) use ($line, $alias, $word): string {
            [$said, $at] = $m[0];
            if (is_numeric($alias) && self::counts(substr($line, 0, (int) $at))) {
                return $said;
            }
            if (trim($word) === '') {
                throw NotUnderstood::because(
                    "\"$alias\" is a word of the staff without a meaning: give it one in the staff book.",
                    $alias,
                );
            }

            return $word;
        };

        return (string) preg_replace_callback($pattern, $over, $line, flags: PREG_OFFSET_CAPTURE);
    }

    /** Whether a number after these words is a depth or a count. */
    private static function counts(string $before): bool
    {
        $last = preg_match('/([\\pL&-]+)\\s*$/u', $before, $m) === 1 ? mb_strtolower($m[1]) : '';
        $routes = array_map(
            fn (string $r): string => (string) preg_replace('/^.* /', '', $r),
            array_keys(Routes::all()),
        );

        return in_array($last, [...self::COUNTS, ...$routes], true) || preg_match('/[-#.]$/', $before) === 1;
    }

    private static function holds(string $name, string $word): bool
    {
        return $name !== $word && preg_match('/(?<![\\pL\\d])'.preg_quote($word, '/').'(?![\\pL\\d])/iu', $name) === 1;
    }

    /**
     * Names of several words.
     *
     * @return list<string>
     */
    private static function names(): array
    {
        return array_values(array_unique(array_map(fn (int|string $n): string => mb_strtolower((string) $n), [
            ...array_keys(Families::all()),
            ...array_keys(Routes::all()),
            ...Schemes::names(),
            ...Sets::names(),
            ...Fronts::names(),
            ...Shells::names(),
            ...DefenderWords::known(),
        ])));
    }

    /**
     * @param  list<string>  $words
     * @return list<string>
     */
    private static function longestFirst(array $words): array
    {
        usort($words, fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return $words;
    }
}
