<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling;

use Jacotaxis\Core\Defense\Count\Box;
use Jacotaxis\Core\Defense\Count\Outside;
use Jacotaxis\Core\Defense\Count\Tells;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Offense\Motion\Arrival;
use Jacotaxis\Core\Proof\Scene\Scene;

/** Whether a motion did what it was called for (MOT-08). */
final class Purpose
{
    /** A safety has rotated when he is this far from where he was, yards. */
    private const ROTATED_YD = 2.0;

    public static function met(Arrival $a, Scene $scene): ?bool
    {
        $before = $scene->aligned->before;
        $after = $scene->aligned->defenders;

        return match ($a->motion->purpose) {
            'man-zone test' => Tells::of($before, $after, $scene->before, $scene->lineup)[
                Side::ofX($a->atSnap->xYd)->value
            ]['coverage'] !== Tells::UNKNOWN,
            'gain a man outside' => self::gained($scene, Side::ofX($a->atSnap->xYd)),
            'rotate the safety' => self::moved($before, $after, Group::Safety) >=
                self::ROTATED_YD,
            'hold a backer' => self::moved($before, $after, Group::Backer) <
                self::ROTATED_YD,
            'reach a path' => ! $a->isLate() && ! $a->isEarly(),
            default => null,
        };
    }

    /** One more of ours than before against as many of theirs, or fewer. */
    private static function gained(Scene $scene, Side $side): bool
    {
        $schools = $scene->setting->schools;
        $was = Outside::of(
            $side,
            $scene->aligned->before,
            $scene->before,
            Box::of($scene->aligned->before, $scene->before, $schools)->in,
        );
        $now = Outside::of(
            $side,
            $scene->aligned->defenders,
            $scene->lineup,
            Box::of($scene->aligned->defenders, $scene->lineup, $schools)->in,
        );

        return $now->ours - $now->theirs > $was->ours - $was->theirs;
    }

    /**
     * @param  list<Defender>  $before
     * @param  list<Defender>  $after
     */
    private static function moved(array $before, array $after, Group $of): float
    {
        $most = 0.0;
        foreach ($before as $n => $was) {
            $moved = hypot($after[$n]->xYd - $was->xYd, $after[$n]->yYd - $was->yYd);
            $most = $was->group === $of ? max($most, $moved) : $most;
        }

        return $most;
    }
}
