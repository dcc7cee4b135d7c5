<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Kinematics;

/** A change of direction on a path: when and where it happens, and the heading before and after in degrees from downfield, outward of +x. */
final readonly class Cut
{
    public function __construct(
        public float $t,
        public float $xYd,
        public float $yYd,
        public CutKind $kind,
        public float $fromDeg,
        public float $toDeg,
    ) {
    }
}
