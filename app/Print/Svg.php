<?php

namespace App\Print;

/** Writes a drawing as a standalone SVG page. */
final class Svg
{
    public static function of(Drawing $drawing, float $width, float $height): string
    {
        $out = sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%1$gpt" height="%2$gpt" viewBox="0 0 %1$g %2$g" '
                .'font-family="Archivo, Helvetica, Arial, sans-serif">',
            $width,
            $height,
        );
        foreach ($drawing->lines as $l) {
            $paint = sprintf(
                'stroke="%s" fill="%s" stroke-width="%g"%s',
                $l['stroke'] ?? 'none',
                $l['fill'] ?? 'none',
                $l['width'],
                $l['dash'] ? ' stroke-dasharray="4 3"' : '',
            );
            $points = implode(' ', array_map(fn (array $p): string => sprintf('%.1f,%.1f', ...$p), $l['points']));
            $out .= match ($l['kind']) {
                'circle' => sprintf(
                    '<circle cx="%.1f" cy="%.1f" r="%.1f" %s/>',
                    $l['points'][0][0],
                    $l['points'][0][1],
                    $l['points'][1][0],
                    $paint,
                ),
                'area' => "<polygon points=\"$points\" $paint/>",
                default => "<polyline points=\"$points\" $paint stroke-linejoin=\"round\" stroke-linecap=\"round\"/>",
            };
        }
        foreach ($drawing->texts as $t) {
            $out .= sprintf(
                '<text x="%.1f" y="%.1f" font-size="%g" fill="%s" text-anchor="%s"%s>%s</text>',
                $t['x'],
                $t['y'],
                $t['size'],
                $t['color'],
                $t['anchor'],
                $t['bold'] ? ' font-weight="700"' : '',
                htmlspecialchars($t['text'], ENT_XML1 | ENT_QUOTES),
            );
        }

        return $out.'</svg>';
    }
}
