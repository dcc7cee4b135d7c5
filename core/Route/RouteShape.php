<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

use Jacotaxis\Core\Kinematics\CutKind;

/** How a named route is run: stem, break, angle, finish. Angles in degrees from downfield, positive toward the break side. */
final readonly class RouteShape
{
    /**
     * @param  bool  $inward  whether the route breaks toward the ball when no side is said
     * @param  bool  $deep  whether its slot is that of a deep break
     */
    public function __construct(
        public string $name,
        public Stem $stem,
        public float $depthYd,
        public ?CutKind $break,
        public float $angleDeg,
        public Finish $finish,
        public bool $inward = false,
        public bool $deep = false,
        public float $backYd = 0.0,
        public float $minDepthYd = 1.0,
        public float $maxDepthYd = 30.0,
    ) {
    }
}
