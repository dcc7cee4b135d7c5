<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

/**
 * The catalogue of fronts (common practice): down men by technique and side of strength, second level by gap.
 *
 * Roles: letter => [name, side of strength or weakness, technique or null, width over the line and depth in yards].
 */
final class Fronts
{
    private const ALL = [
        '4-2 nickel' => [
            'down' => [['E', 'strong', '5'], ['T', 'strong', '3'], ['T', 'weak', '1'], ['E', 'weak', '5']],
            'backers' => ['M' => ['mike', 'strong', 1.9], 'W' => ['will', 'weak', 1.9]],
        ],
    ];

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::ALL);
    }

    public static function has(string $name): bool
    {
        return isset(self::ALL[$name]);
    }

    /** @return list<array{string, string, string}> letter, strong or weak, technique */
    public static function down(string $name): array
    {
        return self::ALL[$name]['down'];
    }

    /** @return array<string, array{string, string, float}> role, strong or weak, width in yards */
    public static function backers(string $name): array
    {
        return self::ALL[$name]['backers'];
    }
}
