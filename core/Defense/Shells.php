<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

use Jacotaxis\Core\Defense\Jobs\Job;

/**
 * The catalogue of shells (common practice): for each slot behind the front a pre-snap spot and a job.
 *
 * A spot is [align, yards off, yards inside]: `#1` to `#3` over that receiver of his side, `deep` at the job's own
 * landmark,
 * `box` where the front puts him (yards off: null the front's depth). `down` is the safety who comes down, to the side
 * without the nickel; `support` names who turns the run in on a side, the first slot that stands there.
 */
final class Shells
{
    /** Who may be in man coverage besides the corners, and who is spared when there are too many. */
    private const MEN = ['CS', 'CW', 'N', 'SS', 'FS', 'W', 'M'];

    private const NAMES = [
        'cover 0',
        'cover 1',
        'cover 1 robber',
        'cover 2',
        'tampa 2',
        '2-man',
        'cover 3',
        'cover 3 weak',
        'cover 3 cloud',
        'cover 4',
        'cover 4 trap',
        'cover 6',
        'fire zone',
        'cover 2 invert',
        'cover 3 match',
        'three high',
    ];

    /** Left out of a sheet unless they are asked for. */
    private const RARE = ['fire zone', 'cover 2 invert', 'cover 3 match', 'three high'];

    /** @var array<string, array<string, mixed>> */
    private static array $read = [];

    /** @return list<string> */
    public static function names(): array
    {
        return self::NAMES;
    }

    /**
     * What a sheet is drawn over when nothing is said.
     *
     * @return list<string>
     */
    public static function usual(): array
    {
        return array_values(array_diff(self::NAMES, self::RARE));
    }

    public static function has(string $name): bool
    {
        return in_array($name, self::NAMES, true);
    }

