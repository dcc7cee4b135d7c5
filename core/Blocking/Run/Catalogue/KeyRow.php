<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Catalogue;

use Jacotaxis\Core\Blocking\Run\Front\Posts;
use Jacotaxis\Core\Blocking\Run\Front\Predicates;
use Jacotaxis\Core\Blocking\Run\Front\Targets;
use Jacotaxis\Core\Blocking\Run\UnknownRun;

/** A defender a run leaves free and reads: for which decision, who he is and when. */
final readonly class KeyRow
{
    /** Decisions in the order they are made. */
    public const DECISIONS = ['give', 'pitch'];

    /** @param  list<string>  $targets  selectors, the first choice first */
    private function __construct(public string $decision, public array $targets, public string $when)
    {
    }

    /** @throws UnknownRun for a word no catalogue has */
    public static function read(string $decision, string $targets, string $when = ''): self
    {
        foreach ([
            ['decision', [$decision], self::DECISIONS],
            ['selector', explode('/', $targets), Targets::WORDS],
            ['predicate', Predicates::terms($when), [...Predicates::TERMS, ...Posts::names(), ...Tags::NAMES]],
        ] as [$kind, $words, $known]) {
            foreach ($words as $word) {
                if (! in_array($word, $known, true)) {
                    throw UnknownRun::word($kind, $word);
                }
            }
        }

        return new self($decision, explode('/', $targets), $when);
    }

    /** Where the decision stands in the order they are made. */
    public function order(): int
    {
        return (int) array_search($this->decision, self::DECISIONS, true);
    }
}
