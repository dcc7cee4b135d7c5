<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Scout;

use Jacotaxis\Core\Grade\Interval;
use Jacotaxis\Core\Grade\Numbers\Groups;
use Jacotaxis\Core\Grade\Numbers\SnapRow;

/**
 * What a defense shows by one part of the situation: each share with its interval, and whether it lies apart from what
 * is shown everywhere else. Under FEW snaps only the counts are told.
 *
 * @phpstan-type Cell array{hits: int, of: int, share: float|null, low: float, high: float, apart: bool,
 *     ids: list<string>}
 */
final class Shares
{
    /** The parts of a situation that are asked, as the numbers name them. */
    public const BY = ['situation', 'zone', 'hash', 'formation', 'personnel', 'motion', 'score', 'time', 'quarter'];

    /** Parts whose cases have an order of their own; the others stand by their snaps. */
    private const IN_ORDER = ['situation', 'quarter'];

    /** A share of fewer snaps than this is told as a count. */
    public const FEW = 5;

    /**
     * The table of one part against one showing.
     *
     * @param  list<SnapRow>  $snaps
     * @return array{columns: list<string>, rows: list<array{name: string, snaps: int, few: bool, cells: list<Cell>}>,
     *     all: list<Cell>} columns most shown first
     */
    public static function table(array $snaps, string $by, Showing $showing): array
    {
        $snaps = array_values(array_filter($snaps, fn (SnapRow $s): bool => $showing->of($s) !== null));
        $columns = self::columns($snaps, $showing);
        $groups = [];
        foreach ($snaps as $snap) {
            $groups[Groups::of($snap, $by)][] = $snap;
        }
        in_array($by, self::IN_ORDER, true)
            ? ksort($groups)
            : uasort($groups, fn (array $a, array $b): int => count($b) <=> count($a));
        $rows = [];
        foreach ($groups as $name => $of) {
            $inside = array_flip(array_map(fn (SnapRow $s): string => $s->id, $of));
            $rest = array_values(array_filter($snaps, fn (SnapRow $s): bool => ! isset($inside[$s->id])));
            $rows[] = ['name' => strval($name), 'snaps' => count($of), 'few' => count($of) < self::FEW,
                'cells' => array_map(
                    fn (string $column): array => self::cell($of, $rest, $showing, $column),
                    $columns,
                )];
        }

        return ['columns' => $columns, 'rows' => $rows, 'all' => array_map(
            fn (string $column): array => self::cell($snaps, [], $showing, $column),
            $columns,
        )];
    }

    /**
     * @param  list<SnapRow>  $snaps
     * @return list<string>
     */
    private static function columns(array $snaps, Showing $showing): array
    {
        $shown = array_count_values(array_merge(
            ...array_map(fn (SnapRow $s): array => $showing->of($s) ?? [], $snaps) ?: [[]],
        ));
        arsort($shown);

        return array_map(strval(...), array_keys($shown));
    }

    /**
     * @param  list<SnapRow>  $of
     * @param  list<SnapRow>  $rest
     * @return Cell
     */
    private static function cell(array $of, array $rest, Showing $showing, string $column): array
    {
        $shows = fn (SnapRow $s): bool => in_array($column, $showing->of($s) ?? [], true);
        $hits = array_values(array_filter($of, $shows));
        $share = Interval::of(count($hits), count($of));
        $elsewhere = Interval::of(count(array_filter($rest, $shows)), count($rest));

        return $share->toArray() + [
            'apart' => count($of) >= self::FEW && count($rest) >= self::FEW && $share->apartFrom($elsewhere),
            'ids' => array_map(fn (SnapRow $s): string => $s->id, $hits),
        ];
    }
}
