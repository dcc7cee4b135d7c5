<?php

namespace App\Documents;

use RuntimeException;

/** A document that does not fit its schema: the first fault with its JSON pointer, and all of them. */
class NotValid extends RuntimeException
{
    /** @param  array<string, list<string>>  $errors pointer => messages */
    public function __construct(public readonly string $pointer, string $message, public readonly array $errors)
    {
        parent::__construct($message);
    }
}
