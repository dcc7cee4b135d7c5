<?php

namespace App\Print;

use App\Documents\OpponentLooks;
use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Told\LineCalls;
use Jacotaxis\Core\Blocking\Run\Told\Technique;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Telling\Run\RunReport;
use Jacotaxis\Core\Proof\Telling\Run\RunStage;
use Jacotaxis\Core\Words\StaffBook;

/**
 * The line card of a run: for every front the picture of its blocks and the calls in the order they are said. Two
 * fronts a page, standing.
 */
final readonly class LineCards
{
    public const SIZE = [612.0, 792.0];

    private const MARGIN = 30.0;

    private const PER_PAGE = 2;

    /** Yards drawn to each side, behind the line and up the field. */
    private const WIDE_YD = 11.0;

    private const BACK_YD = 8.0;

    private const UP_YD = 8.5;

    private const SMALL = 7.5;

    private const TINY = 5.6;

    /** Share of the width for what is said, and men in a column of jobs. */
    private const SAID_SHARE = 0.3;

    private const A_COLUMN = 6;

    public function __construct(private StaffBook $book)
    {
    }

    /**
     * @param  list<RunProof>  $proofs  one a front
     * @param  list<float>  $shares  how often each is shown, 0 to 1; 0 where it was not counted
     * @return list<Drawing>
     */
    public function pages(string $name, string $words, array $proofs, array $shares = []): array
    {
        [$width, $height] = self::SIZE;
        $each = ($height - 2 * self::MARGIN - 30) / self::PER_PAGE;
        $pages = [];
        foreach (array_chunk($proofs, self::PER_PAGE) as $chunk) {
            $page = new Drawing;
            $page->text(self::MARGIN, self::MARGIN + 8, $name, 15, Drawing::INK, true);
            $page->text($width - self::MARGIN, self::MARGIN + 8, $words, self::SMALL, Drawing::SOFT, false, 'end');
            foreach ($chunk as $n => $proof) {
                $this->front(
                    $page,
                    $proof,
                    $shares[count($pages) * self::PER_PAGE + $n] ?? 0.0,
                    self::MARGIN,
                    self::MARGIN + 24 + $n * $each,
                    $width - 2 * self::MARGIN,
                    $each - 12,
                );
            }
            $pages[] = $page;
        }

        return $pages;
    }

    /** @param  float  $share  how often it is shown, 0 to 1 */
    private function front(
        Drawing $page,
        RunProof $proof,
        float $share,
        float $x,
        float $y,
        float $w,
        float $h,
    ): void {
        $page->area([[$x, $y], [$x + $w, $y], [$x + $w, $y + $h], [$x, $y + $h]], null, Drawing::FAINT);
        $often = OpponentLooks::said($share);
        $look = $proof->scene->look->words().($often === '' ? '' : " ($often)");
        $page->text($x + 8, $y + 16, $look, 12, Drawing::INK, true);
        $unaccounted = $proof->resolved->unaccounted;
        $said = Against::said($proof->verdict()->value, $proof->worthByRule(), $proof->worthAtWorst());
        $left =
            "$said; ".
            ($unaccounted === [] ? 'everybody accounted for' : 'nobody has the '.implode(', the ', $unaccounted));
        $page->text(
            $x + $w - 8,
            $y + 16,
            $left,
            self::SMALL + 1,
            $unaccounted === [] ? Drawing::SOFT : Drawing::BALL,
            $unaccounted !== [],
            'end',
        );
        $pictureH = $h * 0.46;
        // The line is drawn wider than deep: nobody stands on his neighbor.
        $across = ($w - 16) / (2 * self::WIDE_YD);
        $k = $pictureH / (self::BACK_YD + self::UP_YD);
        $at = fn (float $xYd, float $yYd): array => [
            $x + $w / 2 + max(-self::WIDE_YD, min(self::WIDE_YD, $xYd)) * $across,
            $y + 24 + (self::UP_YD - max(-self::BACK_YD, min(self::UP_YD, $yYd))) * $k,
        ];
        $page->line([$at(-self::WIDE_YD, 0.0), $at(self::WIDE_YD, 0.0)], 0.6, Drawing::FAINT);
        $stage = RunStage::of($proof);
        foreach ($stage['tracks'] as $track) {
            $page->line(
                array_map(
                    fn (array $p): array => $at(...$p),
                    array_values(array_filter($track['line'], fn (array $p): bool => $p[1] < self::UP_YD)),
                ),
                $track['rule'] === true ? 1.8 : 0.9,
                $track['rule'] === true ? Drawing::BALL : Drawing::SOFT,
                $track['rule'] !== true,
            );
        }
        foreach ($stage['blocks'] as $block) {
            if (abs($block['line'][0][0]) > self::WIDE_YD) {
                continue;
            }
            $this->block(
                $page,
                array_map(fn (array $p): array => $at(...$p), array_values($block['line'])),
                $block['makeable'] === false,
            );
        }
        foreach ($proof->scene->defenders as $d) {
            $this->defender(
                $page,
                $d,
                $at,
                in_array($d->role, array_column($proof->resolved->keys, 'role'), true),
                in_array($d->role, $unaccounted, true),
            );
        }
        foreach ($proof->scene->men as $man) {
            if (abs($man->xYd) <= self::WIDE_YD) {
                [$mx, $my] = $at($man->xYd, $man->yYd);
                $man->isLineman()
                    ? $page->area(
                        [
                            [$mx - 5.5, $my - 5.5],
                            [$mx + 5.5, $my - 5.5],
                            [$mx + 5.5, $my + 5.5],
                            [$mx - 5.5, $my + 5.5],
                        ],
                        '#ffffff',
                        Drawing::INK,
                        0.9,
                    )
                    : $page->circle($mx, $my, 6.2, '#ffffff', Drawing::INK, 0.9);
                $page->text(
                    $mx,
                    $my + 2.6,
                    $this->book->letters[$man->letter] ?? $man->letter,
                    6.5,
                    Drawing::INK,
                    true,
                    'middle',
                );
            }
        }
        $this->calls($page, $proof, $x + 8, $y + 32 + $pictureH, $w - 16, $h - $pictureH - 40);
    }

    private function calls(Drawing $page, RunProof $proof, float $x, float $y, float $w, float $h): void
    {
        $said = $w * self::SAID_SHARE;
        $page->text($x, $y, 'Said, in order', self::SMALL, Drawing::SOFT, true);
        $top = $y + self::SMALL * 1.3;
        foreach (LineCalls::of($proof->resolved) as $call) {
            if ($top > $y + $h) {
                break;
            }
            $top = $page->paragraph(
                $x,
                $top,
                $said - 10,
                "{$call['from']} to {$call['to']}: “{$call['say']}”",
                self::SMALL,
                Drawing::INK,
                true,
            );
        }
        $jobs = array_column(RunReport::jobs($proof), 'job', 'man');
        $wide = ($w - $said) / 2;
        $size = $this->size($proof, $jobs, $wide, $h - self::SMALL * 1.3);
        foreach (array_chunk($proof->resolved->blocks, self::A_COLUMN, true) as $column => $blocks) {
            $left = $x + $said + $column * $wide;
            $page->text($left, $y, $column === 0 ? 'Jobs, step and aim' : '', self::SMALL, Drawing::SOFT, true);
            $top = $y + self::SMALL * 1.3;
            foreach ($blocks as $block) {
                $top = $this->job($page, $proof, $block, $jobs[$block->letter], [$left, $top, $wide], $size);
            }
        }
    }

    /**
     * How much smaller the jobs are set so that the longer column stays inside the frame, 1 where they have the room.
     *
     * @param  array<string, string>  $jobs  by letter
     */
    private function size(RunProof $proof, array $jobs, float $wide, float $room): float
    {
        $longest = 0.0;
        foreach (array_chunk($proof->resolved->blocks, self::A_COLUMN, true) as $blocks) {
            $needs = 0.0;
            foreach ($blocks as $block) {
                $told = Technique::of($block, $proof->resolved, $proof->scene->setting->schools);
                $needs += Drawing::LEADING * (
                    self::SMALL * Drawing::lines($jobs[$block->letter], $wide - 24, self::SMALL)
                    + self::TINY * Drawing::lines("{$told->step}; {$told->aim}", $wide - 24, self::TINY)
                ) + 1.0;
            }
            $longest = max($longest, $needs);
        }

        // Smaller type also breaks into fewer lines.
        return min(1.0, sqrt($room / max(1.0, $longest)));
    }

    /**
     * One man's job, and under it his step and aim.
     *
     * @param  array{float, float, float}  $at  x, y and width
     * @param  float  $size  share of the usual size of type
     * @return float where the next one begins
     */
    private function job(
        Drawing $page,
        RunProof $proof,
        Block $block,
        string $job,
        array $at,
        float $size,
    ): float {
        [$x, $y, $w] = $at;
        $late = ($proof->made[$block->letter]->makeable ?? true) === false;
        $told = Technique::of($block, $proof->resolved, $proof->scene->setting->schools);
        $letter = $this->book->letters[$block->letter] ?? $block->letter;
        $page->text($x, $y, $letter, self::SMALL * $size, Drawing::INK, true);
        $below = $page->paragraph(
            $x + 20,
            $y,
            $w - 24,
            $job.($late ? ' (late)' : ''),
            self::SMALL * $size,
            $late ? Drawing::BALL : Drawing::INK,
        );

        return $page->paragraph(
            $x + 20,
            $below - 1.0,
            $w - 24,
            "{$told->step}; {$told->aim}",
            self::TINY * $size,
            Drawing::SOFT,
        ) + 2.0;
    }

    /**
     * A line that ends in a bar; dashed where the block cannot be made.
     *
     * @param  list<array{float, float}>  $points
     */
    private function block(Drawing $page, array $points, bool $late): void
    {
        $page->line($points, 1.3, $late ? Drawing::BALL : Drawing::INK, $late);
        $n = count($points);
        [$x, $y] = $points[$n - 1];
        $turn = atan2($y - $points[$n - 2][1], $x - $points[$n - 2][0]) + M_PI_2;
        $page->line(
            [[$x + 5 * cos($turn), $y + 5 * sin($turn)], [$x - 5 * cos($turn), $y - 5 * sin($turn)]],
            1.5,
            $late ? Drawing::BALL : Drawing::INK,
        );
    }

    /** @param  callable(float, float): array{float, float}  $at */
    private function defender(Drawing $page, Defender $d, callable $at, bool $read, bool $free): void
    {
        if (abs($d->xYd) > self::WIDE_YD || $d->yYd > self::UP_YD) {
            return;
        }
        [$x, $y] = $at($d->xYd, $d->yYd);
        if ($read || $free) {
            $page->circle($x, $y - 3.0, 8.5, null, Drawing::BALL, $read ? 1.0 : 2.0);
        }
        $page->text($x, $y, $d->letter, 10, Drawing::INK, true, 'middle');
    }
}
