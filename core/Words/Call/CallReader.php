<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Call;

use DomainException;
use Jacotaxis\Core\Blocking\Protecting;
use Jacotaxis\Core\Blocking\Scheme;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\CallBuilder;
use Jacotaxis\Core\Concept\CallDraft;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Motion\Clock;
use Jacotaxis\Core\Offense\Motion\Snap;
use Jacotaxis\Core\School\Schools;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\SituationParser;
use Jacotaxis\Core\Words\StaffBook;
use Jacotaxis\Core\Words\Tokens;

/** Reads one call in the language's own words: the formation, then the run or the routes with what goes with them. */
final class CallReader
{
    private CallDraft $draft;

    private Tokens $tokens;

    private MenWords $men;

    private PartParser $parts;

    private Side $strong;

    private function __construct()
    {
    }

    /** @throws NotUnderstood */
    public static function read(string $words, ?Situation $situation, ?StaffBook $book): Call
    {
        return (new self)->call($words, $situation, $book);
    }

    private function call(string $words, ?Situation $situation, ?StaffBook $book): Call
    {
        $this->draft = new CallDraft;
        if (str_contains($words, '|')) {
            [$before, $words] = explode('|', $words, 2);
            $situation = SituationParser::parse($before, $situation ?? Situation::of());
            $this->draft->situation = $situation;
        }
        $this->draft->context = $situation;
        [$head, $body] = CallParts::of(trim($words), $book ?? new StaffBook);
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
        $drawn = Drawn::of($call, $lineup->count, $lineup->strong, $this->draft->own);
        $told = FamiliesSaid::told($this->draft, $drawn);

        return $told === [] ? $call : $call->with(['assumed' => [...$call->assumed, ...$told]]);
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
                $this->protection(), $this->runAfterRoutes($run), $run->bareTag() => null,
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

    /** A protection may be said after the colon, too, first or last: "sprint left; flood left", "smash; seven-man". */
    private function protection(): bool
    {
        if ($this->draft->run !== null || $this->draft->protection !== null) {
            return false;
        }
        $mark = $this->tokens->mark();
        $scheme = $this->tokens->phrase(array_column(Scheme::cases(), 'value'));
        $side = $scheme === null ? null : $this->men->side();
        if ($scheme === null || ! in_array($this->tokens->peek(), [',', ';', ':', null], true)) {
            $this->tokens->back($mark);

            return false;
        }
        $this->draft->protection = new Protecting(Scheme::from($scheme), $side);
        $this->tokens->skip(',', ';', ':', 'protection');

        return true;
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
