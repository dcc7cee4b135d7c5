<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof;

/** What a proof of a pass and a proof of a run have in common: where it was proved, the verdict and its strength in seconds. */
interface Proven
{
    public function scene(): Scene;

    /** bound, guess or covered. */
    public function verdict(): string;

    public function strength(): float;
}
