<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice;

use DateTimeImmutable;
use Jacotaxis\Core\Blocking\Run\RunKind;

/** Whose day it is in the run game (PRA-08): one family of runs is taught on a day, so that a line hears one thing. */
enum RunDay: string
{
    case Zone = 'zone';
    case Gap = 'gap';
    case Any = 'any';

    /** Two days of each, in turn (product default); no family before and after them. */
    public static function usual(DateTimeImmutable $day): self
    {
        return match ((int) $day->format('N')) {
            1, 3 => self::Zone,
            2, 4 => self::Gap,
            default => self::Any,
        };
    }

    /** Whether a run is of the day's family; a jet is blocked like a zone run. */
    public function takes(?RunKind $kind): bool
    {
        return match ($this) {
            self::Zone => $kind?->slides() ?? false,
            self::Gap => $kind === RunKind::Gap,
            self::Any => true,
        };
    }
}
