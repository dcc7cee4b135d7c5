<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use DomainException;
use Jacotaxis\Core\Blocking\Protecting;
use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Blocking\Scheme;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\CallBuilder;
use Jacotaxis\Core\Concept\CallDraft;
use Jacotaxis\Core\Concept\Drawn;
use Jacotaxis\Core\Concept\Family;
use Jacotaxis\Core\Concept\Kill;
use Jacotaxis\Core\Concept\KillRule;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Motion\Clock;
use Jacotaxis\Core\Offense\Motion\Snap;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Route\RouteSpec;
use Jacotaxis\Core\School\Schools;

/** Reads the call language: words -> call. What is not understood is named with the nearest words known here. */
final class CallParser
{
    /** Routes of backs: said without a man they are the back's. */
    private const BACKS = ['wheel', 'swing', 'angle', 'arrow', 'flat'];

    /** What keeps a man in on a pass. */
    private const STAYS = ['block', 'blocks', 'stay', 'stays', 'protect', 'protects'];

    private CallDraft $draft;

    private Tokens $tokens;

    private MenWords $men;

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
                ? (new self)->read(TradeWords::call($aside->words), $situation, $book)
                : self::withKill($two, $situation, $book);

            return $aside->left === [] ? $call : $call->with(['assumed' => [...$call->assumed, ...$aside->left]]);
        } catch (NotUnderstood $e) {
            throw TradeHints::of($own) ?? $e;
        }
    }

    /**
     * Two calls from one formation, and the rule that chooses.
     *
     * @throws NotUnderstood
     */
    private static function withKill(KillWords $two, ?Situation $situation, ?StaffBook $book): Call
    {
        $call = (new self)->read(TradeWords::call($two->first), $situation, $book);
        $head = Describer::standing($call);
        $join = str_contains($two->second, ':') ? ', ' : ': ';
        $now = $call->situation ?? $situation;
        $other = (new self)->read(TradeWords::call($head.$join.$two->second), $now, $book);
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
        $tokens = new Tokens(TradeWords::call($book === null ? $words : $book->in($words)));
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
        $reads = $spec->flag !== null ? array_values(array_diff($call->reads, [$letter]))
            : (in_array($letter, $call->reads, true) ? $call->reads : [...$call->reads, $letter]);

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
        $this->strong = $lineup->front;
        $this->body();

        return CallBuilder::build($this->draft);
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
        $this->draft->run = $this->family(peek: true) ? null : $run->run($this->strong);
        $this->tokens->skip(',', ';', ':', 'rpo');
        while (! $this->tokens->done()) {
            match (true) {
                $this->tokens->take('tag') !== null => $run->tag(),
                $this->tokens->take('if') !== null => $run->rule(),
                $this->tokens->take('read', 'reads') !== null => $this->reads(),
                $this->tokens->take('key') !== null => $this->key(),
                $this->tokens->take('hot') !== null => $this->draft->hot = $this->men->man('hot man'),
                $this->runAfterRoutes($run) => null,
                default => $this->conceptOrAssignment(),
            };
            $this->tokens->skip(',', ';', ...($this->draft->run === null ? [] : [':', 'rpo']));
        }
    }

    /** The drop may be said after the colon, too: "quick: stick". */
    private function drop(): void
    {
        $drop = $this->family(peek: true) !== null
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

    private function conceptOrAssignment(): void
    {
        $family = $this->family();
        if ($family !== null) {
            if ($family->needs !== null) {
                throw NotUnderstood::because(
                    "{$family->name} is not ready to be called (CAL-15): {$family->needs}.",
                    $family->name,
                );
            }
            $sides = $this->men->sides();
            $by = $this->tokens->take('by') !== null || $this->manAlone();
            $this->draft->families[] = ['family' => $family, 'sides' => $sides,
                'by' => $by ? $this->men->man('man') : null];

            return;
        }
        $letter = $this->men->who();
        if ($letter === null) {
            $this->routeBy();

            return;
        }
        if (isset($this->draft->routes[$letter]) || in_array($letter, $this->draft->stays, true)) {
            throw NotUnderstood::twice($letter);
        }
        if ($this->draft->run === null && $this->tokens->take(...self::STAYS) !== null) {
            $this->tokens->skip('in', 'block', 'blocks');
            $this->draft->stays[] = $letter;

            return;
        }
        if (! (new RunParser($this->tokens, $this->men, $this->draft))->order($letter)) {
            $this->draft->routes[$letter] = $this->men->route($letter);
        }
    }

    /** Whether a letter comes next and nothing is said of him: "texas R" is texas by R. */
    private function manAlone(): bool
    {
        $mark = $this->tokens->mark();
        $alone = $this->men->who() !== null && in_array($this->tokens->peek(), [null, ';', ','], true);
        $this->tokens->back($mark);

        return $alone;
    }

    /** The family that comes next; peeking, nothing is taken. */
    private function family(bool $peek = false): ?Family
    {
        $families = Drawn::catalogue($this->draft->own);
        $mark = $this->tokens->mark();
        $name = $this->tokens->phrase(array_map(strval(...), array_keys($families)));
        $longer = $name === null ? null : $this->longerRoute($mark, $name);
        if ($peek) {
            $this->tokens->back($mark);
        }

        return $name === null || $longer ? null : $families[$name];
    }

    /** Whether what looks like a family is a route said before its man: "post-corner by Z". */
    private function longerRoute(int $mark, string $name): bool
    {
        $after = $this->tokens->mark();
        $this->tokens->back($mark);
        $route = $this->tokens->phrase(array_keys(Routes::all()));
        $is = $route !== null && strlen($route) > strlen($name);
        $this->tokens->back($is ? $mark : $after);

        return $is;
    }

    /** "glance X" or "bubble" with a run: by that man or by the usual one, as assumed; null where none is meant. */
    private function thrownTo(string $route): ?string
    {
        $mark = $this->tokens->mark();
        $depth = is_numeric($this->tokens->peek()) ? (float) $this->tokens->next() : null;
        if ($this->tokens->peek() === 'by' || $this->draft->run === null && ! in_array($route, self::BACKS, true)) {
            $this->tokens->back($mark);

            return null;
        }
        $said = $this->men->who();
        $side = $this->men->side();
        $letter = $said ?? ($this->draft->run === null
            ? $this->men->back()
            : $this->men->usual(Routes::get($route), $side));
        if ($letter === null) {
            $this->tokens->back($mark);

            return null;
        }
        if ($said === null) {
            $this->draft->assumed[] = "$route by $letter";
        }
        if (isset($this->draft->routes[$letter])) {
            throw NotUnderstood::twice($letter);
        }
        // With a run the side says who he is, without one where the back goes.
        $to = $this->draft->run === null ? $side : null;
        $this->draft->routes[$letter] = RouteSpec::of($route, $depth, $to);

        return $letter;
    }

    /** "slant by Z" */
    private function routeBy(): void
    {
        $mark = $this->tokens->mark();
        $word = $this->tokens->peek() ?? '';
        $name = $this->tokens->phrase(array_keys(Routes::all()));
        $thrown = $name === null ? null : $this->thrownTo($name);
        if ($thrown !== null) {
            return;
        }
        $depth = $name !== null && is_numeric($this->tokens->peek()) ? (float) $this->tokens->next() : null;
        $release = $name === null ? null : $this->tokens->phrase(['inside release', 'outside release']);
        $sides = $name === null ? [] : $this->men->sides();
        if ($name !== null && $sides !== []) {
            $this->outside($name, $depth, $release === null ? null : explode(' ', $release)[0], $sides);

            return;
        }
        if ($name === null || $this->tokens->take('by') === null) {
            $this->tokens->back($mark);
            throw NotUnderstood::word(
                $word,
                $this->draft->routes === [] && $this->draft->families === []
                    ? 'man, family or run here'
                    : 'man or family here',
                [
                    ...Schemes::names(),
                    ...array_map(strval(...), array_keys(Drawn::catalogue($this->draft->own))),
                    'read',
                    'key',
                    'hot',
                    'left',
                    'right',
                    'both',
                    ...array_map(strtolower(...), $this->men->letters()),
                ],
            );
        }
        $letter = $this->men->man('man');
        if (isset($this->draft->routes[$letter])) {
            throw NotUnderstood::twice($letter);
        }
        $this->draft->routes[$letter] = RouteSpec::of($name, $depth);
    }

    /**
     * "hitch-go both", "fade right": by the outside receiver of each side, as assumed.
     *
     * @param  list<Side>  $sides
     */
    private function outside(string $route, ?float $depth, ?string $release, array $sides): void
    {
        foreach ($this->men->outside($sides) as $letter) {
            $this->draft->assumed[] = "$route by $letter";
            $this->draft->routes[$letter] ??= RouteSpec::of($route, $depth, release: $release);
        }
    }

    /** "read Y, H", "read R, mesh, sit", "read man X, Y; read zone Z, H", "read high to low" */
    private function reads(): void
    {
        $seen = $this->tokens->phrase(['middle closed', 'middle open', 'closed', 'open', 'man', 'zone']);
        $by = $seen === null ? null : str_replace('middle ', '', $seen);
        $this->draft->byDepth = $this->tokens->phrase(['high to low', 'low to high']) ?? $this->draft->byDepth;
        $order = [];
        while (! $this->tokens->done()) {
            $this->tokens->skip(',');
            $word = $this->oneRead();
            if ($word === null) {
                break;
            }
            $order[] = $word;
            if ($this->tokens->peek() !== ',') {
                break;
            }
        }
        if ($order === [] && $this->draft->byDepth === null) {
            throw NotUnderstood::word(
                $this->tokens->peek() ?? '',
                'man to read',
                array_map(strtolower(...), $this->men->letters()),
            );
        }
        if ($by !== null) {
            $this->draft->readsBy[$by] = $order;
        } elseif ($order !== []) {
            $this->draft->reads = $order;
        }
    }

    /** A letter, with his route when it is said there, or a route or family after "="; null when none comes next. */
    private function oneRead(): ?string
    {
        $letter = $this->men->who();
        if ($letter === null) {
            $mark = $this->tokens->mark();
            $name = $this->tokens->phrase([
                ...array_keys(Routes::all()),
                ...array_map(strval(...), array_keys(Drawn::catalogue($this->draft->own))),
            ]);
            if ($name !== null && ! in_array($this->tokens->peek(), [',', ';', null], true)) {
                $this->tokens->back($mark);
                $name = null;
            }

            return $name === null ? null : "=$name";
        }
        if (! in_array($this->tokens->peek(), [',', ';', null], true)) {
            $route = $this->men->route($letter);
            $this->draft->routes[$letter] ??= $route;
        }

        return $letter;
    }

    private function key(): void
    {
        $roles = DefenderWords::roles();
        $this->draft->keys[] = $this->tokens->phrase($roles)
            ?? throw NotUnderstood::word($this->tokens->peek() ?? '', 'defender', $roles);
    }
}
