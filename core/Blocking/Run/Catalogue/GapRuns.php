<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Catalogue;

use Jacotaxis\Core\Blocking\Run\RunKind;
use Jacotaxis\Core\Blocking\Run\RunScheme;

/** Gap runs: the line blocks down and somebody comes around (common practice). */
final class GapRuns
{
    private const DEEP_BACK = 'tailback|fullback';

    private const FULLBACK_FIRST = 'fullback|tailback';

    /** @return list<RunScheme> */
    public static function all(): array
    {
        return [
            self::duo(),
            self::power(),
            self::counter(),
            self::trap(),
            self::jetCounter(),
            self::belly(),
            self::buck(),
            self::dive(),
            self::iso(),
            self::insert(),
            self::wham(),
            self::dart(),
            self::pinAndPull(),
            self::powerRead(),
            self::draw(),
        ];
    }

    private static function duo(): RunScheme
    {
        return new RunScheme(
            name: 'duo',
            words: 'doubles straight ahead to the backers, the runner reads the mike',
            kind: RunKind::Gap,
            carriers: self::DEEP_BACK,
            entry: 'A',
            gaps: ['A', 'B'],
            stepYd: 0.0,
            flowYd: 0.4,
            jobs: [
                JobRow::read(
                    'fullback',
                    'two backs',
                    'lead',
                    'left for the lead/support playside/playside safety',
                    late: true,
                ),
            ],
            keys: [
                KeyRow::read('give', 'emol backside', 'gun, arc backside'),
                KeyRow::read('give', 'emol playside', 'gun, arc playside'),
            ],
            ownsInside: true,
        );
    }

    private static function power(): RunScheme
    {
        return new RunScheme(
            name: 'power',
            words: 'the line blocks down, the end is kicked out, the backside guard leads through',
            kind: RunKind::Gap,
            carriers: self::DEEP_BACK,
            entry: 'C',
            gaps: ['A', 'B', 'C', 'D'],
            stepYd: -0.7,
            flowYd: 0.6,
            jobs: [
                JobRow::read(
                    'fullback|playside wing|backside wing|playside slot',
                    'two backs or wing or slot',
                    'kick',
                    'edge outside the tight end/emol playside',
                ),
                JobRow::read('backside guard', '', 'wrap', 'inside backer/backside backer'),
            ],
        );
    }

    private static function counter(): RunScheme
    {
        return new RunScheme(
            name: 'counter',
            words: 'the line blocks down, the backside guard kicks the end out, the backside tackle or a wing leads '
                .'through',
            kind: RunKind::Gap,
            carriers: self::DEEP_BACK,
            entry: 'C',
            gaps: ['A', 'B', 'C'],
            stepYd: -0.7,
            flowYd: -0.6,
            jobs: [
                JobRow::read('backside guard', '', 'kick', 'edge outside the tight end/emol playside'),
                JobRow::read('backside wing|backside tackle', '', 'wrap', 'inside backer/backside backer'),
                JobRow::read('fullback', 'two backs', 'fill', 'left on the back side', late: true),
            ],
            keys: [KeyRow::read('give', 'emol backside', 'gun, not backside wing, not backside end, one back')],
            meshS: 1.0,
        );
    }

    private static function trap(): RunScheme
    {
        return new RunScheme(
            name: 'trap',
            words: 'the first down man past the center is let in and trapped by the backside guard',
            kind: RunKind::Gap,
            carriers: self::FULLBACK_FIRST,
            entry: 'A',
            gaps: ['A', 'B'],
            stepYd: -0.5,
            flowYd: 0.2,
            jobs: [JobRow::read('backside guard', '', 'kick', 'first down playside')],
            // Whether the end who chases is cut off is the staff's: the run is past him before he comes.
            onAirCost: 6.0,
        );
    }

