<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

/** The catalogue of families, in the order in which recognition tests them. */
final class Families
{
    /** @var array<string, Family>|null */
    private static ?array $all = null;

    /** @return array<string, Family> by name */
    public static function all(): array
    {
        return self::$all ??= array_column([
            ['post-dig', new Family('post-dig', [1 => 'post', 2 => 'dig'], [1 => 'shallow'], [['front', 2], ['front', 1], ['other', 1]])],
            ['inverted post-dig', new Family('inverted post-dig', [1 => 'dig', 2 => 'post'], [1 => 'shallow'], [['front', 2], ['front', 1], ['other', 1]], alsoCalled: 'dagger type')],
            ['smash', new Family('smash', [1 => 'hitch', 2 => 'corner'], reads: [['front', 2], ['front', 1]])],
            ['curl-flat', new Family('curl-flat', [1 => 'curl', 2 => 'flat'], reads: [['front', 1], ['front', 2]])],
            ['four verticals', new Family('four verticals', [1 => 'go', 2 => 'seam', 3 => 'seam across'], [1 => 'go', 2 => 'seam'],
                [['front', 2], ['other', 2], ['front', 3], ['front', 1], ['other', 1]], across: true, optional: [3])],
        ], 1, 0);
    }

    public static function has(string $name): bool
    {
        return isset(self::all()[$name]);
    }

    public static function get(string $name): Family
    {
        return self::all()[$name];
    }
}
