<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense\Legal;

use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Motion\Arrival;
use Jacotaxis\Core\Offense\Motion\Snap;

/** Who moves before the snap: one man, not forward, a second still after a shift. */
final class MotionRules
{
    /** A set lasts a full second (Rule 7 of all three books, from memory). */
    private const SET_S = 1.0;

    /** How deep a man who left the line must be when he is in motion at the snap, yards. */
    private const DEEP_YD = 5.0;

    /** @return list<Finding> */
    public static function check(Snap $snap, RuleSet $rules): array
    {
        $findings = [];
        $moving = array_values(array_filter($snap->arrivals, fn (Arrival $a): bool => $a->setForS === null));
        foreach (array_slice($moving, 1) as $second) {
            $first = $moving[0]->motion->who;
            $findings[] = self::still(
                'two-in-motion',
                $second,
                "{$second->motion->who} is in motion at the snap while $first is; only one man may be.",
                $rules->rule('motion'),
            );
        }
        foreach ($snap->arrivals as $arrival) {
            $findings = [...$findings, ...self::one($arrival, $rules)];
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function one(Arrival $arrival, RuleSet $rules): array
    {
        $who = $arrival->motion->who;
        $findings = [];
        if (in_array($who, Man::LINEMEN, true)) {
            return [
                self::still(
                    'lineman-moves',
                    $arrival,
                    "$who is an interior lineman: he may not move once he is down.",
                    $rules->rule('interior'),
                ),
            ];
        }
        if ($arrival->setForS !== null && $arrival->setForS < self::SET_S - 1e-6) {
            $findings[] = self::late($arrival, $rules);
        }
        if ($arrival->setForS === null && $arrival->motion->kind->sets()) {
            $findings[] = self::late($arrival, $rules);
        }
        if ($arrival->atSnap->vyYd > 0.1) {
            $back = $arrival->before->yYd;
            $findings[] = new Finding('motion-forward', Finding::FAULT, $who, "$who moves toward the line at the snap.",
                $rules->rule('motion'),
                sprintf('Let him end %.1f yd deep, where he started.', -$back),
                apply: ['do' => 'to', 'man' => $who, 'xYd' => round($arrival->needed()[0], 2),
                    'yYd' => round($back, 2)]);
        }
        if (
            $arrival->setForS === null &&
            $arrival->before->onLine() &&
            $rules->lineMotionNeedsDepth() &&
            $arrival->atSnap->yYd > -self::DEEP_YD
        ) {
            $move = ['man' => $who, 'xYd' => round($arrival->before->xYd, 2), 'yYd' => -1.5];
            $findings[] = new Finding('motion-from-line', Finding::FAULT, $who,
                "$who starts on the line and is in motion less than five yards deep at the snap.",
                $rules->rule('from-line'),
                "Start $who one yard off the line.", $move, ['do' => 'move'] + $move);
        }

        return $findings;
    }

    private static function late(Arrival $arrival, RuleSet $rules): Finding
    {
        $who = $arrival->motion->who;
        $sounds = array_filter(
            $arrival->bySound(),
            fn (array $row): bool => $row['lateYd'] <= 0.05 && $row['beforeS'] >= $arrival->needS - 1e-6,
        );
        $sound = $sounds === [] ? null : end($sounds);
        $text =
            $arrival->setForS === null
                ? "$who is not set at the snap."
                : sprintf('%s has been set for %.1f s at the snap; a full second is needed.', $who, $arrival->setForS);

        return new Finding('not-set', Finding::FAULT, $who, $text, $rules->rule('shift'),
            $sound === null ? "Start $who before the cadence." : "Start $who on the {$sound['sound']}.",
            apply: ['do' => 'sound', 'man' => $who, 'word' => $sound['word'] ?? null, 'last' => $sound['last']
                ?? false]);
    }

    private static function still(string $code, Arrival $arrival, string $text, string $rule): Finding
    {
        return new Finding(
            $code,
            Finding::FAULT,
            $arrival->motion->who,
            $text,
            $rule,
            "Leave {$arrival->motion->who} where he is.",
            apply: ['do' => 'still', 'man' => $arrival->motion->who],
        );
    }
}
