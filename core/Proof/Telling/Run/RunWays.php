<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Run;

use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Play\Tracks;
use Jacotaxis\Core\Proof\Run\Ball\Carrier;
use Jacotaxis\Core\Proof\Run\Chase\Tackler;
use Jacotaxis\Core\Proof\Run\Made;
use Jacotaxis\Core\Proof\Run\RunAct;
use Jacotaxis\Core\Proof\Run\RunOutcome;
use Jacotaxis\Core\Proof\Run\RunProof;

/** Where each of the twenty-two of a run has to be at every step: what his job wants of him. Yards and seconds. */
final class RunWays
{
    /** A blocked man is moved this fast once he is met, yards a second. */
    private const DRIVEN_YD_S = 0.7;

    /** Who pulls farther than this runs on a curve: it bends so far behind him at that share of his way, yards. */
    private const PULLS_YD = 2.0;

    private const BEHIND_YD = 0.6;

    private const TURNS = 0.6;

    private const CURVE_LEGS = 8;

    /** @var array<string, Tackler> by role */
    private array $tacklers = [];

    /** @var array<string, array{Made|null}> how each defender is blocked, by role */
    private array $met = [];

    /** @var array<string, list<array{float, float, float, float, float}>> the pieces of a puller's curve, by letter */
    private array $pulls = [];

    /** Where the coverage is while the ball is thrown. */
    private ?Tracks $coverage = null;

    /**
     * @var array<string, array{Tackler, int}> how a key or a free man goes for the carrier, and where they meet, by
     *     role
     */
    private array $going = [];

    /** @param  array<string, RunAct>  $acts  by role of the key */
    public function __construct(
        private readonly RunProof $proof,
        private readonly RunOutcome $outcome,
        private readonly array $acts,
    ) {
    }

    /** The run as it is by everybody's rule. */
    public static function ruleTrue(RunProof $proof): self
    {
        return new self($proof, $proof->ruleTrue, $proof->byRule);
    }

    /** Who has the ball in the end, or would have it. */
    public function carrier(): Carrier
    {
        return $this->proof->carriers[$this->outcome->action] ?? array_values($this->proof->carriers)[0];
    }

    /** Whether the proof has timed his way: to the man he blocks, or to where he may get the ball. */
    public function isTimed(string $letter): bool
    {
        $made = $this->proof->made[$letter] ?? null;

        return ($made?->at !== null && $made->makeable !== false) ||
            in_array($letter, array_column($this->proof->carriers, 'letter'), true);
    }

    /** Whether nobody blocks him: he goes for the ball. */
    public function goesFree(string $role): bool
    {
        return $this->blocked($role) === null;
    }

    /** Whether he covers while the ball is thrown. */
    public function covers(string $role): bool
    {
        return $this->blocked($role) === null && $this->covering($role) !== null;
    }

    /**
     * Where a man of the offense is wanted at a step.
     *
     * @return array{float, float}
     */
    public function man(string $letter, int $i): array
    {
        $scene = $this->proof->scene;
        $step = $this->stopped($i);
        foreach ($this->proof->carriers as $action => $carrier) {
            $his =
                $carrier->letter === $letter &&
                ($letter !== 'Q' ||
                    $action ===
                        ($this->outcome->action === 'give'
                            ? array_key_first($this->quarterbacks())
                            : $this->outcome->action));
            if ($his) {
                $at = $this->outcome->letter === $letter ? $step : $i;

                return [$carrier->path->x[$at], $carrier->path->y[$at]];
            }
        }
        if (isset($scene->routes[$letter])) {
            return [$scene->routes[$letter]->path->x[$i], $scene->routes[$letter]->path->y[$i]];
        }
        $thrownAt = array_values($this->proof->carriers)[0]->thrownAt;
        if ($letter === 'Q' && $thrownAt !== null) {
            [$x, $y] = $scene->launch();
            $share = min(1.0, $i * Path::STEP / $thrownAt);
            $q = $scene->men['Q'];

            return [$q->xYd + $share * ($x - $q->xYd), $q->yYd + $share * ($y - $q->yYd)];
        }
        if ($letter === 'Q') {
            $his = $this->quarterbacksWay();

            return $his === null ? [$scene->men['Q']->xYd, $scene->men['Q']->yYd] : [$his->x[$i], $his->y[$i]];
        }
        $man = $scene->men[$letter];
        $made = $this->proof->made[$letter] ?? null;
        if ($made?->at === null || $made->xYd === null) {
            return $this->unmade($letter, $i);
        }
        $law = $man->isLineman() ? $scene->setting->level->lineman() : $scene->setting->law($letter);
        $start = min(0.1, $made->at);
        $share = min(
            1.0,
            $law->distance(max(0.0, $i * Path::STEP - $start)) / max(
                0.05,
                $law->distance(max(0.05, $made->at - $start)),
            ),
        );
        $drive = max(0.0, $i * Path::STEP - $made->at) * self::DRIVEN_YD_S * 0.6;

        [$x, $y] = $this->on($letter, $share, (float) $made->xYd, (float) $made->yYd - 0.6);

        return [$x, $y + $drive];
    }

