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
    /**
     * How far an under man looks for work from his landmark, and over how much his interest fades, yards (settled by
     * the truths).
     */
    private const WORK_YD = 8.0;

    private const FADES_YD = 3.5;

    /** How far ahead he looks, seconds: at a man in his zone, and at a crosser this deep who comes his way. */
    private const AHEAD_S = 0.5;

    private const COMING_S = 1.0;

    private const CROSSER_YD = 8.0;

    /** Share of the way from his landmark to a threat that he gives. */
    private const SHADE = 0.8;

    /** What a short route counts for a man who plays deep first, and how far it brings him up, yards. */
    private const SHORT_COUNTS = 0.8;

    private const COMES_UP_YD = 2.0;

    /** In front of this depth a route is short, yards. */
    private const SHORT_YD = 7.0;

    /** He drives on a man who breaks this near him, yards, and arrives this far under him. */
    private const DRIVES_YD = 5.0;

    private const FLAT_DRIVES_YD = 6.0;

    private const UNDERCUTS_YD = 0.5;

    /** From this width on an under man is an outside man, yards. */
    private const OUTSIDE_YD = 9.0;

    /** How much deeper than his landmark a flat man drives on a break. */
    private const FLAT_DEEPER_YD = 4.0;

    /**
     * How far a man with nobody in his zone sinks under one behind him, and a flat man under the outside vertical,
     * yards.
     */
    private const HOOK_SINKS_YD = 4.0;

    private const SHORT_SINKS_YD = 1.0;

    private const FLAT_SINKS_TO_YD = 14.0;

    /** How much deeper than his landmark a flat man stays while an outside man runs by him, yards. */
    private const UNDER_VERTICAL_YD = 2.0;

    /** A release that runs sideways this fast tells at once where it goes, yards a second. */
    private const DECLARES_YD_S = 3.0;

    /**
     * On a late down with this far to go hook and curl men sink under the sticks (DEF-04), at most this much, yards.
     */
    private const LONG_YD = 7.0;

    private const SINKS_YD = 5.0;

    /** How much deeper a hook man goes under the middle route of a roll he sees at once, yards (product default). */
    private const UNDER_MIDDLE_YD = 4.0;

    /** An outside man the passer rolls to is no deeper than this, yards (product default). */
    private const ROLLED_TO_YD = 5.0;

    /** A man who is this far past his depth comes back to him no more, yards. */
    private const PAST_YD = 4.0;

    /** Steps between two looks around: a man does not change his mind every twentieth of a second. */
    private const LOOKS_EVERY = 2;

    /** @var array{float, float, bool}|null the spot he wants, and whether he runs there at full speed */
    private ?array $spot = null;

    private ?SeenRoute $carrying = null;

    /** How deep he drops, yards. */
    private readonly float $deepYd;

    /** Width of his landmark, moved with a passer who rolls. */
    private readonly float $wideYd;

    /** @var list<SeenRoute> the routes as a man on the inside hip sees them */
    private readonly array $inside;

    /** @var list<SeenRoute> the routes he may have to play */
    private readonly array $threats;

    /** Whether others have the receivers man to man and he is free. */
    private readonly bool $robs;

    /** Whether he answers what is short first. */
    private readonly bool $short;

    public function __construct(Defender $defender, SprintLaw $law, Sight $sight)
    {
        parent::__construct($defender, $law, $sight);
        $situation = $sight->scene->setting->situation;
        $job = $defender->job;
        $faces = $this->facesRoll();
        $this->short = $job->first === 'short' || $faces;
        $this->wideYd = $job->wideYd + $sight->scene->rollsBy();
        $sinks = $situation->down >= 3 && $situation->toGoYd >= self::LONG_YD && ! $this->short;
        // Who sees the passer roll at once sinks under the middle route; who has been held by a run has no time for it
        // (DEF-04).
        $hook = ! $this->short && abs($job->wideYd) < self::OUTSIDE_YD;
        $under =
            $hook && $sight->scene->rolls() !== null && $sight->scene->hold($defender) <= 0.0
                ? self::UNDER_MIDDLE_YD
                : 0.0;
        $lands = $faces ? min($job->deepYd, self::ROLLED_TO_YD) : $job->deepYd;
        $this->deepYd =
            $under +
            ($sinks ? max($job->deepYd, min($situation->toGoYd - 0.5, $job->deepYd + self::SINKS_YD)) : $lands);
        // With man coverage around him he is the free man underneath: crossers are his to cut, whoever has them.
        $this->robs = array_filter($sight->manned, fn (?int $d): bool => $d !== null) !== [];
        $this->threats = $this->robs
            ? $sight->quick
            : array_values(
                array_filter($sight->quick, fn (int $r): bool => $sight->manned[$r] === null, ARRAY_FILTER_USE_KEY),
            );
        $this->inside =
            $job->carryYd <= 0.0
                ? []
                : array_map(fn (int $r): SeenRoute => $sight->by($r, 'inside'), array_keys($sight->quick));
    }

    /**
     * The outside man a passer rolls to without a run action plays the flat first: nobody else has it before the
     * sideline.
     */
    private function facesRoll(): bool
    {
        $scene = $this->sight->scene;
        $toHim = $this->defender->job->wideYd * ($scene->rolls()?->sign() ?? 0) >= self::OUTSIDE_YD;

        return $toHim && $scene->call->fake === null;
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
            $this->spot = $this->carrying === null ? $this->driven($i) ?? $this->spot($i) : [$this->x, $this->y, false];
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
        [$x, $y, $fast] = $this->spot;
        $this->close($x, $y, $fast ? $this->vmax : $this->drop);
    }

    /** The vertical release he still carries. */
    private function carried(int $i): ?SeenRoute
    {
        $job = $this->defender->job;
        $best = null;
        $near = 6.0;
        foreach ($this->inside as $seen) {
            $away = abs($seen->x[$i] - $this->wideYd);
            if (
                $seen->runsUp($i) &&
                $seen->phase[$i] === Phase::Stem &&
                $seen->y[$i] > 1.0 &&
                $seen->y[$i] < $job->carryYd &&
                $away < $near &&
                $seen->x[$i] * $this->wideYd >= 0.0
            ) {
                $near = $away;
                $best = $seen;
            }
        }

        return $best;
    }

    /**
     * Where he meets a man who has broken near him, at full speed, or null: nobody is near enough.
     *
     * @return array{float, float, bool}|null
     */
    private function driven(int $i): ?array
    {
        $best = null;
        $near = $this->short ? self::FLAT_DRIVES_YD : self::DRIVES_YD;
        foreach ($this->threats as $seen) {
            if (! $this->drivable($seen, $i)) {
                continue;
            }
            $away = hypot($seen->x[$i] - $this->x, $seen->y[$i] - $this->y);
            if ($away < $near) {
                $near = $away;
                $best = $seen;
            }
        }
        if ($best === null) {
            return null;
        }
        $lead = min(self::AHEAD_S, $near / $this->vmax);

        return [$best->x[$i] + $lead * $best->vx[$i], $best->y[$i] + $lead * $best->vy[$i] - self::UNDERCUTS_YD, true];
    }

    /** Whether a route has broken, or tells a flat man that it will, in the part of the field that is his. */
    private function drivable(SeenRoute $seen, int $i): bool
    {
        $known = $seen->phase[$i] === Phase::Broken || $this->short && $seen->phase[$i] === Phase::Tell;
        if (! $known || $seen->y[$i] < 0.5 || $this->robs && ! $this->crosses($seen, $i)) {
            return false;
        }
        if ($this->passesOn($seen, $i)) {
            return false;
        }
        $x = $seen->x[$i] + self::AHEAD_S * $seen->vx[$i];
        $away = abs($x - $this->wideYd);
        if ($this->short) {
            return $seen->y[$i] <= $this->deepYd + self::FLAT_DEEPER_YD && ! $seen->runsUp($i) && $away < self::WORK_YD;
        }

        return ! $seen->runsUp($i) &&
            $seen->y[$i] >= self::SHORT_YD - 2.0 &&
            $away < self::WORK_YD &&
            $seen->y[$i] < $this->deepYd + self::DRIVES_YD;
    }

    /** A cloud corner does not go in for a man who comes out to him: he waits in front of the outside one. */
    private function waitsFor(SeenRoute $seen, int $i): bool
    {
        $out = $this->wideYd < 0.0 ? -1.0 : 1.0;

        return $this->defender->job->sinks && $seen->vx[$i] * $out > 0.0 && $this->x * $out > $seen->x[$i] * $out;
    }

    /** A deeper route that runs inward away from an outside man is the next man's. */
    private function passesOn(SeenRoute $seen, int $i): bool
    {
        $out = $this->wideYd < 0.0 ? -1.0 : 1.0;

        return abs($this->wideYd) >= self::OUTSIDE_YD &&
            $seen->y[$i] >= self::SHORT_YD &&
            $seen->vx[$i] * $out < -1.0 &&
            $this->x * $out > $seen->x[$i] * $out;
    }

    /** Whether he runs across the field toward the man who robs. */
    private function crosses(SeenRoute $seen, int $i): bool
    {
        return abs($seen->vx[$i]) >= self::DECLARES_YD_S && $seen->vx[$i] * ($this->x - $seen->x[$i]) >= 0.0;
    }

    /** @return array{float, float, bool} the spot he wants, and whether he runs there at full speed */
    private function spot(int $i): array
    {
        $job = $this->defender->job;
        $pull = 0.0;
        $tx = $ty = 0.0;
        foreach ($this->threats as $seen) {
            [$weight, $ahead] = $this->interest($seen, $i);
            if ($weight > $pull) {
                $pull = $weight;
                $tx = $this->waitsFor($seen, $i) ? $this->wideYd : $seen->x[$i] + $ahead * $seen->vx[$i];
                $ty = $seen->y[$i] + min($ahead, self::AHEAD_S) * max(0.0, $seen->vy[$i]);
            }
        }
        if ($job->sinks && $pull < 0.2) {
            return [$this->wideYd, $this->sinkDepth($i), false];
        }
        if ($pull < 0.2 && ! $job->sinks) {
            return $this->work($i) ?? [$this->wideYd, $this->deepYd + $this->behind($i), false];
        }
        $share = min(1.0, self::SHADE * $pull);
        $ty = $this->short
            ? $ty
            : max(
                $this->deepYd - self::COMES_UP_YD,
                min($ty - self::UNDERCUTS_YD, $this->deepYd + self::HOOK_SINKS_YD),
            );
        $y = $this->deepYd + $share * ($ty - $this->deepYd);
        if ($job->sinks) {
            // With a vertical outside him he stays between it and the flat.
            $y = max($y, min($this->sinkDepth($i), $this->deepYd + self::UNDER_VERTICAL_YD));
        }

        return [$this->wideYd + $share * ($tx - $this->wideYd), $y, $share > 0.3];
    }

    /**
     * How much a receiver is in his zone, and how far ahead of him he looks: not vertical, not over his head, near
     * where he is soon.
     *
     * @return array{float, float} 0 to 1, and seconds
     */
    private function interest(SeenRoute $seen, int $i): array
    {
        $y = $seen->y[$i];
        $stem = $seen->phase[$i] === Phase::Stem;
        $sideways = abs($seen->vx[$i]) >= self::DECLARES_YD_S;
        if (
            $y < -0.5 ||
            $y > $this->deepYd + 5.0 ||
            $seen->runsUp($i) ||
            ($stem && $y < 1.0 && ! $sideways) ||
            $this->passesOn($seen, $i) ||
            ($this->robs && ! $this->crosses($seen, $i))
        ) {
            return [0.0, 0.0];
        }
        $comes = $sideways && $y >= self::CROSSER_YD && $seen->vx[$i] * ($this->x - $seen->x[$i]) > 0.0;
        $ahead = $comes ? min(self::COMING_S, abs($this->x - $seen->x[$i]) / abs($seen->vx[$i])) : self::AHEAD_S;
        $away = sqrt(($seen->x[$i] + $ahead * $seen->vx[$i] - $this->wideYd) ** 2 + 0.5 * ($y - $this->deepYd) ** 2);
        $near = max(0.0, min(1.0, (self::WORK_YD - $away) / self::FADES_YD));
        $counts = match (true) {
            $this->short => $y > 9.0 ? 0.6 : 1.0,
            default => $y < self::SHORT_YD ? self::SHORT_COUNTS : 1.0,
        };

        return [$near * $counts, $ahead];
    }

    /**
     * Where an outside man looks for work: the short man beyond him, once nobody is left who may still come to him.
     *
     * @return array{float, float, bool}|null
     */
    private function work(int $i): ?array
    {
        $out = $this->wideYd < 0.0 ? -1.0 : 1.0;
        $found = null;
        if (abs($this->wideYd) < self::OUTSIDE_YD) {
            return null;
        }
        foreach ($this->threats as $seen) {
            $beyond = $out * ($seen->x[$i] - $this->wideYd);
            $comes = $seen->phase[$i] !== Phase::Broken || $seen->y[$i] >= $this->deepYd;
            if ($comes && $beyond > -self::WORK_YD && $seen->y[$i] < $this->deepYd + self::PAST_YD) {
                return null;
            }
            if (
                $seen->phase[$i] === Phase::Broken &&
                $beyond > 0.0 &&
                $seen->y[$i] < $this->deepYd &&
                ($found === null || $seen->y[$i] > $found->y[$i])
            ) {
                $found = $seen;
            }
        }

        return $found === null ? null : [$found->x[$i], $found->y[$i] + 1.0, true];
    }

    /** How far he sinks under a man behind him, yards. */
    private function behind(int $i): float
    {
        foreach ($this->threats as $seen) {
            if ($seen->y[$i] > $this->deepYd && abs($seen->x[$i] - $this->wideYd) < self::WORK_YD) {
                return min($this->short ? self::SHORT_SINKS_YD : self::HOOK_SINKS_YD, $seen->y[$i] - $this->deepYd);
            }
        }

        return 0.0;
    }

    /** A flat man with nobody in the flat sinks under the outside vertical, at most to fourteen yards. */
    private function sinkDepth(int $i): float
    {
        $depth = $this->deepYd;
        foreach ($this->sight->quick as $seen) {
            if (abs($seen->x[$i] - $this->wideYd) >= 6.0) {
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
