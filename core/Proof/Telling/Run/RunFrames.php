<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Run;

use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Kinematics\BallFlight;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Play\Tracks;
use Jacotaxis\Core\Proof\Run\Ball\Carrier;
use Jacotaxis\Core\Proof\Run\Ball\Pitched;
use Jacotaxis\Core\Proof\Run\Chase\Tackler;
use Jacotaxis\Core\Proof\Run\RunAct;
use Jacotaxis\Core\Proof\Run\RunOutcome;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Throwing\ThrowLine;

/** A run as pictures, twenty a second: the twenty-two men and the ball. Yards, seconds; the ball has a height. */
final class RunFrames
{
    /** Seconds shown after the first free man is there, and at most. */
    private const AFTER_S = 0.5;

    private const MOST_S = 4.5;

    /** A blocked man is moved this fast once he is met, yards a second. */
    private const DRIVEN_YD_S = 0.7;

    /** How high the ball of a screen goes over the rush: four times what is added at the middle of its way, yards. */
    private const LOB_YD = 3.0;

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

    /** @return array<string, mixed> as Frames::of */
    public function all(): array
    {
        $carrier = $this->proof->carriers[$this->outcome->action] ?? array_values($this->proof->carriers)[0];
        $last = $this->lastStep($carrier);
        $at = $ball = [];
        for ($i = 0; $i <= $last; $i++) {
            $row = [];
            foreach (array_keys($this->proof->scene->men) as $letter) {
                [$x, $y] = $this->man($letter, $i);
                array_push($row, round($x, 2), round($y, 2));
            }
            foreach ($this->proof->scene->defenders as $d) {
                [$x, $y] = $this->defender($d->role, $i, $carrier);
                array_push($row, round($x, 2), round($y, 2));
            }
            $at[] = $row;
            $ball[] = $this->ball($carrier, $i);
        }

        return ['step' => Path::STEP, 'men' => array_keys($this->proof->scene->men),
            'defenders' => array_map(fn ($d): string => $d->role, $this->proof->scene->defenders), 'at' => $at,
            'ball' => $ball];
    }

    /**
     * Where a defender is at a step, as all() has it.
     *
     * @return array{float, float}
     */
    public function defenderAt(string $role, int $i): array
    {
        $carrier = $this->proof->carriers[$this->outcome->action] ?? array_values($this->proof->carriers)[0];

        return $this->defender($role, min($i, $this->lastStep($carrier)), $carrier);
    }

    private function lastStep(Carrier $carrier): int
    {
        $line = $this->outcome->pass?->line;
        if ($line !== null) {
            return min(Path::STEPS - 1, (int) ceil(($line->caughtAt() + self::AFTER_S) / Path::STEP));
        }
        $met = $this->outcome->metYYd;
        $until = $met === null ? self::MOST_S : $carrier->stepPast($met) * Path::STEP + self::AFTER_S;

        return min(Path::STEPS - 1, (int) ceil(min(self::MOST_S, max(1.5, $until)) / Path::STEP));
    }

