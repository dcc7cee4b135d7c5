<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Numbers;

/**
 * Filmed snaps that teach most when they stand side by side: the same man weeks apart, two men on one step, run and
 * pass from one picture on one day, one call into two gaps, one formation against two fronts, and a rare call with its
 * twin by assignments, not by name (FLM-12).
 */
final class Pairs
{
    public const KINDS = [
        'weeks' => 'The same man, then and now', 'step' => 'Two men on one step',
        'sides' => 'Run and pass from one picture, one day', 'gaps' => 'One call into two gaps',
        'fronts' => 'One formation against two fronts', 'twins' => 'A rare call and its twin by assignments',
    ];

    /** Pairs shown of a kind. */
    public const EACH = 6;

    /**
     * A call run this often or less is rare; a twin shares at least so many of the jobs that are not mere protection
     * (product defaults).
     */
    private const RARE = 2;

    private const SHARED = 0.6;

    private const NO_JOB = 'Protects';

    /**
     * @param  list<SnapRow>  $snaps  filmed ones, oldest first
     * @param  list<array<string, mixed>>  $grades  filmed, oldest first: snap, player, name, asked, mark, reel, day
     * @param  array<string, array<string, string>>  $jobs  by call: what each letter does
     * @return list<array{kind: string, what: string, a: string, b: string, why: string}> most telling first within a
     *     kind
     */
    public static function of(array $snaps, array $grades, array $jobs = []): array
    {
        $found = [
            'weeks' => self::weeks($grades), 'step' => self::step($grades), 'sides' => self::sides($snaps),
            'gaps' => self::gaps($snaps),
            'fronts' => self::fronts($snaps), 'twins' => self::twins($snaps, $jobs),
        ];
        $pairs = [];
        foreach ($found as $kind => $rows) {
            usort($rows, fn (array $x, array $y): int => $y['rank'] <=> $x['rank']);
            foreach (array_slice($rows, 0, self::EACH) as $row) {
                $pairs[] = ['kind' => $kind, 'what' => $row['what'], 'a' => $row['a'], 'b' => $row['b'],
                    'why' => $row['why']];
            }
        }

        return $pairs;
    }

    /**
     * His first and his last of the same job on two days; a mark that changed tells most.
     *
     * @param  list<array<string, mixed>>  $grades
     * @return list<array<string, mixed>>
     */
    private static function weeks(array $grades): array
    {
        $his = [];
        foreach ($grades as $g) {
            $his["{$g['player']}|{$g['asked']}"][] = $g;
        }
        $rows = [];
        foreach ($his as $of) {
            [$first, $last] = [$of[0], $of[count($of) - 1]];
            if ($first['day'] !== $last['day']) {
                $change = $last['mark'] - $first['mark'];
                $rows[] = self::row(
                    "{$last['name']}: ".lcfirst($last['asked']),
                    $first['snap'],
                    $last['snap'],
                    "{$first['reel']} and {$last['reel']}".
                        match (true) {
                            $change === 0 => ', marked alike.',
                            $change > 0 => ', better now.',
                            default => ', worse now.',
                        },
                    1000 * abs($change) + $last['day'] - $first['day'],
                );
            }
        }

        return $rows;
    }

    /**
     * Two men asked the same, one well and one badly where there are such.
     *
     * @param  list<array<string, mixed>>  $grades
     * @return list<array<string, mixed>>
     */
    private static function step(array $grades): array
    {
        $asked = [];
        foreach ($grades as $g) {
            $asked[$g['asked']][$g['player']] = $g;
        }
        $rows = [];
        foreach ($asked as $job => $men) {
            $men = array_values($men);
            usort($men, fn (array $a, array $b): int => $b['mark'] <=> $a['mark'] ?: $b['day'] <=> $a['day']);
            if (count($men) > 1) {
                [$well, $badly] = [$men[0], $men[count($men) - 1]];
                $rows[] = self::row(
                    (string) $job,
                    $well['snap'],
                    $badly['snap'],
                    "{$well['name']} and {$badly['name']}".
                        ($well['mark'] > $badly['mark'] ? ': the first did it as asked.' : ', marked alike.'),
                    10 * ($well['mark'] - $badly['mark']) + ($well['snap'] === $badly['snap'] ? 0 : 1),
                );
            }
        }

        return $rows;
    }

