<?php

namespace App\Print;

use TCPDF;

/** Writes drawings as pages of a PDF. */
final class Pdf
{
    private const FONT = 'helvetica';

    /** @param  list<Drawing>  $pages */
    public static function of(array $pages, float $width, float $height, string $title): string
    {
        $pdf = new TCPDF($width > $height ? 'L' : 'P', 'pt', [$width, $height]);
        $pdf->setCreator('Jacotaxis');
        $pdf->setTitle($title);
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setAutoPageBreak(false);
        $pdf->setMargins(0, 0, 0);
        $pdf->setCellPaddings(0, 0, 0, 0);
        foreach ($pages as $drawing) {
            $pdf->AddPage();
            foreach ($drawing->lines as $line) {
                self::line($pdf, $line);
            }
            foreach ($drawing->texts as $t) {
                $pdf->setFont(self::FONT, $t['bold'] ? 'B' : '', $t['size']);
                $pdf->setTextColorArray(self::color($t['color']));
                // The core fonts hold Latin-1 only.
                $text = (string) iconv('UTF-8', 'ISO-8859-1//TRANSLIT', $t['text']);
                $wide = $pdf->GetStringWidth($text);
                $x = $t['x'] - match ($t['anchor']) {
                    'middle' => $wide / 2, 'end' => $wide, default => 0.0
                };
                $pdf->Text($x, $t['y'] - $t['size'] * 0.93, $text);
            }
        }

        return $pdf->Output('', 'S');
    }

    /**
     * @param  array{kind: string, points: list<array{float, float}>, stroke: string|null, fill: string|null,
     *     width: float, dash: bool}  $l
     */
    private static function line(TCPDF $pdf, array $l): void
    {
        $style = ['width' => $l['width'], 'dash' => $l['dash'] ? '4,3' : 0,
            'color' => self::color($l['stroke'] ?? Drawing::INK), 'join' => 'round', 'cap' => 'round'];
        $how = ($l['stroke'] === null ? '' : 'D').($l['fill'] === null ? '' : 'F');
        $fill = $l['fill'] === null ? [] : self::color($l['fill']);
        if ($l['kind'] === 'circle') {
            $pdf->Circle($l['points'][0][0], $l['points'][0][1], $l['points'][1][0], 0, 360, $how, $style, $fill);
        } elseif ($l['kind'] === 'area') {
            $pdf->Polygon(array_merge(...$l['points']), $how, ['all' => $style], $fill);
        } elseif (count($l['points']) > 1) {
            $pdf->PolyLine(array_merge(...$l['points']), 'D', ['all' => $style]);
        }
    }

    /** @return array{int, int, int} */
    private static function color(string $hex): array
    {
        return [(int) hexdec(substr($hex, 1, 2)), (int) hexdec(substr($hex, 3, 2)), (int) hexdec(substr($hex, 5, 2))];
    }
}
