<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Shell;

use Jacotaxis\Core\Defense\Jobs\Job;

/** Zone shells with two safeties deep, or three (common practice). */
final class TwoHigh
{
    /** @return list<Shell> */
    public static function all(): array
    {
        return [
            self::halves(
                'cover 2',
                'two deep halves, five under, corners in the flats',
                13.0,
                ShellMan::box(ZoneJobs::hook(0.5, 10.0, 'Middle hook')),
            ),
            self::halves(
                'tampa 2',
                'two deep halves, the mike runs the middle',
                15.0,
                ShellMan::box(Job::deep(0.0, 16.0, 'Runs the middle to 16'), 6.5),
            ),
            self::quarters(),
            self::trap(),
            self::quarterQuarterHalf(),
            self::invert(),
            self::threeHigh(),
        ];
    }

    private static function halves(string $name, string $words, float $safetiesYd, ShellMan $mike): Shell
    {
        $corner = ShellMan::on(1, 5.0, -1.0, ZoneJobs::cloud());
        $half = ShellMan::deep($safetiesYd, ZoneJobs::half());

        return new Shell(
            $name,
            $words,
            open: true,
            corners: [$corner, $corner],
            safeties: [$half, $half],
            overhang: ShellMan::on(2, 5.0, -1.0, ZoneJobs::hook(7.0, 10.0, 'Carries #2 to 12, then hook', 12.0)),
            backers: [$mike, ShellMan::box(ZoneJobs::hook(6.0, 10.0, 'Hook, carries #2', 12.0))],
            support: ['CS', 'CW'],
        );
    }

    private static function quarters(): Shell
    {
        $corner = ShellMan::on(1, 7.0, -0.5, ZoneJobs::quarter());
        $safety = ShellMan::deep(12.0, ZoneJobs::robbingQuarter());

        return new Shell(
            'cover 4',
            'four deep quarters, three under',
            open: true,
            corners: [$corner, $corner],
            safeties: [$safety, $safety],
            overhang: ShellMan::on(2, 5.0, -1.0, self::flatOfQuarters(12.0)),
            backers: [
                ShellMan::box(ZoneJobs::hook(0.0, 9.0, 'Middle hook')),
                ShellMan::box(self::flatOfQuarters(11.0)),
            ],
            support: ['SS', 'FS'],
            overhangSent: self::threeDeep(),
        );
    }

    private static function trap(): Shell
    {
        $corner = ShellMan::on(
            1,
            6.0,
            1.75,
            Job::under(15.0, 7.0, 'Trap: takes #2 out, else goes back with #1', 'short', 0.0, true),
        );
        $over = Job::deep(11.0, 14.0, 'Over #1 when the corner traps #2', '#1', 12.0, 'inside');
        $safety = ShellMan::deep(10.5, $over, -1.5);

        return new Shell(
            'cover 4 trap',
            'quarters, the corner takes #2 out and the safety goes over #1',
            open: true,
            corners: [$corner, $corner],
            safeties: [$safety, $safety],
            overhang: ShellMan::on(2, 5.0, 0.5, ZoneJobs::hook(7.0, 9.0, 'Hook, carries #2 to 10', 10.0)),
            backers: [
                ShellMan::box(ZoneJobs::hook(0.0, 9.0, 'Middle hook')),
                ShellMan::box(ZoneJobs::hook(6.0, 9.0, 'Hook, carries #2 to 10', 10.0)),
            ],
            support: ['CS', 'CW'],
        );
    }

    private static function quarterQuarterHalf(): Shell
    {
        return new Shell(
            'cover 6',
            'quarters to the field, a half and a cloud corner to the boundary',
            open: true,
            corners: [
                ShellMan::on(1, 7.0, -0.5, ZoneJobs::quarter()),
                ShellMan::on(1, 5.0, -1.0, ZoneJobs::cloud()),
            ],
            safeties: [
                ShellMan::deep(11.5, ZoneJobs::robbingQuarter()),
                ShellMan::deep(13.5, ZoneJobs::half()),
            ],
            overhang: ShellMan::on(2, 5.0, -1.0, self::flatOfQuarters(12.0)),
            backers: [
                ShellMan::box(ZoneJobs::hook(0.5, 10.0, 'Middle hook')),
                ShellMan::box(ZoneJobs::hook(6.0, 10.0, 'Hook, carries #2', 12.0)),
            ],
            support: ['SS', 'CW'],
            byField: true,
            overhangSent: self::threeDeep(),
        );
    }

    private static function invert(): Shell
    {
        $corner = ShellMan::on(1, 7.0, -0.5, ZoneJobs::half());
        $flat = Job::under(15.0, 7.0, 'Flat from depth: drives what goes out', 'short');
        $safety = ShellMan::deep(10.0, $flat);

        return new Shell(
            'cover 2 invert',
            'two deep halves by the corners, the safeties in the flats',
            open: true,
            corners: [$corner, $corner],
            safeties: [$safety, $safety],
            overhang: ShellMan::on(2, 5.0, -1.0, ZoneJobs::hook(7.0, 10.0, 'Carries #2 to 14, then hook', 14.0)),
            backers: [
                ShellMan::box(ZoneJobs::hook(0.5, 11.0, 'Middle hook, runs with #3', 14.0)),
                ShellMan::box(ZoneJobs::hook(6.0, 10.0, 'Hook, carries #2 to 14', 14.0)),
            ],
            support: ['SS', 'FS'],
            rare: true,
        );
    }

    private static function threeHigh(): Shell
    {
        $corner = ShellMan::on(1, 5.5, -1.0, ZoneJobs::cloud());
        $half = ShellMan::deep(12.0, ZoneJobs::half());
        $hook = ShellMan::box(ZoneJobs::hook(6.0, 9.0, 'Hook', 10.0));
        $middle = Job::deep(0.0, 13.0, 'Middle safety: the post, else drives crossers');

        return new Shell(
            'three high',
            'three safeties deep, corners squat under them, two backers in the hooks',
            open: true,
            corners: [$corner, $corner],
            safeties: [$half, $half],
            overhang: ShellMan::deep(10.5, $middle),
            backers: [$hook, $hook],
            support: ['CS', 'CW'],
            rare: true,
        );
    }

    private static function flatOfQuarters(float $wideYd): Job
    {
        return Job::under($wideYd, 8.0, 'Curl to flat', 'short');
    }

    /**
     * When the overhang rushes the safety over him drops down into his zone, the others play three deep (DEF-01).
     *
     * @return array<string, Job> by slot
     */
    private static function threeDeep(): array
    {
        return [
            'SS' => ZoneJobs::curl('Drops down for the nickel, curl to flat'),
            'FS' => ZoneJobs::middleThird(),
            'CS' => ZoneJobs::third(),
            'CW' => ZoneJobs::third(),
        ];
    }
}
