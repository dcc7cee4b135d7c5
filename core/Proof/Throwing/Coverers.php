<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Throwing;

use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Proof\Play\PlayOut;
use Jacotaxis\Core\Proof\Play\Tracks;
use Jacotaxis\Core\Proof\Scene\Scene;

/** The men who cover, with their legs: how late they are for a throw, and who is the nearest to it. */
final readonly class Coverers
{
    /** @var array<int, SprintLaw> legs by place of the defender */
    public array $laws;

    public function __construct(private Scene $scene, PlayOut $playOut, private Throws $throws)
    {
        $laws = [];
        foreach ($playOut->coverage() as $d) {
            $laws[$d] = $scene->setting->level->of($scene->defenders[$d]->group);
        }
        $this->laws = $laws;
    }

    /** Least margin of a throw over all of them, seconds. */
    public function least(ThrowLine $line, Tracks $tracks): float
    {
        $least = Throws::NOBODY_S;
        foreach ($this->laws as $d => $law) {
            $least = min($least, $this->throws->margin($line, $tracks, $d, $law, $least));
        }

        return $least;
    }

    /** Role of the man nearest to breaking up a throw. */
    public function nearest(ThrowLine $line, Tracks $tracks): string
    {
        $role = '';
        $least = INF;
        foreach ($this->laws as $d => $law) {
            $margin = $this->throws->margin($line, $tracks, $d, $law, $least);
            if ($margin < $least) {
                $least = $margin;
                $role = $this->scene->defenders[$d]->role;
            }
        }

        return $role;
    }
}
