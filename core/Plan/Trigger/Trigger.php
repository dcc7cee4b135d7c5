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
     * @param  string|null  $formation  in which it is looked for; null for any
     * @param  int|null  $within  how many of the latest snaps of a picture count; null for the whole game
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?array $on,
        public array $needs,
        public bool $any,
        public array $then,
        public string $why,
        public ?string $formation = null,
        public ?int $within = null,
    ) {
    }

    public function looksAt(WatchedSnap $snap): bool
    {
        return ($this->on === null || in_array($snap->family, $this->on, true))
            && ($this->formation === null || $snap->formation === $this->formation);
    }

    /**
     * The snaps of one picture that count.
     *
     * @param  list<WatchedSnap>  $snaps  in order
     * @return list<WatchedSnap>
     */
    public function counted(array $snaps): array
    {
        return $this->within === null ? $snaps : array_slice($snaps, -$this->within);
    }
}
