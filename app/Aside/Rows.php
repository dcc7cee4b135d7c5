<?php

namespace App\Aside;

use App\Models\Clip;
use App\Models\Player;
use App\Models\PutAside;
use App\Models\Snap;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Rows as the database has them: read out, fitted to what is there now, written in again. */
final class Rows
{
    /** What hangs on film, parents first. */
    public const TABLES = ['reels', 'snaps', 'clips', 'grades', 'trigger_answers'];

    /** Rows written at once; a database takes so many values in one statement. */
    private const AT_ONCE = 20;

    /**
     * @param  list<string>  $values
     * @return list<array<string, mixed>>
     */
    public static function where(string $table, string $column, array $values): array
    {
        return array_values(DB::table($table)->whereIn($column, $values)->orderBy('id')->get()
            ->map(fn (object $row): array => (array) $row)->all());
    }

    /**
     * What points at snaps and stays when they go.
     *
     * @param  list<string>  $snaps
     * @return list<array<string, mixed>> table, id, snap_id
     */
    public static function pointing(string $table, array $snaps): array
    {
        return array_values(DB::table($table)->whereIn('snap_id', $snaps)->orderBy('id')->get(['id', 'snap_id'])
            ->map(fn (object $row): array => ['table' => $table, 'id' => $row->id, 'snap_id' => $row->snap_id])->all());
    }

    /**
     * The rows of what was put aside, fitted to what is there now.
     *
     * @return array<string, list<array<string, mixed>>>
     */
    public static function fitting(PutAside $aside): array
    {
        $rows = $aside->rows;
        $players = Player::query()->whereIn('id', array_column($rows['grades'] ?? [], 'player_id'))->pluck('id')->all();
        $rows['grades'] = array_values(array_filter(
            $rows['grades'] ?? [],
            fn (array $grade): bool => in_array($grade['player_id'], $players, true),
        ));
        if ($aside->kind === 'snap') {
            $rows['snaps'] = array_map(self::placed(...), $rows['snaps']);
        }
        if ($aside->kind === 'clip') {
            $rows['clips'] = array_map(self::angled(...), $rows['clips']);
        }
        $users = User::query()->pluck('id')->all();
        foreach ($rows as $table => $some) {
            $rows[$table] = array_map(fn (array $row): array => in_array($row['user_id'] ?? null, $users, true)
                || ! isset($row['user_id']) ? $row : ['user_id' => null] + $row, $some);
        }

        return $rows;
    }

    /** @param  list<array<string, mixed>>  $rows */
    public static function insert(string $table, array $rows): void
    {
        $columns = array_flip(Schema::getColumnListing($table));
        foreach (array_chunk($rows, self::AT_ONCE) as $some) {
            DB::table($table)->insert(array_map(
                fn (array $row): array => array_intersect_key($row, $columns),
                $some,
            ));
        }
    }

    /**
     * What pointed at the snaps points at them again, where it points at no other meanwhile.
     *
     * @param  list<array<string, mixed>>  $links
     */
    public static function link(array $links): void
    {
        foreach ($links as ['table' => $table, 'id' => $id, 'snap_id' => $snap]) {
            $free = $table !== 'clips' || self::angleIsFree($id, $snap);
            DB::table($table)->where('id', $free ? $id : '')->whereNull('snap_id')->update(['snap_id' => $snap]);
        }
    }

    /** Whether the snap has no other film of the angle this one is. */
    private static function angleIsFree(string $clip, string $snap): bool
    {
        $angle = Clip::query()->whereKey($clip)->value('angle');

        return ! Clip::query()->where(['snap_id' => $snap, 'angle' => $angle])->exists();
    }

    /**
     * A snap at its place, or at the end of its reel where the place is taken.
     *
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function placed(array $row): array
    {
        $reel = Snap::query()->where('reel_id', $row['reel_id']);
        $taken = (clone $reel)->where('place', $row['place'])->exists();

        return $taken ? ['place' => (int) $reel->max('place') + 1] + $row : $row;
    }

    /**
     * A film file at its snap, or at none where the snap is gone or has that angle.
     *
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function angled(array $row): array
    {
        $at = ['snap_id' => $row['snap_id'], 'angle' => $row['angle']];
        $free = $row['snap_id'] !== null && Snap::query()->whereKey($row['snap_id'])->exists()
            && ! Clip::query()->where($at)->exists();

        return $free ? $row : ['snap_id' => null] + $row;
    }
}
