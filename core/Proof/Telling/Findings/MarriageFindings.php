<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Findings;

use Jacotaxis\Core\Blocking\Scheme;
use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Telling\Run\RunWays;

/**
 * Whether run action, protection and routes go together (domain.md section 10): what is not sound is said with the
 * cure.
 */
final class MarriageFindings
{
    /** A read that breaks sooner than this after the mesh is thrown before the fake is over, seconds. */
    private const AFTER_MESH_S = 0.3;

    /** Two men nearer than this at one moment behind the line collide: a puller dips a yard deep, yards. */
    private const COLLIDE_YD = 1.6;

    /** How long paths behind the line are looked at, seconds. */
    private const BEHIND_S = 1.6;

    /** @return list<Finding> */
    public static function of(Proof $proof): array
    {
        $scene = $proof->scene;
        $base = $proof->pair?->base;
        if ($scene->call->fake === null) {
            return [];
        }
        $findings =
            $base === null
                ? []
                : [
                    ...self::fakes($proof, $base),
                    ...self::mesh($proof, $base),
                    ...self::collisions($proof, $base),
                    ...OptionPass::of($proof, $base),
                ];
        $roll = $scene->rolls();
        if ($roll !== null && $base !== null) {
            $edge = $base->resolved->front->emol($roll);
            if (
                $edge !== null &&
                ($scene->call->protection?->scheme === Scheme::Naked || ! in_array($edge, $scene->pickup->takes, true))
            ) {
                $findings[] = new Finding(
                    'quarterbacks-man',
                    Finding::INFO,
                    'Q',
                    "The $edge is the quarterback's: nobody blocks him on the side of the roll.",
                    'PRO-05',
                );
            }
        }

        return $findings;
    }

    /**
     * Nobody runs a route and carries out the fake at once.
     *
     * @return list<Finding>
     */
    private static function fakes(Proof $proof, RunProof $base): array
    {
        $letter = $base->carriers['give']->letter ?? null;
        $spec = $letter === null ? null : $proof->scene->call->routes[$letter] ?? null;
        if (
            $letter === null ||
            $spec === null ||
            $spec->checks ||
            $spec->shape()->sellS > 0.0 ||
            ! $proof->scene->men[$letter]->isBack()
        ) {
            return [];
        }

        return [
            new Finding(
                'fakes-and-runs',
                Finding::CAUTION,
                $letter,
                "$letter is shown with the ball and has a {$spec->name} from the snap: he cannot do both.",
                'PAC-05',
                'Let him check first, or fake to somebody else.',
            ),
        ];
    }

    /**
     * The first read may not come before the fake is over.
     *
     * @return list<Finding>
     */
    private static function mesh(Proof $proof, RunProof $base): array
    {
        $first = $proof->readings[$proof->scene->reads[0] ?? ''] ?? null;
        $mesh = ($base->carriers['give']->from ?? 0.7) + self::AFTER_MESH_S;

        $waits = $first !== null && $first->live() && $first->from >= $mesh;

        return $first === null || $waits || $first->breakAt >= $mesh
            ? []
            : [
                new Finding(
                    'fake-late',
                    Finding::CAUTION,
                    $first->letter,
                    sprintf(
                        '%s breaks at %.1f s and the fake is over at %.1f s: the ball cannot be out in time.',
                        $first->letter,
                        $first->breakAt,
                        $mesh,
                    ),
                    'PAC-05',
                    'Deepen the first read, or take a quicker run action.',
                ),
            ];
    }

    /**
     * A puller and a man who slides behind the line meet (PRO-09).
     *
     * @return list<Finding>
     */
    private static function collisions(Proof $proof, RunProof $base): array
    {
        $ways = RunWays::ruleTrue($base);
        $findings = [];
        foreach ($base->resolved->blocks as $puller => $block) {
            if (! $block->verb->pulls() || ! $proof->scene->men[$puller]->isLineman()) {
                continue;
            }
            foreach ($proof->scene->routes as $letter => $run) {
                for ($i = 4; $i * Path::STEP <= self::BEHIND_S; $i++) {
                    [$x, $y] = $ways->man($puller, $i);
                    if (
                        $run->path->y[$i] < 0.0 &&
                        hypot($run->path->x[$i] - $x, $run->path->y[$i] - $y) < self::COLLIDE_YD
                    ) {
                        $findings[] = new Finding(
                            'collision',
                            Finding::CAUTION,
                            $letter,
                            sprintf(
                                '%s pulls and %s slides: they meet behind the line at %.1f s.',
                                $puller,
                                $letter,
                                $i * Path::STEP,
                            ),
                            'PRO-09',
                            "Send $letter another way, or take a run action without a puller to that side.",
                        );
                        break;
                    }
                }
            }
        }

        return $findings;
    }
}
