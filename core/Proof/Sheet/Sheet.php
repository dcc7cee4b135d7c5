<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Sheet;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Scene\Verdict;
use Jacotaxis\Core\Proof\Throwing\Outcome;

/**
 * A call against many looks, or many calls against one: a cell a proof, and what the cells add up to. Seconds and
 * yards.
 */
final class Sheet
{
    /**
     * @return array<string, mixed> front, shell, verdict, strength, worth, protection, key, best read and its margin,
     *     gain
     */
    public static function cell(Call $call, Look $look, Setting $setting): array
    {
        $proof = Proving::of($call, $look, $setting);

        return ['front' => $look->front, 'shell' => $look->shell, 'look' => $look->words()] + [
            'worth' => ['byRule' => $proof->worthByRule()->toArray(), 'worst' => $proof->worthAtWorst()->toArray()],
        ] +
            ($proof instanceof RunProof ? RunCell::of($proof) : self::of(self::pass($proof)));
    }

    /** @return array<string, mixed> */
    public static function of(Proof $proof): array
    {
        $best = $proof->byRule();

        return [
            'verdict' => $proof->verdict()->value,
            'strength' => $proof->strength() === null ? null : round($proof->strength(), 2),
            'protection' => $proof->protection->verdict($proof->readings),
            'key' => $proof->mainKey()?->role,
            'best' => $best->letter === null ? null : ['man' => $best->letter,
                'route' => self::way($proof, $best), 'action' => $best->action,
                'margin' => round($best->margin, 2), 'gain' => round($best->gainYd, 1)],
        ];
    }

    /** The route that is thrown, or where the run goes that the pass is left to. */
    private static function way(Proof $proof, Outcome $ball): string
    {
        return $ball->action === 'give'
            ? (string) $proof->pair?->base?->ruleTrue->where
            : $proof->scene->routes[$ball->letter]->spec->name;
    }

    private static function pass(Proven $proof): Proof
    {
        assert($proof instanceof Proof);

        return $proof;
    }

    /**
     * What cells add up to: how many of each verdict, the share that is good, the mean chance of success, and the
     * cells that are worth least and most at their worst.
     *
     * @param  list<array<string, mixed>>  $cells
     * @param  list<float>|null  $weights  how often each look is shown; null: all the same
     * @return array<string, int|float|string|null> looks, bound, open, guess, covered, goodShare, chance, worstChance,
     *     weakest, strongest
     */
    public static function summary(array $cells, ?array $weights = null): array
    {
        $count = ['bound' => 0, 'open' => 0, 'guess' => 0, 'covered' => 0];
        $sum = $good = $chance = $worst = 0.0;
        $weakest = $strongest = null;
        foreach ($cells as $n => $cell) {
            $weight = $weights[$n] ?? 1.0;
            $count[$cell['verdict']]++;
            $sum += $weight;
            $good += Verdict::from($cell['verdict'])->isGood() ? $weight : 0.0;
            $chance += $weight * $cell['worth']['byRule']['chance'];
            $worst += $weight * $cell['worth']['worst']['chance'];
            $weakest =
                $weakest === null || $cell['worth']['worst']['chance'] < $weakest['worth']['worst']['chance']
                    ? $cell
                    : $weakest;
            $strongest =
                $strongest === null || $cell['worth']['worst']['chance'] > $strongest['worth']['worst']['chance']
                    ? $cell
                    : $strongest;
        }

        return ['looks' => count($cells)] + $count + ['goodShare' => $sum > 0.0 ? round($good / $sum, 3) : 0.0,
            'chance' => $sum > 0.0 ? round($chance / $sum, 3) : 0.0, 'worstChance' => $sum > 0.0
            ? round($worst / $sum, 3) : 0.0,
            'weakest' => $weakest['look'] ?? null, 'strongest' => $strongest['look'] ?? null];
    }
}
