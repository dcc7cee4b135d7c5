<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Calibrate;

/**
 * One still picture placed on the field: the calibration it was carried from, how the picture moved since, and what
 * that adds to the doubt.
 */
final readonly class View
{
    /**
     * @param  list<float>  $move  homography from the calibrated picture to this one, row by row
     * @param  float  $driftPx  one-sigma error the carrying adds, pixels
     * @param  float  $keyS  moment of the calibration it was carried from, seconds of the clip
     * @param  bool  $followed  whether field paint was followed; otherwise the camera is taken to have stood still
     */
    public function __construct(
        public Calibration $calibration,
        private array $move,
        public float $driftPx,
        public float $keyS,
        public bool $followed,
    ) {
    }

    /** The same view in more doubt. */
    public function drifted(float $px): self
    {
        return new self($this->calibration, $this->move, $px, $this->keyS, $this->followed);
    }

    /**
     * @return array{float, float} field yards
     *
     * @throws BadCalibration above the horizon
     */
    public function toField(float $xPx, float $yPx): array
    {
        return $this->calibration->toField(...$this->back($xPx, $yPx));
    }

    /** @return array{float, float} pixels */
    public function toPicture(float $fieldXYd, float $fieldYYd): array
    {
        return Homography::apply($this->move, ...$this->calibration->toPicture($fieldXYd, $fieldYYd));
    }

    /**
     * Where a place of the field is seen, or null where it lies behind the camera.
     *
     * @return array{float, float}|null pixels
     */
    public function sees(float $fieldXYd, float $fieldYYd): ?array
    {
        $place = $this->toPicture($fieldXYd, $fieldYYd);
        try {
            $this->toField(...$place);
        } catch (BadCalibration) {
            return null;
        }

        return $place;
    }

    /**
     * One-sigma doubt across, along and in the worse direction, yards. A hand that missed the marks of this picture by
     * more than was said misses a man by as much.
     *
     * @param  float|null  $clickPx  the click's own error where it is known, pixels
     * @return array{float, float, float}
     */
    public function doubt(float $xPx, float $yPx, ?float $clickPx = null): array
    {
        $clickPx = max($clickPx ?? 0.0, $this->calibration->clickPx);
        [$x, $y] = $this->back($xPx, $yPx);
        // A pixel here is so many pixels of the calibrated picture.
        [$u, $v] = $this->back($xPx + 1.0, $yPx);
        [$p, $q] = $this->back($xPx, $yPx + 1.0);
        $scale = sqrt(abs(($u - $x) * ($q - $y) - ($v - $y) * ($p - $x)));

        return $this->calibration->doubt($x, $y, $scale * hypot($clickPx, $this->driftPx));
    }

    /** @return array{float, float} the same place on the calibrated picture */
    private function back(float $xPx, float $yPx): array
    {
        return Homography::apply(Homography::inverse($this->move), $xPx, $yPx);
    }
}
