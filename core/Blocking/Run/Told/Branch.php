<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Told;

use Jacotaxis\Core\Defense\Jobs\Movement;

/** What a man does instead when a defender does something: one if and its then. */
final readonly class Branch
{
    /**
     * @param  string|null  $defender  who does it; null when nobody does, as with a man who is not there
     * @param  Movement|null  $movement  what he does at the snap, to try it
     */
    public function __construct(
        public string $if,
        public string $then,
        public ?string $defender = null,
        public ?Movement $movement = null,
    ) {
    }
}
