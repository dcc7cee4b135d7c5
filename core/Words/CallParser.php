<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use DomainException;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\CallBuilder;
use Jacotaxis\Core\Concept\CallDraft;
use Jacotaxis\Core\Concept\Families;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Motion\Clock;
use Jacotaxis\Core\Offense\Motion\Snap;
use Jacotaxis\Core\Offense\ReceiverCount;
use Jacotaxis\Core\Route\Flag;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Route\RouteSpec;
use Jacotaxis\Core\Route\UnknownRoute;

/** Reads the call language: words -> call. What is not understood is named with the nearest words known here. */
final class CallParser
{
    private CallDraft $draft;

    private Tokens $tokens;

    private ReceiverCount $count;

    private Side $strong;

    /**
     * @param  Situation|null  $situation  where the words say none
     *
     * @throws NotUnderstood
     */
    public static function parse(string $words, ?Situation $situation = null, ?StaffBook $book = null): Call
    {
        return (new self)->read($book === null ? $words : $book->in($words), $situation, $book);
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
        if (! str_contains($words, ':')) {
            throw NotUnderstood::missing('colon between the formation and the routes', 'gun 2x2: smash right');
        }
        [$head, $body] = explode(':', $words, 2);
        $this->draft->clock = $book?->clock();
        FormationParser::read($head, $words, $this->draft, $book);
        $now = $situation ?? Situation::of();
        $formation = $this->draft->formation;
        try {
            $snap = Snap::of($formation->men($now->frame()), $this->draft->motions, $formation->splits(), $now->frame(), $this->draft->clock ?? Clock::usual());
        } catch (DomainException $e) {
            throw NotUnderstood::because($e->getMessage(), $head);
        }
        $lineup = Lineup::of($snap->men, $now->frame(), $now->hash, $formation->side);
        $this->count = $lineup->count;
        $this->strong = $lineup->strong;
        $this->body($body);

        return CallBuilder::build($this->draft);
    }

    private function body(string $body): void
    {
        $this->tokens = new Tokens($body);
        $this->tokens->skip(',', ';');
        if ($this->tokens->done()) {
            throw NotUnderstood::missing('routes', 'gun 2x2: smash right');
        }
        while (! $this->tokens->done()) {
            match (true) {
                $this->tokens->take('read', 'reads') !== null => $this->reads(),
                $this->tokens->take('key') !== null => $this->key(),
                default => $this->conceptOrAssignment(),
            };
            $this->tokens->skip(',', ';');
        }
    }

    private function conceptOrAssignment(): void
    {
        $name = $this->tokens->phrase(array_keys(Families::all()));
        if ($name !== null) {
            $this->draft->families[] = ['family' => Families::get($name), 'sides' => $this->sides()];

            return;
        }
        $letter = $this->who();
        if ($letter === null) {
            throw NotUnderstood::word($this->tokens->peek() ?? '', 'man or family here',
                [...array_keys(Families::all()), 'read', 'key', 'left', 'right', 'both', ...array_map(strtolower(...), $this->letters())]);
        }
        if (isset($this->draft->routes[$letter])) {
            throw NotUnderstood::twice($letter);
        }
        $this->draft->routes[$letter] = $this->route($letter);
    }

    /** @return list<Side> */
    private function sides(): array
    {
        if ($this->tokens->take('both') !== null) {
            return [$this->strong, $this->strong->opposite()];
        }
        $side = $this->side();

        return $side === null ? [] : [$side];
    }

    private function side(): ?Side
    {
        return match ($this->tokens->take('left', 'right', 'field', 'boundary')) {
            'left' => Side::Left,
            'right' => Side::Right,
            'field' => $this->fieldSide(),
            'boundary' => $this->fieldSide()->opposite(),
            default => null,
        };
    }

    private function fieldSide(): Side
    {
        return ($this->draft->situation ?? $this->draft->context ?? Situation::of())->hash->fieldSide() ?? $this->strong;
    }

    private function route(string $letter): RouteSpec
    {
        $checks = $this->tokens->take('check') !== null;
        $name = $this->tokens->phrase(array_keys(Routes::all()));
        if ($name === null) {
            throw NotUnderstood::word($this->tokens->peek() ?? '', "route for $letter", array_keys(Routes::all()));
        }
        $depth = null;
        if ($this->tokens->peek() !== null && is_numeric($this->tokens->peek())) {
            $depth = (float) $this->tokens->next();
        }
        $side = $this->side();
        $flag = Flag::tryFrom($this->tokens->take('clear', 'alert') ?? '');
        try {
            $default = Routes::get($name)->depthYd;

            return RouteSpec::of($name, $depth === $default ? null : $depth, $side, $flag ?? ($checks ? Flag::CheckDown : null), $checks);
        } catch (UnknownRoute $e) {
            throw NotUnderstood::because($e->getMessage(), (string) $depth);
        }
    }

    private function reads(): void
    {
        $this->draft->reads ??= [];
        while (! $this->tokens->done()) {
            $this->tokens->skip(',');
            $letter = $this->who();
            if ($letter === null) {
                if ($this->draft->reads === []) {
                    throw NotUnderstood::word($this->tokens->peek() ?? '', 'man to read', array_map(strtolower(...), $this->letters()));
                }

                return;
            }
            $this->draft->reads[] = $letter;
            if ($this->tokens->peek() !== null && ! in_array($this->tokens->peek(), [',', ';'], true)) {
                $route = $this->route($letter);
                $this->draft->routes[$letter] ??= $route;
            }
            if (! in_array($this->tokens->peek(), [','], true)) {
                return;
            }
        }
    }

    private function key(): void
    {
        $roles = DefenderWords::roles();
        $this->draft->keys[] = $this->tokens->phrase($roles)
            ?? throw NotUnderstood::word($this->tokens->peek() ?? '', 'defender', $roles);
    }

    /** A letter, "#2 right" or "backside #1"; null when none comes next. */
    private function who(): ?string
    {
        $word = $this->tokens->peek();
        if ($word === null) {
            return null;
        }
        $backside = $word === 'backside';
        if ($backside) {
            $this->tokens->next();
            $word = $this->tokens->peek() ?? '';
        }
        if (preg_match('/^#(\d)$/', $word, $m)) {
            $this->tokens->next();
            $side = $backside ? $this->strong->opposite() : ($this->side() ?? $this->strong);

            return $this->count->letter($side, (int) $m[1]) ?? throw NotUnderstood::nobody("$word {$side->value}");
        }
        $letter = strtoupper($word);
        if ($letter === 'Q') {
            throw NotUnderstood::because('Q throws; he cannot go out on a route.', $word);
        }
        if (in_array($letter, [...$this->letters(), ...Man::LINEMEN], true)) {
            $this->tokens->next();

            return $letter;
        }

        return null;
    }

    /** @return list<string> */
    private function letters(): array
    {
        return [...$this->count->left, ...$this->count->right, ...$this->count->backs];
    }
}
