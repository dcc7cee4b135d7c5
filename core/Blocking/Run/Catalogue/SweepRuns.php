<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Catalogue;

use Jacotaxis\Core\Blocking\Run\RunKind;
use Jacotaxis\Core\Blocking\Run\RunScheme;

/** Runs around the end behind a reaching line (common practice). */
final class SweepRuns
{
    private const DEEP_BACK = 'tailback|fullback';

    /** @return list<RunScheme> */
    public static function all(): array
    {
        return [
            new RunScheme(
                name: 'jet',
                words: 'the man in motion takes the ball at full speed and gets outside behind a reaching line',
                kind: RunKind::Jet,
                carriers: 'motion man|backside slot|backside wing|backside wide',
                entry: 'edge',
                gaps: ['D'],
                stepYd: 0.9,
                flowYd: 2.4,
                jobs: [
                    JobRow::read('playside slot', '', 'stalk', 'overhang playside/over'),
                    JobRow::read(
                        'fullback|tailback',
                        '',
                        'lead',
                        'overhang playside/left for the lead/support playside',
                        late: true,
                    ),
                ],
                meshS: 0.35,
                wideYd: 3.5,
            ),
            new RunScheme(
                name: 'toss',
                words: 'the ball is tossed wide behind a reaching line with a lead',
                kind: RunKind::Jet,
                carriers: self::DEEP_BACK,
                entry: 'edge',
                gaps: ['D'],
                stepYd: 0.9,
                flowYd: 2.2,
                jobs: [
                    JobRow::read('playside slot', '', 'stalk', 'overhang playside/over'),
                    JobRow::read(
                        'fullback',
                        'two backs',
                        'lead',
                        'overhang playside/support playside/left for the lead',
                        late: true,
                    ),
                ],
                meshS: 0.5,
                wideYd: 3.0,
            ),
            new RunScheme(
                name: 'rocket',
                words: 'a slot or wing in full motion is tossed the ball outside everybody, the line reaches',
                kind: RunKind::Jet,
                carriers: 'motion man|backside slot|backside wing',
                entry: 'edge',
                gaps: ['D'],
                stepYd: 0.9,
                flowYd: 2.4,
                jobs: [
                    JobRow::read('playside slot|playside wing', '', 'arc', 'support playside/overhang playside'),
                    JobRow::read('playside tackle', '', 'lead', 'corner playside/left for the lead', late: true),
                ],
                meshS: 0.4,
                wideYd: 4.0,
                fakes: 'fullback',
            ),
            new RunScheme(
                name: 'end around',
                words: 'a run is shown, the outside receiver of the other side comes around behind it with the ball',
                kind: RunKind::Jet,
                carriers: 'backside wide|backside slot',
                entry: 'edge',
                gaps: ['D'],
                stepYd: 0.6,
                flowYd: -1.4,
                jobs: [JobRow::read('playside slot', '', 'stalk', 'overhang playside/over')],
                meshS: 0.9,
                wideYd: 3.5,
                fakes: self::DEEP_BACK,
                onAirCost: RunKind::BLOCKED,
            ),
            new RunScheme(
                name: 'reverse',
                words: 'a sweep is shown one way and the outside receiver comes back the other, a tackle in front',
                kind: RunKind::Jet,
                carriers: 'backside wide|backside slot',
                entry: 'edge',
                gaps: ['D'],
                stepYd: -0.4,
                flowYd: -2.4,
                jobs: [
                    JobRow::read('playside tackle', '', 'lead', 'overhang playside/left for the lead', late: true),
                ],
                meshS: 1.2,
                wideYd: 3.5,
                fakes: 'motion man|tailback|fullback',
                onAirCost: RunKind::BLOCKED,
            ),
            new RunScheme(
                name: 'crack',
                words: 'toss, the outside receiver cracks the support man and the playside tackle or a back takes '
                    .'the corner',
                kind: RunKind::Jet,
                carriers: self::DEEP_BACK,
                entry: 'edge',
                gaps: ['D'],
                stepYd: 0.9,
                flowYd: 2.2,
                jobs: [
                    JobRow::read('playside wide', '', 'crack', 'support safety playside/overhang playside'),
                    JobRow::read('playside slot', '', 'crack', 'overhang playside/inside backer'),
                    JobRow::read('fullback|playside tackle', '', 'lead', 'corner playside'),
                ],
                meshS: 0.5,
                wideYd: 3.0,
            ),
        ];
    }
}
