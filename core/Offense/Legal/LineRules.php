<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense\Legal;

use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Offense\Man;

/** Men on the line, in the backfield and at the ends at the snap. */
final class LineRules
{
    /** Where a fix puts a man on the line and off it, yards behind the ball. */
    private const ON = -0.5;

    private const OFF = -1.5;

    /** A man between this and the line's own depth is neither on it nor clearly off it, yards (product default). */
    private const DOUBT_YD = 1.0;

    /**
     * @param  array<string, Man>  $men
     * @param  list<string>  $releasing
     * @param  list<string>  $left  letters of men who left the line in motion
     * @return list<Finding>
     */
    public static function check(array $men, RuleSet $rules, array $releasing, array $left = []): array
    {
        $line = array_values(array_filter($men, fn (Man $m): bool => $m->onLine()));
        usort($line, fn (Man $a, Man $b): int => $a->xYd <=> $b->xYd);

        return [...self::linemen($men, $rules), ...self::backfield($men, $line, $rules, $left),
            ...self::covered($line, $releasing, $rules), ...self::ends($line, $rules), ...self::doubtful($men, $rules)];
    }

    /**
     * @param  array<string, Man>  $men
     * @return list<Finding>
     */
    private static function linemen(array $men, RuleSet $rules): array
    {
        $findings = [];
        foreach (Man::LINEMEN as $letter) {
            if (! $men[$letter]->onLine()) {
                $findings[] = self::finding(
                    'line-off',
                    Finding::FAULT,
                    $men[$letter],
                    "$letter is off the line of scrimmage.",
                    $rules->rule('formation'),
                    "Move $letter up to the line.",
                    self::ON,
                );
            }
        }

        return $findings;
    }

    /**
     * @param  array<string, Man>  $men
     * @param  list<Man>  $line
     * @param  list<string>  $left
     * @return list<Finding>
     */
    private static function backfield(array $men, array $line, RuleSet $rules, array $left): array
    {
        $limits = $rules->formationLimits();
        // A lineman off the line has his own finding.
        $back = array_filter($men, fn (Man $m): bool => ! $m->onLine() && ! $m->isLineman());
        $on = 11 - count($back);
        if (count($back) <= $limits['backfield'] && ($limits['line'] === null || $on >= $limits['line'])) {
            return [];
        }
        $least =
            $limits['line'] === null
                ? "at most {$limits['backfield']} may be back."
                : "at least {$limits['line']} must be on the line.";
        $text = count($back)." men are in the backfield, $on on the line; $least";
        [$man, $end] = self::nearestToTheLine($back, $line);
        if (! $end && $left !== []) {
            return [new Finding('backfield', Finding::FAULT, $left[0], $text, $rules->rule('formation'),
                "Leave {$left[0]} on the line.", apply: ['do' => 'still', 'man' => $left[0]])];
        }

        return [self::finding('backfield', Finding::FAULT, $man, $text, $rules->rule('formation'),
            "Move {$man->letter} up to the line, ".round(self::ON - $man->yYd, 1).' yd.', self::ON)];
    }

    /**
     * The man who becomes an end with the shortest step: outside the line, set, nearest to it.
     *
     * @param  array<string, Man>  $back
     * @param  list<Man>  $line
     * @return array{Man, bool} the man, and whether he would be an end
     */
    private static function nearestToTheLine(array $back, array $line): array
    {
        $left = $line === [] ? 0.0 : $line[0]->xYd;
        $right = $line === [] ? 0.0 : $line[count($line) - 1]->xYd;
        $choice = array_filter($back, fn (Man $m): bool => ! $m->isQuarterback() && ! $m->inMotion());
        $choice = $choice === [] ? array_filter($back, fn (Man $m): bool => ! $m->isQuarterback()) : $choice;
        $free = array_filter($choice, fn (Man $m): bool => $m->xYd < $left || $m->xYd > $right);
        $choice = array_values($free === [] ? $choice : $free);
        // An end belongs on the side whose last man on the line is a lineman.
        $bare = [];
        foreach ($line === [] ? [] : [[-1, $line[0]], [1, $line[count($line) - 1]]] as [$sign, $end]) {
            if ($end->isLineman()) {
                $bare[] = $sign;
            }
        }
        usort($choice, fn (Man $a, Man $b): int => [! in_array($a->xYd <=> 0.0, $bare, true), -$a->yYd, -abs($a->xYd)]
            <=> [! in_array($b->xYd <=> 0.0, $bare, true), -$b->yYd, -abs($b->xYd)]);

        return [$choice[0], $free !== []];
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
            $findings[] = self::finding('covered', $out ? Finding::FAULT : Finding::CAUTION, $man,
                "{$man->letter} is covered by {$end->letter} and is not eligible".($out
                    ? ', yet he goes out on a route.' : '.'),
                $rules->rule('eligible'), "Move {$man->letter} one yard back off the line.", self::OFF);
        }

        return $findings;
    }

    /**
     * An end who is a lineman leaves his side without a receiver on the line: legal, and worth knowing.
     *
     * @param  list<Man>  $line
     * @return list<Finding>
     */
    private static function ends(array $line, RuleSet $rules): array
    {
        $findings = [];
        foreach ($line === [] ? [] : ['left' => $line[0], 'right' => $line[count($line) - 1]] as $side => $end) {
            if ($end->isLineman()) {
                $findings[] = new Finding('end-lineman', Finding::INFO, $end->letter,
                    "The $side end of the line is {$end->letter}, who is not eligible by his number.",
                    $rules->rule('eligible'));
            }
        }

        return $findings;
    }

    /**
     * @param  array<string, Man>  $men
     * @return list<Finding>
     */
    private static function doubtful(array $men, RuleSet $rules): array
    {
        $findings = [];
        foreach ($men as $man) {
            if (! $man->isQuarterback() && ! $man->isLineman() && ! $man->onLine() && $man->yYd > -self::DOUBT_YD) {
                $findings[] = self::finding(
                    'between',
                    Finding::CAUTION,
                    $man,
                    "{$man->letter} is neither on the line nor clearly off it.",
                    $rules->rule('formation'),
                    "Move {$man->letter} half a yard back.",
                    self::OFF,
                );
            }
        }

        return $findings;
    }

    private static function finding(
        string $code,
        string $severity,
        Man $man,
        string $text,
        string $rule,
        string $fix,
        float $yYd,
    ): Finding {
        $move = ['man' => $man->letter, 'xYd' => round($man->xYd, 2), 'yYd' => $yYd];

        return new Finding($code, $severity, $man->letter, $text, $rule, $fix, $move, ['do' => 'move'] + $move);
    }
}