    private static function jetCounter(): RunScheme
    {
        return new RunScheme(
            name: 'jet counter',
            words: 'the sweep is faked, a backside lineman traps the last man and the back leads through',
            kind: RunKind::Gap,
            carriers: 'backside wing|playside wing|tailback|fullback',
            entry: 'C',
            gaps: ['B', 'C'],
            stepYd: -0.4,
            flowYd: -1.4,
            jobs: [
                JobRow::read('backside tackle', 'school SET-36 A, not fill too long', 'kick', 'emol playside'),
                JobRow::read('backside guard', 'school SET-36 B or fill too long', 'kick', 'emol playside'),
                JobRow::read(
                    'fullback|tailback',
                    '',
                    'lead',
                    'left for the lead/support playside/playside safety',
                    late: true,
                ),
                JobRow::read('backside guard|backside tackle', '', 'fill', 'over/on the puller'),
                JobRow::read('backside end', '', 'climb', 'backside backer'),
            ],
            meshS: 1.1,
            onAirCost: 6.0,
        );
    }

    private static function belly(): RunScheme
    {
        return new RunScheme(
            name: 'belly',
            words: 'the line blocks down, the back hits outside the tackle behind a kick',
            kind: RunKind::Gap,
            carriers: self::FULLBACK_FIRST,
            entry: 'C',
            gaps: ['B', 'C'],
            stepYd: -0.5,
            flowYd: 0.6,
            jobs: [
                JobRow::read('playside guard', '', 'kick', 'emol playside'),
                JobRow::read(
                    'playside wing|tailback',
                    '',
                    'lead',
                    'left for the lead/support playside/playside safety',
                    late: true,
                ),
            ],
        );
    }

    private static function buck(): RunScheme
    {
        return new RunScheme(
            name: 'buck',
            words: 'both guards pull: the playside guard kicks, the backside guard leads through',
            kind: RunKind::Gap,
            carriers: self::DEEP_BACK,
            entry: 'D',
            gaps: ['C', 'D'],
            stepYd: -0.8,
            flowYd: 0.8,
            jobs: [
                JobRow::read(
                    'playside guard',
                    'playside end or playside wing',
                    'kick',
                    'overhang playside/support playside/emol playside',
                ),
                JobRow::read('playside guard', '', 'kick', 'emol playside'),
                JobRow::read('backside guard', '', 'wrap', 'inside backer/backside backer'),
                JobRow::read('fullback', 'two backs', 'fill', 'left on the back side', late: true),
            ],
            meshS: 0.8,
        );
    }

    private static function dive(): RunScheme
    {
        return new RunScheme(
            name: 'dive',
            words: 'man blocking, the back hits at once',
            kind: RunKind::Gap,
            carriers: self::FULLBACK_FIRST,
            entry: 'B',
            gaps: ['A', 'B'],
            stepYd: 0.0,
            flowYd: 0.2,
            jobs: [],
            meshS: 0.4,
        );
    }

    /** As zone, and a man off the line goes through the line on the inside backer. */
    private static function insert(): RunScheme
    {
        return new RunScheme(
            name: 'insert',
            words: 'the line steps playside, a back or a man off the line goes through it on the inside backer',
            kind: RunKind::Zone,
            carriers: self::DEEP_BACK,
            entry: 'A',
            gaps: ['A', 'B', 'a'],
            stepYd: 0.3,
            flowYd: 0.8,
            jobs: [
                JobRow::read(
                    'fullback|playside wing|backside wing|playside slot',
                    'two backs or wing or slot',
                    'lead',
                    'inside backer/left for the lead',
                ),
            ],
            keys: [KeyRow::read('give', 'emol backside', 'gun')],
        );
    }

    /** The man inside is let in and trapped from off the line, the line goes to the backers. */
    private static function wham(): RunScheme
    {
        return new RunScheme(
            name: 'wham',
            words: 'the first down man past the center is let in and trapped by a man off the line',
            kind: RunKind::Gap,
            carriers: 'tailback|fullback',
            entry: 'A',
            gaps: ['A', 'B'],
            stepYd: -0.4,
            flowYd: 0.4,
            jobs: [
                JobRow::read(
                    'playside wing|backside wing|fullback|playside end|playside slot',
                    '',
                    'kick',
                    'first down playside/nose',
                ),
            ],
            keys: [KeyRow::read('give', 'emol backside', 'gun')],
            onAirCost: 6.0,
        );
    }

