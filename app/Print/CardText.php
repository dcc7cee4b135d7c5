<?php

namespace App\Print;

use App\Documents\OpponentLooks;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Proof\Telling\Run\RunJobs;
use Jacotaxis\Core\Proof\Telling\Run\RunReport;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\StaffBook;

/** What stands on a card in words, in the staff's letters. */
final class CardText
{
    /** The call, and what it is drawn and proved against: the look that is given, else a run's usual one. */
    public static function words(Call $call, Situation $else, StaffBook $book, ?Look $look = null): string
    {
        $against = match (true) {
            $look !== null => ' · '.Against::words($call, $look, $else).' against '.$look->words(),
            $call->run !== null => ' · drawn against '.RunJobs::usual()->words(),
            default => '',
        };

        return $book->out(Describer::words($call, $else, $book)).$against;
    }

    /**
     * Every man with a route, reads first; of a run everybody, against a look or the usual one.
     *
     * @param  bool  $whole  with step, aim and branches
     * @return list<array{string, string}> letter and job
     */
    public static function jobs(
        Call $call,
        StaffBook $book,
        ?Situation $else = null,
        ?Look $look = null,
        bool $whole = false,
    ): array {
        if ($call->run !== null) {
            return self::run($call, $book, $else ?? Situation::of(), $look, $whole);
        }
        $letters = [...$call->reads, ...array_diff(array_map(strval(...), array_keys($call->routes)), $call->reads)];
        $rows = array_map(fn (string $l): array => self::row($call, $l, $book), $letters);

        return [...$rows, ['Line', ucfirst($call->protection?->words() ?? 'half-slide').', away from the first read']];
    }

    /** @return list<array{string, string}> */
    private static function run(Call $call, StaffBook $book, Situation $else, ?Look $look, bool $whole): array
    {
        $proof = RunJobs::proof($call, $else, $look);

        return $proof === null
            ? []
            : array_map(
                fn (array $row): array => [
                    $book->letters[$row['man']] ?? $row['man'],
                    $whole ? self::whole($row) : $row['job'],
                ],
                RunReport::jobs($proof),
            );
    }

    /**
     * A job with its step, aim and branches.
     *
     * @param  array<string, mixed>  $row
     */
    private static function whole(array $row): string
    {
        $count = $row['count'] === null ? '' : ", {$row['count']}";
        $branches = array_map(fn (array $b): string => " If {$b['if']}: {$b['then']}.", $row['branches']);

        return "{$row['job']}. Step: {$row['step']}$count. Aim: {$row['aim']}. Eyes: {$row['eyes']}.".implode(
            '',
            $branches,
        );
    }

    /**
     * One man's own, of a run with step, aim and branches, and against each look of the week's opponent.
     *
     * @param  list<array{look: Look, share: float}>  $week  the commonest first
     * @return list<array{string, string}>
     */
    public static function job(
        Call $call,
        string $letter,
        StaffBook $book,
        ?Situation $else = null,
        ?Look $look = null,
        array $week = [],
    ): array {
        $his = $book->letters[$letter] ?? $letter;
        if ($call->run !== null && $week !== []) {
            return self::byLook($call, $his, $book, $else ?? Situation::of(), $week);
        }
        if ($call->run !== null) {
            $own = array_values(
                array_filter(
                    self::run($call, $book, $else ?? Situation::of(), $look, true),
                    fn (array $row): bool => $row[0] === $his,
                ),
            );

            return $own === [] ? [[$his, 'By the rule of the run']] : $own;
        }

        return isset($call->routes[$letter])
            ? [self::row($call, $letter, $book)]
            : [
                [
                    $book->letters[$letter] ?? $letter,
                    $letter === 'Q'
                        ? 'Reads '.
                            implode(', ', array_map(fn (string $l): string => $book->letters[$l] ?? $l, $call->reads))
                        : 'Protects',
                ],
            ];
    }

    /**
     * His job against each look, with how often it is shown; looks that give him the same job stand in one row.
     *
     * @param  list<array{look: Look, share: float}>  $week
     * @return list<array{string, string}>
     */
    private static function byLook(Call $call, string $his, StaffBook $book, Situation $else, array $week): array
    {
        $by = [];
        foreach ($week as ['look' => $look, 'share' => $share]) {
            $jobs = array_column(self::run($call, $book, $else, $look, false), 1, 0);
            $by[$jobs[$his] ?? 'By the rule of the run'][] = trim(
                $look->words().' '.OpponentLooks::said($share),
            );
        }

        return array_map(
            fn (string $job, array $looks): array => [$his, "$job: ".implode('; ', $looks)],
            array_map(strval(...), array_keys($by)),
            array_values($by),
        );
    }

    /** @return array{string, string} */
    private static function row(Call $call, string $letter, StaffBook $book): array
    {
        $read = $call->readNumber($letter);

        return [
            $book->letters[$letter] ?? $letter,
            Describer::job($call, $letter).($read === null ? '' : ", read $read"),
        ];
    }
}