    /**
     * @param  list<SnapRow>  $snaps
     * @return list<array<string, mixed>>
     */
    private static function sides(array $snaps): array
    {
        $rows = [];
        foreach (
            self::groups(
                $snaps,
                fn (SnapRow $s): ?string => $s->formation === null || $s->call === null
                    ? null
                    : "{$s->reel}|{$s->formation}|{$s->motion}",
            ) as $of
        ) {
            $runs = array_values(array_filter($of, fn (SnapRow $s): bool => $s->run));
            $passes = array_values(array_filter($of, fn (SnapRow $s): bool => ! $s->run));
            if ($runs === [] || $passes === []) {
                continue;
            }
            // A pass that fakes the very run tells most.
            $best = null;
            foreach ($runs as $run) {
                foreach ($passes as $pass) {
                    $fakes =
                        $run->family !== null &&
                        str_contains((string) $pass->call, "{$run->family} ") &&
                        str_contains((string) $pass->call, 'fake')
                            ? 1
                            : 0;
                    $best = $best === null || $fakes > $best[2] ? [$run, $pass, $fakes] : $best;
                }
            }
            $rows[] = self::row(
                (string) $best[0]->formation.($best[0]->motion === null ? '' : ", {$best[0]->motion}"),
                $best[0]->id,
                $best[1]->id,
                "{$best[0]->call} beside {$best[1]->call}".($best[2] === 1 ? ', which fakes it.' : '.'),
                10 * $best[2] + count($of),
            );
        }

        return $rows;
    }

    /**
     * @param  list<SnapRow>  $snaps
     * @return list<array<string, mixed>>
     */
    private static function gaps(array $snaps): array
    {
        $rows = [];
        foreach (self::groups($snaps, fn (SnapRow $s): ?string => $s->hole === null ? null
            : $s->call) as $call => $of) {
            $holes = [];
            foreach ($of as $s) {
                $holes[$s->hole] = $s;
            }
            if (count($holes) > 1) {
                [$a, $b] = array_slice(array_values($holes), -2);
                $rows[] = self::row(
                    (string) $call,
                    $a->id,
                    $b->id,
                    "{$a->hole} against {$a->front}; {$b->hole} against {$b->front}.",
                    count($holes),
                );
            }
        }

        return $rows;
    }

    /**
     * @param  list<SnapRow>  $snaps
     * @return list<array<string, mixed>>
     */
    private static function fronts(array $snaps): array
    {
        $rows = [];
        foreach (self::groups($snaps, fn (SnapRow $s): ?string => $s->front === null ? null
            : $s->formation) as $formation => $of) {
            // The same call against two fronts is worth more than two calls; each call against each front stands once.
            $best = null;
            $each = [];
            foreach ($of as $s) {
                $each["{$s->call}|{$s->front}"] ??= $s;
            }
            $each = array_values($each);
            foreach ($each as $n => $a) {
                foreach (array_slice($each, $n + 1) as $b) {
                    $same = (int) ($a->call === $b->call);
                    if ($a->front !== $b->front && ($best === null || $same > $best[2])) {
                        $best = [$a, $b, $same];
                    }
                }
            }
            if ($best !== null) {
                $rows[] = self::row(
                    (string) $formation,
                    $best[0]->id,
                    $best[1]->id,
                    "{$best[0]->front} and {$best[1]->front}".
                        ($best[2] === 1 ? ", {$best[0]->call} both times." : '.'),
                    10 * $best[2] + count($of),
                );
            }
        }

        return $rows;
    }

    /**
     * @param  list<SnapRow>  $snaps
     * @param  array<string, array<string, string>>  $jobs
     * @return list<array<string, mixed>>
     */
    private static function twins(array $snaps, array $jobs): array
    {
        $calls = self::groups($snaps, fn (SnapRow $s): ?string => isset($jobs[$s->call ?? '']) ? $s->call : null);
        $rows = [];
        foreach ($calls as $call => $of) {
            $best = null;
            foreach (count($of) > self::RARE ? [] : array_keys($calls) as $other) {
                $mine = array_filter($jobs[$call], fn (string $job): bool => $job !== self::NO_JOB);
                $shared = $other === $call ? 0 : count(array_intersect_assoc($mine, $jobs[$other]));
                if ($shared >= self::SHARED * count($mine) && ($best === null || $shared > $best[1])) {
                    $best = [$other, $shared, count($mine)];
                }
            }
            if ($best !== null) {
                $twin = $calls[$best[0]];
                $rows[] = self::row(
                    (string) $call,
                    $of[count($of) - 1]->id,
                    $twin[count($twin) - 1]->id,
                    "{$best[1]} of {$best[2]} do the same in {$best[0]}.",
                    (int) round((100 * $best[1]) / $best[2]),
                );
            }
        }

        return $rows;
    }

    /**
     * @param  list<SnapRow>  $snaps
     * @param  callable(SnapRow): ?string  $by
     * @return array<string, non-empty-list<SnapRow>>
     */
    private static function groups(array $snaps, callable $by): array
    {
        $groups = [];
        foreach ($snaps as $s) {
            $name = $by($s);
            if ($name !== null) {
                $groups[$name][] = $s;
            }
        }

        return $groups;
    }

    /** @return array{what: string, a: string, b: string, why: string, rank: int} */
    private static function row(string $what, string $a, string $b, string $why, int $rank): array
    {
        return ['what' => ucfirst($what), 'a' => $a, 'b' => $b, 'why' => ucfirst($why), 'rank' => $rank];
    }
}
