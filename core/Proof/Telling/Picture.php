<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling;

use Jacotaxis\Core\Defense\Aligning\ByHand;
use Jacotaxis\Core\Defense\Count\Accounted;
use Jacotaxis\Core\Defense\Count\Box;
use Jacotaxis\Core\Defense\Count\Edges;
use Jacotaxis\Core\Defense\Count\Gaps;
use Jacotaxis\Core\Defense\Count\Middle;
use Jacotaxis\Core\Defense\Count\Outside;
use Jacotaxis\Core\Defense\Count\Point;
use Jacotaxis\Core\Defense\Count\Tells;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Motion\Arrival;
use Jacotaxis\Core\Offense\ReceiverCount;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\School\Schools;

/**
 * What the picture says before the snap and at it: receivers by number, middle, box, gaps, edges, numbers, grass and
 * leverage, tells.
 */
final class Picture
{
    /** As many within ten yards, with press, ask for the prepared play-action (CNT-04). */
    private const NINE = 9;

    /** Seconds after which the routes have parted and the final count is taken. */
    private const RELEASED_S = 2.0;

    /**
     * @param  list<string>  $read  roles the play reads
     * @return array<string, mixed>
     */
    public static function of(Scene $scene, array $read = []): array
    {
        $picture = self::standing(
            $scene->aligned->defenders,
            $scene->lineup,
            $scene->look,
            $scene->setting->schools,
            $read,
        );
        $released = array_map(fn ($run): float => $run->path->x[(int) (self::RELEASED_S / Path::STEP)], $scene->routes);
        $final = ReceiverCount::afterRelease($released);

        return [...$picture,
            'middle' => Middle::of($scene->aligned->before),
            'receivers' => ['left' => $scene->count->left, 'right' => $scene->count->right,
                'final' => ['left' => $final->left, 'right' => $final->right]],
            'before' => $scene->call->motions === [] ? null : self::before($scene),
            'motions' => array_map(fn (Arrival $a): array => self::motion($a, $scene), $scene->snap->arrivals),
            'tells' => Tells::of($scene->aligned->before, $scene->aligned->defenders, $scene->before, $scene->lineup),
            'personnel' => $scene->call->formation->personnel(),
        ];
    }

    /**
     * What eleven defenders on the field say to a lineup.
     *
     * @param  list<Defender>  $defenders
     * @param  list<string>  $read  roles the play reads
     * @return array<string, mixed>
     */
    public static function standing(
        array $defenders,
        Lineup $lineup,
        Look $look,
        Schools $schools,
        array $read = [],
    ): array {
        $box = Box::of(
            $defenders,
            $lineup,
            $schools,
            $read,
            ByHand::counted($defenders, $look, $lineup, 'out'),
            ByHand::counted($defenders, $look, $lineup, 'in'),
        );
        $outside = fn (Side $side): Outside => Outside::of($side, $defenders, $lineup, $box->in);
        $left = $outside(Side::Left);
        $right = $outside(Side::Right);
        $covered = self::covered($defenders);

        return [
            'middle' => Middle::of($defenders),
            'middleAfterSnap' => Shells::get($look->shell)->middle(),
            'deep' => count(array_filter($defenders, fn (Defender $d): bool => $d->yYd >= Middle::DEEP_YD)),
            'box' => $box->raw(), 'boxEffective' => $box->effective(), 'boxBlockers' => $box->blockerCount,
            'boxWords' => $box->words(), 'boxHalf' => $box->half, 'within10' => $box->nearCount,
            'playActionReady' => $box->nearCount >= self::NINE && self::pressed($defenders),
            'receivers' => ['left' => $lineup->count->left, 'right' => $lineup->count->right],
            'strength' => $lineup->strong->value, 'frontStrength' => $lineup->front->value,
            'support' => ['left' => Edges::support($defenders, $look, $lineup, Side::Left),
                'right' => Edges::support($defenders, $look, $lineup, Side::Right)],
            'emol' => ['left' => Edges::last($defenders, Side::Left), 'right' => Edges::last($defenders, Side::Right)],
            'overhang' => [
                'left' => Edges::overhang($defenders, Side::Left, $box->in),
                'right' => Edges::overhang($defenders, Side::Right, $box->in),
            ],
            'covered' => $covered,
            'uncovered' => array_values(
                array_diff(array_map(fn (Man $m): string => $m->letter, $lineup->line()), $covered),
            ),
            'point' => Point::of($defenders, $lineup),
            'gaps' => Gaps::of($defenders, $lineup, $look),
            'numbers' => [
                'left' => "{$left->ours} on {$left->theirs}",
                'right' => "{$right->ours} on {$right->theirs}",
            ],
            'outside' => ['left' => $left->toArray(), 'right' => $right->toArray()],
            'accounted' => Accounted::of($defenders, $lineup),
            'extraHat' => self::extraHat($defenders, $look),
            'extraBlocker' => self::extraBlocker($lineup),
            'outflanked' => Edges::outflanked($defenders, $lineup),
            'mismatches' => Accounted::mismatches($defenders, $lineup),
        ];
    }

