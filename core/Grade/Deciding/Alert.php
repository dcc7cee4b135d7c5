<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Deciding;

use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Route\Flag;

/** A route that is taken before the snap when the picture is there: then it is as right as the read (PRG-02). */
final class Alert
{
    /**
     * Whether a man is an alert that is open.
     *
     * @param  float  $openAt  margin from which a man is open, seconds
     */
    public static function isThere(Proof $proof, string $letter, float $openAt): bool
    {
        $route = $proof->scene->routes[$letter] ?? null;
        $openness = $route?->spec->flag === Flag::Alert ? $proof->windows->openness($letter) : null;

        return $openness !== null && $openness >= $openAt;
    }
}
