<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense;

use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;

/**
 * The places a coach lines men up by, with their names: widths across the field and depths behind the ball. Yards in
 * the play frame.
 */
final class Landmarks
{
    /** @return array{widths: list<array{name: string, xYd: float}>, depths: list<array{name: string, yYd: float}>} */
    public static function of(Lineup $lineup, Situation $situation): array
    {
        $widths = [];
        [$outer, $inner] = $situation->rules->numbersFromSidelineYd();
        foreach (Side::cases() as $side) {
            $sign = $side->sign();
            $line = abs($lineup->frame->sidelineX($side));
            $end = abs($lineup->end($side)->xYd);
            $places = [
                'five from the sideline' => $line - 5.0,
                'bottom of the numbers' => $line - $outer,
                'top of the numbers' => $line - $inner,
                'hash' => $line - $situation->rules->hashFromSidelineYd(),
                'tight end' => $end + 1.17,
                'wing' => $end + 2.4,
                'H-back, off the tackle\'s outside foot' => $end + 0.5,
                'slot, a yard outside the tackle' => $end + 1.0,
            ];
            $first = $lineup->count->letter($side, 1);
            if ($first !== null) {
                $places['half way to '.$first] = ($end + abs($lineup->men[$first]->xYd)) / 2.0;
            }
            foreach ($places as $name => $wide) {
                if ($wide > 1.0 && $wide < $line - 1.0) {
                    $widths[] = ['name' => $name, 'xYd' => round($sign * $wide, 2)];
                }
            }
        }
        foreach ($lineup->men as $man) {
            if (! $man->isLineman() && ! $man->isQuarterback() && ! $man->isBack()) {
                $widths[] = ['name' => "stacked on {$man->letter}", 'xYd' => round($man->xYd, 2)];
            }
        }
        $widths[] = ['name' => 'behind the ball', 'xYd' => 0.0];

        return ['widths' => $widths, 'depths' => [
            ['name' => 'on the line', 'yYd' => Sets::ON], ['name' => 'off the line', 'yYd' => Sets::OFF],
            ['name' => 'stacked', 'yYd' => -2.5],
            ['name' => 'pistol', 'yYd' => -4.0], ['name' => 'gun', 'yYd' => -5.0],
            ['name' => 'tailback', 'yYd' => -7.0],
        ]];
    }
}
