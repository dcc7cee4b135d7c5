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
            ['levels', new Family('levels', [1 => 'in', 2 => 'dig 10'], reads: [['front', 2], ['front', 1]])],
            ['drive', new Family('drive', [1 => 'shallow', 2 => 'dig'], [1 => 'hitch', 2 => 'corner'], [['front', 1], ['front', 2]])],
            ['shallow cross', new Family('shallow cross', [2 => 'dig'], [1 => 'shallow'], [['front', 2], ['other', 1]], across: true)],
            ['hitches', new Family('hitches', [1 => 'hitch', 2 => 'hitch'], [1 => 'hitch', 2 => 'hitch'], [['front', 1], ['front', 2]])],
            ['slant-flat', new Family('slant-flat', [1 => 'slant', 2 => 'flat'], reads: [['front', 1], ['front', 2]])],
            ['double slants', new Family('double slants', [1 => 'slant', 2 => 'slant'], reads: [['front', 2], ['front', 1]])],
            ['stick', new Family('stick', [1 => 'go', 2 => 'flat', 3 => 'sit'], [1 => 'slant'], [['front', 3], ['front', 2]])],
            ['spot', new Family('spot', [1 => 'sit', 2 => 'corner', 3 => 'flat'], reads: [['front', 2], ['front', 1], ['front', 3]], optional: [3])],
            ['scissors', new Family('scissors', [1 => 'post', 2 => 'corner'], reads: [['front', 2], ['front', 1]])],
            ['post-wheel', new Family('post-wheel', [1 => 'post', 2 => 'wheel'], reads: [['front', 2], ['front', 1]])],
            ['flood', new Family('flood', [1 => 'go', 2 => 'out 12', 3 => 'flat'], reads: [['front', 2], ['front', 3]], optional: [3])],
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
