<?php

namespace App\Practice;

use App\Models\Practice;
use App\Models\Reel;

/** The script a practice film is charted from: that of the practice of its day. */
final class ScriptOnFilm
{
    /**
     * The play that comes next, or null: no practice was planned for the day, or its script is through.
     *
     * @param  int  $charted  snaps that stand before it
     * @return array{call: string, look: string|null, hash: string}|null
     */
    public static function next(Reel $reel, int $charted): ?array
    {
        if ($reel->kind !== 'practice' || ! $reel->ours || $reel->played_on === null) {
            return null;
        }
        $practice = Practice::query()->where('held_on', $reel->played_on)->orderBy('id')->first();

        return array_merge(...array_column($practice->periods ?? [], 'script'))[$charted] ?? null;
    }
}
