<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Sheet;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Proof\Proof;
use Jacotaxis\Core\Proof\Proven;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Setting;

/** A call against many looks, or many calls against one: a cell a proof, and what the cells add up to. Seconds and yards. */
final class Sheet
{
    /** Worth of a verdict when calls are ranked. */
    private const WORTH = ['bound' => 1.0, 'guess' => 0.4, 'covered' => 0.0];

    /** @return array<string, mixed> front, shell, verdict, strength, protection, key, best read and its margin, gain */
    public static function cell(Call $call, Look $look, Setting $setting): array
    {
        $proof = Proving::of($call, $look, $setting);

        return ['front' => $look->front, 'shell' => $look->shell, 'look' => $look->words()] + ($proof instanceof RunProof ? RunCell::of($proof) : self::of(self::pass($proof)));
    }

    /** @return array<string, mixed> */
    public static function of(Proof $proof): array
    {
        $best = $proof->ruleTrue;

        return [
            'verdict' => $proof->verdict(), 'strength' => round($proof->strength(), 2), 'protection' => $proof->protection->verdict($proof->readings),
            'key' => $proof->mainKey()?->role,
            'best' => $best->letter === null ? null : ['man' => $best->letter, 'route' => $proof->scene->routes[$best->letter]->spec->name, 'action' => $best->action,
                'margin' => round($best->margin, 2), 'gain' => round($best->gainYd, 1)],
        ];
    }

    private static function pass(Proven $proof): Proof
    {
        assert($proof instanceof Proof);

        return $proof;
    }

    /**
     * What cells add up to: how many of each verdict, the share that is bound, and the weakest and strongest of them.
     *
     * @param  list<array<string, mixed>>  $cells
     * @param  list<float>|null  $weights  how often each look is shown; null: all the same
     * @return array{looks: int, bound: int, guess: int, covered: int, boundShare: float, score: float, weakest: string|null, strongest: string|null}
     */
    public static function summary(array $cells, ?array $weights = null): array
    {
        $count = ['bound' => 0, 'guess' => 0, 'covered' => 0];
        $sum = $bound = $score = 0.0;
        $weakest = $strongest = null;
        foreach ($cells as $n => $cell) {
            $weight = $weights[$n] ?? 1.0;
            $count[$cell['verdict']]++;
            $sum += $weight;
            $bound += $cell['verdict'] === 'bound' ? $weight : 0.0;
            $score += $weight * self::WORTH[$cell['verdict']];
            $weakest = $weakest === null || $cell['strength'] < $weakest['strength'] ? $cell : $weakest;
            $strongest = $strongest === null || $cell['strength'] > $strongest['strength'] ? $cell : $strongest;
        }

        return ['looks' => count($cells)] + $count + ['boundShare' => $sum > 0.0 ? round($bound / $sum, 3) : 0.0, 'score' => $sum > 0.0 ? round($score / $sum, 3) : 0.0,
            'weakest' => $weakest['look'] ?? null, 'strongest' => $strongest['look'] ?? null];
    }
}
