<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Pass;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Proof\Keys\ActNames;
use Jacotaxis\Core\Proof\Keys\Answer;
use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Keys\KeyFinder;
use Jacotaxis\Core\Proof\Play\Act;
use Jacotaxis\Core\Proof\Play\PlayOut;
use Jacotaxis\Core\Proof\Scene\Protection;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Throwing\Outcome;
use Jacotaxis\Core\Proof\Throwing\Windows;

/** Proves what a call does to a look. Deterministic. */
final class Prover
{
    /**
     * @param  array<string, string>  $press  what the man in a receiver's face does, by letter (Release::REACTIONS)
     * @param  array{string, Act}|null  $changed  role of a defender and what he does instead of his rule
     */
    public static function prove(
        Call $call,
        Look $look,
        Setting $setting,
        array $press = [],
        ?array $changed = null,
    ): Proof {
        $scene = Scene::of($call, $look, $setting, $press);
        $place =
            $changed === null
                ? false
                : array_search($changed[0], array_map(fn (Defender $d): string => $d->role, $scene->defenders), true);
        $playOut = new PlayOut($scene, $place === false || $changed === null ? null : [$place, $changed[1]]);
        $protection = Protection::of($scene);
        $windows = new Windows($scene, $playOut, $protection);
        $ruleTrue = $windows->outcome();
        $finder = new KeyFinder($scene, $playOut, $windows, new ActNames($scene), $place === false ? null : $place);
        $pair = Pair::of($scene, $playOut, $windows);
        $keys = $pair === null ? $finder->keys() : self::together($pair, $finder->keys());
        $answers = self::unpunished($finder->answers($keys, $ruleTrue), $scene, $pair);
        $shown = [...self::withNamed($call, $scene, $finder, $keys), ...$finder->answered($answers, $ruleTrue)];

        return new Proof(
            $scene,
            $playOut,
            $windows,
            $protection,
            $windows->readings,
            $ruleTrue,
            $shown,
            $answers,
            $pair,
        );
    }

    /** The play when everybody plays his rule, without keys and answers. */
    public static function byRule(Call $call, Look $look, Setting $setting): Outcome
    {
        $scene = Scene::of($call, $look, $setting);

        return (new Windows($scene, new PlayOut($scene), Protection::of($scene)))->outcome();
    }

    /**
     * Keys of the pass and of its run, each man once, the largest swing first: who must choose between run and pass
     * comes first.
     *
     * @param  list<Key>  $pass
     * @return list<Key>
     */
    private static function together(Pair $pair, array $pass): array
    {
        $both = [];
        foreach ($pair->keys as $key) {
            $same = array_values(array_filter($pass, fn (Key $k): bool => $k->defender === $key->defender))[0] ?? null;
            $run = $same === null ? null : $pair->without($key->role);
            $both[] = $same === null || $run === null ? $key : $key->and($same, $run);
        }
        $taken = array_map(fn (Key $k): int => $k->defender, $pair->keys);

        return [...$both, ...array_filter($pass, fn (Key $k): bool => ! in_array($k->defender, $taken, true))];
    }

    /**
     * What single men can do for nothing: who is held by the run and plays the pass leaves the run, where that is good.
     *
     * @param  list<Answer>  $answers
     * @return list<Answer>
     */
    private static function unpunished(array $answers, Scene $scene, ?Pair $pair): array
    {
        if ($pair === null) {
            return $answers;
        }

        return array_values(array_map(function (Answer $a) use ($scene, $pair): Answer {
            $defender = $scene->defenders[$a->defender];
            $run = $a->spoils() && $scene->hold($defender) > 0.0 ? $pair->without($defender->role) : null;

            return $run !== null && $run->open() ? $a->punishedBy($run) : $a;
        }, $answers));
    }

    /**
     * Keys the call names are always shown, also when they are not in conflict.
     *
     * @param  list<Key>  $keys
     * @return list<Key>
     */
    private static function withNamed(Call $call, Scene $scene, KeyFinder $finder, array $keys): array
    {
        $known = array_map(fn (Key $k): string => $k->role, $keys);
        foreach ($scene->defenders as $d => $defender) {
            if (in_array($defender->role, $call->keys, true) && ! in_array($defender->role, $known, true)) {
                $key = $finder->named($d);
                $keys = $key === null ? $keys : [...$keys, $key];
            }
        }

        return $keys;
    }
}
