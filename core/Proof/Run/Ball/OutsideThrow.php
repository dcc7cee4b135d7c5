<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run\Ball;

use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Proof\Scene\Scene;

/**
 * The second question of a zone read with a bubble: the ball is pulled, and the man outside the read end comes for the
 * quarterback or stays on the bubble. One tree: give or pull at the mesh, keep or throw on the edge.
 */
final readonly class OutsideThrow
{
    private function __construct(
        /** Who is thrown to. */
        public string $letter,
        /** Role of the man who is read. */
        public string $role,
    ) {
    }

    /**
     * None without a read at the mesh, without a throw behind the line on that side, or without a man to read there.
     */
    public static function of(Scene $scene, Resolved $resolved): ?self
    {
        $give = $resolved->key('give');
        if ($give === null || $resolved->run->scheme()->isOption()) {
            return null;
        }
        $side = Side::ofX($resolved->front->men[$give]->xYd);
        foreach ($scene->reads as $letter) {
            $spec = ($scene->routes[$letter] ?? null)?->spec;
            if (
                $spec !== null &&
                $spec->shape()->counted &&
                $spec->depth() <= 0.0 &&
                Side::ofX($scene->men[$letter]->xYd) === $side
            ) {
                $role = self::man($resolved, $side);

                return $role === null ? null : new self($letter, $role);
            }
        }

        return null;
    }

    /** The overhang, else the support man of that side where he is no corner. */
    private static function man(Resolved $resolved, Side $side): ?string
    {
        $support = $resolved->front->support[$side === $resolved->run->side ? 'playside' : 'backside'];
        $support = $support !== null && $resolved->front->men[$support]->group === Group::Corner ? null : $support;

        return $resolved->front->overhang($side) ?? $support;
    }
}
