<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run\Ball;

use Jacotaxis\Core\Kinematics\Path;

/** A pitch from the quarterback's hand. Seconds from the snap, yards. */
final readonly class Pitched
{
    public function __construct(
        public float $leaves,
        /** How the quarterback goes until then. */
        public Path $quarterback,
        /** So long after he came to the pitch key: he waits for his pitch man, seconds. */
        public float $lateS,
    ) {
    }
}
