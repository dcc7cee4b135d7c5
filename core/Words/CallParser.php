<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use DomainException;
use Jacotaxis\Core\Blocking\Protecting;
use Jacotaxis\Core\Blocking\Scheme;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\CallBuilder;
use Jacotaxis\Core\Concept\CallDraft;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Concept\Families\Recognition;
use Jacotaxis\Core\Concept\Kill;
use Jacotaxis\Core\Concept\KillRule;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Motion\Clock;
use Jacotaxis\Core\Offense\Motion\Snap;
use Jacotaxis\Core\School\Schools;
use Jacotaxis\Core\Words\Call\CallParts;
use Jacotaxis\Core\Words\Call\FormationParser;
use Jacotaxis\Core\Words\Call\KillWords;
use Jacotaxis\Core\Words\Call\MenWords;
use Jacotaxis\Core\Words\Call\PartParser;
use Jacotaxis\Core\Words\Call\ReadParser;
use Jacotaxis\Core\Words\Call\RunParser;
use Jacotaxis\Core\Words\Hints\TradeHints;
use Jacotaxis\Core\Words\Trade\Asides;
use Jacotaxis\Core\Words\Trade\TradeCalls;

/** Reads the call language: words -> call. What is not understood is named with the nearest words known here. */
final class CallParser
{
    private CallDraft $draft;

    private Tokens $tokens;

    private MenWords $men;

    private PartParser $parts;

    private Side $strong;

    /**
     * @param  Situation|null  $situation  where the words say none
     *
     * @throws NotUnderstood
     */
    public static function parse(string $words, ?Situation $situation = null, ?StaffBook $book = null): Call
    {
        $own = $book === null ? $words : $book->in($words);
        try {
            $aside = Asides::of($own);
            $two = KillWords::of($aside->words);
            $call = $two === null
                ? self::single($aside->words, $situation, $book)
                : self::withKill($two, $situation, $book);

            return $aside->left === [] ? $call : $call->with(['assumed' => [...$call->assumed, ...$aside->left]]);
        } catch (NotUnderstood $e) {
            throw TradeHints::of($own, $e) ?? TradeHints::ofNumber($e) ?? $e;
        }
    }

