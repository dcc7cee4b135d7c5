<?php

namespace App\Film;

use App\Models\GradeChange;
use Jacotaxis\Core\Grade\Library\FaultKeys;

/** A change of a grade in words, faults by the names the staff gave them: what was put in the place of what. */
final class ChangeWords
{
    private const MARKS = [-1 => 'minus', 0 => 'even', 1 => 'plus'];

    private const LABELS = ['bust' => 'mental error', 'impact' => 'plus play', 'hard' => 'a hard job',
        'certain' => 'sure', 'faults' => 'faults', 'decision' => 'decision', 'correction' => 'correction',
        'caveat' => 'left open', 'caused_by' => 'caused by', 'charged_to' => 'whose it is', 'marks' => 'parts'];

    public static function of(GradeChange $change, FaultKeys $keys): string
    {
        $before = $change->before;
        $after = $change->after;
        if ($after === null) {
            return 'taken away, was '.self::mark($before);
        }
        if ($before === null) {
            return 'graded '.self::mark($after);
        }
        $told = $before['mark'] === $after['mark'] ? [] : [self::mark($before).' to '.self::mark($after)];
        foreach (self::LABELS as $name => $label) {
            if ($before[$name] !== $after[$name]) {
                $told[] = $label.': '.self::said($before[$name], $keys).' to '.self::said($after[$name], $keys);
            }
        }

        return implode('; ', $told);
    }

    /** @param  array<string, mixed>|null  $said */
    private static function mark(?array $said): string
    {
        return self::MARKS[$said['mark'] ?? 0];
    }

    private static function said(mixed $value, FaultKeys $keys): string
    {
        return match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            $value === null, $value === '', $value === [] => 'none',
            is_array($value) && array_is_list($value) => implode(', ', array_map($keys->label(...), $value)),
            is_array($value) => implode(', ', array_map(
                fn (string $part, ?int $mark): string => $part.' '.($mark === null ? 'none' : self::MARKS[$mark]),
                array_keys($value),
                $value,
            )),
            default => "“{$value}”",
        };
    }
}
