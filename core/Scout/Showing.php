<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Scout;

use Jacotaxis\Core\Grade\Numbers\SnapRow;

/** What a defense shows that is counted. The value is its name in the API. */
enum Showing: string
{
    case Shell = 'shell';
    case Front = 'front';
    case Wrinkle = 'wrinkle';
    case Box = 'box';

    public function title(): string
    {
        return match ($this) {
            self::Shell => 'Coverage',
            self::Front => 'Front',
            self::Wrinkle => 'Pressure, movement, disguise',
            self::Box => 'Men in the box',
        };
    }

    /**
     * What a snap showed of it; null where it was not charted.
     *
     * @return list<string>|null
     */
    public function of(SnapRow $snap): ?array
    {
        return match ($this) {
            self::Shell => $snap->shell === null ? null : [$snap->shell],
            self::Front => $snap->front === null ? null : [$snap->front],
            self::Box => $snap->box === null ? null : ["{$snap->box} in the box"],
            // Whoever charted a front and a coverage said what came with them, or that nothing did.
            self::Wrinkle => match (true) {
                $snap->wrinkle !== null => explode(', ', $snap->wrinkle),
                $snap->front === null || $snap->shell === null => null,
                default => ['nothing beside it'],
            },
        };
    }
}