    /**
     * A share of the way to a place: straight, or for who pulls behind the line first and then through the hole.
     *
     * @return array{float, float}
     */
    private function on(string $letter, float $share, float $xYd, float $yYd): array
    {
        $man = $this->proof->scene->men[$letter];
        $across = $xYd - $man->xYd;
        if (! $this->proof->resolved->blocks[$letter]->verb->pulls() || abs($across) < self::PULLS_YD) {
            return [$man->xYd + $share * $across, $man->yYd + $share * ($yYd - $man->yYd)];
        }
        $this->pulls[$letter] ??= self::curve(
            [$man->xYd, $man->yYd],
            [$man->xYd + self::TURNS * $across, $man->yYd - self::BEHIND_YD],
            [$xYd, $yYd],
        );
        $left = $share * array_sum(array_column($this->pulls[$letter], 4));
        foreach ($this->pulls[$letter] as [$fromX, $fromY, $toX, $toY, $length]) {
            if ($left <= $length) {
                $part = $left / max(1e-6, $length);

                return [$fromX + $part * ($toX - $fromX), $fromY + $part * ($toY - $fromY)];
            }
            $left -= $length;
        }

        return [$xYd, $yYd];
    }

    /**
     * A curve that bends toward a corner, in straight pieces.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $corner
     * @param  array{float, float}  $to
     * @return list<array{float, float, float, float, float}> from and to, x and y, and the length of each
     */
    private static function curve(array $from, array $corner, array $to): array
    {
        $at = fn (float $t, int $n): float => (1.0 - $t) ** 2 * $from[$n] + 2.0 * (1.0 - $t) * $t * $corner[$n] +
            $t * $t * $to[$n];
        $legs = [];
        for ($n = 0; $n < self::CURVE_LEGS; $n++) {
            [$a, $b] = [$n / self::CURVE_LEGS, ($n + 1) / self::CURVE_LEGS];
            $leg = [$at($a, 0), $at($a, 1), $at($b, 0), $at($b, 1)];
            $legs[] = [...$leg, hypot($leg[2] - $leg[0], $leg[3] - $leg[1])];
        }

        return $legs;
    }

    /**
     * Carriers who are the quarterback.
     *
     * @return array<string, Carrier>
     */
    private function quarterbacks(): array
    {
        $his = array_filter($this->proof->carriers, fn (Carrier $c): bool => $c->letter === 'Q');

        return $his === [] ? ['give' => array_values($this->proof->carriers)[0]] : $his;
    }

    /**
     * A man who blocks nobody, or does not get to his man: toward where he was going.
     *
     * @return array{float, float}
     */
    private function unmade(string $letter, int $i): array
    {
        $man = $this->proof->scene->men[$letter];
        $block = $this->proof->resolved->blocks[$letter];
        $sign = $this->proof->resolved->run->side->sign();
        if ($man->inMotion()) {
            $run = min(14.0, $i * Path::STEP * 7.0);

            return [$man->xYd + ($man->vxYd <=> 0.0) * $run, $man->yYd];
        }
        $target = $block->target === null ? null : $this->proof->resolved->front->men[$block->target] ?? null;
        [$tx, $ty] =
            $target === null
                ? [$man->xYd + $sign * 1.2, $man->yYd + ($block->verb === Verb::Fake ? 3.5 : 2.5)]
                : [$target->xYd + 0.8 * $sign, $target->yYd - 1.0];
        $away = hypot($tx - $man->xYd, $ty - $man->yYd);
        $run = min($away, $this->proof->scene->setting->level->lineman()->distance(max(0.0, $i * Path::STEP - 0.15)));

        return $away < 1e-6
            ? [$man->xYd, $man->yYd]
            : [$man->xYd + ($run / $away) * ($tx - $man->xYd), $man->yYd + ($run / $away) * ($ty - $man->yYd)];
    }

    /** The last step of the carrier's way: he is down where the first free man meets him. */
    private function stopped(int $i): int
    {
        if ($this->outcome->metYYd === null) {
            return $i;
        }
        $carrier = $this->proof->carriers[$this->outcome->action] ?? null;

        return $carrier === null ? $i : min($i, $carrier->stepPast($this->outcome->metYYd));
    }

