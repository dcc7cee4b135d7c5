<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Calibrate;

/** A mark of the field found on a picture: where it was clicked, which place it is, and how surely a hand hit it. */
final readonly class FieldClick
{
    /**
     * One-sigma error of a click where nothing is said of the display, pixels: a hand's error on a picture shown in its
     * own size (product default).
     */
    public const USUAL_PX = 1.5;

    /** One-sigma error of the click, pixels of the picture. */
    public float $clickPx;

    /** @param  float|null  $saidPx  that error where it is known from how large the picture was shown */
    public function __construct(
        public float $xPx,
        public float $yPx,
        public float $fieldXYd,
        public float $fieldYYd,
        public ?float $saidPx = null,
    ) {
        $this->clickPx = $saidPx ?? self::USUAL_PX;
    }

    /**
     * @param  array{xPx: int|float, yPx: int|float, fieldXYd: int|float, fieldYYd: int|float,
     *     clickPx?: int|float}  $p
     */
    public static function read(array $p): self
    {
        return new self(
            (float) $p['xPx'],
            (float) $p['yPx'],
            (float) $p['fieldXYd'],
            (float) $p['fieldYYd'],
            isset($p['clickPx']) ? (float) $p['clickPx'] : null,
        );
    }

    public function isFinite(): bool
    {
        return is_finite($this->xPx + $this->yPx + $this->fieldXYd + $this->fieldYYd);
    }

    /** Pixels between two clicks. */
    public function apartPx(self $other): float
    {
        return hypot($this->xPx - $other->xPx, $this->yPx - $other->yPx);
    }

    /** Yards between the places of two clicks. */
    public function apartYd(self $other): float
    {
        return hypot($this->fieldXYd - $other->fieldXYd, $this->fieldYYd - $other->fieldYYd);
    }
}
