<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Shell;

use Jacotaxis\Core\Defense\Jobs\Job;

/** Zone jobs that several shells share (common practice). */
final class ZoneJobs
{
    /**
     * How far over the outside receiver a third's corner stays, yards: nobody helps him deep (settled by the truths).
     */
    private const THIRD_OVER_YD = 2.0;

    public static function half(): Job
    {
        return Job::deep(9.0, 16.0, 'Deep half, reads #2 from inside', leverage: 'inside');
    }

    public static function third(): Job
    {
        return Job::deep(16.0, 15.0, 'Deep outside third', '#1', 10.0, 'outside')
            ->outside(0.0)
            ->staysOver(self::THIRD_OVER_YD);
    }

    public static function middleThird(): Job
    {
        return Job::deep(0.0, 15.0, 'Deep middle third');
    }

    public static function quarter(): Job
    {
        return Job::deep(15.0, 15.0, 'Quarter: #1 deep is his, else deep help inside', '#1', 8.0, 'outside');
    }

    public static function robbingQuarter(): Job
    {
        return Job::deep(6.5, 12.0, 'Quarter: #2 vertical past 8 is his, else robs #1', '#2', 8.0, 'inside');
    }

    public static function cloud(): Job
    {
        return Job::under(
            17.0,
            6.0,
            'Flat: jams, sits, sinks with #1 when nothing threatens the flat',
            'short',
            0.0,
            true,
        )->outside(0.75);
    }

    public static function curl(string $words = 'Curl to flat'): Job
    {
        return Job::under(12.0, 9.0, $words);
    }

    public static function hook(float $wideYd, float $deepYd, string $words, float $carryYd = 0.0): Job
    {
        return Job::under($wideYd, $deepYd, $words, carryYd: $carryYd);
    }
}
