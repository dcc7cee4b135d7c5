<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

/** What is said with a call and is no part of it: tempo and the snap count. Heard, told as left out, not refused. */
final readonly class Asides
{
    private const TEMPO = 'no[ -]?huddle|hurry[ -]?up|up[ -]tempo|tempo|sugar huddle|muddle huddle|on the ball';

    private const COUNT = 'on\s+(?:the\s+)?(?:first sound|first|one|two|three|1|2|3|quick|silent|go|set|ready)(?:\s+count)?';

    /** @param  list<string>  $left  what is left out, in words */
    private function __construct(public string $words, public array $left)
    {
    }

    public static function of(string $words): self
    {
        $left = [];
        $take = function (array $m) use (&$left): string {
            $left[] = '"'.strtolower(trim($m[1])).'" is heard and left out: tempo and snap count change no job';

            return '';
        };
        $words = preg_replace_callback('/^((?:'.self::TEMPO.')(?![\w-]))\s*[,:;]?\s*/i', $take, trim($words)) ?? $words;
        $words = preg_replace_callback('/\s*[,;]\s*((?:'.self::TEMPO.'))\s*$/i', $take, $words) ?? $words;
        $words = preg_replace_callback('/\s*[,;]?\s+('.self::COUNT.')\s*$/i', $take, $words) ?? $words;

        if (preg_match('/\bwildcat\b/i', $words) === 1) {
            $words = preg_replace('/\bwildcat\b/i', 'gun wing', $words) ?? $words;
            $left[] = 'wildcat is gun wing: who takes the snap is Q';
        }

        return new self($words, $left);
    }
}
