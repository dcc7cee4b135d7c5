<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling;

use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Offense\Legality;
use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Proof;
use Jacotaxis\Core\Proof\Scene;

/** What a coach would want to be told about a proof. */
final class Findings
{
    /** Two men this near each other for this long after both breaks share a window (yards, seconds). */
    private const SHARED = [2.0, 0.3];

    /** @return list<Finding> */
    public static function of(Proof $proof): array
    {
        $scene = $proof->scene;

        return [
            ...Legality::check($scene->men, $scene->setting->situation->rules, array_keys($scene->routes)),
            ...self::late($proof),
            ...self::sticks($proof),
            ...self::shared($scene),
            ...self::named($proof),
        ];
    }

    /** @return list<Finding> */
    private static function late(Proof $proof): array
    {
        $findings = [];
        foreach ($proof->readings as $letter => $reading) {
            if ($reading->number !== null && $reading->killedBy !== null) {
                $name = $proof->scene->routes[$letter]->spec->name;
                $findings[] = new Finding('dead-read', Finding::CAUTION, $letter,
                    "Read {$reading->number}, the $name by $letter, is dead: {$reading->killedBy}.");
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function sticks(Proof $proof): array
    {
        $situation = $proof->scene->setting->situation;
        $findings = [];
        foreach ($situation->down >= 3 ? $proof->readings : [] as $letter => $reading) {
            if ($reading->number !== null && $reading->depthYd < $situation->toGoYd) {
                $short = $situation->toGoYd - $reading->depthYd;
                $findings[] = new Finding('short-of-sticks', Finding::CAUTION, $letter,
                    sprintf('The %s by %s breaks %.1f yd short of the sticks.', $proof->scene->routes[$letter]->spec->name, $letter, $short), 'CAL-07');
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function shared(Scene $scene): array
    {
        $findings = [];
        $letters = array_keys($scene->routes);
        foreach ($letters as $n => $a) {
            foreach (array_slice($letters, $n + 1) as $b) {
                $near = self::near($scene, $a, $b);
                if ($near !== null) {
                    $findings[] = new Finding('one-window', Finding::FAULT, $a,
                        sprintf('%s and %s run in one window from %.1f s on: less than %.0f yd apart.', $a, $b, $near, self::SHARED[0]), 'CAL-09');
                }
            }
        }

        return $findings;
    }

    /** When two men come within two yards of each other for 0.3 s after both breaks, or null. */
    private static function near(Scene $scene, string $a, string $b): ?float
    {
        $one = $scene->routes[$a];
        $two = $scene->routes[$b];
        $steps = 0;
        for ($i = (int) ceil(max($one->break()->t, $two->break()->t) / Path::STEP); $i < Path::STEPS - 20; $i++) {
            $apart = hypot($one->path->x[$i] - $two->path->x[$i], $one->path->y[$i] - $two->path->y[$i]);
            $steps = $apart < self::SHARED[0] ? $steps + 1 : 0;
            if ($steps * Path::STEP >= self::SHARED[1]) {
                return ($i - $steps) * Path::STEP;
            }
        }

        return null;
    }

    /** @return list<Finding> */
    private static function named(Proof $proof): array
    {
        $findings = [];
        foreach ($proof->keys as $key) {
            if (! $key->conflict) {
                $findings[] = new Finding('no-conflict', Finding::INFO, null,
                    "The call names the {$key->role} as its key, but he is not in conflict against this look.");
            }
        }
        $shown = array_map(fn (Key $k): string => $k->role, $proof->keys);
        foreach (array_diff($proof->scene->call->keys, $shown) as $role) {
            $findings[] = new Finding('no-conflict', Finding::INFO, null, "The call names the $role as its key, but he has no choice to make in this look.");
        }

        return $findings;
    }
}
