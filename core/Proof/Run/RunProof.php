<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run;

use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Proof\Run\Ball\Carrier;
use Jacotaxis\Core\Proof\Run\Chase\Defense;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Scene\Verdict;
use Jacotaxis\Core\Proof\Scene\Worth;

/** The whole answer to "what does this run do to this look". */
final readonly class RunProof implements Proven
{
    /**
     * @param  array<string, Carrier>  $carriers  by action
     * @param  array<string, Made>  $made  by letter
     * @param  array<string, RunAct>  $byRule  what every key does by his rule
     * @param  list<RunKey>  $keys  in the order they are read
     * @param  list<array{acts: list<RunAct>, outcome: RunOutcome}>  $pairs  every pair of acts of two keys, of one key
     *     its acts
     */
    public function __construct(
        public Scene $scene,
        public Resolved $resolved,
        public array $carriers,
        public array $made,
        public Defense $defense,
        public RunOutcome $ruleTrue,
        public array $keys,
        public array $pairs,
        public Decider $decider,
        public array $byRule = [],
        public ?PreSnap $before = null,
    ) {
    }

    public function scene(): Scene
    {
        return $this->scene;
    }

    public function verdict(): Verdict
    {
        if ($this->keys === []) {
            return $this->ruleTrue->free() ? Verdict::Open : Verdict::Covered;
        }
        $free = array_filter($this->pairs, fn (array $p): bool => $p['outcome']->beats(...$p['acts']));
        $verdict = Verdict::ofActs(count($free), count($this->pairs));

        return $verdict === Verdict::Bound && $this->answers() < 2 ? Verdict::Open : $verdict->by($this->strength());
    }

    /** How many different ways the ball goes over what the keys may do. */
    private function answers(): int
    {
        return count(
            array_unique(
                array_map(fn (array $p): string => "{$p['outcome']->action} {$p['outcome']->letter}", $this->pairs),
            ),
        );
    }

    public function worthByRule(): Worth
    {
        return $this->ruleTrue->worth();
    }

    public function worthAtWorst(): Worth
    {
        $worth = [
            $this->ruleTrue->worth(),
            ...array_map(fn (array $p): Worth => $p['outcome']->worth(), $this->pairs),
        ];

        return array_reduce(
            $worth,
            fn (Worth $least, Worth $w): Worth => $w->chance < $least->chance ? $w : $least,
            $worth[0],
        );
    }

    public function strength(): float
    {
        return $this->keys === [] || $this->pairs === []
            ? $this->ruleTrue->margin
            : RunOutcome::least($this->pairs);
    }
}
