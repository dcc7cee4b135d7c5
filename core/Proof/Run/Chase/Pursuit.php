<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run\Chase;

use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Run\Ball\Carrier;
use Jacotaxis\Core\Proof\Run\Made;
use Jacotaxis\Core\Proof\Run\RunAct;
use Jacotaxis\Core\Proof\Scene\Scene;

/** Who runs a carrier down: the men nobody blocks and nobody reads, and the read men by what they do. */
final class Pursuit
{
    /** Verbs of linemen who leave their place. */
    private const LEAVES = [Verb::Kick, Verb::Wrap, Verb::Lead, Verb::Release, Verb::Climb, Verb::Arc];

    /**
     * A lineman without a man holds one this near to him and to the line, yards, for so long, seconds (from memory).
     */
    private const GAP_YD = 1.2;

    private const IN_A_GAP_YD = 1.6;

    private const HELD_S = 0.5;

    /** A man who gets off his block is this much later than one nobody blocks, seconds (settled by the shares). */
    private const GETS_OFF_S = 0.3;

    /** @var list<string> roles of the men somebody has */
    private array $blocked = [];

    /** @var array<string, array<string, int>> by action: when blocked men would meet the carrier off their blocks */
    private array $offBlocks = [];

    /** @var array<string, Tackler> free men by role */
    private array $free = [];

    /**
     * @var array<string, array{float, int, string|null}> by action: what the free men do to a carrier, whatever the
     *     keys do
     */
    private array $byFree = [];

    /** @var array<string, array{float, int, string|null}> by action, role and act */
    private array $byKey = [];

    /**
     * @param  array<string, Carrier>  $carriers
     * @param  array<string, Made>  $made
     * @param  array<string, list<string>>  $lost  roles by action: blocked on another way, free on this
     */
    public function __construct(
        private readonly Scene $scene,
        private readonly Resolved $resolved,
        private readonly array $carriers,
        array $made,
        private readonly Defense $defense,
        private readonly KeyMoves $moves,
        private readonly array $lost = [],
    ) {
        $read = array_column($resolved->keys, 'role');
        $blocked = [];
        foreach ($resolved->blocks as $letter => $block) {
            if ($block->blocks() && ($made[$letter]->makeable ?? true) !== false) {
                $blocked[] = $block->target;
            }
            // Two men on him do not hold a man who leaves with the receiver of a screen.
            if ($block->first !== null && ! $defense->hasReceiver($resolved->front->men[$block->first])) {
                $blocked[] = $block->first;
            }
        }
        $this->blocked = array_values(array_unique(array_filter(
            $blocked,
            fn (?string $role): bool => $role !== null && ! in_array($role, $read, true),
        )));
        foreach (array_keys($resolved->front->men) as $role) {
            if (! in_array($role, $read, true) && ! in_array($role, $blocked, true)) {
                $this->free[$role] = $this->held($role)
                    ? $defense->tackler($role)->later(self::HELD_S)
                    : $defense->tackler($role);
            }
        }
    }

    /** @return array<string, Tackler> by role: whom nobody blocks and nobody reads */
    public function free(): array
    {
        return $this->free;
    }

    /**
     * Where men who get off their blocks would meet a carrier before a step of his way, yards past the line by role.
     *
     * @return array<string, float>
     */
    public function offTheirBlocks(Carrier $carrier, int $before): array
    {
        $met = [];
        foreach ($this->offBlocks[$carrier->action] ??= $this->stepsOffBlocks($carrier) as $role => $step) {
            if ($step < $before) {
                $met[$role] = $carrier->path->y[$step];
            }
        }

        return $met;
    }

    /** @return array<string, int> steps of his way at which they would meet him, by role */
    private function stepsOffBlocks(Carrier $carrier): array
    {
        $steps = [];
        foreach ($this->blocked as $role) {
            $step = $this->defense->tackler($role)->later(self::GETS_OFF_S)->meets($carrier);
            if ($step !== null) {
                $steps[$role] = $step;
            }
        }

        return $steps;
    }

