<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Sheet;

use Jacotaxis\Core\Proof\Run\Made;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Verdict;

/**
 * A run against one look in a sheet: valid, valid with a tag, or not valid, with the rule that failed, the man and the
 * tag that answers it.
 */
final class RunCell
{
    /** @return array<string, mixed> */
    public static function of(RunProof $proof): array
    {
        $best = $proof->ruleTrue;
        $answers = RunAnswers::of($proof);
        $bound = array_values(array_filter($answers, fn (array $a): bool => Verdict::from($a['verdict'])->isGood()));

        return [
            'verdict' => $proof->verdict()->value, 'strength' => round($proof->strength(), 2),
            'protection' => 'none', 'key' => ($proof->keys[0] ?? null)?->role,
            'best' => $best->letter === null ? null : ['man' => $best->letter, 'route' => $best->route ?? $best->where,
                'action' => $best->action, 'margin' => round($best->margin, 2), 'gain' => round($best->gainYd, 1)],
            'run' => [
                'valid' => match (true) {
                    $proof->verdict()->isGood() && $proof->resolved->unaccounted === [] => 'valid',
                    $bound !== [] => 'valid with a tag',
                    $proof->verdict()->isGood() => 'valid',
                    default => 'not valid',
                },
                'tag' => $bound[0]['tag'] ?? null,
                'failed' => self::failed($proof),
                'man' => self::man($proof),
                'unaccounted' => $proof->resolved->unaccounted,
            ],
        ];
    }

    /** What fails first: a man nobody has, a block that is late, a key who is right. */
    private static function failed(RunProof $proof): ?string
    {
        if ($proof->verdict()->isGood() && $proof->resolved->unaccounted === []) {
            return null;
        }
        if ($proof->resolved->unaccounted !== []) {
            return 'CNT-05: nobody has the '.$proof->resolved->unaccounted[0];
        }
        $late = self::man($proof);
        if ($late !== null) {
            return "{$proof->resolved->blocks[$late]->words()}: {$proof->made[$late]->why}";
        }
        foreach ($proof->pairs as $pair) {
            if (! $pair['outcome']->free()) {
                return $pair['outcome']->why;
            }
        }

        return $proof->ruleTrue->why;
    }

    /** The man whose block fails, or null. */
    private static function man(RunProof $proof): ?string
    {
        $late = array_keys(array_filter($proof->made, fn (Made $m): bool => $m->makeable === false));

        return $late[0] ?? null;
    }
}
