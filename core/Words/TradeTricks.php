<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;

/** A flea flicker and a back's pass as coaches say them: off a run that is named, or off the usual one. */
final class TradeTricks
{
    /** The run a trick comes off where none is said. */
    private const USUAL = ['flicker' => 'zone', 'back pass' => 'toss'];

    private const SIDE = 'right|left|rt|lt|field|boundary';

    /** Every name of a trick in the one the language has. */
    public static function named(string $words): string
    {
        $words = preg_replace('/\bflea[ -]?flicker\b/i', 'flicker', $words) ?? $words;

        $words = preg_replace(
            '/\b(?:half-?back|full-?back|running back|[htr]b|fb)[ -]pass\b/i',
            'back pass',
            $words,
        ) ?? $words;

        // "flicker off power right" says its run after it.
        return preg_replace('/\b(flicker|back pass)\s+off\s+(?:of\s+)?([^:;,|]+)/i', '$2 $1', $words) ?? $words;
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

    private static function endsInRun(string $before): bool
    {
        $runs = TradeWords::runs(Schemes::names());

        return preg_match("/(?<![\\w-])(?:$runs)(?:\\s+(?:".self::SIDE.'))?\s*$/i', $before) === 1;
    }
}
