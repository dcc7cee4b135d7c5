<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Truth;

/** One call of the catalogue against one of the default looks. */
final readonly class ShareCase
{
    /** @param  string  $kind  pass or run */
    public function __construct(public string $kind, public string $name, public string $call, public string $look)
    {
    }
}
