<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

use Jacotaxis\Core\Blocking\Protecting;
use Jacotaxis\Core\Blocking\Scheme;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Concept\Families\Family;
use Jacotaxis\Core\Concept\Families\Form;
use Jacotaxis\Core\Concept\Families\Recognition;
use Jacotaxis\Core\Concept\Families\RollCard;
use Jacotaxis\Core\Concept\Families\RollRoute;
use Jacotaxis\Core\Concept\Families\Wish;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Motion\Clock;
use Jacotaxis\Core\Offense\Motion\Snap;
use Jacotaxis\Core\Offense\ReceiverCount;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Route\RouteSpec;
use Jacotaxis\Core\Route\Stem;

/**
 * Makes a whole call of what was said: families become routes, the side nobody mentioned gets the family's usual other
 * side or clear-outs, the back check-releases, the reads follow the families. Everything filled in is listed as
 * assumed.
 */
final class CallBuilder
{
    /** What is told of a family that does not find its men where it is said. */
    public const SHORT = 'wants more men';

    /** @var array<string, RouteSpec> */
    private array $routes;

    /** @var list<string> */
    private array $assumed;

    private readonly Lineup $lineup;

    private readonly Snap $snap;

    private readonly ReceiverCount $count;

    private readonly FamilyFit $fit;

    private readonly Side $strong;

    private ?Side $rolls;

    /** Who throws. */
    private string $passer;

    private ?Protecting $protection;

    private function __construct(private readonly CallDraft $draft)
    {
        $this->routes = $draft->routes;
        $this->assumed = $draft->assumed;
        $situation = $draft->situation ?? $draft->context ?? Situation::of();
        $formation = $draft->formation;
        $this->snap = Snap::of(
            $formation->men($situation->frame()),
            $draft->motions,
            $formation->splits(),
            $situation->frame(),
            $draft->clock ?? Clock::usual(),
        );
        $this->lineup = Lineup::of($this->snap->men, $situation->frame(), $situation->hash, $formation->side);
        $this->count = $this->lineup->count;
        $this->fit = new FamilyFit($this->count, $draft->routes);
        $this->strong = $this->lineup->strong;
        $this->protection = $draft->protection;
        $this->rolls = Drawn::roll($draft->protection, $draft->fake, $this->strong);
        $this->passer = $draft->fake?->passer($this->lineup, $this->strong) ?? 'Q';
        if (! $draft->sided) {
            $this->assumed[] = Sets::isBalanced($formation->set) ? 'strength right' : "{$formation->set} right";
        }
    }

    public static function build(CallDraft $draft): Call
    {
        $build = new self($draft);
        $families = $build->families();
        if ($draft->run === null) {
            $build->otherSides($families);
            $build->routes = array_diff_key($build->routes, array_flip([...$draft->stays, ...$draft->clears]));
            $rest = new TheRest($draft, $build->lineup, $build->passer, $build->rolls, $build->routes);
            $build->routes = $rest->routes(array_column($families, 'family'));
            $build->assumed = [...$build->assumed, ...$rest->assumed];
        }
        $build->deeper();
        $build->withTheRoll();
        $order = new ReadOrder($build->drawn(), $families, $draft);
        $reads = $order->byDepth($draft->reads === null ? $order->usual() : $order->named($draft->reads));
        $readsBy = array_filter(array_map($order->named(...), $draft->readsBy));
        $reads = $reads === [] ? (array_values($readsBy)[0] ?? []) : $reads;
        foreach ([$reads, ...array_values($readsBy)] as $letters) {
            foreach ($letters as $letter) {
                $build->routes[$letter] = $build->routes[$letter]->withFlag(null);
            }
        }

        $tail = RunMen::tail($draft, $build->lineup);
        $told = $tail === null ? [] : ["{$tail->words()}, for the pitch"];

        return new Call(
            formation: $draft->formation,
            routes: $build->routes,
            reads: $reads,
            motions: [...$draft->motions, ...($tail === null ? [] : [$tail])],
            drop: $draft->drop,
            keys: $draft->keys,
            situation: $draft->situation,
            assumed: [...$build->assumed, ...$told, ...$order->assumed],
            protection: $build->protection,
            fake: $draft->fake,
            hot: $draft->hot,
            readsBy: $readsBy,
            run: $draft->run,
            rules: $draft->rules,
        );
    }

