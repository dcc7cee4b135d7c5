<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan\Openers;

/** What may be seen, and in which of his looks. */
final readonly class Answer
{
    /** @param  non-empty-list<int>  $looks  by their place */
    public function __construct(public string $words, public array $looks)
    {
    }
}
