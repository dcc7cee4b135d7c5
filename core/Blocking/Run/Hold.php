<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Group;

/**
 * How long a run action holds a defender who reads the run, in seconds: by what he keys and by how often the run is
 * called.
 *
 * Start values, settled by the truths: backers 0.9, safeties 0.4, a corner in man not at all. A man with a receiver
 * man to man keys that receiver: only the action of his own man holds him.
 */
final class Hold
{
    private const BACKER_S = 0.9;

    private const SAFETY_S = 0.4;

    /**
     * A freeze is made for the inside backers: the others read the flow it does not have. Who stands outside on the
     * side the run leaves has the boot and the reverse to look for.
     */
    private const OUTSIDE_SHARE = 0.5;

    private const OUTSIDE_YD = 3.5;

    /** The support man of the side the run is shown to is told to trigger, the other one to stay. */
    private const SUPPORT = 1.3;

    /**
     * A run called in this share of the snaps of its picture is held for the start values; never called it still shows
     * a little.
     */
    private const USUAL_SHARE = 0.5;

    private const LEAST = 0.5;

    /**
     * @param  string|null  $support  role of the support man on the side of the run
     * @param  list<string>  $actors  letters of those who carry out the action: carrier, blockers who show run
     * @param  float  $share  how often the run is called of the snaps with this picture, 0 to 1
     */
    public static function of(
        Defender $d,
        bool $freeze,
        ?Side $side,
        ?string $support,
        array $actors,
        float $share,
    ): float {
        $often = self::LEAST + ((1.0 - self::LEAST) * $share) / self::USUAL_SHARE;
        if ($d->job->kind === JobKind::Man && $d->takes !== null && ! in_array($d->takes, $actors, true)) {
            return 0.0;
        }

        return $often * match ($d->group) {
            Group::Backer,
            Group::Edge => self::BACKER_S * (self::looksBack($d, $freeze, $side) ? self::OUTSIDE_SHARE : 1.0),
            Group::Safety => self::SAFETY_S * ($d->role === $support ? self::SUPPORT : 1.0),
            Group::Corner => $d->role === $support ? self::SAFETY_S : 0.0,
            default => 0.0,
        };
    }

    /** Whether he stands outside where a freeze does not hold him, or where the run leaves. */
    private static function looksBack(Defender $d, bool $freeze, ?Side $side): bool
    {
        return abs($d->xYd) > self::OUTSIDE_YD && ($freeze || $side !== null && Side::ofX($d->xYd) !== $side);
    }
}
