<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

/**
 * What a man is marked on; any may stay empty (GRD-02). Process and result stand apart and are never averaged (GRD-01).
 */
final class Marks
{
    public const PROCESS = ['alignment', 'assignment', 'eyes', 'technique', 'effort', 'decision'];

    public const WHAT = [...self::PROCESS, 'result'];

    /**
     * The overall mark the process asks for: minus when any part is, else plus when any part was seen. The result does
     * not count.
     *
     * @param  array<string, int|null>  $marks
     */
    public static function overall(array $marks): ?int
    {
        $seen = array_filter(array_intersect_key($marks, array_flip(self::PROCESS)), fn (?int $m): bool => $m !== null);

        return match (true) {
            $seen === [] => null,
            in_array(-1, $seen, true) => -1,
            default => 1,
        };
    }
}
