<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Chart;

use DomainException;

/** A quick entry that cannot be read: which token, and what would do. */
final class BadEntry extends DomainException
{
    public static function token(string $token): self
    {
        return new self("\"$token\" is no part of a quick entry. Call and look by their figures, then k and the "
            ."key's choice, then the result with its gain: 3 2 k1 c8. Press F1 for all of it.");
    }

    public static function tooMany(string $token): self
    {
        return new self("\"$token\" is a third figure: the first is the call, the second the look. Write a gain "
            .'with its result, as in r4.');
    }

    public static function notListed(string $figure, string $of, int $n): self
    {
        return new self("There is no $of under $figure: the list has $n.");
    }

    public static function noGain(Result $result): self
    {
        $letter = $result->letter();

        return new self("Say the gain with the {$result->value}: {$letter}4, {$letter}0 or {$letter}-2.");
    }

    public static function gainWithout(Result $result, string $gain): self
    {
        return new self("A ball that is {$result->value} gains nothing, but $gain was written: take it away, or "
            ."write c$gain or r$gain.");
    }

    public static function spot(string $token): self
    {
        return new self("\"$token\" is no yard line: @-41 is own 41, @35 is their 35, @50 midfield.");
    }

    public static function noKey(string $token): self
    {
        return new self("\"$token\" names the key's choice, but call or look is unknown, so there is no key yet.");
    }

    /** @param  list<int>  $known */
    public static function notOnTheSheet(string $token, array $known): self
    {
        return new self("There is no call $token on the sheet against this opponent: ".($known === []
            ? 'put calls on it under Sheet, The call sheet.'
            : 'it has 1 to '.max(1, ...$known).'.'));
    }

    public static function box(string $token): self
    {
        return new self("\"$token\" is no count of a box: b6, b7 or b8 say how many men stand in it.");
    }

    public static function depth(string $token): self
    {
        return new self(sprintf(
            '"%s" is no place before the snap: fs@12 says how many yards deep, %g at most.',
            $token,
            DefenderStood::DEEPEST_YD,
        ));
    }

    /** @param  list<string>  $known */
    public static function defender(string $token, array $known): self
    {
        return new self("\"$token\" begins with no defender. Known: ".implode(', ', $known).'.');
    }

    /** @param  list<DefenderAct>  $acts */
    public static function act(string $token, array $acts): self
    {
        $said = implode(', ', array_map(fn (DefenderAct $a): string => "{$a->key()} ({$a->value})", $acts));

        return new self("\"$token\" says no single act of a defender. Write one of: $said.");
    }

    /** @param  list<string>  $all */
    public static function choice(string $begins, array $all): self
    {
        return new self(
            $all === []
                ? "The call has no key against this look, so \"k$begins\" chooses nothing."
                : "The key does nothing that begins with \"$begins\": ".implode(', ', $all).'.',
        );
    }

    /**
     * @param  list<string>  $fits
     * @param  list<string>  $all
     */
    public static function either(string $begins, array $fits, array $all): self
    {
        $figures = implode(
            ' or ',
            array_map(fn (string $c): string => 'k'.((int) array_search($c, $all, true) + 1)." $c", $fits),
        );

        return new self("\"k$begins\" may be ".implode(' or ', $fits).": write $figures.");
    }
}
