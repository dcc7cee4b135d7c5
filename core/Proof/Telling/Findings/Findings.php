<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Findings;

use Jacotaxis\Core\Defense\Count\Accounted;
use Jacotaxis\Core\Defense\Count\DiveKey;
use Jacotaxis\Core\Defense\Count\Gaps;
use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Offense\Legal\Legality;
use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Play\PassOff;
use Jacotaxis\Core\Proof\Play\Sorted;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Route\SharedWindow;

/** What a coach would want to be told about a proof. */
final class Findings
{
    /** Farther than this a man moved by hand plays another place, yards. */
    private const SAME_PLACE_YD = 2.5;

    /** @return list<Finding> */
    public static function of(Proof $proof): array
    {
        $scene = $proof->scene;

        return [
            ...Legality::check(
                $scene->snap,
                $scene->setting->situation->rules,
                array_keys($scene->routes),
                self::numbers($scene),
            ),
            ...self::moved($scene),
            ...MotionFindings::of($scene),
            ...self::defense($scene),
            ...TempoFindings::of($proof),
            ...PassFindings::of($proof),
            ...MarriageFindings::of($proof),
            ...self::shared($proof),
            ...self::named($proof),
        ];
    }

    /**
     * How far a man moved by hand stands from the set's own place (FRM-03); no tolerance is set.
     *
     * @return list<Finding>
     */
    private static function moved(Scene $scene): array
    {
        $formation = $scene->call->formation;
        $own = $formation->withSpots([])->men($scene->frame);
        $findings = [];
        $tolerance = $scene->setting->schools->value('off-place');
        foreach ($formation->spots as $letter => [$x, $y]) {
            if (
                isset($own[$letter]) &&
                $tolerance !== null &&
                hypot($x - $own[$letter]->xYd, $y - $own[$letter]->yYd) <= $tolerance
            ) {
                continue;
            }
            if (isset($own[$letter]) && hypot($x - $own[$letter]->xYd, $y - $own[$letter]->yYd) < self::SAME_PLACE_YD) {
                $findings[] = new Finding(
                    'off-place',
                    Finding::INFO,
                    $letter,
                    sprintf(
                        '%s stands %.0f in %s and %.1f yd %s his place in the set (%s).',
                        $letter,
                        abs($x - $own[$letter]->xYd) * 36.0,
                        abs($x) >= abs($own[$letter]->xYd) ? 'outside' : 'inside',
                        abs($y - $own[$letter]->yYd),
                        $y < $own[$letter]->yYd ? 'behind' : 'ahead of',
                        $tolerance === null
                            ? 'tolerance unset: the staff book'
                            : sprintf('beyond the staff\'s %g yd', $tolerance),
                    ),
                    'FRM-03',
                );
            }
        }

        return $findings;
    }

    /** @return array<string, int> */
    private static function numbers(Scene $scene): array
    {
        return array_filter(
            array_map(fn ($athlete): ?int => $athlete->number, $scene->setting->men),
            fn (?int $n): bool => $n !== null,
        );
    }

    /**
     * What the defense leaves open, what it changed, and who was changed by hand.
     *
     * @return list<Finding>
     */
    private static function defense(Scene $scene): array
    {
        $findings = [];
        foreach (Accounted::of($scene->defenders, $scene->lineup) as $letter => $roles) {
            if ($roles === []) {
                $findings[] = new Finding('uncovered', Finding::INFO, $letter, "Nobody in this look has $letter.");
            }
        }
        foreach (Accounted::mismatches($scene->defenders, $scene->lineup) as $mismatch) {
            $findings[] = new Finding('mismatch', Finding::INFO, $mismatch['man'], $mismatch['why']);
        }
        foreach (array_keys(Gaps::of($scene->defenders, $scene->lineup, $scene->look), null, true) as $gap) {
            $findings[] = new Finding('open-gap', Finding::INFO, null, "Nobody has the $gap gap.");
        }
        foreach (DiveKey::of($scene->defenders, $scene->call->formation) as $key) {
            if ($key['warning'] !== null) {
                $findings[] = new Finding('tight-splits', Finding::CAUTION, null, $key['warning'], 'FRM-02');
            }
        }
        $passed = array_map(
            fn (Sorted $s): string => "the {$s->defender->role} takes {$s->defender->takes}",
            PassOff::of($scene),
        );
        if ($passed !== []) {
            $findings[] = new Finding(
                'passed-off',
                Finding::INFO,
                null,
                'Men close together are passed off, first out and first in: '.
                    implode(', ', $passed).
                    '. Say "men locked" where they stay.',
                'RTE-19',
            );
        }
        foreach ($scene->aligned->notes as $note) {
            $findings[] = new Finding('defense-adjusts', Finding::INFO, null, "$note.");
        }
        foreach ($scene->defenders as $d) {
            if ($d->movement !== null) {
                $findings[] = new Finding(
                    'by-hand',
                    Finding::INFO,
                    null,
                    'The '.$d->role.' was given a movement: '.$d->movement->words().'. The proof runs it.',
                );
            }
            if ($d->reaction !== null) {
                $findings[] = new Finding(
                    'by-hand',
                    Finding::INFO,
                    null,
                    sprintf('The %s reacts in %.2f s, set by hand.', $d->role, $d->reaction),
                );
            }
        }

        return $findings;
    }

    /**
     * Two men in one window (CAL-09) while one of them may get the ball: afterwards, and where both only clear out,
     * nobody throws there.
     *
     * @return list<Finding>
     */
    private static function shared(Proof $proof): array
    {
        $findings = [];
        $scene = $proof->scene;
        $letters = array_keys($scene->routes);
        foreach ($letters as $n => $a) {
            foreach (array_slice($letters, $n + 1) as $b) {
                $near = SharedWindow::since(
                    $scene->routes[$a],
                    $scene->routes[$b],
                    fn (float $from, float $to): bool => self::thrown($proof, [(string) $a, (string) $b], $from, $to),
                );
                if ($near !== null) {
                    $findings[] = new Finding(
                        'one-window',
                        Finding::FAULT,
                        $a,
                        sprintf(
                            '%s and %s run in one window from %.1f s on: less than %.0f yd apart.',
                            $a,
                            $b,
                            $near,
                            SharedWindow::NEAR_YD,
                        ),
                        'CAL-09',
                    );
                }
            }
        }

        return $findings;
    }

    /**
     * Whether one of these men may get the ball between two moments.
     *
     * @param  list<string>  $letters
     */
    private static function thrown(Proof $proof, array $letters, float $since, float $until): bool
    {
        foreach ($letters as $letter) {
            $reading = $proof->readings[$letter];
            $slot = $reading->number !== null && $reading->from !== null;
            if ($slot && $reading->from <= $until && ($reading->to ?? $reading->from) >= $since) {
                return true;
            }
        }

        return false;
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
            $findings[] = new Finding(
                'no-conflict',
                Finding::INFO,
                null,
                "The call names the $role as its key, but he has no choice to make in this look.",
            );
        }

        return $findings;
    }
}
