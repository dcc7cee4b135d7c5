<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling;

use Jacotaxis\Core\Blocking\Protecting;
use Jacotaxis\Core\Blocking\Scheme;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Scene\Protection;
use Jacotaxis\Core\Proof\Scene\Scene;

/**
 * What moving the launch point does for a protection under stress: the passer rolls away from the free man, and the
 * protection is played again (PRO-14).
 */
final class MovedLaunch
{
    /** A roll is worth its change of the picture for the reads from this gain on, seconds (from memory). */
    private const GAIN_S = 0.2;

    /** The advice with what it gains, or nothing where no roll helps. */
    public static function advice(Proof $proof): ?string
    {
        $free = $proof->protection;
        if ($free->freeSide === null || $proof->scene->rolls() !== null) {
            return null;
        }
        foreach ([Scheme::HalfBoot, Scheme::Boot] as $scheme) {
            $moved = new Protecting($scheme, $free->freeSide->opposite());
            $protection = Protection::of(Scene::of($proof->scene->call->with(['protection' => $moved]),
                $proof->scene->look, $proof->scene->setting));
            if ($protection->free === null) {
                return "Move the launch point: {$moved->words()}, and nobody is free.";
            }
            if ($protection->arrivalAt >= $free->arrivalAt + self::GAIN_S) {
                return sprintf(
                    'Move the launch point: %s, and the %s is there at %.1f s instead of %.1f.',
                    $moved->words(),
                    $protection->free,
                    $protection->arrivalAt,
                    $free->arrivalAt,
                );
            }
        }

        return null;
    }
}