    /**
     * Where a defender is wanted at a step.
     *
     * @return array{float, float}
     */
    public function defender(string $role, int $i): array
    {
        $t = $i * Path::STEP;
        $carrier = $this->carrier();
        $d = $this->proof->resolved->front->men[$role];
        $own = $this->tackler($role);
        $made = $this->blocked($role);
        if ($made !== null) {
            $at = (float) $made->at;
            // Who plays what he is shown is on his way from the snap on.
            $shows = $this->proof->defense->shows();
            $from = $shows ? 0.0 : min($own->delay, $at);
            $until = $shows ? max($own->delay, $at) : $at;
            $share = min(1.0, max(0.0, $t - $from) / max(0.1, $until - $from));

            return [
                $d->xYd + $share * ((float) $made->xYd - $d->xYd),
                $d->yYd + $share * ((float) $made->yYd - $d->yYd) + max(0.0, $t - $at) * self::DRIVEN_YD_S * 0.6,
            ];
        }
        $covers = $this->covering($role);
        if ($covers !== null) {
            return [$covers[0][$i], $covers[1][$i]];
        }
        $act = $this->acts[$role] ?? null;
        if ($act !== null) {
            return $this->key($role, $act, $t, $carrier);
        }

        return $this->proof->defense->whileShown($role, $t) ?? $this->toward($own, $carrier, $t);
    }

    /**
     * The way of a man who covers while the ball is thrown, or null.
     *
     * @return array{list<float>, list<float>}|null
     */
    private function covering(string $role): ?array
    {
        $passing = $this->proof->decider->passing;
        if ($this->outcome->pass === null || $passing === null) {
            return null;
        }
        if ($this->coverage === null) {
            $act = $passing->role === null ? null : ($this->acts[$passing->role] ?? null);
            $place = $act === null ? [null, 0.0] : $this->proof->decider->place($passing, $act);
            $this->coverage = $passing->tracks(...$place);
        }
        $d = array_search($role, array_map(fn ($one): string => $one->role, $this->proof->scene->defenders), true);

        return $d === false || ! isset($this->coverage->x[$d]) ? null
            : [$this->coverage->x[$d], $this->coverage->y[$d]];
    }

    /**
     * A key goes for the man he takes; when the ball is elsewhere he turns.
     *
     * @return array{float, float}
     */
    private function key(string $role, RunAct $act, float $t, Carrier $carrier): array
    {
        [$on] = $this->going[$role] ??= [
            ($on = $this->proof->decider->moves->onCarrier($role, $carrier->action, $act)),
            $on->meets($carrier) ?? Path::STEPS - 1,
        ];
        $own = $this->tackler($role);
        if ($t >= $on->delay || $on->delay < 1e-6) {
            return $this->toward($on, $carrier, $t);
        }
        $share = $on->delay <= $own->delay ? 0.0 : max(0.0, min(1.0, ($t - $own->delay) / ($on->delay - $own->delay)));

        return [$own->xYd + $share * ($on->xYd - $own->xYd), $own->yYd + $share * ($on->yYd - $own->yYd)];
    }

    /** @return array{float, float} */
    private function toward(Tackler $tackler, Carrier $carrier, float $t): array
    {
        [, $met] = $this->going[$tackler->role] ??= [$tackler, $tackler->meets($carrier) ?? Path::STEPS - 1];
        $stop = $this->stopped($met);
        $dx = $carrier->path->x[$stop] - $tackler->xYd;
        $dy = $carrier->path->y[$stop] - $tackler->yYd;
        $away = hypot($dx, $dy);
        $run = min(
            max(0.0, $away - 0.7),
            max(0.0, $t > $tackler->delay ? $tackler->law->distance($t - $tackler->delay) : 0.0),
        );

        return $away < 1e-6
            ? [$tackler->xYd, $tackler->yYd]
            : [$tackler->xYd + ($run / $away) * $dx, $tackler->yYd + ($run / $away) * $dy];
    }

    /** How he goes who has not the ball in the end: to the pitch as he pitches, else as he would have kept it. */
    private function quarterbacksWay(): ?Path
    {
        $carriers = $this->proof->carriers;
        $pitched = ($carriers[$this->outcome->action] ?? null)?->pitched;

        return $pitched->quarterback ?? ($carriers['keep'] ?? $carriers['pull'] ?? null)?->path;
    }

    /** A defender on his way to the ball by his rule. */
    private function tackler(string $role): Tackler
    {
        return $this->tacklers[$role] ??= $this->proof->defense->tackler($role);
    }

    /** How a man is met who is blocked, or null. */
    private function blocked(string $role): ?Made
    {
        return ($this->met[$role] ??= [$this->first($role)])[0];
    }

    /** Who of his blockers gets to him. */
    private function first(string $role): ?Made
    {
        foreach ($this->proof->resolved->blockersOf($role) as $letter) {
            $made = $this->proof->made[$letter] ?? null;
            if ($made?->at !== null && $made->xYd !== null && $made->makeable !== false) {
                return $made;
            }
        }

        return null;
    }
}
