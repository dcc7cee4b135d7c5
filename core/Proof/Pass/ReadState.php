<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Pass;

/** A read as it was when the ball was thrown: live or dead (PRG-01). */
final readonly class ReadState
{
    /** @param  float|null  $margin  seconds by which the nearest man was late; null where no throw reached him */
    public function __construct(public string $man, public bool $live, public ?float $margin = null)
    {
    }
}
