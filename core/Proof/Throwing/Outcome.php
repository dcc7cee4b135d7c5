<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Throwing;

use Jacotaxis\Core\Proof\Scene\Worth;

/** What the ball does against one act of the defense: the throw that is open first, or what is left. */
final readonly class Outcome
{
    /**
     * @param  array<string, array{margin: float, line: ThrowLine|null}>  $reads  best throw to every live read, by
     *     letter
     * @param  float|null  $best  largest margin of a read that counts, seconds; null when none could be thrown
     */
    public function __construct(
        public string $action,
        public ?string $letter,
        public ?ThrowLine $line,
        public float $margin,
        public float $completion,
        public float $gainYd,
        public string $why,
        public array $reads,
        public ?float $best,
        public Worth $worth,
    ) {
    }

    /**
     * Seconds the ball that answers has to spare; of an act that nothing answers the best that was there, null where
     * nothing was.
     */
    public function strength(): ?float
    {
        return $this->open() ? $this->margin : $this->best;
    }

    public function open(): bool
    {
        return $this->action === 'throw' || in_array($this->action, ['give', 'keep'], true) && $this->margin >= 0.0;
    }
}
