<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Numbers;

use Jacotaxis\Core\Grade\Interval;

/** A group of snaps that gives away what comes: nearly always run, nearly always pass, or nearly always one call. */
final class Leaning
{
    /**
     * @param  list<SnapRow>  $snaps
     * @return list<array{by: string, name: string, leans: string, share: float, of: int, low: float,
     *     ids: list<string>}>
     */
    public static function of(string $by, string $name, array $snaps, float $share, int $least): array
    {
        if (count($snaps) < $least) {
            return [];
        }
        $runs = count(array_filter($snaps, fn (SnapRow $s): bool => $s->run));
        $calls = array_count_values(array_map(fn (SnapRow $s): string => (string) $s->call, $snaps));
        arsort($calls);
        $found = [];
        foreach (['run' => $runs, 'pass' => count($snaps) - $runs] as $kind => $n) {
            if ($n / count($snaps) >= $share) {
                $found[] = self::row($by, $name, $kind, $n, $snaps);
            }
        }
        $top = (string) array_key_first($calls);
        if (! in_array($by, ['situation', 'action'], true) && $share <= $calls[$top] / count($snaps)) {
            $found[] = self::row($by, $name, $top, $calls[$top], $snaps);
        }

        return $found;
    }

    /**
     * Where the back goes on the passes of a formation.
     *
     * @param  list<SnapRow>  $snaps
     * @return list<array{by: string, name: string, leans: string, share: float, of: int, low: float,
     *     ids: list<string>}>
     */
    public static function back(string $name, array $snaps, float $share, int $least): array
    {
        $passes = array_values(array_filter($snaps, fn (SnapRow $s): bool => ! $s->run && $s->back !== null));
        $found = [];
        foreach (
            count($passes) < $least
                ? []
                : array_count_values(array_map(fn (SnapRow $s): string => (string) $s->back, $passes)) as $leans => $n
        ) {
            if ($n / count($passes) >= $share) {
                $found[] = self::row('back', $name, (string) $leans, $n, $passes);
            }
        }

        return $found;
    }

    /**
     * @param  list<SnapRow>  $snaps
     * @return array{by: string, name: string, leans: string, share: float, of: int, low: float, ids: list<string>}
     */
    private static function row(string $by, string $name, string $leans, int $n, array $snaps): array
    {
        return ['by' => $by, 'name' => $name, 'leans' => $leans, 'share' => round($n / count($snaps), 3),
            'of' => count($snaps), 'low' => round(Interval::of($n, count($snaps))->low, 3),
            'ids' => array_map(fn (SnapRow $s): string => $s->id, $snaps)];
    }
}
