<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Truth;

/** A call, a look and a hash turned over give the same proof turned over. */
final class Mirror
{
    /** Strengths are the same up to rounding, seconds. */
    private const SAME_S = 0.005;

    private const OVER = ['left' => 'right', 'right' => 'left', 'LT' => 'RT', 'RT' => 'LT', 'LG' => 'RG', 'RG' => 'LG'];

    /** The words of a call, a look or a role with left and right exchanged. */
    public static function turned(string $words): string
    {
        return (string) preg_replace_callback(
            '/\b('.implode('|', array_keys(self::OVER)).')\b/',
            fn (array $m): string => self::OVER[$m[1]],
            $words,
        );
    }

    /** A set that says no side stands to the right: its mirror stands to the left. */
    public static function turnedCall(string $call): string
    {
        $end = strcspn($call, ',:');
        $set = substr($call, 0, $end);
        $side = preg_match('/\b(left|right)\b/', $set) === 1 ? '' : ' left';

        return self::turned($set).$side.self::turned(substr($call, $end));
    }

    public static function of(TruthCase $case): TruthCase
    {
        return new TruthCase(
            $case->truth,
            self::turnedCall($case->call),
            self::turned($case->look),
            $case->want,
            $case->level,
            $case->hash->mirrored(),
            self::turned($case->situation),
        );
    }

    /** What differs between a case and the case turned over, or null where nothing does. */
    public static function difference(TruthCase $case): ?string
    {
        [$one, $other] = [Judge::prove($case), Judge::prove(self::of($case))];
        $strength = [$one->strength() ?? 0.0, $other->strength() ?? 0.0];
        $keys = [Judge::roles($one), array_map(self::turned(...), Judge::roles($other))];

        return match (true) {
            $one->verdict() !== $other->verdict() => "{$one->verdict()->value} here, {$other->verdict()->value} there",
            $keys[0] !== $keys[1] => 'keys '.implode(', ', $keys[0]).' here, '.implode(', ', $keys[1]).' there',
            abs($strength[0] - $strength[1]) > self::SAME_S => sprintf(
                'strength %+.2f s here, %+.2f s there',
                ...$strength,
            ),
            default => null,
        };
    }
}
