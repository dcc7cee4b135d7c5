<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Catalogue;

use Jacotaxis\Core\Blocking\Run\RunKind;
use Jacotaxis\Core\Blocking\Run\RunScheme;

/** Options: one or two men are left free and read (common practice). */
final class OptionRuns
{
    private const FULLBACK_FIRST = 'fullback|tailback';

    private const PITCH = 'motion man|backside wing|backside slot|backside back';

    /** The third man of the count is the slot's: a support man, never the corner and never a backside backer. */
    private const THIRD = 'third no corner/support no corner/other safety/free safety';

    /** @return list<RunScheme> */
    public static function all(): array
    {
        return [
            self::triple(),
            self::midline(),
            self::midlinePitch(),
            self::isolatedDive(),
            self::freeze(),
            self::lead(),
            self::load(),
            self::speed(),
            self::counter(),
            self::shovel(),
        ];
    }

    private static function triple(): RunScheme
    {
        return new RunScheme(
            name: 'triple',
            words: 'the man on the tackle is read for the dive, the next man out for the pitch, the third is blocked',
            kind: RunKind::Option,
            carriers: self::FULLBACK_FIRST,
            entry: 'G',
            gaps: ['B'],
            stepYd: 0.0,
            flowYd: 0.6,
            jobs: [
                JobRow::pair('center', 'backside guard', 'nose, not playside guard covered', 'nose'),
                JobRow::read('playside guard', 'uncovered, mike over the top', 'climb', 'free safety'),
                JobRow::read('playside guard', 'uncovered', 'climb', 'inside backer'),
                JobRow::read('playside tackle', '', 'release', 'inside backer/free safety/backside backer'),
                JobRow::read('playside wing|playside slot|playside back', '', 'arc', self::THIRD),
                JobRow::read('playside wide', '', 'stalk', '#4/#3/corner playside'),
                JobRow::read('playside end', '', 'climb', 'playside safety/free safety/corner playside'),
                JobRow::read('playside back', '', 'lead', 'first to the alley', late: true),
                JobRow::read('backside tackle', '', 'close', 'in the closed gap'),
                JobRow::read('backside wide', '', 'cut off', 'backside deep/corner backside'),
            ],
            keys: [KeyRow::read('give', 'on tackle'), KeyRow::read('pitch', 'next out')],
            meshS: 0.5,
            wideYd: 1.0,
            pitch: self::PITCH,
        );
    }

    /** The end is read: shoveled inside of him to the man who comes across, or the quarterback goes outside. */
    private static function shovel(): RunScheme
    {
        return new RunScheme(
            name: 'shovel',
            words: 'the end is read: the ball is shoveled inside of him behind the puller, or the quarterback goes '
                .'outside',
            kind: RunKind::Option,
            carriers: '',
            entry: 'C',
            gaps: ['B', 'C'],
            stepYd: -0.6,
            flowYd: 0.8,
            jobs: [
                JobRow::read('backside guard', '', 'wrap', 'inside backer/backside backer'),
                JobRow::read('playside slot|playside wing', '', 'stalk', 'overhang playside/support playside'),
                JobRow::read('playside wide', '', 'stalk', 'corner playside'),
                JobRow::read(
                    'tailback|fullback',
                    '',
                    'lead',
                    'overhang playside/outside backer playside/left for the lead/backside backer/support playside',
                    late: true,
                ),
                JobRow::read('backside wide', '', 'cut off', 'backside deep/corner backside'),
            ],
            keys: [KeyRow::read('pitch', 'emol playside')],
            meshS: 0.5,
            wideYd: 1.5,
            gives: false,
            pitch: 'motion man|backside wing|backside end|backside slot|tailback|fullback',
            shovels: true,
        );
    }

