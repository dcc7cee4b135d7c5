<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Drawing;

use Jacotaxis\Core\Film\Calibrate\BadCalibration;
use Jacotaxis\Core\Film\Calibrate\Carried;
use Jacotaxis\Core\Film\Calibrate\View;
use Jacotaxis\Core\Film\FilmDocument;

/**
 * Where drawings lie on the picture from their moment on.
 *
 * What was drawn on the grass stays on it while the camera moves: its clicks are placed on the field by the picture
 * they were made on and laid into each picture after it. Where the picture cannot be placed a drawing stands on its own
 * moment alone.
 */
final readonly class Shown
{
    /** How long a drawing stays, and how often it is laid anew, seconds (product defaults). */
    public const LASTS_S = 2.0;

    private const EVERY_S = 0.1;

    /** Places a ring is drawn through. */
    private const AROUND = 32;

    /** How flat a ring on the grass looks where the picture is not placed, height by width (product default). */
    private const FLAT = 0.45;

    private Carried $carried;

    public function __construct(private FilmDocument $film, private string $angle)
    {
        $this->carried = $film->carried($angle);
    }

    /**
     * Every drawing of the angle in the order of its moments.
     *
     * @return list<array{id: string, kind: string, word: string|null, closed: bool, atS: float, untilS: float,
     *     onField: bool, frames: non-empty-list<array{atS: float, line: list<array{float, float}>}>}> pixels
     */
    public function all(): array
    {
        $his = array_filter($this->film->drawings, fn (Drawing $d): bool => $d->angle === $this->angle);
        usort($his, fn (Drawing $a, Drawing $b): int => $a->atS <=> $b->atS);

        return array_map($this->one(...), $his);
    }

    /**
     * @return array{id: string, kind: string, word: string|null, closed: bool, atS: float, untilS: float,
     *     onField: bool, frames: non-empty-list<array{atS: float, line: list<array{float, float}>}>}
     */
    private function one(Drawing $drawing): array
    {
        $from = $this->carried->find($drawing->atS);
        $line = $from === null ? null : $this->onField($drawing, $from);
        $frames = [];
        for ($n = 0; $from !== null && $line !== null && $n * self::EVERY_S <= self::LASTS_S + 1e-9; $n++) {
            $atS = round($drawing->atS + $n * self::EVERY_S, 4);
            $view = $n === 0 ? $from : $this->carried->find($atS);
            $laid = $view === null ? null : self::laid($drawing, $line, $from, $view);
            if ($laid === null) {
                break;
            }
            $frames[] = ['atS' => $atS, 'line' => $laid];
        }
        $first = ['atS' => $drawing->atS, 'line' => self::rounded(self::onPicture($drawing))];

        return [
            'id' => $drawing->id,
            'kind' => $drawing->kind->value,
            'word' => $drawing->word,
            'closed' => $drawing->kind->isClosed(),
            'atS' => $drawing->atS,
            'untilS' => ($frames === [] ? $first : $frames[count($frames) - 1])['atS'],
            'onField' => $frames !== [],
            'frames' => $frames === [] ? [$first] : $frames,
        ];
    }

    /**
     * The line of a drawing on the field, of a frame the place it stands on; null where that lies above the horizon.
     *
     * @return list<array{float, float}>|null yards
     */
    private function onField(Drawing $drawing, View $view): ?array
    {
        try {
            $points = array_map(fn (array $p): array => $view->toField(...$p), $drawing->points);
            $feet = $drawing->kind === DrawingKind::Frame ? $view->toField(...self::feet($drawing)) : null;
        } catch (BadCalibration) {
            return null;
        }

        return match ($drawing->kind) {
            DrawingKind::Frame => [$feet ?? $points[0]],
            DrawingKind::Ring => self::circle($points[0], hypot(
                $points[1][0] - $points[0][0],
                $points[1][1] - $points[0][1],
            )),
            DrawingKind::Zone => self::corners($points[0], $points[1]),
            DrawingKind::Arrow, DrawingKind::Line, DrawingKind::Word => $points,
        };
    }

    /**
     * A drawing on another picture, or null where the camera has turned away from a part of it.
     *
     * @param  list<array{float, float}>  $line  yards, as onField() gives them
     * @return list<array{float, float}>|null pixels
     */
    private static function laid(Drawing $drawing, array $line, View $from, View $view): ?array
    {
        $seen = array_values(array_filter(array_map(fn (array $p): ?array => $view->sees(...$p), $line)));
        if (count($seen) < count($line)) {
            return null;
        }
        if ($drawing->kind !== DrawingKind::Frame) {
            return self::rounded($seen);
        }
        // A frame stands upright on the picture and goes where the grass under it goes.
        [$x, $y] = $from->toPicture(...$line[0]);
        [$toX, $toY] = $seen[0];

        return self::rounded(
            array_map(
                fn (array $p): array => [$p[0] + $toX - $x, $p[1] + $toY - $y],
                self::corners($drawing->points[0], $drawing->points[1]),
            ),
        );
    }

    /**
     * The line of a drawing on its own picture, where that is not placed on the field.
     *
     * @return list<array{float, float}> pixels
     */
    private static function onPicture(Drawing $drawing): array
    {
        $points = $drawing->points;

        return match ($drawing->kind) {
            DrawingKind::Ring => self::circle(
                $points[0],
                hypot($points[1][0] - $points[0][0], ($points[1][1] - $points[0][1]) / self::FLAT),
                self::FLAT,
            ),
            DrawingKind::Frame, DrawingKind::Zone => self::corners($points[0], $points[1]),
            DrawingKind::Arrow, DrawingKind::Line, DrawingKind::Word => $points,
        };
    }

    /** @return array{float, float} the middle of a frame's lower side, pixels */
    private static function feet(Drawing $drawing): array
    {
        [$a, $b] = [$drawing->points[0], $drawing->points[1]];

        return [0.5 * ($a[0] + $b[0]), max($a[1], $b[1])];
    }

    /**
     * @param  array{float, float}  $middle
     * @return list<array{float, float}>
     */
    private static function circle(array $middle, float $radius, float $flat = 1.0): array
    {
        return array_map(
            fn (int $n): array => [
                $middle[0] + $radius * cos(2.0 * M_PI * $n / self::AROUND),
                $middle[1] + $flat * $radius * sin(2.0 * M_PI * $n / self::AROUND),
            ],
            range(0, self::AROUND - 1),
        );
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @return list<array{float, float}>
     */
    private static function corners(array $a, array $b): array
    {
        return [[$a[0], $a[1]], [$b[0], $a[1]], [$b[0], $b[1]], [$a[0], $b[1]]];
    }

    /**
     * @param  list<array{float, float}>  $line
     * @return list<array{float, float}>
     */
    private static function rounded(array $line): array
    {
        return array_map(fn (array $p): array => [round($p[0], 1), round($p[1], 1)], $line);
    }
}
