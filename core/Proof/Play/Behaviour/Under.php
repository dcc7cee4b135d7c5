<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play\Behaviour;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Proof\Play\Phase;
use Jacotaxis\Core\Proof\Play\SeenRoute;
use Jacotaxis\Core\Proof\Play\Sight;

/**
 * An under zone. He drops to his landmark, carries a vertical release as far as his rule says, squeezes who settles in
 * front of him, meets a deep crosser on his path, drives on a break near him, and sinks when nobody is there and
 * somebody is behind.
 */
final class Under extends Mover
{
    /** Over how much his interest in a man fades with the way to him, yards (settled by the truths). */
    private const FADES_YD = 3.5;

    /** How far ahead he looks at a crosser this deep who comes his way, seconds and yards. */
    private const COMING_S = 1.0;

    private const CROSSER_YD = 8.0;

    /** Share of the way from his landmark to a threat that he gives. */
    private const SHADE = 0.8;

    /** What a short route counts for a man who plays deep first, and how far it brings him up, yards. */
    private const SHORT_COUNTS = 0.8;

    private const COMES_UP_YD = 2.0;

    /**
     * How far a man with nobody in his zone sinks under one behind him, and a flat man under the outside vertical,
     * yards.
     */
    private const HOOK_SINKS_YD = 4.0;

    private const SHORT_SINKS_YD = 1.0;

    private const FLAT_SINKS_TO_YD = 14.0;

    /** How much deeper than his landmark a flat man stays while an outside man runs by him, yards. */
    private const UNDER_VERTICAL_YD = 2.0;

    /** A man who is this far past his depth comes back to him no more, yards. */
    private const PAST_YD = 4.0;

    /** Steps between two looks around: a man does not change his mind every twentieth of a second. */
    private const LOOKS_EVERY = 2;

    private ?Spot $spot = null;

    private ?SeenRoute $carrying = null;

    private readonly UnderZone $zone;

    private readonly Drives $drives;

    /** @var list<SeenRoute> the routes as a man on the inside hip sees them */
    private readonly array $inside;

    public function __construct(Defender $defender, SprintLaw $law, Sight $sight)
    {
        parent::__construct($defender, $law, $sight);
        $this->zone = UnderZone::of($defender, $sight);
        $this->drives = new Drives($this->zone);
        $this->inside =
            $defender->job->carryYd <= 0.0
                ? []
                : array_map(fn (int $r): SeenRoute => $sight->by($r, 'inside'), array_keys($sight->quick));
    }

    public function start(): void
    {
        parent::start();
        $this->spot = $this->carrying = null;
    }

    public function steer(int $i): void
    {
        if ($i * Path::STEP < $this->reaction) {
            $this->wx = $this->wy = 0.0;

            return;
        }
        if ($i % self::LOOKS_EVERY === 0 || $this->spot === null) {
            $this->carrying = $this->inside === [] ? null : $this->carried($i);
            $this->spot = match ($this->carrying) {
                null => $this->drives->to($i, $this->x, $this->y, $this->vmax) ?? $this->spot($i),
                default => new Spot($this->x, $this->y, false),
            };
        }
        $carried = $this->carrying;
        if ($carried !== null) {
            $inside = $carried->x[$i] > 0.0 ? -1.0 : 1.0;
            $this->close(
                $carried->x[$i] + $inside,
                min($this->defender->job->carryYd, max($this->y, $carried->y[$i] + 1.0)),
                $this->vmax,
                self::CLOSE,
                $carried->vx[$i],
                0.5 * $carried->vy[$i],
            );

            return;
        }
        $spot = $this->spot;
        $limit = $spot->fast ? $this->vmax : $this->drop;
        $this->close($spot->xYd, $spot->yYd, $limit, self::CLOSE, $spot->withVx, $spot->withVy);
    }

    /** The vertical release he still carries. */
    private function carried(int $i): ?SeenRoute
    {
        $job = $this->defender->job;
        $best = null;
        $near = 6.0;
        foreach ($this->inside as $seen) {
            $away = abs($seen->x[$i] - $this->zone->wideYd);
            if (
                $seen->runsUp($i) &&
                $seen->phase[$i] === Phase::Stem &&
                $seen->y[$i] > 1.0 &&
                $seen->y[$i] < $job->carryYd &&
                $away < $near &&
                $seen->x[$i] * $this->zone->wideYd >= 0.0
            ) {
                $near = $away;
                $best = $seen;
            }
        }

        return $best;
    }

    /** A cloud corner does not go in for a man who comes out to him: he waits in front of the outside one. */
    private function waitsFor(SeenRoute $seen, int $i): bool
    {
        $out = $this->zone->out();

        return $this->defender->job->sinks && $seen->vx[$i] * $out > 0.0 && $this->x * $out > $seen->x[$i] * $out;
    }

