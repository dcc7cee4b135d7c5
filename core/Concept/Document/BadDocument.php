<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept\Document;

use DomainException;

/** A document whose shape is right but whose content cannot be; names the place by its JSON pointer. */
final class BadDocument extends DomainException
{
    public function __construct(public readonly string $pointer, string $message)
    {
        parent::__construct($message);
    }
}
