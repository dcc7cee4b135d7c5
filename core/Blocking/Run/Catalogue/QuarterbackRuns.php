<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Catalogue;

use Jacotaxis\Core\Blocking\Run\RunKind;
use Jacotaxis\Core\Blocking\Run\RunScheme;

/**
 * Runs the quarterback keeps from the start: nobody is handed the ball, the backs are in front of him (common
 * practice).
 */
final class QuarterbackRuns
{
    private const BACK = 'tailback|fullback';

    /** @return list<RunScheme> */
    public static function all(): array
    {
        return [self::wham(), self::power(), self::counter(), self::sweep(), self::iso(), self::draw(),
            self::sneak()];
    }

    /** JET-06: everybody fakes the sweep, a back inserts, the other arcs, the quarterback follows. */
    private static function wham(): RunScheme
    {
        return new RunScheme(
            name: 'quarterback wham',
            words: 'the sweep is faked, a back inserts on the inside backer, the other arcs, the quarterback '
                .'follows inside',
            kind: RunKind::Zone,
            carriers: 'quarterback',
            entry: 'B',
            gaps: ['A', 'B'],
            stepYd: 0.4,
            flowYd: 1.2,
            jobs: [
                JobRow::read('fullback', 'two backs', 'arc', 'overhang playside/support playside/playside safety'),
                JobRow::read(self::BACK, '', 'lead', 'inside backer/left for the lead/emol backside'),
            ],
            meshS: 0.4,
            gives: false,
            fakes: 'motion man|backside slot|backside wing',
        );
    }

    private static function power(): RunScheme
    {
        return new RunScheme(
            name: 'quarterback power',
            words: 'power with the quarterback: the back kicks the end, the backside guard leads through',
            kind: RunKind::Gap,
            carriers: 'quarterback',
            entry: 'C',
            gaps: ['B', 'C', 'D'],
            stepYd: -0.7,
            flowYd: 0.6,
            jobs: [
                JobRow::read(self::BACK, '', 'kick', 'emol playside'),
                JobRow::read('backside guard', '', 'wrap', 'inside backer/backside backer'),
            ],
            meshS: 0.3,
            gives: false,
        );
    }

    private static function counter(): RunScheme
    {
        return new RunScheme(
            name: 'quarterback counter',
            words: 'counter with the quarterback: the guard kicks, the tackle leads through, the back shows the '
                .'other way',
            kind: RunKind::Gap,
            carriers: 'quarterback',
            entry: 'C',
            gaps: ['B', 'C'],
            stepYd: -0.7,
            flowYd: -0.4,
            jobs: [
                JobRow::read('backside guard', '', 'kick', 'emol playside'),
                JobRow::read('backside wing|backside tackle', '', 'wrap', 'inside backer/backside backer'),
                JobRow::read(self::BACK, '', 'fill', 'on the puller/left on the back side', late: true),
            ],
            meshS: 0.6,
            gives: false,
        );
    }

    private static function sweep(): RunScheme
    {
        return new RunScheme(
            name: 'quarterback sweep',
            words: 'the edge pins inside, a guard pulls around it, the back leads, the quarterback follows outside',
            kind: RunKind::Gap,
            carriers: 'quarterback',
            entry: 'D',
            gaps: ['C', 'D'],
            stepYd: -0.6,
            flowYd: 1.4,
            jobs: [
                JobRow::read('playside guard', '', 'kick', 'overhang playside/support playside/emol playside'),
                JobRow::read(self::BACK, '', 'lead', 'inside backer/left for the lead', late: true),
            ],
            meshS: 0.2,
            gives: false,
            onAirCost: 6.0,
        );
    }

    private static function iso(): RunScheme
    {
        return new RunScheme(
            name: 'quarterback iso',
            words: 'the back leads through the bubble on the inside backer, the quarterback follows him at once',
            kind: RunKind::Gap,
            carriers: 'quarterback',
            entry: 'B',
            gaps: ['A', 'B'],
            stepYd: 0.0,
            flowYd: 0.4,
            jobs: [JobRow::read(self::BACK, '', 'lead', 'inside backer/left for the lead')],
            meshS: 0.2,
            gives: false,
            ownsInside: true,
        );
    }

    private static function draw(): RunScheme
    {
        return new RunScheme(
            name: 'quarterback draw',
            words: 'pass is shown, the back leads on the mike, the quarterback follows him through the middle',
            kind: RunKind::Gap,
            carriers: 'quarterback',
            entry: 'A',
            gaps: ['A', 'B'],
            stepYd: 0.0,
            flowYd: 0.0,
            jobs: [JobRow::read(self::BACK, '', 'lead', 'inside backer/left for the lead/emol backside', late: true)],
            meshS: 0.9,
            gives: false,
            showsPass: true,
        );
    }

    private static function sneak(): RunScheme
    {
        return new RunScheme(
            name: 'quarterback sneak',
            words: 'wedge off the center, the quarterback behind him at once',
            kind: RunKind::Gap,
            carriers: 'quarterback',
            entry: 'A',
            gaps: ['A'],
            stepYd: 0.0,
            flowYd: 0.0,
            jobs: [],
            meshS: 0.0,
            gives: false,
            fakes: self::BACK,
            ownsInside: true,
        );
    }
}