    /**
     * The families said, else those recognised in the routes said.
     *
     * @return list<array{family: Family, form: Form, side: Side}>
     */
    private function families(): array
    {
        $fronts = [];
        foreach ($this->draft->families as ['family' => $family, 'sides' => $sides, 'by' => $by]) {
            // Where the passer rolls, the play goes.
            $usual = $this->rolls ?? $this->strong;
            $usual = $by !== null && $sides === [] ? ($this->count->sideOf($by) ?? $usual) : $usual;
            if ($sides === [] && $by === null) {
                $second =
                    ! $family->across &&
                    $usual === $this->strong &&
                    ($this->isStrongTaken($fronts) || $this->fit->isAllSaid($family, $usual)) &&
                    $this->fit->form($family, $usual->opposite()) !== null;
                $usual = $second ? $usual->opposite() : $usual;
                $this->assumed[] =
                    "{$family->name} {$usual->value}, the ".match (true) {
                        $second => 'other side',
                        $this->rolls !== null => 'side of the roll',
                        default => 'strength',
                    };
            }
            foreach ($sides === [] ? [$usual] : $this->turned($family, $sides) as $side) {
                $this->roll($family, $side);
                $form = $this->form($family, $side);
                $this->theMan($form, $side, $by);
                $dealt = $this->withTheCard($form, $side);
                $this->spread(
                    array_filter($form->front, fn (string $r): bool => ! in_array(Wish::of($r)->name(), $dealt, true)),
                    $side,
                );
                $this->theBack($form, $side);
                $fronts[] = ['family' => $family, 'form' => $form, 'side' => $side];
            }
        }

        return $fronts === [] && $this->draft->run === null ? Recognition::all($this->drawn()) : $fronts;
    }

    /**
     * A family that is run from both sides goes to the side that has its men.
     *
     * @param  list<Side>  $sides
     * @return list<Side>
     */
    private function turned(Family $family, array $sides): array
    {
        $said = $sides[0];
        $fits = $this->fit->form($family, $said) !== null || $this->fit->form($family, $said->opposite()) === null;
        if (! $family->across || count($sides) > 1 || $fits) {
            return $sides;
        }
        $this->assumed[] = "{$family->name} {$said->opposite()->value}: too few men stand on the {$said->value}";

        return [$said->opposite()];
    }

    /**
     * Whether a family said before has the strong side, and that side alone.
     *
     * @param  list<array{family: Family, form: Form, side: Side}>  $fronts
     */
    private function isStrongTaken(array $fronts): bool
    {
        $sides = array_map(fn (array $f): Side => $f['side'], $fronts);
        $across = array_filter($fronts, fn (array $f): bool => $f['family']->across);

        return $across === [] && $sides !== [] && array_unique($sides, SORT_REGULAR) === [$this->strong];
    }

    /**
     * Deals the routes a roll gives by role. What is said for a man stands, and a mover with a route of his own changes
     * nobody's.
     *
     * @return list<string> names of the routes dealt
     */
    private function withTheCard(Form $form, Side $side): array
    {
        $card = $side === $this->rolls ? (new RollCard($this->lineup, $this->snap))->deal($form, $side) : [];
        if ($card === [] || isset($this->routes[$card[0]->letter])) {
            return [];
        }
        foreach ($card as $dealt) {
            if (! isset($this->routes[$dealt->letter])) {
                $this->routes[$dealt->letter] = $dealt->route;
                $this->assumed[] = $dealt->words();
            }
        }

        return array_map(fn (RollRoute $r): string => $r->route->name, $card);
    }

    /** A family that needs the passer to roll brings the boot along when no protection is said. */
    private function roll(Family $family, Side $side): void
    {
        if ($family->rolls && $this->protection === null) {
            $this->protection = new Protecting(Scheme::Boot, $side);
            $this->rolls = $side;
            $this->assumed[] = "boot {$side->value}";
        }
    }

    /** The form a family takes here; where too few men stand, its usual one, told as assumed. */
    private function form(Family $family, Side $side): Form
    {
        $form = $this->fit->form($family, $side);
        if ($form === null) {
            $this->assumed[] = "{$family->name} ".self::SHORT." on the {$side->value} or across from it "
                .'than stand there';
        }

        return $form ?? $family->usual();
    }

    private function drawn(): Drawn
    {
        return new Drawn($this->routes, $this->count, $this->strong, $this->rolls, Drawn::catalogue($this->draft->own));
    }

