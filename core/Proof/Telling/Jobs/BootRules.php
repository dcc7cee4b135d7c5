<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Jobs;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Proof\Pass\Proof;

/**
 * Jobs that come with a play-action protection: the tight end on the call side has the C gap, one who comes across
 * logs or kicks, a back fakes and checks both A gaps, a wing inserts off the edge (PRO-01 to PRO-05).
 */
final class BootRules
{
    /** A man who moves less than this sideways at the snap has not told log from kick, yards. */
    private const MUDDY_YD = 0.3;

    /** @return array{job: string, target: string|null}|null null when the usual pickup says it */
    public static function of(Proof $proof, string $letter): ?array
    {
        $scene = $proof->scene;
        $man = $scene->men[$letter];
        if (
            $scene->call->fake === null ||
            isset($scene->call->routes[$letter]) ||
            $man->isLineman() ||
            $man->isQuarterback()
        ) {
            return null;
        }
        if ($man->isBack()) {
            // Who has a man in the run that is shown has him in the pass too.
            return isset($scene->pickup->takes[$letter]) ? null : self::back($proof, $letter);
        }
        $roll = $scene->rolls();
        if ($roll === null) {
            return null;
        }
        $edge = $proof->pair?->base?->resolved->front->emol($roll);
        if ($edge === null || $man->side() === $roll) {
            return $edge === null ? null : self::callSide($proof, $edge, $roll);
        }

        return self::across($proof, $edge, $roll);
    }

    /**
     * On the call side the C gap is his, or he reads the edge man like one who comes across (SET-24).
     *
     * @return array{job: string, target: string}
     */
    private static function callSide(Proof $proof, string $edge, Side $roll): array
    {
        if ($proof->scene->setting->schools->is('SET-24', 'B')) {
            return ['job' => "Call side: reads the $edge, ".self::logsOrKicks($proof, $edge, $roll), 'target' => $edge];
        }

        return ['job' => "Call side: blocks the C-gap man, the $edge", 'target' => $edge];
    }

    /**
     * Coming across he reads the hips: squeezing in is logged, widening is kicked; what is muddy the staff decides
     * (SET-25).
     *
     * @return array{job: string, target: string}
     */
    private static function across(Proof $proof, string $edge, Side $roll): array
    {
        $does = self::logsOrKicks($proof, $edge, $roll);

        return [
            'job' => "Comes across to the $edge, $does; the next man outside is the quarterback's",
            'target' => $edge,
        ];
    }

    private static function logsOrKicks(Proof $proof, string $edge, Side $roll): string
    {
        $d = $proof->pair?->base?->resolved->front->men[$edge];
        $moves = $d?->movement === null ? 0.0 : ($d->movement->to($d->xYd, $d->yYd)[0] - $d->xYd) * $roll->sign();

        return match (true) {
            $moves < -self::MUDDY_YD => 'he squeezes: logs him',
            $moves > self::MUDDY_YD => 'he widens: kicks him out',
            default => match ($proof->scene->setting->schools->choice('SET-25')) {
                'A' => 'muddy: logs him',
                'B' => 'muddy: kicks him out',
                default => 'muddy: decides at once, log or kick (unset in the staff book)',
            },
        };
    }

    /**
     * Short fake, then the A gap the nose leaves (PRO-02).
     *
     * @return array{job: string, target: null}
     */
    private static function back(Proof $proof, string $letter): array
    {
        $nose =
            array_values(
                array_filter(
                    $proof->scene->defenders,
                    fn (Defender $d): bool => in_array($d->technique, ['0', '1'], true),
                ),
            )[0] ?? null;
        $goes = $nose?->movement === null ? 0.0 : $nose->movement->to($nose->xYd, $nose->yYd)[0] - $nose->xYd;
        $gap =
            abs($goes) < self::MUDDY_YD
                ? 'both A gaps, off the block of the center'
                : 'the center goes with the nose, he takes the '.($goes < 0.0 ? 'right' : 'left').' A';

        return ['job' => "Short fake, then $gap", 'target' => null];
    }
}
