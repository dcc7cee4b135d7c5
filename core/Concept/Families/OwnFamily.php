<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept\Families;

use DomainException;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Route\RouteSpec;

/**
 * A family of a staff's own as it is kept in its book: routes by receiver number taken from a drawing, and the three
 * fields that make it ready to be called (CAL-15): how the routes are said, how the read is said, which protection
 * goes with it.
 */
final class OwnFamily
{
    /** Field => what is missing without it. */
    private const NEEDS = ['said' => 'say how the routes are called', 'read' => 'say how the read is called',
        'protection' => 'say which protection goes with it'];

    /**
     * The record of a family drawn on a side, without its three fields.
     *
     * @return array<string, mixed>
     *
     * @throws DomainException when nobody runs a route there
     */
    public static function drawn(string $name, Call $call, Lineup $lineup, Side $side): array
    {
        $front = self::byNumber($call, $lineup->count->on($side), $side);
        if ($front === []) {
            throw new DomainException("Nobody runs a route on the {$side->value}: draw the family there first.");
        }
        $back = null;
        foreach ($lineup->count->backs as $letter) {
            $spec = $call->routes[$letter] ?? null;
            if ($spec !== null && ! $spec->checks && $spec->flag === null && ($spec->side ?? $side) === $side) {
                $back = self::words($spec, $side);
            }
        }
        $reads = [];
        foreach ($call->reads as $letter) {
            $home = $lineup->count->sideOf($letter);
            $reads[] =
                $home === null ? 'back' : ($home === $side ? 'front' : 'other').' '.$lineup->count->number($letter);
        }

        return ['name' => mb_strtolower(trim($name)), 'front' => $front, 'back' => $back,
            'reads' => array_values(array_filter($reads, fn (string $r): bool => ! str_starts_with($r, 'other'))),
            'said' => '', 'read' => '', 'protection' => ''];
    }

    /**
     * @param  array<string, mixed>  $record
     *
     * @throws DomainException when the name is a catalogue family's or the routes are not known
     */
    public static function family(array $record): Family
    {
        $name = $record['name'];
        if (Families::has($name)) {
            throw new DomainException(
                "\"$name\" is a family of the catalogue: give your own another name, or make it an alias.",
            );
        }
        $front = $record['front'];
        foreach ([...$front, ...isset($record['back']) ? [$record['back']] : []] as $route) {
            Wish::of($route)->route(Side::Right);
        }
        $missing = array_filter(
            self::NEEDS,
            fn (string $field): bool => trim($record[$field] ?? '') === '',
            ARRAY_FILTER_USE_KEY,
        );

        return new Family(
            $name,
            [
                new Form(
                    $front,
                    [],
                    array_values(
                        array_filter(
                            $record['reads'],
                            fn (string $r): bool => self::readable($r, $front, $record['back'] ?? null),
                        ),
                    ),
                    back: $record['back'] ?? null,
                ),
            ],
            needs: $missing === [] ? null : implode(', ', $missing),
        );
    }

    /** @param  array<int, string>  $front */
    private static function readable(string $read, array $front, ?string $back): bool
    {
        return $read === 'back' ? $back !== null : isset($front[(int) substr($read, 6)]);
    }

    /**
     * @param  list<string>  $letters
     * @return array<int, string>
     */
    private static function byNumber(Call $call, array $letters, Side $side): array
    {
        $front = [];
        foreach ($letters as $n => $letter) {
            $spec = $call->routes[$letter] ?? null;
            if ($spec !== null) {
                $front[$n + 1] = self::words($spec, $side);
            }
        }

        return $front;
    }

    private static function words(RouteSpec $spec, Side $side): string
    {
        return ($spec->depthYd === null ? '' : '~').
            $spec->name.
            ($spec->depthYd === null ? '' : sprintf(' %g', $spec->depthYd)).
            ($spec->at === 'sticks' ? ' at sticks' : '').
            ($spec->side === $side->opposite() ? ' across' : '');
    }
}
