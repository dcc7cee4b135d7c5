<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Concept\Families\Family;
use Jacotaxis\Core\Concept\Families\Form;
use Jacotaxis\Core\Concept\Families\Recognition;
use Jacotaxis\Core\Concept\Families\Wish;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Route\RouteSpec;

/**
 * The reads of a call as letters, in order: those of its families, or as they were named. What it fills in is listed.
 */
final class ReadOrder
{
    /** @var list<string> */
    public array $assumed = [];

    /** @param  list<array{family: Family, form: Form, side: Side}>  $families */
    public function __construct(
        private readonly Drawn $drawn,
        private readonly array $families,
        private readonly CallDraft $draft,
    ) {
    }

    /**
     * The order of the reads: the families', else the order in which routes were said.
     *
     * @return list<string>
     */
    public function usual(): array
    {
        $reads = [];
        foreach ($this->families as ['family' => $family, 'form' => $form, 'side' => $side]) {
            $order = self::order($form, $side, $this->drawn);
            $order = $family->rolls && $this->draft->schools->is('SET-23', 'B') ? array_reverse($order) : $order;
            $order = [...$this->ownOn($side, $order), ...$order];
            $reads = [...$reads, ...array_diff($order, $reads)];
        }
        $reads = array_values(array_filter($reads, fn (string $l): bool => $this->drawn->routes[$l]->flag === null));
        if ($reads === []) {
            $read = fn (RouteSpec $r): bool => $r->flag === null && ! $r->checks;
            $reads = array_keys(array_filter($this->draft->routes, $read) ?: array_filter($this->drawn->routes, $read));
            if ($reads !== []) {
                $this->assumed[] = 'reads in the order said';
            }
        }

        return $reads;
    }

    /**
     * Whose routes are said on a family's side where none of its men there is read: his own order comes first.
     *
     * @param  list<string>  $order  the family's
     * @return list<string>
     */
    private function ownOn(Side $side, array $order): array
    {
        $men = $this->drawn->count->on($side);

        return array_intersect($order, $men) !== [] ? [] : array_values(
            array_intersect(array_keys($this->draft->routes), $men),
        );
    }

    /**
     * Reads said by letter, by a route ("sit") or by a family ("mesh": the first of its reads nobody else is named
     * for).
     *
     * @param  list<string>  $named  letters, or words after "="
     * @return list<string>
     */
    public function named(array $named): array
    {
        $drawn = $this->drawn;
        $side = $this->families[0]['side'] ?? $drawn->strong;
        $taken = [];
        foreach ($named as $word) {
            if ($word[0] === '=') {
                $taken = [...$taken, ...array_slice(self::running([substr($word, 1)], $side, $drawn), 0, 1)];
            } else {
                $taken[] = $word;
            }
        }
        $reads = [];
        foreach ($named as $word) {
            $name = ltrim($word, '=');
            $order = [];
            foreach ($word[0] === '=' ? $this->families : [] as $f) {
                $order =
                    $f['family']->name === $name
                        ? array_values(array_diff(self::order($f['form'], $f['side'], $drawn), $taken))
                        : $order;
            }
            $who = $word[0] !== '=' ? $word : (self::running([$name], $side, $drawn)[0] ?? $order[0] ?? null);
            if ($who !== null && isset($this->drawn->routes[$who]) && ! in_array($who, $reads, true)) {
                $reads[] = $who;
            } else {
                $this->assumed[] = "nobody to read for \"$name\"";
            }
        }

        return $reads;
    }

    /**
     * The reads of a family's form as letters.
     *
     * @return list<string>
     */
    public static function order(Form $form, Side $side, Drawn $drawn): array
    {
        $reads = [];
        foreach ($form->reads as $read) {
            [$where, $what] = explode(' ', $read, 2) + [1 => ''];
            $found = match ($where) {
                'back' => [Recognition::back($form, $side, $drawn)],
                'route' => self::running(explode('|', $what), $side, $drawn),
                default => self::asked($form, $where, (int) $what, $side, $drawn),
            };
            foreach ($found as $letter) {
                if ($letter !== null && ! in_array($letter, $reads, true)) {
                    $reads[] = $letter;
                }
            }
        }

        return $reads;
    }

    /**
     * The receiver of a number, when he runs what the form asks.
     *
     * @return list<string>
     */
    private static function asked(Form $form, string $where, int $number, Side $side, Drawn $drawn): array
    {
        $at = $where === 'front' ? $side : $side->opposite();
        $letter = $drawn->count->letter($at, $number);
        $wish = Wish::of(($where === 'front' ? $form->front : $form->other)[$number]);

        return $letter !== null &&
            isset($drawn->routes[$letter]) &&
            in_array($drawn->routes[$letter]->name, $wish->names, true)
            ? [$letter]
            : [];
    }

    /**
     * Whoever runs one of these routes, the front side first, then the other, then the backs.
     *
     * @param  list<string>  $names
     * @return list<string>
     */
    public static function running(array $names, Side $side, Drawn $drawn): array
    {
        $letters = [...$drawn->count->on($side), ...$drawn->count->on($side->opposite()), ...$drawn->count->backs];

        return array_values(
            array_filter(
                $letters,
                fn (string $l): bool => isset($drawn->routes[$l]) && in_array($drawn->routes[$l]->name, $names, true),
            ),
        );
    }

    /**
     * @param  list<string>  $reads
     * @return list<string>
     */
    public function byDepth(array $reads): array
    {
        if ($this->draft->byDepth !== null) {
            $sign = $this->draft->byDepth === 'high to low' ? -1.0 : 1.0;
            usort(
                $reads,
                fn (string $a, string $b): int => $sign * $this->drawn->routes[$a]->depth() <=>
                    $sign * $this->drawn->routes[$b]->depth(),
            );
        }

        return $reads;
    }
}