    /** The spot he wants, by the men in his zone and behind it. */
    private function spot(int $i): Spot
    {
        $zone = $this->zone;
        $job = $zone->job;
        $pull = 0.0;
        $tx = $ty = 0.0;
        foreach ($zone->threats as $seen) {
            [$weight, $ahead] = $this->interest($seen, $i);
            if ($weight > $pull) {
                $pull = $weight;
                $tx = $this->waitsFor($seen, $i) ? $zone->wideYd : $seen->x[$i] + $ahead * $seen->vx[$i];
                $ty = $seen->y[$i] + min($ahead, Drives::AHEAD_S) * max(0.0, $seen->vy[$i]);
            }
        }
        if ($job->sinks && $pull < 0.2) {
            return new Spot($zone->wideYd, $this->sinkDepth($i), false);
        }
        if ($pull < 0.2 && ! $job->sinks) {
            return $this->work($i) ?? new Spot($zone->wideYd, $zone->deepYd + $this->behind($i), false);
        }
        $share = min(1.0, self::SHADE * $pull);
        $ty = $zone->short
            ? $ty
            : max(
                $zone->deepYd - self::COMES_UP_YD,
                min($ty - Drives::UNDERCUTS_YD, $zone->deepYd + self::HOOK_SINKS_YD),
            );
        $y = $zone->deepYd + $share * ($ty - $zone->deepYd);
        if ($job->sinks) {
            // With a vertical outside him he stays between it and the flat.
            $y = max($y, min($this->sinkDepth($i), $zone->deepYd + self::UNDER_VERTICAL_YD));
        }

        return new Spot($zone->wideYd + $share * ($tx - $zone->wideYd), $y, $share > 0.3);
    }

    /**
     * How much a receiver is in his zone, and how far ahead of him he looks: not vertical, not over his head, near
     * where he is soon.
     *
     * @return array{float, float} 0 to 1, and seconds
     */
    private function interest(SeenRoute $seen, int $i): array
    {
        $zone = $this->zone;
        $y = $seen->y[$i];
        $stem = $seen->phase[$i] === Phase::Stem;
        $sideways = abs($seen->vx[$i]) >= UnderZone::DECLARES_YD_S;
        if (
            $y < -0.5 ||
            $y > $zone->deepYd + 5.0 ||
            $seen->runsUp($i) ||
            ($stem && $y < 1.0 && ! $sideways) ||
            $zone->passesOn($seen, $i, $this->x) ||
            ($zone->robs && ! $zone->crosses($seen, $i, $this->x))
        ) {
            return [0.0, 0.0];
        }
        $comes = $sideways && $y >= self::CROSSER_YD && $seen->vx[$i] * ($this->x - $seen->x[$i]) > 0.0;
        $ahead = $comes ? min(self::COMING_S, abs($this->x - $seen->x[$i]) / abs($seen->vx[$i])) : Drives::AHEAD_S;
        $aside = $seen->x[$i] + $ahead * $seen->vx[$i] - $zone->wideYd;
        $away = sqrt($aside ** 2 + 0.5 * ($y - $zone->deepYd) ** 2);
        $near = max(0.0, min(1.0, (UnderZone::WORK_YD - $away) / self::FADES_YD));
        $counts = match (true) {
            $zone->short => $y > 9.0 ? 0.6 : 1.0,
            default => $y < UnderZone::SHORT_YD ? self::SHORT_COUNTS : 1.0,
        };

        return [$near * $counts, $ahead];
    }

    /**
     * Where an outside man looks for work: the short man beyond him, once nobody is left who may still come to him.
     */
    private function work(int $i): ?Spot
    {
        $zone = $this->zone;
        $out = $zone->out();
        $found = null;
        if (! $zone->isOutside()) {
            return null;
        }
        foreach ($zone->threats as $seen) {
            $beyond = $out * ($seen->x[$i] - $zone->wideYd);
            $comes = $seen->phase[$i] !== Phase::Broken || $seen->y[$i] >= $zone->deepYd;
            if ($comes && $beyond > -UnderZone::WORK_YD && $seen->y[$i] < $zone->deepYd + self::PAST_YD) {
                return null;
            }
            if (
                $seen->phase[$i] === Phase::Broken &&
                $beyond > 0.0 &&
                $seen->y[$i] < $zone->deepYd &&
                ($found === null || $seen->y[$i] > $found->y[$i])
            ) {
                $found = $seen;
            }
        }

        return $found === null ? null : new Spot($found->x[$i], $found->y[$i] + 1.0, true);
    }

    /** How far he sinks under a man behind him, yards. */
    private function behind(int $i): float
    {
        $zone = $this->zone;
        foreach ($zone->threats as $seen) {
            if ($seen->y[$i] > $zone->deepYd && abs($seen->x[$i] - $zone->wideYd) < UnderZone::WORK_YD) {
                return min($zone->short ? self::SHORT_SINKS_YD : self::HOOK_SINKS_YD, $seen->y[$i] - $zone->deepYd);
            }
        }

        return 0.0;
    }

    /** A flat man with nobody in the flat sinks under the outside vertical, at most to fourteen yards. */
    private function sinkDepth(int $i): float
    {
        $depth = $this->zone->deepYd;
        foreach ($this->sight->quick as $seen) {
            if (abs($seen->x[$i] - $this->zone->wideYd) >= 6.0) {
                continue;
            }
            if ($seen->phase[$i] === Phase::Tell) {
                // He who slows down is squeezed from under him.
                $depth = max($depth, min($this->y, $seen->y[$i]));
            } elseif ($seen->vy[$i] > 2.0) {
                $depth = max($depth, min(self::FLAT_SINKS_TO_YD, $seen->y[$i] + 1.0));
            }
        }

        return $depth;
    }
}
