<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Motion\Clock;
use Jacotaxis\Core\Offense\Motion\Snap;
use Jacotaxis\Core\Offense\ReceiverCount;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Route\Flag;
use Jacotaxis\Core\Route\RouteSpec;

/**
 * Makes a whole call of what was said: families become routes, the side nobody mentioned gets the family's usual other
 * side or clear-outs, the back check-releases, the reads follow the families. Everything filled in is listed as assumed.
 */
final class CallBuilder
{
    /** @var array<string, RouteSpec> */
    private array $routes;

    /** @var list<string> */
    private array $assumed;

    private readonly ReceiverCount $count;

    private readonly Side $strong;

    private function __construct(private readonly CallDraft $draft)
    {
        $this->routes = $draft->routes;
        $this->assumed = $draft->assumed;
        $situation = $draft->situation ?? $draft->context ?? Situation::of();
        $formation = $draft->formation;
        $men = Snap::of($formation->men($situation->frame()), $draft->motions, $formation->splits(), $situation->frame(), $draft->clock ?? Clock::usual())->men;
        $lineup = Lineup::of($men, $situation->frame(), $situation->hash, $formation->side);
        $this->count = $lineup->count;
        $this->strong = $lineup->strong;
        if (! $draft->sided) {
            $this->assumed[] = Sets::isBalanced($formation->set) ? 'strength right' : "{$formation->set} right";
        }
    }

    public static function build(CallDraft $draft): Call
    {
        $build = new self($draft);
        $families = $build->families();
        $build->otherSides($families);
        $build->clearOuts();
        $reads = $draft->reads ?? $build->reads($families);
        foreach ($reads as $letter) {
            $build->routes[$letter] = $build->routes[$letter]->withFlag(null);
        }

        return new Call($draft->formation, $build->routes, $reads, $draft->motions, $draft->drop,
            $draft->keys, $draft->situation, $build->assumed);
    }

    /**
     * The families said, else those recognised in the routes said.
     *
     * @return list<array{family: Family, side: Side}>
     */
    private function families(): array
    {
        $fronts = [];
        foreach ($this->draft->families as ['family' => $family, 'sides' => $sides]) {
            if ($sides === []) {
                $this->assumed[] = "{$family->name} {$this->strong->value}, the strength";
            }
            foreach ($sides === [] ? [$this->strong] : $sides as $side) {
                $this->spread($family->front, $side);
                $fronts[] = ['family' => $family, 'side' => $side];
            }
        }

        return $fronts === [] ? Recognition::all($this->routes, $this->count, $this->strong) : $fronts;
    }

    /** @param  list<array{family: Family, side: Side}>  $families */
    private function otherSides(array $families): void
    {
        $fronts = array_map(fn (array $f): string => $f['side']->value, $families);
        foreach ($families as ['family' => $family, 'side' => $side]) {
            $other = $side->opposite();
            $said = array_filter($this->count->on($other), fn (string $l): bool => isset($this->draft->routes[$l]));
            if ($family->across || (! in_array($other->value, $fronts, true) && $said === [])) {
                foreach ($this->spread($family->other, $other) as $letter) {
                    if (! $family->across) {
                        $this->assumed[] = "$letter {$this->routes[$letter]->name}, the usual other side of {$family->name}";
                    }
                }
            }
        }
    }

    /** Everyone eligible without a job: receivers clear out, the back checks the rush and releases. */
    private function clearOuts(): void
    {
        foreach (Side::cases() as $side) {
            foreach ($this->count->on($side) as $n => $letter) {
                if (! isset($this->routes[$letter])) {
                    $this->routes[$letter] = RouteSpec::of($n === 0 ? 'go' : 'seam', flag: Flag::Clear);
                    $this->assumed[] = "$letter ".($n === 0 ? 'go' : 'seam').' clears out';
                }
            }
        }
        foreach ($this->count->backs as $letter) {
            if (! isset($this->routes[$letter])) {
                $this->routes[$letter] = RouteSpec::of('flat', flag: Flag::CheckDown, checks: true);
                $this->assumed[] = "$letter checks the rush, then the flat";
            }
        }
    }

    /**
     * Gives the men of a side the routes of a family where they have none yet.
     *
     * @param  array<int, string>  $wanted
     * @return list<string> letters that got one
     */
    private function spread(array $wanted, Side $side): array
    {
        $given = [];
        foreach ($wanted as $number => $route) {
            $letter = $this->count->letter($side, $number);
            if ($letter !== null && ! isset($this->routes[$letter])) {
                $wish = Family::wish($route);
                $this->routes[$letter] = RouteSpec::of($wish['name'], $wish['depthYd'], $wish['across'] ? $side->opposite() : null);
                $given[] = $letter;
            }
        }

        return $given;
    }

    /**
     * The order of the reads: the families', else the order in which routes were said.
     *
     * @param  list<array{family: Family, side: Side}>  $families
     * @return list<string>
     */
    private function reads(array $families): array
    {
        $reads = [];
        foreach ($families as ['family' => $family, 'side' => $side]) {
            foreach ($family->reads as [$where, $number]) {
                $at = $where === 'front' ? $side : $side->opposite();
                $letter = $this->count->letter($at, $number);
                $wanted = Family::wish(($where === 'front' ? $family->front : $family->other)[$number])['name'];
                if ($letter !== null && $this->routes[$letter]->name === $wanted && $this->routes[$letter]->flag === null && ! in_array($letter, $reads, true)) {
                    $reads[] = $letter;
                }
            }
        }
        if ($reads === []) {
            $reads = array_keys(array_filter($this->draft->routes, fn (RouteSpec $r): bool => $r->flag === null && ! $r->checks));
            $this->assumed[] = 'reads in the order said';
        }

        return $reads;
    }
}
