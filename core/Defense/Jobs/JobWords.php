<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Jobs;

/** Jobs a coach gives one man by hand, by their spoken names: widths for his own side, yards. */
final class JobWords
{
    /** @return array<string, Job> */
    public static function all(): array
    {
        return [
            'rush' => Job::rush(),
            'flat' => Job::under(16.0, 6.0, 'Flat', 'short'),
            'curl to flat' => Job::under(12.0, 9.0, 'Curl to flat'),
            'hook' => Job::under(5.0, 10.0, 'Hook', carryYd: 8.0),
            'middle hook' => Job::under(0.5, 10.0, 'Middle hook'),
            'robber' => Job::under(2.0, 10.0, 'Robs crossers at 8 to 12'),
            'deep third' => Job::deep(16.0, 15.0, 'Deep outside third', '#1', 10.0),
            'deep middle' => Job::deep(0.0, 15.0, 'Deep middle'),
            'deep half' => Job::deep(10.0, 16.0, 'Deep half', leverage: 'inside'),
            'quarter' => Job::deep(8.0, 13.0, 'Quarter: #2 vertical is his', '#2', 8.0, 'inside'),
            'bracket' => Job::deep(12.0, 12.0, 'Bracket: inside and over him', '#1', 6.0, 'inside'),
            'spy' => Job::under(0.0, 5.0, 'Spies the quarterback'),
            'man' => Job::man(),
            'trail' => Job::man('Man to man, trails inside', trails: true),
        ];
    }

    public static function get(string $name): ?Job
    {
        return self::all()[$name] ?? null;
    }
}