    private static function midline(): RunScheme
    {
        return new RunScheme(
            name: 'midline',
            words: 'the first down man past the center is read, the end is blocked out and a slot leads inside',
            kind: RunKind::Option,
            carriers: self::FULLBACK_FIRST,
            entry: 'center',
            gaps: ['A'],
            stepYd: 0.0,
            flowYd: 0.2,
            jobs: [
                JobRow::pair(
                    'center',
                    'playside guard',
                    'nose or shade, dive key on guard or not playside guard covered',
                    'nose/shade',
                ),
                JobRow::read('playside tackle', '', 'base', 'next line out'),
                JobRow::read('playside wing|playside slot', '', 'fold', 'inside backer'),
                JobRow::read('backside wing', '', 'climb', 'free safety'),
            ],
            keys: [KeyRow::read('give', 'first down playside')],
            meshS: 0.4,
            wideYd: 0.4,
        );
    }

    private static function midlinePitch(): RunScheme
    {
        return new RunScheme(
            name: 'midline pitch',
            words: 'the first down man past the center is read for the dive, the next for the quarterback and the '
                .'pitch; the motion man has the pitch',
            kind: RunKind::Option,
            carriers: self::FULLBACK_FIRST,
            entry: 'center',
            gaps: ['A'],
            stepYd: 0.0,
            flowYd: 0.2,
            jobs: [
                JobRow::read('playside tackle', 'not exchange', 'climb', 'inside backer/free safety'),
                JobRow::pair(
                    'center',
                    'playside guard',
                    'nose or shade, dive key on guard or not playside guard covered',
                    'nose/shade',
                ),
                JobRow::read(
                    'playside wing|playside slot',
                    'not exchange',
                    'hook',
                    'support safety playside/other safety/free safety',
                ),
                JobRow::read('playside wide', '', 'stalk', 'corner playside'),
                JobRow::read('backside wide', '', 'cut off', 'backside deep/corner backside'),
            ],
            keys: [KeyRow::read('give', 'first down playside'), KeyRow::read('pitch', 'next line out')],
            meshS: 0.4,
            wideYd: 0.6,
            pitch: self::PITCH,
        );
    }

    /** All keys but the dive key are blocked: he takes the fullback, the quarterback follows (LOD-02). */
    private static function isolatedDive(): RunScheme
    {
        return new RunScheme(
            name: 'isolated dive',
            words: 'everybody but the dive key is blocked; he takes the fullback and the quarterback follows, or it '
                .'is given',
            kind: RunKind::Option,
            carriers: self::FULLBACK_FIRST,
            entry: 'G',
            gaps: ['B'],
            stepYd: 0.0,
            flowYd: 0.4,
            jobs: [
                JobRow::read('playside wing|playside slot|playside end', '', 'load', '#2'),
                JobRow::read('playside wide', '', 'stalk', 'corner playside'),
                JobRow::read('backside wide', '', 'cut off', 'backside deep/corner backside'),
            ],
            keys: [KeyRow::read('give', 'on tackle')],
            meshS: 0.5,
            wideYd: 0.4,
        );
    }

    private static function freeze(): RunScheme
    {
        return new RunScheme(
            name: 'freeze option',
            words: 'a fake to the back holds the mike, then down the line to the pitch key; the back leads on the '
                .'next man',
            kind: RunKind::Option,
            carriers: '',
            entry: 'edge',
            gaps: ['D'],
            stepYd: 0.2,
            flowYd: 0.0,
            jobs: [
                JobRow::read('playside wide', 'open surface, not man, school SET-39 A', 'crack', 'free safety'),
                JobRow::read('playside wide', '', 'stalk', 'corner playside'),
                JobRow::read('playside back|fullback', '', 'lead', 'corner playside/support playside/playside safety'),
                JobRow::read('playside wing|playside slot', '', 'arc', 'support playside/playside safety'),
                JobRow::read('playside end', 'not emol on end', 'climb', 'playside safety/free safety/backside backer'),
                JobRow::read('backside wide', '', 'cut off', 'backside deep/corner backside'),
            ],
            keys: [KeyRow::read('pitch', 'overhang playside/emol playside')],
            meshS: 0.9,
            wideYd: 1.5,
            gives: false,
            pitch: 'motion man|backside back|backside wing|backside slot',
            fakes: 'playside back|fullback|tailback',
        );
    }

