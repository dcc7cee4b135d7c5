<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Aligning;

use Jacotaxis\Core\Defense\Change;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Front\LineMan;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Defense\Jobs\JobWords;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\UnknownLook;
use Jacotaxis\Core\Offense\Lineup;

/** What a coach changed of single men: leverage and cushion, walked up, movement, job, reaction, spot. */
final class ByHand
{
    /** Leverage a word stands for, yards inside his man. */
    private const INSIDE_YD = 1.0;

    /** Nearer than this two men stand on one spot, yards. */
    private const CROWDED_YD = 0.4;

    /** Nearer to the ball than this a man is up at the line, yards. */
    private const UP_YD = 2.0;

    /** Room a man takes at the line, and the steps in which a free place is looked for, yards. */
    private const SHOULDERS_YD = 0.7;

    private const TRIES_YD = 0.25;

    /**
     * @param  list<Defender>  $men
     * @return list<Defender>
     *
     * @throws UnknownLook when a name is not in the look, or two stand on one spot
     */
    public static function apply(array $men, Look $look, Lineup $lineup): array
    {
        foreach ($look->changes as $who => $change) {
            $hit = Named::in((string) $who, $men, $lineup);
            if ($hit === []) {
                throw UnknownLook::role((string) $who, array_map(fn (Defender $d): string => $d->role, $men));
            }
            foreach ($hit as $n) {
                $man = self::changed($men[$n], $change, $lineup);
                $men = self::with($men, $n, $man);
                if ($change->spot === null && $man->yYd < self::UP_YD) {
                    $men = self::with($men, $n, self::beside($men, $n));
                }
            }
        }
        foreach ($men as $i => $a) {
            foreach (array_slice($men, $i + 1) as $b) {
                if (hypot($a->xYd - $b->xYd, $a->yYd - $b->yYd) < self::CROWDED_YD) {
                    throw UnknownLook::crowded($a->role, $b->role);
                }
            }
        }

        return $men;
    }

    /**
     * @param  list<Defender>  $men
     * @return list<Defender> with another man at a place
     */
    private static function with(array $men, int $place, Defender $man): array
    {
        $men[$place] = $man;

        return array_values($men);
    }

    /**
     * A man sent up to the line where one stands already goes beside him, outside first.
     *
     * @param  list<Defender>  $men
     */
    private static function beside(array $men, int $n): Defender
    {
        $man = $men[$n];
        unset($men[$n]);
        $out = $man->xYd < 0.0 ? -1.0 : 1.0;
        for ($off = 0.0; $off < 6.0; $off += self::TRIES_YD) {
            foreach ([$out * $off, -$out * $off] as $aside) {
                $at = $man->at($man->xYd + $aside, $man->yYd);
                if (
                    array_filter(
                        $men,
                        fn (Defender $d): bool => hypot($d->xYd - $at->xYd, $d->yYd - $at->yYd) < self::SHOULDERS_YD,
                    ) === []
                ) {
                    return $at;
                }
            }
        }

        return $man;
    }

    /**
     * Whom the coach counts out of the box, or into it, with his reason.
     *
     * @param  list<Defender>  $men
     * @return array<string, string> reason by role
     */
    public static function counted(array $men, Look $look, Lineup $lineup, string $way): array
    {
        $reasons = [];
        foreach ($look->changes as $who => $change) {
            foreach ($change->counted === $way ? Named::in((string) $who, $men, $lineup) : [] as $n) {
                $reasons[$men[$n]->role] = $change->reason ?? 'by hand';
            }
        }

        return $reasons;
    }

    private static function changed(Defender $man, Change $change, Lineup $lineup): Defender
    {
        foreach ($change->leverage as $word) {
            $man = self::levered($man, $word, $lineup);
        }
        if ($change->offYd !== null) {
            $man = $man->at($man->xYd, $change->offYd);
        }
        if ($change->walked) {
            $man = $man->at($man->xYd, LineMan::DOWN_YD + 0.2);
        }
        if ($change->job !== null) {
            $man = self::given($man, $change, $lineup);
        }
        if ($change->spot !== null) {
            $man = $man->at(...$change->spot);
        }

        return $man->with([
            'movement' => $change->movement?->against($lineup) ?? $man->movement,
            'reaction' => $change->reaction ?? $man->reaction,
        ]);
    }

    private static function levered(Defender $man, string $word, Lineup $lineup): Defender
    {
        [$off, $side] = Change::LEVERAGES[$word];
        $over = $man->over === null ? null : ($lineup->men[$man->over] ?? null);
        $y = $off ?? $man->yYd;
        if ($over === null || $side === null) {
            return $man->at($man->xYd, $y);
        }
        $out = $over->xYd < 0.0 ? -1.0 : 1.0;
        $x = $over->xYd + $out * match ($side) {
            'inside' => -self::INSIDE_YD, 'outside' => self::INSIDE_YD, default => 0.0
        };

        return $man->with(['xYd' => $x, 'yYd' => $y, 'job' => $man->job->leaning($side)]);
    }

    private static function given(Defender $man, Change $change, Lineup $lineup): Defender
    {
        $job = JobWords::get((string) $change->job) ?? throw UnknownLook::job((string) $change->job);
        $on = $change->on;
        if ($on !== null && ! in_array($on, $lineup->eligible(), true)) {
            $on = null;
        }
        $words = $on === null ? $job->words : "{$job->words}: $on";

        return $man->with(['job' => (new Spots($lineup))->landed($job, $man->side, false)->saying($words),
            'takes' => $job->kind === JobKind::Rush ? null : $on]);
    }
}
