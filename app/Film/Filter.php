<?php

namespace App\Film;

use App\Http\Problem;
use App\Models\Snap;
use Illuminate\Database\Eloquent\Builder;

/**
 * A filter over snaps: the columns that can be asked, each a value or a list of values, and a few that look further.
 */
final class Filter
{
    private const COLUMNS = ['reel_id', 'quarter', 'series', 'down', 'hash', 'personnel', 'formation', 'motion', 'call',
        'family', 'front', 'shell', 'defender', 'choice', 'decision', 'done', 'result', 'box', 'run', 'touchdown',
        'nullified', 'hole', 'tag', 'action', 'back', 'carrier'];

    /** Fields of the reel a snap is in. */
    private const REEL = ['kind', 'opponent', 'week', 'ours'];

    /** Least and greatest of a number: gain_yd_from, gain_yd_to. */
    private const RANGES = ['gain_yd', 'to_go_yd', 'ball_on_yd', 'out_s', 'number'];

    /**
     * @param  array<string, mixed>  $given
     * @return Builder<Snap>
     *
     * @throws Problem naming a field that cannot be asked
     */
    public static function of(array $given): Builder
    {
        $query = Snap::query();
        foreach ($given as $field => $value) {
            if ($value === null || $value === '' || $value === []) {
                continue;
            }
            self::apply($query, (string) $field, $value);
        }

        return $query;
    }

    /** @param  Builder<Snap>  $query */
    private static function apply(Builder $query, string $field, mixed $value): void
    {
        $list = is_array($value) ? array_map(self::plain(...), array_values($value)) : [self::plain($value)];
        if (in_array($field, self::COLUMNS, true)) {
            $query->whereIn("snaps.$field", $list);
        } elseif (in_array($field, self::REEL, true)) {
            $query->whereHas('reel', fn (Builder $q) => $q->whereIn($field, $list));
        } elseif (preg_match('/^(\w+)_(from|to)$/', $field, $m) === 1 && in_array($m[1], self::RANGES, true)) {
            $query->where("snaps.{$m[1]}", $m[2] === 'from' ? '>=' : '<=', (float) $list[0]);
        } elseif ($field === 'ids') {
            $query->whereIn('snaps.id', $list);
        } elseif ($field === 'fault') {
            $query->whereHas('grades', fn (Builder $q) => $q->whereJsonContains('faults', $list[0]));
        } elseif ($field === 'man') {
            $query->whereHas('grades', fn (Builder $q) => $q->whereIn('man', $list));
        } elseif ($field === 'film') {
            $query->whereHas('clips');
        } else {
            throw Problem::content(
                "/filter/$field",
                "Snaps cannot be asked by \"$field\": ".
                    implode(', ', [...self::COLUMNS, ...self::REEL, 'fault', 'man', 'film']).
                    ', or a range as gain_yd_from.',
            );
        }
    }

    private static function plain(mixed $v): string|int|bool
    {
        return match (true) {
            $v === 'true' => true,
            $v === 'false' => false,
            is_scalar($v) => is_int($v) || is_bool($v)
                ? $v
                : (string) $v,
            default => '',
        };
    }
}
