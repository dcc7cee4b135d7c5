<?php

namespace App\Print;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Words\StaffBook;

/** Calls as cards on letter paper: one, four or nine to a page, or a card for one player that shows his job alone. */
final readonly class CallCards
{
    public const LAYOUTS = [1 => [1, 1], 4 => [2, 2], 9 => [3, 3]];

    private const LETTER = [612.0, 792.0];

    private const MARGIN = 28.0;

    private const GAP = 14.0;

    /** Sizes of title and text, and columns of the list of jobs, by cards on a page. */
    private const TYPE = [1 => [17.0, 10.0, 3], 4 => [12.0, 7.5, 2], 9 => [9.0, 6.0, 1]];

    /**
     * @param  Look|null  $look  what is drawn and proved against, where one is chosen
     * @param  list<array{look: Look, share: float}>  $week  looks of this week's opponent, the commonest first
     */
    public function __construct(
        private StaffBook $book,
        private ?string $player = null,
        private ?Look $look = null,
        private array $week = [],
    ) {
    }

    /**
     * Page size in points: nine stand upright, fewer lie on their side.
     *
     * @return array{float, float}
     */
    public static function size(int $per): array
    {
        return $per === 9 ? self::LETTER : array_reverse(self::LETTER);
    }

    /**
     * @param  list<array{name: string, call: Call}>  $calls
     * @return list<Drawing>
     */
    public function pages(array $calls, int $per, Situation $else): array
    {
        [$width, $height] = self::size($per);
        [$across, $down] = self::LAYOUTS[$per];
        $w = ($width - 2 * self::MARGIN - ($across - 1) * self::GAP) / $across;
        $h = ($height - 2 * self::MARGIN - ($down - 1) * self::GAP) / $down;
        $pages = [];
        foreach (array_chunk($calls, max(1, $per)) as $chunk) {
            $page = new Drawing;
            foreach ($chunk as $n => ['name' => $name, 'call' => $call]) {
                $x = self::MARGIN + ($n % $across) * ($w + self::GAP);
                $y = self::MARGIN + intdiv($n, $across) * ($h + self::GAP);
                $this->card($page, $name, $call, $else, [$x, $y, $w, $h], $per);
            }
            $pages[] = $page;
        }

        return $pages;
    }

    /** @param  array{float, float, float, float}  $box  x, y, width, height */
    private function card(Drawing $page, string $name, Call $call, Situation $else, array $box, int $per): void
    {
        [$x, $y, $w, $h] = $box;
        $page->area([[$x, $y], [$x + $w, $y], [$x + $w, $y + $h], [$x, $y + $h]], null, Drawing::FAINT);
        [$title, $small, $columns] = self::TYPE[$per];
        $page->text($x + 8, $y + $title + 5, $name, $title, Drawing::INK, true);
        $below = $page->paragraph(
            $x + 8,
            $y + $title + 9 + $small,
            $w - 16,
            CardText::words($call, $else, $this->book, $this->look),
            $small,
            Drawing::SOFT,
            false,
            2,
        );
        $whole = $per === 1;
        $rows = $this->player === null ? CardText::jobs($call, $this->book, $else, $this->look, $whole) : CardText::job(
            $call,
            $this->player,
            $this->book,
            $else,
            $this->look,
            $this->week,
        );
        // A run told whole takes half the card in smaller type; a job is never cut.
        $type = $call->run !== null && $whole ? $small * 0.72 : $small;
        $wide = ($w - 16) / $columns;
        $columnsOf = self::divide(
            array_map(fn (array $r): int => Drawing::lines($r[1], $wide - $type * 2.8, $type), $rows),
            $columns,
        );
        $lines = max(0, ...array_map(array_sum(...), array_column($columnsOf, 'lines')));
        $list = $lines * $type * 1.3 + 8;
        $field = new CardField($page, $call, $call->situation ?? $else, $this->book, $this->player, $this->look);
        $field->draw($x + 6, $below - $small * 0.6, $w - 12, $h - ($below - $y) - $list, $small);
        foreach ($columnsOf as $c => ['rows' => $numbers]) {
            $top = $y + $h - $list + $type;
            foreach ($numbers as $n) {
                [$letter, $job] = $rows[$n];
                $page->text($x + 8 + $c * $wide, $top, $letter, $type, Drawing::INK, true);
                $top =
                    $page->paragraph($x + 8 + $c * $wide + $type * 2.4, $top, $wide - $type * 2.8, $job, $type) +
                    $type * 0.05;
            }
        }
    }

    /**
     * Rows into columns of about the same number of lines, in their order.
     *
     * @param  list<int>  $lines  of each row
     * @return list<array{rows: list<int>, lines: list<int>}>
     */
    private static function divide(array $lines, int $columns): array
    {
        $each = array_sum($lines) / $columns;
        $found = array_fill(0, $columns, ['rows' => [], 'lines' => [0]]);
        $before = 0;
        foreach ($lines as $n => $count) {
            $c = min($columns - 1, (int) floor(($before + $count / 2) / max(1.0, $each)));
            $found[$c]['rows'][] = $n;
            $found[$c]['lines'][] = $count;
            $before += $count;
        }

        return $found;
    }
}
