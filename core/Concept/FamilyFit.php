<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

use Jacotaxis\Core\Concept\Families\Family;
use Jacotaxis\Core\Concept\Families\Form;
use Jacotaxis\Core\Concept\Families\Wish;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\ReceiverCount;
use Jacotaxis\Core\Route\RouteSpec;

/** Whether a family finds its men on a side, beside the routes that are said. */
final readonly class FamilyFit
{
    /** @param  array<string, RouteSpec>  $said  routes by letter */
    public function __construct(private ReceiverCount $count, private array $said)
    {
    }

    /**
     * The first form the formation has the men for and the routes said do not contradict, else the first it has the men
     * for.
     */
    public function form(Family $family, Side $side): ?Form
    {
        $fits = array_values(array_filter($family->forms, fn (Form $f): bool => $this->hasMen($f, $family, $side)));
        $agrees = array_values(
            array_filter(
                $fits,
                fn (Form $f): bool => $this->agrees($f->front, $side) && $this->agrees($f->other, $side->opposite()),
            ),
        );

        return $agrees[0] ?? $fits[0] ?? null;
    }

    /** Whether every man a family would take on a side has a route said that is not the family's. */
    public function isAllSaid(Family $family, Side $side): bool
    {
        $men = array_slice($this->count->on($side), 0, $family->least());
        $said = array_filter($men, fn (string $l): bool => isset($this->said[$l]));
        $agreeing = array_filter($family->forms, fn (Form $f): bool => $this->agrees($f->front, $side));

        return $men !== [] && $said === $men && $agreeing === [];
    }

    private function hasMen(Form $form, Family $family, Side $side): bool
    {
        foreach (array_diff(array_keys($form->front), $form->optional) as $number) {
            if ($this->count->letter($side, $number) === null) {
                return false;
            }
        }
        foreach ($family->across ? array_diff(array_keys($form->other), $form->otherOptional) : [] as $number) {
            if ($this->count->letter($side->opposite(), $number) === null) {
                return false;
            }
        }

        return $form->back === null || $this->count->backs !== [];
    }

    /** @param  array<int, string>  $wanted */
    private function agrees(array $wanted, Side $side): bool
    {
        foreach ($wanted as $number => $route) {
            $letter = $this->count->letter($side, $number);
            if (
                $letter !== null &&
                isset($this->said[$letter]) &&
                ! Wish::of($route)->fits($this->said[$letter], $side)
            ) {
                return false;
            }
        }

        return true;
    }
}