    /**
     * @param  list<Defender>  $defenders
     * @return list<string> linemen and tight ends with a man head-up or shaded on them
     */
    private static function covered(array $defenders): array
    {
        return array_values(
            array_unique(
                array_filter(
                    array_map(
                        fn (Defender $d): ?string => $d->yYd < 2.0 &&
                        $d->technique !== null &&
                        ($d->group === Group::Line || $d->group === Group::Edge)
                            ? $d->over
                            : null,
                        $defenders,
                    ),
                    fn (?string $on): bool => $on !== null,
                ),
            ),
        );
    }

    /**
     * Whether a corner presses.
     *
     * @param  list<Defender>  $defenders
     */
    private static function pressed(array $defenders): bool
    {
        return array_filter(
            $defenders,
            fn (Defender $d): bool => $d->group === Group::Corner && $d->yYd <= Outside::PRESS_YD,
        ) !== [];
    }

    /**
     * Against man with nobody or one man deep, one more defender belongs to the quarterback (CNT-06).
     *
     * @param  list<Defender>  $defenders
     */
    private static function extraHat(array $defenders, Look $look): ?string
    {
        $deep = count(array_filter($defenders, fn (Defender $d): bool => $d->isDeep()));
        $spare = Shells::get($look->shell)->spare;
        $hasMan = array_filter($defenders, fn (Defender $d): bool => $d->takes !== null) !== [];
        $free = array_values(
            array_filter(
                $defenders,
                fn (Defender $d): bool => $d->slot !== 'L' && $d->takes === null && $d->job->words === $spare->words,
            ),
        );

        return $hasMan && $deep <= 1 ? ($free[0] ?? null)?->role : null;
    }

    /**
     * An unbalanced line has one blocker more: he takes the corner or the free safety, whichever hangs there (FRM-05).
     */
    private static function extraBlocker(Lineup $lineup): ?string
    {
        foreach (Side::cases() as $side) {
            if ($lineup->extraLinemen($side) >= 2) {
                return $side->value;
            }
        }

        return null;
    }

    /**
     * The count before the motion.
     *
     * @return array<string, mixed>
     */
    private static function before(Scene $scene): array
    {
        $was = self::standing($scene->aligned->before, $scene->before, $scene->look, $scene->setting->schools);

        return array_intersect_key(
            $was,
            array_flip([
                'receivers',
                'strength',
                'frontStrength',
                'box',
                'boxBlockers',
                'boxWords',
                'numbers',
                'outside',
                'support',
            ]),
        );
    }

    /** @return array<string, mixed> */
    private static function motion(Arrival $a, Scene $scene): array
    {
        return [
            'man' => $a->motion->who, 'kind' => $a->motion->kind->value, 'words' => $a->words(),
            'startS' => round($a->needS, 2), 'bestSound' => $a->best->words(), 'set' => $a->setForS !== null,
            'at' => ['xYd' => round($a->atSnap->xYd, 2), 'yYd' => round($a->atSnap->yYd, 2)],
            'needed' => ['xYd' => round($a->needed()[0], 2), 'yYd' => round($a->needed()[1], 2)],
            'lateYd' => round($a->lateYd, 1), 'lateSteps' => round($a->lateSteps, 1), 'sounds' => $a->bySound(),
            'purpose' => $a->motion->purpose, 'purposeMet' => Purpose::met($a, $scene),
            'path' => array_map(fn (array $p): array => [round($p[0], 2), round($p[1], 2)], $a->course->points),
        ];
    }
}
