<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Truth;

/** How a case came out against what the trade says of it. */
final readonly class Judgement
{
    public function __construct(
        public TruthCase $case,
        /** Whether the verdict and everything said besides the key is right. */
        public bool $verdict,
        /** Whether the trade's key is among the keys; null where the trade names none. */
        public ?bool $key,
        /** Whether he is the first of them; null where the trade names none or the call is not bound. */
        public ?bool $keyFirst,
        /** What was seen, for a case that fails. */
        public string $seen,
    ) {
    }
}