    private static function dart(): RunScheme
    {
        return new RunScheme(
            name: 'dart',
            words: 'the backside tackle pulls to the inside backer, the front side has the men in front of it',
            kind: RunKind::Gap,
            carriers: self::DEEP_BACK,
            entry: 'B',
            gaps: ['A', 'B', 'C'],
            stepYd: 0.0,
            flowYd: -0.4,
            jobs: [JobRow::read('backside tackle', '', 'wrap', 'inside backer/backside backer')],
            keys: [KeyRow::read('give', 'emol backside', 'gun, not backside wing, not backside end, one back')],
        );
    }

    /** Whoever has a man inside of him pins him down, whoever has none pulls around. */
    private static function pinAndPull(): RunScheme
    {
        return new RunScheme(
            name: 'pin and pull',
            words: 'the edge pins down and inside, the playside guard and a free center pull around it',
            kind: RunKind::Gap,
            carriers: self::DEEP_BACK,
            entry: 'D',
            gaps: ['C', 'D'],
            stepYd: -0.6,
            flowYd: 1.6,
            jobs: [
                JobRow::read(
                    'playside guard',
                    'not playside wing',
                    'kick',
                    'backer outside the surface/overhang playside/support playside/emol playside',
                ),
                JobRow::read(
                    'playside guard',
                    'playside wing',
                    'kick',
                    'overhang playside/support playside/emol playside',
                ),
                JobRow::read('center', 'not nose', 'wrap', 'inside backer/backside backer'),
            ],
            meshS: 0.7,
            onAirCost: 6.0,
        );
    }

    /** Power blocking without the kick: the end it would kick is read, the back goes outside of him. */
    private static function powerRead(): RunScheme
    {
        return new RunScheme(
            name: 'power read',
            words: 'the end is read: the back outruns him around the end, or the quarterback goes inside behind the '
                .'puller',
            kind: RunKind::Jet,
            carriers: 'motion man|tailback|fullback',
            entry: 'edge',
            gaps: ['D'],
            stepYd: -0.7,
            flowYd: 2.0,
            jobs: [
                JobRow::read('backside guard', '', 'wrap', 'inside backer/backside backer'),
                JobRow::read('playside slot|playside wing', '', 'stalk', 'overhang playside/over'),
            ],
            keys: [KeyRow::read('give', 'emol playside')],
            meshS: 0.6,
            wideYd: 2.5,
        );
    }

    private static function draw(): RunScheme
    {
        return new RunScheme(
            name: 'draw',
            words: 'pass is shown, the rush is let up the field and the back goes through behind it',
            kind: RunKind::Gap,
            carriers: self::DEEP_BACK,
            entry: 'A',
            gaps: ['A', 'B'],
            stepYd: 0.0,
            flowYd: 0.0,
            jobs: [
                JobRow::read('fullback', 'two backs', 'lead', 'inside backer/left for the lead', late: true),
            ],
            meshS: 1.0,
            showsPass: true,
        );
    }

    /** The fullback leads on the inside backer, everybody else has the man in front of him. */
    private static function iso(): RunScheme
    {
        return new RunScheme(
            name: 'iso',
            words: 'the fullback leads through the bubble on the inside backer, the line has the men in front of it',
            kind: RunKind::Gap,
            carriers: self::DEEP_BACK,
            entry: 'B',
            gaps: ['A', 'B'],
            stepYd: 0.0,
            flowYd: 0.4,
            jobs: [
                JobRow::read(
                    'fullback|playside wing|backside wing',
                    'two backs or wing',
                    'lead',
                    'inside backer/left for the lead',
                ),
            ],
            ownsInside: true,
        );
    }
}
