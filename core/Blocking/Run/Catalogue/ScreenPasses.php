<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Catalogue;

use Jacotaxis\Core\Blocking\Run\RunKind;
use Jacotaxis\Core\Blocking\Run\RunScheme;
use Jacotaxis\Core\Blocking\Run\Screen;

/** Screens: a ball thrown behind the line with blockers ahead of it (common practice; times are product defaults). */
final class ScreenPasses
{
    /** @return list<RunScheme> */
    public static function all(): array
    {
        return [self::bubble(), self::now(), self::tunnel(), self::swing(), self::slip(), self::tightEnd()];
    }

    /** The inside receiver goes out behind the blocks of those outside of him. */
    private static function bubble(): RunScheme
    {
        return self::screen(
            'bubble screen',
            'the inside receiver takes the ball going out, those outside of him block the men over them',
            'playside third|playside slot|motion man',
            [
                JobRow::read('playside wide', '', 'stalk', 'corner playside'),
                JobRow::read('playside slot', '', 'stalk', 'over/overhangs playside/support playside'),
            ],
            0.45,
            new Screen(0.0, 0.0, null, 5.0, 1.5, 3.0, 2.0, 'crosses over and goes out behind the line, eyes to Q',
                'catch and throw, at his outside number'),
        );
    }

    /** The outside receiver takes it at once, the next one blocks the man over him. */
    private static function now(): RunScheme
    {
        return self::screen(
            'now screen',
            'the outside receiver takes the ball where he stands, the next one blocks the man over him',
            'playside wide',
            [
                JobRow::read('playside slot', '', 'kick', 'corner playside'),
                JobRow::read('playside third', '', 'stalk', 'over/overhangs playside/support playside'),
            ],
            0.45,
            new Screen(0.0, 0.0, null, -1.0, 1.5, -1.5, 2.0, 'one step up the field, then two back to the ball',
                'catch and throw without laces, at his inside number'),
        );
    }

    /** The outside receiver comes back in under the linemen who go out. */
    private static function tunnel(): RunScheme
    {
        return self::screen(
            'tunnel screen',
            'the outside receiver comes in behind the line, the next one kicks the corner, the line goes out in front',
            'playside wide',
            [
                JobRow::read('playside slot', '', 'kick', 'corner playside'),
                JobRow::read('playside third', '', 'stalk', 'over/overhangs playside/support playside'),
                JobRow::read('playside tackle', '', 'lead', 'overhangs playside/inside backer playside/support '
                    .'playside'),
                JobRow::read('playside guard', '', 'lead', 'inside backer/overhangs playside/free safety'),
                JobRow::read('center', '', 'lead', 'backside backer/free safety'),
            ],
            1.25,
            new Screen(0.3, 0.4, null, -5.0, 1.0, -2.0, 5.5, 'two hard steps up the field, then flat inside',
                'three steps, looks away, throws in front of him'),
        );
    }

    /** The back swings out, receivers block and a tackle goes with him. */
    private static function swing(): RunScheme
    {
        return self::screen(
            'swing screen',
            'the back swings out, receivers block the men over them and the tackle goes out in front',
            'tailback|fullback',
            [
                JobRow::read('playside slot|playside wing', '', 'stalk', 'over/overhangs playside'),
                JobRow::read('playside wide', '', 'stalk', 'corner playside'),
                JobRow::read('playside tackle', '', 'lead', 'inside backer playside/overhangs playside/inside backer'),
            ],
            1.2,
            new Screen(0.0, 0.3, 9.0, 0.0, 2.0, 1.5, 5.5, 'opens at once, loses a yard, width before depth',
                'three steps, leads him out'),
        );
    }

    /** The back sets to block, lets his man go and slips out behind three linemen. */
    private static function slip(): RunScheme
    {
        return self::screen(
            'slip screen',
            'the rush is let up the field, the back slips out behind the guards and the center',
            'tailback|fullback',
            [
                ...self::edges(),
                JobRow::read('playside guard', '', 'kick', 'support playside/overhangs playside/corner playside'),
                JobRow::read('center', '', 'lead', 'inside backer/overhangs playside/free safety'),
                JobRow::read('backside guard', '', 'lead', 'backside backer/free safety'),
                JobRow::read('playside slot|playside wing|playside end', '', 'stalk', 'over/overhangs playside'),
            ],
            2.1,
            new Screen(0.9, 1.0, 4.5, 0.0, 2.0, 1.5, 8.0, 'sets as on a pass, two counts, then slips out behind the '
                .'guard',
                'drops deep, draws the rush, throws over it off the back foot'),
        );
    }

    /** The tight end blocks, then goes to the other side behind the line. */
    private static function tightEnd(): RunScheme
    {
        return self::screen(
            'tight end screen',
            'the tight end blocks his man, lets him go and turns for the ball behind the guards and the center',
            'playside end|backside end|playside wing|backside wing',
            [
                ...self::edges(),
                JobRow::read('playside guard', '', 'kick', 'support playside/overhangs playside/corner playside'),
                JobRow::read('center', '', 'lead', 'inside backer/overhangs playside/free safety'),
                JobRow::read('backside guard', '', 'lead', 'backside backer/free safety'),
                JobRow::read('playside slot', '', 'stalk', 'over/overhangs playside'),
            ],
            2.1,
            new Screen(1.0, 1.0, 5.5, 0.0, 1.5, 1.5, 8.0, 'blocks two counts, lets him go and turns to the ball',
                'drops deep, draws the rush, throws over it'),
        );
    }

    /**
     * The tackles have the edges: they are not let go.
     *
     * @return list<JobRow>
     */
    private static function edges(): array
    {
        return [
            JobRow::read('playside tackle', '', 'base', 'emol playside'),
            JobRow::read('backside tackle', '', 'base', 'emol backside'),
        ];
    }

    /** @param  list<JobRow>  $jobs */
    private static function screen(
        string $name,
        string $words,
        string $carriers,
        array $jobs,
        float $outS,
        Screen $screen,
    ): RunScheme {
        return new RunScheme(
            name: $name,
            words: $words,
            kind: RunKind::Screen,
            carriers: $carriers,
            entry: 'edge',
            gaps: ['D'],
            stepYd: 0.3,
            flowYd: 0.0,
            jobs: $jobs,
            meshS: $outS,
            showsPass: true,
            screen: $screen,
        );
    }
}
