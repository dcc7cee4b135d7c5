<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Chart;

/**
 * The chain of downs: what a snap makes of the next one, what it did to it, and where two snaps contradict each other
 * (REC-03).
 */
final class Chain
{
    /** Spots are read to half a yard; a difference up to this is none, yards (product default). */
    private const SPOT_YD = 1.0;

    /** Far to go on a late down: from this distance on, yards (common practice, no source). */
    public const LONG_YD = 7.0;

    /**
     * What the next snap must be: down, distance, spot and series; a field that cannot be known is null. A series that
     * ends gives a new one with the spot open.
     */
    public static function after(Chart $s): Chart
    {
        $next = new Chart(
            number: $s->number === null ? null : $s->number + 1,
            quarter: $s->quarter,
            score: $s->score,
            series: $s->series,
            kind: $s->kind,
        );
        $end = self::end($s);
        if ($s->touchdown || ($s->result?->losesBall() ?? false) || ($end !== null && $end >= 100.0)) {
            return self::fresh(
                $next,
                $s->touchdown ? ['us' => ($s->score['us'] ?? 0) + 6, 'them' => $s->score['them'] ?? 0] : null,
            );
        }
        if ($s->down === null || $s->toGoYd === null) {
            return $next->with(['ballOnYd' => $end]);
        }
        [$gained, $again] = self::gained($s);
        if ($gained === null) {
            return $next->with(['ballOnYd' => $end]);
        }
        $left = $s->toGoYd - $gained;
        if ($left <= 0.0 || self::automatic($s)) {
            return $next->with(['down' => 1, 'toGoYd' => $end === null ? 10.0 : min(10.0, 100.0 - $end),
                'ballOnYd' => $end]);
        }
        if ($s->down === 4 && ! $again) {
            return self::fresh($next);
        }

        return $next->with(['down' => $again ? $s->down : $s->down + 1, 'toGoYd' => $left, 'ballOnYd' => $end]);
    }

    /** Yards from the own goal line at which the snap ends, after any penalty; null when the gain is not known. */
    public static function end(Chart $s): ?float
    {
        [$gained] = self::gained($s);

        return $s->ballOnYd === null || $gained === null ? null : max(0.0, min(100.0, $s->ballOnYd + $gained));
    }

    /** What the snap before did to this one, in words. */
    public static function did(Chart $before, Chart $s): string
    {
        if ($before->series !== $s->series) {
            return 'First snap of the series.';
        }
        $what =
            match (true) {
                $before->penalty !== null => sprintf(
                    '%s foul%s, %g yd',
                    $before->penalty['by'] === 'us' ? 'Our' : 'Their',
                    $before->penalty['what'] === '' ? '' : " ({$before->penalty['what']})",
                    $before->penalty['yards'],
                ),
                $before->result === null => 'The snap before is not charted',
                default => ucfirst($before->result->value).
                    ($before->gainYd !== null && $before->result->moves()
                    ? sprintf(' for %+g', $before->gainYd)
                    : ''),
            };
        $made =
            match (true) {
                $s->down >= 3 && $s->toGoYd >= self::LONG_YD => ': it made this long down',
                $s->down === 1 => ': it made this first down',
                default => '',
            };

        return "$what on {$before->place()}$made.";
    }

    /** What a snap made of the next one, in words; null where the next one is not charted. */
    public static function made(Chart $s, ?Chart $next): ?string
    {
        if ($next === null || $next->down === null) {
            return null;
        }
        $ended = match (true) {
            $s->touchdown => 'It scored.',
            $s->result?->losesBall() ?? false => 'It lost the ball.',
            $s->series !== $next->series => 'It ended the series.',
            default => null,
        };
        $why =
            match (true) {
                $next->down === 1 => ', a new first down',
                $next->down >= 3 && $next->toGoYd >= self::LONG_YD => ', a long down to make',
                default => '',
            };

        return $ended ?? ucfirst("then {$next->place()}$why.");
    }

    /**
     * What contradicts the snap before, each with the ways to settle it.
     *
     * @return list<array{id: string, text: string, ways: list<array{words: string, snap: string, field: string,
     *     value: float|int}>}> snap is before or this
     */
    public static function check(Chart $before, Chart $s): array
    {
        $due = self::after($before);
        $asked = [];
        if ($before->series !== null && $s->series !== null && $before->series !== $s->series) {
            return [];
        }
        if (
            $due->ballOnYd !== null &&
            $s->ballOnYd !== null &&
            abs($due->ballOnYd - $s->ballOnYd) >= self::SPOT_YD &&
            $before->ballOnYd !== null
        ) {
            $gain = $s->ballOnYd - $before->ballOnYd;
            $asked[] = ['id' => 'spot', 'text' => sprintf('The snap before is written %+g from %s, which puts the '
                .'ball on %s; this snap says %s, which is %+g. Which is right?',
                $before->gainYd ?? 0.0, Chart::spot($before->ballOnYd), Chart::spot($due->ballOnYd),
                Chart::spot($s->ballOnYd), $gain),
                'ways' => [['words' => sprintf('The gain was %+g', $gain), 'snap' => 'before', 'field' => 'gainYd',
                    'value' => $gain],
                    ['words' => 'The ball is on '.Chart::spot($due->ballOnYd), 'snap' => 'this', 'field' => 'ballOnYd',
                        'value' => $due->ballOnYd]]];
        }
        if ($asked === [] && $due->down !== null && $s->down !== null
            && ($due->down !== $s->down || abs(($due->toGoYd ?? 0.0) - ($s->toGoYd ?? $due->toGoYd
            ?? 0.0)) >= self::SPOT_YD)) {
            $asked[] = ['id' => 'down', 'text' => "After {$before->place()}".($before->gainYd === null ? ''
                : sprintf(' and %+g', $before->gainYd))
                ." it is {$due->place()}; this snap says {$s->place()}. Which is right?",
                'ways' => [['words' => "It is {$due->place()}", 'snap' => 'this', 'field' => 'down',
                    'value' => $due->down]]];
        }

        return $asked;
    }

    /**
     * Yards the ball moved for the chain, penalty and all, and whether the down is played again.
     *
     * @return array{float|null, bool}
     */
    private static function gained(Chart $s): array
    {
        $penalty = $s->penalty === null ? 0.0 : ($s->penalty['by'] === 'us' ? -1.0 : 1.0) * $s->penalty['yards'];
        if ($s->nullified()) {
            return [$penalty, true];
        }
        if ($s->result === null) {
            return [null, false];
        }
        $gain = $s->result->moves() ? $s->gainYd : 0.0;

        return [$gain === null ? null : $gain + $penalty, false];
    }

    /** Fouls that carry a first down with them. */
    private static function automatic(Chart $s): bool
    {
        return $s->penalty !== null && $s->penalty['by'] === 'them' && str_contains($s->penalty['what'], 'first down');
    }

    /** @param  array{us: int, them: int}|null  $score */
    private static function fresh(Chart $next, ?array $score = null): Chart
    {
        return $next->with(['series' => $next->series === null ? null : $next->series + 1, 'down' => 1,
            'toGoYd' => 10.0, 'ballOnYd' => null] + ($score === null ? [] : ['score' => $score]));
    }
}
