<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Shell;

use Jacotaxis\Core\Defense\Jobs\Job;

/** Shells whose men under are man to man (common practice). */
final class ManShells
{
    /** @return list<Shell> */
    public static function all(): array
    {
        return [self::coverZero(), self::coverOne(), self::robber(), self::twoMan()];
    }

    private static function coverZero(): Shell
    {
        $corner = ShellMan::on(1, 5.0, 1.0, Job::man());

        return new Shell(
            'cover 0',
            'man on every eligible receiver, the rest rush',
            open: true,
            corners: [$corner, $corner],
            safeties: [
                ShellMan::on(2, 4.5, 1.2, Job::man()),
                ShellMan::deep(7.0, Job::man()->atWidth(2.0)),
            ],
            overhang: ShellMan::on(2, 4.0, 1.2, Job::man()),
            backers: [ShellMan::box(Job::man()), ShellMan::box(Job::man())],
            support: ['SS', 'N', 'M', 'W'],
            down: 'SS',
            spare: Job::rush('Nobody left to cover: rushes'),
        );
    }

    private static function coverOne(): Shell
    {
        $corner = ShellMan::on(1, 7.0, 1.0, Job::man('Man on #1, inside leverage'));

        return new Shell(
            'cover 1',
            'man on five, a free safety in the middle, one man spare',
            open: false,
            corners: [$corner, $corner],
            safeties: [
                ShellMan::on(2, 6.0, 1.5, Job::man()),
                ShellMan::deep(13.0, Job::deep(0.0, 15.0, 'Deep middle')),
            ],
            overhang: ShellMan::on(2, 5.0, 1.5, Job::man()),
            backers: [ShellMan::box(Job::man()), ShellMan::box(Job::man())],
            support: ['SS', 'N', 'W'],
            down: 'SS',
        );
    }

    private static function robber(): Shell
    {
        $corner = ShellMan::on(1, 6.0, 1.5, Job::man('Man on #1, inside leverage'));

        return new Shell(
            'cover 1 robber',
            'man on five, a free safety in the middle, the other safety cuts crossers',
            open: false,
            corners: [$corner, $corner],
            safeties: [
                ShellMan::deep(10.5, Job::under(3.5, 10.0, 'Robs crossers at 8 to 12')),
                ShellMan::deep(14.0, Job::deep(0.0, 15.0, 'Deep middle')),
            ],
            overhang: ShellMan::on(2, 4.0, 1.5, Job::man()),
            backers: [ShellMan::box(Job::man()), ShellMan::box(Job::man())],
            support: ['SS', 'N', 'W'],
            down: 'SS',
        );
    }

    private static function twoMan(): Shell
    {
        $corner = ShellMan::on(1, 1.5, 1.0, Job::man('Man on #1, trails inside', trails: true));
        $trails = Job::man('Man, trails inside', trails: true);
        $half = ShellMan::deep(13.0, ZoneJobs::half());

        return new Shell(
            '2-man',
            'two deep halves, man on five under them, trailing inside',
            open: true,
            corners: [$corner, $corner],
            safeties: [$half, $half],
            overhang: ShellMan::on(2, 2.5, 1.0, $trails),
            backers: [ShellMan::box($trails), ShellMan::box($trails)],
            support: ['N', 'W', 'CS', 'CW'],
        );
    }
}
