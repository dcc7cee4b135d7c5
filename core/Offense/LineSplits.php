<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense;

use DomainException;

/**
 * The gaps between the five linemen, in feet, and how they are counted (FRM-01).
 *
 * Foot to foot with a stance 1.5 ft wide is the default; body center to body center is the other school.
 */
final readonly class LineSplits
{
    /** Width of a stance in feet (product default). */
    public const STANCE_FT = 1.5;

    private function __construct(public float $guardFt, public float $tackleFt, public bool $footToFoot)
    {
    }

    /**
     * @param  float  $guardFt  center to guard
     * @param  float  $tackleFt  guard to tackle
     *
     * @throws DomainException when a split is not 0 to 6 ft
     */
    public static function of(float $guardFt, float $tackleFt, bool $footToFoot = true): self
    {
        foreach ([$guardFt, $tackleFt] as $ft) {
            if (! is_finite($ft) || $ft < 0.0 || $ft > 6.0) {
                throw new DomainException("A line split of $ft ft cannot be: give 0 to 6 feet.");
            }
        }
        if (! $footToFoot && min($guardFt, $tackleFt) < self::STANCE_FT) {
            throw new DomainException(
                'From body center to body center a split is at least '.
                    self::STANCE_FT.
                    ' ft, the width of a stance.',
            );
        }

        return new self($guardFt, $tackleFt, $footToFoot);
    }

    /** Middle of the guard from the ball, yards. */
    public function guardXYd(): float
    {
        return $this->centers($this->guardFt);
    }

    /** Middle of the tackle from the ball, yards. */
    public function tackleXYd(): float
    {
        return $this->centers($this->guardFt) + $this->centers($this->tackleFt);
    }

    /** From the tackle's middle to that of the next man on the line, yards. */
    public function nextYd(): float
    {
        return $this->centers($this->tackleFt);
    }

    public function words(): string
    {
        $one = rtrim(rtrim(sprintf('%.2f', $this->guardFt), '0'), '.');
        $two = rtrim(rtrim(sprintf('%.2f', $this->tackleFt), '0'), '.');

        return 'splits '.($one === $two ? $one : "$one and $two").' ft'.($this->footToFoot ? '' : ' center to center');
    }

    private function centers(float $ft): float
    {
        return ($ft + ($this->footToFoot ? self::STANCE_FT : 0.0)) / 3.0;
    }
}
