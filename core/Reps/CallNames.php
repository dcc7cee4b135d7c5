<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Reps;

/** "Which call is this?": the routes are drawn, and the call is to be named among others of the book. */
final class CallNames
{
    private const CHOICES = 4;

    /**
     * @param  array<string, string>  $book  words of every pass of the book by its name
     * @return Question|null null where no other call could be meant
     */
    public static function of(string $name, string $words, array $book): ?Question
    {
        // What is drawn alike has no name that is wrong.
        $others = array_map(strval(...), array_keys(array_filter(
            $book,
            fn (string $other): bool => $other !== $words,
        )));
        $others = array_values(array_diff($others, [$name]));
        $standing = fn (string $said): string => trim(explode(':', $said)[0]);
        // From the same formation first; which of them are offered hangs on the call alone, so that a question stays.
        $rank = fn (string $other): array => [
            $standing($book[$other]) === $standing($words) ? 0 : 1,
            md5("$words $other"),
        ];
        usort($others, fn (string $a, string $b): int => $rank($a) <=> $rank($b));
        $offered = [$name, ...array_slice($others, 0, self::CHOICES - 1)];
        sort($offered);

        return count($offered) < 2 ? null : new Question(
            Kind::Call,
            '',
            'Which call is this?',
            array_map(fn (string $one): Choice => new Choice($one, $one), $offered),
            [$name],
            "It is $words.",
        );
    }
}
