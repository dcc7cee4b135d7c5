<?php

namespace App\Print;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Proof\Telling\Run\RunJobs;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\StaffBook;

/** What stands on a card in words, in the staff's letters. */
final class CardText
{
    public static function words(Call $call, Situation $else, StaffBook $book): string
    {
        return $book->out(Describer::words($call, $else, $book)).($call->run === null ? '' : ' · drawn against '.RunJobs::FRONT);
    }

    /** Every man with a route, reads first; of a run everybody, against the usual front. @return list<array{string, string}> letter and job */
    public static function jobs(Call $call, StaffBook $book, ?Situation $else = null): array
    {
        if ($call->run !== null) {
            $jobs = RunJobs::of($call, $else ?? Situation::of());

            return array_map(fn (string $l, string $job): array => [$book->letters[$l] ?? $l, $job], array_keys($jobs), $jobs);
        }
        $letters = [...$call->reads, ...array_diff(array_map(strval(...), array_keys($call->routes)), $call->reads)];
        $rows = array_map(fn (string $l): array => self::row($call, $l, $book), $letters);

        return [...$rows, ['Line', ucfirst($call->protection?->words() ?? 'half-slide').', away from the first read']];
    }

    /** One man's own. @return list<array{string, string}> */
    public static function job(Call $call, string $letter, StaffBook $book, ?Situation $else = null): array
    {
        if ($call->run !== null) {
            return [[$book->letters[$letter] ?? $letter, RunJobs::of($call, $else ?? Situation::of())[$letter] ?? 'By the rule of the run']];
        }

        return isset($call->routes[$letter]) ? [self::row($call, $letter, $book)]
            : [[$book->letters[$letter] ?? $letter, $letter === 'Q' ? 'Reads '.implode(', ', array_map(fn (string $l): string => $book->letters[$l] ?? $l, $call->reads)) : 'Protects']];
    }

    /** @return array{string, string} */
    private static function row(Call $call, string $letter, StaffBook $book): array
    {
        $read = $call->readNumber($letter);

        return [$book->letters[$letter] ?? $letter, Describer::job($call, $letter).($read === null ? '' : ", read $read")];
    }
}
