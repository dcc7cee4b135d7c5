<?php

namespace App\Console;

use App\Models\Player;
use App\Models\Reel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Jacotaxis\Core\Offense\Man;

/**
 * A season made up for the benchmark: reels, snaps and a grade for each of twenty-two men on every snap. Deterministic.
 */
final class Season
{
    public const REELS = 15;

    public const SNAPS = 150;

    private const CALLS = [
        'smash',
        'four verticals',
        'zone',
        'power',
        'triple',
        'mesh',
        'curl-flat',
        'boot flood',
        'post-dig',
        'outside zone',
    ];

    private const FAULTS = ['FLT-13', 'FLT-26', 'FLT-41', 'FLT-47', 'FLT-48c', 'FLT-01', 'PRS-03'];

    public static function seed(): void
    {
        $men = self::men();
        for ($r = 0; $r < self::REELS; $r++) {
            $reel = Reel::query()->create(['title' => "Reel $r", 'kind' => $r % 5 === 4 ? 'practice' : 'game',
                'opponent' => "Opponent $r", 'week' => $r + 1,
                'played_on' => date('Y-m-d', strtotime('2026-08-28') + $r * 7 * 86400)]);
            $snaps = $grades = $clips = [];
            for ($n = 1; $n <= self::SNAPS; $n++) {
                $snaps[] = $snap = self::snap($reel->id, $r, $n);
                $clips[] = ['id' => strtolower((string) Str::ulid()), 'reel_id' => $reel->id, 'snap_id' => $snap['id'],
                    'angle' => 'wide', 'file' => 'none.webm', 'status' => 'ready', 'video' => '{}'];
                foreach ($men as $m => [$letter, $player]) {
                    $grades[] = self::grade($snap['id'], $letter, $player, $r * 7919 + $n * 31 + $m);
                }
            }
            foreach ([['snaps', $snaps], ['clips', $clips], ['grades', $grades]] as [$table, $rows]) {
                foreach (array_chunk($rows, 500) as $part) {
                    DB::table($table)->insert($part);
                }
            }
        }
    }

    /**
     * Two at every place, so that twenty-two are graded on a snap.
     *
     * @return list<array{string, string}> letter of the grade, player
     */
    private static function men(): array
    {
        $men = [];
        foreach (['', '2'] as $depth) {
            foreach ([...Man::LINEMEN, 'Q', 'R', 'X', 'Z', 'H', 'Y'] as $letter) {
                $player = Player::query()->create(['name' => "Player $letter$depth", 'letter' => $letter,
                    'number' => count($men) + 10, 'depth' => $depth === '' ? 1 : 2]);
                $men[] = [$letter.$depth, $player->id];
            }
        }

        return $men;
    }

    /** @return array<string, mixed> */
    private static function snap(string $reel, int $r, int $n): array
    {
        $k = $r * 911 + $n * 17;
        $run = $k % 5 < 2;
        $call = self::CALLS[$k % count(self::CALLS)];

        return ['id' => strtolower((string) Str::ulid()), 'reel_id' => $reel, 'place' => $n,
            'document' => json_encode(['kind' => 'jacotaxis.film', 'version' => 1,
                'chart' => ['number' => $n, 'note' => str_repeat('x', 400)]]), 'number' => $n,
            'quarter' => 1 + intdiv($n, 38), 'series' => 1 + intdiv($n, 7),
            'down' => 1 + $k % 4, 'to_go_yd' => 1 + $k % 12, 'ball_on_yd' => 5 + $k % 90,
            'hash' => ['left', 'middle', 'right'][$k % 3], 'personnel' => ['11', '12', '20'][$k % 3],
            'formation' => ['gun 2x2', 'gun trips', 'under center wing'][$k % 3], 'call' => "$call right",
            'family' => $call,
            'front' => ['4-2 nickel', '3-4', 'bear'][$k % 3],
            'shell' => ['cover 2', 'cover 3', 'cover 4', 'cover 1'][$k % 4], 'defender' => 'right corner',
            'choice' => ['sit', 'sink'][$k % 2], 'decision' => ['right', 'right', 'right but late', 'wrong',
                'forced'][$k % 5], 'done' => $run ? 'give' : 'throw',
            'result' => $run ? 'run' : ['complete', 'incomplete', 'dropped', 'intercepted'][$k % 4],
            'gain_yd' => $k % 17 - 3, 'run' => $run, 'box' => 5 + $k % 4, 'out_s' => 1.5 + ($k % 20) / 10,
            'predicted_s' => ($k % 9) / 10 - 0.3, 'separation_yd' => ($k % 50) / 10, 'snap_s' => 1.0,
            'open_questions' => 0];
    }

    /** @return array<string, mixed> */
    private static function grade(string $snap, string $letter, string $player, int $k): array
    {
        $minus = $k % 9 === 0;

        return ['id' => strtolower((string) Str::ulid()), 'snap_id' => $snap, 'player_id' => $player, 'man' => $letter,
            'asked' => 'Job '.($k % 12), 'done' => 'as asked', 'mark' => $minus ? -1 : 1,
            'marks' => json_encode(['assignment' => $minus ? -1 : 1]),
            'reason' => '', 'faults' => $minus ? json_encode([self::FAULTS[$k % count(self::FAULTS)]]) : '[]'];
    }
}
