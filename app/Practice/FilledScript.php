<?php

namespace App\Practice;

use App\Models\Look;
use App\Models\Practice;
use Illuminate\Database\Eloquent\Collection;
use Jacotaxis\Core\Plan\ShownLook;
use Jacotaxis\Core\Practice\PeriodKind;
use Jacotaxis\Core\Practice\Script;
use Jacotaxis\Core\Practice\ScriptRow;

/** The script of a period as the product fills it: what is short of reps this week against what the opponent shows. */
final class FilledScript
{
    /** Looks of the opponent a script is filled from. */
    private const LOOKS = 12;

    /** @return list<array{call: string, look: string|null, hash: string}> none where no call belongs into the period */
    public static function rows(Practice $practice, int $place, int $rows): array
    {
        $filled = Script::filled(
            PeriodKind::from($practice->periods[$place]['kind']),
            (new WeekReps($practice, $place))->calls(),
            self::looks($practice->opponent),
            $rows,
            $practice->runs,
        );

        return array_map(
            fn (ScriptRow $row, int $n): array => [
                'call' => $row->call,
                'look' => $row->look,
                // The ball lies on each hash in turn.
                'hash' => Practice::HASHES[$n % count(Practice::HASHES)],
            ],
            $filled,
            array_keys($filled),
        );
    }

    /** @return list<ShownLook> the opponent's, the one shown most first */
    private static function looks(string $opponent): array
    {
        /** @var Collection<int, Look> $looks */
        $looks = Look::query()
            ->where('opponent', $opponent)
            ->orderByDesc('shown')
            ->orderBy('id')
            ->limit(self::LOOKS)
            ->get();

        return array_values(
            $looks->map(fn (Look $look): ShownLook => new ShownLook($look->words, $look->shown))->all(),
        );
    }
}
