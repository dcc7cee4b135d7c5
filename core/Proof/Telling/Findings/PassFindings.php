<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Findings;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Telling\MovedLaunch;
use Jacotaxis\Core\Route\Finish;
use Jacotaxis\Core\Route\Flag;
use Jacotaxis\Core\Route\RunRoute;
use Jacotaxis\Core\Route\Stem;
use Jacotaxis\Core\Route\Steps;

/**
 * What a coach says of routes and protection that belong together: sticks, crossers, posts over crossers, slides, free
 * men.
 */
final class PassFindings
{
    /** From this depth on a curl needs a run fake to get there (PRG-04), yards (product default). */
    private const DEEP_CURL_YD = 14.0;

    /** Two crossers who meet less than this apart in depth have no gap for the traffic, yards. */
    private const GAP_YD = 0.5;

    /** @return list<Finding> */
    public static function of(Proof $proof): array
    {
        return [
            ...self::sticks($proof),
            ...self::deepCurls($proof->scene),
            ...PostFindings::of($proof),
            ...self::crossers($proof->scene),
            ...self::slide($proof),
            ...self::free($proof),
            ...self::alerts($proof),
            ...self::steps($proof->scene),
        ];
    }

    /** @return list<Finding> */
    private static function sticks(Proof $proof): array
    {
        $scene = $proof->scene;
        $toGo = $scene->setting->situation->toGoYd;
        $findings = [];
        foreach ($scene->setting->situation->down >= 3 ? $proof->readings : [] as $letter => $reading) {
            if ($reading->number === null) {
                continue;
            }
            $run = $scene->routes[$letter];
            if ($reading->depthYd < $toGo) {
                $findings[] = new Finding(
                    'short-of-sticks',
                    Finding::CAUTION,
                    $letter,
                    sprintf(
                        'The %s by %s breaks %.1f yd short of the sticks.',
                        $run->spec->name,
                        $letter,
                        $toGo - $reading->depthYd,
                    ),
                    'CAL-07',
                );
            } elseif (($under = self::sinksUnder($proof, $letter)) !== null) {
                $findings[] = new Finding('sinks-under', Finding::INFO, $letter,
                    "The $under sinks under the {$run->spec->name} at the sticks: then the check-down at once, "
                        .'early enough to run after the catch.', 'PRG-03');
            }
        }

        return $findings;
    }

    /** The under man who shuts a read, by his role, or null. */
    private static function sinksUnder(Proof $proof, string $letter): ?string
    {
        $best = $proof->windows->bestThrow($letter);
        if ($best['line'] === null || $best['margin'] >= $proof->scene->setting->openAt) {
            return null;
        }
        $role = $proof->windows->coverers->nearest($best['line'], $proof->playOut->byRule());
        $under = array_filter(
            $proof->scene->defenders,
            fn (Defender $d): bool => $d->role === $role && $d->job->kind === JobKind::Under,
        );

        return $under === [] ? null : $role;
    }

    /** @return list<Finding> */
    private static function deepCurls(Scene $scene): array
    {
        $deep = array_filter(
            $scene->routes,
            fn (RunRoute $r): bool => $r->spec->shape()->finish === Finish::ComeBack &&
                $r->spec->shape()->inward &&
                $r->spec->depth() >= self::DEEP_CURL_YD,
        );
        if (count($deep) < 2 || $scene->call->fake !== null || ! $scene->setting->schools->is('SET-26', 'A')) {
            return [];
        }

        return [
            new Finding(
                'deep-curls',
                Finding::CAUTION,
                (string) array_key_first($deep),
                'Curls this deep on both sides without a run fake: the corners sit on them.',
                'SET-26',
                'Say a run fake before the colon, for example zone right fake.',
            ),
        ];
    }

    /**
     * Two crossers from both sides need one over and one under (MSH-07).
     *
     * @return list<Finding>
     */
    private static function crossers(Scene $scene): array
    {
        $crossers = array_values(
            array_filter($scene->routes, fn (RunRoute $r): bool => $r->spec->shape()->stem === Stem::Across),
        );
        foreach ($crossers as $n => $a) {
            foreach (array_slice($crossers, $n + 1) as $b) {
                if ($a->to !== $b->to && abs($a->spec->depth() - $b->spec->depth()) < self::GAP_YD) {
                    return [new Finding('no-gap', Finding::CAUTION, $b->letter,
                        "{$a->letter} and {$b->letter} cross at one depth: both over the top, and the chaser sits "
                            .'in the hip pocket.', 'MSH-07',
                        sprintf('Run %s a yard under %s.', $b->letter, $a->letter)),
                        new Finding('contact', Finding::INFO, null,
                            'Crossing near each other is legal while nobody starts contact: a rub that blocks is '
                                .'offensive interference. The rule book and the officials decide.')];
                }
            }
        }

        return [];
    }

