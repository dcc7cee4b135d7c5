<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Numbers;

use Jacotaxis\Core\Film\Chart\Prediction;

/** The ways snaps are put together: what a number can be asked by. */
final class Groups
{
    public const BY = [
        'call' => 'Call', 'family' => 'Concept', 'formation' => 'Formation', 'personnel' => 'Personnel',
        'motion' => 'Motion', 'look' => 'Look', 'front' => 'Front', 'shell' => 'Coverage', 'choice' => 'Key choice',
        'done' => 'What the ball did', 'hole' => 'Gap hit', 'tag' => 'Tag', 'action' => 'Run action shown',
        'back' => 'Where the back goes', 'carrier' => 'Who had the ball', 'situation' => 'Down and distance',
        'zone' => 'Field zone', 'hash' => 'Hash', 'quarter' => 'Quarter', 'score' => 'Score',
        'time' => 'Time left', 'decision' => 'Decision',
        'opponent' => 'Opponent',
    ];

    private const ONE_SCORE = 8;

    private const TWO_MINUTES_S = 120;

    /** What a snap is put under that has none of it. */
    public const NONE = ['no motion', 'no tag', 'no run action'];

    /** What a snap without a value is put under. */
    public const UNKNOWN = 'not charted';

    public static function of(SnapRow $s, string $by): string
    {
        return match ($by) {
            'look' => $s->front === null && $s->shell === null
                ? self::UNKNOWN
                : trim(($s->front ?? '').', '.($s->shell ?? ''), ', '),
            'choice' => $s->choice === null ? self::UNKNOWN : trim(($s->defender ?? '').': '.$s->choice, ': '),
            'situation' => self::situation($s->down, $s->toGoYd),
            'zone' => self::zone($s->ballOnYd),
            'quarter' => $s->quarter === null ? self::UNKNOWN : "Quarter {$s->quarter}",
            'score' => self::score($s->ahead),
            'time' => self::time($s->quarter, $s->clockS),
            'motion' => $s->motion ?? 'no motion',
            'tag' => $s->tag ?? 'no tag',
            'action' => $s->action ?? 'no run action',
            default => get_object_vars($s)[$by] ?? self::UNKNOWN,
        };
    }

    public static function situation(?int $down, ?float $toGoYd): string
    {
        if ($down === null) {
            return self::UNKNOWN;
        }
        $name = ['', '1st', '2nd', '3rd', '4th'][$down];

        return $down === 1 && $toGoYd === 10.0
            ? '1st and 10'
            : $name.($toGoYd === null ? '' : ' and '.Prediction::distance($toGoYd));
    }

    /** Zones of the field by the spot of the ball (common practice, no source). */
    public static function zone(?float $ballOnYd): string
    {
        return match (true) {
            $ballOnYd === null => self::UNKNOWN,
            $ballOnYd <= 10.0 => 'backed up, own 1 to 10',
            $ballOnYd < 40.0 => 'own 11 to 39',
            $ballOnYd <= 60.0 => 'middle, between the 40s',
            $ballOnYd < 80.0 => 'their 39 to 21',
            $ballOnYd < 95.0 => 'red area, their 20 to 6',
            default => 'goal line, their 5 and in',
        };
    }

    /** By more or less than one score: a touchdown with two points after it (common practice). */
    private static function score(?int $ahead): string
    {
        return match (true) {
            $ahead === null => self::UNKNOWN,
            $ahead > self::ONE_SCORE => 'offense ahead by two scores or more',
            $ahead > 0 => 'offense ahead by one score',
            $ahead === 0 => 'level',
            $ahead >= -self::ONE_SCORE => 'offense behind by one score',
            default => 'offense behind by two scores or more',
        };
    }

    private static function time(?int $quarter, ?int $clockS): string
    {
        return match (true) {
            $quarter === null => self::UNKNOWN,
            $quarter > 4 => 'overtime',
            $quarter % 2 === 0 && $clockS !== null && $clockS <= self::TWO_MINUTES_S => 'last two minutes of a half',
            $quarter <= 2 => 'first half before that',
            default => 'second half before that',
        };
    }
}
