<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\Kill;
use Jacotaxis\Core\Concept\KillRule;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Words\Call\CallParts;
use Jacotaxis\Core\Words\Call\CallReader;
use Jacotaxis\Core\Words\Call\KillWords;
use Jacotaxis\Core\Words\Call\MenWords;
use Jacotaxis\Core\Words\Call\UsualSet;
use Jacotaxis\Core\Words\Hints\TradeHints;
use Jacotaxis\Core\Words\Trade\Asides;
use Jacotaxis\Core\Words\Trade\TradeCalls;

/** Reads the call language: words -> call. What is not understood is named with the nearest words known here. */
final class CallParser
{
    /**
     * @param  Situation|null  $situation  where the words say none
     *
     * @throws NotUnderstood
     */
    public static function parse(string $words, ?Situation $situation = null, ?StaffBook $book = null): Call
    {
        $own = $book === null ? $words : $book->in($words);
        try {
            return self::said($own, $situation, $book);
        } catch (NotUnderstood $e) {
            $usual = $e->isNo('set') ? UsualSet::of($own) : null;
            try {
                return $usual === null ? throw $e : self::fromUsualSet($usual, $e, $situation, $book);
            } catch (NotUnderstood $refused) {
                throw TradeHints::of($own, $refused) ?? TradeHints::ofNumber($refused) ?? $refused;
            }
        }
    }

    /**
     * What is said beside the call is told as left out; two calls from one formation are one with its kill.
     *
     * @throws NotUnderstood
     */
    private static function said(string $words, ?Situation $situation, ?StaffBook $book): Call
    {
        $aside = Asides::of($words);
        $two = KillWords::of($aside->words);
        $call = $two === null
            ? self::single($aside->words, $situation, $book)
            : self::withKill($two, $situation, $book);

        return $aside->left === [] ? $call : $call->with(['assumed' => [...$call->assumed, ...$aside->left]]);
    }

    /**
     * A call without a formation, from the first usual set that has its men.
     *
     * @throws NotUnderstood as it is refused from the most usual set; where a formation seems to be meant, as it was
     */
    private static function fromUsualSet(
        UsualSet $usual,
        NotUnderstood $was,
        ?Situation $situation,
        ?StaffBook $book,
    ): Call {
        $found = null;
        $refused = $usual->namesOne ? $was : null;
        foreach ($usual->said() as $set) {
            $unknown = 0;
            foreach ($set as $said) {
                try {
                    $call = self::said($said, $situation, $book);
                } catch (NotUnderstood $e) {
                    $refused ??= $e;
                    $unknown += UsualSet::helps($e) ? 0 : 1;

                    continue;
                }
                if (UsualSet::has($call)) {
                    return self::told($call);
                }
                $found ??= $call;
            }
            if ($unknown === count($set)) {
                break;
            }
        }

        return $found === null ? throw $refused ?? $was : self::told($found);
    }

    /** The call with the set that was assumed told first. */
    private static function told(Call $call): Call
    {
        $told = "formation {$call->formation->words()}: none is said";

        return $call->with(['assumed' => [$told, ...$call->assumed]]);
    }

    /**
     * A call in the language's own words, as the describer writes it: nothing of the trade is put over.
     *
     * @throws NotUnderstood
     */
    public static function own(string $words, ?Situation $situation = null, ?StaffBook $book = null): Call
    {
        return CallReader::read($words, $situation, $book);
    }

    /**
     * One call; the formation may be said last.
     *
     * @throws NotUnderstood
     */
    private static function single(string $words, ?Situation $situation, ?StaffBook $book): Call
    {
        $own = TradeCalls::call($words);
        try {
            return CallReader::read($own, $situation, $book);
        } catch (NotUnderstood $e) {
            $turned = CallParts::turned($own, $book ?? new StaffBook);
            if ($turned === null) {
                throw $e;
            }
            try {
                return CallReader::read($turned, $situation, $book);
            } catch (NotUnderstood $further) {
                // Where no set is near to the word, the reading that has the set elsewhere knows what it is not.
                $isElse = $e->isNo('set') && $e->suggestions === [] && $further->word === $e->word;
                throw $isElse ? $further : $e;
            }
        }
    }

    /**
     * Two calls from one formation, and the rule that chooses.
     *
     * @throws NotUnderstood
     */
    private static function withKill(KillWords $two, ?Situation $situation, ?StaffBook $book): Call
    {
        $call = CallReader::read(TradeCalls::call($two->first), $situation, $book);
        $head = Describer::standing($call);
        $join = str_contains($two->second, ':') ? ', ' : ': ';
        $now = $call->situation ?? $situation;
        $other = CallReader::read(TradeCalls::call($head.$join.$two->second), $now, $book);
        $rule = $two->rule ?? KillRule::usual($call, $other);
        $assumed = $two->rule === null ? ["kill if {$rule->words($two->box)}"] : [];
        foreach ($other->assumed as $filled) {
            $assumed[] = "in the second call: $filled";
        }

        return $call->with([
            'kill' => new Kill($other, $rule, $two->box),
            'assumed' => [...$call->assumed, ...$assumed],
        ]);
    }

    /**
     * A call with one man's route said anew: "dig 12 settling". He is read last where he was not read; a man who
     * clears out, is an alert or a decoy is not read any more.
     *
     * @throws NotUnderstood
     */
    public static function assignment(
        string $words,
        Call $call,
        string $letter,
        ?Situation $situation = null,
        ?StaffBook $book = null,
    ): Call {
        $now = $call->situation ?? ($situation ?? Situation::of());
        $tokens = new Tokens(TradeCalls::call($book === null ? $words : $book->in($words)));
        $men = new MenWords($tokens, $call->lineup($now, $book?->clock()), $now->hash);
        if (! in_array($letter, $men->letters(), true)) {
            throw NotUnderstood::because("$letter runs no route here.", $letter);
        }
        $spec = $men->route($letter);
        if (! $tokens->done()) {
            throw NotUnderstood::word((string) $tokens->peek(), "word for the {$spec->name} by $letter", [
                'left',
                'right',
                'settling',
                'moving',
                'inside release',
                'outside release',
                'clear',
                'alert',
                'decoy',
            ]);
        }
        $reads = match (true) {
            $spec->flag !== null => array_values(array_diff($call->reads, [$letter])),
            in_array($letter, $call->reads, true) => $call->reads,
            default => [...$call->reads, $letter],
        };

        return $call->with(['routes' => [...$call->routes, $letter => $spec], 'reads' => $reads]);
    }
}
