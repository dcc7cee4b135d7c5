<?php

namespace App\Film;

use App\Models\Snap;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Jacotaxis\Core\Plan\SheetSituation;

/** What an opponent showed on film, against us and against others, in each row of the sheet. */
final class ShownIn
{
    /**
     * @return list<array{id: string, name: string, snaps: int, provedIn: array{down: int, toGoYd: float,
     *     ballOnYd: float}, looks: list<array{words: string, shown: int}>}> the most shown first
     */
    public static function of(string $opponent): array
    {
        /** @var Collection<int, Snap> $snaps */
        $snaps = Snap::query()
            ->whereHas('reel', fn (Builder $q) => $q->where('opponent', $opponent))
            ->whereNotNull('front')
            ->whereNotNull('shell')
            ->get(['id', 'front', 'shell', 'down', 'to_go_yd', 'ball_on_yd']);
        $rows = [];
        foreach (SheetSituation::all() as $row) {
            $of = $snaps->filter(fn (Snap $s): bool => $row->holds($s->down, $s->to_go_yd, $s->ball_on_yd));
            $looks = [];
            foreach ($of->countBy(fn (Snap $s): string => "{$s->front}, {$s->shell}")->sortDesc() as $words => $shown) {
                $looks[] = ['words' => (string) $words, 'shown' => (int) $shown];
            }
            $rows[] = ['id' => $row->id, 'name' => $row->name, 'snaps' => $of->count(), 'provedIn' => $row->provedIn,
                'looks' => $looks];
        }

        return $rows;
    }
}
