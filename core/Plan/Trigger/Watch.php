<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan\Trigger;

/**
 * The triggers counted over one game, picture by picture: what was seen, how often, on which snaps, and what is due.
 * Earlier games are counted apart and never added.
 *
 * @phpstan-type Counted array{words: string, times: int, seen: int, ids: list<string>}
 * @phpstan-type Prompt array{trigger: string, name: string, picture: string, state: string, needs: list<Counted>,
 *     then: list<string>, why: string}
 */
final class Watch
{
    /** A run is told as not worth calling from as many tries on (product default). */
    private const TRIES = 3;

    /**
     * What is due, then what is one short, then what has begun.
     *
     * @param  list<WatchedSnap>  $snaps  of one game, in order
     * @param  list<Trigger>  $triggers
     * @return list<Prompt>
     */
    public static function of(array $snaps, array $triggers): array
    {
        $prompts = [];
        foreach ($triggers as $trigger) {
            $pictures = [];
            foreach ($snaps as $snap) {
                if ($trigger->looksAt($snap)) {
                    $pictures[$snap->picture()][] = $snap;
                }
            }
            foreach ($pictures as $picture => $of) {
                $prompt = self::counted($trigger, (string) $picture, $trigger->counted($of));
                if ($prompt !== null) {
                    $prompts[] = $prompt;
                }
            }
        }
        $order = ['due', 'one short', 'begun'];
        usort($prompts, fn (array $a, array $b): int => array_search($a['state'], $order, true) <=>
            array_search($b['state'], $order, true));

        return $prompts;
    }

    /**
     * @param  list<WatchedSnap>  $snaps  with one picture
     * @return Prompt|null null where nothing was seen
     */
    private static function counted(Trigger $trigger, string $picture, array $snaps): ?array
    {
        $needs = [];
        $short = [];
        foreach ($trigger->needs as $need) {
            $seen = array_filter($snaps, $need->seenOn(...));
            $ids = array_values(array_map(fn (WatchedSnap $s): string => $s->id, $seen));
            $needs[] = ['words' => $need->words, 'times' => $need->times, 'seen' => count($ids), 'ids' => $ids];
            $short[] = max(0, $need->times - count($ids));
        }
        if (array_sum(array_column($needs, 'seen')) === 0) {
            return null;
        }
        $missing = $trigger->any ? min(INF, ...$short) : array_sum($short);

        return ['trigger' => $trigger->id, 'name' => $trigger->name, 'picture' => $picture,
            'state' => match (true) {
                $missing <= 0 => 'due',
                $missing <= 1 => 'one short',
                default => 'begun',
            },
            // Of several ways to it only those that were seen are told.
            'needs' => $trigger->any
                ? array_values(array_filter($needs, fn (array $n): bool => $n['seen'] > 0))
                : $needs,
            'then' => $trigger->then, 'why' => $trigger->why];
    }

    /**
     * Runs of this game and what they average: those under the floor are not worth calling now (PAC-18).
     *
     * @param  list<WatchedSnap>  $snaps
     * @param  float  $floorYd  the staff's
     * @return list<array{family: string, tries: int, average: float, worth: bool, ids: list<string>}> most tries first
     */
    public static function runs(array $snaps, float $floorYd): array
    {
        $by = [];
        foreach ($snaps as $snap) {
            if ($snap->run && $snap->family !== null && $snap->gainYd !== null) {
                $by[$snap->family][] = $snap;
            }
        }
        $rows = [];
        foreach ($by as $family => $of) {
            if (count($of) >= self::TRIES) {
                $average = array_sum(array_map(fn (WatchedSnap $s): float => (float) $s->gainYd, $of)) / count($of);
                $rows[] = ['family' => (string) $family, 'tries' => count($of), 'average' => $average,
                    'worth' => $average >= $floorYd,
                    'ids' => array_map(fn (WatchedSnap $s): string => $s->id, $of)];
            }
        }
        usort($rows, fn (array $a, array $b): int => $b['tries'] <=> $a['tries'] ?: $a['family'] <=> $b['family']);

        return $rows;
    }
}
