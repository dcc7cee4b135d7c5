<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense\Legal;

use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Motion\Snap;

/** The eleven at the snap against a rule book: each finding names the rule, the man and the smallest fix. */
final class Legality
{
    /**
     * @param  list<string>  $releasing  letters of the men who go out on a route
     * @param  array<string, int>  $numbers  jerseys by letter, where known
     * @return list<Finding>
     */
    public static function check(Snap $snap, RuleSet $rules, array $releasing = [], array $numbers = []): array
    {
        // What moves comes first: a man who should not have left his place is the cause of what the line then lacks.
        $men = array_replace($snap->men, array_intersect_key($snap->before, array_flip(Man::LINEMEN)));

        return [
            ...MotionRules::check($snap, $rules),
            ...LineRules::check($men, $rules, $releasing, $snap->leftTheLine()),
            ...self::routes($releasing, $rules),
            ...self::numbers($snap->men, $rules, $releasing, $numbers),
        ];
    }

    /**
     * @param  list<string>  $releasing
     * @return list<Finding>
     */
    private static function routes(array $releasing, RuleSet $rules): array
    {
        return array_map(fn (string $letter): Finding => new Finding('ineligible', Finding::FAULT, $letter,
            "$letter is a lineman and not eligible, yet he goes out on a route.", $rules->rule('eligible'),
            "Let $letter block.", apply: ['do' => 'unroute', 'man' => $letter]),
            array_values(array_intersect(Man::LINEMEN, $releasing)));
    }

    /**
     * Five men numbered 50 to 79 on the line; nobody with such a number goes out.
     *
     * @param  array<string, Man>  $men
     * @param  list<string>  $releasing
     * @param  array<string, int>  $numbers
     * @return list<Finding>
     */
    private static function numbers(array $men, RuleSet $rules, array $releasing, array $numbers): array
    {
        $findings = [];
        $interior = 0;
        foreach ($numbers as $letter => $number) {
            $man = $men[$letter] ?? null;
            $interior += $man !== null && $man->onLine() && $number >= 50 && $number <= 79 ? 1 : 0;
            if ($man !== null && ! $man->isLineman() && ! $rules->eligibleNumber($number)) {
                $out = in_array($letter, $releasing, true);
                $findings[] = new Finding('number-ineligible', $out ? Finding::FAULT : Finding::CAUTION, $letter,
                    "$letter wears $number, which is not an eligible number".($out ? ', yet he goes out on a route.'
                        : '.'),
                    $rules->rule('numbering'), "Give $letter a number from 1 to 49 or 80 to 99.",
                    apply: ['do' => 'number', 'man' => $letter]);
            }
        }
        $known = array_intersect_key($numbers, array_flip(Man::LINEMEN));
        if (count($known) === 5 && $interior < 5) {
            foreach ($known as $letter => $number) {
                if ($number < 50 || $number > 79) {
                    $findings[] = new Finding('numbering', Finding::FAULT, $letter,
                        "Only $interior men on the line wear 50 to 79; five must. $letter wears $number.",
                        $rules->rule('numbering'),
                        "Give $letter a number from 50 to 79.", apply: ['do' => 'number', 'man' => $letter]);
                }
            }
        }

        return $findings;
    }
}
