<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Findings;

use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Run\RunProof;

/** A pass off an option: called from tight, and whoever blocks the safety in the run releases through him (PAC-11). */
final class OptionPass
{
    /** An eligible man no wider than this outside the tackle makes a side tight, yards (common practice). */
    private const TIGHT_YD = 4.0;

    /**
     * A release that comes this near the spot of the man he blocks in the run looks like the block, yards (from
     * memory).
     */
    private const THROUGH_YD = 7.0;

    /** @return list<Finding> */
    public static function of(Proof $proof, RunProof $base): array
    {
        if (! $base->resolved->run->scheme()->isOption()) {
            return [];
        }

        return [...self::spread($proof, $base->resolved->run->side), ...self::safeties($proof, $base)];
    }

    /** @return list<Finding> */
    private static function spread(Proof $proof, Side $side): array
    {
        $men = $proof->scene->men;
        $tackle = $men[$side === Side::Left ? 'LT' : 'RT']->xYd;
        foreach ($men as $man) {
            if (
                ! $man->isLineman() &&
                abs($man->xYd - $tackle) < self::TIGHT_YD &&
                ($man->xYd - $tackle) * $side->sign() > 0.0
            ) {
                return [];
            }
        }

        return [
            new Finding(
                'option-pass-spread',
                Finding::CAUTION,
                null,
                "An option pass from a spread set: nobody to the {$side->value} stands where the run would block from.",
                'PAC-11',
                'Call it from a tight set: a slot, wing or tight end on the side of the option.',
            ),
        ];
    }

    /** @return list<Finding> */
    private static function safeties(Proof $proof, RunProof $base): array
    {
        $findings = [];
        foreach ($base->resolved->blocks as $letter => $block) {
            $route = $proof->scene->routes[$letter] ?? null;
            $safety =
                $block->blocks() && in_array($block->verb, [Verb::Arc, Verb::Stalk], true)
                    ? $base->resolved->front->men[$block->target] ?? null
                    : null;
            if ($route === null || $safety?->group !== Group::Safety) {
                continue;
            }
            $nearest = min(
                INF,
                ...array_map(
                    fn (float $x, float $y): float => hypot($x - $safety->xYd, $y - $safety->yYd),
                    $route->path->x,
                    $route->path->y,
                ),
            );
            if ($nearest > self::THROUGH_YD) {
                $findings[] = new Finding('option-pass-release', Finding::CAUTION, $letter,
                    sprintf('%s blocks the %s in the run and his %s passes %.1f yd from him: the safety sees it is '
                        .'no block.', $letter, $safety->role, $route->spec->name, $nearest),
                    'PAC-11', "Release $letter through him, as in the run, then let him run by.");
            }
        }

        return $findings;
    }
}
