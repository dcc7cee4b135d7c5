<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Route\Flag;
use Jacotaxis\Core\Route\RouteSpec;

/** A call in sentences that can be read over a phone: no signs, numbers in words, one thought a sentence. */
final class Spoken
{
    private const NUMBERS = ['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten',
        'eleven', 'twelve', 'thirteen',
        'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen'];

    private const ORDER = ['one', 'two', 'three', 'four', 'five', 'six'];

    /** @param  array<string, mixed>  $said  what Description::of answers for the call */
    public static function of(Call $call, array $said, ?StaffBook $book = null): string
    {
        $sentences = [self::plain($call->formation->words())];
        if ($call->situation !== null) {
            array_unshift($sentences, self::situation($call->situation));
        }
        foreach ($call->motions as $motion) {
            $sentences[] = 'Motion, '.self::plain($motion->words());
        }
        foreach (
            [
                $call->fake?->words(),
                $call->protection === null ? null : $call->protection->words().' protection',
                $call->drop === null ? null : "{$call->drop->value} step drop",
            ] as $part
        ) {
            $sentences = $part === null ? $sentences : [...$sentences, self::plain($part)];
        }
        foreach ($said['families'] as $family) {
            $sentences[] = self::plain($family['family']).", {$family['side']}";
        }
        foreach ($call->run->tags ?? [] as $tag) {
            $sentences[] = self::plain($tag->words());
        }
        foreach ($call->run->orders ?? [] as $letter => $order) {
            $sentences[] = "$letter {$order->words()}";
        }
        foreach ($call->routes as $letter => $spec) {
            $sentences[] = self::route((string) $letter, $spec);
        }
        $reads = [];
        foreach ($call->reads as $n => $letter) {
            $reads[] = 'read '.self::ORDER[$n]." $letter";
        }
        $sentences = $reads !== [] ? [...$sentences, implode(', ', $reads)] : $sentences;
        $sentences = $call->hot === null ? $sentences : [...$sentences, "hot {$call->hot}"];
        $said = array_filter($sentences, fn (?string $one): bool => $one !== null && $one !== '');
        $text = implode(' ', array_map(fn (string $one): string => ucfirst(trim($one)).'.', $said));

        return $book === null ? $text : $book->out($text);
    }

    private static function route(string $letter, RouteSpec $spec): string
    {
        $where = match (true) {
            $spec->at === 'sticks' => ' at the sticks',
            $spec->at !== null => ' to the '.$spec->at,
            default => ' at '.self::number($spec->depth()),
        };
        $first = ($spec->checks ? 'checks the rush, then ' : '').($spec->chips ? 'chips the end, then ' : '');
        $flag = match ($spec->flag) {
            Flag::Clear => ', clears out', Flag::Alert => ', alert', Flag::Decoy => ', decoy', default => ''
        };

        return "$letter $first".
            self::plain($spec->name).
            $where.
            ($spec->side === null ? '' : ' to the '.$spec->side->value).
            ($spec->finish === null ? '' : ", {$spec->finish}").
            ($spec->release === null ? '' : ", {$spec->release} release").
            $flag;
    }

    private static function situation(Situation $s): string
    {
        return ['', 'First', 'Second', 'Third', 'Fourth'][$s->down].
            ' and '.
            self::number($s->toGoYd).
            ', ball on '.
            ($s->ballOnYd <= 50.0 ? 'our ' : 'their ').
            self::number(min($s->ballOnYd, 100.0 - $s->ballOnYd)).
            ', '.
            ($s->hash->value === 'middle' ? 'in the middle' : "{$s->hash->value} hash");
    }

    /** Signs out, figures in words: "2x2" is two by two, "I" stays. */
    private static function plain(string $words): string
    {
        $words = (string) preg_replace_callback(
            '/(\d+)x(\d+)/',
            fn (array $m): string => self::number((float) $m[1]).' by '.self::number((float) $m[2]),
            $words,
        );
        $words = (string) preg_replace_callback(
            '/-?\d+(?:\.\d+)?/',
            fn (array $m): string => self::number((float) $m[0]),
            $words,
        );

        return str_replace(['-', '&', '#'], [' ', 'and', 'number '], $words);
    }

    /** Yards in words: "eleven and a half", "minus two". */
    public static function number(float $yd): string
    {
        if ($yd < 0.0) {
            return 'minus '.self::number(-$yd);
        }
        $whole = (int) floor($yd);
        $tail = $yd - $whole;
        $words =
            $whole < 20
                ? self::NUMBERS[$whole]
                : ['', '', 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'][
                        min(9, intdiv($whole, 10))
                    ].($whole % 10 === 0 ? '' : ' '.self::NUMBERS[$whole % 10]);

        return match (true) {
            $tail < 0.05 => $words,
            abs($tail - 0.5) < 0.02 => "$words and a half",
            abs($tail - 0.25) < 0.02 => "$words and a quarter",
            abs($tail - 0.75) < 0.02 => "$words and three quarters",
            default => $words.' point '.self::NUMBERS[(int) round($tail * 10) % 10],
        };
    }
}
