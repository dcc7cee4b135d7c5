<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Simulated;

use DomainException;

/** An act or a throw that the filmed play does not have. */
final class NoSuchRun extends DomainException
{
    /** @param  list<string>  $known */
    public static function act(string $act, array $known): self
    {
        return new self(
            "No key does \"$act\" here. ".
                ($known === [] ? 'This call has no key against this look.' : 'Known: '.implode('; ', $known).'.'),
        );
    }

    public static function throw(string $throw): self
    {
        return new self("\"$throw\" is no throw of this play: give a man with a route and seconds after the snap, "
            .'as in H@2.4, that reach him in bounds.');
    }

    /** @param  list<string>  $known */
    public static function action(string $action, array $known): self
    {
        return new self("\"$action\" is nothing the ball can do on this run. Known: ".implode(', ', $known).'.');
    }
}
