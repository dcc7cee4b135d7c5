<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run;

use Jacotaxis\Core\Blocking\Run\Order;
use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Blocking\Run\Resolver;
use Jacotaxis\Core\Blocking\Run\RunCall;
use Jacotaxis\Core\Blocking\Run\UnknownRun;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Offense\Athlete;
use Jacotaxis\Core\Proof\Run\Ball\Carriers;
use Jacotaxis\Core\Proof\Run\Ball\OutsideThrow;
use Jacotaxis\Core\Proof\Run\Ball\Passing;
use Jacotaxis\Core\Proof\Run\Ball\Thrown;
use Jacotaxis\Core\Proof\Run\Chase\Defense;
use Jacotaxis\Core\Proof\Run\Chase\ReadMan;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Scene\Verdict;

/** Proves what a run does to a look. Deterministic. */
final class RunProver
{
    private const BETWEEN = [0.25, 0.5, 0.75];

    /**
     * @param  array<string, string>  $press  what the man in a receiver's face does, by letter
     * @param  list<string>  $honest  roles of defenders who do not come for the run: a pass of the same picture keeps
     *     them
     *
     * @throws UnknownRun when the run has nobody to carry the ball
     */
    public static function prove(
        Call $call,
        Look $look,
        Setting $setting,
        array $press = [],
        array $honest = [],
    ): RunProof {
        $scene = Scene::of($call, $look, $setting, $press);
        $run = $call->run ?? throw UnknownRun::needs('This call', 'a run');
        $able = array_map(fn (Athlete $a): array => $a->flags, $setting->men);
        $throws = $scene->routes !== [] && $scene->reads !== [];
        $resolve = fn (?string $read, ?string $outside = null): Resolved => Resolver::of(
            $run,
            $scene->lineup,
            $scene->defenders,
            $look,
            $setting->schools,
            array_keys($call->routes),
            $able,
            $read,
            $outside,
        );
        $late =
            $throws &&
            array_filter($scene->reads, fn (string $l): bool => ! $scene->routes[$l]->spec->shape()->counted) !== [];
        $read = $late ? ReadMan::of($call, $scene, $resolve(null)) : null;
        $resolved = $resolve($read);
        $before = $throws ? PreSnap::of($scene, $resolved) : null;
        $outside = $read === null && $throws && $before?->throws !== true ? OutsideThrow::of($scene, $resolved) : null;
        $resolved = $outside === null ? $resolved : $resolve(null, $outside->role);
        $defense = new Defense($scene, $resolved, $honest);
        $carriers = (new Carriers($scene, $resolved))->all($outside?->letter);
        $screen = $run->scheme()->screen !== null;
        if ($carriers === [] || ! $screen && $run->scheme()->gives && ! isset($carriers['give'])) {
            throw UnknownRun::needs(
                ucfirst($run->scheme),
                $screen ? 'somebody to throw to on its side' : 'a back or a man in motion who carries the ball',
            );
        }
        $aim = $carriers['give'] ?? $carriers['keep'] ?? array_values($carriers)[0];
        $blocking = new Blocking($scene, $resolved, $defense);
        $made = $blocking->all($aim);
        if ($outside === null && $before?->letter !== null && $scene->routes[$before->letter]->spec->depth() <= 0.0) {
            $carriers['throw'] = (new Thrown($scene, $resolved))->quick($before->letter);
        }
        $decider = new Decider(
            $scene,
            $resolved,
            $carriers,
            $made,
            $defense,
            $throws ? new Passing($scene, $read) : null,
            $blocking->lost($carriers, $aim),
            $aim->thrownAt === null ? null : $defense->hurry($aim->thrownAt),
        );
        if ($before?->throws === true) {
            return new RunProof(
                scene: $scene,
                resolved: $resolved,
                carriers: $carriers,
                made: $made,
                defense: $defense,
                ruleTrue: isset($carriers['throw'])
                    ? $decider->carried('throw', [])
                    : $decider->thrown([]) ?? $decider->outcome([]),
                keys: [],
                pairs: [],
                decider: $decider,
                byRule: [],
                before: $before,
            );
        }
        $byRule = [];
        foreach ($resolved->keys as ['role' => $role, 'decision' => $decision]) {
            $byRule[$role] = self::rule($role, $decision, $resolved, $decider);
        }
        $keys = [];
        foreach ($resolved->keys as ['role' => $role, 'decision' => $decision]) {
            $keys[] = self::key(
                $role,
                $decision,
                self::asked($decision, $byRule, $resolved),
                $decider,
                fn (RunAct $act): ?Decider => self::otherJobs(
                    $call,
                    $role,
                    $act,
                    fn (Call $c): RunProof => self::prove($c, $look, $setting, $press, $honest),
                ),
            );
        }

        return new RunProof(
            scene: $scene,
            resolved: $resolved,
            carriers: $carriers,
            made: $made,
            defense: $defense,
            ruleTrue: $decider->outcome($byRule),
            keys: $keys,
            pairs: self::pairs($keys, $decider),
            decider: $decider,
            byRule: $byRule,
            before: $before,
        );
    }

    /**
     * What the others do where a key is asked: outside he is asked only once the read man has taken the back.
     *
     * @param  array<string, RunAct>  $byRule
     * @return array<string, RunAct>
     */
    private static function asked(string $decision, array $byRule, Resolved $resolved): array
    {
        $give = $resolved->key('give');

        return $decision === 'outside' && $give !== null
            ? [...$byRule, $give => new RunAct('take the back', 'give', 0.0)]
            : $byRule;
    }