    /**
     * Whether an alert is liked before the snap, by matchup and leverage: then it goes before read 1 (PRG-02).
     *
     * @return list<Finding>
     */
    private static function alerts(Proof $proof): array
    {
        $findings = [];
        foreach ($proof->scene->routes as $letter => $run) {
            if ($run->spec->flag !== Flag::Alert) {
                continue;
            }
            $best = -9.0;
            $from = max($run->break()->t, $proof->scene->drop->firstPlant());
            foreach (
                $proof->windows->throws->lines(
                    (string) $letter,
                    $from,
                    min($from + $run->slotLength(), $proof->protection->arrivalAt),
                ) as $line
            ) {
                $best = max($best, $proof->windows->marginOf($line));
            }
            $liked = $best >= $proof->scene->setting->openAt;
            $findings[] = new Finding(
                'alert',
                Finding::INFO,
                (string) $letter,
                $liked
                    ? sprintf(
                        'The alert, %s by %s, is liked: %+.2f s. It is decided before the snap and goes before read 1.',
                        $run->spec->name,
                        $letter,
                        $best,
                    )
                    : "The alert, {$run->spec->name} by $letter, is not liked here: eyes back to read 1 at once.",
                'PRG-02',
            );
        }

        return $findings;
    }

    /**
     * A man's own inside step where it is not at the depth called (RTE-01).
     *
     * @return list<Finding>
     */
    private static function steps(Scene $scene): array
    {
        $findings = [];
        foreach ($scene->routes as $letter => $run) {
            $stride = ($scene->setting->men[$letter] ?? null)?->strideYd;
            $step = $run->spec->shape()->insideStep;
            if ($stride === null || $step === null) {
                continue;
            }
            $own = Steps::depth($step, $stride);
            if (abs($own - $run->spec->depth()) >= Steps::GAIN_YD) {
                $findings[] = new Finding('steps', Finding::INFO, (string) $letter,
                    sprintf(
                        'With his stride of %g yd the inside step number %d of %s comes down at %.1f yd; '
                            .'the %s is called at %g.',
                        $stride,
                        $step,
                        $letter,
                        $own,
                        $run->spec->name,
                        $run->spec->depth(),
                    ), 'RTE-01');
            }
        }

        return $findings;
    }

    /**
     * A slide to the side of the first read leaves the free man behind the passer's eyes (PRO-10).
     *
     * @return list<Finding>
     */
    private static function slide(Proof $proof): array
    {
        $scene = $proof->scene;
        $first = $scene->reads[0] ?? null;
        if (
            $scene->call->protection?->side === null ||
            $scene->pickup->slides === 'none' ||
            $scene->rolls() !== null ||
            ! isset($scene->routes[$first])
        ) {
            return [];
        }
        $side = Side::ofX($scene->routes[$first]->break()->xYd);

        return $scene->pickup->slide !== $side
            ? []
            : [
                new Finding(
                    'slide-to-read',
                    Finding::CAUTION,
                    $first,
                    "The line slides {$side->value}, to the side of read 1: a free man comes behind the first read.",
                    'PRO-10',
                    "Slide {$side->opposite()->value}.",
                ),
            ];
    }

    /**
     * Who is free, when, and what is thrown then (PRO-11, PRO-14).
     *
     * @return list<Finding>
     */
    private static function free(Proof $proof): array
    {
        $protection = $proof->protection;
        if ($protection->free === null) {
            return [];
        }
        $hot = $protection->hot === null ? null : $proof->scene->routes[$protection->hot] ?? null;
        $text =
            sprintf(
                'The %s is free from the %s and there at %.1f s. ',
                $protection->free,
                $protection->freeSide->value ?? '',
                $protection->arrivalAt,
            ).
            ($hot === null
                ? 'Nobody on that side is hot.'
                : "Hot: the {$hot->spec->name} by {$hot->letter}, into the space he left.");

        $stress = $protection->verdict($proof->readings) === 'free';
        $fixes = array_filter([
            $hot === null ? 'Keep one more man in, or give a man on that side a route that breaks early.' : null,
            $stress ? MovedLaunch::advice($proof) : null,
        ], fn (?string $fix): bool => $fix !== null && $fix !== '');

        return [
            new Finding(
                'free-rusher',
                $stress ? Finding::FAULT : Finding::INFO,
                $protection->hot,
                $text,
                'PRO-11',
                $fixes === [] ? null : implode(' ', $fixes),
            ),
        ];
    }
}
