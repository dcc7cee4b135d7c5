<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use Jacotaxis\Core\Defense\Aligning\Named;
use Jacotaxis\Core\Defense\Front\Front;
use Jacotaxis\Core\Defense\Fronts;

/** The words for a defender: roles, letters, groups. */
final class DefenderWords
{
    /** Letters that mean one man only. */
    private const LETTERS = ['S' => 'sam', 'M' => 'mike', 'W' => 'will', 'N' => 'nickel', 'J' => 'jack',
        'V' => 'rover', 'D' => 'dime'];

    /** @return list<string> every role a front can have */
    public static function roles(): array
    {
        $fronts = array_map(Fronts::get(...), Fronts::names());

        return array_values(array_unique(array_merge(...array_map(fn (Front $f): array => $f->roles(), $fronts))));
    }

    /** Takes a defender: a role, a group, or a letter; null when none comes next. */
    public static function take(Tokens $tokens): ?string
    {
        $role = $tokens->phrase(self::known());
        if ($role !== null) {
            return $role;
        }
        $letter = strtoupper($tokens->peek() ?? '');

        return isset(self::LETTERS[$letter]) && $tokens->next() !== null ? self::LETTERS[$letter] : null;
    }

    /** @return list<string> for suggestions */
    public static function known(): array
    {
        return [...self::roles(), ...Named::together(), ...Named::bySide()];
    }
}
