<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade;

use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;

/** A flea flicker and a back's pass as coaches say them: off a run that is named, or off the usual one. */
final class TradeTricks
{
    /** The run a trick comes off where none is said. */
    private const USUAL = ['flicker' => 'zone', 'back pass' => 'toss'];

    private const SIDE = 'right|left|rt|lt|field|boundary';

    private const NAMES = [
        '\bflea[ -]?flicker\b' => 'flicker',
        '\b(?:half-?back|full-?back|running back|[htr]b|fb)[ -]pass\b' => 'back pass',
        '\b[hrt]b\s+toss\s+pass\b(\s+(?:'.self::SIDE.')\b)?' => 'toss$1 back pass',
        '^\s*flicker\s*[,:]\s*({formation})\s*[,:]\s*({said run}(?:\s+{side})?)\s*[,:]\s*' => '$1, $2 flicker: ',
        '^\s*flicker\s*[,:]\s*({formation})\s*[,:]\s*' => '$1, flicker: ',
        '\bflicker\s*[,:;]\s*({plain run}(?:\s+{side})?)(?=\s*[,:;]|\s*$)' => '$1 flicker',
        // "back pass right off toss" says its side before the run.
        '\bback pass\s+({side})\s+off\s+(?:of\s+)?(?:the\s+)?({said run})(?:\s+{side})?{end}' => '$2 $1 back pass',
        // "flicker off power right" says its run after it.
        '\b(flicker|back pass)\s+off\s+(?:of\s+)?([^:;,|]+)' => '$2 $1',
    ];

    /** Every name of a trick in the one the language has. */
    public static function named(string $words): string
    {
        return Phrases::rewritten($words, self::NAMES);
    }

    /** The run action before the colon: "gun trips: flicker; Z post" is "gun trips, zone flicker: Z post". */
    public static function placed(string $words): string
    {
        foreach (self::USUAL as $trick => $run) {
            $side = '(?:\s+('.self::SIDE.')\b)?';
            $words = preg_replace("/:\\s*$trick$side\\s*[;,:]?\\s*/i", ", $trick \\1: ", $words, 1) ?? $words;
            $said = preg_match("/^(.*?)\\s*[,;]?\\s*\\b$trick\\b$side(.*)$/is", $words, $m) === 1;
            if (! $said || self::endsInRun($m[1])) {
                continue;
            }
            $words = rtrim("{$m[1]}, $run {$m[2]}").' '.$trick.$m[3];
        }

        return $words;
    }

    /**
     * "boot right off stretch left" is that run faked, "waggle right" a boot off buck; with nothing said after it the
     * routes are those that go with a passer on the move.
     */
    public static function moved(string $words): string
    {
        $runs = Phrases::runs(Schemes::names());
        $side = '('.self::SIDE.')';
        $off = "/\\b(half-boot|boot|naked)\\s+$side\\s+off\\s+(?:of\\s+)?((?:$runs)(?:\\s+(?:".self::SIDE.'))?)/i';
        $words = preg_replace($off, '$3 fake, $1 $2', $words) ?? $words;
        $words = preg_replace_callback("/\\bwaggle\\s+$side/i", function (array $m): string {
            $left = strtolower($m[1][0]) === 'l';

            return 'buck '.($left ? 'right' : 'left').' fake, boot '.($left ? 'left' : 'right');
        }, $words) ?? $words;
        $ends = "/^([^:]*\\S)\\s*,?\\s+(half-boot|boot|naked)\\s+$side\\s*[,:;]?\\s*$/i";
        $routes = ['half-boot' => 'flood', 'boot' => 'boot flood', 'naked' => 'boot flood'];

        return preg_replace_callback(
            $ends,
            fn (array $m): string => "$m[1], $m[2] $m[3]: ".$routes[strtolower($m[2])]." $m[3]",
            $words,
        ) ?? $words;
    }

    private static function endsInRun(string $before): bool
    {
        $runs = Phrases::runs(Schemes::names());

        return preg_match("/(?<![\\w-])(?:$runs)(?:\\s+(?:".self::SIDE.'))?\s*$/i', $before) === 1;
    }
}
