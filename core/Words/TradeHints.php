<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

/** What coaches say and the language has other words for, or asks about: how to say it. Common practice. */
final class TradeHints
{
    private const SAY = [
        'pro' => 'Staffs mean two sets by it: say split-back or I.',
        'flea flicker' => 'A flea flicker is a pass off a run: fake the run and say the routes, '
            .'"I right, power right fake: Z post, X over; read Z, X".',
        'halfback pass' => 'A back\'s pass is not proved: the quarterback throws every ball here.',
        'hb pass' => 'A back\'s pass is not proved: the quarterback throws every ball here.',
        'wr screen' => 'Say which: bubble screen, now screen or tunnel screen, with its side.',
        'shovel' => 'A shovel is not in the catalogue. The nearest runs are power read and speed option.',
        'wildcat' => 'Whoever takes the snap is Q: say the set and a run of his, "gun wing right: quarterback power right".',
        'rub' => 'There are several rubs: say slant-flat, spot-rub, or the two routes, "Z slant; H wheel".',
        'fb pass' => 'A back\'s pass is not proved: the quarterback throws every ball here.',
        'qb sweep' => 'Say quarterback power, quarterback wham or speed option, with its side.',
        'quarterback sweep' => 'Say quarterback power, quarterback wham or speed option, with its side.',
    ];

    /** How to say what the words hold and the language has not, or null. */
    public static function of(string $words): ?NotUnderstood
    {
        foreach (self::SAY as $said => $hint) {
            if (preg_match('/(?<![\w-])'.preg_quote($said, '/').'(?![\w-])/i', $words) === 1) {
                return NotUnderstood::because("\"$said\": $hint", $said);
            }
        }

        return null;
    }
}
