<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

use Jacotaxis\Core\Field\Side;

/** One movement of one man at the snap, to a side where it has one. */
final readonly class Movement
{
    public function __construct(public MovementKind $kind, public ?Side $side = null)
    {
    }

    /** Where it takes a man who stands at a width, yards. @return array{float, float} */
    public function to(float $xYd, float $yYd): array
    {
        [$dx, $dy] = $this->kind->step();
        $sign = $this->side?->sign() ?? ($xYd < 0.0 ? -1 : 1);
        // A side said means that side; the kind alone counts from the ball outward.
        $dx = $this->side === null ? $dx * $sign : abs($dx) * $sign;

        return [$xYd + $dx, max(0.3, $yYd + $dy)];
    }

    public function words(): string
    {
        return $this->kind->words().($this->side === null ? '' : " {$this->side->value}");
    }
}
