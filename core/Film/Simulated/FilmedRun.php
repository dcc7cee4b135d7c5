<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Simulated;

use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Run\RunAct;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Scene\Worth;
use Jacotaxis\Core\Proof\Telling\Frames;
use Jacotaxis\Core\Proof\Telling\Run\RunFrames;
use Jacotaxis\Core\Proof\Throwing\Outcome;
use Jacotaxis\Core\Proof\Throwing\ThrowLine;
use Jacotaxis\Core\Proof\Throwing\Throws;
use LogicException;

/**
 * One run of a play as the simulated camera films it: what every man does, when the ball goes, and what is true about
 * it.
 */
final readonly class FilmedRun
{
    /** Seconds of film before the snap and after the play. */
    public const BEFORE = 1.0;

    /**
     * @param  array<string, mixed>  $frames  as Frames::of
     * @param  array<string, float>  $marks  seconds from the snap
     */
    private function __construct(
        public Proven $proof,
        public array $frames,
        public array $marks,
        public ?string $thrownTo,
        public ?string $action = null,
    ) {
    }

    /**
     * @param  string|null  $act  "right corner: sink"; null when everybody plays his rule
     * @param  string|null  $throw  "H@2.8": to whom and when; on a run also "pull", "give", "keep" or "pitch"; null as
     *     the proof has it
     *
     * @throws NoSuchRun when the act or the throw does not exist in this run
     */
    public static function of(Proven $proof, ?string $act = null, ?string $throw = null): self
    {
        return $proof instanceof RunProof
            ? self::carried($proof, $act, $throw)
            : self::passed(
                $proof instanceof Proof ? $proof : throw new LogicException('An unknown kind of proof.'),
                $act,
                $throw,
            );
    }

    private static function passed(Proof $proof, ?string $act, ?string $throw): self
    {
        [$d, $track, $outcome] = $act === null ? [null, null, $proof->ruleTrue] : self::passAct($proof, $act);
        $line = $throw === null ? $outcome->line : self::thrown($proof->scene, $throw);
        $outcome = new Outcome(
            action: 'throw',
            letter: $line?->letter,
            line: $line,
            margin: 0.0,
            completion: 0.0,
            gainYd: 0.0,
            why: '',
            reads: [],
            best: 0.0,
            worth: Worth::none(),
        );
        // Who throws sooner than his drop is over cuts it short: nobody throws before a foot is down.
        $planted = min($proof->scene->drop->setAt(), $line?->outAt() ?? INF);
        $marks = ['snap' => 0.0, 'back foot' => $planted] + self::breaks($proof->scene);
        if ($proof->pair?->base !== null) {
            $marks['mesh'] = $proof->pair->base->carriers['give']->from ?? 0.6;
        }

        return new self(
            $proof,
            Frames::of($proof, $d, $track, $outcome),
            $marks + self::flown($line),
            $line?->letter,
            'throw',
        );
    }

    /**
     * A run, an option or a run-pass option: the read man does what is said, the quarterback what he should or what is
     * said.
     */
    private static function carried(RunProof $proof, ?string $act, ?string $throw): self
    {
        $acts = $act === null ? $proof->byRule : [...$proof->byRule, ...self::runAct($proof, $act)];
        $thrown = $proof->decider->thrown($acts);
        $outcome = match (true) {
            // The count before the snap comes before the read (RPO-06).
            $throw === null && $proof->before?->throws === true && $thrown !== null => $thrown,
            $throw === null => $proof->decider->outcome($acts),
            isset($proof->carriers[$throw]) => $proof->decider->carried($throw, $acts),
            $throw === 'throw' && $thrown !== null => $thrown,
            default => throw NoSuchRun::action($throw, [
                ...array_keys($proof->carriers),
                ...$proof->decider->passing === null ? [] : ['throw'],
            ]),
        };
        $marks = ['snap' => 0.0] + self::breaks($proof->scene);
        if (isset($proof->carriers['give'])) {
            $marks['mesh'] = $proof->carriers['give']->from;
        }
        $line = $outcome->pass?->line;
        $pitched = $outcome->action === 'pitch' ? ['ball out' => $outcome->outAt] : [];

        return new self(
            $proof,
            (new RunFrames($proof, $outcome, $acts))->all(),
            $marks + $pitched + self::flown($line),
            $line?->letter,
            $outcome->action,
        );
    }

    /** @return array<string, float> */
    private static function breaks(Scene $scene): array
    {
        $marks = [];
        foreach ($scene->routes as $letter => $run) {
            $marks["break $letter"] = $run->break()->t;
        }

        return $marks;
    }

    /** @return array<string, float> */
    private static function flown(?ThrowLine $line): array
    {
        return $line === null ? [] : ['ball out' => $line->outAt(), 'catch' => $line->caughtAt()];
    }

    /** @return array<string, RunAct> */
    private static function runAct(RunProof $proof, string $act): array
    {
        $acts = $known = [];
        foreach (explode(';', $act) as $one) {
            [$role, $name] = array_map(trim(...), explode(':', $one, 2) + [1 => '']);
            foreach ($proof->keys as $key) {
                $rows = array_filter($key->acts, fn (array $a): bool => $a['act']->name === $name);
                $known[] =
                    $key->role.
                    ': '.
                    implode(' / ', array_unique(array_map(fn (array $a): string => $a['act']->name, $key->acts)));
                if ($key->role === $role && $rows !== []) {
                    $acts[$role] = array_values($rows)[0]['act'];
                }
            }
            isset($acts[$role]) ?: throw NoSuchRun::act($one, array_values(array_unique($known)));
        }

        return $acts;
    }

    /** Seconds of film. */
    public function duration(): float
    {
        return self::BEFORE + (count($this->frames['at']) - 1) * Path::STEP;
    }

    /**
     * Where everybody is at a moment of the film, in play yards: letter or role => [x, y].
     *
     * @return array<string, array{float, float}>
     */
    public function at(float $filmS): array
    {
        $names = [...$this->frames['men'], ...$this->frames['defenders']];
        $f = max(0.0, min(count($this->frames['at']) - 1.001, ($filmS - self::BEFORE) / Path::STEP));
        $i = (int) $f;
        $f -= $i;
        $spots = [];
        foreach ($names as $n => $name) {
            foreach ([0, 1] as $k) {
                $from = $this->frames['at'][$i][2 * $n + $k];
                $spots[$name][$k] = $from + $f * ($this->frames['at'][$i + 1][2 * $n + $k] - $from);
            }
        }

        return $spots;
    }

    /** @return array{float, float, float} the ball at a moment of the film, play yards and height */
    public function ball(float $filmS): array
    {
        $i = (int) max(0, min(count($this->frames['ball']) - 1, round(($filmS - self::BEFORE) / Path::STEP)));

        return $this->frames['ball'][$i];
    }

    /** @return array{int, \Jacotaxis\Core\Proof\Play\Tracks, Outcome} */
    private static function passAct(Proof $proof, string $act): array
    {
        [$role, $name] = array_map(trim(...), explode(':', $act, 2) + [1 => '']);
        foreach ($proof->deciding() as $key) {
            foreach ($key->role === $role ? $key->acts : [] as $row) {
                if ($row['act']->name === $name) {
                    return [$key->defender, $proof->playOut->withAct($key->defender, $row['act']), $row['outcome']];
                }
            }
        }
        $known = array_map(
            fn (Key $k): string => $k->role.
                ': '.
                implode(' / ', array_unique(array_map(fn (array $a): string => $a['act']->name, $k->acts))),
            $proof->deciding(),
        );

        throw NoSuchRun::act($act, $known);
    }

    private static function thrown(Scene $scene, string $throw): ThrowLine
    {
        [$letter, $at] = explode('@', $throw, 2) + [1 => ''];
        $letter = strtoupper(trim($letter));
        $line = isset($scene->routes[$letter]) && is_numeric($at)
            ? (new Throws($scene))->line($letter, (int) round((float) $at / Path::STEP), 0) : null;

        return $line ?? throw NoSuchRun::throw($throw);
    }
}
