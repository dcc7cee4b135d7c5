<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run\Chase;

use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Run\Ball\Carrier;
use Jacotaxis\Core\Proof\Run\Ball\Carriers;
use Jacotaxis\Core\Proof\Run\Ball\Passing;
use Jacotaxis\Core\Proof\Run\RunAct;
use Jacotaxis\Core\Proof\Scene\Scene;

/**
 * How the key of a run moves by what he does, and so how soon he is on a carrier: on his way to him, or turning from
 * another.
 */
final class KeyMoves
{
    /** What a man who sat loses in turning to another carrier, besides his reaction, seconds. */
    public const TURN_S = 0.3;

    /** @param  array<string, Carrier>  $carriers by action */
    public function __construct(
        private readonly Scene $scene,
        private readonly Resolved $resolved,
        private readonly array $carriers,
        private readonly Defense $defense,
        private readonly ?Passing $passing,
    ) {
    }

    /** A key who does something, as a tackler of a carrier: on his way to him, or turning from another. */
    public function onCarrier(string $role, string $action, RunAct $act): Tackler
    {
        $own = $this->defense->tackler($role);
        [$first, $second] = $this->pair($role);
        $at = $this->shows($role);
        if (
            $act->toward !== null &&
            ($act->toward === $action ||
                ($act->toward === 'keep' && $action === 'pull') ||
                ($act->toward === 'pull' && $action === 'keep'))
        ) {
            return $own;
        }
        // Who has committed himself runs on until he sees the ball gone, and has to stop first; who waits stands where
        // he is when it shows.
        $reaction = $this->scene->setting->reaction;
        if ($act->toward !== null) {
            $seen = $at + $reaction + $this->scene->setting->hips;
            [$x, $y, $vx, $vy] = $this->position($own, $act->share < 0.5 ? $first : $second, $seen);

            return $own->from($x, $y, $seen, $vx, $vy);
        }
        [$ax, $ay] = $this->position($own, $first, $at);
        [$bx, $by] = $this->position($own, $second, $at);
        $standing = $own->from($ax + $act->share * ($bx - $ax), $ay + $act->share * ($by - $ay), $at + $reaction);
        // Where he can tackle the back he has to play him while the ball is ridden: only a man who is out of it may
        // wait.
        $rides =
            $first === 'give' &&
            $action !== 'give' &&
            $standing->margin(
                $this->carriers['give'],
                $this->carriers['give']->stepPast($this->scene->setting->situation->runSuccessYd()),
            ) < 0.0;

        return $rides ? $standing->later(self::TURN_S) : $standing;
    }

    /**
     * Where a key is at a moment, and his velocity, when he goes for a carrier: for the back at once, for the
     * quarterback he stays on his edge.
     *
     * @return array{float, float, float, float}
     */
    private function position(Tackler $own, string $action, float $at): array
    {
        if ($action === 'throw' && $this->passing !== null && $this->resolved->key('throw') !== null) {
            return $this->passing->droppedAt($at);
        }
        if (in_array($action, ['pull', 'keep'], true) && $own->role === $this->resolved->key('give')) {
            // A dive key who stays for the quarterback sits where he is.
            return [$own->xYd, max(0.2, $own->yYd - 0.5), 0.0, 0.0];
        }
        $carrier = $this->carriers[$action];
        $met = $own->meets($carrier) ?? Path::STEPS - 1;
        $dx = $carrier->path->x[$met] - $own->xYd;
        $dy = $carrier->path->y[$met] - $own->yYd;
        $way = hypot($dx, $dy);
        $runs = max(0.0, $at - $own->delay);
        if ($way < 1e-6 || $runs <= 0.0) {
            return [$own->xYd, $own->yYd, 0.0, 0.0];
        }
        $run = min($way, $own->law->distance($runs));
        $speed = $run < $way ? $own->law->speed($runs) : 0.0;

        return [$own->xYd + $run / $way * $dx, $own->yYd + $run / $way * $dy, $speed / $way * $dx, $speed / $way * $dy];
    }

    /** When a key's choice shows and the ball is decided. */
    private function shows(string $role): float
    {
        if ($this->resolved->key('outside') === $role) {
            return $this->carriers['pull']->from + Carriers::LOOKS_S;
        }
        $give = in_array($role, [$this->resolved->key('give'), $this->resolved->key('throw')], true);
        $carrier = $this->carriers[$give ? $this->ran() : 'keep'] ?? array_values($this->carriers)[0];

        if ($give) {
            // While the ball is ridden nobody knows who has it.
            return max($carrier->from, ($this->carriers['keep'] ?? $carrier)->from);
        }

        return isset($this->carriers['keep']) ? max($carrier->from, $this->pitchedAt()) : $carrier->from;
    }

    /** How the ball is run where it is not thrown: given to a back, or kept on a run of the quarterback's own. */
    public function ran(): string
    {
        return isset($this->carriers['give']) ? 'give' : (string) array_key_first($this->carriers);
    }

    private function pitchedAt(): float
    {
        $pitch = $this->carriers['pitch'] ?? null;

        return $pitch->pitched->leaves ?? ($pitch ?? $this->carriers['keep'])->from;
    }

    /**
     * The two carriers a key stands between.
     *
     * @return array{string, string}
     */
    public function pair(string $role): array
    {
        if ($this->resolved->key('throw') === $role) {
            return [$this->ran(), 'throw'];
        }
        if ($this->resolved->key('outside') === $role) {
            return ['pull', 'throw'];
        }
        if ($this->resolved->key('give') === $role) {
            return ['give', isset($this->carriers['pull']) ? 'pull' : 'keep'];
        }

        return ['keep', isset($this->carriers['pitch']) ? 'pitch' : 'keep'];
    }
}
