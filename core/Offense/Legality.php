<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense;

use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Field\RuleSet;

/** Men on the line, in the backfield and at the ends, against a rule book, with the smallest fix. */
final class Legality
{
    /**
     * @param  array<string, Man>  $men
     * @param  list<string>  $releasing  letters of the men who go out on a route
     * @return list<Finding>
     */
    public static function check(array $men, RuleSet $rules, array $releasing = []): array
    {
        $line = array_filter($men, fn (Man $m): bool => $m->onLine());
        usort($line, fn (Man $a, Man $b): int => $a->xYd <=> $b->xYd);
        $back = array_filter($men, fn (Man $m): bool => ! $m->onLine());
        $limits = $rules->formationLimits();
        $findings = self::linemen($men, $limits['rule']);
        if (count($back) > $limits['backfield']) {
            $findings[] = self::tooManyBacks($back, $line, $limits['backfield'], $limits['rule']);
        } elseif ($limits['line'] !== null && count($line) < $limits['line']) {
            $findings[] = self::tooManyBacks($back, $line, $limits['backfield'], $limits['rule']);
        }

        return [...$findings, ...self::covered($line, $releasing, $rules)];
    }

    /** @param  array<string, Man>  $men */
    private static function linemen(array $men, string $rule): array
    {
        $findings = [];
        foreach (Man::LINEMEN as $letter) {
            if (! $men[$letter]->onLine()) {
                $findings[] = new Finding('line-off', Finding::FAULT, $letter, "$letter is off the line of scrimmage.", $rule,
                    "Move $letter up to the line.", ['man' => $letter, 'xYd' => $men[$letter]->xYd, 'yYd' => -0.5]);
            }
        }

        return $findings;
    }

    /**
     * @param  array<Man>  $back
     * @param  list<Man>  $line
     */
    private static function tooManyBacks(array $back, array $line, int $most, string $rule): Finding
    {
        $leftEnd = $line[0]->xYd;
        $rightEnd = $line[count($line) - 1]->xYd;
        $free = array_filter($back, fn (Man $m): bool => ! $m->isQuarterback() && ($m->xYd < $leftEnd || $m->xYd > $rightEnd));
        $choice = $free === [] ? array_filter($back, fn (Man $m): bool => ! $m->isQuarterback()) : $free;
        usort($choice, fn (Man $a, Man $b): int => $b->yYd <=> $a->yYd ?: abs($b->xYd) <=> abs($a->xYd));
        $man = $choice[0];
        $n = count($back);

        return new Finding('backfield', Finding::FAULT, $man->letter,
            "$n men are in the backfield, ".count($line)." on the line; at most $most may be back.", $rule,
            "Move {$man->letter} up to the line, ".round(-0.5 - $man->yYd, 1).' yd.',
            ['man' => $man->letter, 'xYd' => $man->xYd, 'yYd' => -0.5]);
    }

    /**
     * @param  list<Man>  $line
     * @param  list<string>  $releasing
     * @return list<Finding>
     */
    private static function covered(array $line, array $releasing, RuleSet $rules): array
    {
        $findings = [];
        foreach (array_slice($line, 1, -1) as $man) {
            if ($man->isLineman()) {
                continue;
            }
            $end = $man->xYd < 0.0 ? $line[0] : $line[count($line) - 1];
            $out = in_array($man->letter, $releasing, true);
            $findings[] = new Finding('covered', $out ? Finding::FAULT : Finding::CAUTION, $man->letter,
                "{$man->letter} is covered by {$end->letter} and is not eligible".($out ? ', yet he goes out on a route.' : '.'),
                $rules->book().' Rule 7 (from memory)', "Move {$man->letter} one yard back off the line.",
                ['man' => $man->letter, 'xYd' => $man->xYd, 'yYd' => -1.5]);
        }

        return $findings;
    }
}
