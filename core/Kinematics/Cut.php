<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Kinematics;

/**
 * A change of direction on a path: when and where it happens, and the heading before and after in degrees from
 * downfield, outward of +x.
 */
final readonly class Cut
{
    /** Slowing down by less than this before it tells nobody anything, yards a second. */
    public const SEEN_YD_S = 0.3;

    public function __construct(
        public float $t,
        public float $xYd,
        public float $yYd,
        public CutKind $kind,
        public float $fromDeg,
        public float $toDeg,
        /**
         * When he begins to brake for it: what gives it away. Seconds; the moment of the cut itself where nothing does.
         */
        public float $tellAt,
    ) {
    }

    /** Seconds he brakes before it. */
    public function braking(): float
    {
        return $this->t - $this->tellAt;
    }

    public function delayed(float $seconds): self
    {
        return new self(
            $this->t + $seconds,
            $this->xYd,
            $this->yYd,
            $this->kind,
            $this->fromDeg,
            $this->toDeg,
            $this->tellAt + $seconds,
        );
    }
}
