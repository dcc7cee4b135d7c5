<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run;

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Run\Ball\Carrier;
use Jacotaxis\Core\Proof\Run\Ball\Hurry;
use Jacotaxis\Core\Proof\Run\Ball\Passing;
use Jacotaxis\Core\Proof\Run\Chase\Defense;
use Jacotaxis\Core\Proof\Run\Chase\KeyMoves;
use Jacotaxis\Core\Proof\Run\Chase\Tackler;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Scene\Worth;

/**
 * Plays what the keys of a run do and says who has the ball: give unless the dive key can tackle the back; keep unless
 * the pitch key can tackle the quarterback (OPT-01, VER-08).
 */
final class Decider
{
    /** A key this far on his way is told from one who sits, share of the way. */
    private const COMMITTED = 0.5;

    /** Verbs of linemen who leave their place. */
    private const LEAVES = [Verb::Kick, Verb::Wrap, Verb::Lead, Verb::Release, Verb::Climb, Verb::Arc];

    /**
     * A lineman without a man holds one this near to him and to the line, yards, for so long, seconds (from memory).
     */
    private const GAP_YD = 1.2;

    private const IN_A_GAP_YD = 1.6;

    private const HELD_S = 0.5;

    /** How far from a carrier's lane, and how deep, a blocked man is at the point, yards. */
    private const POINT_YD = [3.0, 7.5];

    /** On any down a read man who tackles short of this has taken the carrier, yards (first and ten). */
    private const READ_YD = 3.2;

    /** @var array<string, Tackler> free men by role */
    private array $free = [];

    /**
     * @var array<string, array{float, int, string|null}> by action: what the free men do to a carrier, whatever the
     *     keys do
     */
    private array $byFree = [];

    /** @var array<string, array{float, int, string|null}> by action, role and act */
    private array $byKey = [];

    /** @var array<string, bool> */
    private array $stops = [];

    public readonly KeyMoves $moves;

