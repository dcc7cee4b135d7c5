<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Call;

use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Concept\CallDraft;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Route\RouteSpec;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\Tokens;

/** Reads a route that is said before its man, or without him: who runs it then is told as assumed. */
final readonly class LooseRoutes
{
    /** Routes of backs: said without a man they are the back's. */
    private const BACKS = ['wheel', 'swing', 'angle', 'arrow', 'flat'];

    /** Of these nobody is the usual one where several backs stand. */
    private const OF_BACKS_ALONE = ['wheel', 'swing', 'angle'];

    /** Routes of backs that a slot runs where the back is shown with the ball. */
    private const SLOTS = ['wheel'];

    public function __construct(private Tokens $tokens, private MenWords $men, private CallDraft $draft)
    {
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
            ? $this->backOrSlot($route, $side)
            : $this->motionMan($route) ?? $this->men->usual(Routes::get($route), $side));
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

    /** Who runs a back's route: the back, or the slot on the side of the fake where the back is shown with the ball. */
    private function backOrSlot(string $route, ?Side $side): ?string
    {
        $fake = $this->draft->fake;

        return $fake === null || ! in_array($route, self::SLOTS, true)
            ? $this->men->back($side)
            : $this->men->usual(Routes::get($route), $fake->side);
    }

    /** A route out of the backfield with a run is that of the man in motion, who comes from there. */
    private function motionMan(string $route): ?string
    {
        $moving = in_array($route, self::BACKS, true) ? $this->draft->motions : [];

        return $moving === [] ? null : $moving[count($moving) - 1]->who;
    }

    /**
     * "slant by Z", "fade right", "sluggo seam", "wheel".
     *
     * @throws NotUnderstood
     */
    public function route(): void
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
        if ($this->tokens->take('by') !== null || $sides === [] && $second === null && $this->men->alone()) {
            $this->give($this->men->man('man'), RouteSpec::of($name, $depth, $sides[0] ?? null));
        } elseif ($second !== null) {
            $this->outsideIn(
                [RouteSpec::of($name, release: self::way($release)), RouteSpec::of($second)],
                $sides === [] ? $this->men->sides() : $sides,
            );
        } elseif ($sides !== [] && ! in_array($name, self::OF_BACKS_ALONE, true)) {
            $this->outside($name, $depth, self::way($release), $sides);
        } elseif (! $this->away($name)) {
            throw NotUnderstood::because(
                in_array($name, self::OF_BACKS_ALONE, true)
                    ? "Say who runs the $name: by his letter, as in \"R $name\"."
                    : "Say who runs the $name: by his letter, or \"$name right\" for the outside receiver there.",
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

    /** @throws NotUnderstood when he has a route already */
    public function give(string $letter, RouteSpec $route): void
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
                $this->give($letter, $route);
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
