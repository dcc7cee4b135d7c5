<?php

namespace App\Film;

use App\Models\StaffWords;
use DomainException;
use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Film\FilmReader;
use Jacotaxis\Core\Words\CallParser;

/** One imported row made a film document: words that are not understood stay as they are, searchable, and are said. */
final class Imported
{
    /** @var array<string, string|null> by kind and words: why they are not understood */
    private static array $known = [];

    /**
     * @param  list<array{field: string, cell: string, why: string}>  $errors
     * @return array{document: array<string, mixed>, errors: list<array{field: string, cell: string, why: string}>}
     */
    public static function document(Chart $chart, ?string $call, ?string $look, ?string $choice, array $errors): array
    {
        $note = $chart->note ?? '';
        $keep = function (string $field, ?string $words) use (&$errors, &$note): ?string {
            $why = $words === null ? null : self::why($field, $words);
            if ($why !== null) {
                $errors[] = ['field' => $field, 'cell' => (string) $words, 'why' => $why];
                $note = trim("$note [$field: $words]");
            }

            return $why === null ? $words : null;
        };
        $call = $keep('call', $call);
        $look = $keep('look', $look);
        $defender =
            $choice === null || $call === null || $look === null
                ? null
                : collect(Charting::choices($call, $look))->firstWhere('name', $choice)['defender'] ?? null;
        if ($choice !== null && $defender === null) {
            $note = trim("$note [choice: $choice]");
        }
        [$chart, $errors] = self::possible($chart, $errors);
        $written = $chart->with(['note' => $note === '' ? null : mb_substr($note, 0, 300)])->write();

        return ['document' => array_filter(['kind' => 'jacotaxis.film', 'version' => 1, 'call' => $call,
            'look' => $look, 'situation' => $written['situation'] ?: null, 'chart' => $written['chart'],
            'seen' => $defender === null ? null : [['man' => $defender, 'what' => 'choice', 'value' => $choice]]],
            fn (mixed $v): bool => $v !== null), 'errors' => $errors];
    }

    /**
     * A distance past the goal line cannot be: it is left out and said.
     *
     * @param  list<array{field: string, cell: string, why: string}>  $errors
     * @return array{Chart, list<array{field: string, cell: string, why: string}>}
     */
    private static function possible(Chart $chart, array $errors): array
    {
        if ($chart->ballOnYd === null || $chart->toGoYd === null || $chart->toGoYd <= 100.0 - $chart->ballOnYd) {
            return [$chart, $errors];
        }

        return [$chart->with(['toGoYd' => null, 'note' => trim(($chart->note ?? '').sprintf(' [To go: %g]',
            $chart->toGoYd))]), [...$errors, ['field' => 'toGo', 'cell' => (string) $chart->toGoYd,
                'why' => 'The goal line is nearer than that.']]];
    }

    private static function why(string $field, string $words): ?string
    {
        if (array_key_exists("$field $words", self::$known)) {
            return self::$known["$field $words"];
        }
        try {
            $field === 'call'
                ? CallParser::parse($words, null, StaffWords::current()->book())
                : FilmReader::look($words, StaffWords::current()->book());
            $why = null;
        } catch (DomainException $e) {
            $why = $e->getMessage();
        }

        return self::$known["$field $words"] = $why;
    }
}
