<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

use DomainException;
use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Blocking\Run\Catalogue\Tags;

/** A run, a tag or a job that no catalogue has. */
final class UnknownRun extends DomainException
{
    public static function scheme(string $name): self
    {
        return new self("There is no run \"$name\": the runs are ".implode(', ', Schemes::names()).'.');
    }

    public static function tag(string $name): self
    {
        return new self("There is no tag \"$name\": the tags are ".implode(', ', Tags::names()).'.');
    }

    /** A word of a catalogue nobody knows. */
    public static function word(string $kind, string $word): self
    {
        return new self("\"$word\" is not a $kind of the run catalogue: correct the row it stands in.");
    }

    public static function needs(string $scheme, string $what): self
    {
        return new self("$scheme needs $what: say another set, or who carries.");
    }
}
