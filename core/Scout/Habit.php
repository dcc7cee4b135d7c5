<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Scout;

use Jacotaxis\Core\Grade\Interval;

/** Something a defense shows surely more often in one case than in all others. */
final readonly class Habit
{
    /**
     * @param  string  $by  the part of the situation, as Groups names it
     * @param  string  $name  the case of it, as "3rd and long"
     * @param  list<string>  $ids  snaps of the case that show it
     */
    public function __construct(
        public string $by,
        public string $name,
        public Showing $showing,
        public string $what,
        public Interval $share,
        public Interval $else,
        public array $ids,
    ) {
    }

    /** How far the two shares lie apart. */
    public function difference(): float
    {
        return ($this->share->share() ?? 0.0) - ($this->else->share() ?? 0.0);
    }

    /**
     * @return array{by: string, name: string, showing: string, what: string, share: array<string, mixed>,
     *     else: array<string, mixed>, ids: list<string>}
     */
    public function toArray(): array
    {
        return ['by' => $this->by, 'name' => $this->name, 'showing' => $this->showing->value, 'what' => $this->what,
            'share' => $this->share->toArray(), 'else' => $this->else->toArray(), 'ids' => $this->ids];
    }
}
