<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense;

use Jacotaxis\Core\Field\Side;

/**
 * One of the eleven on offense at his spot in the play frame, yards, with his speed at the snap when he is in motion,
 * yards a second.
 */
final readonly class Man
{
    /** A man is on the line when his spot is at most this far behind the ball (product default). */
    public const LINE_YD = 0.75;

    /** Nearer to the ball than this a man in motion is crossing, yards (product default). */
    private const CROSSING_YD = 3.5;

    public const LINEMEN = ['LT', 'LG', 'C', 'RG', 'RT'];

    /** The letters a set is drawn with; a staff says its own for them. */
    public const SKILL = ['X', 'Z', 'H', 'Y', 'R', 'F'];

    public function __construct(
        public string $letter,
        public float $xYd,
        public float $yYd,
        public float $vxYd = 0.0,
        public float $vyYd = 0.0,
    ) {
    }

    public function onLine(): bool
    {
        return $this->yYd >= -self::LINE_YD;
    }

    public function isLineman(): bool
    {
        return in_array($this->letter, self::LINEMEN, true);
    }

    public function isQuarterback(): bool
    {
        return $this->letter === 'Q';
    }

    /** Behind the tackles, off the line and still: a back, who has no receiver number before he releases. */
    public function isBack(): bool
    {
        return ! $this->inMotion() &&
            ! $this->isLineman() &&
            ! $this->isQuarterback() &&
            abs($this->xYd) < 3.0 &&
            $this->yYd < -2.5;
    }

    public function inMotion(): bool
    {
        return abs($this->vxYd) + abs($this->vyYd) > 0.1;
    }

    /** The side he belongs to; a man who crosses behind the line belongs to the side he runs to. */
    public function side(): Side
    {
        return Side::ofX(
            $this->inMotion() && abs($this->xYd) < self::CROSSING_YD && $this->yYd < -2.0 ? $this->vxYd : $this->xYd,
        );
    }

    public function at(float $xYd, float $yYd): self
    {
        return new self($this->letter, $xYd, $yYd);
    }

    public function mirrored(): self
    {
        $letter = strtr($this->letter, ['LT' => 'RT', 'RT' => 'LT', 'LG' => 'RG', 'RG' => 'LG']);

        return new self($letter, -$this->xYd, $this->yYd, -$this->vxYd, $this->vyYd);
    }
}
