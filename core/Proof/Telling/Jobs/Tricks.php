<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Jobs;

use Jacotaxis\Core\Blocking\Fake;
use Jacotaxis\Core\Blocking\Trick;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Scene\Scene;

/** The jobs of the two men who have the ball before it is thrown in a flea flicker or a back's pass, in words. */
final class Tricks
{
    /**
     * @param  string  $order  letters of the reads, in order
     * @return string|null null where the run is only faked
     */
    public static function quarterback(Scene $scene, Fake $fake, string $order): ?string
    {
        $run = trim(str_replace((string) $fake->trick?->value, '', $fake->words()));
        $reads = $order === '' ? '' : ", reads $order";

        return match ($fake->trick) {
            Trick::Flicker => "Hands off as in $run, opens to the back for the pitch, "
                ."{$scene->drop->value} steps$reads",
            Trick::BackPass => "Gives the ball to {$scene->passer()} as in $run, then blocks the first man who shows",
            null => null,
        };
    }

    /** What the man does who is given the ball and does not keep it, or null. */
    public static function runner(Proof $proof, string $letter): ?string
    {
        $scene = $proof->scene;
        $fake = $scene->call->fake;
        if ($fake?->trick === Trick::BackPass && $letter === $scene->passer()) {
            [$x, $y] = $scene->launch();

            return sprintf(
                'Takes the ball wide as in %s, sets his feet %.0f yd outside and %.0f behind the ball, throws: '
                    .'reads %s',
                $fake->run,
                abs($x),
                -$y,
                implode(', ', $scene->reads),
            );
        }
        $gets = $proof->pair?->base === null ? null : ($proof->pair->base->carriers['give'] ?? null)?->letter;
        if ($fake?->trick !== Trick::Flicker || $letter !== $gets) {
            return null;
        }

        return "Takes the ball, two steps at the line as in {$fake->run}, turns and pitches it back to Q"
            .(isset($scene->routes[$letter]) ? ', then his route' : ', then blocks the first man who shows');
    }
}
