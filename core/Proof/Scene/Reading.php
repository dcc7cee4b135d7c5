<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Scene;

use Jacotaxis\Core\Route\RunRoute;

/**
 * A route in the progression: its read number, the slot the quarterback's feet and eyes give it, and whether it lives.
 * Seconds.
 */
final readonly class Reading
{
    /** @param  float|null  $from start of the slot; null when the read is dead before it starts */
    public function __construct(
        public string $letter,
        public ?int $number,
        public ?string $flag,
        public float $breakAt,
        public float $depthYd,
        public ?float $from,
        public ?float $to,
        public ?string $killedBy = null,
        /** Whether he gets the ball because somebody is free. */
        public bool $hot = false,
    ) {
    }

    public function live(): bool
    {
        return $this->slot() !== null;
    }

    /** @return array{float, float}|null from and to, of a read that lives */
    public function slot(): ?array
    {
        return $this->from === null || $this->to === null || $this->killedBy !== null ? null : [$this->from, $this->to];
    }

    public function counts(): bool
    {
        return ($this->number !== null || $this->hot) && $this->live();
    }

    public static function of(
        RunRoute $run,
        ?int $number,
        ?float $from,
        ?float $to,
        ?string $killedBy,
        bool $hot = false,
    ): self {
        $flag = match (true) {
            $number !== null => 'read',
            $hot => 'hot',
            default => $run->spec->flag->value ?? 'decoy',
        };

        return new self(
            $run->letter,
            $number,
            $flag,
            $run->break()->t,
            $run->spec->depth(),
            $from,
            $to,
            $killedBy,
            $hot,
        );
    }
}
