<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

/**
 * The catalogue of shells (common practice): a job and a pre-snap spot for each man behind the front.
 *
 * `strong` men stand to the passing strength, `weak` away from it. Adding a shell touches this file and its test.
 */
final class Shells
{
    /** @return list<string> */
    public static function names(): array
    {
        return ['cover 1', 'cover 2', 'cover 3', 'cover 4'];
    }

    public static function has(string $name): bool
    {
        return in_array($name, self::names(), true);
    }

    /** How many men play deep after the snap: one or three close the middle, two or four open it. */
    public static function deepMen(string $name): int
    {
        return count(array_filter(self::jobs($name), fn (array $man): bool => $man['job']->kind === JobKind::Deep));
    }

    /** @return array{strong: string, weak: string} support by role: who turns the run in on each side */
    public static function support(string $name): array
    {
        return match ($name) {
            'cover 2' => ['strong' => 'corner', 'weak' => 'corner'],
            'cover 4' => ['strong' => 'strong safety', 'weak' => 'free safety'],
            default => ['strong' => 'nickel', 'weak' => 'strong safety'],
        };
    }

    /**
     * @return array<string, array{side: string, align: string, offYd: float, job: Job}> by letter: CS and CW the corners,
     *                                                                                  SS, FS, N, M, W; align "#1" to "#3" is over that receiver, "deep" at the job's own landmark
     */
    public static function jobs(string $name): array
    {
        return match ($name) {
            'cover 1' => self::coverOne(),
            'cover 2' => self::coverTwo(),
            'cover 3' => self::coverThree(),
            'cover 4' => self::coverFour(),
            default => throw UnknownLook::shell($name),
        };
    }

    private static function coverOne(): array
    {
        return [
            'CS' => self::man('strong', '#1', 7.0, Job::man(['#1 strong'], 'Man on #1, inside leverage')),
            'CW' => self::man('weak', '#1', 7.0, Job::man(['#1 weak'], 'Man on #1, inside leverage')),
            'N' => self::man('strong', '#2', 5.0, Job::man(['#2 strong'], 'Man on #2, inside leverage')),
            'SS' => self::man('weak', '#2', 6.0, Job::man(['#2 weak', '#3 strong'], 'Comes down, man on #2 weak or #3 strong')),
            'W' => self::man('weak', 'box', 4.5, Job::man(['back'], 'Man on the back')),
            'M' => self::man('strong', 'box', 4.5, Job::under(0.0, 8.0, 'Free in the hole')),
            'FS' => self::man('strong', 'deep', 13.0, Job::deep(0.0, 15.0, 'Deep middle')),
        ];
    }

    private static function coverTwo(): array
    {
        $half = fn (): Job => Job::deep(10.0, 16.0, 'Deep half, reads #2 from inside', leverage: 'inside');
        $corner = fn (): Job => Job::under(17.0, 6.0, 'Flat: jams, sits, sinks with #1 when nothing threatens the flat', first: 'short', sinks: true);

        return [
            'CS' => self::man('strong', '#1', 5.0, $corner()),
            'CW' => self::man('weak', '#1', 5.0, $corner()),
            'SS' => self::man('strong', 'deep', 13.0, $half()),
            'FS' => self::man('weak', 'deep', 13.0, $half()),
            'N' => self::man('strong', '#2', 5.0, Job::under(7.0, 10.0, 'Carries #2 to 12, then hook', carryYd: 12.0)),
            'M' => self::man('strong', 'box', 4.5, Job::under(0.5, 10.0, 'Middle hook')),
            'W' => self::man('weak', 'box', 4.5, Job::under(6.0, 10.0, 'Hook, carries #2', carryYd: 12.0)),
        ];
    }

    private static function coverThree(): array
    {
        $third = fn (): Job => Job::deep(16.0, 15.0, 'Deep outside third', match: '#1', matchYd: 10.0);

        return [
            'CS' => self::man('strong', '#1', 7.0, $third()),
            'CW' => self::man('weak', '#1', 7.0, $third()),
            'FS' => self::man('strong', 'deep', 13.0, Job::deep(0.0, 15.0, 'Deep middle third')),
            'N' => self::man('strong', '#2', 5.0, Job::under(12.0, 9.0, 'Curl to flat', first: 'deep')),
            'SS' => self::man('weak', '#2', 6.0, Job::under(12.0, 9.0, 'Comes down, curl to flat', first: 'deep')),
            'M' => self::man('strong', 'box', 4.5, Job::under(5.0, 10.0, 'Hook, walls #2 and #3', carryYd: 8.0)),
            'W' => self::man('weak', 'box', 4.5, Job::under(5.0, 10.0, 'Hook, walls #2 and #3', carryYd: 8.0)),
        ];
    }

    private static function coverFour(): array
    {
        $corner = fn (): Job => Job::deep(15.0, 15.0, 'Quarter: #1 deep is his, else deep help inside', match: '#1', matchYd: 8.0, leverage: 'outside');
        $safety = fn (): Job => Job::deep(6.5, 12.0, 'Quarter: #2 vertical past 8 is his, else robs #1', match: '#2', matchYd: 8.0, leverage: 'inside');

        return [
            'CS' => self::man('strong', '#1', 7.0, $corner()),
            'CW' => self::man('weak', '#1', 7.0, $corner()),
            'SS' => self::man('strong', 'deep', 12.0, $safety()),
            'FS' => self::man('weak', 'deep', 12.0, $safety()),
            'N' => self::man('strong', '#2', 5.0, Job::under(12.0, 8.0, 'Curl to flat', first: 'short')),
            'W' => self::man('weak', 'box', 4.5, Job::under(11.0, 8.0, 'Curl to flat', first: 'short')),
            'M' => self::man('strong', 'box', 4.5, Job::under(0.0, 9.0, 'Middle hook')),
        ];
    }

    /** @return array{side: string, align: string, offYd: float, job: Job} */
    private static function man(string $side, string $align, float $offYd, Job $job): array
    {
        return ['side' => $side, 'align' => $align, 'offYd' => $offYd, 'job' => $job];
    }
}
