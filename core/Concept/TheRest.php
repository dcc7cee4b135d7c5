<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

use Jacotaxis\Core\Blocking\Scheme;
use Jacotaxis\Core\Concept\Families\Family;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Route\Flag;
use Jacotaxis\Core\Route\RouteSpec;

/**
 * Everyone eligible without a job: receivers clear out, a back checks the rush and releases, a protection by number
 * keeps the nearest men in, and behind two men out of a pocket everybody stays.
 */
final class TheRest
{
    /** Men out on a pass for which the others stay in. */
    private const TWO_MEN = 2;

    /** @var list<string> what was filled in, in words */
    public array $assumed = [];

    /**
     * @param  Side|null  $rolls  the side the passer rolls to
     * @param  array<string, RouteSpec>  $routes  by letter, of those who have one
     */
    public function __construct(
        private readonly CallDraft $draft,
        private readonly Lineup $lineup,
        private readonly string $passer,
        private readonly ?Side $rolls,
        private array $routes,
    ) {
    }

    /**
     * @param  list<Family>  $families  those of the call
     * @return array<string, RouteSpec> by letter
     */
    public function routes(array $families): array
    {
        if ($this->isForTwo($families)) {
            $this->block();

            return $this->routes;
        }
        $kept = $this->kept();
        foreach ($kept as $letter) {
            $this->assumed[] = "$letter stays in to protect";
        }
        $this->receivers($kept);
        $this->backs($kept, $families);

        return $this->routes;
    }

    /** @param  list<string>  $kept  letters who stay in */
    private function receivers(array $kept): void
    {
        foreach (Side::cases() as $side) {
            foreach ($this->lineup->count->on($side) as $n => $letter) {
                if ($this->isFree($letter, $kept)) {
                    $route = ClearOut::route($letter, $n, $this->routes, $this->lineup);
                    $this->routes[$letter] = RouteSpec::of($route, flag: Flag::Clear);
                    $this->assumed[] = "$letter $route clears out";
                }
            }
        }
    }

    /**
     * A back checks the rush and has the flat; where the call looks like a boot whose flat he had he stays in (PRO-12).
     *
     * @param  list<string>  $kept
     * @param  list<Family>  $families
     */
    private function backs(array $kept, array $families): void
    {
        $boot = array_filter($families, fn (Family $f): bool => $f->from !== null) !== [];
        $shallow = array_filter($this->routes, fn (RouteSpec $r): bool => $r->name === 'shallow') !== [];
        $unchecked = $shallow && $this->draft->schools->is('SET-29', 'B')
            || $this->draft->protection?->scheme === Scheme::FiveMan;
        foreach ($this->lineup->count->backs as $letter) {
            if ($letter === $this->passer || ! $this->isFree($letter, $kept)) {
                continue;
            }
            if ($boot && $this->rolls !== null) {
                $this->assumed[] = "$letter stays in, one more protector where the boot had a man in the flat";

                continue;
            }
            // A back straight behind the ball goes where the passer rolls.
            $side = $this->rolls !== null && abs($this->lineup->men[$letter]->xYd) < 0.5 ? $this->rolls : null;
            $this->routes[$letter] = RouteSpec::of('flat', flag: Flag::CheckDown, checks: ! $unchecked, side: $side);
            $this->assumed[] = $unchecked ? "$letter flat, free to release" : "$letter checks the rush, then the flat";
        }
    }

    /**
     * Who stays in because of the number of the protection: backs, then men on the line, then who stands nearest.
     *
     * @return list<string>
     */
    private function kept(): array
    {
        $keeps = $this->draft->protection?->scheme->keeps();
        if ($keeps === null) {
            return [];
        }
        $count = $this->lineup->count;
        $near = [...$count->on(Side::Left), ...$count->on(Side::Right)];
        usort($near, fn (string $a, string $b): int => [
            ! $this->isAttached($a),
            abs($this->lineup->men[$a]->xYd),
        ] <=> [! $this->isAttached($b), abs($this->lineup->men[$b]->xYd)]);
        $free = array_values(array_filter(
            [...$count->backs, ...$near],
            fn (string $l): bool => $this->isFree($l, []),
        ));

        return array_slice($free, 0, max(0, $keeps - count(Man::LINEMEN) - count($this->draft->stays)));
    }

    /**
     * Whether he has no route and nothing keeps him in.
     *
     * @param  list<string>  $kept
     */
    private function isFree(string $letter, array $kept): bool
    {
        return ! isset($this->routes[$letter]) &&
            ! in_array($letter, $this->draft->stays, true) &&
            ! in_array($letter, $kept, true);
    }

    /**
     * Two men out and a passer who stays in the pocket, after a run action or by the family: the others are there for
     * him, unless it is said how many are.
     *
     * @param  list<Family>  $families
     */
    private function isForTwo(array $families): bool
    {
        $protects = array_filter($families, fn (Family $f): bool => $f->protects) !== [];

        return $this->rolls === null &&
            $this->draft->protection?->scheme->keeps() === null &&
            count($families) === 1 &&
            count($this->routes) <= self::TWO_MEN &&
            ($protects || $this->draft->fake !== null);
    }

    /** Whoever has no route blocks as in the run. */
    private function block(): void
    {
        foreach ($this->lineup->eligible() as $letter) {
            if (! isset($this->routes[$letter]) && $letter !== $this->passer) {
                $this->assumed[] =
                    "$letter ".($this->draft->fake === null ? 'stays in to protect' : 'blocks as in the run');
            }
        }
    }

    /** Attached to the line: what seven-man protection keeps in. */
    private function isAttached(string $letter): bool
    {
        $man = $this->lineup->men[$letter];

        return abs($man->xYd) < $this->lineup->surfaceXYd($man->side()) + 1.0;
    }
}
