<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Calibrate;

use Jacotaxis\Core\Field\RuleSet;

/** The field's paint laid over the picture by a calibration, and the doubt in inches on a grid of places. */
final class Overlay
{
    /** Inches in a yard. */
    private const INCHES = 36.0;

    /**
     * @return array{lines: list<list<array{float, float}>>, doubt: list<array{xPx: float, yPx: float, inches: float}>,
     *     residualPx: float}
     */
    public static function of(Calibration|View $calibration, RuleSet $rules, int $widthPx, int $heightPx): array
    {
        $lines = [];
        foreach (FieldMarks::lines($rules, 0.0, 100.0) as [$x1, $y1, $x2, $y2]) {
            $line = [];
            for ($k = 0; $k <= 24; $k++) {
                [$x, $y] = $calibration->toPicture($x1 + (($x2 - $x1) * $k) / 24, $y1 + (($y2 - $y1) * $k) / 24);
                if (
                    $x > -$widthPx &&
                    $x < 2 * $widthPx &&
                    $y > -$heightPx &&
                    $y < 2 * $heightPx &&
                    self::onGround($calibration, $x, $y)
                ) {
                    $line[] = [round($x, 1), round($y, 1)];
                }
            }
            if (count($line) > 1) {
                $lines[] = $line;
            }
        }

        return ['lines' => $lines, 'doubt' => self::doubt($calibration, $widthPx, $heightPx),
            'residualPx' => round(($calibration instanceof View ? $calibration->calibration : $calibration)->residualPx,
                2)];
    }

    /** @return list<array{xPx: float, yPx: float, inches: float}> */
    private static function doubt(Calibration|View $calibration, int $widthPx, int $heightPx): array
    {
        $places = [];
        for ($r = 0; $r <= 9; $r++) {
            for ($c = 0; $c <= 16; $c++) {
                [$x, $y] = [$widthPx * $c / 16.0, $heightPx * $r / 9.0];
                if (self::onGround($calibration, $x, $y)) {
                    $places[] = ['xPx' => round($x, 1), 'yPx' => round($y, 1),
                        'inches' => round($calibration->doubt($x, $y)[2] * self::INCHES, 1)];
                }
            }
        }

        return $places;
    }

    private static function onGround(Calibration|View $calibration, float $x, float $y): bool
    {
        try {
            $calibration->toField($x, $y);

            return true;
        } catch (BadCalibration) {
            return false;
        }
    }
}
