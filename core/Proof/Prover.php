<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Proof\Keys\Act;
use Jacotaxis\Core\Proof\Keys\ActNames;
use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Keys\KeyFinder;
use Jacotaxis\Core\Proof\Play\PlayOut;
use Jacotaxis\Core\Proof\Run\Marriage\Pair;
use Jacotaxis\Core\Proof\Throwing\Windows;

/** Proves what a call does to a look. Deterministic. */
final class Prover
{
    /**
     * @param  array<string, string>  $press  what the man in a receiver's face does, by letter (Release::REACTIONS)
     * @param  array{string, Act}|null  $changed  role of a defender and what he does instead of his rule
     */
    public static function prove(Call $call, Look $look, Setting $setting, array $press = [], ?array $changed = null): Proof
    {
        $scene = Scene::of($call, $look, $setting, $press);
        $place = $changed === null ? false : array_search($changed[0], array_map(fn (Defender $d): string => $d->role, $scene->defenders), true);
        $playOut = new PlayOut($scene, $place === false || $changed === null ? null : [$place, $changed[1]]);
        $protection = Protection::of($scene);
        $readings = Progression::of($scene, $protection);
        $windows = new Windows($scene, $playOut, $readings);
        $ruleTrue = $windows->outcome();
        $finder = new KeyFinder($scene, $playOut, $windows, new ActNames($scene), $place === false ? null : $place);
        $pair = Pair::of($scene, $playOut, $windows);
        $keys = self::together($pair->keys ?? [], $finder->keys());

        return new Proof($scene, $playOut, $windows, $protection, $readings, $ruleTrue,
            self::withNamed($call, $scene, $finder, $keys), $finder->spoilers($keys, $ruleTrue), $pair);
    }

    /**
     * Keys of the pass and of its run, each man once, the largest swing first: who must choose between run and pass comes first.
     *
     * @param  list<Key>  $pair
     * @param  list<Key>  $pass
     * @return list<Key>
     */
    private static function together(array $pair, array $pass): array
    {
        $both = [];
        foreach ($pair as $key) {
            $same = array_values(array_filter($pass, fn (Key $k): bool => $k->defender === $key->defender))[0] ?? null;
            $both[] = $same === null ? $key : $key->and($same);
        }
        $taken = array_map(fn (Key $k): int => $k->defender, $pair);

        return [...$both, ...array_filter($pass, fn (Key $k): bool => ! in_array($k->defender, $taken, true))];
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
