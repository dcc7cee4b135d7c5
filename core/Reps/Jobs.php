<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Reps;

use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Proof\Telling\Told;

/** "What do you do?": a man's own job against this look among those of the men beside him. */
final class Jobs
{
    private const CHOICES = 4;

    /** Null where too few jobs differ to ask. */
    public static function of(Proven $proof, string $letter): ?Question
    {
        $jobs = array_column(Told::jobs($proof), null, 'man');
        $his = $jobs[$letter] ?? null;
        if ($his === null) {
            return null;
        }
        $isLineman = in_array($letter, Man::LINEMEN, true);
        $near = array_keys($jobs);
        usort($near, fn (string $a, string $b): int => self::far($isLineman, $a, $b));
        $words = [$his['job'] => true];
        foreach ($near as $man) {
            if ($man !== 'Q' && count($words) < self::CHOICES) {
                $words[$jobs[$man]['job']] = true;
            }
        }
        $labels = array_keys($words);
        sort($labels);
        $step = isset($his['step']) ? "First step: {$his['step']}." : "{$his['job']}.";
        $aim = isset($his['aim']) ? " Aim: {$his['aim']}." : '';

        return count($labels) < 2 ? null : new Question(
            Kind::Job,
            $letter,
            "You are $letter. What do you do?",
            array_map(fn (string $job): Choice => new Choice($job, $job), $labels),
            [$his['job']],
            "$step$aim",
        );
    }

    /** Men of his own kind come first. */
    private static function far(bool $isLineman, string $a, string $b): int
    {
        $other = fn (string $man): int => in_array($man, Man::LINEMEN, true) === $isLineman ? 0 : 1;

        return $other($a) <=> $other($b);
    }
}
