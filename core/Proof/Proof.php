<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof;

use Jacotaxis\Core\Proof\Keys\Act;
use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Play\PlayOut;
use Jacotaxis\Core\Proof\Run\Marriage\Pair;
use Jacotaxis\Core\Proof\Throwing\Outcome;
use Jacotaxis\Core\Proof\Throwing\Windows;

/** The whole answer to "what does this call do to this look". */
final readonly class Proof implements Proven
{
    /**
     * @param  array<string, Reading>  $readings  by letter, reads in order first
     * @param  list<Key>  $keys  the main key first; named keys without conflict last
     * @param  list<array{defender: int, act: Act, why: string}>  $spoilers
     */
    public function __construct(
        public Scene $scene,
        public PlayOut $playOut,
        public Windows $windows,
        public Protection $protection,
        public array $readings,
        public Outcome $ruleTrue,
        public array $keys,
        public array $spoilers,
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

        return $key?->conflict ? $key : null;
    }

    /** bound, guess or covered. */
    public function verdict(): string
    {
        $verdict = $this->mainKey()->verdict ?? ($this->ruleTrue->open() ? 'bound' : 'covered');

        // Without the run it is married to, a play-action pass can at best be a guess.
        return $this->pair !== null && $this->pair->base === null && $verdict === 'bound' ? 'guess' : $verdict;
    }

    /** Least margin over the acts of the main key, else the rule-true margin; seconds. */
    public function strength(): float
    {
        return $this->mainKey()->strength ?? $this->ruleTrue->best;
    }
}
