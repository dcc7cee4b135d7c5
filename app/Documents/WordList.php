<?php

namespace App\Documents;

use App\Film\Breakdown;
use App\Http\Problem;
use DomainException;
use Jacotaxis\Core\Concept\Document\BadDocument;
use Jacotaxis\Core\Words\BookDocument;

/** A staff's list of words as a table: its word in the first column, what it means in the second. */
final class WordList
{
    /** Rows one list may have. */
    private const MOST = 500;

    /** A word of the staff's own, and how long its meaning may be (schemas/book.schema.json). */
    private const WORD = '/^[\pL\pN][\pL\pN -]{0,39}$/u';

    private const MEANING = 80;

    /** What a heading may say in the first column; a first row that says anything else is a word. */
    private const HEADING = '/^(?:our |staff )?(?:words?|alias(?:es)?|calls?|terms?|names?)$/i';

    /**
     * @param  array<string, mixed>  $book  the staff's book as it stands
     * @return array{entries: list<array{alias: string, word: string}>, problems: list<array{row: int, text: string}>,
     *     same: int} words that may come in, rows that may not, and how many the book has already
     *
     * @throws Problem when it is no table
     */
    public static function read(string $csv, array $book): array
    {
        ['headings' => $first, 'rows' => $rows] = Breakdown::table($csv);
        $headed = preg_match(self::HEADING, trim($first[0] ?? '')) === 1;
        $rows = $headed ? $rows : [$first, ...$rows];
        if (count($rows) > self::MOST) {
            throw new Problem(413, 'The list is too long', 'At most '.self::MOST.' words in one. Cut it in two.');
        }
        $entries = $problems = [];
        $same = 0;
        $known = array_column($book['aliases'] ?? [], 'word', 'alias');
        foreach ($rows as $n => $row) {
            $entry = ['alias' => trim($row[0] ?? ''), 'word' => trim($row[1] ?? '')];
            $why = self::wrong($entry, [...$entries, $entry], $book);
            if ($why !== null) {
                $problems[] = ['row' => $n + ($headed ? 2 : 1), 'text' => $why];
            } elseif (($known[$entry['alias']] ?? null) === $entry['word']) {
                $same++;
            } else {
                $entries[] = $entry;
            }
        }

        return ['entries' => $entries, 'problems' => $problems, 'same' => $same];
    }

    /**
     * Why a word cannot stand in the book, or null.
     *
     * @param  array{alias: string, word: string}  $entry
     * @param  list<array{alias: string, word: string}>  $all  those of the list up to it
     * @param  array<string, mixed>  $book
     */
    private static function wrong(array $entry, array $all, array $book): ?string
    {
        if (preg_match(self::WORD, $entry['alias']) !== 1 || mb_strlen($entry['word']) > self::MEANING) {
            return 'Give a word of 1 to 40 letters and figures in the first column, its meaning in the second.';
        }
        try {
            BookDocument::read(['aliases' => $all, 'families' => [], 'sets' => []] + $book);
        } catch (BadDocument|DomainException $e) {
            return $e->getMessage();
        }

        return null;
    }
}