    /**
     * The least lead a carrier keeps, the step at which the first free man meets him, and who.
     *
     * @param  array<string, RunAct>  $acts
     * @return array{float, int, string|null}
     */
    public function against(string $action, array $acts): array
    {
        $carrier = $this->carriers[$action];
        [$least, $step, $first] = $this->byFree[$action] ??= $this->all($action, $this->freeOn($action));
        foreach ($this->resolved->keys as ['role' => $role]) {
            $act = $acts[$role] ?? null;
            [$margin, $met, $who] = $this->byKey[
                "$action $role ".($act === null ? '' : "{$act->name} {$act->share} {$act->toward}")
            ] ??= $this->all($action, [
                $act === null
                    ? $this->defense->tackler($role)->later(KeyMoves::TURN_S)
                    : $this->moves->onCarrier($role, $action, $act),
            ]);
            $least = min($least, $margin);
            [$step, $first] = $who !== null && ($met < $step || $first === null) ? [$met, $who] : [$step, $first];
        }
        $until = $carrier->stepPast($this->scene->setting->situation->runSuccessYd());

        return [
            $until === Path::STEPS - 1 && $carrier->path->y[$until] < $this->scene->setting->situation->runSuccessYd()
                ? min($least, -0.01)
                : $least,
            $step,
            $first,
        ];
    }

    /**
     * Free men on their way to a carrier.
     *
     * @return list<Tackler>
     */
    private function freeOn(string $action): array
    {
        // A fake takes those along who are not told off for the quarterback: they come a reaction later.
        $faked =
            ($action === 'throw' && $this->resolved->run->scheme()->screen === null)
            || $action === 'pull'
            || ($action === 'keep' && isset($this->carriers['give']))
                ? $this->scene->setting->reaction
                : 0.0;

        $free = array_map(fn (Tackler $t): Tackler => $faked > 0.0 ? $t->later($faked) : $t, array_values($this->free));
        foreach ($this->lost[$action] ?? [] as $role) {
            $free[] = $this->defense->tackler($role);
        }

        return $free;
    }

    /**
     * @param  list<Tackler>  $tacklers
     * @return array{float, int, string|null}
     */
    private function all(string $action, array $tacklers): array
    {
        $carrier = $this->carriers[$action];
        $until = $carrier->stepPast($this->scene->setting->situation->runSuccessYd());
        $least = 9.0;
        foreach ($tacklers as $tackler) {
            $least = min($least, $tackler->margin($carrier, $until));
        }

        return [$least, ...$this->firstFree($carrier, $tacklers)];
    }

    /**
     * @param  list<Tackler>  $tacklers
     * @return array{int, string|null} step at which the first free man meets the carrier, and who
     */
    private function firstFree(Carrier $carrier, array $tacklers): array
    {
        $first = Path::STEPS - 1;
        $who = null;
        foreach ($tacklers as $tackler) {
            $step = $tackler->meets($carrier);
            if ($step !== null && ($step < $first || $who === null && $step === $first)) {
                [$first, $who] = [$step, $tackler->role];
            }
        }

        return [$first, $who];
    }

    /** Whether a lineman with nobody of his own stands in his way: he holds whoever comes into his gap for a time. */
    private function held(string $role): bool
    {
        $man = $this->resolved->front->men[$role];
        if ($man->yYd > self::IN_A_GAP_YD) {
            return false;
        }
        foreach ($this->resolved->blocks as $letter => $block) {
            $post = $this->scene->men[$letter];
            if (
                $post->isLineman() &&
                ! $block->blocks() &&
                ! in_array($block->verb, self::LEAVES, true) &&
                abs($post->xYd - $man->xYd) <= self::GAP_YD
            ) {
                return true;
            }
        }

        return false;
    }
}
