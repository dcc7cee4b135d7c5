<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Concept\CallDraft;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Concept\Families\Family;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Route\RouteSpec;

/** Reads one part of a call after the colon: a family, or a man with his route or job. */
final readonly class PartParser
{
    /** Routes of backs: said without a man they are the back's. */
    private const BACKS = ['wheel', 'swing', 'angle', 'arrow', 'flat'];

    /** What keeps a man in on a pass. */
    private const STAYS = ['block', 'blocks', 'stay', 'stays', 'protect', 'protects'];

    /** Everybody who has not been given a route yet stays in. */
    private const REST = ['the rest block', 'the rest blocks', 'the rest stay in', 'rest block', 'rest blocks',
        'rest stay in', 'everybody else blocks', 'everyone else blocks', 'everybody else block', 'everyone else block',
        'all others block', 'the others block'];

    public function __construct(private Tokens $tokens, private MenWords $men, private CallDraft $draft)
    {
    }

    /**
     * Takes the part that comes next.
     *
     * @throws NotUnderstood
     */
    public function part(): void
    {
        if ($this->tokens->phrase(self::REST) !== null) {
            array_push($this->draft->stays, ...array_diff(
                $this->men->letters(),
                array_keys($this->draft->routes),
                $this->draft->stays,
            ));

            return;
        }
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
    public function family(bool $peek = false): ?Family
    {
        $families = Drawn::catalogue($this->draft->own);
        $mark = $this->tokens->mark();
        $name = $this->tokens->phrase(array_map(strval(...), array_keys($families)));
        $longer = $name === null ? null : $this->longerRoute($mark, $name);
        if ($peek) {
            $this->tokens->back($mark);
        }

        return $name === null || $longer === true ? null : $families[$name];
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
        if ($name === null || $this->tokens->take('by') === null && ! $this->manAlone()) {
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
}
