<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept\Document;

/** Whether two documents say the same: the order of their keys and how a whole number is written do not count. */
final class Same
{
    public static function documents(mixed $a, mixed $b): bool
    {
        $written = fn (mixed $one): string => json_encode(self::sorted($one), JSON_THROW_ON_ERROR);

        return $written($a) === $written($b);
    }

    private static function sorted(mixed $value): mixed
    {
        if (! is_array($value)) {
            return $value;
        }
        if (! array_is_list($value)) {
            ksort($value);
        }

        return array_map(self::sorted(...), $value);
    }
}
