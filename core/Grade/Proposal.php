<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

use Jacotaxis\Core\Film\Chart\Result;
use Jacotaxis\Core\Film\Measure\LineRows;
use Jacotaxis\Core\Film\Measure\Row;
use Jacotaxis\Core\Grade\Library\ByEye;
use Jacotaxis\Core\Grade\Library\Library;
use Jacotaxis\Core\Grade\Owners\Owner;
use Jacotaxis\Core\Proof\Telling\Told;

/**
 * What to propose for each of the eleven: asked, done, the marks with what they rest on. A man nobody measured gets no
 * mark.
 */
final readonly class Proposal
{
    /** Measures of where a man stood, of his assignment, and of how well he did it. */
    private const OF = [
        'alignment' => ['split', 'spot at the snap', 'motion late'],
        'assignment' => ['break depth', 'gap to his man', 'downfield at ball out', 'pitch: wide of Q',
            'pitch: deep of Q'],
        'technique' => [LineRows::CROSSES, LineRows::PAST, LineRows::ACROSS],
    ];

    /** Faults of the assignment or the decision, not of how a thing was done. */
    private const NO_TECHNIQUE = ['FLT-13', 'FLT-16', 'FLT-47', 'FLT-48', 'FLT-48a', 'FLT-48b', 'FLT-48c', 'FLT-48d'];

    /** A named route within this of his way is believed, yards (product default). */
    private const NAMED_YD = 0.8;

    public function __construct(private Grader $grader)
    {
    }

    /**
     * @return list<array{man: string, asked: string, done: string, marks: array<string, int|null>, mark: int|null,
     *     faults: list<string>, reason: string, target: string|null}> eleven rows, none while call or look is unknown
     */
    public function all(): array
    {
        $proof = $this->grader->measures->jobs() ?? $this->grader->measures->proof;

        return $proof === null
            ? []
            : array_map(
                fn (array $job): array => $this->of((string) $job['man'], $job['job'], $job['target'] ?? null),
                Told::jobs($proof),
            );
    }

    /**
     * @return array{man: string, asked: string, done: string, marks: array<string, int|null>, mark: int|null,
     *     faults: list<string>, reason: string, target: string|null}
     */
    private function of(string $man, string $asked, ?string $target): array
    {
        $rows = $this->grader->rowsOf($man);
        $faults = $this->grader->proposed($man);
        $named = $this->named($man);
        $byEye = ByEye::marks($this->grader->measures->film, $man);
        $elsewhere = [...self::NO_TECHNIQUE, ...array_column(array_filter($byEye,
            fn (array $m): bool => $m['part'] !== 'technique'), 'fault')];
        $badly = array_filter($faults, fn (string $id): bool => ! Library::entry($id)['praise']
            && ! in_array($id, $elsewhere, true)) !== [];
        $marks = ['alignment' => $this->mark($rows, self::OF['alignment']),
            'assignment' => self::least($named, $this->mark($rows, self::OF['assignment'])), 'eyes' => null,
            'technique' => $badly ? -1 : $this->mark($rows, self::OF['technique']), 'effort' => null];
        foreach ($marks as $part => $mark) {
            $marks[$part] = self::least(
                $mark,
                ...array_column(array_filter($byEye, fn (array $m): bool => $m['part'] === $part), 'mark'),
            );
        }
        $result = $this->result($man);
        $marks += ['decision' => $man === 'Q' ? $this->grader->decision()->mark() : null, 'result' => $result];
        // Right read, right place, no gain.
        $faults = $marks['decision'] === 1 && $result === -1 && $faults === [] ? ['PRS-01'] : $faults;

        return ['man' => $man, 'asked' => $asked, 'done' => $this->done($man, $rows), 'marks' => $marks,
            'mark' => Marks::overall($marks), 'faults' => $faults,
            'reason' => trim(
                $this->reason($man, $rows).' '.self::said($byEye).
                    ($man === 'Q' ? ' '.(new Placement($this->grader->measures))->told() : ''),
            ), 'target' => $target];
    }

    /** The worst of what is known; null when nothing is. */
    private static function least(?int ...$marks): ?int
    {
        $known = array_filter($marks, fn (?int $m): bool => $m !== null);

        return $known === [] ? null : min($known);
    }

    /**
     * Praise and correction of one rep side by side (FLM-06).
     *
     * @param  list<array{what: string, mark: int}>  $byEye
     */
    private static function said(array $byEye): string
    {
        $of = fn (int $mark): string => implode(
            ', ',
            array_column(array_filter($byEye, fn (array $m): bool => $m['mark'] === $mark), 'what'),
        );

        return trim(($of(1) === '' ? '' : "By eye good: {$of(1)}.").($of(-1) === '' ? '' : " To correct: {$of(-1)}."));
    }

    /**
     * Minus when one of the measures is beyond its tolerance, plus when one was taken and none is, else null.
     *
     * @param  list<Row>  $rows
     * @param  list<string>  $measures
     */
    private function mark(array $rows, array $measures): ?int
    {
        $his = array_filter($rows, fn (Row $r): bool => in_array($r->measure, $measures, true) && $r->error() !== null);
        if ($his === []) {
            return null;
        }
        $faults = array_column(
            array_filter(
                $this->grader->faults(),
                fn (array $f): bool => in_array($f['measure'], $measures, true) &&
                    in_array($f['man'], array_map(fn (Row $r): string => $r->man, $his), true),
            ),
            'measure',
        );

        return $faults === [] ? 1 : -1;
    }

    /** Whether the way he ran is the route the look asked for; null while too little of it is plotted to be sure. */
    private function named(string $man): ?int
    {
        $run = $this->grader->measures->proof?->scene()->routes[$man] ?? null;
        $found = $run === null ? null : $this->grader->measures->named($man);

        return match (true) {
            $found === null || $found['offYd'] > self::NAMED_YD => null,
            $found['route'] === $run->spec->name => 1,
            $this->alike($found['route'], $run->spec->name) => null,
            default => -1,
        };
    }

    /** Two routes whose first parts look alike on film are not told apart by a plotted way alone. */
    private function alike(string $a, string $b): bool
    {
        $shape = fn (string $name) => \Jacotaxis\Core\Route\Routes::get($name);

        return $shape($a)->inward === $shape($b)->inward && abs($shape($a)->angleDeg - $shape($b)->angleDeg) <= 35.0;
    }

    /** What came of the ball for the man it went to. */
    private function result(string $man): ?int
    {
        $chart = $this->grader->measures->film->chart;
        $to = $this->grader->measures->film->thrownTo() ?? $chart?->carrier;
        $mine = $man === $to || $man === 'Q' && $chart?->result?->isDropback() === true;

        return ! $mine || $chart?->result === null
            ? null
            : match (true) {
                $chart->result->losesBall(),
                $chart->result === Result::Sack,
                ! $chart->result->moves() => $chart->result === Result::NoPlay ? null : -1,
                $chart->gainYd === null => null,
                default => Owner::finish($this->grader->measures->film->setting->situation, $chart->gainYd)['success']
                    ? 1
                    : -1,
            };
    }

    /** @param  list<Row>  $rows */
    private function done(string $man, array $rows): string
    {
        if ($man === 'Q') {
            $d = $this->grader->decision();
            $to = $this->grader->measures->film->thrownTo();

            return match (true) {
                $d->done === null => '',
                $d->done === 'throw' && $to !== null => "Threw to $to",
                default => ucfirst($d->done).($d->done === 'throw' ? '' : ' it'),
            };
        }
        $said = array_filter($rows, fn (Row $r): bool => $r->planned !== null);

        return ucfirst(
            implode(
                ', ',
                array_map(
                    fn (Row $r): string => sprintf('%s %s %s', $r->measure, self::number($r->done, $r->unit), $r->unit),
                    array_slice(array_values($said), 0, 3),
                ),
            ),
        );
    }

    /** @param  list<Row>  $rows */
    private function reason(string $man, array $rows): string
    {
        if ($man === 'Q') {
            return $this->grader->decision()->why;
        }
        $said = array_filter($rows, fn (Row $r): bool => $r->planned !== null);

        $said = implode(
            ' ',
            array_map(
                fn (Row $r): string => sprintf(
                    '%s: planned %s, done %s ± %s %s.',
                    ucfirst($r->measure),
                    self::number((float) $r->planned, $r->unit),
                    self::number($r->done, $r->unit),
                    self::number($r->sd, $r->unit),
                    $r->unit,
                ),
                $said,
            ),
        );

        return trim($said.' '.$this->short($man));
    }

    /** How much less a catch brought than the down asked for (PRG-22). */
    private function short(string $man): string
    {
        $film = $this->grader->measures->film;
        $short =
            $film->thrownTo() !== $man || $film->chart?->result !== Result::Complete || $film->chart->gainYd === null
                ? 0.0
                : Owner::finish($film->setting->situation, $film->chart->gainYd)['shortYd'];

        return $short > 0.0 ? sprintf('%g yd short of what the down asked for.', $short) : '';
    }

    private static function number(float $v, string $unit): string
    {
        return number_format($v, $unit === 's' ? 2 : 1);
    }
}
