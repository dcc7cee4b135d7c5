<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Film\Chart\Result;
use Jacotaxis\Core\Film\Measure\AfterBreakRows;
use Jacotaxis\Core\Film\Measure\BallRows;
use Jacotaxis\Core\Film\Measure\LineRows;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Film\Measure\Row;
use Jacotaxis\Core\Grade\Deciding\Decision;
use Jacotaxis\Core\Grade\Deciding\PassDecision;
use Jacotaxis\Core\Grade\Deciding\RunDecision;
use Jacotaxis\Core\Grade\Library\ByEye;
use Jacotaxis\Core\Grade\Library\Library;
use Jacotaxis\Core\Proof\Run\RunOutcome;
use Jacotaxis\Core\Route\Finish;

/** Grades a measured snap: the decision, the faults the numbers show, and what to propose for each man. */
final class Grader
{
    /**
     * What a number beyond its tolerance is in the library, and in which direction: 0 both, 1 too much, -1 too little.
     */
    private const FAULTS = [
        'break depth' => ['FLT-13', 0],
        'spot at the snap' => ['FLT-43', 0],
        'motion late' => ['FLT-43', 1],
        'downfield at ball out' => ['FLT-33', 1],
        'pitch: wide of Q' => ['FLT-43', 0],
        'pitch: deep of Q' => ['FLT-43', 0],
        'gap to his man' => ['FLT-26', 1],
        'crosses the line at' => ['FLT-41', 0],
        LineRows::PULL_DEPTH => ['FLT-27', 1],
        BallRows::EXCHANGE => ['FLT-43', 1],
        LineRows::PAST => ['FLT-26', 1],
        LineRows::ACROSS => ['FLT-26', 1],
        'speed after the break' => ['FLT-16', 0],
        'under the other crosser by' => ['FLT-25', -1],
    ];

    /** A puller this far past the line has turned up, yards (product default). */
    private const TURNED_UP_YD = 1.0;

    /**
     * Climbing before this is climbing at the snap; this long after the backer was due is waiting, seconds (product
     * defaults).
     */
    private const AT_THE_SNAP_S = 0.35;

    private const WAITED_S = 0.2;

    private ?Decision $decided = null;

    public function __construct(public readonly Measures $measures)
    {
    }

    public function decision(): Decision
    {
        return $this->decided ??= $this->lucky(
            match (true) {
                $this->measures->pass() !== null => (new PassDecision($this->measures, $this->measures->pass()))->of(),
                $this->measures->run() !== null => (new RunDecision($this->measures, $this->measures->run()))->of(),
                default => new Decision(
                    null,
                    null,
                    null,
                    null,
                    'The call or the look is unknown: settle it, then the decision follows.',
                ),
            },
        );
    }

    /**
     * Faults the numbers show, beyond the doubt.
     *
     * @return list<array{man: string, fault: string, label: string, measure: string, error: float, unit: string}>
     */
    public function faults(): array
    {
        $faults = [];
        $schools = $this->measures->film->setting->schools;
        foreach ($this->measures->rows() as $row) {
            [$id, $direction] = self::FAULTS[$row->measure] ?? [null, 0];
            // A quarterback who runs elsewhere has bowed his pull; a runner has cut wrong.
            $id = $row->man === 'Q' && $id === 'FLT-41' ? 'FLT-50' : $id;
            $error = $row->error();
            if ($id !== null && $error !== null && $direction * $error >= 0.0 && Tolerance::isFault($row, $schools)) {
                $faults[] = ['man' => $row->man, 'fault' => $id, 'label' => Library::entry($id)['label'],
                    'measure' => $row->measure, 'error' => $error, 'unit' => $row->unit];
            }
        }

        return $faults;
    }

    /**
     * Whether what the key did leaves the call an answer that wins by the proof; null while his choice is not known
     * (GRD-14).
     */
    public function keyGave(): ?bool
    {
        $d = $this->decision();
        foreach (
            $d->choice === null ? [] : $this->measures->pass()->keys ?? ($this->measures->run()->keys ?? []) as $key
        ) {
            foreach ($key->role === $d->defender ? $key->acts : [] as $row) {
                if ($row['act']->name === $d->choice) {
                    return $row['outcome'] instanceof RunOutcome ? $row['outcome']->free() : $row['outcome']->open();
                }
            }
        }

        return null;
    }

