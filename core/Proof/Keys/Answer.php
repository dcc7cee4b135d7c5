<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Keys;

use Jacotaxis\Core\Proof\Play\Act;
use Jacotaxis\Core\Proof\Throwing\Outcome;

/** What one man can do about the ball that is thrown by rule, as far as his rule lets him, and what is left then. */
final readonly class Answer
{
    public function __construct(public int $defender, public Act $act, public Outcome $outcome, public string $why)
    {
    }

    /** The same act, answered by the run he leaves. */
    public function punishedBy(Outcome $run): self
    {
        return new self($this->defender, $this->act, $run, $this->why);
    }

    /** The man as one who chooses between his rule and the ball. */
    public function asKey(string $role, Outcome $ruleTrue, ?string $question = null): Key
    {
        $acts = [
            ['act' => new Act('by rule'), 'outcome' => $ruleTrue],
            ['act' => $this->act, 'outcome' => $this->outcome],
        ];
        $pair = [(string) $ruleTrue->letter, (string) ($this->outcome->letter ?? $ruleTrue->letter)];

        return Key::of(
            $this->defender,
            $role,
            $pair,
            $question ?? "Does the $role {$this->act->name}?",
            $acts,
            0.0,
            false,
        );
    }

    /** Whether it takes the call away and costs the defense nothing. */
    public function spoils(): bool
    {
        return ! $this->outcome->open();
    }
}
