<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film;

/**
 * A man's feet on the picture of an angle: who (letter or role), when, where in pixels; clicked, or followed by the
 * product.
 */
final readonly class Plot
{
    /**
     * A man who is followed wanders this far off his feet in a few seconds, one sigma, pixels (measured on the
     * simulated camera).
     */
    private const FOLLOWED_PX = 3.0;

    /**
     * @param  float|null  $confidence  0 to 1 of a plot that was followed; null when it was clicked
     * @param  float|null  $clickPx  one-sigma error of the click, pixels of the picture
     */
    public function __construct(
        public string $id,
        public string $man,
        public float $atS,
        public float $xPx,
        public float $yPx,
        public string $angle = FilmDocument::WIDE,
        public ?float $confidence = null,
        private ?float $clickPx = null,
    ) {
    }

    /**
     * One-sigma error of the place, pixels: a followed man is placed less well the less alike he was. Null where
     * nothing is known of the click.
     */
    public function clickPx(): ?float
    {
        return $this->confidence === null ? $this->clickPx : self::FOLLOWED_PX + 4.0 * (1.0 - $this->confidence);
    }
}
