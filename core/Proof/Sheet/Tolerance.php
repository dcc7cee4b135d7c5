<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Sheet;

use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Pass\Prover;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Proof\Scene\Scene;

/** How far a break may stray while the call stays bound: what the coach may be sloppy about. Yards. */
final class Tolerance
{
    private const STEP_YD = 0.5;

    /** Steps that are tried to either side. */
    private const STEPS = 8;

    /**
     * The band of depths of every counting read whose break the verdict hangs on; a man is not in it when the call is
     * not bound.
     *
     * @return array<string, array{fromYd: float, toYd: float}> by letter
     */
    public static function bands(Proven $proof): array
    {
        if (! $proof instanceof Proof || ! $proof->verdict()->isGood()) {
            return [];
        }
        $key = $proof->mainKey()?->role;
        $bands = [];
        foreach (self::decisive($proof) as $letter) {
            $depth = $proof->scene->routes[$letter]->called->depth();
            $bands[$letter] = [
                'fromYd' => self::edge($proof->scene, $letter, $depth, -self::STEP_YD, $key),
                'toYd' => self::edge($proof->scene, $letter, $depth, self::STEP_YD, $key),
            ];
        }

        return $bands;
    }

    /**
     * The two threats of the main key, else the man who gets the ball.
     *
     * @return list<string>
     */
    private static function decisive(Proof $proof): array
    {
        return array_values(
            array_filter(
                $proof->mainKey()->pair ?? [(string) $proof->ruleTrue->letter],
                fn (string $l): bool => isset($proof->scene->routes[$l]),
            ),
        );
    }

    /** The last depth in a direction at which the call still binds the same key. */
    private static function edge(Scene $scene, string $letter, float $depth, float $step, ?string $key): float
    {
        $call = $scene->call;
        $shape = $call->routes[$letter]->shape();
        $last = $depth;
        for ($n = 1; $n <= self::STEPS; $n++) {
            $next = $depth + $n * $step;
            if ($next < $shape->minDepthYd || $next > $shape->maxDepthYd) {
                break;
            }
            $changed = $call->with(['routes' => [...$call->routes,
                $letter => $call->routes[$letter]->with(['depthYd' => $next, 'at' => $call->routes[$letter]
                ->at === 'sticks' ? null : $call->routes[$letter]->at])]]);
            $proof = Prover::prove($changed, $scene->look, $scene->setting);
            if (! $proof->verdict()->isGood() || $proof->mainKey()?->role !== $key) {
                break;
            }
            $last = $next;
        }

        return $last;
    }
}
