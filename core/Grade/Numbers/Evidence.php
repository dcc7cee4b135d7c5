<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Numbers;

use Jacotaxis\Core\Grade\Interval;

/**
 * What an opponent did against us: his keys' choices, fronts, coverages and box, what he shows by down and distance
 * and after our motion; and how often his key gave a call what it needs. Evidence about the concept, nobody's grade
 * (GRD-14, REC-05, REC-06).
 */
final class Evidence
{
    public const TOPICS = [
        'choice' => 'What their keys did', 'gave' => 'How often the key gave the call what it needs',
        'front' => 'Fronts', 'shell' => 'Coverages', 'situation' => 'Coverage by down and distance',
        'wrinkle' => 'Pressures, movements and disguises', 'box' => 'Men in the box',
        'motion' => 'What they showed after our motion',
    ];

    /**
     * @param  list<SnapRow>  $snaps
     * @return list<array{topic: string, of: string, name: string, share: array<string, mixed>, success: array<string,
     *     mixed>, average: float|null, ids: list<string>}> most shown first within what they are a share of
     */
    public static function of(array $snaps): array
    {
        $rows = [];
        foreach (array_keys(self::TOPICS) as $topic) {
            array_push($rows, ...self::topic($topic, $snaps));
        }

        return $rows;
    }

    /**
     * @param  list<SnapRow>  $snaps
     * @return list<array{topic: string, of: string, name: string, share: array<string, mixed>, success: array<string,
     *     mixed>, average: float|null, ids: list<string>}>
     */
    private static function topic(string $topic, array $snaps): array
    {
        $wholes = [];
        $wrinkles =
            $topic === 'wrinkle' ? array_unique(array_merge(...array_map(self::wrinkles(...), $snaps) ?: [[]])) : [];
        foreach ($snaps as $s) {
            $named = self::named($topic, $s);
            if ($named !== null) {
                $wholes[$named[0]][$named[1]][] = $s;
            }
            foreach ($s->front === null ? [] : $wrinkles as $one) {
                $wholes[$one][in_array($one, self::wrinkles($s), true) ? 'yes' : 'no'][] = $s;
            }
        }
        uasort(
            $wholes,
            fn (array $a, array $b): int => array_sum(array_map(count(...), $b)) <=>
                array_sum(array_map(count(...), $a)),
        );
        $rows = [];
        foreach ($wholes as $of => $parts) {
            $all = array_sum(array_map(count(...), $parts));
            // Of what is yes or no only the yes is told.
            $parts = in_array($topic, ['gave', 'wrinkle'], true) ? ['yes' => $parts['yes'] ?? []] : $parts;
            uasort($parts, fn (array $a, array $b): int => count($b) <=> count($a));
            foreach ($parts as $name => $some) {
                $tally = new Tally;
                array_map($tally->add(...), $some);
                ['success' => $success, 'average' => $average] = $tally->toArray();
                $rows[] = ['topic' => $topic, 'of' => (string) $of, 'name' => (string) $name,
                    'share' => Interval::of(count($some), $all)->toArray(), 'success' => $success,
                    'average' => $average, 'ids' => array_map(fn (SnapRow $s): string => $s->id, $some)];
            }
        }

        return $rows;
    }

    /**
     * What a look in words says beyond front and coverage: a pressure, a movement of the nose, a disguise; null for
     * none.
     */
    public static function wrinkle(string $look): ?string
    {
        $more = array_slice(array_map(trim(...), explode(',', $look)), 2);

        return $more === [] ? null : implode(', ', $more);
    }

    /** @return list<string> */
    private static function wrinkles(SnapRow $s): array
    {
        return $s->wrinkle === null ? [] : explode(', ', $s->wrinkle);
    }

    /**
     * The whole a snap is counted in under a topic, and the part of it; null where it is not charted.
     *
     * @return array{string, string}|null
     */
    private static function named(string $topic, SnapRow $s): ?array
    {
        return match ($topic) {
            'choice' => $s->choice === null ? null : [$s->defender ?? 'a key', $s->choice],
            'gave' => $s->gave === null ? null : [$s->family ?? $s->call ?? Groups::UNKNOWN, $s->gave ? 'yes' : 'no'],
            'front' => $s->front === null ? null : ['', $s->front],
            'shell' => $s->shell === null ? null : ['', $s->shell],
            'situation' => $s->shell === null || $s->down === null
                ? null
                : [Groups::situation($s->down, $s->toGoYd), $s->shell],
            'box' => $s->box === null ? null : ['', "{$s->box} in the box"],
            'motion' => $s->motion === null || ($s->front === null && $s->shell === null)
                ? null
                : [$s->motion, Groups::of($s, 'look')],
            default => null,
        };
    }
}
