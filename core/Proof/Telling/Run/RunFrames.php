<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Run;

use Jacotaxis\Core\Kinematics\BallFlight;
use Jacotaxis\Core\Kinematics\Bodies;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Proof\Run\Ball\Carrier;
use Jacotaxis\Core\Proof\Run\Ball\Pitched;
use Jacotaxis\Core\Proof\Run\RunAct;
use Jacotaxis\Core\Proof\Run\RunOutcome;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Telling\Frames;
use Jacotaxis\Core\Proof\Throwing\ThrowLine;

/**
 * A run as pictures, twenty a second: the twenty-two men and the ball. Yards, seconds; the ball has a height.
 *
 * Everybody goes where his job wants him by the one law; the carrier and a pass's men are held to the ways the proof
 * timed, and everybody else gives way to them.
 *
 * @phpstan-import-type FrameRows from Frames
 */
final class RunFrames
{
    /** Seconds shown after the first free man is there, and at most. */
    private const AFTER_S = 0.5;

    private const MOST_S = 4.5;

    /** How high the ball of a screen goes over the rush: four times what is added at the middle of its way, yards. */
    private const LOB_YD = 3.0;

    /**
     * How readily a man gives way whom the proof has timed (to his block, to where he may get the ball, where he is
     * sent), and one who goes free, beside the others' 1.
     */
    private const TIMED = 0.08;

    private const FREE = 0.3;

    /**
     * Who is sent somewhere leans that way before the snap and plants to go on: how he gains speed, seconds, and turns,
     * yd/s2 (product defaults, so that he is where the proof has him).
     */
    private const SENT_TAU_S = 0.5;

    private const SENT_TURNS_YD_S2 = 12.0;

    private readonly RunWays $ways;

    /** @var list<list<array{float, float}>>|null by step, the men of the offense first */
    private ?array $at = null;

    /** @param  array<string, RunAct>  $acts  by role of the key */
    public function __construct(
        private readonly RunProof $proof,
        private readonly RunOutcome $outcome,
        array $acts,
    ) {
        $this->ways = new RunWays($proof, $outcome, $acts);
    }

    /** @return FrameRows as Frames::of */
    public function all(): array
    {
        $ball = [];
        foreach ($this->places() as $i => $row) {
            $ball[] = $this->ball($this->ways->carrier(), $i);
        }
        $flat = fn (array $row): array => array_merge(
            ...array_map(fn (array $p): array => [round($p[0], 2), round($p[1], 2)], $row),
        );

        return ['step' => Path::STEP, 'men' => array_keys($this->proof->scene->men),
            'defenders' => array_map(fn ($d): string => $d->role, $this->proof->scene->defenders),
            'at' => array_map($flat, $this->places()), 'ball' => $ball];
    }

    /** The run as it is by everybody's rule. */
    public static function ruleTrue(RunProof $proof): self
    {
        return new self($proof, $proof->ruleTrue, $proof->byRule);
    }

    /**
     * Where a defender is at a step, as all() has it.
     *
     * @return array{float, float}
     */
    public function defenderAt(string $role, int $i): array
    {
        $roles = array_map(fn ($d): string => $d->role, $this->proof->scene->defenders);
        $n = count($this->proof->scene->men) + (int) array_search($role, $roles, true);

        return $this->places()[min($i, count($this->places()) - 1)][$n];
    }

    /**
     * Where a man of the offense is at a step, as all() has it.
     *
     * @return array{float, float}
     */
    private function man(string $letter, int $i): array
    {
        return $this->places()[$i][(int) array_search($letter, array_keys($this->proof->scene->men), true)];
    }

    /** @return list<list<array{float, float}>> by step, the men of the offense first */
    private function places(): array
    {
        if ($this->at !== null) {
            return $this->at;
        }
        $bodies = $this->bodies();
        $last = $this->lastStep($this->ways->carrier());
        $next = $this->wanted(1);
        $this->at = [$bodies->places()];
        for ($i = 1; $i <= $last; $i++) {
            $wanted = $next;
            $next = $this->wanted(min($last, $i + 1));
            $this->at[] = $bodies->step($wanted, $next);
        }

        return $this->at;
    }

    private function bodies(): Bodies
    {
        $scene = $this->proof->scene;
        $setting = $scene->setting;
        $laws = $starts = $speeds = $yields = [];
        foreach ($scene->men as $letter => $man) {
            $laws[] = $man->isLineman() ? $setting->level->lineman() : $setting->law($letter);
            $starts[] = [$man->xYd, $man->yYd];
            // Of his motion he keeps at the snap what his way keeps of it.
            [$x, $y] = $this->ways->man($letter, 1);
            $speeds[] = $man->inMotion()
                ? [($x - $man->xYd) / Path::STEP, ($y - $man->yYd) / Path::STEP]
                : [0.0, 0.0];
            $thrown = $this->outcome->pass !== null && isset($scene->routes[$letter]);
            $yields[] = match (true) {
                $thrown || $letter === $this->ways->carrier()->letter => 0.0,
                $this->ways->isTimed($letter) => self::TIMED,
                default => 1.0,
            };
        }
        foreach ($scene->defenders as $d) {
            $law = $this->proof->defense->tackler($d->role)->law;
            $laws[] = $d->movement === null
                ? $law
                : new SprintLaw($law->vmax, self::SENT_TAU_S, $law->brakes, self::SENT_TURNS_YD_S2);
            $starts[] = [$d->xYd, $d->yYd];
            $speeds[] = [0.0, 0.0];
            $yields[] = match (true) {
                $this->ways->covers($d->role) => 0.0,
                $d->movement !== null => self::TIMED,
                $this->ways->goesFree($d->role) => self::FREE,
                default => 1.0,
            };
        }

        return new Bodies($laws, $starts, $speeds, $yields);
    }

    /** @return list<array{float, float}> where each is wanted, the men of the offense first */
    private function wanted(int $i): array
    {
        $places = [];
        foreach (array_keys($this->proof->scene->men) as $letter) {
            $places[] = $this->ways->man($letter, $i);
        }
        foreach ($this->proof->scene->defenders as $d) {
            $places[] = $this->ways->defender($d->role, $i);
        }

        return $places;
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
