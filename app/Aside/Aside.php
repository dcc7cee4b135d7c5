<?php

namespace App\Aside;

use App\Http\Problem;
use App\Jobs\ReadyClip;
use App\Models\Clip;
use App\Models\Grade;
use App\Models\GradeChange;
use App\Models\Player;
use App\Models\PutAside;
use App\Models\Reel;
use App\Models\Snap;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Throws away a film, a snap or a film file so that it can be taken back as it was: its rows leave their tables and are
 * kept whole, its files stay until it is deleted for good.
 */
final class Aside
{
    /** A reel with its snaps, grades, film files and answers to triggers. */
    public static function film(Reel $reel, User $user): void
    {
        $snaps = array_map(strval(...), array_column(Rows::where('snaps', 'reel_id', [$reel->id]), 'id'));
        self::put($reel, 'film', $reel->title, $reel->id, $user, [
            'reels' => Rows::where('reels', 'id', [$reel->id]),
            'snaps' => Rows::where('snaps', 'reel_id', [$reel->id]),
            'clips' => Rows::where('clips', 'reel_id', [$reel->id]),
            'grades' => Rows::where('grades', 'snap_id', $snaps),
            'trigger_answers' => Rows::where('trigger_answers', 'reel_id', [$reel->id]),
            PutAside::LINKS => Rows::pointing('grade_changes', $snaps),
        ]);
    }

    /** A snap with its grades; its film files stay in the reel, put to no snap. */
    public static function snap(Snap $snap, User $user): void
    {
        $name = "{$snap->reel->title}, snap ".($snap->number ?? $snap->place);
        self::put($snap, 'snap', $name, $snap->reel_id, $user, [
            'snaps' => Rows::where('snaps', 'id', [$snap->id]),
            'grades' => Rows::where('grades', 'snap_id', [$snap->id]),
            PutAside::LINKS => [
                ...Rows::pointing('grade_changes', [$snap->id]),
                ...Rows::pointing('clips', [$snap->id]),
            ],
        ]);
    }

    /** A film file, or a cut of one. */
    public static function clip(Clip $clip, User $user): void
    {
        $name = "{$clip->reel->title}, ".($clip->name === '' ? $clip->angle : $clip->name);
        self::put($clip, 'clip', $name, $clip->reel_id, $user, ['clips' => Rows::where('clips', 'id', [$clip->id])]);
    }

    /** @param  array<string, list<array<string, mixed>>>  $rows */
    private static function put(
        Reel|Snap|Clip $thing,
        string $kind,
        string $name,
        string $reel,
        User $user,
        array $rows,
    ): void {
        DB::transaction(function () use ($thing, $kind, $name, $reel, $user, $rows): void {
            PutAside::query()->create(['id' => $thing->id, 'kind' => $kind, 'name' => $name, 'reel_id' => $reel,
                'user_id' => $user->id, 'rows' => $rows]);
            self::grades($rows)->each(fn (Grade $grade) => GradeChange::keep($user, $grade, null));
            $thing->delete();
        });
    }

    /**
     * Everything where it was. What has its place taken goes beside it: a snap to the end of its reel, a film file to
     * no snap. A grade of a man who was erased meanwhile does not come back.
     *
     * @throws Problem where the film it belongs to is not there
     */
    public static function back(PutAside $aside, User $user): void
    {
        if ($aside->kind !== 'film' && ! Reel::query()->whereKey($aside->reel_id)->exists()) {
            throw new Problem(409, 'Its film is thrown away', 'Take the film it belongs to back first.');
        }
        DB::transaction(function () use ($aside, $user): void {
            $rows = Rows::fitting($aside);
            foreach (Rows::TABLES as $table) {
                Rows::insert($table, $rows[$table] ?? []);
            }
            Rows::link($rows[PutAside::LINKS] ?? []);
            self::grades($rows)->each(fn (Grade $grade) => GradeChange::keep($user, null, $grade));
            $aside->delete();
        });
        $back = array_column($aside->rows['clips'] ?? [], 'id');
        /** @var Collection<int, Clip> $unready */
        $unready = Clip::query()->whereIn('id', $back)->whereIn('status', ['waiting', 'working'])->get();
        $unready->each(ReadyClip::begin(...));
    }

    /** Deletes it with its files, and what was thrown away of it before. */
    public static function forGood(PutAside $aside): void
    {
        $with = $aside->kind === 'film' ? PutAside::query()->where('reel_id', $aside->reel_id)->get() : [$aside];
        foreach ($with as $one) {
            $files = array_column($one->rows['clips'] ?? [], 'file');
            $one->delete();
            array_map(self::unlink(...), array_unique($files));
        }
    }

    /** Deletes a film that was not thrown away, with its files and the history of its grades: it is kept no longer. */
    public static function filmForGood(Reel $reel): void
    {
        $snaps = Snap::query()->where('reel_id', $reel->id)->select('id');
        $files = array_column(Rows::where('clips', 'reel_id', [$reel->id]), 'file');
        DB::transaction(function () use ($reel, $snaps): void {
            GradeChange::query()->whereIn('snap_id', $snaps)->delete();
            $reel->delete();
        });
        PutAside::query()->where('reel_id', $reel->id)->get()->each(self::forGood(...));
        array_map(self::unlink(...), array_unique($files));
    }

    /** Takes a man out of what was thrown away: his grades in it are nobody's any more. */
    public static function forget(Player $player): void
    {
        foreach (PutAside::query()->lazyById(20) as $aside) {
            $grades = array_values(array_filter(
                $aside->rows['grades'] ?? [],
                fn (array $grade): bool => $grade['player_id'] !== $player->id,
            ));
            if (count($grades) < count($aside->rows['grades'] ?? [])) {
                $aside->update(['rows' => [...$aside->rows, 'grades' => $grades]]);
            }
        }
    }

    /**
     * His grades among what was thrown away.
     *
     * @return list<array<string, mixed>> as the database had them, with the name of what was thrown away
     */
    public static function gradesOf(Player $player): array
    {
        $his = [];
        foreach (PutAside::query()->lazyById(20) as $aside) {
            foreach ($aside->rows['grades'] ?? [] as $grade) {
                if ($grade['player_id'] === $player->id) {
                    $his[] = ['of' => $aside->name] + array_diff_key($grade, ['user_id' => true, 'player_id' => true]);
                }
            }
        }

        return $his;
    }

    /** A file goes where no clip has it and nothing that was thrown away. */
    private static function unlink(string $file): void
    {
        $used = Clip::query()->where('file', $file)->exists();
        foreach ($used ? [] : PutAside::query()->lazyById(20) as $other) {
            $used = $used || in_array($file, array_column($other->rows['clips'] ?? [], 'file'), true);
        }
        $path = Clip::folder()."/$file";
        array_map(unlink(...), $used ? [] : array_filter([$path, ...glob("$path*.jpg") ?: []], is_file(...)));
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $rows
     * @return Collection<int, Grade>
     */
    private static function grades(array $rows): Collection
    {
        return Grade::query()->with('snap.reel')->findMany(array_column($rows['grades'] ?? [], 'id'));
    }
}
