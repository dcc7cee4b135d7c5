<?php

namespace App\Print;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Words\StaffBook;

/** Calls as cards on letter paper: one, four or nine to a page, or a card for one player that shows his job alone. */
final readonly class CallCards
{
    public const LAYOUTS = [1 => [1, 1], 4 => [2, 2], 9 => [3, 3]];

    private const LETTER = [612.0, 792.0];

    private const MARGIN = 28.0;

    private const GAP = 14.0;

    public function __construct(private StaffBook $book, private ?string $player = null)
    {
    }

    /** Page size in points: a single card lies on its side. @return array{float, float} */
    public static function size(int $per): array
    {
        return $per === 1 ? array_reverse(self::LETTER) : self::LETTER;
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
        $title = $per === 9 ? 9.0 : ($per === 4 ? 12.0 : 17.0);
        $small = $per === 9 ? 6.0 : ($per === 4 ? 7.5 : 10.0);
        $page->text($x + 8, $y + $title + 5, $name, $title, Drawing::INK, true);
        $words = CardText::words($call, $else, $this->book);
        $below = $page->paragraph($x + 8, $y + $title + 9 + $small, $w - 16, $words, $small, Drawing::SOFT, false, 2);
        $rows = $this->player === null ? CardText::jobs($call, $this->book) : CardText::job($call, $this->player, $this->book);
        $side = $per === 1 && $this->player === null ? 230.0 : 0.0;
        $list = $per === 9 && $this->player === null ? 0.0 : ($side > 0.0 ? 0.0 : ($this->player === null ? count($rows) * $small * 1.3 + 8 : $small * 5));
        (new CardField($page, $call, $call->situation ?? $else, $this->book, $this->player))->draw($x + 6, $below, $w - 12 - $side, $h - ($below - $y) - $list - 6, $small);
        $top = $side > 0.0 ? $below + $small : $y + $h - $list + $small;
        foreach ($list > 0.0 || $side > 0.0 ? $rows : [] as [$letter, $job]) {
            $page->text($x + ($side > 0.0 ? $w - $side + 6 : 8), $top, $letter, $small, Drawing::INK, true);
            $top = $page->paragraph($x + ($side > 0.0 ? $w - $side + 34 : 8 + $small * 2.4), $top, ($side > 0.0 ? $side : $w) - 44, $job, $small, Drawing::INK, false, 2) + ($side > 0.0 ? 3 : 0);
        }
    }
}
