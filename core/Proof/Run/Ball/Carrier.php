<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run\Ball;

use Jacotaxis\Core\Kinematics\Path;

/** One man who may end up with the ball, the way he runs it and from when. Yards and seconds. */
final readonly class Carrier
{
    public function __construct(
        /** give, pull, keep, pitch or throw */
        public string $action,
        public string $letter,
        public Path $path,
        /** When he has the ball. */
        public float $from,
        /** Gap or alley in words: "right A gap". */
        public string $where,
        /** When a ball that is thrown to him behind the line leaves, seconds; null where none is. */
        public ?float $thrownAt = null,
        /** How he is pitched to; null where the ball does not come by a pitch. */
        public ?Pitched $pitched = null,
    ) {
    }

    /** First step at or after which he is past a depth, yards; the last step when he never is. */
    public function stepPast(float $yYd): int
    {
        for ($i = $this->fromStep(); $i < Path::STEPS; $i++) {
            if ($this->path->y[$i] >= $yYd) {
                return $i;
            }
        }

        return Path::STEPS - 1;
    }

    public function fromStep(): int
    {
        return min(Path::STEPS - 1, (int) ceil($this->from / Path::STEP - 1e-9));
    }
}
