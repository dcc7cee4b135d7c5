<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play\Behaviour;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Proof\Play\SeenRoute;
use Jacotaxis\Core\Proof\Play\Sight;

/**
 * An under zone: drops to his landmark, carries a vertical release as far as his rule says, shades to who is in his zone,
 * looks for work within eight yards when nobody is.
 */
final class Under extends Mover
{
    /** How far an under man with nobody in his zone looks for work. */
    private const WORK_YD = 8.0;

    /** How far ahead of a crosser he looks, seconds. */
    private const AHEAD = 0.5;

    /** Share of the way from his landmark to a threat that he gives. */
    private const SHADE = 0.5;

    /** How much deeper than his landmark a flat man stays while an outside man runs by him, yards. */
    private const UNDER_VERTICAL_YD = 2.0;

    /** A release that runs sideways this fast tells at once where it goes, yards a second. */
    private const DECLARES_YD_S = 3.0;

    /** On a late down with this far to go hook and curl men sink under the sticks (DEF-04), at most this much, yards. */
    private const LONG_YD = 7.0;

    private const SINKS_YD = 5.0;

    /** How much deeper a hook man goes under the middle route of a roll he sees at once, yards (product default). */
    private const UNDER_MIDDLE_YD = 4.0;

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

    public function __construct(Defender $defender, SprintLaw $law, Sight $sight)
    {
        parent::__construct($defender, $law, $sight);
        $situation = $sight->scene->setting->situation;
        $job = $defender->job;
        $this->wideYd = $job->wideYd + $sight->scene->rollsBy();
        $sinks = $situation->down >= 3 && $situation->toGoYd >= self::LONG_YD && $job->first === 'deep';
        // Who sees the passer roll at once sinks under the middle route; who has been held by a run has no time for it (DEF-04).
        $under = $sight->scene->rolls() !== null && $job->first === 'deep' && $sight->scene->hold($defender) <= 0.0 ? self::UNDER_MIDDLE_YD : 0.0;
        $this->deepYd = $under + ($sinks ? max($job->deepYd, min($situation->toGoYd - 0.5, $job->deepYd + self::SINKS_YD)) : $job->deepYd);
        // With man coverage around him he is the free man underneath: crossers are his to cut, whoever has them.
        $robs = array_filter($sight->manned, fn (?int $d): bool => $d !== null) !== [];
        $this->threats = $robs ? $sight->quick : array_values(array_filter($sight->quick, fn (int $r): bool => $sight->manned[$r] === null, ARRAY_FILTER_USE_KEY));
        $this->robs = $robs;
        $this->inside = $defender->job->carryYd <= 0.0 ? [] : array_map(fn (int $r): SeenRoute => $sight->by($r, 'inside'), array_keys($sight->quick));
    }

    public function start(): void
    {
        parent::start();
        $this->spot = $this->carrying = null;
    }

    public function steer(int $i): void
    {
        if ($i * 0.05 < $this->reaction) {
            $this->wx = $this->wy = 0.0;

            return;
        }
        if ($i % self::LOOKS_EVERY === 0 || $this->spot === null) {
            $this->carrying = $this->inside === [] ? null : $this->carried($i);
            $this->spot = $this->carrying === null ? $this->spot($i) : [$this->x, $this->y, false];
        }
        $carried = $this->carrying;
        if ($carried !== null) {
            $inside = $carried->x[$i] > 0.0 ? -1.0 : 1.0;
            $this->close($carried->x[$i] + $inside, min($this->defender->job->carryYd, max($this->y, $carried->y[$i] + 1.0)), $this->vmax, self::CLOSE, $carried->vx[$i], 0.5 * $carried->vy[$i]);

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
            $upfield = $seen->vy[$i] > 2.0 && $seen->vy[$i] > abs($seen->vx[$i]);
            $away = abs($seen->x[$i] - $this->wideYd);
            if ($upfield && $seen->y[$i] > 1.0 && $seen->y[$i] < $job->carryYd && $away < $near && $seen->x[$i] * $this->wideYd >= 0.0) {
                $near = $away;
                $best = $seen;
            }
        }

        return $best;
    }

    /** @return array{float, float, bool} the spot he wants, and whether he runs there at full speed */
    private function spot(int $i): array
    {
        $job = $this->defender->job;
        $pull = 0.0;
        $tx = $ty = 0.0;
        foreach ($this->threats as $seen) {
            $weight = $this->interest($seen, $i);
            if ($weight > $pull) {
                $pull = $weight;
                $tx = $seen->x[$i] + self::AHEAD * $seen->vx[$i];
                $ty = $seen->y[$i];
            }
        }
        if ($job->sinks && $pull < 0.2) {
            return [$this->wideYd, $this->sinkDepth($i), false];
        }
        $share = self::SHADE * $pull * ($job->first === 'short' && $ty < 8.0 ? 1.5 : 1.0);
        $ty = $job->first === 'short' || $ty > $this->deepYd ? $ty : max($ty, min($this->deepYd, $ty + 4.0));

        $y = $this->deepYd + $share * ($ty - $this->deepYd);
        if ($job->sinks) {
            // With a vertical outside him he stays between it and the flat.
            $y = max($y, min($this->sinkDepth($i), $this->deepYd + self::UNDER_VERTICAL_YD));
        }

        return [$this->wideYd + $share * ($tx - $this->wideYd), $y, $share > 0.3];
    }

    /** How much a receiver is in his zone: near his landmark, not vertical, not over his head. Short comes first for flat men. */
    private function interest(SeenRoute $seen, int $i): float
    {
        $y = $seen->y[$i];
        if ($y < -0.5) {
            return 0.0;
        }
        $job = $this->defender->job;
        $vy = $seen->vy[$i];
        if ($y > $this->deepYd + 5.0 || ($vy > 2.0 && $vy > abs($seen->vx[$i]))) {
            return 0.0;
        }
        if ($i * 0.05 < $seen->brokenAt && $y < 1.0 && abs($seen->vx[$i]) < self::DECLARES_YD_S) {
            return 0.0;
        }
        if ($this->robs && (abs($seen->vx[$i]) < self::DECLARES_YD_S || $seen->vx[$i] * ($this->x - $seen->x[$i]) < 0.0)) {
            return 0.0;
        }
        $away = sqrt(($seen->x[$i] + self::AHEAD * $seen->vx[$i] - $this->wideYd) ** 2 + 0.5 * ($y - $this->deepYd) ** 2);
        $near = max(0.0, min(1.0, (self::WORK_YD - $away) / 3.5));

        return $near * ($job->first === 'short' && $y > 9.0 ? 0.6 : 1.0);
    }

    /** A flat man with nobody in the flat sinks under the outside vertical, at most to fourteen yards. */
    private function sinkDepth(int $i): float
    {
        $depth = $this->deepYd;
        foreach ($this->sight->quick as $seen) {
            if (abs($seen->x[$i] - $this->wideYd) < 6.0 && $seen->vy[$i] > 2.0) {
                $depth = max($depth, min(14.0, $seen->y[$i] + 1.0));
            }
        }

        return $depth;
    }
}
