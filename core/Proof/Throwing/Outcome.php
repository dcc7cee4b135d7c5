<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Throwing;

/** What the ball does against one act of the defense: the throw that is open first, or what is left. */
final readonly class Outcome
{
    /**
     * @param  array<string, array{margin: float, line: ThrowLine|null}>  $reads  best throw to every live read, by letter
     * @param  float  $best  largest margin of a read that counts, seconds
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
        public float $best,
    ) {
    }

    public function open(): bool
    {
        return $this->action === 'throw' || in_array($this->action, ['give', 'keep'], true) && $this->margin >= 0.0;
    }
}
