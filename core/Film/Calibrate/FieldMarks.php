<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Calibrate;

use Jacotaxis\Core\Field\RuleSet;

/**
 * Known paint on the field that a coach can click: where yard lines meet sidelines, hashes and numbers. Field yards.
 */
final class FieldMarks
{
    /**
     * The marks across one yard line, from the left sideline.
     *
     * @return array<string, float> name => X
     */
    public static function across(RuleSet $rules): array
    {
        [, $top] = $rules->numbersFromSidelineYd();
        $hash = $rules->hashFromSidelineYd();

        return [
            'left sideline' => 0.0,
            'top of the left numbers' => $top,
            'left hash' => $hash,
            'right hash' => RuleSet::WIDTH_YD - $hash,
            'top of the right numbers' => RuleSet::WIDTH_YD - $top,
            'right sideline' => RuleSet::WIDTH_YD,
        ];
    }

    /**
     * The painted lines of a stretch of field as pairs of field points: yard lines every five yards, hash rows,
     * sidelines.
     *
     * @return list<array{float, float, float, float}>
     */
    public static function lines(RuleSet $rules, float $fromYd, float $toYd): array
    {
        $lines = [];
        for ($y = ceil($fromYd / 5.0) * 5.0; $y <= $toYd; $y += 5.0) {
            $lines[] = [0.0, $y, RuleSet::WIDTH_YD, $y];
        }
        foreach ([0.0, $rules->hashFromSidelineYd(), RuleSet::WIDTH_YD - $rules->hashFromSidelineYd(),
            RuleSet::WIDTH_YD] as $x) {
            $lines[] = [$x, $fromYd, $x, $toYd];
        }

        return $lines;
    }
}
