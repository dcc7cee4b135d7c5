<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Catalogue;

use Jacotaxis\Core\Blocking\Run\RunKind;
use Jacotaxis\Core\Blocking\Run\RunScheme;

/** Zone runs: the whole line steps to the play (common practice). */
final class ZoneRuns
{
    private const DEEP_BACK = 'tailback|fullback';

    /** @return list<RunScheme> */
    public static function all(): array
    {
        return [
            new RunScheme(
                name: 'zone',
                words: 'the line steps playside, doubles the down men to the backers; the runner reads the first '
                    .'down man from the center out',
                kind: RunKind::Zone,
                carriers: self::DEEP_BACK,
                entry: 'A',
                gaps: ['A', 'B', 'C', 'a', 'b'],
                stepYd: 0.3,
                flowYd: 1.2,
                jobs: [
                    // Zone to the tight end's side brings the split block along (INZ-15): only a man off the line comes
                    // across.
                    JobRow::read('playside wing', 'tight end playside', 'split', 'emol backside'),
                    JobRow::read('backside wing', 'not arc, gun', 'base', 'emol backside'),
                    JobRow::read(
                        'fullback',
                        'two backs',
                        'lead',
                        'left for the lead/support playside/playside safety',
                        late: true,
                    ),
                ],
                keys: [KeyRow::read('give', 'emol backside', 'gun, not split across, not backside wing or arc')],
                cuts: true,
            ),
            new RunScheme(
                name: 'outside zone',
                words: 'the line reaches playside, the runner presses the edge and cuts once',
                kind: RunKind::Zone,
                carriers: self::DEEP_BACK,
                entry: 'C',
                gaps: ['B', 'C', 'D'],
                stepYd: 0.8,
                flowYd: 2.2,
                jobs: [
                    JobRow::read('backside wing', 'not arc, gun', 'base', 'emol backside'),
                    JobRow::read(
                        'fullback',
                        'two backs',
                        'lead',
                        'left for the lead/overhang playside/support playside',
                        late: true,
                    ),
                ],
                keys: [KeyRow::read('give', 'emol backside', 'gun, not backside wing or arc')],
                cuts: true,
            ),
            new RunScheme(
                name: 'split zone',
                words: 'inside zone, a man comes across and kicks the backside end out',
                kind: RunKind::Zone,
                carriers: self::DEEP_BACK,
                entry: 'A',
                gaps: ['A', 'B', 'a', 'b'],
                stepYd: 0.3,
                flowYd: 1.2,
                jobs: [
                    JobRow::read(
                        'playside wing|backside wing|fullback|playside end|playside slot',
                        '',
                        'split',
                        'emol backside',
                    ),
                ],
                cuts: true,
            ),
        ];
    }
}
