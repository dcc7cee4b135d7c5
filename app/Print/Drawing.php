<?php

namespace App\Print;

/** A picture as plain shapes in points (1/72 in) from the top left of the page; written as SVG or as PDF. */
final class Drawing
{
    /** From one line of text to the next, as a share of its size. */
    public const LEADING = 1.25;

    public const INK = '#1d2a2c';

    public const SOFT = '#5b625f';

    public const FAINT = '#d9cfbc';

    public const BALL = '#b93a1b';

    /**
     * @var list<array{kind: string, points: list<array{float, float}>, stroke: string|null, fill: string|null,
     *     width: float, dash: bool}>
     */
    public array $lines = [];

    /** @var list<array{x: float, y: float, text: string, size: float, color: string, bold: bool, anchor: string}> */
    public array $texts = [];

    /** @param  list<array{float, float}>  $points */
    public function line(array $points, float $width = 1.0, string $color = self::INK, bool $dash = false): void
    {
        $this->lines[] = ['kind' => 'line', 'points' => $points, 'stroke' => $color, 'fill' => null, 'width' => $width,
            'dash' => $dash];
    }

    /** @param  list<array{float, float}>  $points */
    public function area(array $points, ?string $fill, ?string $stroke = null, float $width = 1.0): void
    {
        $this->lines[] = ['kind' => 'area', 'points' => $points, 'stroke' => $stroke, 'fill' => $fill,
            'width' => $width, 'dash' => false];
    }

    public function circle(float $x, float $y, float $r, ?string $fill, ?string $stroke = self::INK,
        float $width = 1.0): void
    {
        $this->lines[] = ['kind' => 'circle', 'points' => [[$x, $y], [$r, $r]], 'stroke' => $stroke, 'fill' => $fill,
            'width' => $width, 'dash' => false];
    }

    /** @param  string  $anchor  start, middle or end */
    public function text(float $x, float $y, string $text, float $size, string $color = self::INK, bool $bold = false,
        string $anchor = 'start'): void
    {
        $this->texts[] = ['x' => $x, 'y' => $y, 'text' => $text, 'size' => $size, 'color' => $color, 'bold' => $bold,
            'anchor' => $anchor];
    }

    /**
     * Text in lines no wider than a width; answers the y after the last. Widths are estimated at half the size a
     * letter.
     */
    /** How many lines a text takes in a width. */
    public static function lines(string $text, float $width, float $size): int
    {
        return count(self::broken($text, $width, $size));
    }

    /** @return list<string> */
    private static function broken(string $text, float $width, float $size): array
    {
        return explode("\n", wordwrap($text, max(8, (int) floor($width / ($size * 0.5))), "\n", false));
    }

    public function paragraph(
        float $x,
        float $y,
        float $width,
        string $text,
        float $size,
        string $color = self::INK,
        bool $bold = false,
        int $most = 99,
    ): float {
        $lines = self::broken($text, $width, $size);
        foreach (array_slice($lines, 0, $most) as $n => $line) {
            $this->text($x, $y, $n === $most - 1 && count($lines) > $most ? "$line …" : $line, $size, $color, $bold);
            $y += $size * self::LEADING;
        }

        return $y;
    }
}
