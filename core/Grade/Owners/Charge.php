<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Owners;

use DomainException;

/**
 * Whether a grade counts for the man it is about. What does not count is kept, shown and still teaches: a throw too
 * hard for a drill, a hold nobody called, a walk-through, a fault of the staff, what another man caused, and a guess
 * (GRD-03, GRD-06, GRD-09, GRD-10, REC-08).
 */
final class Charge
{
    /** Whose it is instead: what happened, and whether a plus is left out with the minus. */
    private const OTHERS = [
        'thrower' => ['too hard a throw for the drill', false],
        'opponent' => ['a hold or foul of theirs that nobody called', false],
        'protection' => ['hit as he let the ball go', false],
        'staff' => ['wrong call, formation or plan', false],
        'context' => ['effort of a bag drill or walk-through', true],
        'undetermined' => ['nobody knows yet whose it was', true],
    ];

    /** @return array<string, string> what happened, by owner */
    public static function others(): array
    {
        return array_map(fn (array $o): string => $o[0], self::OTHERS);
    }

    /**
     * Why it does not count for him, in words, or null when it does.
     *
     * @param  int  $mark  plus 1, minus -1 or 0
     * @param  string|null  $owner  of others(), or null for himself
     * @param  string|null  $causedBy  letter of the man whose play led to it
     *
     * @throws DomainException when the owner is not known, or a man is said to have caused his own grade
     */
    public static function why(
        string $man,
        int $mark,
        ?string $owner = null,
        ?string $causedBy = null,
        bool $certain = true,
    ): ?string {
        if ($owner !== null && ! isset(self::OTHERS[$owner])) {
            throw new DomainException(
                "\"$owner\" is nobody a play can be charged to: ".implode(', ', array_keys(self::OTHERS)).'.',
            );
        }
        if ($causedBy === $man) {
            throw new DomainException("$man cannot have caused his own grade: name another man or leave it empty.");
        }
        [$words, $whole] = self::OTHERS[$owner] ?? ['', false];

        return match (true) {
            ! $certain => 'a guess: settle it and it counts',
            $owner !== null && ($whole || $mark <= 0) => $words,
            $causedBy !== null && $mark < 0 => "$causedBy caused it",
            default => null,
        };
    }
}
