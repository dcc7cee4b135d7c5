<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film;

use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Proof;
use Jacotaxis\Core\Proof\Telling\Frames;
use Jacotaxis\Core\Proof\Throwing\Outcome;
use Jacotaxis\Core\Proof\Throwing\ThrowLine;
use Jacotaxis\Core\Proof\Throwing\Throws;

/** One run of a play as the simulated camera films it: what every man does, when the ball goes, and what is true about it. */
final readonly class FilmedRun
{
    /** Seconds of film before the snap and after the play. */
    public const BEFORE = 1.0;

    /**
     * @param  array<string, mixed>  $frames  as Frames::of
     * @param  array<string, float>  $marks  seconds from the snap
     */
    private function __construct(public Proof $proof, public array $frames, public array $marks, public ?string $thrownTo)
    {
    }

    /**
     * @param  string|null  $act  "right corner: sink"; null when everybody plays his rule
     * @param  string|null  $throw  "H@2.8": to whom and when; null as the proof has it
     *
     * @throws NoSuchRun when the act or the throw does not exist in this run
     */
    public static function of(Proof $proof, ?string $act = null, ?string $throw = null): self
    {
        [$d, $track, $outcome] = $act === null ? [null, null, $proof->ruleTrue] : self::act($proof, $act);
        $line = $throw === null ? $outcome->line : self::thrown($proof, $throw);
        $outcome = new Outcome('throw', $line?->letter, $line, 0.0, 0.0, 0.0, '', [], 0.0);
        $marks = ['snap' => 0.0];
        foreach ($proof->scene->routes as $letter => $run) {
            $marks["break $letter"] = $run->break()->t;
        }
        if ($line !== null) {
            $marks['ball out'] = $line->outAt();
            $marks['catch'] = $line->caughtAt();
        }

        return new self($proof, Frames::of($proof, $d, $track, $outcome), $marks, $line?->letter);
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
    private static function act(Proof $proof, string $act): array
    {
        [$role, $name] = array_map(trim(...), explode(':', $act, 2) + [1 => '']);
        foreach ($proof->keys as $key) {
            foreach ($key->role === $role ? $key->acts : [] as $row) {
                if ($row['act']->name === $name) {
                    return [$key->defender, $proof->playOut->withAct($key->defender, $row['act']), $row['outcome']];
                }
            }
        }
        $known = array_map(fn (Key $k): string => $k->role.': '.implode(' / ', array_unique(array_map(fn (array $a): string => $a['act']->name, $k->acts))), $proof->keys);

        throw NoSuchRun::act($act, $known);
    }

    private static function thrown(Proof $proof, string $throw): ThrowLine
    {
        [$letter, $at] = explode('@', $throw, 2) + [1 => ''];
        $letter = strtoupper(trim($letter));
        $line = isset($proof->scene->routes[$letter]) && is_numeric($at)
            ? (new Throws($proof->scene))->line($letter, (int) round((float) $at / Path::STEP), 0) : null;

        return $line ?? throw NoSuchRun::throw($throw);
    }
}
