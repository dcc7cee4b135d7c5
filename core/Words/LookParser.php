<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shells;

/** Reads "4-2 nickel, cover 3". */
final class LookParser
{
    private const ALIASES = ['quarters' => 'cover 4'];

    /** @throws NotUnderstood */
    public static function parse(string $words): Look
    {
        $tokens = new Tokens($words);
        $front = $tokens->phrase(Fronts::names())
            ?? throw NotUnderstood::word(trim(explode(',', $words)[0]), 'front', Fronts::names());
        $tokens->skip(',');
        $rest = trim(explode(',', $words, 2)[1] ?? $words);
        $shell = $tokens->phrase([...Shells::names(), ...array_keys(self::ALIASES)])
            ?? throw NotUnderstood::word($rest, 'shell', [...Shells::names(), ...array_keys(self::ALIASES)]);
        if (! $tokens->done()) {
            throw NotUnderstood::word(ltrim((string) $tokens->next(), ',') ?: (string) $tokens->peek(), 'word for a look here', []);
        }

        return Look::of($front, self::ALIASES[$shell] ?? $shell);
    }
}