    /**
     * @return array{words: string, middle: string, down: string|null, field: bool, support: list<string>, spare: Job,
     *     slots: array<string, array{string, float|null, float, Job}>}
     *
     * @throws UnknownLook
     */
    public static function get(string $name): array
    {
        return self::$read[$name] ??= match ($name) {
            'cover 0' => self::shell(
                'man on every eligible receiver, the rest rush',
                'open',
                'SS',
                ['SS', 'N', 'M', 'W'],
                Job::rush('Nobody left to cover: rushes'),
                [
                    ...self::corners('#1', 5.0, 1.0, Job::man()),
                    'N' => ['#2', 4.0, 1.2, Job::man()],
                    'SS' => ['#2', 4.5, 1.2, Job::man()],
                    'FS' => ['deep', 7.0, 0.0, Job::man()->atWidth(2.0)],
                    'M' => ['box', null, 0.0, Job::man()],
                    'W' => ['box', null, 0.0, Job::man()],
                ],
            ),
            'cover 1' => self::shell(
                'man on five, a free safety in the middle, one man spare',
                'closed',
                'SS',
                ['SS', 'N', 'W'],
                Job::under(0.0, 8.0, 'Free in the hole'),
                [
                    ...self::corners('#1', 7.0, 1.0, Job::man('Man on #1, inside leverage')),
                    'N' => ['#2', 5.0, 1.5, Job::man()],
                    'SS' => ['#2', 6.0, 1.5, Job::man()],
                    'FS' => ['deep', 13.0, 0.0, Job::deep(0.0, 15.0, 'Deep middle')],
                    'M' => ['box', null, 0.0, Job::man()],
                    'W' => ['box', null, 0.0, Job::man()],
                ],
            ),
            'cover 1 robber' => self::shell(
                'man on five, a free safety in the middle, the other safety cuts crossers',
                'closed',
                'SS',
                ['SS', 'N', 'W'],
                Job::under(0.0, 8.0, 'Free in the hole'),
                [
                    ...self::corners('#1', 6.0, 1.5, Job::man('Man on #1, inside leverage')),
                    'N' => ['#2', 4.0, 1.5, Job::man()],
                    'SS' => ['deep', 10.5, 0.0, Job::under(3.5, 10.0, 'Robs crossers at 8 to 12')],
                    'FS' => ['deep', 14.0, 0.0, Job::deep(0.0, 15.0, 'Deep middle')],
                    'M' => ['box', null, 0.0, Job::man()],
                    'W' => ['box', null, 0.0, Job::man()],
                ],
            ),
            'cover 2' => self::coverTwo(
                'two deep halves, five under, corners in the flats',
                13.0,
                null,
                Job::under(0.5, 10.0, 'Middle hook'),
            ),
            'tampa 2' => self::coverTwo(
                'two deep halves, the mike runs the middle',
                15.0,
                6.5,
                Job::deep(0.0, 16.0, 'Runs the middle to 16'),
            ),
            '2-man' => self::shell(
                'two deep halves, man on five under them, trailing inside',
                'open',
                null,
                ['N', 'W', 'CS', 'CW'],
                Job::under(0.0, 8.0, 'Free in the hole'),
                [
                    ...self::corners('#1', 1.5, 1.0, Job::man('Man on #1, trails inside', trails: true)),
                    'N' => ['#2', 2.5, 1.0, Job::man('Man, trails inside', trails: true)],
                    'SS' => ['deep', 13.0, 0.0, self::half()],
                    'FS' => ['deep', 13.0, 0.0, self::half()],
                    'M' => ['box', null, 0.0, Job::man('Man, trails inside', trails: true)],
                    'W' => ['box', null, 0.0, Job::man('Man, trails inside', trails: true)],
                ],
            ),
            'cover 3' => self::coverThree(
                'three deep thirds, four under, a safety down',
                'SS',
                ['deep', 13.0, 0.0, Job::deep(0.0, 15.0, 'Deep middle third')],
                ['#2', 6.0, -1.0, self::curl('Comes down, curl to flat')],
            ),
            'cover 3 weak' => self::coverThree(
                'three deep thirds, the weak safety down',
                'FS',
                ['deep', 12.0, 0.0, Job::deep(0.5, 15.0, 'Deep middle third')],
                ['#2', 7.5, 1.0, self::curl('Comes down, curl to flat')],
            ),
            'cover 3 cloud' => self::shell(
                'three deep thirds, the strong corner in the flat under a safety',
                'closed',
                null,
                ['CS', 'W', 'N'],
                Job::under(0.0, 8.0, 'Free in the hole'),
                [
                    'CS' => ['#1', 4.5, -1.0, Job::under(17.0, 6.0, 'Cloud: jams, plays the flat', 'short')],
                    'CW' => ['#1', 7.5, -1.5, self::third()],
                    'SS' => ['deep', 12.0, 0.0, Job::deep(14.0, 15.0, 'Deep third over the cloud corner', '#1', 10.0)],
                    'FS' => ['deep', 13.0, 0.0, Job::deep(0.0, 15.0, 'Deep middle third')],
                    'N' => ['#2', 5.0, 0.5, Job::under(7.0, 10.0, 'Carries #2 to 12, then hook', carryYd: 12.0)],
                    'M' => ['box', null, 0.0, Job::under(1.5, 10.0, 'Middle hook', carryYd: 8.0)],
                    'W' => ['box', null, 0.0, self::curl('Curl to flat')],
                ],
            ),
            'cover 4' => self::shell(
                'four deep quarters, three under',
                'open',
                null,
                ['SS', 'FS'],
                Job::under(0.0, 8.0, 'Free in the hole'),
                [
                    ...self::corners('#1', 7.0, -0.5, self::quarter()),
                    'SS' => ['deep', 12.0, 0.0, self::robber()],
                    'FS' => ['deep', 12.0, 0.0, self::robber()],
                    'N' => ['#2', 5.0, -1.0, Job::under(12.0, 8.0, 'Curl to flat', 'short')],
                    'W' => ['box', null, 0.0, Job::under(11.0, 8.0, 'Curl to flat', 'short')],
                    'M' => ['box', null, 0.0, Job::under(0.0, 9.0, 'Middle hook')],
                ],
            ),
            'cover 4 trap' => self::shell(
                'quarters, the corner takes #2 out and the safety goes over #1',
                'open',
                null,
                ['CS', 'CW'],
                Job::under(0.0, 8.0, 'Free in the hole'),
                [
                    ...self::corners(
                        '#1',
                        6.0,
                        1.75,
                        Job::under(15.0, 7.0, 'Trap: takes #2 out, else goes back with #1', 'short', 0.0, true),
                    ),
                    'SS' => [
                        'deep',
                        10.5,
                        -1.5,
                        Job::deep(11.0, 14.0, 'Over #1 when the corner traps #2', '#1', 12.0, 'inside'),
                    ],
                    'FS' => [
                        'deep',
                        10.5,
                        -1.5,
                        Job::deep(11.0, 14.0, 'Over #1 when the corner traps #2', '#1', 12.0, 'inside'),
                    ],
                    'N' => ['#2', 5.0, 0.5, Job::under(7.0, 9.0, 'Hook, carries #2 to 10', carryYd: 10.0)],
                    'W' => ['box', null, 0.0, Job::under(6.0, 9.0, 'Hook, carries #2 to 10', carryYd: 10.0)],
                    'M' => ['box', null, 0.0, Job::under(0.0, 9.0, 'Middle hook')],
                ],
            ),
            'cover 6' => self::shell(
                'quarters to the field, a half and a cloud corner to the boundary',
                'open',
                null,
                ['SS', 'CW'],
                Job::under(0.0, 8.0, 'Free in the hole'),
                [
                    'CS' => ['#1', 7.0, -0.5, self::quarter()],
                    'SS' => ['deep', 11.5, 0.0, self::robber()],
                    'N' => ['#2', 5.0, -1.0, Job::under(12.0, 8.0, 'Curl to flat', 'short')],
                    'CW' => ['#1', 5.0, -1.0, self::cloud()],
                    'FS' => ['deep', 13.5, 0.0, self::half()],
                    'W' => ['box', null, 0.0, Job::under(6.0, 10.0, 'Hook, carries #2', carryYd: 12.0)],
                    'M' => ['box', null, 0.0, Job::under(0.5, 10.0, 'Middle hook')],
                ],
                field: true,
            ),
            'fire zone' => self::shell(
                'five rush, three deep, three under',
                'closed',
                'SS',
                ['SS', 'N'],
                Job::under(0.0, 8.0, 'Free in the hole'),
                [
                    ...self::corners('#1', 8.5, -1.5, self::third()),
                    'FS' => ['deep', 12.0, 0.0, Job::deep(0.0, 15.0, 'Deep middle third')],
                    'N' => ['#2', 4.0, 1.0, Job::under(9.0, 8.0, 'Seam to flat', carryYd: 10.0)],
                    'SS' => ['#2', 5.0, 1.0, Job::under(9.0, 8.0, 'Seam to flat', carryYd: 10.0)],
                    'M' => ['box', 4.0, 0.0, Job::under(0.0, 9.0, 'Middle hook')],
                    'W' => ['box', 2.6, 0.0, Job::rush('The fifth rusher')],
                ],
            ),
            'cover 2 invert' => self::shell(
                'two deep halves by the corners, the safeties in the flats',
                'open',
                null,
                ['SS', 'FS'],
                Job::under(0.0, 8.0, 'Free in the hole'),
                [
                    ...self::corners('#1', 7.0, -0.5, self::half()),
                    'SS' => ['deep', 10.0, 0.0, self::flatFromDeep()],
                    'FS' => ['deep', 10.0, 0.0, self::flatFromDeep()],
                    'N' => ['#2', 5.0, -1.0, Job::under(7.0, 10.0, 'Carries #2 to 14, then hook', carryYd: 14.0)],
                    'M' => ['box', null, 0.0, Job::under(0.5, 11.0, 'Middle hook, runs with #3', carryYd: 14.0)],
                    'W' => ['box', null, 0.0, Job::under(6.0, 10.0, 'Hook, carries #2 to 14', carryYd: 14.0)],
                ],
            ),
            'cover 3 match' => self::shell(
                'three deep thirds, the men under them carry the seams',
                'closed',
                'SS',
                ['N', 'SS', 'W'],
                Job::under(0.0, 8.0, 'Free in the hole'),
                [
                    ...self::corners('#1', 7.5, -1.5, self::third()),
                    'FS' => ['deep', 13.0, 0.0, Job::deep(0.0, 15.0, 'Deep middle third')],
                    'SS' => ['#2', 7.5, 1.0, self::carriesSeam()],
                    'N' => ['#2', 7.0, 1.0, self::carriesSeam()],
                    'M' => ['box', null, 0.0, Job::under(4.0, 10.0, 'Hook, carries #3', carryYd: 16.0)],
                    'W' => ['box', 5.5, 0.0, self::carriesSeam()],
                ],
            ),
            'three high' => self::shell(
                'three safeties deep, corners squat under them, two backers in the hooks',
                'open',
                null,
                ['CS', 'CW'],
                Job::under(0.0, 8.0, 'Free in the hole'),
                [
                    ...self::corners('#1', 5.5, -1.0, self::cloud()),
                    'SS' => ['deep', 12.0, 0.0, self::half()],
                    'FS' => ['deep', 12.0, 0.0, self::half()],
                    'N' => ['deep', 10.5, 0.0, Job::deep(0.0, 13.0, 'Middle safety: the post, else drives crossers')],
                    'M' => ['box', null, 0.0, Job::under(6.0, 9.0, 'Hook', carryYd: 10.0)],
                    'W' => ['box', null, 0.0, Job::under(6.0, 9.0, 'Hook', carryYd: 10.0)],
                ],
            ),
            default => throw UnknownLook::shell($name),
        };
    }

