<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run\Chase;

use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Proof\Scene\Scene;

/**
 * Whom a run-pass option reads: who the call names; else the man of the box nobody blocks; else the inside backer on
 * the side of the first throw, else the overhang there (RPO-01).
 */
final class ReadMan
{
    public static function of(Call $call, Scene $scene, Resolved $run): ?string
    {
        foreach ($call->keys as $role) {
            if (isset($run->front->men[$role])) {
                return $role;
            }
        }
        $throw = $scene->routes[$scene->reads[0]]->break();
        $near = fn (string $r): float => hypot(
            $run->front->men[$r]->xYd - $throw->xYd,
            $run->front->men[$r]->yYd - $throw->yYd,
        );
        $free = array_values(array_filter($run->unaccounted, fn (string $r): bool => ! $run->front->isOnLine($r)));
        $here = fn (array $roles): array => array_values(
            array_filter(
                $roles,
                fn (string $r): bool => Side::ofX($run->front->men[$r]->xYd) === Side::ofX($throw->xYd) &&
                    ! $run->front->men[$r]->rushes(),
            ),
        );
        $candidates = $free;
        foreach ([$here($run->front->backers), $here($run->front->overhangs), $run->front->backers] as $next) {
            $candidates = $candidates === [] ? $next : $candidates;
        }
        usort($candidates, fn (string $a, string $b): int => $near($a) <=> $near($b));

        return $candidates[0] ?? null;
    }
}
