<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Proof\Setting;

/** A clip worked on: what was called against what, the marks, the calibrations and the plots. */
final readonly class FilmDocument
{
    /**
     * @param  list<Mark>  $marks
     * @param  list<array{atS: float, points: list<array{xPx: float, yPx: float, fieldXYd: float, fieldYYd: float}>}>  $calibrations
     * @param  list<Plot>  $plots
     */
    public function __construct(
        public Call $call,
        public Look $look,
        public Setting $setting,
        public array $marks = [],
        public array $calibrations = [],
        public array $plots = [],
    ) {
    }

    /** Seconds of the clip at which something happens, or null when it is not marked. */
    public function mark(string $kind, ?string $man = null): ?float
    {
        foreach ($this->marks as $mark) {
            if ($mark->kind === $kind && ($man === null || $mark->man === $man)) {
                return $mark->atS;
            }
        }

        return null;
    }

    /** The man the ball was thrown to, or null. */
    public function thrownTo(): ?string
    {
        foreach (['ball out', 'catch'] as $kind) {
            foreach ($this->marks as $mark) {
                if ($mark->kind === $kind && $mark->man !== null) {
                    return $mark->man;
                }
            }
        }

        return null;
    }

    /**
     * The calibration nearest in time, or null when there is none.
     *
     * @throws BadCalibration
     */
    public function calibration(float $atS): ?Calibration
    {
        $best = null;
        foreach ($this->calibrations as $one) {
            $best = $best === null || abs($one['atS'] - $atS) < abs($best['atS'] - $atS) ? $one : $best;
        }

        return $best === null ? null : Calibration::of($best['points']);
    }
}
