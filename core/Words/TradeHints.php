<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

/** What coaches say and the language has other words for, or asks about: how to say it. Common practice. */
final class TradeHints
{
    private const SAY = [
        'pro' => 'Staffs mean two sets by it: say split-back or I.',
        'wr screen' => 'Say which: bubble screen, now screen or tunnel screen, with its side.',
        'rub' => 'There are several rubs: say slant-flat, spot-rub, or the two routes, "Z slant; H wheel".',
        'qb sweep' => 'Say quarterback power, quarterback wham or speed option, with its side.',
        'quarterback sweep' => 'Say quarterback power, quarterback wham or speed option, with its side.',
    ];

    private const LOOKS = [
        'sim pressure' => 'Say who comes and who drops: "will comes, strong end drops".',
        'simulated pressure' => 'Say who comes and who drops: "will comes, strong end drops".',
        'creeper' => 'Say who comes and who drops: "will comes, strong end drops".',
        'corner blitz' => 'Say which corner: "field corner blitz", "boundary corner blitz" or "left corner blitz".',
        'corner cat' => 'Say which corner: "field corner blitz", "boundary corner blitz" or "left corner blitz".',
    ];

    /** How to say what a call holds and the language has not, or null. */
    public static function of(string $words): ?NotUnderstood
    {
        return self::among(self::SAY, $words);
    }

    /** The same of a look. */
    public static function ofLook(string $words): ?NotUnderstood
    {
        return self::among(self::LOOKS, $words);
    }

    /** @param  array<string, string>  $hints  how to say it, by what was said */
    private static function among(array $hints, string $words): ?NotUnderstood
    {
        foreach ($hints as $said => $hint) {
            if (preg_match('/(?<![\w-])'.preg_quote($said, '/').'(?![\w-])/i', $words) === 1) {
                return NotUnderstood::because("\"$said\": $hint", $said);
            }
        }

        return null;
    }
}
