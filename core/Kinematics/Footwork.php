<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Kinematics;

/**
 * The quarterback's clock: when his drop is set and how many hitches he may add, in seconds from the snap.
 *
 * Common practice for gun drops (product defaults).
 */
enum Footwork: string
{
    case Quick = 'quick';
    case Three = 'three';
    case Five = 'five';
    case Seven = 'seven';

    public const HITCH = 0.3;

    /**
     * His feet stretch to a man who comes late by hitching on, at the price of the protection, seconds (settled by the
     * truths).
     */
    public const STRETCH = 0.6;

    /** A break this much after the last hitch is still in rhythm, seconds. */
    public const RHYTHM = 0.05;

    /** When the back foot is planted and the ball may leave. */
    public function setAt(): float
    {
        return match ($this) {
            self::Quick => 0.9,
            self::Three => 1.5,
            self::Five => 2.0,
            self::Seven => 2.5,
        };
    }

    /** The first planted foot the ball may leave from: a longer drop still passes its third step. */
    public function firstPlant(): float
    {
        return min($this->setAt(), self::Three->setAt());
    }

    public function hitches(): int
    {
        return $this === self::Quick ? 1 : 2;
    }

    /** The last moment the rhythm allows. */
    public function lastAt(): float
    {
        return $this->setAt() + $this->hitches() * self::HITCH;
    }

    /** Yards the quarterback gains in depth from the gun. */
    public function depthYd(): float
    {
        return match ($this) {
            self::Quick => 0.7,
            self::Three => 2.0,
            self::Five => 3.5,
            self::Seven => 5.0,
        };
    }

    /** The shortest drop whose last hitch is not over before a route breaks. */
    public static function fitting(float $breakAt): self
    {
        foreach (self::cases() as $drop) {
            if ($breakAt <= $drop->lastAt() + self::RHYTHM) {
                return $drop;
            }
        }

        return self::Seven;
    }
}
