<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play;

/** Where the coverage defenders are at every step: [defender][step], yards and yards a second. */
final readonly class Tracks
{
    /**
     * @param  array<int, list<float>>  $x
     * @param  array<int, list<float>>  $y
     * @param  array<int, list<float>>  $vx
     * @param  array<int, list<float>>  $vy
     */
    public function __construct(public array $x, public array $y, public array $vx, public array $vy)
    {
    }

    /** These tracks with one defender's replaced. */
    public function with(int $d, self $other): self
    {
        return new self([$d => $other->x[$d]] + $this->x, [$d => $other->y[$d]] + $this->y,
            [$d => $other->vx[$d]] + $this->vx, [$d => $other->vy[$d]] + $this->vy);
    }
}
