<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run;

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Proof\Run\Ball\Carrier;
use Jacotaxis\Core\Proof\Run\Chase\Defense;
use Jacotaxis\Core\Proof\Scene\Scene;

/**
 * Whether every block can be made: the blocker must reach his man's track before the man reaches the runner's aiming
 * track, both by the sprint law with the speeds of their groups. A down man on a climbing lineman holds him.
 */
final readonly class Blocking
{
    /** Near enough to put hands on a man, yards. */
    private const HANDS_YD = 0.9;

    /**
     * A down man on a lineman who wants to climb holds him this long, and a double lasts this long, seconds (product
     * defaults).
     */
    private const HELD_S = 1.3;

    private const DOUBLE_S = 0.3;

    private const CHECK_S = 0.2;

    /** A man head-up or shaded this near touches him, yards. */
    private const TOUCH_YD = 0.9;

    /** A man who would be this late anyway is blocked by being in his way, seconds. */
    private const HARMLESS_S = 0.3;

    /** A man kicked out is this far outside the lane, or the hole is shut, yards (product default). */
    private const HOLE_YD = 0.15;

    /** A man who comes inside at the snap comes at least so far, yards. */
    private const CLOSES_YD = 0.3;

    /** Entries between the guards. */
    private const INSIDE = ['center', 'A'];

    /** Who climbs is this far up the field when he turns, yards. */
    private const OVER_LINE_YD = 0.5;

    private const IN_SPACE_S = 0.1;

    /** Points of the man's way that are looked at. */
    private const POINTS = 12;

    public function __construct(private Scene $scene, private Resolved $resolved, private Defense $defense)
    {
    }

    /** @return array<string, Made> by letter, of everybody who blocks somebody */
    public function all(Carrier $carrier): array
    {
        $made = [];
        foreach ($this->resolved->blocks as $letter => $block) {
            if ($block->blocks() && $block->target !== null) {
                $made[$letter] = $this->one($block, $carrier);
            }
        }

        return $made;
    }

    /**
     * Men who are blocked on the way to one carrier and run away from their block to another: a backer who scrapes
     * over a squeezing end has the quarterback (DEF-08).
     *
     * @param  array<string, Carrier>  $carriers  by action
     * @return array<string, list<string>> roles by action
     */
    public function lost(array $carriers, Carrier $aim): array
    {
        $lost = [];
        // Who works to the play and sees his man leave the other way reacts and turns.
        $turn = $this->scene->setting->reaction + $this->scene->setting->hips;
        foreach ($this->resolved->blocks as $block) {
            $movement = $block->target === null ? null : $this->resolved->front->men[$block->target]->movement;
            if ($movement === null || ! $block->blocks() || ! $movement->kind->pursues()) {
                continue;
            }
            foreach ($carriers as $action => $carrier) {
                if ($carrier !== $aim && $this->one($block, $carrier, $turn)->makeable === false) {
                    $lost[$action][] = (string) $block->target;
                }
            }
        }

        return $lost;
    }

    /** @param  float  $late  seconds he starts later than his job asks for */
    private function one(Block $block, Carrier $carrier, float $late = 0.0): Made
    {
        $tackler = $this->defense->tackler((string) $block->target);
        $met = $tackler->meets($carrier) ?? Path::STEPS - 1;
        $to = [$carrier->path->x[$met], $carrier->path->y[$met]];
        $man = $this->scene->men[$block->letter];
        $law = $this->law($block->letter);
        $held = $this->held($block);
        $start =
            0.1 +
            $late +
            ($held === null ? 0.0 : self::HELD_S) +
            match (true) {
                $block->first !== null && $block->target !== $block->first => self::DOUBLE_S,
                $block->verb === Verb::Check => self::CHECK_S,
                default => 0.0,
            } +
            $this->pullS($block) +
            $this->setS($block);
        $best = -9.0;
        $at = null;
        for ($n = 0; $n <= self::POINTS; $n++) {
            $share = $n / self::POINTS;
            $x = $tackler->xYd + $share * ($to[0] - $tackler->xYd);
            $y = $tackler->yYd + $share * ($to[1] - $tackler->yYd);
            // Who has gone up the field and turns does not come back over the line.
            if ($late > 0.0 && $y < self::OVER_LINE_YD) {
                break;
            }
            $his = $tackler->delay + $tackler->law->time(hypot($x - $tackler->xYd, $y - $tackler->yYd));
            $mine = $start + $law->time(max(0.0, hypot($x - $man->xYd, $y - $man->yYd) - self::HANDS_YD));
            $spare = $his - $mine;
            if ($spare > $best) {
                $best = $spare;
            }
            if ($spare >= $this->earlyS($block)) {
                $at = [$mine, $x, $y];
                break;
            }
        }
        // A man who is met where he stands need not be beaten to anywhere.
        $near = hypot($tackler->xYd - $man->xYd, $tackler->yYd - $man->yYd) - self::HANDS_YD;
        if ($at === null && $near <= 0.6 && $held === null) {
            $at = [$start + $law->time(max(0.0, $near)), $tackler->xYd, $tackler->yYd];
            $best = 0.0;
        }
        if ($this->peels($block)) {
            return new Made(
                false,
                null,
                null,
                null,
                "the {$block->target} does not rush: he goes with {$carrier->letter}",
                $best,
            );
        }
        if ($block->unset !== null) {
            return new Made(null, $at[0] ?? null, $at[1] ?? null, $at[2] ?? null, $block->unset, $best);
        }
        if (
            $at === null &&
            $tackler->margin($carrier, $carrier->stepPast($this->scene->setting->situation->runSuccessYd())) >
                self::HARMLESS_S
        ) {
            return new Made(
                true,
                null,
                null,
                null,
                "the {$block->target} does not get there: in his way is enough",
                $best,
            );
        }
        if ($at === null) {
            return new Made(false, null, null, null, $this->why($block, $held, -$best), $best);
        }

        if ($this->wrecks($block, $carrier, $at)) {
            return new Made(
                false,
                $at[0],
                $at[1],
                $at[2],
                "the {$block->target} closes inside and meets {$block->letter} in the hole",
                $best,
            );
        }

        return new Made(true, $at[0], $at[1], $at[2], null, $best);
    }

    /**
     * Whether a man who is trapped closes the hole instead of opening it: he is met in the runner's own lane. Around
     * the end the runner goes outside of him, between guard and guard he has nowhere to go.
     *
     * @param  array{float, float, float}  $at  seconds, x and y
     */
    private function wrecks(Block $block, Carrier $carrier, array $at): bool
    {
        $front = $this->resolved->front;
        $closes =
            $block->target !== null && $front->movedU($block->target) < $front->u($block->target) - self::CLOSES_YD;
        if (
            $block->verb !== Verb::Kick ||
            ! $closes ||
            ! in_array($this->resolved->run->scheme()->entry, self::INSIDE, true)
        ) {
            return false;
        }
        $lane = $carrier->path->x[$carrier->stepPast($at[2])];

        return ($at[1] - $lane) * $this->resolved->run->side->sign() < self::HOLE_YD;
    }

    /** The down man on a lineman who has to leave him, when the play does not read him. */
    private function held(Block $block): ?string
    {
        $man = $this->scene->men[$block->letter];
        if (! $man->isLineman() || $block->verb->pulls()) {
            return null;
        }
        foreach ($this->resolved->front->line as $role) {
            $d = $this->resolved->front->men[$role];
            $read =
                in_array($role, array_column($this->resolved->keys, 'role'), true) ||
                $this->letGo($role, $block->letter);
            if (
                $role !== $block->target &&
                $role !== $block->first &&
                ! $read &&
                $d->over === $block->letter &&
                abs($d->xYd - $man->xYd) < self::TOUCH_YD &&
                in_array($block->verb, [Verb::Climb, Verb::Arc, Verb::Release], true)
            ) {
                return $role;
            }
        }

        return null;
    }

    /**
     * The last man away from the play, on the far shoulder and left on purpose, does not hold who goes inside of him.
     */
    private function letGo(string $role, string $letter): bool
    {
        $front = $this->resolved->front;
        $left = $this->resolved->run->scheme()->leavesLast() && $role === ($front->line[0] ?? null);

        return $left && $front->u($role) < $this->resolved->posts->u($letter) - 0.1;
    }

    /** A puller turns first. */
    private function pullS(Block $block): float
    {
        return $block->verb->pulls() && $this->scene->men[$block->letter]->isLineman() ? 0.15 : 0.0;
    }

    /** A lineman in space has to be there before his man, seconds (product default). */
    private function earlyS(Block $block): float
    {
        return $this->resolved->run->scheme()->screen !== null && $this->scene->men[$block->letter]->isLineman()
            ? self::IN_SPACE_S
            : 0.0;
    }

    /** Whether a man of the front has the receiver of a screen and goes with him instead of rushing. */
    private function peels(Block $block): bool
    {
        $d = $this->resolved->front->men[(string) $block->target];

        return $d->group->isFront() && $this->defense->hasReceiver($d);
    }

    /** Before a lineman goes out with a screen he sets up as on a pass. */
    private function setS(Block $block): float
    {
        $screen = $this->resolved->run->scheme()->screen;
        $goes = $block->verb->pulls() || $block->verb === Verb::Lead;

        return $screen !== null && $goes && $this->scene->men[$block->letter]->isLineman() ? $screen->setS : 0.0;
    }

    private function law(string $letter): SprintLaw
    {
        $man = $this->scene->men[$letter];
        $level = $this->scene->setting->level;

        return match (true) {
            $man->isLineman() => $level->lineman(),
            isset($this->scene->setting->men[$letter]) => $this->scene->setting->law($letter),
            abs($man->xYd) < 5.0 && ! $man->isBack() => $level->backer(),
            default => $level->receiver(),
        };
    }

    private function why(Block $block, ?string $held, float $late): string
    {
        if ($held !== null) {
            $technique = $this->resolved->front->men[$held]->technique;

            return sprintf(
                'the %s, a %s on %s, holds him: the %s is across %.1f s before he is there',
                $held,
                $technique ?? 'man',
                $block->letter,
                $block->target,
                $late,
            );
        }

        return sprintf('the %s reaches the track %.1f s before %s reaches him', $block->target, $late, $block->letter);
    }
}
