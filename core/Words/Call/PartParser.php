<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Call;

use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Concept\CallDraft;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Concept\Families\Family;
use Jacotaxis\Core\Concept\Families\Form;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Route\RouteSpec;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\Tokens;

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

    /** Every receiver who has no route yet. */
    private const OTHERS = ['the rest', 'rest', 'everybody else', 'everyone else', 'all others', 'the others'];

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
        if ($this->others()) {
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
            $letter = $by ? $this->men->man('man') : null;
            $taken = $this->takenBy($family, $letter);
            $this->draft->families[] = ['family' => $taken, 'sides' => $sides, 'by' => $letter];

            return;
        }
        $each = $this->men->each();
        if ($each !== []) {
            $route = $this->men->route($each[0]);
            array_map(fn (string $l) => $this->take($l, $route), $each);

            return;
        }
        $letter = $this->men->who();
        if ($letter === null) {
            $this->routeBy();

            return;
        }
        $said = [...array_keys($this->draft->routes), ...$this->draft->stays, ...$this->draft->clears];
        if (in_array($letter, $said, true)) {
            throw NotUnderstood::twice($letter);
        }
        if ($this->draft->run === null && $this->tokens->take(...self::STAYS) !== null) {
            $this->tokens->skip('in', 'block', 'blocks');
            $this->draft->stays[] = $letter;

            return;
        }
        if ($this->draft->run === null && $this->tokens->take('clear', 'clears') !== null) {
            $this->tokens->skip('out');
            $this->draft->clears[] = $letter;

            return;
        }
        $his = $this->draft->run === null && ! $this->isRoute() ? $this->family() : null;
        if ($his !== null) {
            $this->draft->families[] =
                ['family' => $this->takenBy($his, $letter), 'sides' => $this->men->sides(), 'by' => $letter];

            return;
        }
        if (! (new RunParser($this->tokens, $this->men, $this->draft))->order($letter)) {
            $this->draft->routes[$letter] = $this->men->route($letter);
        }
    }

    /**
     * A family that a man may be named for: its one route is anybody's, or it has a back and he is one.
     *
     * @throws NotUnderstood
     */
    private function takenBy(Family $family, ?string $letter): Family
    {
        $takes = array_filter(
            $family->forms,
            fn (Form $f): bool => count($f->any) === 1 || $f->back !== null && $this->men->isBack((string) $letter),
        );
        if ($letter !== null && $takes === []) {
            throw NotUnderstood::because(
                "{$family->name} is run by several men ({$family->definition()}): say its side, or what $letter runs.",
                $family->name,
            );
        }

        return $family;
    }

    /** "everyone else hitch": the receivers nobody has given a route yet; backs keep what they have. */
    private function others(): bool
    {
        $mark = $this->tokens->mark();
        if ($this->tokens->phrase(self::OTHERS) === null) {
            return false;
        }
        $said = [...array_keys($this->draft->routes), ...$this->draft->stays];
        $open = array_values(array_diff($this->men->receivers(), $said));
        if ($open === [] || ! $this->isRoute()) {
            $this->tokens->back($mark);

            return false;
        }
        $route = $this->men->route($open[0]);
        array_map(fn (string $l) => $this->take($l, $route), $open);

        return true;
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

    /** Whether a route comes next, and no family with a longer name. */
    private function isRoute(): bool
    {
        $mark = $this->tokens->mark();
        $route = $this->tokens->phrase(array_keys(Routes::all()));
        $this->tokens->back($mark);
        $family = $route === null ? null : $this->family(peek: true);

        return $route !== null && strlen($family->name ?? '') <= strlen($route);
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
        $word = $this->tokens->peek() ?? '';
        $name = $this->tokens->phrase(array_keys(Routes::all())) ?? throw $this->unknown($word);
        if ($this->thrownTo($name) !== null) {
            return;
        }
        $depth = is_numeric($this->tokens->peek()) ? (float) $this->tokens->next() : null;
        $release = $this->tokens->phrase(['inside release', 'outside release']);
        $sides = $this->men->sides();
        $second = $depth === null ? $this->tokens->phrase(array_keys(Routes::all())) : null;
        if ($this->tokens->take('by') !== null || $sides === [] && $second === null && $this->manAlone()) {
            $this->take($this->men->man('man'), RouteSpec::of($name, $depth, $sides[0] ?? null));
        } elseif ($second !== null) {
            $this->outsideIn(
                [RouteSpec::of($name, release: self::way($release)), RouteSpec::of($second)],
                $sides === [] ? $this->men->sides() : $sides,
            );
        } elseif ($sides !== []) {
            $this->outside($name, $depth, self::way($release), $sides);
        } elseif (! $this->away($name)) {
            throw NotUnderstood::because(
                "Say who runs the $name: by his letter, or \"$name right\" for the outside receiver there.",
                $word,
            );
        }
    }

    private function unknown(string $word): NotUnderstood
    {
        $first = $this->draft->routes === [] && $this->draft->families === [];

        return NotUnderstood::word(
            $word,
            $first ? 'man, family or run here' : 'man or family here',
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

    private function take(string $letter, RouteSpec $route): void
    {
        if (isset($this->draft->routes[$letter])) {
            throw NotUnderstood::twice($letter);
        }
        $this->draft->routes[$letter] = $route;
    }

    /** "smash, dig": beside a family of the strong side by the outside man away from it, as assumed. */
    private function away(string $route): bool
    {
        $deep = Routes::get($route)->depthYd > 0.0;
        $letter = $this->men->on($this->men->strong()->opposite())[$deep ? 0 : 1] ?? null;
        $family = $this->draft->families[0] ?? null;
        if ($letter === null || $family === null || $family['sides'] !== [] || isset($this->draft->routes[$letter])) {
            return false;
        }
        $this->draft->assumed[] = "$route by $letter, away from the {$family['family']->name}";
        $this->draft->routes[$letter] = RouteSpec::of($route);

        return true;
    }

    /**
     * "sluggo seam right": two routes of a side are said from the outside in, as assumed.
     *
     * @param  list<RouteSpec>  $routes
     * @param  list<Side>  $sides
     */
    private function outsideIn(array $routes, array $sides): void
    {
        foreach ($sides === [] ? [$this->men->strong()] : $sides as $side) {
            foreach ($routes as $n => $route) {
                $letter = $this->men->number($n + 1, $side);
                $this->draft->assumed[] = "{$route->name} by $letter, said from the outside in";
                $this->take($letter, $route);
            }
        }
    }

    /** "outside release" is outside. */
    private static function way(?string $release): ?string
    {
        return $release === null ? null : explode(' ', $release)[0];
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
