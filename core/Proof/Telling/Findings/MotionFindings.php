<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Findings;

use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Offense\Motion\Arrival;
use Jacotaxis\Core\Offense\Motion\MotionKind;
use Jacotaxis\Core\Proof\Scene\Scene;

/**
 * What a coach is told of the men in motion, of a pass as of a run: late, early, on an unknown sound, not where the
 * staff wants them.
 */
final class MotionFindings
{
    /** Width a man in motion may lack, yards. */
    private const SAME_WIDTH_YD = 0.5;

    /** @return list<Finding> */
    public static function of(Scene $scene): array
    {
        $unheard = array_filter($scene->snap->arrivals, fn (Arrival $a): bool => $a->unheard);
        $findings = array_map(fn (Arrival $a): Finding => new Finding('unknown-sound', Finding::FAULT, $a->motion->who,
            "{$a->motion->who} starts on \"{$a->motion->sound?->word}\", which the cadence does not have.", 'MOT-01',
            "Start {$a->motion->who} on the {$a->best->words()}.",
            apply: ['do' => 'sound', 'man' => $a->motion->who, 'word' => $a->best->word, 'last' => $a->best->last]),
            $unheard);
        $late = array_filter($scene->snap->arrivals, fn (Arrival $a): bool => $a->isLate() || $a->isEarly());
        $findings = [...$findings, ...self::jets($scene), ...self::short($scene)];

        return array_values([...$findings, ...array_map(fn (Arrival $a): Finding => new Finding($a->isLate()
            ? 'motion-late' : 'motion-early', Finding::CAUTION,
            $a->motion->who, ucfirst($a->words()), 'MOT-03', "Start {$a->motion->who} on the {$a->best->words()}.",
            apply: ['do' => 'sound', 'man' => $a->motion->who, 'word' => $a->best->word, 'last' => $a->best->last]),
            $late)]);
    }

    /**
     * A jet that starts on another sound than the one the staff has set (jet-start).
     *
     * @return list<Finding>
     */
    private static function jets(Scene $scene): array
    {
        $set = $scene->setting->clock()->jetSound;
        if ($set === null) {
            return [];
        }
        $findings = [];
        foreach ($scene->snap->arrivals as $arrival) {
            $sound = $arrival->motion->sound;
            if ($arrival->motion->kind !== MotionKind::Jet || $sound === null || $sound->words() === $set->words()) {
                continue;
            }
            $findings[] = new Finding(
                'jet-start',
                Finding::CAUTION,
                $arrival->motion->who,
                "{$arrival->motion->who} starts his jet on the {$sound->words()}; "
                    ."your jets start on the {$set->words()}.",
                'JET-01',
                "Start {$arrival->motion->who} on the {$set->words()}.",
                apply: ['do' => 'sound', 'man' => $arrival->motion->who, 'word' => $set->word, 'last' => $set->last],
            );
        }

        return $findings;
    }

    /**
     * A man in motion who is not as wide at the snap as the staff wants him (mover-width).
     *
     * @return list<Finding>
     */
    private static function short(Scene $scene): array
    {
        $width = $scene->setting->schools->value('mover-width');
        $short = array_filter(
            $scene->snap->arrivals,
            fn (Arrival $a): bool => $width !== null &&
                ! $a->motion->kind->sets() &&
                abs($a->atSnap->xYd) < $width - self::SAME_WIDTH_YD &&
                abs($a->atSnap->xYd) < abs($a->before->xYd),
        );

        return array_values(
            array_map(
                fn (Arrival $a): Finding => new Finding(
                    'mover-narrow',
                    Finding::CAUTION,
                    $a->motion->who,
                    sprintf(
                        '%s is %.1f yd wide at the snap; your staff wants %g yd.',
                        $a->motion->who,
                        abs($a->atSnap->xYd),
                        $width,
                    ),
                    'MOT-03',
                    'Snap it sooner, or start him later.',
                ),
                $short,
            ),
        );
    }
}
