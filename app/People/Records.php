<?php

namespace App\People;

use App\Aside\Aside;
use App\Files\Csv;
use App\Models\Clip;
use App\Models\Grade;
use App\Models\GradeChange;
use App\Models\Player;
use App\Models\RepAnswer;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/**
 * Everything that is kept about one player, to be given to him, and its erasure. Players may be minors: a staff must be
 * able to hand over and to delete what it knows of one.
 */
final class Records
{
    private const HEADINGS = ['Day', 'Reel', 'Snap', 'Letter', 'Asked', 'Done', 'Mark', 'Mental error', 'Plus play',
        'Decision', 'Reason', 'Faults', 'Correction', 'Caveat'];

    /**
     * @return array{player: array<string, mixed>, account: array<string, mixed>|null, changes: list<array<string,
     *     mixed>>, reps: list<array<string, mixed>>, thrownAway: list<array<string, mixed>>, grades: list<array<string,
     *     mixed>>} as the database has it, without what is others'
     */
    public static function of(Player $player): array
    {
        $account = User::query()->where('player_id', $player->id)->first();

        return [
            'player' => $player->attributesToArray(),
            'account' => $account?->only(['name', 'email', 'created_at', 'signed_in_at']),
            'changes' => array_values(GradeChange::query()
                ->where('player_id', $player->id)
                ->oldest('id')
                ->get(['of', 'man', 'before', 'after', 'created_at'])
                ->toArray()),
            'reps' => array_values(RepAnswer::query()
                ->where('player_id', $player->id)
                ->oldest('id')
                ->get(['kind', 'call', 'look', 'answer', 'right', 'took_s', 'created_at'])
                ->toArray()),
            'thrownAway' => Aside::gradesOf($player),
            'grades' => array_values(self::grades($player)->map(fn (Grade $g): array => [
                ...$g->withoutRelations()->makeHidden(['user_id', 'player_id'])->toArray(),
                'reel' => $g->snap->reel->only(['title', 'week', 'kind', 'played_on']),
                'snap' => ['number' => $g->snap->number ?? $g->snap->place, 'call' => $g->snap->call,
                    'result' => $g->snap->result],
                'clips' => array_values($g->snap->clips->map(fn (Clip $c): string => "clips/{$c->id}/video")->all()),
            ])->all()),
        ];
    }

    /** His grades as a table. */
    public static function csv(Player $player): string
    {
        $rows = [];
        foreach (self::grades($player) as $g) {
            $rows[] = [
                $g->snap->reel->played_on,
                $g->snap->reel->title,
                $g->snap->number ?? $g->snap->place,
                $g->man,
                $g->asked,
                $g->done,
                $g->mark,
                $g->bust ? 'yes' : '',
                $g->impact ? 'yes' : '',
                $g->decision ?? '',
                $g->reason,
                implode('; ', $g->faults),
                $g->correction,
                $g->caveat,
            ];
        }

        return Csv::of(self::HEADINGS, $rows);
    }

    /** Takes him out of the roster, with his grades and his account. What he was filmed doing stays. */
    public static function erase(Player $player): void
    {
        DB::transaction(function () use ($player): void {
            // A session of an account that is gone is nobody's.
            User::query()->where('player_id', $player->id)->delete();
            $player->grades()->delete();
            Aside::forget($player);
            RepAnswer::query()->where('player_id', $player->id)->delete();
            GradeChange::query()->where('player_id', $player->id)->delete();
            $player->delete();
        });
    }

    /** @return Collection<int, Grade> in the order they were played */
    private static function grades(Player $player): Collection
    {
        /** @var Collection<int, Grade> $grades */
        $grades = $player
            ->grades()
            ->with([
                'snap:id,reel_id,place,number,call,result',
                'snap.reel:id,title,week,kind,played_on',
                'snap.clips:id,snap_id',
            ])
            ->get();

        return $grades->sortBy(fn (Grade $g): string => sprintf('%s %06d', $g->snap->reel->played_on, $g->snap->place))
            ->values();
    }
}
