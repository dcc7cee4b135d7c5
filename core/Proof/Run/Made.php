<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run;

/** Whether a block can be made: where and when the blocker meets his man, or why he does not. Yards and seconds. */
final readonly class Made
{
    public function __construct(
        /** true, false, or null when a path is unset or there is nobody to block */
        public ?bool $makeable,
        public ?float $at = null,
        public ?float $xYd = null,
        public ?float $yYd = null,
        public ?string $why = null,
        /** Seconds he is there before his man; negative when late. */
        public ?float $spare = null,
    ) {
    }
}
