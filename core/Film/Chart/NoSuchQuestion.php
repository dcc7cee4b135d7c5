<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Chart;

use DomainException;

/** A question that is not open on a snap, or no more. */
final class NoSuchQuestion extends DomainException
{
    public static function of(string $id): self
    {
        return new self(
            "The question \"$id\" is not open on this snap: somebody settled it, or it never was. Load the list again.",
        );
    }
}
