<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Reps;

use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Proof\Scene\Proven;

/** "Which coverage is it?": the shell among others, of which some stand alike. */
final class Coverages
{
    private const CHOICES = 4;

    /** Null where the look shows another shell than it plays: then nobody can tell before the snap. */
    public static function of(Proven $proof): ?Question
    {
        $look = $proof->scene()->look;
        if ($look->shown !== null) {
            return null;
        }
        $others = array_values(array_diff(Shells::names(), [$look->shell]));
        $open = Shells::get($look->shell)->open;
        $alike = fn (string $shell): int => Shells::get($shell)->open === $open ? 0 : 1;
        // Which of them are offered hangs on the look alone, so that a question stays what it was.
        $mixed = fn (string $shell): string => $alike($shell).md5("{$look->words()} $shell");
        usort($others, fn (string $a, string $b): int => $mixed($a) <=> $mixed($b));
        $offered = [$look->shell, ...array_slice($others, 0, self::CHOICES - 1)];
        sort($offered);

        return new Question(
            Kind::Coverage,
            '',
            'Which coverage do you see?',
            array_map(fn (string $shell): Choice => new Choice($shell, ucfirst($shell)), $offered),
            [$look->shell],
            "It is {$look->words()}.",
        );
    }
}
