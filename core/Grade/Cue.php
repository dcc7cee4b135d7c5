<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

use Jacotaxis\Core\Grade\Library\Library;

/** The one thing a man takes along to the next practice: a card holds one cue (REC-05). */
final class Cue
{
    /**
     * What came again before what was most often, that before the newest praise. What the coach said of it comes before
     * the library.
     *
     * @param  list<array{faults: list<string>, correction: string}>  $snaps  his counted ones, oldest first; faults are
     *     ids of the library
     * @param  list<array{fault: string, state: string, text: string}>  $repeats  of him, most times first
     * @return array{fault: string, wanted: string, drill: string|null, why: string}|null null where nothing was seen of
     *     him
     */
    public static function of(array $snaps, array $repeats = []): ?array
    {
        $corrections = [];
        foreach ($snaps as $s) {
            foreach ($s['correction'] === '' ? [] : $s['faults'] as $fault) {
                $corrections[$fault] = $s['correction'];
            }
        }
        $faults = array_column($snaps, 'faults');
        $again = array_values(array_filter($repeats, fn (array $r): bool => $r['state'] !== 'fixed'))[0] ?? null;
        if ($again !== null) {
            return self::row($again['fault'], $again['text'], $corrections);
        }
        $all = array_merge(...$faults ?: [[]]);
        $times = array_count_values(array_filter($all, fn (string $id): bool => ! Library::entry($id)['praise']));
        if ($times !== []) {
            // Of as many the newest.
            $most = array_keys($times, max($times), true);
            $fault = array_values(
                array_filter(array_reverse($all), fn (string $id): bool => in_array($id, $most, true)),
            )[0];

            return self::row($fault, $times[$fault] === 1 ? 'once' : "{$times[$fault]} times", $corrections);
        }
        $praise = end($all);

        return $praise === false ? null : self::row($praise, 'done well: keep it');
    }

    /**
     * @param  array<string, string>  $corrections  by fault
     * @return array{fault: string, wanted: string, drill: string|null, why: string}
     */
    private static function row(string $fault, string $why, array $corrections = []): array
    {
        $entry = Library::entry($fault);

        return ['fault' => $fault, 'wanted' => $corrections[$fault] ?? $entry['wanted'], 'drill' => $entry['drill'],
            'why' => $why];
    }
}
