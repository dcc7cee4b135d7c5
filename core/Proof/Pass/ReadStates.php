<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Pass;

use Jacotaxis\Core\Proof\Scene\Reading;
use Jacotaxis\Core\Proof\Throwing\Outcome;

/**
 * The progression against one act of the defense: every read in order, live or dead, who has the ball by rights and
 * who would be next (PRG-01). Board, film and command line all ask here.
 */
final readonly class ReadStates
{
    /**
     * @param  list<ReadState>  $reads  in order
     * @param  string|null  $checkDown  the outlet, who is right when every read is dead
     * @param  string|null  $asked  who gets the ball by the proof: by the order, what the down needs or a rule of the
     *     staff
     */
    public function __construct(public array $reads, public ?string $checkDown = null, public ?string $asked = null)
    {
    }

    /** @param  array<string, Reading>  $readings  by letter, reads in order first */
    public static function of(array $readings, Outcome $outcome, float $openAt): self
    {
        $states = [];
        $checkDown = null;
        foreach ($readings as $letter => $reading) {
            $read = $outcome->reads[$letter] ?? null;
            $margin = $read === null || $read['line'] === null ? null : $read['margin'];
            if ($reading->number !== null || $reading->hot) {
                $states[] = new ReadState((string) $letter, $margin !== null && $margin >= $openAt, $margin);
            } elseif ($reading->flag === 'check-down' && $margin !== null && $margin >= $openAt) {
                $checkDown ??= (string) $letter;
            }
        }

        return new self($states, $checkDown, $outcome->letter);
    }

    /**
     * Who should have the ball: whom the proof asks for, else the first live read, else the outlet; null: nobody is
     * open.
     */
    public function right(): ?string
    {
        return $this->asked ?? $this->live()[0] ?? $this->checkDown;
    }

    /** The live read that would have been next had this one been taken away. */
    public function next(?string $thrown): ?string
    {
        foreach ($this->live() as $man) {
            if ($this->place($man) > $this->place($thrown)) {
                return $man;
            }
        }

        return null;
    }

    /** The read of a man, or null: he is none. */
    public function state(?string $man): ?ReadState
    {
        return $this->reads[$this->place($man)] ?? null;
    }

    /** Whether a man comes before another in the order; who is no read comes last. */
    public function before(?string $man, ?string $other): bool
    {
        return $this->place($man) < $this->place($other);
    }

    /** @return list<string> */
    private function live(): array
    {
        return array_values(array_map(
            fn (ReadState $s): string => $s->man,
            array_filter($this->reads, fn (ReadState $s): bool => $s->live),
        ));
    }

    private function place(?string $man): int
    {
        foreach ($this->reads as $n => $state) {
            if ($state->man === $man) {
                return $n;
            }
        }

        return count($this->reads);
    }
}
