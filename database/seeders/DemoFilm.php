<?php

namespace Database\Seeders;

use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Film\Camera;
use Jacotaxis\Core\Film\FieldMarks;

/** A worked film document for a demo clip, as a coach would click it: marks and plots within a pixel of the ground truth. */
final class DemoFilm
{
    /** Field marks that are clicked: yard line and the name of the mark across it. */
    private const CLICKS = [[35, 'left hash'], [35, 'right hash'], [50, 'left hash'], [50, 'right hash'], [40, 'top of the right numbers'], [55, 'top of the right numbers'], [45, 'top of the left numbers']];

    /**
     * @param  array<string, mixed>  $truth
     * @return array<string, mixed>
     */
    public static function document(array $truth, bool $worked): array
    {
        $document = ['kind' => 'jacotaxis.film', 'version' => 1, 'call' => 'gun 2x2 right: smash right', 'look' => '4-2 nickel, cover 2',
            'situation' => ['rules' => 'nfhs', 'hash' => 'middle', 'down' => 1, 'toGoYd' => 10, 'ballOnYd' => 40],
            'video' => array_intersect_key($truth, ['fps' => 1, 'widthPx' => 1, 'heightPx' => 1, 'durationS' => 1]),
            'marks' => [], 'calibrations' => [], 'plots' => []];

        return $worked ? self::worked($document, $truth) : $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $truth
     * @return array<string, mixed>
     */
    private static function worked(array $document, array $truth): array
    {
        $camera = Camera::pressBox(RuleSet::WIDTH_YD / 2.0, 40.0, $truth['widthPx'], $truth['heightPx']);
        $m = $truth['marks'];
        $document['marks'] = [
            ['kind' => 'snap', 'atS' => $m['snap']],
            ['kind' => 'break', 'atS' => $m['break H'], 'man' => 'H'],
            ['kind' => 'break', 'atS' => $m['break Z'], 'man' => 'Z'],
            ['kind' => 'ball out', 'atS' => $m['ball out'], 'man' => $truth['thrownTo']],
            ['kind' => 'catch', 'atS' => $m['catch'], 'man' => $truth['thrownTo']],
        ];
        $points = [];
        foreach (self::CLICKS as $n => [$yard, $name]) {
            $x = FieldMarks::across(RuleSet::Nfhs)[$name];
            [$px, $py] = $camera->project($x, $yard, 0.0, Camera::shake($m['snap']));
            $points[] = ['xPx' => round($px + 0.5 * sin(7.0 * $n), 1), 'yPx' => round($py + 0.5 * cos(5.0 * $n), 1), 'fieldXYd' => round($x, 3), 'fieldYYd' => $yard, 'mark' => "$name on the ".min($yard, 100 - $yard)];
        }
        $document['calibrations'] = [['atS' => $m['snap'], 'points' => $points]];
        foreach ([['H', $m['break H']], ['Z', $m['break Z']], ['right corner', $m['break H']], ['right corner', $m['ball out']]] as $n => [$man, $at]) {
            $spot = self::spot($truth, $man, $at);
            [$px, $py] = $camera->project($spot[0], $spot[1], 0.0, Camera::shake($at));
            $document['plots'][] = ['id' => "p$n", 'man' => $man, 'atS' => $at, 'xPx' => round($px + 0.4 * sin(3.0 * $n), 1), 'yPx' => round($py + 0.4 * cos(4.0 * $n), 1)];
        }

        return $document;
    }

    /**
     * @param  array<string, mixed>  $truth
     * @return array{float, float} field yards
     */
    private static function spot(array $truth, string $man, float $at): array
    {
        foreach ($truth['spots'] as $n => $now) {
            $next = $truth['spots'][$n + 1] ?? $now;
            if ($next['atS'] >= $at) {
                $f = $next['atS'] > $now['atS'] ? ($at - $now['atS']) / ($next['atS'] - $now['atS']) : 0.0;

                return [$now['men'][$man][0] + $f * ($next['men'][$man][0] - $now['men'][$man][0]), $now['men'][$man][1] + $f * ($next['men'][$man][1] - $now['men'][$man][1])];
            }
        }

        return end($truth['spots'])['men'][$man];
    }
}