    /**
     * A call in the language's own words, as the describer writes it: nothing of the trade is put over.
     *
     * @throws NotUnderstood
     */
    public static function own(string $words, ?Situation $situation = null, ?StaffBook $book = null): Call
    {
        return (new self)->read($words, $situation, $book);
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
            return (new self)->read($own, $situation, $book);
        } catch (NotUnderstood $e) {
            $turned = CallParts::turned($own, $book ?? new StaffBook);
            if ($turned === null) {
                throw $e;
            }
            try {
                return (new self)->read($turned, $situation, $book);
            } catch (NotUnderstood) {
                throw $e;
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
        $call = (new self)->read(TradeCalls::call($two->first), $situation, $book);
        $head = Describer::standing($call);
        $join = str_contains($two->second, ':') ? ', ' : ': ';
        $now = $call->situation ?? $situation;
        $other = (new self)->read(TradeCalls::call($head.$join.$two->second), $now, $book);
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

    private function read(string $words, ?Situation $situation, ?StaffBook $book): Call
    {
        $this->draft = new CallDraft;
        if (str_contains($words, '|')) {
            [$before, $words] = explode('|', $words, 2);
            $situation = SituationParser::parse($before, $situation ?? Situation::of());
            $this->draft->situation = $situation;
        }
        $this->draft->context = $situation;
        [$head, $body] = CallParts::of($words, $book ?? new StaffBook);
        $this->draft->clock = $book?->clock();
        $this->draft->schools = $book->schools ?? Schools::of();
        $this->draft->own = $book->families ?? [];
        FormationParser::read($head, $words, $this->draft, $book);
        $now = $situation ?? Situation::of();
        $formation = $this->draft->formation;
        try {
            $snap = Snap::of(
                $formation->men($now->frame()),
                $this->draft->motions,
                $formation->splits(),
                $now->frame(),
                $this->draft->clock ?? Clock::usual(),
            );
        } catch (DomainException $e) {
            throw NotUnderstood::because($e->getMessage(), $head);
        }
        $lineup = Lineup::of($snap->men, $now->frame(), $now->hash, $formation->side);
        $this->tokens = new Tokens($body);
        $this->men = new MenWords($this->tokens, $lineup, $now->hash, $this->draft);
        $this->parts = new PartParser($this->tokens, $this->men, $this->draft);
        $this->strong = $lineup->front;
        $this->body();
        $call = CallBuilder::build($this->draft);
        $this->together(Drawn::of($call, $lineup->count, $lineup->strong, $this->draft->own));

        return $call;
    }

    /**
     * Two families in one call must both be there: they share no man.
     *
     * @throws NotUnderstood
     */
    private function together(Drawn $drawn): void
    {
        $said = count($this->draft->families) < 2 ? [] : $this->draft->families;
        foreach ($said as ['family' => $family, 'sides' => $sides]) {
            // Who wants more men than a side has is told of as assumed.
            $on = array_filter(
                $sides === [] ? Side::cases() : $sides,
                fn (Side $side): bool => count($drawn->count->on($side)) >= $family->least(),
            );
            $there = array_filter(
                Side::cases(),
                fn (Side $side): bool => Recognition::form($family, $side, $drawn) !== null,
            );
            if ($on !== [] && $there === []) {
                $names = implode(' and ', array_map(fn (array $f): string => $f['family']->name, $said));
                throw NotUnderstood::because(
                    "$names ask the same man for two routes: say them on two sides, or say who runs what.",
                    $family->name,
                );
            }
        }
    }

    private function body(): void
    {
        $this->tokens->skip(',', ';');
        $this->drop();
        $this->protection();
        if ($this->tokens->done()) {
            throw NotUnderstood::missing('routes or a run', 'gun 2x2: smash right, or gun 2x2: zone right');
        }
        $run = new RunParser($this->tokens, $this->men, $this->draft);
        $reads = new ReadParser($this->tokens, $this->men, $this->draft);
        $this->draft->run = $this->parts->family(peek: true) !== null ? null : $run->run($this->strong);
        $this->tokens->skip(',', ';', ':', 'rpo');
        while (! $this->tokens->done()) {
            match (true) {
                $this->tokens->take('tag') !== null => $run->tag(),
                $this->tokens->take('if') !== null => $run->rule(),
                $this->tokens->take('read', 'reads') !== null => $reads->reads(),
                $this->tokens->take('key') !== null => $reads->key(),
                $this->tokens->take('hot') !== null => $this->draft->hot = $this->men->man('hot man'),
                $this->runAfterRoutes($run), $run->bareTag() => null,
                default => $this->parts->part(),
            };
            $this->tokens->skip(',', ';', ...($this->draft->run === null ? [] : [':', 'rpo']));
        }
    }

    /** The drop may be said after the colon, too: "quick: stick". */
    private function drop(): void
    {
        $drop = $this->parts->family(peek: true) !== null
            ? null
            : $this->tokens->take(...array_column(Footwork::cases(), 'value'));
        if ($drop === null) {
            return;
        }
        $out = $drop === Footwork::Quick->value && $this->tokens->peek() === 'out';
        if ($out) {
            throw NotUnderstood::because('Say who runs the quick out: "Z quick out".', 'quick out');
        }
        $this->draft->drop = Footwork::from($drop);
        $this->tokens->skip(',', ';', ':', 'game');
    }

    /** A protection may be said after the colon, too: "sprint left; flood left". */
    private function protection(): void
    {
        $mark = $this->tokens->mark();
        $scheme = $this->tokens->phrase(array_column(Scheme::cases(), 'value'));
        $side = $scheme === null ? null : $this->men->side();
        if ($scheme === null || ! in_array($this->tokens->peek(), [',', ';', ':'], true)) {
            $this->tokens->back($mark);

            return;
        }
        $this->draft->protection = new Protecting(Scheme::from($scheme), $side);
        $this->tokens->skip(',', ';', ':', 'protection');
    }

    /** "Y pop; zone left": the run of an option may be said after its throws. */
    private function runAfterRoutes(RunParser $run): bool
    {
        if ($this->draft->run !== null || $this->draft->families !== [] || $this->draft->routes === []) {
            return false;
        }
        $this->draft->run = $run->run($this->strong);

        return $this->draft->run !== null;
    }
}
