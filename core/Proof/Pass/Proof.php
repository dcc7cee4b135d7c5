<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Pass;

use Jacotaxis\Core\Proof\Keys\Answer;
use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Play\PlayOut;
use Jacotaxis\Core\Proof\Scene\Protection;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Proof\Scene\Reading;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Scene\Verdict;
use Jacotaxis\Core\Proof\Scene\Worth;
use Jacotaxis\Core\Proof\Throwing\Outcome;
use Jacotaxis\Core\Proof\Throwing\Windows;

/** The whole answer to "what does this call do to this look". */
final readonly class Proof implements Proven
{
    /**
     * @param  array<string, Reading>  $readings  by letter, reads in order first
     * @param  list<Key>  $keys  the main key first; named keys without conflict last
     * @param  list<Answer>  $answers  what single men who are no keys can do about it
     */
    public function __construct(
        public Scene $scene,
        public PlayOut $playOut,
        public Windows $windows,
        public Protection $protection,
        public array $readings,
        public Outcome $ruleTrue,
        public array $keys,
        public array $answers,
        public ?Pair $pair = null,
    ) {
    }

    public function scene(): Scene
    {
        return $this->scene;
    }

    /** The key that decides, or null. */
    public function mainKey(): ?Key
    {
        $key = $this->keys[0] ?? null;

        return $key?->conflict === true ? $key : null;
    }

    /**
     * The men whose choice decides who gets the ball: the keys, the main one first, then whoever can take the ball
     * that is thrown by rule.
     *
     * @return list<Key>
     */
    public function deciding(): array
    {
        $men = $this->keys;
        foreach ($this->answers as $answer) {
            $role = $this->scene->defenders[$answer->defender]->role;
            if (! in_array($role, array_column($men, 'role'), true)) {
                $men[] = $answer->asKey($role, $this->ruleTrue);
            }
        }

        return $men;
    }

    public function verdict(): Verdict
    {
        $verdict = $this->mainKey()->verdict ?? ($this->ruleTrue->open() ? Verdict::Open : Verdict::Covered);
        // Without the run it is married to, a play-action pass can at best be a guess; so can a call that somebody
        // takes away for nothing.
        $spoiled = $this->spoilers() !== [] || $this->pair !== null && $this->pair->base === null;

        return $spoiled && $verdict->isGood() ? Verdict::Guess : $verdict;
    }

    /**
     * Seconds to spare: of a key the least over his acts, of the ball that is thrown in each; without one the
     * rule-true ball's, less what the best single man can take of it.
     */
    public function strength(): ?float
    {
        $key = $this->mainKey();

        if ($key !== null) {
            return $key->strength;
        }
        $left = array_filter(
            array_map(fn (Answer $a): ?float => $a->spoils() ? null : $a->outcome->strength(), $this->answers),
            fn (?float $s): bool => $s !== null,
        );

        return $this->ruleTrue->open() && $left !== []
            ? min((float) $this->ruleTrue->strength(), ...$left)
            : $this->ruleTrue->strength();
    }

    /**
     * Men whose one-way act takes the call away at no cost: the defense's answer.
     *
     * @return list<Answer>
     */
    public function spoilers(): array
    {
        return array_values(array_filter($this->answers, fn (Answer $a): bool => $a->spoils()));
    }

    /** What it is worth when everybody plays his rule. */
    public function worthByRule(): Worth
    {
        return $this->byRule()->worth;
    }

    /** Where the ball goes when everybody plays his rule: a throw, or the run a married pass is left to. */
    public function byRule(): Outcome
    {
        return $this->runByRule() ?? $this->ruleTrue;
    }

    /**
     * The run a play-action pass is proved with, where the key who decides leaves it to the run when he plays his rule:
     * then the two are worth what the run is. Null where the pass stands for itself.
     */
    private function runByRule(): ?Outcome
    {
        foreach ($this->pair?->base === null ? [] : ($this->mainKey()->acts ?? []) as $row) {
            if ($row['act']->toward === null && $row['outcome']->action === 'give') {
                return $row['outcome'];
            }
        }

        return null;
    }

    /** What it is worth against the act that hurts it most, of the main key or of a single other man. */
    public function worthAtWorst(): Worth
    {
        $worth = [$this->worthByRule(), ...array_map(fn (Answer $a): Worth => $a->outcome->worth, $this->answers)];
        foreach ($this->mainKey()->acts ?? [] as ['outcome' => $outcome]) {
            $worth[] = $outcome->worth;
        }

        return array_reduce(
            $worth,
            fn (Worth $least, Worth $w): Worth => $w->chance < $least->chance ? $w : $least,
            $worth[0],
        );
    }
}
