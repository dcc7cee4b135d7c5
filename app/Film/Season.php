<?php

namespace App\Film;

use App\Models\Snap;
use Illuminate\Database\Eloquent\Builder;
use Jacotaxis\Core\Grade\Numbers\SnapRow;
use stdClass;

/** Reads many snaps as the rows the numbers are made of: only the columns they need, no models. */
final class Season
{
    private const COLUMNS = ['snaps.id', 'call', 'family', 'formation', 'motion', 'personnel', 'front', 'shell',
        'defender', 'choice', 'down', 'to_go_yd', 'ball_on_yd', 'hash', 'quarter', 'result', 'gain_yd', 'touchdown',
        'run', 'done',
        'decision', 'box', 'out_s', 'predicted_s', 'separation_yd', 'nullified', 'penalty_by', 'reels.opponent', 'hole',
        'reel_id', 'gave', 'tag', 'action', 'back', 'wrinkle', 'carrier'];

    /**
     * @param  Builder<Snap>  $snaps
     * @return list<SnapRow>
     */
    public static function rows(Builder $snaps): array
    {
        $float = fn (mixed $v): ?float => $v === null ? null : (float) $v;

        $rows = $snaps->toBase()->join('reels', 'reels.id', '=', 'snaps.reel_id')->orderBy('reels.played_on')
            ->orderBy('snaps.place')->get(self::COLUMNS)
            ->map(fn (stdClass $s): SnapRow => new SnapRow($s->id, $s->call, $s->family, $s->formation, $s->motion,
                $s->personnel, $s->front, $s->shell, $s->defender, $s->choice, $s->down, $float($s->to_go_yd),
                $float($s->ball_on_yd), $s->hash,
                $s->quarter, $s->result, $float($s->gain_yd), (bool) $s->touchdown, (bool) $s->run, $s->done,
                $s->decision, $s->box, $float($s->out_s), $float($s->predicted_s), $float($s->separation_yd),
                $s->opponent ?: null, (bool) $s->nullified, $s->penalty_by, $s->hole, $s->reel_id, $s->gave === null
                ? null : (bool) $s->gave, $s->tag, $s->action, $s->back, $s->wrinkle, $s->carrier))
            ->all();

        return array_values($rows);
    }
}
