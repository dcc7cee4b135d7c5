<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking;

use Jacotaxis\Core\Field\Side;

/**
 * A run action shown before a pass: which run, to which side, by whom.
 *
 * It holds the defenders who read the run for a fixed time; how the hold follows from the run itself is not modelled here.
 */
final readonly class Fake
{
    public const RUNS = ['zone', 'outside zone', 'split zone', 'duo', 'power', 'counter', 'trap', 'jet', 'jet counter', 'toss', 'belly', 'dive', 'crack'];

    public const FREEZE = 'freeze';

    /** Seconds a backer and a safety stand still for a fake (start values of common practice); a corner in man is not held. */
    public const BACKER_S = 0.5;

    public const SAFETY_S = 0.25;

    /** Seconds the fake takes the passer before his feet are his own again. */
    public const TIME_S = 0.3;

    public function __construct(public string $run, public ?Side $side = null, public ?string $who = null)
    {
    }

    public function words(): string
    {
        $side = $this->side === null ? '' : " {$this->side->value}";

        return $this->run === self::FREEZE ? "freeze$side" : ($this->who === null ? '' : "{$this->who} ")."{$this->run}$side fake";
    }

    public function mirrored(): self
    {
        return new self($this->run, $this->side?->opposite(), $this->who);
    }
}
