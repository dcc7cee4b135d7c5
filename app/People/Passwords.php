<?php

namespace App\People;

use App\Http\Problem;

/** What a password has to be: long, and none of those everybody tries first. No rule about signs and figures. */
final class Passwords
{
    public const LEAST = 10;

    public const MOST = 200;

    /** Parts of the passwords that are tried first; whoever fills one of them up gains nothing (common practice). */
    private const TRIED_FIRST = [
        'password', 'passwort', 'qwerty', 'azerty', 'letmein', 'welcome', 'football', 'baseball', 'iloveyou', 'admin',
        'monkey', 'dragon', 'sunshine', 'princess', 'master', 'touchdown', 'quarterback', 'coach', 'jacotaxis',
    ];

    /** Refuses a password that does not protect; $about are words of the man himself. */
    public static function check(string $password, string ...$about): void
    {
        $length = mb_strlen($password);
        if ($length < self::LEAST || $length > self::MOST) {
            throw Problem::content(
                '/password',
                sprintf('A password has %d to %d signs; this one has %d. Three or four words are easy to keep.',
                    self::LEAST, self::MOST, $length),
            );
        }
        $plain = preg_replace('/[^a-z]+/', '', strtr(mb_strtolower($password), '013457@$', 'oieastas')) ?? '';
        foreach ([...self::TRIED_FIRST, ...self::words($about)] as $word) {
            $rest = str_replace($word, '', $plain);
            if (str_contains($plain, $word) && strlen($rest) < self::LEAST - 4) {
                throw Problem::content(
                    '/password',
                    "\"$word\" with little beside it is tried first. ".
                        'Take three or four words that do not belong together.',
                );
            }
        }
        if (count(array_unique(mb_str_split($password))) < 5) {
            throw Problem::content('/password', 'The same few signs over and over are tried first. Take other words.');
        }
    }

    /**
     * Words of four letters or more.
     *
     * @param  array<string>  $about
     * @return list<string>
     */
    private static function words(array $about): array
    {
        preg_match_all('/[a-z]{4,}/', mb_strtolower(implode(' ', $about)), $found);

        return $found[0];
    }
}
