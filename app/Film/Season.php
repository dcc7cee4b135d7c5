<?php

namespace App\Film;

use App\Models\Snap;
use Illuminate\Database\Eloquent\Builder;
use Jacotaxis\Core\Film\Chart\DefenderStood;
use Jacotaxis\Core\Grade\Numbers\SnapRow;
use stdClass;

/** Reads many snaps as the rows the numbers are made of: only the columns they need, no models. */
final class Season
{
    private const COLUMNS = ['snaps.id', 'call', 'family', 'formation', 'motion', 'personnel', 'front', 'shell',
        'defender', 'choice', 'down', 'to_go_yd', 'ball_on_yd', 'hash', 'quarter', 'result', 'gain_yd', 'touchdown',
        'run', 'done',
        'decision', 'box', 'out_s', 'predicted_s', 'separation_yd', 'nullified', 'penalty_by', 'reels.opponent', 'hole',
        'reel_id', 'gave', 'tag', 'action', 'back', 'wrinkle', 'carrier', 'clock_s',
        'ahead', 'stood'];

    /**
     * @param  Builder<Snap>  $snaps
     * @return list<SnapRow>
     */
    public static function rows(Builder $snaps): array
    {
        $float = fn (mixed $v): ?float => $v === null ? null : (float) $v;

        $rows = $snaps->toBase()->join('reels', 'reels.id', '=', 'snaps.reel_id')->orderBy('reels.played_on')
            ->orderBy('snaps.place')->get(self::COLUMNS)
            ->map(fn (stdClass $s): SnapRow => new SnapRow(
                id: $s->id,
                call: $s->call,
                family: $s->family,
                formation: $s->formation,
                motion: $s->motion,
                personnel: $s->personnel,
                front: $s->front,
                shell: $s->shell,
                defender: $s->defender,
                choice: $s->choice,
                down: $s->down,
                toGoYd: $float($s->to_go_yd),
                ballOnYd: $float($s->ball_on_yd),
                hash: $s->hash,
                quarter: $s->quarter,
                result: $s->result,
                gainYd: $float($s->gain_yd),
                touchdown: (bool) $s->touchdown,
                run: (bool) $s->run,
                done: $s->done,
                decision: $s->decision,
                box: $s->box,
                outS: $float($s->out_s),
                predictedS: $float($s->predicted_s),
                separationYd: $float($s->separation_yd),
                opponent: $s->opponent ?: null,
                nullified: (bool) $s->nullified,
                penaltyBy: $s->penalty_by,
                hole: $s->hole,
                reel: $s->reel_id,
                gave: $s->gave === null
                ? null : (bool) $s->gave,
                tag: $s->tag,
                action: $s->action,
                back: $s->back,
                wrinkle: $s->wrinkle,
                carrier: $s->carrier,
                clockS: $s->clock_s,
                ahead: $s->ahead,
                stood: self::stood($s->stood),
            ))
            ->all();

        return array_values($rows);
    }

    /** @return list<DefenderStood> */
    private static function stood(?string $json): array
    {
        return $json === null
            ? []
            : array_map(DefenderStood::read(...), array_values(json_decode($json, true, flags: JSON_THROW_ON_ERROR)));
    }
}