    /**
     * Where a man of the offense is at a step.
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

        return [
            $man->xYd + $share * ($made->xYd - $man->xYd),
            $man->yYd + $share * ($made->yYd - 0.6 - $man->yYd) + $drive,
        ];
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

    /** @return array{float, float} */
    private function defender(string $role, int $i, Carrier $carrier): array
    {
        $t = $i * Path::STEP;
        $d = $this->proof->resolved->front->men[$role];
        $own = $this->proof->defense->tackler($role);
        $shown = isset($this->acts[$role]) ? null : $this->proof->defense->whileShown($role, $t);
        foreach ($this->proof->resolved->blockersOf($role) as $letter) {
            $made = $this->proof->made[$letter] ?? null;
            if ($made?->at !== null && $made->xYd !== null && $made->makeable !== false) {
                // Who plays what he is shown is on his way from the snap on.
                $shows = $this->proof->defense->shows();
                $from = $shows ? 0.0 : min($own->delay, $made->at);
                $until = $shows ? max($own->delay, $made->at) : $made->at;
                $share = min(1.0, max(0.0, $t - $from) / max(0.1, $until - $from));

                return [
                    $d->xYd + $share * ($made->xYd - $d->xYd),
                    $d->yYd + $share * ($made->yYd - $d->yYd) + max(0.0, $t - $made->at) * self::DRIVEN_YD_S * 0.6,
                ];
            }
        }
        $covers = $this->covering($role);
        if ($covers !== null) {
            return [$covers[0][$i], $covers[1][$i]];
        }
        $act = $this->acts[$role] ?? null;
        if ($act !== null) {
            return $this->key($role, $act, $t, $carrier);
        }

        return $shown ?? $this->toward($own, $carrier, $t);
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
            $this->coverage = $passing->tracks(...($act === null ? [null, 0.0] : $this->proof->decider->place($act)));
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
        $own = $this->proof->defense->tackler($role);
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

    /** @return array{float, float, float} */
    private function ball(Carrier $carrier, int $i): array
    {
        $t = $i * Path::STEP;
        $line = $this->outcome->pass?->line;
        if ($line !== null) {
            return $this->thrown($line, $t, $i);
        }
        $gun = $this->proof->scene->men['Q']->yYd < -2.5;
        if ($gun && $t < 0.3) {
            return [0.0, round($t / 0.3 * $this->proof->scene->men['Q']->yYd, 2), 0.8];
        }
        if ($carrier->thrownAt !== null && $t > $carrier->thrownAt && $t < $carrier->from) {
            return $this->lobbed($carrier, $t);
        }
        if ($carrier->pitched !== null && $t > $carrier->pitched->leaves && $t < $carrier->from) {
            return $this->pitched($carrier->pitched, $carrier, $t);
        }
        [$x, $y] = $t < $carrier->from && $carrier->letter !== 'Q' ? $this->man('Q', $i) : $this->man(
            $carrier->letter,
            $i,
        );

        return [round($x, 2), round($y, 2), 1.1];
    }

    /** How he goes who has not the ball in the end: to the pitch as he pitches, else as he would have kept it. */
    private function quarterbacksWay(): ?Path
    {
        $carriers = $this->proof->carriers;
        $pitched = ($carriers[$this->outcome->action] ?? null)?->pitched;

        return $pitched->quarterback ?? ($carriers['keep'] ?? $carriers['pull'] ?? null)?->path;
    }

    /**
     * The ball of a pitch in the air, from the quarterback's hand to his pitch man's.
     *
     * @return array{float, float, float}
     */
    private function pitched(Pitched $pitched, Carrier $carrier, float $t): array
    {
        [$qx, $qy] = $pitched->quarterback->at($pitched->leaves);
        [$x, $y] = $carrier->path->at($carrier->from);
        $share = ($t - $pitched->leaves) / max(Path::STEP, $carrier->from - $pitched->leaves);

        return [round($qx + $share * ($x - $qx), 2), round($qy + $share * ($y - $qy), 2), 1.1];
    }

    /**
     * The ball of a screen in the air.
     *
     * @return array{float, float, float}
     */
    private function lobbed(Carrier $carrier, float $t): array
    {
        [$qx, $qy] = $this->proof->scene->launch();
        $share = ($t - (float) $carrier->thrownAt) / max(0.05, $carrier->from - (float) $carrier->thrownAt);
        [$x, $y] = $carrier->path->at($carrier->from);

        return [
            round($qx + $share * ($x - $qx), 2),
            round($qy + $share * ($y - $qy), 2),
            1.8 + self::LOB_YD * $share * (1.0 - $share),
        ];
    }

    /**
     * The ball of a throw: ridden at the mesh, then in the air, then with the receiver.
     *
     * @return array{float, float, float}
     */
    private function thrown(ThrowLine $line, float $t, int $i): array
    {
        $q = $this->proof->scene->men['Q'];
        if ($t <= $line->outAt()) {
            return [round($q->xYd, 2), round(min(1.0, $t / 0.3) * $q->yYd, 2), 1.2];
        }
        if ($t >= $line->caughtAt()) {
            [$x, $y] = $this->man($line->letter, $i);

            return [round($x, 2), round($y, 2), BallFlight::CATCH_YD];
        }
        $share = ($t - $line->outAt()) / max(0.05, $line->caughtAt() - $line->outAt());

        return [
            round($q->xYd + $share * ($line->xYd - $q->xYd), 2),
            round($q->yYd + $share * ($line->yYd - $q->yYd), 2),
            1.8,
        ];
    }
}
