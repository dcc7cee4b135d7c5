<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

use DomainException;
use Jacotaxis\Core\Defense\Jobs\JobWords;
use Jacotaxis\Core\Defense\Jobs\Technique;

/** A front, shell or defender that no catalogue holds, or a look that is not eleven men. */
final class UnknownLook extends DomainException
{
    public static function front(string $name): self
    {
        return new self("No front is called \"$name\". Known fronts: ".implode(', ', Fronts::names()).'.');
    }

    public static function shell(string $name): self
    {
        return new self("No shell is called \"$name\". Known shells: ".implode(', ', Shells::names()).'.');
    }

    /** @param  list<string>  $roles */
    public static function role(string $role, array $roles): self
    {
        return new self("This look has no \"$role\" to move. Its men: ".implode(', ', $roles).'.');
    }

    public static function crowded(string $a, string $b): self
    {
        return new self("The $a and the $b stand on one spot: move one of them at least half a yard.");
    }

    public static function rushers(int $count): self
    {
        return new self("$count rushers cannot be: give three to eight.");
    }

    public static function technique(string $technique, string $lineman): self
    {
        return new self(
            "There is no $technique technique on $lineman. Known techniques: ".
                implode(', ', Technique::known()).
                '.',
        );
    }

    public static function job(string $job): self
    {
        return new self("No job is called \"$job\". Known jobs: ".implode(', ', array_keys(JobWords::all())).'.');
    }
}
