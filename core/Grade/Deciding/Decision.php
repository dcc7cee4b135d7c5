<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Deciding;

/** The quarterback's decision on a filmed snap, computed from the key's choice and the call's own rule. */
final readonly class Decision
{
    public const GRADES = ['right', 'right but late', 'wrong', 'forced'];

    /**
     * @param  string|null  $choice  what the key did, in the proof's word; null when it cannot be told
     * @param  string|null  $rightRead  letter of the man who should get the ball; null when nobody is open
     * @param  string|null  $grade  one of GRADES; null while something is not marked, or where the rule excuses him
     * @param  string|null  $right  what the ball should do: throw, give, pull, keep, pitch
     * @param  string|null  $done  what it did
     * @param  bool  $lucky  wrong or forced, and worth the down all the same
     * @param  bool  $byEye  whether the choice was charted, not measured
     * @param  list<array{what: string, value: float|string, unit: string}>  $evidence  times, depths and margins it
     *     rests on
     * @param  list<string>  $alsoRight  better or equal answers nobody had to take (GRD-11)
     * @param  list<string>  $labels  ids of the fault library it asks for
     * @param  array<string, string>  $choices  what every read man did, by role
     */
    public function __construct(
        public ?string $defender,
        public ?string $choice,
        public ?string $rightRead,
        public ?string $grade,
        public string $why,
        public ?string $right = null,
        public ?string $done = null,
        public bool $lucky = false,
        public bool $byEye = false,
        public array $evidence = [],
        public array $alsoRight = [],
        public array $labels = [],
        public array $choices = [],
    ) {
    }

    /** @param  array<string, mixed>  $change  by property */
    public function with(array $change): self
    {
        return new self(...[...get_object_vars($this), ...$change]);
    }

    /** Plus, minus, or null while it is not known. Late is a minus of the clock, not of the read. */
    public function mark(): ?int
    {
        return match (true) {
            $this->grade === null => null,
            $this->grade === 'right' => 1,
            default => -1,
        };
    }

    /**
     * A row for every read man, under the stable output keys.
     *
     * @return list<array{defender: string, choice: string|null, rightRead: string|null, decision: string|null,
     *     why: string}>
     */
    public function keys(): array
    {
        $all = $this->choices === [] && $this->defender !== null ? [$this->defender => $this->choice] : $this->choices;

        return array_map(fn (string $role, ?string $choice): array => ['defender' => $role, 'choice' => $choice,
            'rightRead' => $this->rightRead, 'decision' => $this->grade, 'why' => $this->why], array_keys($all),
            array_values($all));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['defender' => $this->defender, 'choice' => $this->choice, 'rightRead' => $this->rightRead,
            'decision' => $this->grade, 'why' => $this->why, 'right' => $this->right, 'done' => $this->done,
            'lucky' => $this->lucky, 'byEye' => $this->byEye, 'evidence' => $this->evidence,
            'alsoRight' => $this->alsoRight, 'choices' => (object) $this->choices];
    }
}
