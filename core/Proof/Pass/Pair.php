<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Pass;

use Jacotaxis\Core\Blocking\Run\UnknownRun;
use Jacotaxis\Core\Blocking\Scheme;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Play\Act;
use Jacotaxis\Core\Proof\Play\PlayOut;
use Jacotaxis\Core\Proof\Play\Tracks;
use Jacotaxis\Core\Proof\Run\Chase\Defense;
use Jacotaxis\Core\Proof\Run\Decider;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Run\RunProver;
use Jacotaxis\Core\Proof\Scene\Protection;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Throwing\Outcome;
use Jacotaxis\Core\Proof\Throwing\Windows;

/**
 * A play-action pass proved as a pair with its run: a defender who comes for the run opens the pass over him, one who
 * stays home is answered by the run itself (PAC-15, truth 12).
 */
final class Pair
{
    /** Keys of the pair that are told, the one who matters most first. */
    private const TOLD = 3;

    /** A receiver who runs at a man as if to block him takes that man's eyes, degrees off straight. */
    private const SELLS_DEG = 30.0;

    /** @param  list<Key>  $keys */
    private function __construct(
        /** The run that is shown, proved as a run; null when it cannot be called from here. */
        public readonly ?RunProof $base,
        public readonly array $keys,
        public readonly string $why,
    ) {
    }

    /** Of a pass without a run action there is none. */
    public static function of(Scene $scene, PlayOut $playOut, Windows $windows): ?self
    {
        $fake = $scene->call->fake;
        if ($fake === null) {
            return null;
        }
        $run = $fake->run($scene->strong);
        if ($run === null) {
            return new self(null, [], 'a freeze alone is no run: nothing answers the man who stays home');
        }
        $call = $scene->call->with(['run' => $run, 'fake' => null, 'routes' => [], 'reads' => [], 'readsBy' => [],
            'keys' => [], 'protection' => null, 'hot' => null, 'drop' => null, 'rules' => []]);
        try {
            $base = RunProver::prove($call, $scene->look, $scene->setting);
        } catch (UnknownRun $e) {
            return new self(null, [], lcfirst($e->getMessage()));
        }

        return new self($base, self::keys($scene, $playOut, $windows, $base), 'proved with its run, '.$run->words());
    }

    /** @return list<Key> */
    private static function keys(Scene $scene, PlayOut $playOut, Windows $windows, RunProof $base): array
    {
        $runs = self::readers($scene, $playOut);
        $honest = (new PlayOut(
            $scene->honest(array_map(fn (int $d): string => $scene->defenders[$d]->role, $runs)),
        ))->byRule();
        $keys = [];
        foreach ($runs as $d) {
            $key = self::key($d, $scene, $playOut, $windows, $base, $honest);
            if ($key !== null) {
                $keys[] = $key;
            }
        }
        $edge = self::edge($scene, $playOut, $base);
        usort($keys, fn (Key $a, Key $b): int => $b->swing <=> $a->swing);

        return array_slice($edge === null ? $keys : [...$keys, $edge], 0, self::TOLD);
    }

    /**
     * Places of the men who read the run, and of those a receiver runs at as if to block.
     *
     * @return list<int>
     */
    private static function readers(Scene $scene, PlayOut $playOut): array
    {
        $readers = [];
        foreach ($playOut->coverage() as $d) {
            if ($scene->hold($scene->defenders[$d]) > 0.0 || self::sold($scene, $d)) {
                $readers[] = $d;
            }
        }

        return $readers;
    }

    /** Whether the receiver he plays first shows a block inside before he goes. */
    private static function sold(Scene $scene, int $d): bool
    {
        $defender = $scene->defenders[$d];
        $letter =
            $defender->takes ?? ($defender->group === Group::Corner ? $scene->count->letter($defender->side, 1) : null);
        $run = $letter === null ? null : $scene->routes[$letter] ?? null;
        if ($run === null) {
            return false;
        }
        $in = $scene->men[$letter]->xYd < 0.0 ? 1.0 : -1.0;
        $i = (int) (0.8 / Path::STEP);

        return rad2deg(
            atan2(($run->path->x[$i] - $run->path->x[0]) * $in, max(0.01, $run->path->y[$i] - $run->path->y[0])),
        ) > self::SELLS_DEG && $run->spec->shape()->deep;
    }

