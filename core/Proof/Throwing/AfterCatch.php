<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Throwing;

use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Proof\Play\Tracks;
use Jacotaxis\Core\Proof\Scene\Protection;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Scene\Worth;

/** What a caught ball brings: the run to the first man, whether that is worth the down, and what a throw is worth. */
final readonly class AfterCatch
{
    /** Nobody runs farther than this after a catch, and how far apart the places are at which he may be met, yards. */
    private const FARTHEST_YD = 30.0;

    private const STEP_YD = 0.5;

    /** Share of his speed upfield that a man keeps through the catch, and the time the catch takes, seconds. */
    private const KEEPS = 0.6;

    private const CATCH_S = 0.2;

    /** @param  array<int, SprintLaw>  $laws  legs of each coverage defender */
    public function __construct(private Scene $scene, private Protection $protection, private array $laws)
    {
    }

    /** Whether a catch and the run after it is worth the down. */
    public function isEnough(ThrowLine $line, Tracks $tracks): bool
    {
        $need = $this->scene->setting->situation->successYd() - Worth::FALLS_YD;

        return $line->yYd >= $need || $this->gain($line, $tracks) >= $need;
    }

    /** Yards from the line to first contact, catch included. */
    public function gain(ThrowLine $line, Tracks $tracks): float
    {
        $setting = $this->scene->setting;
        $runs = $setting->level->receiver();
        $caught = min(Path::STEPS - 1, $line->step + (int) ($line->flight / Path::STEP));
        $vy = max(0.0, self::KEEPS * $this->scene->routes[$line->letter]->path->vy[$caught]);
        $j = min(Path::STEPS - 1, $line->step + (int) round($setting->reaction / Path::STEP));
        $end = min(self::FARTHEST_YD, $this->scene->frame->endLineY() - 10.0 - $line->yYd);
        for ($run = 0.0; $run < $end; $run += self::STEP_YD) {
            $allowed = $line->flight - $setting->reaction + self::CATCH_S + $runs->time($run, $vy);
            foreach ($this->laws as $d => $law) {
                $needs = Throws::timeTo(
                    $line->xYd - $tracks->x[$d][$j],
                    $line->yYd + $run - $tracks->y[$d][$j],
                    $tracks->vx[$d][$j],
                    $tracks->vy[$d][$j],
                    $law,
                    $setting->reachYd,
                );
                if ($needs <= $allowed) {
                    return $line->yYd + $run;
                }
            }
        }

        return $line->yYd + max(0.0, $end);
    }

    /** Yards that are told of a gain: none past the goal line. */
    public function toTheGoal(float $gainYd): float
    {
        return min($gainYd, $this->scene->setting->situation->toGoalYd());
    }

    /** What a throw is worth that brings so many yards. */
    public function worth(ThrowLine $line, float $marginS, float $gainYd): Worth
    {
        $situation = $this->scene->setting->situation;

        return Worth::ofThrow(
            $this->scene->aimYd($line->distanceYd),
            $marginS,
            $gainYd,
            $situation->successYd(),
            $gainYd - $line->yYd,
        )
            ->beforeTheRush($this->protection->spareS($line->outAt()))
            ->within($situation->toGoalYd());
    }
}
