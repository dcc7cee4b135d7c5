<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking;

use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Blocking\Run\Front\Posts;
use Jacotaxis\Core\Blocking\Run\RunCall;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;

/**
 * A run action shown before a pass: which run, to which side, by whom.
 *
 * How long it holds a defender is told by {@see Run\\Hold}; the run itself is what the pass is proved with.
 */
final readonly class Fake
{
    public const FREEZE = 'freeze';

    /** Seconds the fake takes the passer before his feet are his own again. */
    public const TIME_S = 0.3;

    public function __construct(
        public string $run,
        public ?Side $side = null,
        public ?string $who = null,
        public ?Trick $trick = null,
    ) {
    }

    /** When the passer's feet are his own again, seconds. */
    public function takesS(): float
    {
        return self::TIME_S + ($this->trick?->takesS() ?? 0.0);
    }

    /** Who throws: the quarterback, or who is tossed the ball of a back's pass. */
    public function passer(Lineup $lineup, Side $strong): string
    {
        $run = $this->run($strong);
        if ($this->trick !== Trick::BackPass || $run === null) {
            return 'Q';
        }

        return $this->who ?? Posts::of($lineup, $run->side)->first($run->scheme()->carriers) ?? 'Q';
    }

    /**
     * Runs that can be faked: all there are.
     *
     * @return list<string>
     */
    public static function runs(): array
    {
        return Schemes::names();
    }

    /** The run that is shown, to be called in its own right; null for a freeze, which is no run. */
    public function run(Side $strong): ?RunCall
    {
        return $this->run === self::FREEZE ? null : new RunCall($this->run, $this->side ?? $strong, $this->who);
    }

    public function words(): string
    {
        $side = $this->side === null ? '' : " {$this->side->value}";

        return $this->run === self::FREEZE
            ? "freeze$side"
            : ($this->who === null ? '' : "{$this->who} ")."{$this->run}$side ".($this->trick->value ?? 'fake');
    }

    public function mirrored(): self
    {
        return new self($this->run, $this->side?->opposite(), $this->who, $this->trick);
    }
}
