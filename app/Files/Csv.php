<?php

namespace App\Files;

use RuntimeException;

/**
 * The one writer of tables: RFC 4180 with a heading. Text that a spreadsheet would take for a formula is led by an
 * apostrophe, figures stay figures.
 */
final class Csv
{
    private const FORMULA = ['=', '+', '-', '@', "\t", "\r"];

    /**
     * @param  list<string>  $headings
     * @param  iterable<list<string|int|float|null>>  $rows
     */
    public static function of(array $headings, iterable $rows): string
    {
        $out = self::memory();
        foreach ([$headings, ...$rows] as $row) {
            fputcsv($out, array_map(self::safe(...), $row), escape: '', eol: "\r\n");
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }

    /**
     * A file that needs no disk while it is small.
     *
     * @return resource
     */
    public static function memory()
    {
        return fopen('php://temp', 'w+b') ?: throw new RuntimeException('There is no memory left for a table.');
    }

    /** A cell as it was before it was written. */
    public static function bare(string $cell): string
    {
        return preg_match("/^'[=+\\-@\t\r]/", $cell) === 1 ? substr($cell, 1) : $cell;
    }

    private static function safe(string|int|float|null $cell): string
    {
        $cell = (string) $cell;

        return $cell !== '' && in_array($cell[0], self::FORMULA, true) && ! is_numeric($cell) ? "'$cell" : $cell;
    }
}
