<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

use Jacotaxis\Core\Field\Side;

/** One of the eleven on defense: letter on the board, role in this look, spot before the snap in the play frame, job. */
final readonly class Defender
{
    public function __construct(
        public string $letter,
        public string $role,
        public float $xYd,
        public float $yYd,
        public Side $side,
        public Job $job,
        public string $group,
        public ?string $over = null,
        public ?string $technique = null,
    ) {
    }

    public function at(float $xYd, float $yYd): self
    {
        return new self($this->letter, $this->role, $xYd, $yYd, $this->side, $this->job, $this->group, $this->over, $this->technique);
    }
}
