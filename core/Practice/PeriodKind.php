<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice;

/** What a period of a practice is (common practice). */
enum PeriodKind: string
{
    case Individual = 'individual';
    case Group = 'group';
    case InsideRun = 'inside run';
    case SevenOnSeven = 'seven on seven';
    case Team = 'team';
    case WalkThrough = 'walk-through';

    /** Whether plays of the book are run in it, one after the other. */
    public function hasScript(): bool
    {
        return $this !== self::Individual && $this !== self::Group;
    }

    /** Whether drills are given in it, group by group. */
    public function hasDrills(): bool
    {
        return ! $this->hasScript();
    }

    /** Whether men go at one another at full speed where nobody says otherwise. */
    public function isContact(): bool
    {
        return $this === self::InsideRun || $this === self::Team;
    }

    /** Whether a play belongs in it: nobody throws in an inside run, nobody hands off in seven on seven. */
    public function takes(ScriptCall $call): bool
    {
        return match ($this) {
            self::InsideRun => $call->isRun,
            self::SevenOnSeven => $call->isPass,
            default => $this->hasScript(),
        };
    }

    /**
     * What an inside run takes on a day of one family; all of it where nothing is of that family. Other periods take
     * what the game takes.
     *
     * @param  list<ScriptCall>  $calls  that belong in it
     * @return list<ScriptCall>
     */
    public function ofTheDay(array $calls, RunDay $day): array
    {
        $of = array_values(array_filter($calls, fn (ScriptCall $call): bool => $day->takes($call->kind)));

        return $this === self::InsideRun && $of !== [] ? $of : $calls;
    }
}
