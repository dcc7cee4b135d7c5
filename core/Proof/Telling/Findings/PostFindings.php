<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Findings;

use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Route\RunRoute;
use Jacotaxis\Core\Route\Stem;
use Jacotaxis\Core\School\Schools;

/** What a coach says of a post over a crosser, and of the safety it has to take with it. */
final class PostFindings
{
    /** A crosser from this depth on runs under a post, yards. */
    private const CROSSER_YD = 8.0;

    /** A post that passes the safety within this runs through him, and what school B still allows inside him, yards. */
    private const THROUGH_YD = 1.5;

    private const INSIDE_YD = 4.0;

    /** A safety farther off than this is not the post's to capture, yards. */
    private const NEAR_YD = 7.0;

    /**
     * A post over a crosser has to take the near safety with it (RTE-13, PRG-11).
     *
     * @return list<Finding>
     */
    public static function of(Proof $proof): array
    {
        $scene = $proof->scene;
        $findings = [];
        foreach ($scene->routes as $letter => $post) {
            $shape = $post->spec->shape();
            $crossers = array_filter(
                $scene->routes,
                fn (RunRoute $r): bool => $r->spec->shape()->crosses() &&
                    $r->spec->shape()->stem === Stem::Vertical &&
                    $r->spec->depth() >= self::CROSSER_YD &&
                    $r->to === $post->to->opposite(),
            );
            if (
                ! $shape->deep ||
                ! $shape->inward ||
                $shape->angleDeg < 15.0 ||
                $shape->stem !== Stem::Vertical ||
                $crossers === []
            ) {
                continue;
            }
            [$role, $inside] = self::passes($proof, $post);
            if ($role !== null && abs($inside) <= self::NEAR_YD
                && ! self::captures($inside, $scene->setting->schools)) {
                $crosser = (string) array_key_first($crossers);
                $findings[] = new Finding('safety-free', Finding::CAUTION, $letter,
                    sprintf('The post by %s passes the %s %.1f yd %s: he is not captured, and the %s by %s is '
                        .'unsafe under him.', $letter, $role,
                        abs($inside), $inside > 0.0 ? 'inside' : 'outside', $crossers[$crosser]->spec->name, $crosser),
                    'PRG-11', 'Run the post through him, or throw it early, firm and led.');
            }
        }

        return $findings;
    }

    /**
     * Whether a post that passes a safety so far inside of him, yards, takes him with it under the staff's school
     * (SET-13).
     */
    public static function captures(float $insideYd, Schools $schools): bool
    {
        return abs($insideYd) <= self::THROUGH_YD ||
            ($schools->is('SET-13', 'B') && $insideYd > 0.0 && $insideYd <= self::INSIDE_YD);
    }

    /**
     * The deep man a post passes nearest in depth, and by how much it runs inside of him.
     *
     * @return array{string|null, float}
     */
    private static function passes(Proof $proof, RunRoute $post): array
    {
        $rule = $proof->playOut->byRule();
        $from = (int) ceil($post->break()->t / Path::STEP);
        $best = [null, 0.0];
        $least = INF;
        foreach ($proof->scene->defenders as $d => $defender) {
            if ($defender->job->kind !== JobKind::Deep || $defender->group === Group::Corner) {
                continue;
            }
            for ($i = $from; $i < min(Path::STEPS, $from + 24); $i++) {
                $away = hypot($rule->x[$d][$i] - $post->path->x[$i], $rule->y[$d][$i] - $post->path->y[$i]);
                if ($away < $least) {
                    $least = $away;
                    $best = [$defender->role, ($rule->x[$d][$i] - $post->path->x[$i]) * -$post->to->sign()];
                }
            }
        }

        return $best;
    }
}
