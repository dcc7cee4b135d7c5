<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Sheet;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Proof\Keys\Act;
use Jacotaxis\Core\Proof\Proof;
use Jacotaxis\Core\Proof\Prover;
use Jacotaxis\Core\Proof\Setting;

/** What beats a call: the cheapest rule-true change by one defender that covers it, and which calls punish that change. */
final class Beats
{
    /**
     * The cheapest act by which one defender covers the call, or null. Cost is how far it takes him from where his rule has
     * him then, yards.
     *
     * @return array{defender: string, act: Act, costYd: float, why: string}|null
     */
    public static function of(Proof $proof): ?array
    {
        $found = [];
        foreach ($proof->spoilers as ['defender' => $d, 'act' => $act, 'why' => $why]) {
            $found[] = ['defender' => $proof->scene->defenders[$d]->role, 'act' => $act, 'costYd' => self::cost($proof, $d, $act), 'why' => $why];
        }
        foreach ($proof->keys as $key) {
            foreach ($key->acts as ['act' => $act, 'outcome' => $outcome]) {
                if (! $outcome->open() && $act->fromT !== null) {
                    $found[] = ['defender' => $key->role, 'act' => $act, 'costYd' => self::cost($proof, $key->defender, $act),
                        'why' => "The {$key->role} covers it when he plays {$act->name}."];
                }
            }
        }
        usort($found, fn (array $a, array $b): int => $a['costYd'] <=> $b['costYd']);

        return $found[0] ?? null;
    }

    /**
     * Calls that are open against the look once the defender has made the change, most open first.
     *
     * @param  array<string, Call>  $book  by any id
     * @param  array{defender: string, act: Act, costYd: float, why: string}  $change
     * @return list<array{id: string, man: string, route: string, margin: float, verdict: string}>
     */
    public static function punishing(array $book, Look $look, Setting $setting, array $change): array
    {
        $found = [];
        foreach ($book as $id => $call) {
            $proof = Prover::prove($call, $look, $setting, changed: [$change['defender'], $change['act']]);
            if ($proof->ruleTrue->open()) {
                $letter = (string) $proof->ruleTrue->letter;
                $found[] = ['id' => (string) $id, 'man' => $letter, 'route' => $proof->scene->routes[$letter]->spec->name,
                    'margin' => round($proof->ruleTrue->margin, 2), 'verdict' => $proof->verdict()];
            }
        }
        usort($found, fn (array $a, array $b): int => [$b['verdict'] === 'bound', $b['margin']] <=> [$a['verdict'] === 'bound', $a['margin']]);

        return $found;
    }

    private static function cost(Proof $proof, int $d, Act $act): float
    {
        $rule = $proof->playOut->byRule();
        $i = min(count($rule->x[$d]) - 1, (int) round(($proof->ruleTrue->line?->outAt() ?? $proof->scene->drop->setAt()) / 0.05));

        return round(hypot($rule->x[$d][$i] - $act->xYd, $rule->y[$d][$i] - $act->yYd), 1);
    }
}
