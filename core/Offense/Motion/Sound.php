<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense\Motion;

/** The sound of the cadence on which a man starts: a word of it, its first or its last sound (MOT-01). */
final readonly class Sound
{
    public function __construct(public string $word, public bool $last = false)
    {
    }

    public function words(): string
    {
        return ($this->last ? 'last' : 'first')." sound of {$this->word}";
    }
}
