<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Jobs;

/** One movement at the snap (common practice): sideways in gaps, upfield in yards. */
enum MovementKind: string
{
    case Slant = 'slant';
    case Cross = 'cross';
    case Spike = 'spike';
    case Scrape = 'scrape';
    case Squeeze = 'squeeze';
    case Upfield = 'upfield';
    case Blitz = 'blitz';

    /**
     * Yards sideways (positive: to the side said, else by the kind: away from the ball) and yards upfield (negative:
     * into the backfield).
     *
     * @return array{float, float}
     */
    public function step(): array
    {
        return match ($this) {
            self::Slant => [1.2, -0.6],
            self::Cross => [1.6, -0.4],
            self::Spike => [-1.2, -1.0],
            self::Scrape => [2.4, -1.5],
            self::Squeeze => [-0.8, -0.2],
            self::Upfield => [0.6, -2.5],
            self::Blitz => [0.0, -3.0],
        };
    }

    /** Seconds it takes before he plays on. */
    public function lasts(): float
    {
        return $this === self::Scrape || $this === self::Cross ? 0.6 : 0.45;
    }

    public function rushes(): bool
    {
        return $this === self::Blitz;
    }

    /** Runs away from whoever blocks him on the way to the back: over the top of the line. */
    public function pursues(): bool
    {
        return $this === self::Scrape;
    }

    /** Third person, as said of a man: "the nose slants". */
    public function words(): string
    {
        return match ($this) {
            self::Cross => 'crosses',
            self::Squeeze => 'squeezes',
            self::Upfield => 'upfield',
            self::Blitz => 'blitz',
            default => "{$this->value}s",
        };
    }
}