    /**
     * Jobs when the safety comes down on the nickel's side: the nickel goes inside, the will takes the other flat.
     *
     * @return array<string, Job> by slot
     */
    public static function rolledToNickel(string $name): array
    {
        return self::get($name)['slots']['N'][3]->words !== 'Curl to flat' ? [] : [
            'N' => Job::under(6.0, 10.0, 'Hook inside the safety', carryYd: 8.0),
            'W' => self::curl('Curl to flat'),
            'M' => Job::under(0.5, 10.0, 'Middle hook', carryYd: 8.0),
        ];
    }

    /**
     * Jobs when the nickel rushes out of quarters: the safety over him drops down into his zone, the others play three
     * deep (DEF-01).
     *
     * @return array<string, Job> by slot
     */
    public static function nickelSent(string $name): array
    {
        return self::get($name)['slots']['SS'][3]->match !== '#2' ? [] : [
            'SS' => self::curl('Drops down for the nickel, curl to flat'),
            'FS' => Job::deep(0.0, 15.0, 'Deep middle third'), 'CS' => self::third(), 'CW' => self::third(),
        ];
    }

    /** Middle of the field after the snap: open or closed. */
    public static function middle(string $name): string
    {
        return self::get($name)['middle'];
    }

    /**
     * @param  list<string>  $support
     * @param  array<string, array{string, float|null, float, Job}>  $slots
     * @return array<string, mixed>
     */
    private static function shell(string $words, string $middle, ?string $down, array $support, Job $spare,
        array $slots, bool $field = false): array
    {
        return ['words' => $words, 'middle' => $middle, 'down' => $down, 'field' => $field, 'support' => $support,
            'spare' => $spare,
            'slots' => array_intersect_key(array_replace(array_flip(self::MEN), $slots), $slots)];
    }

