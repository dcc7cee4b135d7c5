<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Deciding;

/**
 * The progression as it was at the throw: each read in order, live or dead, and who got the ball. The decision follows from
 * the states alone; the result is another matter (GRD-01, PRG-01).
 */
final readonly class ReadWalk
{
    /**
     * @param  list<array{man: string, state: string}>  $reads  in order; state is live or dead
     * @param  string|null  $checkDown  the outlet, who is right when every read is dead
     * @param  bool  $late  whether the ball left outside the slot of the man who got it
     * @param  bool  $gained  whether the play was worth the down
     * @param  bool  $atOnce  whether he was off a dead read without waiting on it
     */
    public function __construct(public array $reads, public ?string $thrown, public ?string $checkDown = null, public bool $late = false, public bool $gained = false, public bool $atOnce = false)
    {
    }

    /** The first live read, else the check-down. */
    public function right(): ?string
    {
        foreach ($this->reads as ['man' => $man, 'state' => $state]) {
            if ($state === 'live') {
                return $man;
            }
        }

        return $this->checkDown;
    }

    /** @return array{decision: string, lucky: bool, labels: list<string>, rightRead: string|null, next: string|null} labels of the library */
    public function judged(): array
    {
        $right = $this->right();
        $state = $this->stateOf($this->thrown);
        $decision = match (true) {
            $this->thrown === null => $right === null ? 'right' : 'wrong',
            $this->thrown === $right => $this->late ? 'right but late' : 'right',
            $state === 'dead' => 'forced',
            default => 'wrong',
        };
        $skipped = $decision === 'wrong' && $right !== null && $this->place($right) < $this->place($this->thrown);
        $labels = match (true) {
            $skipped => ['FLT-48'],
            $decision === 'forced' => ['FLT-48'],
            $decision === 'right but late' => ['FLT-47'],
            $decision === 'right' && $this->atOnce && $this->thrown !== ($this->reads[0]['man'] ?? null) => ['PRS-05'],
            default => [],
        };

        return ['decision' => $decision, 'lucky' => in_array($decision, ['wrong', 'forced'], true) && $this->gained, 'labels' => $labels, 'rightRead' => $right, 'next' => $this->next()];
    }

    /** The live read that would have been next had the thrown one been taken away. */
    public function next(): ?string
    {
        foreach ($this->reads as ['man' => $man, 'state' => $state]) {
            if ($state === 'live' && $man !== $this->thrown && $this->place($man) > $this->place($this->thrown)) {
                return $man;
            }
        }

        return null;
    }

    private function place(?string $man): int
    {
        foreach ($this->reads as $n => ['man' => $letter]) {
            if ($letter === $man) {
                return $n;
            }
        }

        return count($this->reads);
    }

    private function stateOf(?string $man): ?string
    {
        foreach ($this->reads as ['man' => $letter, 'state' => $state]) {
            if ($letter === $man) {
                return $state;
            }
        }

        return null;
    }
}
