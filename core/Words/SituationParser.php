<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\OutOfField;
use Jacotaxis\Core\Field\Situation;

/** Reads "2nd & 6, ball on -35, left hash" (minus: own half). */
final class SituationParser
{
    /** Distances said by a word, yards (product defaults). */
    private const DISTANCES = ['long' => 10.0, 'short' => 1.0, 'inches' => 0.5];

    /** Places said by a word: down, yards to go (null: to the goal line) and the ball from the own goal line. */
    private const PLACES = [
        'goal line' => [1, null, 97.0],
        'on goal line' => [1, null, 97.0],
        'red zone' => [1, 10.0, 85.0],
        'backed up' => [1, 10.0, 3.0],
        'coming out' => [1, 10.0, 3.0],
        'two point' => [1, null, 97.0],
        'two-point' => [1, null, 97.0],
        '2pt' => [1, null, 97.0],
        '2 pt' => [1, null, 97.0],
        '2 point' => [1, null, 97.0],
    ];

    private const SPOT = '/^([+-]|own|their|opponents?)?\s*(\d+(?:\.\d+)?)$/';

    /** @throws NotUnderstood */
    public static function parse(string $words, Situation $else): Situation
    {
        $down = $else->down;
        $toGo = $else->toGoYd;
        $ballOn = $else->ballOnYd;
        $hash = $else->hash;
        foreach (preg_split('/\s*,\s*/', trim(mb_strtolower($words)), flags: PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
            if (preg_match('/^(\d)(?:st|nd|rd|th)?\s*(?:&|and)\s*(\d+(?:\.\d+)?|goal|long|short|inches)(?:\s+'
                .'(?:at|from|on)\s+(?:the\s+)?(.+))?$/', $part, $m) === 1) {
                $down = (int) $m[1];
                $toGo = $m[2] === 'goal' ? null : (self::DISTANCES[$m[2]] ?? (float) $m[2]);
                $ballOn = isset($m[3]) ? self::spot($m[3]) : $ballOn;
            } elseif (isset(self::PLACES[$part])) {
                [$down, $toGo, $ballOn] = self::PLACES[$part];
            } elseif (preg_match('/^ball\s+(?:on|at)\s+(?:the\s+)?(.+)$/', $part, $m) === 1
                && preg_match(self::SPOT, $m[1]) === 1) {
                $ballOn = self::spot($m[1]);
            } elseif (preg_match('/^(?:ball\s+on\s+)?(?:the\s+)?(left|right|middle)(?:\s+hash)?$/', $part, $m) === 1) {
                $hash = Hash::from($m[1]);
            } else {
                throw NotUnderstood::word($part, 'situation', [
                    '1st & 10',
                    '2nd & 6',
                    'ball on -35',
                    'left hash',
                    'right hash',
                    'middle',
                    'goal line',
                    'two point',
                ]);
            }
        }
        try {
            return Situation::of($else->rules, $hash, $down, $toGo ?? 100.0 - $ballOn, $ballOn);
        } catch (OutOfField $e) {
            throw NotUnderstood::because($e->getMessage(), trim($words));
        }
    }

    /**
     * "-35", "own 35", "+20", "their 20" or "5", as yards from the own goal line.
     *
     * @throws NotUnderstood
     */
    private static function spot(string $words): float
    {
        if (preg_match(self::SPOT, trim($words), $m) !== 1) {
            throw NotUnderstood::word(trim($words), 'spot', ['-35', 'own 35', '+20', 'their 20']);
        }

        return in_array($m[1], ['-', 'own'], true) ? (float) $m[2] : 100.0 - (float) $m[2];
    }

    /** The words of a situation. */
    public static function words(Situation $s): string
    {
        $order = ['', '1st', '2nd', '3rd', '4th'][$s->down];
        $spot = $s->ballOnYd <= 50.0 ? '-'.self::number($s->ballOnYd) : self::number(100.0 - $s->ballOnYd);

        return "$order & ".
            self::number($s->toGoYd).
            ", ball on $spot, ".
            ($s->hash === Hash::Middle ? 'middle' : "{$s->hash->value} hash");
    }

    private static function number(float $yd): string
    {
        return rtrim(rtrim(sprintf('%.1f', $yd), '0'), '.');
    }
}