    /**
     * The faults and praises to propose for a man, as ids of the library.
     *
     * @return list<string>
     */
    public function proposed(string $man): array
    {
        $ids = array_column(array_filter($this->faults(), fn (array $f): bool => $f['man'] === $man), 'fault');
        $ids = [...$ids, ...array_column($this->rep($man)->faults($this->measures->film->setting->schools), 'fault')];
        $ids = [
            ...$ids,
            ...ByEye::proposed($this->measures->film, $man),
            ...$this->dropped($man),
            ...$this->turnedUp($man),
            ...$this->climbed($man),
        ];
        if ($man === 'Q') {
            $ids = [
                ...$ids,
                ...$this->decision()->labels,
                ...((new Placement($this->measures))->isRight() === false ? ['FLT-49'] : []),
            ];
        }

        return array_values(array_unique($ids));
    }

    /**
     * A combination left at the snap skips the near hip; one left after the backer was due waited (INZ-06, INZ-08).
     *
     * @return list<string>
     */
    private function climbed(string $man): array
    {
        $climbs = $this->measures->row($man, 'climbs');
        $block = $this->measures->jobs()?->resolved->blocks[$man] ?? null;
        if (
            $climbs === null ||
            $block === null ||
            ! in_array($block->verb, [Verb::Double, Verb::Check], true) ||
            $block->target === $block->first
        ) {
            return [];
        }
        $due = $this->measures->jobs()->made[$man]->at ?? INF;

        return match (true) {
            $climbs->done < self::AT_THE_SNAP_S => ['FLT-30'],
            $climbs->done > $due + self::WAITED_S => ['FLT-28'],
            default => [],
        };
    }

    /**
     * A puller who finds nobody to kick and turns up to seal has taken the right branch on the fly (JET-05, W-31).
     *
     * @return list<string>
     */
    private function turnedUp(string $man): array
    {
        $track = $this->measures->track($man);
        $past = $this->measures->row($man, LineRows::NOBODY) === null ? null : $track?->past(self::TURNED_UP_YD);

        return $past === null ? [] : ['PRS-06'];
    }

    /** @return list<string> */
    private function dropped(string $man): array
    {
        return $this->measures->film->chart?->result === Result::Dropped && $this->measures->film->thrownTo() === $man
            ? ['FLT-21']
            : [];
    }

    /**
     * Rows of one man.
     *
     * @return list<Row>
     */
    public function rowsOf(string $man): array
    {
        return array_values(array_filter($this->measures->rows(), fn (Row $r): bool => $r->man === $man));
    }

    /** What was seen of a receiver by eye, for the faults the schools define. */
    private function rep(string $man): RouteRep
    {
        $film = $this->measures->film;
        $run = $this->measures->proof?->scene()->routes[$man] ?? null;
        $yes = fn (string $what): ?bool => $film->seen($man, $what)?->yes();
        $number = fn (string $what): ?float => is_float($v = $film->seen($man, $what)?->value) ? $v : null;
        $foot = $film->seen($man, 'break foot')?->value;
        $after = $this->measures->row($man, 'depth after the break');
        $drift = $after !== null && Tolerance::isFault($after, $film->setting->schools) ? $after->error() : null;

        return new RouteRep(
            route: $run?->spec->name,
            breakFoot: is_string($foot) ? $foot : null,
            gathers: $yes('gathers'),
            quicksPlanned: $number('quicks planned') === null ? null : (int) $number('quicks planned'),
            quicks: $number('quicks') === null ? null : (int) $number('quicks'),
            reachesToes: $yes('toes reached'),
            sudden: $yes('sudden'),
            pressed: $yes('pressed'),
            gapYd: $number('gap at the top'),
            undercut: $yes('undercut') ?? (new AfterBreakRows($this->measures))->undercut($man),
            driftYd: $drift,
            settles: $run === null ? null : $run->spec->finish() === Finish::Settle,
        );
    }

    /** Wrong or forced, and worth the down all the same. */
    private function lucky(Decision $d): Decision
    {
        $chart = $this->measures->film->chart;
        $gained =
            $chart?->gainYd !== null &&
            ($chart->result?->moves() ?? false) &&
            $chart->gainYd >= $this->measures->film->setting->situation->successYd();

        return in_array($d->grade, ['wrong', 'forced'], true) && $gained
            ? $d->with(['lucky' => true, 'why' => $d->why.sprintf(' It gained %g all the same: lucky, not right.',
                $chart->gainYd)]) : $d;
    }
}
