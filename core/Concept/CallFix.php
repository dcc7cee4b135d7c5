<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Offense\Motion\Motion;
use Jacotaxis\Core\Offense\Motion\Sound;

/** Makes the change a finding proposes. */
final class CallFix
{
    /** The call with the fix of a finding made; the same call where the finding has none. */
    public static function apply(Call $call, Finding $finding): Call
    {
        $fix = $finding->apply;

        return match ($fix['do'] ?? null) {
            'move' => self::move($call, $fix['man'], (float) $fix['xYd'], (float) $fix['yYd']),
            'sound' => self::motion($call, $fix['man'], fn (Motion $m): Motion => $m->on($fix['word'] === null ? null
                : new Sound($fix['word'], $fix['last']))),
            'to' => self::to($call, $fix['man'], (float) $fix['xYd'], (float) $fix['yYd']),
            'still' => $call->with(['motions' => array_values(array_filter($call->motions,
                fn (Motion $m): bool => $m->who !== $fix['man']))]),
            'unroute' => $call->with(['routes' => array_diff_key($call->routes, [$fix['man'] => 1]),
                'reads' => array_values(array_diff($call->reads, [$fix['man']]))]),
            default => $call,
        };
    }

    /** A man who moves before the snap is moved where he ends, unless it is his start that is wrong. */
    private static function move(Call $call, string $man, float $x, float $y): Call
    {
        foreach ($call->motions as $motion) {
            $start = $call->formation->spots[$man] ?? null;
            if (
                $motion->who === $man &&
                $motion->kind->sets() &&
                ($start === null || $x * $start[0] < 0.0 || $motion->to !== null)
            ) {
                return self::to($call, $man, $x, $y);
            }
        }

        return $call->with([
            'formation' => $call->formation->withSpots([...$call->formation->spots, $man => [$x, $y]]),
        ]);
    }

    private static function to(Call $call, string $man, float $x, float $y): Call
    {
        return self::motion(
            $call,
            $man,
            fn (Motion $m): Motion => new Motion($m->who, $m->kind, $m->side, $m->sound, [$x, $y], $m->purpose),
        );
    }

    /** @param  callable(Motion): Motion  $change */
    private static function motion(Call $call, string $man, callable $change): Call
    {
        return $call->with([
            'motions' => array_map(fn (Motion $m): Motion => $m->who === $man ? $change($m) : $m, $call->motions),
        ]);
    }
}
