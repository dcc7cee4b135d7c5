<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run;

use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Run\Ball\Carrier;
use Jacotaxis\Core\Proof\Run\Ball\Hurry;
use Jacotaxis\Core\Proof\Run\Ball\Passing;
use Jacotaxis\Core\Proof\Run\Chase\Defense;
use Jacotaxis\Core\Proof\Run\Chase\KeyMoves;
use Jacotaxis\Core\Proof\Run\Chase\Pursuit;
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

    /** Chance that one key is read right (common practice, no source). */
    private const READS_RIGHT = 0.9;

    /** On any down a read man who tackles short of this has taken the carrier, yards (first and ten). */
    private const READ_YD = 3.2;

    /** @var array<string, bool> */
    private array $stops = [];

    public readonly KeyMoves $moves;

    private readonly Pursuit $pursuit;

    private readonly RunEnds $ends;

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
        public readonly ?Passing $passing = null,
        array $lost = [],
        private readonly ?Hurry $hurry = null,
    ) {
        $this->moves = new KeyMoves($scene, $resolved, $carriers, $defense, $passing);
        $this->pursuit = new Pursuit($scene, $resolved, $carriers, $made, $defense, $this->moves, $lost);
        $this->ends = new RunEnds($scene, $resolved, $this->pursuit);
    }

    /** @return array<string, Tackler> by role: whom nobody blocks and nobody reads */
    public function free(): array
    {
        return $this->pursuit->free();
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

        return $this->asRead(($past ? $this->thrown($acts) : null) ?? $this->carried($action, $acts), $acts);
    }

    /**
     * What the ball is worth when it is read by a man who reads wrong now and then: then another has it who should not.
     *
     * @param  array<string, RunAct>  $acts
     */
    private function asRead(RunOutcome $right, array $acts): RunOutcome
    {
        $others = array_values(array_filter(
            array_keys($acts === [] ? [] : $this->carriers),
            fn (string $action): bool => $action !== $right->action,
        ));
        if ($others === []) {
            return $right;
        }

        return $right->withWorth(function () use ($right, $others, $acts): Worth {
            $worths = array_map(fn (string $action): Worth => $this->carried($action, $acts)->worth(), $others);
            usort($worths, fn (Worth $a, Worth $b): int => $a->chance <=> $b->chance);

            return $right->worth()->orElse($worths[0], self::READS_RIGHT ** count($this->resolved->keys));
        });
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

        return $this->ends->thrown($pass, $passing->role);
    }

    /**
     * Where the read man of the throw runs by an act, and from when: into the run, nowhere when he drops, or between.
     *
     * @return array{array{float, float}|null, float}
     */
    public function place(Passing $passing, RunAct $act): array
    {
        $own = $this->defense->tackler((string) $passing->role);
        $give = $this->carriers[$this->moves->ran()];
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
            return $this->ends->sacked($carrier, $this->hurry);
        }

        return $this->ends->carried($carrier, ...$this->pursuit->against($action, $acts));
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
            $ran = $this->moves->ran();

            return $this->stops($throw, $ran, $acts[$throw]) ? 'throw' : $ran;
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

        return $this->pursuit->against($off, $acts)[0] > $this->pursuit->against('give', $acts)[0];
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
}