    private static function lead(): RunScheme
    {
        return new RunScheme(
            name: 'lead option',
            words: 'the fullback leads on the first backer, the quarterback follows him and pitches off the support '
                .'man',
            kind: RunKind::Option,
            carriers: '',
            entry: 'edge',
            gaps: ['B', 'C', 'D'],
            stepYd: 0.6,
            flowYd: 1.2,
            jobs: [
                JobRow::read('playside guard', 'condensed, #2 crosses', 'base', '#2'),
                JobRow::read('playside wide', 'condensed, #2 crosses', 'block', 'playside safety/free safety'),
                JobRow::read('playside wide', 'condensed', 'block', '#2'),
                JobRow::read('playside wing|playside slot', 'condensed', 'block', 'inside backer'),
                JobRow::read('playside wing|playside slot', '', 'block', '#2'),
                JobRow::read('playside wide', '', 'stalk', 'not support/corner playside'),
                JobRow::read('fullback|tailback|playside back', 'condensed', 'lead', 'playside safety/free safety'),
                JobRow::read('fullback|tailback|playside back', '', 'lead', 'inside backer'),
                JobRow::read('backside wide', '', 'cut off', 'backside deep/corner backside'),
            ],
            keys: [
                KeyRow::read('pitch', 'support playside', 'condensed'),
                KeyRow::read('pitch', 'support safety playside', 'wide split'),
            ],
            meshS: 0.9,
            wideYd: 1.5,
            gives: false,
            pitch: self::PITCH,
        );
    }

    private static function load(): RunScheme
    {
        return new RunScheme(
            name: 'load option',
            words: 'the dive key and the next man are blocked, one decision is left on the perimeter',
            kind: RunKind::Option,
            carriers: '',
            entry: 'edge',
            gaps: ['D'],
            stepYd: 0.2,
            flowYd: 0.6,
            jobs: [
                JobRow::read('playside tackle', '', 'base', '#1'),
                JobRow::read('playside wing|playside slot|playside back|fullback', '', 'load', '#2'),
                JobRow::read('playside wide', '', 'stalk', '#4/corner playside'),
                JobRow::read('backside wide', '', 'cut off', 'backside deep/corner backside'),
            ],
            keys: [KeyRow::read('pitch', '#3')],
            meshS: 0.9,
            wideYd: 2.0,
            gives: false,
            pitch: self::PITCH,
            fakes: self::FULLBACK_FIRST,
        );
    }

    private static function speed(): RunScheme
    {
        return new RunScheme(
            name: 'speed option',
            words: 'no dive: at once down the line, the last man is the pitch key',
            kind: RunKind::Option,
            carriers: '',
            entry: 'edge',
            gaps: ['C', 'D'],
            stepYd: 0.5,
            flowYd: 1.4,
            jobs: [
                JobRow::read(
                    'playside wing|playside slot',
                    '',
                    'arc',
                    'overhang playside/support playside/playside safety',
                ),
                JobRow::read('playside wide', '', 'stalk', 'corner playside'),
            ],
            keys: [KeyRow::read('pitch', 'emol playside')],
            meshS: 0.5,
            wideYd: 1.0,
            gives: false,
            pitch: 'motion man|tailback|fullback|backside wing',
        );
    }

    private static function counter(): RunScheme
    {
        return new RunScheme(
            name: 'counter option',
            words: 'a step and a fake away hold the backers, then down the line; the last man is the pitch key',
            kind: RunKind::Option,
            carriers: '',
            entry: 'edge',
            gaps: ['C', 'D'],
            stepYd: 0.2,
            flowYd: -0.4,
            jobs: [
                JobRow::read('backside guard', '', 'wrap', 'inside backer/backside backer'),
                JobRow::read(
                    'playside wing|playside slot',
                    '',
                    'arc',
                    'overhang playside/support playside/playside safety',
                ),
                JobRow::read('playside wide', '', 'stalk', 'corner playside'),
            ],
            keys: [KeyRow::read('pitch', 'emol playside')],
            meshS: 1.1,
            wideYd: 1.0,
            gives: false,
            pitch: self::PITCH,
            fakes: self::FULLBACK_FIRST,
        );
    }
}
