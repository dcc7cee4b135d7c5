<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling;

use Jacotaxis\Core\Concept\BuiltFrom;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Telling\Jobs\CalledJobs;
use Jacotaxis\Core\Proof\Telling\Run\RunReport;
use Jacotaxis\Core\Words\Describer;

/**
 * A pass man by man beside what it is made to look like: the run it fakes (PAC-01), and the boot a leak is built from,
 * five eligibles and the quarterback (PAC-08).
 */
final class Compared
{
    /**
     * @param  list<array<string, mixed>>  $assignments  the eleven rows of the pass
     * @return list<array{with: string, men: list<array{man: string, there: string, here: string, same: bool}>}>
     */
    public static function of(Proof $proof, array $assignments): array
    {
        $here = array_column($assignments, 'job', 'man');
        $compared = [];
        $base = $proof->pair?->base;
        if ($base !== null) {
            $there = array_column(RunReport::jobs($base), 'job', 'man');
            $compared[] = self::rows($base->resolved->run->words(), $there, $here, array_keys($there));
        }
        $card = BuiltFrom::of($proof->scene->call, $proof->scene->lineup);
        if ($card !== null) {
            $men = ['Q', ...$proof->scene->lineup->eligible()];
            $compared[] = self::rows(
                Describer::words($card),
                ['Q' => self::passer($card)] + CalledJobs::of($card),
                ['Q' => self::passer($proof->scene->call)] + CalledJobs::of($proof->scene->call),
                $men,
            );
        }

        return $compared;
    }

    /**
     * @param  array<string, string>  $there  jobs by letter
     * @param  array<string, string>  $here
     * @param  list<string>  $men
     * @return array{with: string, men: list<array{man: string, there: string, here: string, same: bool}>}
     */
    private static function rows(string $with, array $there, array $here, array $men): array
    {
        return [
            'with' => $with,
            'men' => array_map(
                fn (string $l): array => [
                    'man' => $l,
                    'there' => $there[$l],
                    'here' => $here[$l],
                    'same' => $there[$l] === $here[$l],
                ],
                $men,
            ),
        ];
    }

    /** His fake and his roll: the reads are the call's own. */
    private static function passer(Call $call): string
    {
        $fake = $call->fake === null ? 'no fake' : 'fakes '.trim(str_replace('fake', '', $call->fake->words()));
        $roll = $call->protection;

        return ucfirst($roll === null ? $fake : trim("$fake, {$roll->scheme->value} ".($roll->side->value ?? '')));
    }
}
