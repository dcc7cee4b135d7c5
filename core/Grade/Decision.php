<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

/** The quarterback's decision on a filmed play, computed from the key's choice and the call's own rule. */
final readonly class Decision
{
    public const GRADES = ['right', 'right but late', 'wrong', 'forced'];

    /**
     * @param  string|null  $choice  what the key did, in the proof's word; null when it cannot be told
     * @param  string|null  $rightRead  letter of the man who should get the ball; null when nobody is open
     * @param  string|null  $grade  one of GRADES; null while something is not marked
     */
    public function __construct(
        public ?string $defender,
        public ?string $choice,
        public ?string $rightRead,
        public ?string $grade,
        public string $why,
    ) {
    }

    /** @return array<string, string|null> */
    public function toArray(): array
    {
        return ['defender' => $this->defender, 'choice' => $this->choice, 'rightRead' => $this->rightRead,
            'decision' => $this->grade, 'why' => $this->why];
    }
}
