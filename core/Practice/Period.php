<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice;

/** A stretch of a practice. */
final readonly class Period
{
    /**
     * @param  bool  $contact  whether men go at one another at full speed
     * @param  list<ScriptRow>  $script
     */
    public function __construct(
        public PeriodKind $kind,
        public int $minutes,
        public bool $contact,
        public array $script = [],
    ) {
    }
}