    private static function key(
        int $d,
        Scene $scene,
        PlayOut $playOut,
        Windows $windows,
        RunProof $base,
        Tracks $honest,
    ): ?Key {
        $role = $scene->defenders[$d]->role;
        $open = $scene->setting->openAt;
        $toTheRun = self::toTheRun($role, $base);
        $comes = $windows->outcome($d, $playOut->withAct($d, $toTheRun));
        if (! $comes->open()) {
            return null;
        }
        $stays = $windows->outcome(
            $d,
            new Tracks(
                [$d => $honest->x[$d]],
                [$d => $honest->y[$d]],
                [$d => $honest->vx[$d]],
                [$d => $honest->vy[$d]],
            ),
        );
        $rule = $windows->outcome();
        $gained = self::gained($comes, $stays, $windows->counting(), $open);
        // He is a key when coming for the run opens somebody whom staying home shuts, or at least makes much less open.
        if ($gained < $open) {
            return null;
        }
        $give = self::give($role, $base);
        $best = $stays->open() && ($stays->margin >= $give->margin || ! $give->open()) ? $stays : $give;
        [$come, $stay] = $scene->defenders[$d]->group === Group::Corner ? ['fall off', 'stay home']
            : ['trigger', 'stay home'];
        $acts = [['act' => new Act('by rule'), 'outcome' => $rule->open() ? $rule : $best],
            ['act' => new Act($come, $toTheRun->fromT, $toTheRun->xYd, $toTheRun->yYd, (string) $comes->letter, true),
                'outcome' => $comes],
            ['act' => new Act($stay, toward: 'run'), 'outcome' => $give->open() ? $give : $best]];

        return self::made(
            $d,
            $role,
            [(string) $comes->letter, 'run'],
            $scene->defenders[$d]->job->kind === JobKind::Man
                ? "Does the $role stay with his man or come for the run?"
                : "Does the $role come for the run or stay home?",
            $acts,
            $gained * 10.0,
        );
    }

    /**
     * How much more open a read that may be thrown becomes when he comes for the run, seconds: the one that gains most.
     *
     * @param  list<string>  $counting
     */
    private static function gained(Outcome $comes, Outcome $stays, array $counting, float $open): float
    {
        $most = 0.0;
        foreach ($counting as $letter) {
            $then = $comes->reads[$letter]['margin'] ?? Windows::NONE_S;
            if ($then >= $open) {
                $most = max($most, $then - max(-1.0, $stays->reads[$letter]['margin'] ?? -1.0));
            }
        }

        return $most;
    }

    /**
     * @param  array{string, string}  $pair
     * @param  list<array{act: Act, outcome: Outcome}>  $acts
     */
    private static function made(int $d, string $role, array $pair, string $question, array $acts, float $swing): Key
    {
        return Key::of($d, $role, $pair, $question, $acts, $swing);
    }

    /** From when he sees the run to where he would meet the back. */
    private static function toTheRun(string $role, RunProof $base): Act
    {
        $tackler = $base->defense->tackler($role);
        $give = $base->carriers['give'] ?? array_values($base->carriers)[0];
        $met = $tackler->meets($give) ?? Path::STEPS - 1;

        return new Act('trigger', $tackler->delay, $give->path->x[$met], max(1.0, min(6.0, $give->path->y[$met])));
    }

    /** What the run brings when a man plays the pass, or null without a run. */
    public function without(string $role): ?Outcome
    {
        return $this->base === null ? null : self::give($role, $this->base);
    }

    /** The run itself, with this man playing the pass. */
    private static function give(string $role, RunProof $base): Outcome
    {
        $run = (new Decider(
            $base->scene,
            $base->resolved,
            $base->carriers,
            $base->made,
            new Defense($base->scene, $base->resolved, [$role]),
        ))->outcome($base->byRule);

        return new Outcome(
            action: 'give',
            letter: $run->letter,
            line: null,
            margin: $run->margin,
            completion: 1.0,
            gainYd: $run->gainYd,
            why: "the run itself: {$run->why}",
            reads: [],
            best: $run->margin,
            worth: $run->worth(),
        );
    }

    /**
     * The last man of the line on the side the passer rolls to, when nobody blocks him: he crashes on the run or comes
     * up at the quarterback (truth 11).
     */
    private static function edge(Scene $scene, PlayOut $playOut, RunProof $base): ?Key
    {
        $side = $scene->rolls();
        if ($side === null) {
            return null;
        }
        $role = $base->resolved->front->emol($side);
        if (
            $role === null ||
            (in_array($role, $scene->pickup->takes, true) && $scene->call->protection?->scheme !== Scheme::Naked)
        ) {
            return null;
        }
        $d = (int) array_search($role, array_map(fn (Defender $x): string => $x->role, $scene->defenders), true);
        $own = $base->defense->tackler($role);
        [$lx, $ly] = $scene->launch();
        $arrives = $own->delay + $own->law->time(max(0.1, hypot($own->xYd - $lx, $own->yYd - $ly) - 2.0));
        $comesUp = Protection::meeting($scene, $role, $side, $arrives);
        $gone = Protection::meeting($scene, null, $side, $scene->setting->pocket + 0.5);
        $up = (new Windows($scene, $playOut, $comesUp))->outcome();
        $crash = (new Windows($scene, $playOut, $gone))->outcome();

        return self::made(
            $d,
            $role,
            ['run', 'quarterback'],
            "Does the $role crash on the run or come up at the quarterback?",
            [
                ['act' => new Act('by rule'), 'outcome' => $crash],
                ['act' => new Act('crash', toward: 'run'), 'outcome' => $crash],
                ['act' => new Act('come up', toward: 'quarterback'), 'outcome' => $up],
            ],
            1.0,
        );
    }
}
