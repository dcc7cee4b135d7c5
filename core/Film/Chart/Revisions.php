<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Chart;

/**
 * What a save changes of marks that stood before: a mark may be revised after the second view, and what it was is kept
 * (FLM-10).
 */
final class Revisions
{
    /** Marks nearer than this are the same moment, seconds. */
    private const SAME_S = 0.005;

    /**
     * The new document with the revised and removed marks of the old one in its history.
     *
     * @param  array<string, mixed>  $old  film documents
     * @param  array<string, mixed>  $new
     * @return array<string, mixed>
     */
    public static function kept(array $old, array $new, string $by, string $on): array
    {
        $now = [];
        foreach ($new['marks'] ?? [] as $mark) {
            $now[self::name($mark)] = $mark['atS'];
        }
        $history = [];
        foreach ($old['marks'] ?? [] as $mark) {
            $name = self::name($mark);
            $at = $now[$name] ?? null;
            if ($at === null || abs($at - $mark['atS']) > self::SAME_S) {
                $history[] = ['question' => "Mark: $name", 'was' => self::time($mark['atS']), 'now' => $at === null
                    ? 'taken away' : self::time($at), 'by' => $by, 'on' => $on];
            }
        }

        return $history === []
            ? $new
            : ['settled' => [...array_slice($new['settled'] ?? [], -(400 - count($history))), ...$history]] + $new;
    }

    /** @param  array<string, mixed>  $mark */
    private static function name(array $mark): string
    {
        $said = [$mark['label'] ?? $mark['kind'], $mark['n'] ?? null, $mark['man'] ?? null];

        return implode(' ', array_filter($said, fn (mixed $one): bool => $one !== null && $one !== ''));
    }

    private static function time(float $s): string
    {
        return sprintf('%.2f s', $s);
    }
}
