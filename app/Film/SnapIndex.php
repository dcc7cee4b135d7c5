<?php

namespace App\Film;

use App\Models\StaffWords;
use Jacotaxis\Core\Defense\Count\Box;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Film\Calibrate\BadCalibration;
use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Film\Chart\DefenderStood;
use Jacotaxis\Core\Film\Chart\OpenQuestions;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\FilmReader;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Grade\Numbers\Evidence;
use Jacotaxis\Core\Grade\Numbers\Shown;
use Jacotaxis\Core\Scout\Places;
use Jacotaxis\Core\Words\Description;

/** The columns of a snap that are searched, from its document. */
final class SnapIndex
{
    /** @var array<string, array<string, mixed>> what the words of snaps say that nobody worked on */
    private static array $known = [];

    /**
     * @param  array<string, mixed>  $document  checked against the schema
     * @return array<string, mixed> columns of the snaps table with the document
     */
    public static function of(array $document): array
    {
        $chart = Chart::read($document['chart'] ?? [], $document['situation'] ?? []);

        return [
            'document' => $document, 'number' => $chart->number, 'quarter' => $chart->quarter,
            'series' => $chart->series, 'down' => $chart->down, 'to_go_yd' => $chart->toGoYd,
            'ball_on_yd' => $chart->ballOnYd,
            'hash' => $chart->hash?->value, 'personnel' => $chart->personnel, 'result' => $chart->result?->value,
            'gain_yd' => $chart->gainYd, 'touchdown' => $chart->touchdown,
            'nullified' => $chart->nullified(), 'penalty_by' => $chart->penalty['by'] ?? null,
            'open_questions' => count(OpenQuestions::of($document)), 'weight' => $chart->weight,
            'carrier' => $chart->carrier, 'clock_s' => $chart->clockS,
            'ahead' => $chart->score === null ? null : $chart->score['us'] - $chart->score['them'],
            'snap_s' => array_values(array_filter(
                $document['marks'] ?? [],
                fn (array $mark): bool => $mark['kind'] === 'snap',
            ))[0]['atS'] ?? null,
        ] + ($chart->box === null ? [] : ['box' => $chart->box]) + self::told($document, $chart)
            + ['stood' => self::stood($chart, null)];
    }

    /**
     * Call, look and decision. A snap nobody worked on asks nothing of the film: what its words say is worked out once.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function told(array $document, Chart $chart): array
    {
        $worked =
            array_filter([
                $document['marks'] ?? [],
                $document['plots'] ?? [],
                $document['seen'] ?? [],
                $document['calibrations'] ?? [],
            ], fn (array $rows): bool => $rows !== []) !== [];
        $key = $worked
            ? null
            : json_encode([
                $document['call'] ?? null,
                $document['look'] ?? null,
                $chart->hash,
                $chart->formation,
                $chart->motion,
                $chart->result,
                $document['situation']['rules'] ?? null,
                $document['level'] ?? null,
            ]);
        if ($key !== null && isset(self::$known[$key])) {
            return self::$known[$key];
        }
        $book = StaffWords::current()->book();
        $film = FilmReader::read($document, $book->schools, $book);
        $measures = self::measures($film);
        $told = [
            'front' => $film->look?->front,
            'shell' => $film->look?->shell,
            'wrinkle' => is_string($document['look'] ?? null) ? Evidence::wrinkle($document['look']) : null,
        ] + self::call($film, $document) + self::graded($film, $measures);
        if ($worked) {
            return ['stood' => self::stood($chart, $measures)] + $told;
        }

        return self::$known[(string) $key] = $told;
    }

    /** What was measured; null where a picture cannot be placed at all. */
    private static function measures(FilmDocument $film): ?Measures
    {
        try {
            return new Measures($film);
        } catch (BadCalibration) {
            return null;
        }
    }

    /** Where defenders stood before the snap, as charted and as measured: JSON, or null where nothing is known. */
    private static function stood(Chart $chart, ?Measures $measures): ?string
    {
        $stood = Places::of($chart->stood, $measures);

        return $stood === []
            ? null
            : json_encode(array_map(fn (DefenderStood $s): array => $s->write(), $stood), JSON_THROW_ON_ERROR);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function call(FilmDocument $film, array $document): array
    {
        $chart = $film->chart;
        if ($film->call === null) {
            return ['call' => null, 'family' => null, 'formation' => $chart?->formation, 'motion' => $chart?->motion,
                'run' => $chart?->result?->value === 'run', 'tag' => null, 'action' => null];
        }
        $told = Description::of($film->call, Situation::of());

        return ['call' => is_string($document['call']) ? $document['call'] : $told['words'],
            'family' => $told['family'], 'formation' => $chart->formation ?? $film->call->formation->words(),
            'motion' => $chart->motion ?? ($film->call->motions === [] ? null
                : implode(', ', array_map(fn ($m): string => $m->words(), $film->call->motions))),
            'run' => $film->call->run !== null] + Shown::of($film->call);
    }

    /** @return array<string, mixed> */
    private static function graded(FilmDocument $film, ?Measures $m): array
    {
        $empty = array_fill_keys(
            [
                'defender',
                'choice',
                'decision',
                'done',
                'box',
                'out_s',
                'predicted_s',
                'separation_yd',
                'hole',
                'gave',
                'back',
            ],
            null,
        );
        if ($m === null) {
            return $empty;
        }
        $grader = new Grader($m);
        $decision = $grader->decision();
        $to = $film->thrownTo();
        $scene = $m->proof?->scene();

        return [
            'defender' => $decision->choice === null ? null : $decision->defender,
            'choice' => $decision->choice,
            'decision' => $decision->grade,
            'done' => $decision->done,
            'box' => $scene === null
                    ? null
                    : count(Box::of($scene->defenders, $scene->lineup, $scene->setting->schools)->in),
            'out_s' => $m->row('Q', 'ball out')?->done,
            'hole' => $m->hole(),
            'gave' => $grader->keyGave(),
            'back' => $m->pass() === null ? null : Shown::back($m->pass()),
            'predicted_s' => self::predicted($grader),
            'separation_yd' => $to === null ? null : $m->row($to, 'separation at the throw')?->done,
        ] + $empty;
    }

    /** What the model predicted for the man the ball went to, seconds. */
    private static function predicted(Grader $grader): ?float
    {
        $to = $grader->measures->film->thrownTo();
        foreach ($to === null ? [] : $grader->decision()->evidence as $row) {
            if ($row['what'] === "margin of $to") {
                return (float) $row['value'];
            }
        }

        return null;
    }
}
