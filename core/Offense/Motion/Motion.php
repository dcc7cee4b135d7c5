<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense\Motion;

use Jacotaxis\Core\Field\Side;

/**
 * A called motion, shift or trade: who, which kind, to which side, on which sound, to which spot, and what for (MOT-01,
 * MOT-08).
 */
final readonly class Motion
{
    /** What a motion is for (MOT-08). */
    public const PURPOSES = ['man-zone test', 'gain a man outside', 'rotate the safety', 'hold a backer',
        'reach a path'];

    /**
     * @param  Sound|null  $sound  null: whenever he must start to be in time
     * @param  array{float, float}|null  $to  needed spot at the snap, yards; null: the kind's own
     */
    public function __construct(
        public string $who,
        public MotionKind $kind,
        public ?Side $side = null,
        public ?Sound $sound = null,
        public ?array $to = null,
        public ?string $purpose = null,
    ) {
    }

    public function on(?Sound $sound): self
    {
        return new self($this->who, $this->kind, $this->side, $sound, $this->to, $this->purpose);
    }

    public function mirrored(): self
    {
        return new self($this->who, $this->kind, $this->side?->opposite(), $this->sound,
            $this->to === null ? null : [-$this->to[0], $this->to[1]], $this->purpose);
    }

    public function words(): string
    {
        return "{$this->who} {$this->kind->value}".
            ($this->side === null ? '' : " {$this->side->value}").
            ($this->to === null
                ? ''
                : sprintf(' to %s wide %s deep', self::number(abs($this->to[0])), self::number(-$this->to[1]))).
            ($this->sound === null ? '' : ' on the '.$this->sound->words());
    }

    private static function number(float $yd): string
    {
        return rtrim(rtrim(sprintf('%.2f', $yd), '0'), '.');
    }
}
