<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use Jacotaxis\Core\Defense\Fronts;

/** The words for a defender: roles, letters, groups. */
final class DefenderWords
{
    public const GROUPS = ['corners', 'safeties', 'backers'];

    /** Letters that mean one man only. */
    private const LETTERS = ['S' => 'sam', 'M' => 'mike', 'W' => 'will', 'N' => 'nickel', 'J' => 'jack',
        'V' => 'rover', 'D' => 'dime'];

    /** @return list<string> every role a front can have */
    public static function roles(): array
    {
        $names = ['left corner', 'right corner', 'strong safety', 'free safety'];
        foreach (Fronts::names() as $front) {
            $data = Fronts::get($front);
            foreach (
                [
                    ...array_column($data['line'], 1),
                    $data['N'][1],
                    $data['M'][1],
                    $data['W'][1],
                    $data['SS'][1] ?? 'strong safety',
                ] as $name
            ) {
                $names = [
                    ...$names,
                    ...in_array($name, ['end', 'tackle', 'guard'], true) ? ["left $name", "right $name"] : [$name],
                ];
            }
        }

        return array_values(array_unique($names));
    }

    /** Takes a defender: a role, a group, or a letter; null when none comes next. */
    public static function take(Tokens $tokens): ?string
    {
        $role = $tokens->phrase([...self::roles(), ...self::GROUPS]);
        if ($role !== null) {
            return $role;
        }
        $letter = strtoupper($tokens->peek() ?? '');

        return isset(self::LETTERS[$letter]) && $tokens->next() !== null ? self::LETTERS[$letter] : null;
    }

    /** @return list<string> for suggestions */
    public static function known(): array
    {
        return [...self::roles(), ...self::GROUPS];
    }
}
