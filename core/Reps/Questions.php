<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Reps;

use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Proven;

/**
 * What can be asked about a call against a look. Nothing is written down for it: the right answer is the proof's, by
 * the rule that grades film.
 */
final class Questions
{
    /** The quarterback is asked about the ball and who decides where it goes. */
    private const PASSER = 'Q';

    /**
     * Everything a man can be asked, what he himself does last.
     *
     * @param  string  $letter  of the man who is asked
     * @return list<Question>
     */
    public static function of(Proven $proof, string $letter): array
    {
        $isReceiver = isset($proof->scene()->routes[$letter]);

        return array_values(array_filter(match (true) {
            $letter === self::PASSER => [...self::reads($proof), Coverages::of($proof)],
            $isReceiver => [Coverages::of($proof), Jobs::of($proof, $letter)],
            default => [Jobs::of($proof, $letter)],
        }));
    }

    /** @return list<Question|null> */
    private static function reads(Proven $proof): array
    {
        return match (true) {
            $proof instanceof Proof => [Keys::of($proof), ...PassBalls::of($proof)],
            $proof instanceof RunProof => [Keys::of($proof), ...RunBalls::of($proof)],
            default => [],
        };
    }
}
