<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Jobs;

use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;

/** One movement of one man at the snap, to a side where it has one. */
final readonly class Movement
{
    /** @param  string|null  $word  a side that depends on the formation: strong, weak, field or boundary */
    public function __construct(public MovementKind $kind, public ?Side $side = null, public ?string $word = null)
    {
    }

    /** To a side by its word, or to none. */
    public static function toward(MovementKind $kind, ?string $word): self
    {
        $side = Side::tryFrom($word ?? '');

        return new self($kind, $side, $side === null ? $word : null);
    }

    /** The movement against a formation. */
    public function against(Lineup $lineup): self
    {
        return $this->word === null
            ? $this
            : new self($this->kind, Look::side($this->word, $lineup->strong, $lineup->hash->fieldSide()));
    }

    /** The side as it was said, or null. */
    public function saidSide(): ?string
    {
        return $this->side->value ?? $this->word;
    }

    /**
     * Where it takes a man who stands at a width, yards.
     *
     * @return array{float, float}
     */
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
        return $this->kind->words().($this->saidSide() === null ? '' : " {$this->saidSide()}");
    }
}