    /** The man a family is called by, or who is nearest to the ball, where anybody may run its route. */
    private function theMan(Form $form, Side $side, ?string $by): void
    {
        if (count($form->any) !== 1) {
            return;
        }
        $on = $this->count->on($side);
        $who = $by ?? end($on) ?: null;
        if ($who !== null && ! isset($this->routes[$who])) {
            $this->routes[$who] = Wish::of($form->any[0])->route($side);
        }
    }

    /** What the back does in a family that has him, the school's route first. */
    private function theBack(Form $form, Side $side): void
    {
        $carrier = RunMen::carrier($this->draft, $this->lineup);
        $free = array_values(array_filter(
            $this->count->backs,
            fn (string $l): bool => $l !== $carrier && ! isset($this->draft->routes[$l]),
        ));
        if ($form->back === null || $free === [] || Recognition::back($form, $side, $this->drawn()) !== null) {
            return;
        }
        $wish = Wish::of($form->back);
        $name =
            $this->draft->schools->is('SET-40', 'B') &&
            in_array('arrow', $wish->names, true) &&
            $wish->name() === 'wheel'
                ? 'arrow'
                : $wish->name();
        $this->routes[$free[0]] = RouteSpec::of($name, side: $side);
    }

    /** @param  list<array{family: Family, form: Form, side: Side}>  $families */
    private function otherSides(array $families): void
    {
        $fronts = array_map(fn (array $f): string => $f['side']->value, $families);
        foreach ($families as ['family' => $family, 'form' => $form, 'side' => $side]) {
            $other = $side->opposite();
            $said = array_filter($this->count->on($other), fn (string $l): bool => isset($this->draft->routes[$l]));
            if ($family->across || (! in_array($other->value, $fronts, true) && $said === [])) {
                foreach ($this->spread($form->other, $other) as $letter) {
                    if (! $family->across) {
                        $route = $this->routes[$letter]->name;
                        if ($this->isSaidAcross($route, $side)) {
                            unset($this->routes[$letter]);

                            continue;
                        }
                        $this->assumed[] = "$letter $route, the usual other side of {$family->name}";
                    }
                }
            }
        }
    }

    /** Whether a man of a side was told to run a route across: nobody fills the field with the same from the other. */
    private function isSaidAcross(string $route, Side $side): bool
    {
        $said = array_filter(
            array_intersect_key($this->draft->routes, array_flip($this->count->on($side))),
            fn (RouteSpec $spec): bool => $spec->name === $route,
        );

        return $said !== [] && Routes::get($route)->crosses();
    }

    /** What the staff's schools make of a route said without more. */
    private function deeper(): void
    {
        foreach ($this->routes as $letter => $spec) {
            $depthYd = $spec->depthYd === null ? $this->depthOfTheStaff($spec->name) : null;
            if ($depthYd !== null) {
                $this->routes[$letter] = $spec->with(['depthYd' => $depthYd]);
                $this->assumed[] = sprintf('%s %s at %g yd, the school of the staff', $letter, $spec->name, $depthYd);
            } elseif ($spec->name === 'dig' && $spec->finish === null && $this->draft->schools->is('SET-11', 'B')) {
                $this->routes[$letter] = $spec->with(['finish' => 'settling']);
                $this->assumed[] = "$letter dig settling, the school of the staff";
            }
        }
    }

    /** Yards at which the staff runs a route called without a depth; null where it has said nothing. */
    private function depthOfTheStaff(string $route): ?float
    {
        $schools = $this->draft->schools;

        return match ($route) {
            'corner' => $schools->is('SET-12', 'B') ? 12.0 : null,
            'wheel' => isset($schools->values['wheel-depth']) ? $schools->value('wheel-depth') : null,
            'crack seam' => isset($schools->values['crack-seam-depth']) ? $schools->value('crack-seam-depth') : null,
            default => null,
        };
    }

    /** When the passer rolls, whoever slides or sneaks to the flat does so on his side. */
    private function withTheRoll(): void
    {
        foreach ($this->rolls === null ? [] : $this->routes as $letter => $spec) {
            if ($spec->side === null && in_array($spec->shape()->stem, [Stem::Behind, Stem::Through], true)) {
                $this->routes[$letter] = $spec->with(['side' => $this->rolls]);
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
                $this->routes[$letter] = Wish::of($route)->route($side);
                $given[] = $letter;
            }
        }

        return $given;
    }
}
