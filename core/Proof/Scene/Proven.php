<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Scene;

/**
 * What a proof of a pass and a proof of a run have in common: where it was proved, the verdict and its strength in
 * seconds.
 */
interface Proven
{
    public function scene(): Scene;

    public function verdict(): Verdict;

    /** Seconds the ball that answers has to spare; null where no ball is thrown or carried. */
    public function strength(): ?float;

    public function worthByRule(): Worth;

    public function worthAtWorst(): Worth;
}
