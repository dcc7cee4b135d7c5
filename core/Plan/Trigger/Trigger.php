<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan\Trigger;

/** A rule of the staff: when these defenders have done this so often, call that (PAC-12, PAC-14, PAC-16). */
final readonly class Trigger
{
    /**
     * @param  list<string>|null  $on  families of our calls it is looked for on; null for any
     * @param  list<Need>  $needs  what has to be seen
     * @param  bool  $any  one of them is enough
     * @param  list<string>  $then  what to call: families, the first one first
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?array $on,
        public array $needs,
        public bool $any,
        public array $then,
        public string $why,
    ) {
    }

    public function looksAt(WatchedSnap $snap): bool
    {
        return $this->on === null || in_array($snap->family, $this->on, true);
    }
}
