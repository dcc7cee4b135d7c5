<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan\Trigger;

use Jacotaxis\Core\Film\Chart\DefenderAct;

/** The triggers that ship (PAC-09, PAC-12 to PAC-17). Counts are common practice, no source. */
final class Triggers
{
    private const JETS = ['jet', 'jet counter', 'quarterback wham'];

    private const BOOTS = ['boot flood', 'roll-out crossers', 'leak'];

    /** @return list<Trigger> */
    public static function shipped(): array
    {
        return [
            new Trigger(
                'option-pass',
                'The run support is in the backfield',
                null,
                [
                    Need::act('safety', 1, DefenderAct::TacklesInTheBox),
                    Need::act('corner', 1, DefenderAct::FliesUp),
                    Need::act('safety', 1, DefenderAct::FliesUp),
                ],
                true,
                ['option pass'],
                'who has to stop the run has left his receiver: the routes mirror the run jobs, from tight',
            ),
            new Trigger(
                'crack-seam-wheel',
                'The safety triggers and the corner falls off on the crack',
                ['crack', 'toss', 'rocket'],
                [
                    Need::act('safety', 2, DefenderAct::Triggers),
                    Need::act('corner', 2, DefenderAct::FallsOff),
                ],
                false,
                ['crack-seam-wheel'],
                'the seam is behind the safety, the wheel behind the corner: one deep man against two verticals',
            ),
            new Trigger(
                'jet-seam',
                'The free safety fits the jet',
                self::JETS,
                [Need::act('safety', 1, DefenderAct::FitsTheJet)],
                false,
                ['crack-seam-wheel', 'four verticals'],
                'the crack seam by the wide receiver is behind him',
            ),
            new Trigger(
                'jet-counter',
                'The backside backer scrapes at the jet',
                ['jet'],
                [Need::act('backer', 1, DefenderAct::Scrapes)],
                false,
                ['jet counter'],
                'who runs with the jet is not there when the ball comes back',
            ),
            new Trigger(
                'end-at-motion',
                'The end fires out at the motion',
                null,
                [Need::act('end', 1, DefenderAct::FiresOut)],
                false,
                ['jet counter', 'quarterback wham'],
                'he opens the way inside of him',
            ),
            new Trigger(
                'leak',
                'They sink and contain against the boot',
                self::BOOTS,
                [
                    Need::act('', 1, DefenderAct::Sinks, DefenderAct::SinksUnderSticks),
                    Need::act('end', 1, DefenderAct::Contains),
                ],
                false,
                ['leak'],
                'everybody runs with the boot: the man who leaks the other way is alone',
            ),
            new Trigger(
                'check-down',
                'The hook man sinks under the sticks',
                null,
                [Need::act('backer', 2, DefenderAct::SinksUnderSticks)],
                false,
                ['drive', 'shallow cross', 'slip screen'],
                'the man in front of him has the yards he leaves',
            ),
            new Trigger(
                'nine-in-the-box',
                'Nine within ten yards',
                null,
                [Need::box(9, 1)],
                false,
                ['yankee', 'crack-seam-wheel', 'boot flood'],
                'the prepared play-action is for this: one deep man, and he expects the run',
            ),
            new Trigger(
                'draw',
                'The end rushes past or peels',
                null,
                [Need::act('end', 2, DefenderAct::Peels)],
                false,
                ['draw', 'trap'],
                'he is gone from the line: run where he was',
            ),
        ];
    }
}
