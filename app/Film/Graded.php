<?php

namespace App\Film;

use App\Models\Reel;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Jacotaxis\Core\Grade\Library\FaultKeys;
use stdClass;

/**
 * Reads many grades at once, as plain rows in the order they were played. What does not count is left out (GRD-06).
 *
 * @phpstan-type GradedRow array{id: string, snap: string, man: string, player: string, mark: int, marks: array<string,
 *     int|null>, faults: list<string>, bust: bool, impact: bool, asked: string, done: string, decision: string|null,
 *     hard: bool, correction: string, week: int, day: int, kind: string, weight: float, group: string}
 */
final class Graded
{
    /** Grades of a kind a teaching reel chooses from. */
    private const NEWEST = 200;

    /** @return list<GradedRow> */
    public static function rows(?string $player = null, ?string $reel = null, ?int $week = null): array
    {
        $query = self::query()
            ->when($player !== null, fn (Builder $q) => $q->where('grades.player_id', $player))
            ->when($reel !== null, fn (Builder $q) => $q->where('snaps.reel_id', $reel))
            ->when($week !== null, fn (Builder $q) => $q->where('reels.week', $week));

        return array_values($query->get(self::columns())->map(self::row(...))->all());
    }

    /**
     * Snaps of a week with a grade that is kept and not counted.
     *
     * @return list<string>
     */
    public static function notCounted(int $week): array
    {
        $snaps = DB::table('grades')
            ->join('snaps', 'snaps.id', '=', 'grades.snap_id')
            ->join('reels', 'reels.id', '=', 'snaps.reel_id')
            ->where('reels.week', $week)
            ->where('grades.counts', false)
            ->orderBy('reels.played_on')
            ->orderBy('snaps.place')
            ->pluck('grades.snap_id')
            ->all();

        return array_values($snaps);
    }

    /** @return list<mixed> */
    private static function columns(): array
    {
        return ['grades.id', 'grades.snap_id', 'grades.man', 'grades.player_id', 'grades.mark', 'grades.marks',
            'grades.faults', 'grades.bust', 'grades.impact', 'grades.asked', 'grades.done', 'grades.decision',
            'grades.hard', 'grades.correction',
            'reels.week', 'reels.played_on', 'reels.kind', 'snaps.weight'];
    }

    /**
     * What a teaching reel of a fault may show: filmed snaps with the fault, and the newest done well.
     *
     * @return list<GradedRow> oldest first
     */
    public static function filmed(string $fault): array
    {
        $filmed = fn (): Builder => self::query()
            ->whereExists(
                fn (Builder $q) => $q
                    ->from('clips')
                    ->whereColumn('clips.snap_id', 'grades.snap_id')
                    ->where('status', 'ready'),
            )
            ->reorder('reels.played_on', 'desc')
            ->limit(self::NEWEST);
        $with = $filmed()
            ->where('grades.faults', 'like', "%\"$fault\"%")
            ->get(self::columns());
        $well = $filmed()
            ->where('grades.mark', '>', 0)
            ->whereIn('grades.man', $with->pluck('man')->unique()->all())
            ->get(self::columns());

        return array_values($with->merge($well)->unique('id')->sortBy('played_on')->map(self::row(...))->all());
    }

    /** A running number of days, for windows. */
    public static function day(?string $date): int
    {
        static $days = [];

        return $days[$date ?? ''] ??=
            $date === null ? 0 : (int) (Carbon::parse($date)->startOfDay()->getTimestamp() / 86400);
    }

    /** The day the newest reel was played on: windows end there, not today, so that old film reads as it did. */
    public static function today(): int
    {
        return self::day(Reel::query()->max('played_on'));
    }

    private static function query(): Builder
    {
        return DB::table('grades')
            ->join('snaps', 'snaps.id', '=', 'grades.snap_id')
            ->join('reels', 'reels.id', '=', 'snaps.reel_id')
            ->where('grades.counts', true)
            ->orderBy('reels.played_on')
            ->orderBy('snaps.place');
    }

    /** @return GradedRow */
    private static function row(stdClass $g): array
    {
        return ['id' => $g->id, 'snap' => $g->snap_id, 'man' => $g->man, 'player' => $g->player_id,
            'mark' => (int) $g->mark, 'marks' => json_decode($g->marks ?? '[]', true) ?? [],
            'faults' => $g->faults === '[]' ? [] : json_decode($g->faults, true),
            'bust' => (bool) $g->bust, 'impact' => (bool) $g->impact, 'asked' => $g->asked, 'done' => $g->done,
            'decision' => $g->decision, 'hard' => (bool) $g->hard, 'correction' => $g->correction,
            'week' => (int) $g->week, 'day' => self::day($g->played_on),
            'kind' => $g->kind, 'weight' => $g->weight === null ? 1.0 : (float) $g->weight,
            'group' => FaultKeys::group($g->man)];
    }
}