    /**
     * @param  array<string, Carrier>  $carriers
     * @param  array<string, Made>  $made
     * @param  array<string, list<string>>  $lost  roles by action: blocked on another way, free on this
     */
    public function __construct(
        private readonly Scene $scene,
        private readonly Resolved $resolved,
        private readonly array $carriers,
        private readonly array $made,
        private readonly Defense $defense,
        public readonly ?Passing $passing = null,
        private readonly array $lost = [],
        private readonly ?Hurry $hurry = null,
    ) {
        $this->moves = new KeyMoves($scene, $resolved, $carriers, $defense, $passing);
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
        foreach (array_keys($resolved->front->men) as $role) {
            if (! in_array($role, $read, true) && ! in_array($role, $blocked, true)) {
                $this->free[$role] = $this->held($role)
                    ? $defense->tackler($role)->later(self::HELD_S)
                    : $defense->tackler($role);
            }
        }
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

    /** @return array<string, Tackler> by role: whom nobody blocks and nobody reads */
    public function free(): array
    {
        return $this->free;
    }

    /**
     * Who has the ball when the keys act so.
     *
     * @param  array<string, RunAct>  $acts  by role of the key
     */
    public function outcome(array $acts): RunOutcome
    {
        $action = $this->decide($acts);

        // A throw past the line is a pass, one behind it a man who carries the ball.
        $past =
            $action === 'throw' &&
            $this->resolved->run->scheme()->screen === null &&
            ($this->resolved->key('outside') === null || ! isset($this->carriers['throw']));

        return ($past ? $this->thrown($acts) : null) ?? $this->carried($action, $acts);
    }

    /**
     * The throw of a run-pass option; null where there is none.
     *
     * @param  array<string, RunAct>  $acts
     */
    public function thrown(array $acts): ?RunOutcome
    {
        $passing = $this->passing;
        if ($passing === null) {
            return null;
        }
        $act = $passing->role === null ? null : $acts[$passing->role] ?? null;
        $pass = $act === null ? $passing->windows->outcome() : $passing->outcome(...$this->place($passing, $act));
        $route = $pass->letter === null ? null : $this->scene->routes[$pass->letter]->spec->name;
        $why = $pass->open()
            ? "$route".($passing->role === null ? '' : " behind the {$passing->role}").": {$pass->why}"
            : lcfirst($pass->why);

        return new RunOutcome(
            'throw',
            $pass->letter,
            $route ?? 'nobody',
            $pass->open() ? $pass->margin : ($pass->best ?? $pass->margin),
            $pass->gainYd,
            null,
            $pass->line?->yYd,
            $pass->line?->xYd,
            $pass->line?->outAt() ?? 1.2,
            $why,
            $pass->worth,
            $this->scene->setting->situation->runSuccessYd(),
            $pass,
            $route,
        );
    }

    /**
     * Where the read man of the throw runs by an act, and from when: into the run, nowhere when he drops, or between.
     *
     * @return array{array{float, float}|null, float}
     */
    public function place(Passing $passing, RunAct $act): array
    {
        $own = $this->defense->tackler((string) $passing->role);
        $give = $this->carriers['give'];
        $met = $own->meets($give) ?? Path::STEPS - 1;
        $share = $act->share;
        if ($share >= 1.0) {
            return [null, $own->delay];
        }
        [$x, $y] = [$give->path->x[$met], max(0.5, $give->path->y[$met])];
        [$dx, $dy] = $passing->droppedAt($give->from + $this->scene->setting->reaction);

        return [[$x + $share * ($dx - $x), $y + $share * ($dy - $y)], $own->delay];
    }

    /**
     * What comes of one carrier, rightly chosen or not.
     *
     * @param  array<string, RunAct>  $acts
     */
    public function carried(string $action, array $acts): RunOutcome
    {
        $carrier = $this->carriers[$action];
        if ($this->hurry !== null) {
            return $this->sacked($carrier, $this->hurry);
        }
        [$margin, $step, $first] = $this->against($action, $acts);
        $past = $carrier->path->y[$step];
        $situation = $this->scene->setting->situation;
        $gain = min($past, $situation->toGoalYd());
        $why = match (true) {
            $first === null => sprintf('%s gets through untouched, %s', $carrier->letter, $carrier->where),
            $past >= $situation->toGoalYd() => sprintf(
                '%s is over the goal line before the %s, %s',
                $carrier->letter,
                $first,
                $carrier->where,
            ),
            default => sprintf('the %s meets %s at %.1f yd, %s', $first, $carrier->letter, $gain, $carrier->where),
        };
        $worth = Worth::ofRun($past, $situation->successYd(), $this->blocksAt($carrier))->within(
            $situation->toGoalYd(),
        );
        if ($carrier->thrownAt !== null) {
            [$qx, $qy] = $this->scene->launch();
            [$x, $y] = $carrier->path->at($carrier->from);
            $worth = $worth->caughtOver(hypot($x - $qx, $y - $qy));
        }

        return new RunOutcome(
            $carrier->action,
            $carrier->letter,
            $carrier->where,
            $margin,
            $gain,
            $first,
            $first === null ? null : $past,
            $first === null ? null : $carrier->path->x[$step],
            $carrier->pitched->leaves ?? $carrier->from,
            $why,
            $worth,
            $situation->runSuccessYd(),
        );
    }

    /** Somebody is at the passer before the ball of a screen leaves. */
    private function sacked(Carrier $carrier, Hurry $hurry): RunOutcome
    {
        [$qx, $qy] = $this->scene->launch();
        $situation = $this->scene->setting->situation;

        return new RunOutcome(
            'sack',
            'Q',
            'behind the line',
            $hurry->atS - (float) $carrier->thrownAt,
            $qy,
            $hurry->role,
            $qy,
            $qx,
            $hurry->atS,
            sprintf(
                'the %s is at Q at %.2f s, the ball to %s leaves at %.2f',
                $hurry->role,
                $hurry->atS,
                $carrier->letter,
                (float) $carrier->thrownAt,
            ),
            Worth::ofRun($qy, $situation->successYd(), 0),
            $situation->runSuccessYd(),
        );
    }

    /** How many blocks near a carrier's lane have to hold. */
    private function blocksAt(Carrier $carrier): int
    {
        if ($carrier->thrownAt !== null) {
            return $this->blocksInSpace();
        }
        $x = $carrier->path->x[$carrier->stepPast(0.0)];
        $near = array_filter(
            $this->resolved->front->men,
            fn (Defender $d): bool => ! isset($this->free[$d->role]) &&
                abs($d->xYd - $x) <= self::POINT_YD[0] &&
                $d->yYd <= self::POINT_YD[1],
        );

        return count($near);
    }

    /** Every man who goes out in front of a screen or blocks for it outside has to hold. */
    private function blocksInSpace(): int
    {
        return count(array_filter(
            $this->resolved->blocks,
            fn (Block $b): bool => $b->target !== null
                && in_array($b->verb, [Verb::Lead, Verb::Kick, Verb::Stalk], true)
                && $this->resolved->front->u($b->target) > $this->resolved->front->middle(),
        ));
    }

    /** @param  array<string, RunAct>  $acts */
    public function decide(array $acts): string
    {
        foreach ($this->scene->call->rules as $rule) {
            $act = $acts[$rule->defender] ?? null;
            if (
                $act !== null &&
                $rule->action !== null &&
                $rule->fires($rule->defender, $act->name) &&
                (isset($this->carriers[$rule->action]) || ($rule->action === 'throw' && $this->passing !== null))
            ) {
                return $rule->action;
            }
        }
        $give = $this->resolved->key('give');
        $throw = $this->resolved->key('throw');
        if ($throw !== null && $this->passing !== null && isset($acts[$throw])) {
            return $this->stops($throw, 'give', $acts[$throw]) ? 'throw' : 'give';
        }
        if (
            isset($this->carriers['give']) &&
            ($give === null || ! isset($acts[$give]) || ! $this->leaves($give, $acts))
        ) {
            return 'give';
        }

        return $this->offTheBack($acts);
    }

    /**
     * Where the ball goes that the back does not get.
     *
     * @param  array<string, RunAct>  $acts
     */
    private function offTheBack(array $acts): string
    {
        $pitch = $this->resolved->key('pitch');
        if ($pitch !== null && isset($this->carriers['keep'], $this->carriers['pitch']) && isset($acts[$pitch])) {
            return $this->stops($pitch, 'keep', $acts[$pitch]) ? 'pitch' : 'keep';
        }
        if ($pitch !== null && isset($this->carriers['keep'])) {
            return 'keep';
        }

        $outside = $this->resolved->key('outside');
        if ($outside !== null && isset($this->carriers['pull'], $this->carriers['throw'], $acts[$outside])) {
            return $this->stops($outside, 'pull', $acts[$outside]) ? 'throw' : 'pull';
        }

        return isset($this->carriers['pull']) ? 'pull' : (array_key_first($this->carriers) ?? 'give');
    }

    /**
     * Whether the ball leaves the back: the read man makes the tackle on him. Of one who waits between it goes where it
     * ends better.
     *
     * @param  array<string, RunAct>  $acts
     */
    private function leaves(string $give, array $acts): bool
    {
        $act = $acts[$give];
        $off = $this->offTheBack($acts);
        if ($act->isChoice() || $off === 'give') {
            return $this->stops($give, 'give', $act);
        }

        return $this->against($off, $acts)[0] > $this->against('give', $acts)[0];
    }

    /**
     * Whether a key alone makes the tackle on a carrier: the read (OPT-01, SET-19). What a read man does tells who
     * gets the ball, however little the down asks for.
     */
    public function stops(string $role, string $action, RunAct $act): bool
    {
        if ($this->scene->setting->schools->is('SET-19', 'B') && $action === 'give') {
            return $act->share < self::COMMITTED;
        }
        $carrier = $this->carriers[$action];

        return $this->stops["$role $action {$act->name} {$act->share} {$act->toward}"] ??=
            $this->moves->onCarrier($role, $action, $act)->margin($carrier, $carrier->stepPast($this->readYd())) < 0.0;
    }

    /** How far past the line a read man must have made the tackle to be read as having made it, yards. */
    private function readYd(): float
    {
        $situation = $this->scene->setting->situation;

        return max($situation->runSuccessYd(), min(self::READ_YD, $situation->toGoalYd()));
    }

    /**
     * The least lead a carrier keeps, the step at which the first free man meets him, and who.
     *
     * @param  array<string, RunAct>  $acts
     * @return array{float, int, string|null}
     */
    private function against(string $action, array $acts): array
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
}
