<?php

namespace App\Print;

use Jacotaxis\Core\Concept\Call;
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

    public function __construct(private StaffBook $book, private ?string $player = null)
    {
    }

    /** Page size in points: nine stand upright, fewer lie on their side. @return array{float, float} */
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
        foreach (array_chunk($calls, $per) as $chunk) {
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
        $below = $page->paragraph($x + 8, $y + $title + 9 + $small, $w - 16, CardText::words($call, $else, $this->book), $small, Drawing::SOFT, false, 2);
        $rows = $this->player === null ? CardText::jobs($call, $this->book, $else) : CardText::job($call, $this->player, $this->book, $else);
        $deep = (int) ceil(count($rows) / $columns);
        $list = $deep * $small * 1.35 + 6;
        (new CardField($page, $call, $call->situation ?? $else, $this->book, $this->player))->draw($x + 6, $below - $small * 0.6, $w - 12, $h - ($below - $y) - $list, $small);
        foreach ($rows as $n => [$letter, $job]) {
            $left = $x + 8 + intdiv($n, $deep) * ($w - 16) / $columns;
            $top = $y + $h - $list + $small + ($n % $deep) * $small * 1.35;
            $page->text($left, $top, $letter, $small, Drawing::INK, true);
            $page->paragraph($left + $small * 2.4, $top, ($w - 16) / $columns - $small * 2.4, $job, $small, Drawing::INK, false, 1);
        }
    }
}
