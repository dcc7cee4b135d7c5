<?php

namespace App\Film;

use App\Files\Csv;
use App\Http\Problem;
use App\Models\Reel;
use App\Models\Snap;
use Jacotaxis\Core\Film\Chart\Chart;
use Jacotaxis\Core\Film\Chart\Columns;

/** The charting of a reel as a table, as a document and as cues, and a table of somebody else's read in. */
final class Breakdown
{
    /** Rows one table may have. */
    public const MOST_ROWS = 100000;

    /** Bytes one table may have. */
    private const MOST_BYTES = 40_000_000;

    /** RFC 4180, with a heading; text that a spreadsheet would take for a formula is led by an apostrophe. */
    public static function csv(Reel $reel): string
    {
        $headings = Columns::headings();
        $rows = [];
        foreach ($reel->snaps()->get(['document', 'choice']) as $snap) {
            $cells = self::cells($snap);
            $rows[] = array_map(fn (string $field): string => $cells[$field] ?? '', array_keys($headings));
        }

        return Csv::of(array_values($headings), $rows);
    }

    /** @return array<string, mixed> the reel with every snap's whole document */
    public static function json(Reel $reel): array
    {
        return ['kind' => 'jacotaxis.reel', 'version' => 1, 'title' => $reel->title, 'of' => $reel->kind,
            'opponent' => $reel->opponent, 'ours' => $reel->ours, 'week' => $reel->week, 'playedOn' => $reel->played_on,
            'snaps' => $reel->snaps()->get(['document'])->pluck('document')->all()];
    }

    /**
     * One cue for each snap: on the clock of its own film where that is one long file, else one after the other
     * (WebVTT).
     */
    public static function cues(Reel $reel): string
    {
        $text = "WEBVTT\n\nNOTE\n".self::cue($reel->title)."\n";
        $at = 0.0;
        foreach ($reel->snaps()->with('clips')->get() as $n => $snap) {
            $clip = $snap->clips->first();
            $long = $clip === null ? 5.0 : ($clip->to_s ?? (float) ($clip->video['durationS'] ?? 5.0)) - $clip->from_s;
            $from = $clip !== null && $clip->from_s > 0.0 ? $clip->from_s : $at;
            $cells = self::cells($snap);
            $text .= "\n".($n + 1)."\n".self::clock($from).' --> '.self::clock($from + max(0.1,
                $long))."\n".self::cue(trim("Snap {$cells['number']}. ".Charting::chart($snap)
                ->place().". {$cells['call']}".($cells['look'] === '' ? ''
                : " against {$cells['look']}").". {$cells['result']} {$cells['gain']}"))."\n";
            $at = $from + $long;
        }

        return $text;
    }

    /**
     * A table as rows of text: byte-order mark, commas, semicolons or tabs, quoted newlines.
     *
     * @return array{headings: list<string>, rows: list<list<string>>, mapping: array<int, string|null>}
     *
     * @throws Problem when it is empty, too large or not text
     */
    public static function table(string $csv): array
    {
        $csv = str_starts_with($csv, "\xEF\xBB\xBF") ? substr($csv, 3) : $csv;
        if (strlen($csv) > self::MOST_BYTES) {
            throw new Problem(413, 'The table is too large', 'A table may have at most 40 MB. Cut it into games.');
        }
        if (str_starts_with($csv, "\xFF\xFE") || str_starts_with($csv, "\xFE\xFF")) {
            $csv = mb_convert_encoding($csv, 'UTF-8', 'UTF-16');
        }
        $csv = mb_check_encoding($csv, 'UTF-8') ? $csv : mb_convert_encoding($csv, 'UTF-8', 'Windows-1252');
        if (trim($csv) === '' || str_contains($csv, "\0")) {
            throw new Problem(
                422,
                'This is no table',
                'It is empty or not text. Export the breakdown as CSV and send it again.',
            );
        }
        $in = Csv::memory();
        fwrite($in, $csv);
        rewind($in);
        $separator = self::separator(strtok($csv, "\r\n") ?: '');
        $rows = [];
        while (($row = fgetcsv($in, null, $separator, '"', '')) !== false) {
            if ($row !== [null] && trim(implode('', array_map(strval(...), $row))) !== '') {
                $rows[] = array_map(fn (?string $c): string => Csv::bare((string) $c), $row);
            }
            if (count($rows) > self::MOST_ROWS + 1) {
                throw new Problem(
                    413,
                    'The table is too long',
                    'A table may have at most 100,000 rows. Cut it into games.',
                );
            }
        }
        $headings = array_shift($rows) ?? [];

        return ['headings' => $headings, 'rows' => $rows, 'mapping' => array_map(Columns::guess(...), $headings)];
    }

    /**
     * Rows of a table under a mapping, as snaps, with the errors of each.
     *
     * @param  list<list<string>>  $rows
     * @param  array<int, string|null>  $mapping  field by column
     * @param  int  $first  number of the first row in its file; the heading is 1
     * @return list<array{row: int, document: array<string, mixed>, errors: list<array{field: string, cell: string,
     *     why: string}>}>
     */
    public static function snaps(array $rows, array $mapping, string $kind, int $first = 2): array
    {
        $snaps = [];
        foreach ($rows as $n => $row) {
            $cells = $lost = [];
            foreach ($row as $column => $cell) {
                $field = $mapping[$column] ?? null;
                if ($field !== null) {
                    $cells[$field] = $cell;
                } elseif (trim($cell) !== '') {
                    $lost[] = $cell;
                }
            }
            ['chart' => $chart, 'call' => $call, 'look' => $look, 'choice' => $choice,
                'errors' => $errors] = Columns::read($cells, $kind);
            // Nothing is lost: columns without a field go into the note.
            $chart = $lost === [] ? $chart : $chart->with(['note' => mb_substr(trim(($chart->note
                ?? '').' ['.implode(' | ', $lost).']'), 0, 300)]);
            $snaps[] = ['row' => $n + $first] + Imported::document($chart, $call, $look, $choice, $errors);
        }

        return $snaps;
    }

    /** @return array<string, string> */
    private static function cells(Snap $snap): array
    {
        $d = $snap->document;
        $words = fn (mixed $said): ?string => is_string($said) ? $said : null;
        $chosen = array_values(array_filter(
            $d['seen'] ?? [],
            fn (array $seen): bool => $seen['what'] === 'choice',
        ));
        $choice = $snap->choice ?? $chosen[0]['value'] ?? null;

        return Columns::write(
            Chart::read($d['chart'] ?? [], $d['situation'] ?? []),
            $words($d['call'] ?? null) ?? ($snap->call ?? null),
            $words($d['look'] ?? null),
            $choice,
        );
    }

    private static function separator(string $line): string
    {
        $found = array_map(fn (string $s): int => substr_count($line, $s), [',' => ',', ';' => ';', "\t" => "\t"]);
        arsort($found);

        return (string) array_key_first($found);
    }

    private static function clock(float $s): string
    {
        return sprintf('%02d:%02d:%06.3f', (int) ($s / 3600), (int) ($s / 60) % 60, fmod($s, 60.0));
    }

    /** Text a cue may hold: no line breaks, no arrow, no markup (WebVTT). */
    private static function cue(string $text): string
    {
        return str_replace(['&', '<', '-->', "\r", "\n"], ['&amp;', '&lt;', '->', ' ', ' '], $text);
    }
}
