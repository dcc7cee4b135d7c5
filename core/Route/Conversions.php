<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

use Jacotaxis\Core\School\Schools;

/** The catalogue of conversions (common practice): the first that holds fires. */
final class Conversions
{
    /** @return list<Conversion> */
    private static function all(): array
    {
        static $all = null;

        return $all ??= [
            new Conversion('now hitch', ['press'], 'go', school: ['SET-14', 'A']),
            new Conversion('seam', ['middle open'], 'bender', keepsNamed: true),
            new Conversion('shallow', ['zone'], null, 'settling'),
            new Conversion('choice', ['inside'], 'quick out', keepsDepth: true),
            new Conversion('choice', ['outside'], 'in', keepsDepth: true),
            new Conversion('choice', ['head up'], 'hitch', keepsDepth: true),
        ];
    }

    /**
     * Those a route may make, whatever the look.
     *
     * @return list<Conversion>
     */
    public static function possible(RouteSpec $spec, Schools $schools): array
    {
        // A man told to keep moving, to settle or to cross to a landmark has no choice left.
        return $spec->finish !== null || ($spec->at !== null && $spec->at !== 'sticks')
            ? []
            : array_values(
                array_filter(
                    self::all(),
                    fn (Conversion $c): bool => $c->route === $spec->name &&
                        ($c->becomes !== 'bender' || $spec->side === null) &&
                        ($c->school === null || $schools->is(...$c->school)),
                ),
            );
    }

    /** The one that fires, or null. */
    public static function fires(RouteSpec $spec, Facing $facing, Schools $schools): ?Conversion
    {
        foreach (self::possible($spec, $schools) as $conversion) {
            if (array_filter($conversion->when, fn (string $w): bool => ! $facing->holds($w)) === []) {
                return $conversion;
            }
        }

        return null;
    }
}