    /**
     * By assignment the dive man of an option takes the back, the last man of a zone read has the quarterback, the next
     * man out has the quarterback (DEF-02).
     */
    private static function rule(string $role, string $decision, Resolved $resolved, Decider $decider): RunAct
    {
        [$first, $second] = $decider->moves->pair($role);
        $option = $resolved->run->scheme()->isOption();
        $d = $resolved->front->men[$role];

        return match (true) {
            // A backer keys the line and fills (DEF-03); a man outside the box plays the pass first.
            $decision === 'throw' => in_array($d->group, [Group::Backer, Group::Line, Group::Edge], true)
                ? new RunAct('by rule', $first, 0.0)
                : new RunAct('by rule', $second, 1.0),
            $decision === 'pitch' => new RunAct('by rule', $first, 0.0),
            $decision === 'outside' => new RunAct('by rule', $second, 1.0),
            $option => new RunAct('by rule', $first, 0.0),
            default => new RunAct('by rule', $second, 1.0),
        };
    }

    /**
     * The play in which a staff's rule gives men other jobs because of an act, or null when none does.
     *
     * @param  callable(Call): RunProof  $prove
     */
    private static function otherJobs(Call $call, string $role, RunAct $act, callable $prove): ?Decider
    {
        $run = $call->run;
        $orders = [];
        foreach ($call->rules as $rule) {
            if (
                $rule->action === null &&
                $rule->man !== null &&
                $rule->job !== null &&
                $rule->fires($role, $act->name)
            ) {
                [$verb, $target] = self::job($rule->job);
                $orders[$rule->man] = new Order(Verb::from($verb), $target);
            }
        }

        return $orders === [] || $run === null ? null
            : $prove($call->with(['rules' => [], 'run' => new RunCall($run->scheme, $run->side, $run->who, $run->tags,
                [...$run->orders, ...$orders], $run->giveOnly)]))->decider;
    }

    /**
     * A job in words as verb and target.
     *
     * @return array{string, string|null}
     */
    private static function job(string $words): array
    {
        $verb = str_starts_with($words, 'cut off') ? 'cut off' : explode(' ', $words)[0];
        $target = trim(substr($words, strlen($verb)));

        return [$verb, $target === '' ? null : $target];
    }

    /**
     * @param  array<string, RunAct>  $byRule
     * @param  callable(RunAct): (Decider|null)  $other  the play with other jobs for an act
     */
    private static function key(
        string $role,
        string $decision,
        array $byRule,
        Decider $decider,
        callable $other,
    ): RunKey {
        $pair = $decider->moves->pair($role);
        $acts = [$byRule[$role], ...self::acts($pair, $decision)];
        $rows = array_map(
            fn (RunAct $a): array => [
                'act' => $a,
                'outcome' => ($other($a) ?? $decider)->outcome([...$byRule, $role => $a]),
            ],
            $acts,
        );
        $free = array_filter($rows, fn (array $r): bool => $r['outcome']->beats($r['act']));
        $actions = array_unique(
            array_map(
                fn (array $r): string => $r['outcome']->action,
                array_filter($rows, fn (array $r): bool => $r['act']->isChoice()),
            ),
        );
        $question = match ($decision) {
            'throw' => "Does the $role insert into the run or drop?",
            'pitch' => "Does the $role take the quarterback or the pitch?",
            'outside' => "The ball is pulled: does the $role come for the quarterback or stay outside?",
            default => "Does the $role take the back or stay for the quarterback?",
        };

        $strength = RunOutcome::least(
            array_map(fn (array $r): array => ['acts' => [$r['act']], 'outcome' => $r['outcome']], $rows),
        );

        return new RunKey(
            $role,
            $decision,
            $pair,
            $question,
            $rows,
            Verdict::ofActs(count($free), count($rows))->by($strength),
            $strength,
            count($actions) > 1,
        );
    }

    /**
     * @param  array{string, string}  $pair
     * @return list<RunAct>
     */
    private static function acts(array $pair, string $decision): array
    {
        $names = match ($decision) {
            'pitch' => ['take the quarterback', 'take the pitch'],
            'throw' => ['insert', 'drop'],
            'outside' => ['take the quarterback', 'stay outside'],
            default => ['take the back', 'take the quarterback'],
        };
        $acts = [new RunAct($names[0], $pair[0], 0.0), new RunAct($names[1], $pair[1], 1.0)];
        foreach (self::BETWEEN as $share) {
            $acts[] = new RunAct('between', null, $share);
        }

        return $acts;
    }

    /**
     * @param  list<RunKey>  $keys
     * @return list<array{acts: list<RunAct>, outcome: RunOutcome}>
     */
    private static function pairs(array $keys, Decider $decider): array
    {
        if ($keys === []) {
            return [];
        }
        $pairs = [];
        $acts = array_map(
            fn (RunKey $k): array => array_values(
                array_filter(array_column($k->acts, 'act'), fn (RunAct $a): bool => $a->name !== 'by rule'),
            ),
            $keys,
        );
        foreach ($acts[0] as $a) {
            foreach ($acts[1] ?? [null] as $b) {
                $both = [$keys[0]->role => $a] + ($b === null ? [] : [$keys[1]->role => $b]);
                $pairs[] = ['acts' => $b === null ? [$a] : [$a, $b], 'outcome' => $decider->outcome($both)];
            }
        }

        return $pairs;
    }
}
