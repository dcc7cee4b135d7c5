<?php

namespace App\Film;

use App\Models\Reel;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Reads many grades at once, as plain rows in the order they were played. */
final class Graded
{
    /** @return list<array{id: string, snap: string, man: string, player: string, mark: int, marks: array<string, int|null>, faults: list<string>, bust: bool, impact: bool, asked: string, done: string, decision: string|null, week: int, day: int, kind: string, weight: float, group: string}> */
    public static function rows(?string $player = null, ?string $reel = null, ?int $week = null): array
    {
        $query = self::query()->when($player !== null, fn (Builder $q) => $q->where('grades.player_id', $player))->when($reel !== null, fn (Builder $q) => $q->where('snaps.reel_id', $reel))->when($week !== null, fn (Builder $q) => $q->where('reels.week', $week));

        return $query->get(['grades.id', 'grades.snap_id', 'grades.man', 'grades.player_id', 'grades.mark', 'grades.marks', 'grades.faults', 'grades.bust', 'grades.impact', 'grades.asked', 'grades.done', 'grades.decision',
            'reels.week', 'reels.played_on', 'reels.kind', DB::raw("json_extract(snaps.document, '$.chart.weight') as weight")])->map(self::row(...))->all();
    }

    /** Points by man and week added up by the database, for pages over a whole season. @return list<object{player_id: string, week: int, n: int, plus: int, minus: int, busts: int, impacts: int}> */
    public static function sums(): array
    {
        return DB::table('grades')->join('snaps', 'snaps.id', '=', 'grades.snap_id')->join('reels', 'reels.id', '=', 'snaps.reel_id')->groupBy('grades.player_id', 'reels.week')
            ->selectRaw('grades.player_id, reels.week, count(*) as n, sum(grades.mark > 0) as plus, sum(grades.mark < 0) as minus, sum(grades.bust) as busts, sum(grades.impact) as impacts')->get()->all();
    }

    /** A running number of days, for windows. */
    public static function day(?string $date): int
    {
        return $date === null ? 0 : (int) (Carbon::parse($date)->startOfDay()->getTimestamp() / 86400);
    }

    /** The day the newest reel was played on: windows end there, not today, so that old film reads as it did. */
    public static function today(): int
    {
        return self::day(Reel::query()->max('played_on'));
    }

    private static function query(): Builder
    {
        return DB::table('grades')->join('snaps', 'snaps.id', '=', 'grades.snap_id')->join('reels', 'reels.id', '=', 'snaps.reel_id')->orderBy('reels.played_on')->orderBy('snaps.place');
    }

    /** @return array<string, mixed> */
    private static function row(object $g): array
    {
        static $days = [];

        return ['id' => $g->id, 'snap' => $g->snap_id, 'man' => $g->man, 'player' => $g->player_id, 'mark' => (int) $g->mark, 'marks' => json_decode($g->marks ?? '[]', true) ?? [], 'faults' => $g->faults === '[]' ? [] : json_decode($g->faults, true),
            'bust' => (bool) $g->bust, 'impact' => (bool) $g->impact, 'asked' => $g->asked, 'done' => $g->done, 'decision' => $g->decision, 'week' => (int) $g->week, 'day' => $days[$g->played_on ?? ''] ??= self::day($g->played_on),
            'kind' => $g->kind, 'weight' => $g->weight === null ? 1.0 : (float) $g->weight, 'group' => \Jacotaxis\Core\Grade\Library\FaultKeys::group($g->man)];
    }
}