    /** @return array<string, mixed> */
    private static function coverTwo(string $words, float $safetiesYd, ?float $mikeYd, Job $mike): array
    {
        return self::shell($words, 'open', null, ['CS', 'CW'], Job::under(0.0, 8.0, 'Free in the hole'), [
            ...self::corners('#1', 5.0, -1.0, self::cloud()),
            'SS' => ['deep', $safetiesYd, 0.0, self::half()],
            'FS' => ['deep', $safetiesYd, 0.0, self::half()],
            'N' => ['#2', 5.0, -1.0, Job::under(7.0, 10.0, 'Carries #2 to 12, then hook', carryYd: 12.0)],
            'M' => ['box', $mikeYd, 0.0, $mike],
            'W' => ['box', null, 0.0, Job::under(6.0, 10.0, 'Hook, carries #2', carryYd: 12.0)],
        ]);
    }

    /**
     * @param  array{string, float, float, Job}  $middle
     * @param  array{string, float, float, Job}  $down
     * @return array<string, mixed>
     */
    private static function coverThree(string $words, string $who, array $middle, array $down): array
    {
        $other = $who === 'SS' ? 'FS' : 'SS';

        return self::shell($words, 'closed', $who, ['N', $who, 'W'], Job::under(0.0, 8.0, 'Free in the hole'), [
            ...self::corners('#1', 7.5, -1.5, self::third()),
            $other => $middle,
            $who => $down,
            'N' => ['#2', 5.0, -1.0, self::curl('Curl to flat')],
            'M' => ['box', null, 0.0, Job::under(5.0, 10.0, 'Hook, walls #2 and #3', carryYd: 8.0)],
            'W' => ['box', null, 0.0, Job::under(5.0, 10.0, 'Hook, walls #2 and #3', carryYd: 8.0)]]);
    }

    /** @return array<string, array{string, float, float, Job}> */
    private static function corners(string $align, float $offYd, float $insideYd, Job $job): array
    {
        return ['CS' => [$align, $offYd, $insideYd, $job], 'CW' => [$align, $offYd, $insideYd, $job]];
    }

    private static function half(): Job
    {
        return Job::deep(9.0, 16.0, 'Deep half, reads #2 from inside', leverage: 'inside');
    }

    private static function cloud(): Job
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

    private static function flatFromDeep(): Job
    {
        return Job::under(15.0, 7.0, 'Flat from depth: drives what goes out', 'short');
    }

    private static function carriesSeam(): Job
    {
        return Job::under(11.0, 9.0, 'Carries #2 vertical, else curl to flat', carryYd: 18.0);
    }

    private static function third(): Job
    {
        return Job::deep(16.0, 15.0, 'Deep outside third', '#1', 10.0, 'outside')->outside(0.0);
    }

    private static function curl(string $words): Job
    {
        return Job::under(12.0, 9.0, $words);
    }

    private static function quarter(): Job
    {
        return Job::deep(15.0, 15.0, 'Quarter: #1 deep is his, else deep help inside', '#1', 8.0, 'outside');
    }

    private static function robber(): Job
    {
        return Job::deep(6.5, 12.0, 'Quarter: #2 vertical past 8 is his, else robs #1', '#2', 8.0, 'inside');
    }
}
