<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Shell;

use Jacotaxis\Core\Defense\Jobs\Job;

/** Zone shells with one safety in the middle (common practice). */
final class OneHigh
{
    /** @return list<Shell> */
    public static function all(): array
    {
        return [self::coverThree(), self::weak(), self::cloud(), self::fireZone(), self::match()];
    }

    private static function coverThree(): Shell
    {
        return self::thirds(
            'cover 3',
            'three deep thirds, four under, a safety down',
            'SS',
            [
                ShellMan::on(2, 6.0, -1.0, ZoneJobs::curl('Comes down, curl to flat')),
                ShellMan::deep(13.0, ZoneJobs::middleThird()),
            ],
        );
    }

    private static function weak(): Shell
    {
        return self::thirds(
            'cover 3 weak',
            'three deep thirds, the weak safety down',
            'FS',
            [
                ShellMan::deep(12.0, Job::deep(0.5, 15.0, 'Deep middle third')),
                ShellMan::on(2, 7.5, 1.0, ZoneJobs::curl('Comes down, curl to flat')),
            ],
        );
    }

    private static function cloud(): Shell
    {
        $cloud = Job::under(17.0, 6.0, 'Cloud: jams, plays the flat', 'short');
        $over = Job::deep(14.0, 15.0, 'Deep third over the cloud corner', '#1', 10.0);

        return new Shell(
            'cover 3 cloud',
            'three deep thirds, the strong corner in the flat under a safety',
            open: false,
            corners: [
                ShellMan::on(1, 4.5, -1.0, $cloud),
                ShellMan::on(1, 7.5, -1.5, ZoneJobs::third()),
            ],
            safeties: [ShellMan::deep(12.0, $over), ShellMan::deep(13.0, ZoneJobs::middleThird())],
            overhang: ShellMan::on(2, 5.0, 0.5, ZoneJobs::hook(7.0, 10.0, 'Carries #2 to 12, then hook', 12.0)),
            backers: [
                ShellMan::box(ZoneJobs::hook(1.5, 10.0, 'Middle hook', 8.0)),
                ShellMan::box(ZoneJobs::curl()),
            ],
            support: ['CS', 'W', 'N'],
        );
    }

    private static function fireZone(): Shell
    {
        $corner = ShellMan::on(1, 8.5, -1.5, ZoneJobs::third());
        $seam = ZoneJobs::hook(9.0, 8.0, 'Seam to flat', 10.0);

        return new Shell(
            'fire zone',
            'five rush, three deep, three under',
            open: false,
            corners: [$corner, $corner],
            safeties: [ShellMan::on(2, 5.0, 1.0, $seam), ShellMan::deep(12.0, ZoneJobs::middleThird())],
            overhang: ShellMan::on(2, 4.0, 1.0, $seam),
            backers: [
                ShellMan::box(ZoneJobs::hook(0.0, 9.0, 'Middle hook'), 4.0),
                ShellMan::box(Job::rush('The fifth rusher'), 2.6),
            ],
            support: ['SS', 'N'],
            down: 'SS',
            rare: true,
        );
    }

    private static function match(): Shell
    {
        $corner = ShellMan::on(1, 7.5, -1.5, ZoneJobs::third());
        $seam = ZoneJobs::hook(11.0, 9.0, 'Carries #2 vertical, else curl to flat', 18.0);

        return new Shell(
            'cover 3 match',
            'three deep thirds, the men under them carry the seams',
            open: false,
            corners: [$corner, $corner],
            safeties: [ShellMan::on(2, 7.5, 1.0, $seam), ShellMan::deep(13.0, ZoneJobs::middleThird())],
            overhang: ShellMan::on(2, 7.0, 1.0, $seam),
            backers: [
                ShellMan::box(ZoneJobs::hook(4.0, 10.0, 'Hook, carries #3', 16.0)),
                ShellMan::box($seam, 5.5),
            ],
            support: ['N', 'SS', 'W'],
            down: 'SS',
            rare: true,
        );
    }

    /**
     * Three deep, four under. When the safety comes down on the overhang's side the overhang goes inside and the will
     * has the other flat.
     *
     * @param  array{ShellMan, ShellMan}  $safeties
     */
    private static function thirds(string $name, string $words, string $down, array $safeties): Shell
    {
        $corner = ShellMan::on(1, 7.5, -1.5, ZoneJobs::third());
        $hook = ShellMan::box(ZoneJobs::hook(5.0, 10.0, 'Hook, walls #2 and #3', 8.0));

        return new Shell(
            $name,
            $words,
            open: false,
            corners: [$corner, $corner],
            safeties: $safeties,
            overhang: ShellMan::on(2, 5.0, -1.0, ZoneJobs::curl()),
            backers: [$hook, $hook],
            support: ['N', $down, 'W'],
            down: $down,
            downOnOverhang: [
                'N' => ZoneJobs::hook(6.0, 10.0, 'Hook inside the safety', 8.0),
                'W' => ZoneJobs::curl(),
                'M' => ZoneJobs::hook(0.5, 10.0, 'Middle hook', 8.0),
            ],
        );
    }
}
