<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run\Ball;

use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Proof\Scene\Scene;

/** Who of the rush is at the passer of a screen, and when: the line lets men come, not at once. Seconds, yards. */
final readonly class Hurry
{
    /** A lineman beside the way of a rusher holds him until he goes out and so much longer, seconds. */
    private const BRUSHED_S = 0.35;

    /** He is in the way of whoever is this near to him, yards. */
    private const NEAR_YD = 1.5;

    private function __construct(public string $role, public float $atS)
    {
    }

    /** The first who is there before the ball leaves at a moment, or null. */
    public static function before(float $outAt, Scene $scene, Resolved $resolved, ShownPass $shown): ?self
    {
        $screen = $resolved->run->scheme()->screen;
        $first = null;
        foreach ($resolved->front->men as $role => $d) {
            if (! $d->rushes() || $screen === null || $resolved->blockersOf($role) !== []) {
                continue;
            }
            $beside = array_filter(
                $scene->lineup->line(),
                fn ($man): bool => abs($man->xYd - $d->xYd) <= self::NEAR_YD && $d->yYd <= self::NEAR_YD,
            );
            $at = $shown->hurriedAt($d) + ($beside === [] ? 0.0 : $screen->setS + self::BRUSHED_S);
            if ($at < $outAt && ($first === null || $at < $first->atS)) {
                $first = new self($role, $at);
            }
        }

        return $first;
    }
}
