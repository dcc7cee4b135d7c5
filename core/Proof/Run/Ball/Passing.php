<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run\Ball;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Play\Act;
use Jacotaxis\Core\Proof\Play\PlayOut;
use Jacotaxis\Core\Proof\Play\Tracks;
use Jacotaxis\Core\Proof\Scene\Protection;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Throwing\Outcome;
use Jacotaxis\Core\Proof\Throwing\Windows;

/** The throw of a run-pass option: its reads against a read man who fits the run, drops, or stands between. */
final class Passing
{
    private readonly PlayOut $playOut;

    /** Everybody reads the run but the read man, who plays the pass from the snap. */
    private readonly PlayOut $drops;

    public readonly Windows $windows;

    private readonly int $place;

    public function __construct(private readonly Scene $scene, public readonly ?string $role)
    {
        $roles = array_map(fn (Defender $d): string => $d->role, $scene->defenders);
        $at = array_search($role, $roles, true);
        $this->place = $at === false ? -1 : $at;
        $this->playOut = new PlayOut($scene);
        $this->drops = new PlayOut($scene->honest($role === null ? [] : [$role]));
        $this->windows = new Windows($scene, $this->playOut, Protection::of($scene));
    }

    public function covers(): bool
    {
        return in_array($this->place, $this->playOut->coverage(), true);
    }

    /**
     * Where the read man is at a moment when he plays the pass.
     *
     * @return array{float, float, float, float} width, depth, velocity
     */
    public function droppedAt(float $t): array
    {
        $tracks = $this->drops->byRule();
        $i = min(Path::STEPS - 1, (int) round($t / Path::STEP));
        $d = $this->place;
        if (! isset($tracks->x[$d])) {
            return [$this->scene->defenders[$d]->xYd, $this->scene->defenders[$d]->yYd, 0.0, 0.0];
        }

        return [$tracks->x[$d][$i], $tracks->y[$d][$i], $tracks->vx[$d][$i], $tracks->vy[$d][$i]];
    }

    /**
     * The throw when he runs to a place from a moment on, or drops.
     *
     * @param  array{float, float}|null  $to  where he fits the run, or null when he drops
     */
    public function outcome(?array $to, float $from): Outcome
    {
        if (! $this->covers()) {
            return $this->windows->outcome();
        }
        $track = $to === null ? $this->dropped() : $this->playOut->withAct(
            $this->place,
            new Act('insert', $from, $to[0], $to[1]),
        );

        return $this->windows->outcome($this->place, $track);
    }

    private function dropped(): Tracks
    {
        $all = $this->drops->byRule();
        $d = $this->place;

        return new Tracks([$d => $all->x[$d]], [$d => $all->y[$d]], [$d => $all->vx[$d]], [$d => $all->vy[$d]]);
    }

    /**
     * All the coverage while he inserts or drops.
     *
     * @param  array{float, float}|null  $to
     */
    public function tracks(?array $to, float $from): Tracks
    {
        $rule = $this->playOut->byRule();
        if (! $this->covers()) {
            return $rule;
        }

        return $rule->with(
            $this->place,
            $to === null ? $this->dropped() : $this->playOut->withAct(
                $this->place,
                new Act('insert', $from, $to[0], $to[1]),
            ),
        );
    }
}
