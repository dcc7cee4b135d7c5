<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Proof\Keys\ActNames;
use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Keys\KeyFinder;
use Jacotaxis\Core\Proof\Play\PlayOut;
use Jacotaxis\Core\Proof\Throwing\Windows;

/** Proves what a call does to a look. Deterministic. */
final class Prover
{
    public static function prove(Call $call, Look $look, Setting $setting): Proof
    {
        $scene = Scene::of($call, $look, $setting);
        $playOut = new PlayOut($scene);
        $protection = Protection::of($scene);
        $readings = Progression::of($scene, $protection);
        $windows = new Windows($scene, $playOut, $readings);
        $ruleTrue = $windows->outcome();
        $finder = new KeyFinder($scene, $playOut, $windows, new ActNames($scene));
        $keys = $finder->keys();

        return new Proof($scene, $playOut, $windows, $protection, $readings, $ruleTrue,
            self::withNamed($call, $scene, $finder, $keys), $finder->spoilers($keys, $ruleTrue));
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
