<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play\Behaviour;

use Jacotaxis\Core\Proof\Play\Phase;
use Jacotaxis\Core\Proof\Play\SeenRoute;

/** How an under man drives on a receiver who breaks near him in his part of the field. */
final readonly class Drives
{
    /** He drives on a man who breaks this near him, yards, and arrives this far under him. */
    private const NEAR_YD = 5.0;

    private const FLAT_NEAR_YD = 6.0;

    public const UNDERCUTS_YD = 0.5;

    /** A man this near runs beside him, yards. */
    private const BESIDE_YD = 2.0;

    /** How far ahead of the man he looks at most, seconds. */
    public const AHEAD_S = 0.5;

    /** How much deeper than his landmark a flat man drives on a break. */
    private const FLAT_DEEPER_YD = 4.0;

    /** A man who plays deep first comes up for a break this far in front of where a route is no more short, yards. */
    private const COMES_UP_YD = 2.0;

    public function __construct(private UnderZone $zone)
    {
    }

    /** Where he who stands at a place meets a man who has broken near him, or null: nobody is near enough. */
    public function to(int $i, float $xYd, float $yYd, float $vmax): ?Spot
    {
        $best = null;
        $near = $this->zone->short ? self::FLAT_NEAR_YD : self::NEAR_YD;
        foreach ($this->zone->threats as $seen) {
            if (! $this->on($seen, $i, $xYd)) {
                continue;
            }
            $away = hypot($seen->x[$i] - $xYd, $seen->y[$i] - $yYd);
            if ($away < $near) {
                $near = $away;
                $best = $seen;
            }
        }
        if ($best === null) {
            return null;
        }
        $lead = min(self::AHEAD_S, $near / $vmax);
        $spot = new Spot(
            $best->x[$i] + $lead * $best->vx[$i],
            $best->y[$i] + $lead * $best->vy[$i] - self::UNDERCUTS_YD,
            true,
        );

        // A cloud corner has help over him: he runs with who breaks beside him or away, and lets come who comes.
        $leaves = $near < self::BESIDE_YD || $best->vx[$i] * ($best->x[$i] - $xYd) > 0.0;

        return $this->zone->job->sinks && $leaves ? $spot->with($best->vx[$i], $best->vy[$i]) : $spot;
    }

    /** Whether a route has broken, or tells a flat man that it will, in the part of the field that is his. */
    private function on(SeenRoute $seen, int $i, float $xYd): bool
    {
        $zone = $this->zone;
        $known = $seen->phase[$i] === Phase::Broken || ($zone->short && $seen->phase[$i] === Phase::Tell);
        if (! $known || $seen->y[$i] < 0.5 || $seen->runsUp($i) || $zone->passesOn($seen, $i, $xYd)) {
            return false;
        }
        if ($zone->robs && ! $zone->crosses($seen, $i, $xYd)) {
            return false;
        }
        if (abs($seen->x[$i] + self::AHEAD_S * $seen->vx[$i] - $zone->wideYd) >= UnderZone::WORK_YD) {
            return false;
        }

        return $zone->short
            ? $seen->y[$i] <= $zone->deepYd + self::FLAT_DEEPER_YD
            : $seen->y[$i] >= UnderZone::SHORT_YD - self::COMES_UP_YD && $seen->y[$i] < $zone->deepYd + self::NEAR_YD;
    }
}
